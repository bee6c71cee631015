package undersaw.us.nonprofit;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.check.AccountCheck;
import undersaw.check.Check;
import undersaw.check.Diagnostic;
import undersaw.check.Examination;
import undersaw.check.TieOut;
import undersaw.engagement.AccountingMethod;
import undersaw.engagement.Heading;
import undersaw.engagement.Heading.Flag;
import undersaw.engagement.PriorYear;
import undersaw.engagement.Snapshot;
import undersaw.law.calendar.Period;
import undersaw.ledger.Account;
import undersaw.ledger.Mapping;
import undersaw.ledger.StatementKind;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.registry.Returns;

/** Each check is raised by one return and cleared by another that differs in one thing; so is each tie-out. */
class NonprofitChecksTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 9);
    private static final List<String> NO = List.of(
            "33", "34", "35a", "35c", "36", "37b", "38a", "40b", "40e", "42b", "42c", "44a", "44b", "44c", "45a", "45b",
            "46", "47", "48", "49a", "50", "51");

    /** A small theatre with nothing left open. */
    private static SampleReturns sound() {
        SampleReturns sample = SampleReturns.nonprofit()
                .income("4010", "990-EZ/1", "full", "4000")
                .income("4020", "990-EZ/2", "full", "60000")
                .expense("6130", "990-EZ/13", "program", "50000")
                .balance("1100", "990-EZ/24", "2000", "2000")
                .balance("3000", "990-EZ/27", "-2000", "-2000")
                .fact("990-EZ/hdr/J", "501(c)(3)")
                .fact("990-EZ/hdr/K", "corporation")
                .fact("990-EZ/III/purpose", "Community theatre")
                .fact("990-EZ/III/description@00001", "Three plays")
                .fact("990-EZ/III/expenses@00001", "50000")
                .fact("990-EZ/IV/a/name@00001", "Wren Tully")
                .fact("990-EZ/IV/b@00001", "4")
                .fact("990-EZ/42a", "Wren Tully")
                .fact("990-EZ/52", "yes")
                .fact("990-A/I/reason", "10");
        NO.forEach(question -> sample.fact("990-EZ/" + question, "no"));
        for (int year = 2021; year <= 2024; year++) {
            sample.fact("990-A/years/III/2@" + year, "50000");
        }
        return sample;
    }

    private static Set<String> found(Snapshot snapshot) {
        return Returns.review(Returns.calculate(snapshot), TODAY).diagnostics().stream()
                .map(Diagnostic::code)
                .collect(Collectors.toSet());
    }

    @Test
    void aSoundReturnRaisesNothing() {
        assertThat(found(sound().snapshot())).isEmpty();
    }

    private static Arguments raised(String code, UnaryOperator<SampleReturns> by) {
        return Arguments.of(code, by.apply(sound()).snapshot(), sound().snapshot());
    }

    private static Arguments changed(String code, UnaryOperator<Snapshot> by) {
        return Arguments.of(code, by.apply(sound().snapshot()), sound().snapshot());
    }

    private static Arguments answered(String code, String line, String answer) {
        return raised(code, sample -> sample.fact(line, answer));
    }

    private static Arguments without(String code, String fact) {
        return changed(code, snapshot -> snapshot.withFacts(snapshot.facts().minus(LineKey.parse(fact))));
    }

    private static UnaryOperator<Snapshot> headed(UnaryOperator<Heading> change) {
        return snapshot -> snapshot.withHeading(change.apply(snapshot.heading()));
    }

    private static Heading with(Heading heading, AccountingMethod method, Period period, Set<Flag> flags) {
        return new Heading(heading.form(), heading.client(), period, method, flags);
    }

    private static Snapshot after(Snapshot snapshot, Map<String, Integer> lastYear) {
        return snapshot.withPrior(new PriorYear(
                LocalDate.of(2024, 12, 31),
                lastYear.entrySet().stream()
                        .collect(Collectors.toMap(
                                each -> LineId.of("990-EZ/" + each.getKey()),
                                each -> Money.ofDollars(each.getValue())))));
    }

    private static UnaryOperator<Snapshot> account(String number, StatementKind kind, String closing) {
        return snapshot -> snapshot.withAccounts(snapshot.accounts()
                .plus(number, new Account(number, "New " + number, kind, Money.ZERO, Money.parse(closing))));
    }

    private static UnaryOperator<Snapshot> mapped(String number, String line, boolean confirmed) {
        return snapshot -> snapshot.withMappings(
                snapshot.mappings().plus(number, new Mapping(LineId.of(line), "", confirmed, "test")));
    }

    static Stream<Arguments> size() {
        return Stream.of(
                raised("N-0201", sample -> sample.income("4021", "990-EZ/2", "full", "136000")),
                raised("N-0202", sample -> sample.balance("1200", "990-EZ/23", "0", "488000")),
                Arguments.of(
                        "N-0203",
                        SampleReturns.nonprofit()
                                .income("4010", "990-EZ/1", "full", "50000")
                                .snapshot(),
                        SampleReturns.nonprofit()
                                .income("4010", "990-EZ/1", "full", "50001")
                                .snapshot()),
                without("N-0204", "990-EZ/hdr/J"),
                answered("N-0205", "990-EZ/hdr/J", "501(c)"),
                without("N-0206", "990-EZ/hdr/K"),
                raised(
                        "N-0207",
                        sample -> sample.fact("990-EZ/hdr/B/pending", "yes").fact("990-EZ/hdr/F", "1234")),
                answered("N-0208", "990-EZ/hdr/F", "12"),
                Arguments.of(
                        "N-0209",
                        SampleReturns.nonprofit()
                                .balance("1", "990-EZ/22", "5", "5")
                                .snapshot(),
                        sound().snapshot()));
    }

    static Stream<Arguments> client() {
        return Stream.of(
                changed("N-0112", headed(each -> with(each, null, each.period(), each.flags()))),
                changed(
                        "N-0111",
                        headed(each -> with(
                                each,
                                each.method(),
                                new Period(LocalDate.of(2025, 3, 1), LocalDate.of(2025, 12, 31)),
                                each.flags()))),
                changed("N-0105", headed(each -> with(each, each.method(), each.period(), Set.of(Flag.INITIAL)))),
                changed("N-0312", headed(each -> with(each, each.method(), each.period(), Set.of(Flag.FINAL)))),
                changed("N-0114", snapshot -> snapshot.withPrior(new PriorYear(LocalDate.of(2024, 6, 30), Map.of()))));
    }

    static Stream<Arguments> books() {
        return Stream.of(
                changed("N-0401", mapped("6130", "990-EZ/13", false)),
                changed("N-0402", account("6999", StatementKind.INCOME_STATEMENT, "5")),
                changed("N-0403", mapped("6130", "990-EZ/22", true)),
                changed("N-0404", account("6998", StatementKind.BALANCE_SHEET, "5")),
                changed("N-0406", snapshot -> after(snapshot, Map.of("24/B", 1999))),
                changed("N-0410", snapshot -> after(snapshot, Map.of("2", 20000))),
                changed("N-0412", snapshot -> after(snapshot, Map.of("3", 20000))));
    }

    static Stream<Arguments> netAssets() {
        return Stream.of(
                raised("N-0301", sample -> sample.balance("2000", "990-EZ/26", "-70", "-70")),
                raised(
                        "N-0302",
                        sample -> sample.balance("3000", "990-EZ/27", "-2000", "-1800")
                                .balance("1100", "990-EZ/24", "2000", "1800")),
                changed("N-0303", snapshot -> after(snapshot, Map.of("21", 1990))),
                raised("N-0304", sample -> sample.noncash("8000", "990-EZ/20", "full", "-90")),
                Arguments.of(
                        "N-0304",
                        sound().noncash("8000", "990-EZ/20", "full", "-90").snapshot(),
                        sound().noncash("8000", "990-EZ/20", "full", "-90")
                                .fact("990-O/line@00001", "Line 20")
                                .snapshot()),
                raised("N-0305", sample -> sample.balance("2000", "990-EZ/26", "0", "-90000")),
                Arguments.of(
                        "N-0306",
                        headed(each -> with(each, AccountingMethod.ACCRUAL, each.period(), each.flags()))
                                .apply(sound().snapshot()),
                        headed(each -> with(each, AccountingMethod.ACCRUAL, each.period(), each.flags()))
                                .apply(sound().balance("2000", "990-EZ/26", "0", "-9")
                                        .snapshot())),
                raised("N-0307", sample -> sample.expense("5060", "990-EZ/6c", "full", "7")),
                raised("N-0308", sample -> sample.expense("5070", "990-EZ/7b", "full", "7")),
                raised("N-0309", sample -> sample.expense("5050", "990-EZ/5b", "full", "7")),
                Arguments.of(
                        "N-0310",
                        headed(each -> with(each, AccountingMethod.ACCRUAL, each.period(), each.flags()))
                                .apply(sound().income("4011", "990-EZ/1", "pledge-unreceived", "7")
                                        .snapshot()),
                        sound().income("4011", "990-EZ/1", "pledge-unreceived", "7")
                                .snapshot()),
                raised("N-0311", sample -> sample.income("4015", "990-EZ/1", "donated-services", "7")),
                raised("N-0313", sample -> sample.expense("6100", "990-EZ/10", "program", "7")),
                raised("N-0314", sample -> sample.expense("6160", "990-EZ/16", "full", "7")));
    }

    static Stream<Arguments> questions() {
        return Stream.of(
                without("N-0420", "990-EZ/33"),
                answered("N-0421", "990-EZ/36", "yes"),
                answered("N-0422", "990-EZ/34", "yes"),
                answered("N-0423", "990-EZ/35a", "yes"),
                answered("N-0424", "990-EZ/38a", "yes"),
                answered("N-0425", "990-EZ/42b", "yes"),
                answered("N-0426", "990-EZ/42c", "yes"),
                answered("N-0427", "990-EZ/37a", "10"),
                without("N-0428", "990-EZ/42a"),
                answered("N-0429", "990-EZ/52", "no"),
                raised("N-0430", sample -> sample.fact("990-EZ/44c", "yes").fact("990-EZ/44d", "no")));
    }

    static Stream<Arguments> lists() {
        return Stream.of(
                without("N-0501", "990-EZ/IV/a/name@00001"),
                without("N-0502", "990-EZ/III/purpose"),
                without("N-0503", "990-EZ/III/description@00001"),
                without("N-0504", "990-EZ/IV/b@00001"),
                answered("N-0504", "990-EZ/IV/b@00001", "200"),
                answered("N-0505", "990-EZ/IV/c@00001", "900"),
                raised("N-0506", sample -> sample.expense("6120", "990-EZ/12", "management", "100001")),
                answered("N-0507", "990-EZ/III/expenses@00001", "49000"),
                raised("N-0508", sample -> sample.income("4061", "990-EZ/6b", "full", "15001")),
                raised("N-0509", sample -> sample.income("4012", "990-EZ/1", "full", "1000")),
                raised("N-0510", sample -> gift(sample, "4999")),
                raised("N-0511", sample -> sample.fact("990-B/c@00001", "5000")),
                raised("N-0512", sample -> gift(sample, "4001")));
    }

    private static SampleReturns highlyPaid(SampleReturns sample, int rows, String pay) {
        sample.fact("990-EZ/50", "yes");
        for (int row = 1; row <= rows; row++) {
            sample.fact("990-EZ/50/a/name@0000" + row, "Employee " + row).fact("990-EZ/50/c@0000" + row, pay);
        }
        return sample;
    }

    static Stream<Arguments> highlyPaid() {
        return Stream.of(
                raised("N-0506", sample -> sample.expense("6120", "990-EZ/13", "program", "60000")),
                Arguments.of(
                        "N-0513",
                        highlyPaid(sound(), 0, "").snapshot(),
                        highlyPaid(sound(), 1, "100001").snapshot()),
                answered("N-0513", "990-EZ/51", "yes"),
                Arguments.of(
                        "N-0514",
                        highlyPaid(sound(), 1, "100000").snapshot(),
                        highlyPaid(sound(), 1, "100001").snapshot()),
                Arguments.of(
                        "N-0515",
                        highlyPaid(sound(), 6, "100001").snapshot(),
                        highlyPaid(sound(), 5, "100001").snapshot()));
    }

    /** Gaming over 15,000 with Part III of Schedule G filled in. */
    private static SampleReturns gaming() {
        SampleReturns sample = sound().income("4060", "990-EZ/6a", "full", "16000")
                .expense("5061", "990-EZ/6c", "full", "9000")
                .fact("990-G/III/1/a", "10000")
                .fact("990-G/III/1/b", "6000")
                .fact("990-G/III/2/a", "8000")
                .fact("990-G/III/5/b", "1000")
                .fact("990-G/III/13a", "100");
        Gaming.questions().forEach(number -> sample.fact("990-G/III/" + number, "no"));
        return sample.fact("990-G/III/9a", "yes");
    }

    private static Arguments inGaming(String code, UnaryOperator<SampleReturns> by) {
        return Arguments.of(code, by.apply(gaming()).snapshot(), gaming().snapshot());
    }

    static Stream<Arguments> gamingChecks() {
        return Stream.of(
                Arguments.of(
                        "N-0520",
                        sound().income("4060", "990-EZ/6a", "full", "15001").snapshot(),
                        sound().income("4060", "990-EZ/6a", "full", "15000").snapshot()),
                Arguments.of(
                        "N-0521",
                        gaming().snapshot()
                                .withFacts(gaming().snapshot().facts().minus(LineKey.parse("990-G/III/11"))),
                        gaming().snapshot()),
                inGaming("N-0522", sample -> sample.fact("990-G/III/9a", "no")),
                inGaming("N-0523", sample -> sample.fact("990-G/III/10a", "yes")),
                inGaming("N-0524", sample -> sample.fact("990-G/III/15a", "yes")),
                inGaming("N-0525", sample -> sample.fact("990-G/III/13b", "0.5")));
    }

    private static SampleReturns gift(SampleReturns sample, String amount) {
        return sample.fact("990-B/c@00001", amount)
                .fact("990-B/a/name@00001", "A. Giver")
                .fact("990-B/a/address@00001", "1 Quay");
    }

    static Stream<Arguments> support() {
        return Stream.of(
                without("N-0601", "990-A/I/reason"),
                raised("N-0602", sample -> sample.fact("990-A/I/reason", "7").fact("990-A/years/II/8@2024", "9000")),
                raised("N-0603", sample -> sample.fact("990-A/I/reason", "7").fact("990-A/years/II/8@2024", "90000")),
                answered("N-0604", "990-A/years/III/10a@2024", "900000"),
                changed(
                        "N-0605",
                        snapshot ->
                                snapshot.withFacts(snapshot.facts().minus(LineKey.parse("990-A/years/III/2@2021")))));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource({"size", "client", "books", "netAssets", "questions", "lists", "highlyPaid", "gamingChecks", "support"
    })
    void isRaisedAndCleared(String code, Snapshot raises, Snapshot clears) {
        assertThat(found(raises)).contains(code);
        assertThat(found(clears)).doesNotContain(code);
    }

    /** The special rule of Schedule B: 2 percent of contributions, where that is more than 5,000 (from memory). */
    @Test
    void underTheSpecialRuleOnlyLargeGiversAreListed() {
        SampleReturns sample = gift(sound(), "5500").income("4012", "990-EZ/1", "full", "296000");
        assertThat(found(sample.snapshot())).doesNotContain("N-0510");
        assertThat(found(sample.fact("990-A/I/reason", "7").snapshot())).contains("N-0510");
    }

    private static Map<String, TieOut> ties(Snapshot snapshot) {
        Calculation year = Returns.calculate(snapshot);
        return NonprofitTieOuts.of(new Examination(year, TODAY)).stream()
                .collect(Collectors.toMap(TieOut::code, each -> each));
    }

    static Stream<Arguments> tieOuts() {
        return Stream.of(
                raised("NT-01", sample -> sample.balance("2000", "990-EZ/26", "-70", "0")),
                raised("NT-02", sample -> sample.balance("2000", "990-EZ/26", "0", "-70")),
                Arguments.of(
                        "NT-03",
                        after(sound().snapshot(), Map.of("21", 1999)),
                        after(sound().snapshot(), Map.of("21", 2000))),
                changed("NT-04", account("6999", StatementKind.INCOME_STATEMENT, "5")),
                raised("NT-05", sample -> sample.balance("2000", "990-EZ/26", "0", "-70")),
                answered("NT-06", "990-EZ/17", "49996"),
                answered("NT-07", "990-EZ/III/expenses@00001", "4"),
                answered("NT-08", "990-EZ/III/grants@00001", "4"),
                Arguments.of(
                        "NT-09",
                        event("1000", "300").snapshot(),
                        event("900", "300").snapshot()),
                Arguments.of(
                        "NT-10",
                        event("900", "301").snapshot(),
                        event("900", "300").snapshot()),
                Arguments.of("NT-10", gaming().fact("990-G/III/3/c", "1").snapshot(), gaming().snapshot()),
                Arguments.of("NT-12", gaming().fact("990-G/III/1/c", "1").snapshot(), gaming().snapshot()),
                answered("NT-11", "990-EZ/1", "4004"));
    }

    private static SampleReturns event(String receipts, String food) {
        return sound().income("4061", "990-EZ/6b", "full", "800")
                .expense("5060", "990-EZ/6c", "full", "300")
                .fact("990-G/1@00001", receipts)
                .fact("990-G/2@00001", "100")
                .fact("990-G/7@00001", food);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("tieOuts")
    void aTieOutDiffersAndAgrees(String code, Snapshot differs, Snapshot agrees) {
        assertThat(ties(differs).get(code).agrees()).isFalse();
        assertThat(ties(agrees).get(code).agrees()).isTrue();
    }

    @Test
    void moreThanThirtyChecksAreHeld() {
        Set<String> tested = new HashSet<>();
        Stream.of(size(), client(), books(), netAssets(), questions(), lists(), highlyPaid(), gamingChecks(), support())
                .flatMap(each -> each)
                .forEach(each -> tested.add((String) each.get()[0]));
        assertThat(tested).hasSizeGreaterThan(45);
        assertThat(Stream.concat(
                        NonprofitChecks.all().stream().map(Check::code),
                        NonprofitChecks.ofAccounts().stream().map(AccountCheck::code)))
                .containsAll(tested)
                .doesNotHaveDuplicates();
    }
}
