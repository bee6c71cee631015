package undersaw.us.corporation;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.pcollections.HashTreePMap;
import undersaw.SampleReturns;
import undersaw.check.AccountCheck;
import undersaw.check.Check;
import undersaw.check.Diagnostic;
import undersaw.check.Review;
import undersaw.check.Severity;
import undersaw.engagement.AccountingMethod;
import undersaw.engagement.Client;
import undersaw.engagement.Contact;
import undersaw.engagement.Heading;
import undersaw.engagement.Heading.Flag;
import undersaw.engagement.PriorYear;
import undersaw.engagement.SetAside;
import undersaw.engagement.Snapshot;
import undersaw.law.calendar.Period;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.registry.Returns;
import undersaw.returns.ReturnKind;

/** Each check is raised by one return and cleared by another that differs in one thing. */
class ChecksTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 9);

    private static SampleReturns sound() {
        return SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "400000")
                .expense("6010", "1120/12", "full", "90000")
                .balance("3900", "1120/L/25", "-20000", "-20000")
                .balance("1100", "1120/L/2a", "20000", "20000");
    }

    private static List<String> found(Snapshot snapshot) {
        return Returns.review(Returns.calculate(snapshot), TODAY).diagnostics().stream()
                .map(Diagnostic::code)
                .distinct()
                .toList();
    }

    private static Arguments pair(String code, SampleReturns raises, SampleReturns clears) {
        return Arguments.of(code, raises.snapshot(), clears.snapshot());
    }

    private static Heading heading(UnaryOperator<Client> change, Period period, Flag... flags) {
        Heading heading = SampleReturns.heading(2025);
        return new Heading("1120", change.apply(heading.client()), period, heading.method(), Set.of(flags));
    }

    private static Client unsigned(Client client) {
        return new Client(
                client.name(),
                client.number(),
                client.address(),
                client.formed(),
                client.formedIn(),
                client.activity(),
                Contact.nobody());
    }

    private static Client formed(Client client, LocalDate day) {
        return new Client(
                client.name(),
                client.number(),
                client.address(),
                day,
                client.formedIn(),
                client.activity(),
                client.contact());
    }

    static Stream<Arguments> headings() {
        Period year = Period.calendarYear(2025);
        Period summer = new Period(LocalDate.of(2025, 6, 1), LocalDate.of(2025, 12, 31));
        return Stream.of(
                pair(
                        "C-0102",
                        sound().with(new Heading(
                                "1120",
                                Client.named(
                                        "X",
                                        SampleReturns.heading(2025).client().number()),
                                year,
                                null,
                                Set.of())),
                        sound()),
                pair(
                        "C-0103",
                        sound().with(heading(c -> c, new Period(year.start(), LocalDate.of(2026, 3, 1)))),
                        sound()),
                pair("C-0104", sound().with(heading(c -> formed(c, LocalDate.of(2026, 1, 1)), year)), sound()),
                pair("C-0105", sound().with(heading(c -> c, year, Flag.INITIAL)), sound()),
                pair("C-0106", SampleReturns.corporation().income("4000", "1120/1a", "full", "400000"), sound()),
                pair("C-0110", sound().with(heading(c -> c, year, Flag.FINAL)), sound()),
                pair(
                        "C-0111",
                        sound().with(heading(c -> c, summer)),
                        sound().with(heading(c -> c, summer, Flag.FINAL))),
                pair(
                        "C-0112",
                        sound().with(new Heading(
                                "1120", SampleReturns.heading(2025).client(), year, null, Set.of())),
                        sound()),
                pair(
                        "C-0116",
                        sound().with(heading(c -> formed(c, LocalDate.of(2025, 6, 1)), year)),
                        sound().with(heading(c -> formed(c, LocalDate.of(2025, 6, 1)), summer))),
                pair("C-0620", sound().with(heading(ChecksTest::unsigned, year)), sound()));
    }

    static Stream<Arguments> lines() {
        return Stream.of(
                pair("C-0201", sound().expense("4100", "1120/1b", "full", "400001"), sound()),
                pair(
                        "C-0202",
                        sound().expense("5000", "1125-A/2", "full", "9000"),
                        sound().expense("5000", "1125-A/2", "full", "9000").balance("1400", "1120/L/3", "1", "1")),
                pair(
                        "C-0203",
                        sound().balance("1400", "1120/L/3", "0", "5000"),
                        sound().balance("1400", "1120/L/3", "5000", "5000")),
                pair(
                        "C-0204",
                        sound().income("4001", "1120/1a", "full", "100000"),
                        sound().income("4001", "1120/1a", "full", "100000").fact("1125-E/1/f@a", "90000")),
                pair("C-0205", SampleReturns.corporation().income("4000", "1120/1a", "full", "400000"), sound()),
                pair("C-0211", sound().fact("4562/12", "2500001"), sound().fact("4562/12", "2500000")),
                pair(
                        "C-0212",
                        sound().expense("6800", "1120/20", "depreciation-books", "500"),
                        sound().expense("6800", "1120/20", "depreciation-books", "500")
                                .fact("4562/22", "0")),
                pair(
                        "C-0233",
                        sound().expense("6800", "1120/26", "amortization-books", "2000"),
                        sound().expense("6800", "1120/26", "amortization-books", "2000")
                                .fact("4562/43", "0")),
                pair(
                        "C-0629",
                        sound().expense("6900", "1120/M-1/2", "federal-tax", "12000"),
                        sound().expense("6900", "1120/M-1/2", "federal-tax", "12000")
                                .paid(new Payment(
                                        LocalDate.of(2025, 4, 15), PaymentKind.ESTIMATED, Money.ofDollars(12_000)))),
                pair(
                        "C-0215",
                        sound().expense("6500", "1120/18", "full", "500"),
                        sound().expense("6500", "1120/18", "full", "500").balance("2500", "1120/L/20", "0", "-1")),
                pair(
                        "C-0221",
                        sound().expense("6200", "1120/14", "full", "-5"),
                        sound().expense("6200", "1120/14", "full", "5")),
                pair(
                        "C-0222",
                        sound().expense("6100", "1120/13", "bonus-accrual", "700"),
                        sound().expense("6100", "1120/13", "bonus-accrual", "700")
                                .fact("TREAT/bonus-accrual/end@6100", "0")),
                pair(
                        "C-0224",
                        sound().expense("5000", "1125-A/2", "full", "900"),
                        sound().expense("5000", "1125-A/2", "full", "900")
                                .fact("1125-A/9a/i", "yes")
                                .fact("1125-A/9e", "no")
                                .fact("1125-A/9f", "no")),
                pair("C-0226", sound().fact("1120/12", "80000"), sound()),
                pair(
                        "C-0207",
                        sound().income("4600", "1120/C/1/a", "full", "100"),
                        sound().income("4600", "1120/C/1/a", "full", "100").fact("1120/C/hold", "yes")),
                pair(
                        "C-0208",
                        sound().expense("6700", "1120/26", "full", "312000")
                                .income("4600", "1120/C/2/a", "full", "9000"),
                        sound().income("4600", "1120/C/2/a", "full", "9000")),
                pair(
                        "C-0301",
                        sound().expense("6610", "1120/19", "charitable", "40000"),
                        sound().expense("6610", "1120/19", "charitable", "400")),
                pair(
                        "C-0308",
                        sound().expense("6610", "1120/19", "charitable", "40000")
                                .carried(CarryoverKind.NOL, 2022, "900000"),
                        sound().expense("6610", "1120/19", "charitable", "40000")
                                .carried(CarryoverKind.NOL, 2022, "900000")
                                .fact("1120/19", "6739")),
                pair(
                        "C-0304",
                        sound().expense("6610", "1120/19", "charitable", "40000")
                                .carried(CarryoverKind.NOL, 2022, "900000"),
                        sound().expense("6610", "1120/19", "charitable", "40000")),
                pair("C-0309", sound().fact("1120/D/1b/h", "-10"), sound().fact("1120/D/1b/h", "10")),
                pair(
                        "C-0313",
                        sound().income("4800", "1120/9", "disposal-books", "70"),
                        sound().income("4800", "1120/9", "disposal-books", "70").fact("4797/17", "60")),
                pair(
                        "C-0315",
                        sound().carried(CarryoverKind.NOL, 2025, "5"),
                        sound().carried(CarryoverKind.NOL, 2024, "5")),
                pair("C-0316", SampleReturns.corporation().expense("6700", "1120/26", "full", "5"), sound()));
    }

    /** A difference that is an account's whole change, or its balance without an opening, says so. */
    @Test
    void aDifferenceNamesWhatItEquals() {
        assertThat(messages(sound().balance("1200", "1120/L/3", "71010", "74575")
                        .balance("2500", "1120/L/20", "-71010", "-71010")
                        .snapshot()))
                .anyMatch(words -> words.contains("3,565 is what 1200 Account 1200 changed by")
                        && words.contains("cost-of-sales-perpetual"));
        assertThat(messages(sound().balance("1900", "1120/L/14", "0", "600").snapshot()))
                .anyMatch(words -> words.contains("600 is the balance of 1900 Account 1900, which has no opening"));
    }

    private static List<String> messages(Snapshot snapshot) {
        return Returns.review(Returns.calculate(snapshot), TODAY).diagnostics().stream()
                .map(Diagnostic::message)
                .toList();
    }

    static Stream<Arguments> agreements() {
        Payment early = new Payment(LocalDate.of(2024, 12, 15), PaymentKind.ESTIMATED, Money.ofDollars(100));
        Payment timely = new Payment(LocalDate.of(2025, 6, 16), PaymentKind.ESTIMATED, Money.ofDollars(100));
        return Stream.of(
                pair("C-0501", sound().balance("1900", "1120/L/14", "0", "6"), sound()),
                pair("C-0404", sound().balance("1900", "1120/L/14", "0", "0.01"), sound()),
                pair(
                        "C-0408",
                        sound().balance("1500", "1120/L/6", "0", "-6"),
                        sound().balance("1500", "1120/L/6", "0", "6")),
                pair("C-0503", sound().fact("1120/27", "1"), sound()),
                pair("C-0506", sound().fact("1120/K/13", "yes"), sound()),
                pair("C-0511", sound().balance("3901", "1120/L/25", "0", "-50"), sound()),
                pair(
                        "C-0517",
                        sound().balance("1500", "1120/L/6", "0", "10000000").fact("1120/11", "5"),
                        sound().balance("1500", "1120/L/6", "0", "10000000")),
                pair(
                        "C-0518",
                        sound().balance("1500", "1120/L/6", "0", "10000000"),
                        sound().balance("1500", "1120/L/6", "0", "10000000").fact("1120/M-3/I/4b", "GAAP")),
                pair("C-0505", SampleReturns.corporation().income("4000", "1120/1a", "full", "4000"), sound()),
                pair("C-0601", SampleReturns.corporation().income("4000", "1120/1a", "full", "2000"), sound()),
                pair("C-0602", sound(), sound().fact("2220/4", "0")),
                pair("C-0604", sound().fact("1120/37", "1"), sound()),
                pair("C-0605", sound().paid(early), sound().paid(timely)),
                pair("C-0607", sound().fact("1120/J/5c", "900000"), sound().fact("1120/J/5c", "9")),
                pair(
                        "C-0608",
                        sound().income("4520", "1120/5", "interest-exempt", "5")
                                .expense("6500", "1120/18", "full", "5"),
                        sound().expense("6500", "1120/18", "full", "5")),
                pair("C-0614", sound().fact("bank/routing", "123456789"), sound().fact("bank/routing", "123456780")),
                pair("C-0615", sound(), sound().fact("bank/other", "yes")),
                pair("C-0117", sound(), sound().fact("1120/K/27", "no")),
                pair(
                        "C-0606",
                        sound().fact("1120/K/15a", "yes").fact("1120/K/15b", "no"),
                        sound().fact("1120/K/15a", "no")),
                pair("C-0701", sound().fact("1120/K/7", "yes"), sound().fact("1120/K/7", "no")),
                pair(
                        "C-0701",
                        sound().fact("1120/K/29c", "no"),
                        sound().fact("1120/K/29c", "no").fact("1120/with/4626", "yes")),
                pair(
                        "C-0701",
                        sound().fact("1120/hdr/A2", "yes"),
                        sound().fact("1120/hdr/A2", "yes").fact("1120/with/PH", "yes")),
                pair(
                        "C-0702",
                        sound().fact("1120/K/4b", "yes"),
                        sound().fact("1120/K/4b", "yes").fact("1120/G/II/1/a@x", "X")),
                pair("C-0703", sound().fact("1120/K/5a", "yes"), sound().fact("1120/K/5a", "no")),
                pair("C-0704", sound().fact("1120/K/3", "yes"), sound().fact("1120/K/3", "no")),
                pair(
                        "C-0801",
                        sound().fact("1120/K/10", "4").fact("1120/K/4a", "no").fact("1120/K/4b", "no"),
                        sound().fact("1120/K/10", "5").fact("1120/K/4a", "no").fact("1120/K/4b", "no")),
                pair(
                        "C-0806",
                        sound().balance("1410", "1120/L/5", "9", "9"),
                        sound().balance("1410", "1120/L/5", "9", "9").income("4520", "1120/5", "interest-exempt", "5")),
                pair(
                        "C-0810",
                        sound().fact("1120/K/6", "no").balance("3950", "1120/M-2/5a", "0", "900000"),
                        sound().fact("1120/K/6", "no").balance("3950", "1120/M-2/5a", "0", "9")));
    }

    static Stream<Arguments> more() {
        Heading cash = new Heading(
                "1120",
                SampleReturns.heading(2025).client(),
                Period.calendarYear(2025),
                AccountingMethod.CASH,
                Set.of());
        Heading later = SampleReturns.heading(2026);
        SampleReturns large =
                sound().fact("448c/y1", "40000000").fact("448c/y2", "40000000").fact("448c/y3", "40000000");
        return Stream.of(
                pair("C-0107", sound().fact("1120/hdr/A1a", "yes"), sound().fact("1120/hdr/A1a", "no")),
                pair(
                        "C-0213",
                        sound().with(cash).expense("6220", "1120/15", "full", "5"),
                        sound().expense("6220", "1120/15", "full", "5")),
                pair(
                        "C-0216",
                        sound().fact("1120/K/24", "yes").expense("6500", "1120/18", "full", "5"),
                        sound().fact("1120/K/24", "yes")
                                .expense("6500", "1120/18", "full", "5")
                                .fact("448c/y1", "5000000")),
                pair(
                        "C-0209",
                        sound().expense("6700", "1120/26", "full", "317000")
                                .income("4600", "1120/C/2/a", "full", "9000"),
                        sound().income("4600", "1120/C/2/a", "full", "9000")),
                pair(
                        "C-0312",
                        sound().income("4700", "1120/8", "capital-books", "5"),
                        sound().income("4700", "1120/8", "capital-books", "5").fact("1120/D/1b/h", "4")),
                pair(
                        "C-0314",
                        sound().with(later)
                                .expense("6610", "1120/19", "charitable", "5")
                                .carried(CarryoverKind.NOL, 2023, "5"),
                        sound().expense("6610", "1120/19", "charitable", "5").carried(CarryoverKind.NOL, 2023, "5")),
                pair("C-0502", sound().fact("1120/M-2/8", "1"), sound()),
                pair(
                        "C-0504",
                        sound().income("4500", "1120/5", "full", "0.49").income("4900", "1120/10", "full", "0.49"),
                        sound()),
                pair(
                        "C-0508",
                        sound().balance("3950", "1120/M-2/5a", "0", "900000"),
                        sound().balance("3950", "1120/M-2/5a", "0", "9")),
                pair(
                        "C-0618",
                        sound().fact("bank/use", "withdrawal").fact("bank/date", "2026-04-16"),
                        sound().fact("bank/use", "withdrawal").fact("bank/date", "2026-04-15")),
                pair("C-0603", sound(), sound().fact("2220/38", "0")),
                pair("C-0610", sound(), sound().balance("3950", "1120/M-2/5a", "0", "9")),
                pair(
                        "C-0613",
                        sound().fact("1120/J/20b", "900000"),
                        sound().fact("1120/J/20b", "900000")
                                .fact("bank/routing", "123456780")
                                .fact("bank/account", "1")),
                pair(
                        "C-0807",
                        large.fact("1120/K/24", "no").expense("6500", "1120/18", "full", "5"),
                        sound().fact("1120/K/24", "no").expense("6500", "1120/18", "full", "5")),
                pair(
                        "C-0811",
                        sound().with(heading(c -> c, Period.calendarYear(2025), Flag.FINAL))
                                .fact("1120/37", "1"),
                        sound().fact("1120/37", "1")));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource({"headings", "lines", "agreements", "more"})
    void isRaisedAndCleared(String code, Snapshot raises, Snapshot clears) {
        assertThat(found(raises)).contains(code);
        assertThat(found(clears)).doesNotContain(code);
    }

    @Test
    void anAccountWithoutALineStopsTheReturn() {
        Snapshot snapshot = sound().snapshot();
        assertThat(found(snapshot.withMappings(snapshot.mappings().minus("6010"))))
                .contains("C-0402");
        assertThat(found(snapshot)).doesNotContain("C-0402");
    }

    @Test
    void anAccountOnTheWrongStatementStopsTheReturn() {
        Snapshot snapshot = sound().snapshot();
        Snapshot wrong = snapshot.withMappings(
                snapshot.mappings().plus("6010", snapshot.mappings().get("1100")));
        assertThat(found(wrong)).contains("C-0403");
    }

    @Test
    void thisYearIsHeldAgainstLast() {
        Map<LineId, Money> last = Map.of(
                LineId.of("1120/1a"), Money.ofDollars(200_000),
                LineId.of("1120/16"), Money.ofDollars(30_000),
                LineId.of("1120/1c"), Money.ofDollars(200_000),
                LineId.of("1120/3"), Money.ofDollars(90_000),
                LineId.of("1120/37"), Money.ofDollars(500),
                LineId.of("1120/L/2a/c"), Money.ofDollars(19_000));
        Snapshot snapshot = sound().snapshot();
        List<String> found = found(snapshot.withPrior(new PriorYear(LocalDate.of(2024, 12, 30), last)));
        assertThat(found).contains("C-0114", "C-0406", "C-0410", "C-0411", "C-0412", "C-0617");
        assertThat(found(snapshot)).doesNotContain("C-0114", "C-0406", "C-0410", "C-0411", "C-0412", "C-0617");
    }

    @Test
    void aQueryCanBeSetAsideUntilItSaysSomethingElse() {
        Snapshot snapshot = sound().snapshot();
        Review before = Returns.review(Returns.calculate(snapshot), TODAY);
        Diagnostic query = before.open(Severity.QUERY).get(0);
        Diagnostic stop = before.open(Severity.STOP).get(0);
        SetAside answer = new SetAside("known to the client", "R. Tern", query.message());
        Snapshot answered = snapshot.withSetAsides(HashTreePMap.<String, SetAside>empty()
                .plus(query.key(), answer)
                .plus(stop.key(), new SetAside("no", "R. Tern", stop.message())));
        Review after = Returns.review(Returns.calculate(answered), TODAY);
        assertThat(after.open(Severity.QUERY)).doesNotContain(query);
        assertThat(after.setAside()).contains(query);
        assertThat(after.open(Severity.STOP)).contains(stop);
        Snapshot other = snapshot.withSetAsides(
                HashTreePMap.singleton(query.key(), new SetAside("old", "R. Tern", "other words")));
        assertThat(Returns.review(Returns.calculate(other), TODAY).open(Severity.QUERY))
                .contains(query);
    }

    @Test
    void thereAreEnoughOfThemAndEachCodeIsOne() {
        ReturnKind corporation = Returns.all().get(0);
        List<String> codes = Stream.concat(
                        corporation.checks().stream().map(Check::code),
                        corporation.accountChecks().stream().map(AccountCheck::code))
                .toList();
        assertThat(codes).doesNotHaveDuplicates().hasSizeGreaterThan(60);
    }
}
