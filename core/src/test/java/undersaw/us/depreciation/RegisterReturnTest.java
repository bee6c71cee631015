package undersaw.us.depreciation;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.assets.AssetLaw;
import undersaw.assets.AssetRegister;
import undersaw.assets.WrittenOff;
import undersaw.calc.Calculation;
import undersaw.check.Diagnostic;
import undersaw.check.TieOut;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.Snapshot;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.registry.Returns;
import undersaw.rollforward.RollForward;

/** A register and what it brings to a return; amounts worked by hand from the rule that is named beside them. */
final class RegisterReturnTest {
    private static SampleReturns corporation() {
        return SampleReturns.corporation().with(SampleReturns.heading(2025)).income("4000", "1120/1a", "", "500000");
    }

    private static SampleReturns asset(SampleReturns returns, String name, String... facts) {
        SampleReturns with = returns;
        for (String fact : facts) {
            String[] parts = fact.split("=");
            with = with.fact((parts[0].contains("/") ? parts[0] : "ASSETS/" + parts[0]) + "@" + name, parts[1]);
        }
        return with;
    }

    private static SampleReturns machine(SampleReturns returns, String name, String cost, String placed) {
        return asset(returns, name, "propertyClass=7", "cost=" + cost, "placedInService=" + placed, "bonus=none");
    }

    private static long of(Calculation year, String line) {
        return year.amount(LineId.of(line)).dollars();
    }

    private static long of(Calculation year, String line, String asset) {
        return year.value(LineId.of(line).in(asset))
                .map(value -> value.amount().dollars())
                .orElse(0L);
    }

    private static List<String> codes(Calculation year) {
        return Returns.review(year, LocalDate.of(2026, 3, 1)).diagnostics().stream()
                .map(Diagnostic::code)
                .filter(code -> code.startsWith("A-"))
                .toList();
    }

    private static void agrees(Calculation year) {
        assertThat(Returns.review(year, LocalDate.of(2026, 3, 1)).tieOuts().stream()
                        .filter(tie -> tie.code().startsWith("T-A")))
                .isNotEmpty()
                .allMatch(TieOut::agrees);
    }

    /** IRC 179(b): 1,220,000 for 2024, less what 3,300,000 of purchases are above 3,050,000 (from memory). */
    @Test
    void section179WithinItsDollarLimit() {
        SampleReturns returns = corporation().with(SampleReturns.heading(2024));
        returns = asset(machine(returns, "press", "2000000", "2024-03-01"), "press", "section179=600000");
        returns = asset(machine(returns, "oven", "1300000", "2024-04-01"), "oven", "section179=480000");
        Calculation year = returns.calculate();
        assertThat(of(year, "4562/2")).isEqualTo(3_300_000);
        assertThat(of(year, "4562/5")).isEqualTo(970_000);
        assertThat(of(year, "4562/8")).isEqualTo(970_000);
        // 970,000 divided as 600,000 to 480,000
        assertThat(of(year, "ASSETS/W/counted", "press")).isEqualTo(538_889);
        assertThat(of(year, "ASSETS/W/counted", "oven")).isEqualTo(431_111);
        assertThat(codes(year)).contains("A-0120", "A-0129");
        agrees(year);
    }

    /** IRC 179(b)(3): 40,000 of income, 60,000 carried on, and the basis falls by all of it. */
    @Test
    void section179WithinItsIncomeLimit() {
        SampleReturns returns =
                SampleReturns.corporation().with(SampleReturns.heading(2025)).income("4000", "1120/1a", "", "40000");
        Calculation year = asset(machine(returns, "press", "100000", "2025-03-01"), "press", "section179=100000")
                .calculate();
        assertThat(of(year, "4562/12")).isEqualTo(40_000);
        assertThat(of(year, "4562/13")).isEqualTo(60_000);
        assertThat(of(year, "ASSETS/W/basis", "press")).isZero();
        assertThat(codes(year)).contains("A-0123");
        agrees(year);
    }

    /** IRC 168(d)(3): exactly 40 percent in the last quarter is half-year, a dollar more is mid-quarter. */
    @Test
    void theTestOfTheLastQuarter() {
        Calculation half = machine(machine(corporation(), "a", "60000", "2025-03-01"), "b", "40000", "2025-11-01")
                .calculate();
        Calculation quarter = machine(machine(corporation(), "a", "60000", "2025-03-01"), "b", "40001", "2025-11-01")
                .calculate();
        assertThat(half.answer(LineId.of("ASSETS/MQ"))).isEqualTo("no");
        assertThat(quarter.answer(LineId.of("ASSETS/MQ"))).isEqualTo("yes");
        assertThat(of(half, "4562/19c/g")).isEqualTo(8_574 + 5_716);
        assertThat(of(quarter, "4562/19c/g")).isEqualTo(15_000 + 1_428);
        assertThat(codes(half)).contains("A-0114");
        // what is elected for the second comes out of both sums
        Calculation elected = asset(
                        machine(machine(corporation(), "a", "60000", "2025-03-01"), "b", "40001", "2025-11-01"),
                        "b",
                        "section179=40001")
                .calculate();
        assertThat(elected.answer(LineId.of("ASSETS/MQ"))).isEqualTo("no");
        assertThat(codes(elected)).contains("A-0115");
    }

    /** The order in which assets are entered changes nothing, and any sequence of edits ends where a full run ends. */
    @Test
    void orderAndEditsChangeNothing() {
        Random random = new Random(7);
        List<String> names = new ArrayList<>(List.of("a", "b", "c", "d", "e", "f"));
        SampleReturns plain = corporation();
        for (String name : names) {
            plain = machine(
                    plain,
                    name,
                    String.valueOf(10_000 + 7_000 * (name.charAt(0) - 'a')),
                    "2025-0" + (1 + name.charAt(0) - 'a') + "-10");
        }
        Calculation year = plain.calculate();
        for (int turn = 0; turn < 60; turn++) {
            Collections.shuffle(names, random);
            String column = List.of(
                            "section179", "cost", "businessUse", "placedInService", "disposed", "proceeds", "method")
                    .get(random.nextInt(7));
            String value = switch (column) {
                case "businessUse" -> List.of("100", "60", "40").get(random.nextInt(3));
                case "placedInService" -> "2025-1" + random.nextInt(3) + "-05";
                case "disposed" -> random.nextBoolean() ? "" : "2025-12-20";
                case "method" -> List.of("", "SL", "ADS", "150DB").get(random.nextInt(4));
                default -> String.valueOf(random.nextInt(90_000));
            };
            LineKey key = LineId.of("ASSETS/" + column).in(names.get(0));
            Map<LineKey, Fact> facts = new TreeMap<>();
            facts.put(key, value.isEmpty() ? null : Fact.of(value));
            Change change = new Change.FactsSet(facts);
            year = year.after(change.applyTo(year.snapshot()), change.touches());
            Calculation whole = Returns.calculate(year.snapshot());
            assertThat(year.differences(whole)).as("after %s of %s", value, key).isEmpty();
        }
    }

    /** Form 4797: a machine with a gain, land with one, a loss; the parts of the form and their way to page 1. */
    @Test
    void disposalsOnTheirParts() {
        SampleReturns returns = asset(
                machine(corporation(), "old", "10000", "2020-05-01"),
                "old",
                "priorRegular=7769",
                "convention=HY",
                "disposed=2025-06-30",
                "proceeds=6000");
        returns = asset(
                returns,
                "field",
                "propertyClass=land",
                "cost=50000",
                "placedInService=2010-01-01",
                "disposed=2025-03-03",
                "proceeds=80000");
        Calculation year = returns.calculate();
        // year 6 of 8.92 percent, half of it
        assertThat(of(year, "ASSETS/W/regular", "old")).isEqualTo(446);
        assertThat(of(year, "4797/25b", "old")).isEqualTo(6_000 - 10_000 + 7_769 + 446);
        assertThat(of(year, "4797/2/g", "field")).isEqualTo(30_000);
        assertThat(of(year, "4797/17")).isEqualTo(4_215);
        assertThat(of(year, "4797/7")).isEqualTo(30_000);
        assertThat(of(year, "1120/9")).isEqualTo(4_215);
        agrees(year);
    }

    /** What a year ends with is what the next begins with; what was given up stays behind. */
    @Test
    void rollsForward() {
        SampleReturns returns = asset(
                machine(machine(corporation(), "a", "60000", "2025-03-01"), "b", "90000", "2025-11-01"),
                "a",
                "section179=10000");
        returns = asset(machine(returns, "gone", "1000", "2021-01-01"), "gone", "disposed=2025-02-02");
        Calculation year = returns.calculate();
        Snapshot empty = Snapshot.empty(RollForward.next(year.snapshot().heading()));
        Snapshot next =
                RollForward.from(year, Returns.of(year.snapshot())).begin(empty).applyTo(empty);
        Calculation after = Returns.calculate(next);
        assertThat(after.members(AssetRegister.ASSETS)).containsExactly("a", "b");
        assertThat(of(after, "ASSETS/prior179", "a")).isEqualTo(10_000);
        assertThat(after.answer(LineId.of("ASSETS/section179"))).isEmpty();
        assertThat(after.value(LineId.of("ASSETS/convention").in("b"))
                        .orElseThrow()
                        .value()
                        .plain())
                .isEqualTo("MQ");
        // 27.55 percent of 90,000 in the second year of the last quarter
        assertThat(of(after, "ASSETS/W/regular", "b")).isEqualTo(24_795);
        assertThat(codes(after)).doesNotContain("A-0141", "A-0142", "A-0127");
    }

    /** A partnership's asset of a rental property is deducted on Form 8825, its section 179 by the partners. */
    @Test
    void rentalPropertyAndSeparateSection179() {
        SampleReturns returns = SampleReturns.partnership().fact("8825/1a@loft", "3 Pier Road");
        returns = asset(
                returns,
                "house",
                "propertyClass=27.5",
                "cost=275000",
                "placedInService=2020-01-01",
                "priorRegular=49583",
                "activity=loft");
        returns = asset(machine(returns, "press", "50000", "2025-03-01"), "press", "section179=20000");
        Calculation year = returns.calculate();
        assertThat(of(year, "8825/14", "loft")).isEqualTo(9_999);
        assertThat(of(year, "4562/22")).isEqualTo(9_999 + 4_287);
        assertThat(of(year, "1065/16a")).isEqualTo(4_287);
        assertThat(of(year, "4562/22/other")).isEqualTo(9_999);
        assertThat(codes(asset(returns, "press", "activity=nowhere").calculate()))
                .contains("A-0181");
        agrees(year);
    }

    /** 200 against 150 percent: 12,000 less 9,000 of 60,000 of used trucks that do not qualify (IRC 56(a)(1)). */
    @Test
    void minimumTaxOfPartners() {
        Calculation year = asset(
                        SampleReturns.partnership(),
                        "truck",
                        "propertyClass=5",
                        "cost=60000",
                        "placedInService=2025-03-01",
                        "bonus=none")
                .calculate();
        assertThat(of(year, "1065/K/17a")).isEqualTo(3_000);
    }

    @Test
    void lifeAndDivisionForThePages() {
        SampleReturns returns = machine(machine(corporation(), "a", "60000", "2025-03-01"), "b", "40000", "2025-04-01");
        Calculation year = asset(
                        returns, "van", "propertyClass=5", "cost=30000", "placedInService=2025-05-01", "bonus=none")
                .calculate();
        AssetLaw law = new FederalAssets();
        List<WrittenOff> life = law.life(year, "a");
        assertThat(life).hasSize(8);
        assertThat(Money.sum(life.stream().map(WrittenOff::total).toList())).isEqualTo(Money.ofDollars(60_000));
        assertThat(law.ahead(year, 30).stream().map(WrittenOff::total).reduce(Money.ZERO, Money::plus))
                .isEqualTo(Money.ofDollars(130_000));
        AssetLaw.Choice choice = law.choice(year).orElseThrow();
        assertThat(choice.assets()).extracting(AssetLaw.Open::asset).endsWith("van");
        assertThat(choice.limit()).isEqualTo(Money.ofDollars(2_500_000));
        Map<String, Money> slowest = AssetLaw.slowestFirst(
                new AssetLaw.Choice(choice.caption(), Money.ofDollars(70_000), choice.column(), choice.assets()));
        assertThat(slowest).containsEntry("van", Money.ZERO);
        assertThat(Money.sum(slowest.values().stream().toList())).isEqualTo(Money.ofDollars(70_000));
    }
}
