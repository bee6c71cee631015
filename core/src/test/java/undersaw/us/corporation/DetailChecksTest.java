package undersaw.us.corporation;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import org.pcollections.HashTreePMap;
import undersaw.SampleReturns;
import undersaw.check.Diagnostic;
import undersaw.engagement.AccountingMethod;
import undersaw.engagement.Carried;
import undersaw.engagement.Heading;
import undersaw.engagement.Snapshot;
import undersaw.ledger.CarryoverKind;
import undersaw.registry.Returns;

/** Checks of property, carryovers, ownership, deadlines and balances, each raised and cleared by one change. */
class DetailChecksTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 9);
    private static final LocalDate LATE = LocalDate.of(2026, 4, 16);

    private static SampleReturns sound() {
        return SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "400000")
                .expense("6010", "1120/12", "full", "90000");
    }

    private static SampleReturns large() {
        return sound().fact("448c/y1", "31000001").fact("448c/y2", "31000001").fact("448c/y3", "31000001");
    }

    private static SampleReturns limit() {
        return sound().fact("448c/y1", "31000000").fact("448c/y2", "31000000").fact("448c/y3", "31000000");
    }

    private static SampleReturns onCash(SampleReturns sample) {
        Heading heading = sample.snapshot().heading();
        return sample.with(new Heading("1120", heading.client(), heading.period(), AccountingMethod.CASH, Set.of()));
    }

    private static List<String> found(Snapshot snapshot, LocalDate today) {
        return Returns.review(Returns.calculate(snapshot), today).diagnostics().stream()
                .map(Diagnostic::code)
                .distinct()
                .toList();
    }

    private static Arguments pair(String code, SampleReturns raises, SampleReturns clears) {
        return Arguments.of(code, raises.snapshot(), clears.snapshot());
    }

    static Stream<Arguments> property() {
        return Stream.of(
                pair(
                        "C-0210",
                        sound().fact("4562/22", "320000").fact("4562/12", "310001"),
                        sound().fact("4562/22", "310000").fact("4562/12", "310000")),
                pair(
                        "C-0228",
                        sound().fact("4562/22", "9").expense("5300", "1125-A/5", "depreciation-books", "9"),
                        sound().fact("4562/22", "9").expense("6700", "1120/20", "depreciation-books", "9")),
                pair(
                        "C-0231",
                        sound().fact("4562/22", "90").fact("4562/17", "80"),
                        sound().fact("4562/22", "80").fact("4562/17", "80")),
                pair(
                        "C-0310",
                        sound().fact("8949/proceeds@1", "9").fact("8949/cost@1", "1"),
                        sound().fact("8949/proceeds@1", "9")
                                .fact("8949/cost@1", "1")
                                .fact("8949/box@1", "A")),
                pair("C-0311", sold("2024-06-30", "A"), sold("2024-07-01", "A")),
                pair("C-0311", sold("2024-07-01", "D"), sold("2024-06-30", "D")),
                pair(
                        "C-0317",
                        sound().fact("4562/2", "310001").fact("4562/8", "310001"),
                        sound().fact("4562/2", "310000").fact("4562/8", "310000")),
                pair(
                        "C-0706",
                        sound().fact("4797/17", "9"),
                        sound().fact("4797/17", "9").fact("4797/row/description@1", "press")),
                pair(
                        "C-0805",
                        sold("2025-06-01", "G").fact("1120/K/27", "no"),
                        sold("2025-06-01", "A").fact("1120/K/27", "no")),
                pair(
                        "C-0407",
                        sound().balance("1500", "1120/L/10a", "50", "50").balance("1590", "1120/L/10b", "-50", "-51"),
                        sound().balance("1500", "1120/L/10a", "50", "51").balance("1590", "1120/L/10b", "-50", "-51")));
    }

    private static SampleReturns sold(String acquired, String box) {
        return sound().fact("8949/proceeds@1", "9")
                .fact("8949/cost@1", "1")
                .fact("8949/acquired@1", acquired)
                .fact("8949/sold@1", "2025-07-01")
                .fact("8949/box@1", box);
    }

    static Stream<Arguments> carried() {
        return Stream.of(
                pair(
                        "C-0302",
                        sound().fact("1120/W-CHAR/1/accrued", "5"),
                        sound().fact("1120/W-CHAR/1/accrued", "5").fact("1120/W-CHAR/1/board", "yes")),
                pair(
                        "C-0303",
                        sound().fact("1120/W-CHAR/1/property", "5001"),
                        sound().fact("1120/W-CHAR/1/property", "5000")),
                // IRC 170(d)(2)(A): five years on (from memory); the year of 2020 ends with 2025
                pair(
                        "C-0305",
                        sound().carried(CarryoverKind.CHARITABLE, 2020, "90000"),
                        sound().carried(CarryoverKind.CHARITABLE, 2021, "90000")),
                // IRC 172(b)(1)(A)(ii)(I) as it was before 2018: twenty years (from memory)
                pair(
                        "C-0305",
                        sound().expense("7000", "1120/26", "full", "390000").carried(CarryoverKind.NOL, 2005, "9"),
                        sound().expense("7000", "1120/26", "full", "390000").carried(CarryoverKind.NOL, 2006, "9")),
                pair(
                        "C-0306",
                        sound().carried(CarryoverKind.NOL, 2022, "9").fact("1120/K/16", "yes"),
                        sound().carried(CarryoverKind.NOL, 2022, "9")
                                .fact("1120/K/16", "yes")
                                .fact("1120/W-NOL/382", "5")),
                pair(
                        "C-0307",
                        sound().carried(CarryoverKind.NOL, 2022, "9").fact("1120/K/12", "8"),
                        sound().carried(CarryoverKind.NOL, 2022, "9").fact("1120/K/12", "9")));
    }

    static Stream<Arguments> deductions() {
        SampleReturns perpetual = sound().expense("5000", "1125-A/2", "cost-of-sales-perpetual", "9");
        return Stream.of(
                pair(
                        "C-0206",
                        sound().fact("1125-E/1/d@1", "60").fact("1125-E/1/d@2", "40.5"),
                        sound().fact("1125-E/1/d@1", "60").fact("1125-E/1/d@2", "40")),
                pair(
                        "C-0217",
                        sound().expense("7900", "1120/26", "full", "60")
                                .named("7900", "Misc. expense")
                                .expense("7000", "1120/26", "full", "40"),
                        sound().expense("7900", "1120/26", "full", "50")
                                .named("7900", "Misc. expense")
                                .expense("7000", "1120/26", "full", "50")),
                pair(
                        "C-0219",
                        sound().expense("6800", "1120/23", "full", "9")
                                .balance("2150", "1120/L/18", "0", "-9")
                                .named("2150", "Accrued 401(k) match"),
                        sound().expense("6800", "1120/23", "full", "9")
                                .balance("2150", "1120/L/18", "0", "-9")
                                .named("2150", "Accrued wages")),
                pair(
                        "C-0220",
                        sound().expense("6020", "1120/12", "related-accrual", "9")
                                .fact("TREAT/related-accrual/end@6020", "4"),
                        sound().expense("6020", "1120/12", "related-accrual", "9")
                                .fact("TREAT/related-accrual/end@6020", "0")),
                pair(
                        "C-0225",
                        perpetual.expense("5900", "1125-A/7", "inventory-change", "5"),
                        sound().expense("5000", "1125-A/2", "full", "9")
                                .expense("5900", "1125-A/7", "inventory-change", "5")),
                pair("C-0227", reserve().fact("1120/15", "602"), reserve().fact("1120/15", "601")),
                pair(
                        "C-0809",
                        sound().fact("1120/K/15a", "no")
                                .expense("6610", "1120/26", "full", "600")
                                .named("6610", "Contract labor"),
                        sound().fact("1120/K/15a", "no")
                                .expense("6610", "1120/26", "full", "599.99")
                                .named("6610", "Contract labor")));
    }

    /** Expense of 1,000 while the allowance grew by 400: 600 was charged off. */
    private static SampleReturns reserve() {
        return sound().expense("6150", "1120/15", "bad-debt-reserve", "1000")
                .balance("1190", "1120/L/2b", "-300", "-700");
    }

    private static SampleReturns owner(String percent) {
        return sound().fact("OWNERS/name@1", "Isla Reed").fact("OWNERS/capitalEnd@1", percent);
    }

    static Stream<Arguments> ownership() {
        return Stream.of(
                pair("C-0113", onCash(large()), onCash(limit())),
                pair("C-0113", onCash(large()), onCash(large().fact("1120/hdr/A3", "yes"))),
                pair("C-0507", owner("20"), owner("19.9")),
                pair(
                        "C-0507",
                        owner("40").fact("1120/K/4b", "yes"),
                        owner("40").fact("1120/K/4b", "yes").fact("1120/G/II/1/a@1", "Isla Reed")),
                pair(
                        "C-0609",
                        sound().fact("1120/K/4b", "yes").income("4500", "1120/5", "full", "600000"),
                        sound().fact("1120/K/4b", "yes").income("4500", "1120/5", "full", "599999")),
                pair(
                        "C-0802",
                        sound().fact("1120/K/5a", "no").income("4600", "1120/C/2/a", "full", "9"),
                        sound().fact("1120/K/5a", "no").income("4600", "1120/C/1/a", "full", "9")),
                pair(
                        "C-0803",
                        sound().fact("1120/K/7", "no")
                                .fact("1120/G/II/1/c@1", "NO")
                                .fact("1120/G/II/1/d@1", "25"),
                        sound().fact("1120/K/7", "no")
                                .fact("1120/G/II/1/c@1", "US")
                                .fact("1120/G/II/1/d@1", "25")),
                pair(
                        "C-0804",
                        sound().fact("1120/K/3", "yes").fact("1120/K/4a", "no"),
                        sound().fact("1120/K/3", "yes").fact("1120/K/4a", "yes")),
                pair("C-0808", large().fact("1125-A/9e", "no"), limit().fact("1125-A/9e", "no")),
                pair(
                        "C-0230",
                        listed("8").fact("1120/C-payers/line@1", "1"),
                        listed("9").fact("1120/C-payers/line@1", "1")),
                pair("C-0232", listed("9"), listed("9").fact("1120/C-payers/line@1", "1")),
                pair(
                        "C-0207",
                        listed("9").fact("1120/C-payers/line@1", "1").fact("1120/C-payers/days@1", "45"),
                        listed("9").fact("1120/C-payers/line@1", "1").fact("1120/C-payers/days@1", "46")));
    }

    private static SampleReturns listed(String amount) {
        return sound().income("4600", "1120/C/1/a", "full", "9").fact("1120/C-payers/amount@1", amount);
    }

    static Stream<Arguments> balances() {
        return Stream.of(
                pair(
                        "C-0409",
                        sound().balance("1300", "1120/L/7", "0", "9"),
                        sound().balance("1300", "1120/L/7", "0", "9").income("4500", "1120/5", "full", "1")),
                // books before tax 310,000: at 21 percent 65,100, at 36 percent 111,600
                pair(
                        "C-0509",
                        sound().expense("8000", "1120/M-1/2", "federal-tax", "114800"),
                        sound().expense("8000", "1120/M-1/2", "federal-tax", "65100")),
                pair("C-0510", sound().fact("1120/M-1/5d", "15501"), sound().fact("1120/M-1/5d", "15499")),
                pair(
                        "C-0705",
                        sound().fact("1120/26", "9"),
                        sound().fact("1120/26", "9").expense("7000", "1120/26", "full", "5")),
                // IRC 38(c)(1): 65,100 less a quarter of 40,100 (from memory)
                pair("C-0616", sound().fact("1120/J/5c", "55076"), sound().fact("1120/J/5c", "55075")),
                pair(
                        "C-0616",
                        sound().fact("1120/J/5c", "50000")
                                .fact("1120/K/28", "yes")
                                .fact("1120/O/credit-threshold", "4000"),
                        sound().fact("1120/J/5c", "49825")
                                .fact("1120/K/28", "yes")
                                .fact("1120/O/credit-threshold", "4000")),
                pair(
                        "C-0701",
                        sound().fact("1120/K/28", "yes"),
                        sound().fact("1120/K/28", "yes").fact("1120/O/row/name@1", "Kelp Rope")),
                pair("C-0619", sound(), sound().fact("est/told", "yes")),
                pair(
                        "C-0610",
                        sound().balance("3900", "1120/L/25", "0", "-150001").fact("1120/hdr/A3", "yes"),
                        sound().balance("3900", "1120/L/25", "160001", "310000").fact("1120/hdr/A3", "yes")));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource({"property", "carried", "deductions", "ownership", "balances"})
    void isRaisedAndCleared(String code, Snapshot raises, Snapshot clears) {
        assertThat(found(raises, TODAY)).contains(code);
        assertThat(found(clears, TODAY)).doesNotContain(code);
    }

    /** IRC 6072(a), 6151, 6651(a)(2) (from memory): due on 15 April 2026. */
    @Test
    void afterTheDueDateTheReturnIsLate() {
        Snapshot snapshot = sound().snapshot();
        assertThat(found(snapshot, LATE)).contains("C-0611", "C-0612");
        assertThat(found(snapshot, LATE.minusDays(1))).doesNotContain("C-0611", "C-0612");
        assertThat(found(sound().fact("7004/filed", "yes").snapshot(), LATE)).doesNotContain("C-0612");
    }

    @Test
    void whatWasPutOffBeginsAsLastYearEnded() {
        Snapshot snapshot = sound().expense("6020", "1120/13", "bonus-accrual", "9")
                .fact("TREAT/bonus-accrual/begin@6020", "4")
                .snapshot();
        Snapshot other = snapshot.withCarried(
                HashTreePMap.singleton("TREAT/bonus-accrual/begin@6020", new Carried("5", "R. Tern")));
        Snapshot same = snapshot.withCarried(
                HashTreePMap.singleton("TREAT/bonus-accrual/begin@6020", new Carried("4.00", "R. Tern")));
        assertThat(found(other, TODAY)).contains("C-0223");
        assertThat(found(same, TODAY)).doesNotContain("C-0223");
    }
}
