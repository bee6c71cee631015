package undersaw.invented;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.pcollections.HashTreePMap;
import undersaw.SampleReturns;
import undersaw.calc.AccountPosition;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.calc.Lineage;
import undersaw.calc.Plan;
import undersaw.calc.Portion;
import undersaw.calc.Posting;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.Snapshot;
import undersaw.ledger.Account;
import undersaw.ledger.Mapping;
import undersaw.ledger.StatementKind;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.money.Unit;
import undersaw.owners.OwnerRegister;
import undersaw.owners.OwnershipChanges;

/** The mechanisms of a return on one that no authority has: dimensions, totals of some, divisions. */
class HearthLevyTest {
    /** A currency without decimals. */
    private static final Unit WHOLE = new Unit("XTS", 0);

    private static final Plan PLAN = plan(WHOLE);

    private static Plan plan(Unit unit) {
        return new Plan(
                2025, List.of(new OwnerRegister(), new OwnershipChanges(), new HearthLevy(unit)), HearthLevyTest::post);
    }

    /** An account brings its closing balance to the harbour that its mapping names. */
    private static List<Posting> post(AccountPosition position) {
        return List.of(new Posting(
                position.account().number(), position.mapping().place(), position.adjusted(), Portion.CLOSING, "", ""));
    }

    private final Map<LineKey, Fact> facts = new HashMap<>();

    private HearthLevyTest typed(String key, String value) {
        facts.put(LineKey.parse(key), Fact.of(value));
        return this;
    }

    private Calculation calculate() {
        return calculate(PLAN);
    }

    private Calculation calculate(Plan plan) {
        Snapshot empty = Snapshot.empty(SampleReturns.heading(2025));
        return Calculation.of(plan, empty.withFacts(HashTreePMap.from(facts)));
    }

    private static Calculation after(Calculation before, String key, String value) {
        TreeMap<LineKey, @Nullable Fact> typed = new TreeMap<>();
        typed.put(LineKey.parse(key), value.isEmpty() ? null : Fact.of(value));
        Change change = new Change.FactsSet(typed);
        return before.after(change.applyTo(before.snapshot()), change.touches());
    }

    private static long dollars(Calculation year, String line) {
        return year.amount(LineId.of(line)).dollars();
    }

    private static List<Long> shares(Calculation year) {
        return year.rowValues(LineId.of("H/S/share")).stream()
                .map(value -> value.amount().dollars())
                .toList();
    }

    private HearthLevyTest threeMembers() {
        return typed("OWNERS/profitBegin@ada", "33.333333")
                .typed("OWNERS/profitBegin@bo", "33.333333")
                .typed("OWNERS/profitBegin@cy", "33.333334")
                .typed("H/T/take/1@north", "111");
    }

    @Test
    void harboursWithinMonthsAreSummedByMonth() {
        Calculation year = typed("H/T/take/1@north", "1500")
                .typed("H/T/take/1@south", "30")
                .typed("H/T/take/3@north", "2000")
                .typed("H/T/take/3@south", "5")
                .typed("H/T/open@north", "yes")
                .calculate();
        assertThat(dollars(year, "H/M/levy/1")).isEqualTo(1490 + 20);
        assertThat(year.value(LineId.of("H/M/levy/2"))).isEmpty();
        assertThat(dollars(year, "H/M/levy/3")).isEqualTo(1990);
        assertThat(dollars(year, "H/M/winter/1")).isEqualTo(1490);
        assertThat(dollars(after(year, "H/T/open@north", "no"), "H/M/winter/1")).isZero();
        assertThat(dollars(year, "H/M/all")).isEqualTo(1510 + 1990);
    }

    /** Odd units by largest remainder, then to the one who is named; worked by rule (no source). */
    @Test
    void theLevyIsBorneToTheUnit() {
        Calculation year = threeMembers().calculate();
        assertThat(shares(year)).containsExactly(34L, 33L, 34L);
        assertThat(shares(after(year, "H/M/rounding", "bo"))).containsExactly(34L, 33L, 34L);
        assertThat(shares(after(year, "H/T/take/1@north", "110"))).containsExactly(33L, 33L, 34L);
        assertThat(dollars(year, "H/C/borne")).isEqualTo(101);
    }

    @Test
    void aUnitWithDecimalsIsDividedToItsLast() {
        threeMembers().typed("H/T/take/1@north", "110.55");
        Calculation cents = calculate(plan(new Unit("XTS", 2)));
        assertThat(cents.amount(LineId.of("H/M/all"))).isEqualTo(Money.parse("100.55"));
        assertThat(cents.rowValues(LineId.of("H/S/share")))
                .extracting(value -> value.value().plain())
                .containsExactly("33.52", "33.51", "33.52");
        assertThat(shares(calculate())).containsExactly(34L, 33L, 34L);
    }

    @Test
    void whoLeavesWithinTheYearBearsTheirDays() {
        Calculation year = threeMembers()
                .typed("OWNERSHIP/owner@00001", "ada")
                .typed("OWNERSHIP/date@00001", "2025-05-20")
                .typed("OWNERSHIP/profit@00001", "0")
                .typed("OWNERSHIP/owner@00002", "dov")
                .typed("OWNERSHIP/date@00002", "2025-05-20")
                .typed("OWNERSHIP/profit@00002", "33.333333")
                .typed("OWNERS/name@dov", "Dov")
                .typed("H/T/take/1@north", "3660")
                .calculate();
        // 3,650 in thirds: 140 of 365 days against 225
        assertThat(shares(year)).containsExactly(467L, 1216L, 1217L, 750L);
        assertThat(dollars(year, "H/C/borne")).isEqualTo(3650);
    }

    private static Calculation after(Calculation before, Change change) {
        return before.after(change.applyTo(before.snapshot()), change.touches());
    }

    private static Change wages(String account, String amount) {
        return new Change.AccountSet(
                new Account(account, account, StatementKind.INCOME_STATEMENT, Money.ZERO, Money.parse(amount)));
    }

    private static Change paidAt(String account, String harbour) {
        return new Change.MappingsSet(
                Map.of(account, new Mapping(LineId.of("H/T/wages").in(harbour), "", true, "test")));
    }

    @Test
    void anAccountMakesTheHarbourThatItIsPaidAt() {
        Calculation none = typed("H/T/take/3@north", "2000").calculate();
        Calculation year = after(after(none, wages("6000", "300.49")), paidAt("6000", "quay"));
        assertThat(year.instances(LineId.of("H/T/wages"))).containsExactly("quay");
        assertThat(year.postings(LineId.of("H/T/wages"))).hasSize(1);
        assertThat(year.value(LineKey.parse("H/T/left@quay")).orElseThrow().amount())
                .isEqualTo(Money.ofDollars(-300));
        assertThat(dollars(year, "H/M/left")).isEqualTo(1700);
        Calculation moved = after(year, paidAt("6000", "north"));
        assertThat(moved.instances(LineId.of("H/T/left"))).containsExactly("north");
        assertThat(dollars(moved, "H/M/left")).isEqualTo(1700);
        assertThat(Lineage.of(moved, LineKey.parse("H/T/wages@north"))
                        .orElseThrow()
                        .accounts())
                .extracting(part -> part.amount().toString())
                .containsExactly("300.49");
        assertThat(moved.differences(Calculation.of(PLAN, moved.snapshot()))).isEmpty();
    }

    @Test
    void aMemberWithoutAShareBearsNothing() {
        Calculation year = threeMembers().typed("H/S/paid@eve", "5").calculate();
        assertThat(year.value(LineKey.parse("H/S/share@eve"))).isEmpty();
        assertThat(year.value(LineKey.parse("H/S/owed@eve")).orElseThrow().amount())
                .isEqualTo(Money.ofDollars(-5));
        assertThat(dollars(year, "H/C/owed")).isEqualTo(101);
    }

    private static long cell(Calculation year, String place) {
        return year.value(LineKey.parse(place))
                .map(value -> value.amount().dollars())
                .orElse(0L);
    }

    @Test
    void seasonsWithinHarboursAreSummedBothWays() {
        Calculation year = typed("H/B/berths@north", "10")
                .typed("H/B/berths@north:winter", "4")
                .typed("H/B/berths@south:winter", "7")
                .typed("H/T/open@south", "yes")
                .calculate();
        assertThat(cell(year, "H/B/harbour@north")).isEqualTo(9 + 3);
        assertThat(cell(year, "H/B/season@winter")).isEqualTo(3 + 7);
        assertThat(cell(year, "H/B/season@summer")).isEqualTo(9);
        Calculation closed = after(year, "H/T/open@south", "no");
        assertThat(cell(closed, "H/B/season@winter")).isEqualTo(3 + 6);
        assertThat(Lineage.of(year, LineKey.parse("H/B/fee@south:winter"))
                        .orElseThrow()
                        .parts())
                .extracting(part -> part.key().toString())
                .contains("H/B/berths@south:winter", "H/T/open@south");
    }

    @Test
    void whatIsNotGivenToASeasonIsTheOneThatIsAlwaysThere() {
        Calculation year =
                typed("H/B/bought", "100").typed("H/B/extra@winter", "30").calculate();
        assertThat(cell(year, "H/B/country@summer")).isEqualTo(70);
        assertThat(cell(after(year, "H/B/extra@winter", ""), "H/B/country@summer"))
                .isEqualTo(100);
    }

    @Test
    void eachMemberBearsAPartOfEachHarbour() {
        Calculation year = threeMembers()
                .typed("H/T/take/3@north", "100")
                .typed("H/T/take/3@south", "10")
                .calculate();
        assertThat(cell(year, "H/E/rest@cy:north")).isEqualTo(34);
        assertThat(cell(year, "H/E/rest@ada:south")).isEqualTo(3);
        assertThat(cell(year, "H/E/all@cy")).isEqualTo(34 + 4);
        assertThat(dollars(year, "H/C/rest")).isEqualTo(110);
        Calculation without = after(year, "H/T/take/3@south", "");
        assertThat(without.value(LineKey.parse("H/E/rest@ada:south"))).isEmpty();
        assertThat(cell(after(without, "H/S/paid@ada", "5"), "H/E/more@ada:north"))
                .isEqualTo(33 - 5);
    }

    @Test
    void aPairIsReadByWhoStandsInIt() {
        assertThat(HearthLevy.EACH.pair("ada", "north")).isEqualTo("ada:north");
        assertThat(HearthLevy.EACH.of(HearthLevy.HARBOURS, "ada:north")).isEqualTo("north");
        assertThat(HearthLevy.BERTHS.pair("north", "summer")).isEqualTo("north");
        assertThat(HearthLevy.BERTHS.of(HearthLevy.SEASONS, "north")).isEqualTo("summer");
        assertThat(HearthLevy.BERTHS.of(HearthLevy.MEMBERS, "north")).isNull();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void anySequenceOfEditsEndsWhereAFullCalculationEnds(long seed) {
        Random chance = new Random(seed);
        Calculation year = threeMembers().calculate();
        for (int step = 0; step < 120; step++) {
            Calculation before = year;
            year = after(year, key(chance), "");
            String key = key(chance);
            year = after(year, key, chance.nextInt(4) == 0 ? "" : value(key, chance));
            String account = "600" + chance.nextInt(3);
            year = after(
                    year,
                    chance.nextBoolean()
                            ? wages(account, chance.nextInt(900) + ".5")
                            : paidAt(account, List.of("north", "quay", "west").get(chance.nextInt(3))));
            Calculation full = Calculation.of(PLAN, year.snapshot());
            assertThat(year.differences(full)).as("step %d of %d", step, seed).isEmpty();
            if (year.snapshot().equals(before.snapshot())) {
                assertThat(year.differences(before)).isEmpty();
            }
            assertThat(dollars(year, "H/C/borne")).isIn(0L, dollars(year, "H/M/all"));
        }
    }

    private static String key(Random chance) {
        String member = List.of("ada", "bo", "cy", "dov", "eve").get(chance.nextInt(5));
        String harbour = List.of("north", "south", "west").get(chance.nextInt(3));
        String row = "0000" + (1 + chance.nextInt(3));
        String season = List.of("", ":winter", ":spring").get(chance.nextInt(3));
        return switch (chance.nextInt(13)) {
            case 9 -> "H/B/berths@" + harbour + season;
            case 10 -> "H/B/extra@" + List.of("winter", "spring").get(chance.nextInt(2));
            case 11 -> "H/B/bought";
            case 12 -> "H/E/rest@" + member + ":" + harbour;
            case 0 -> "H/T/open@" + harbour;
            case 1 -> "OWNERS/profitBegin@" + member;
            case 2 -> "OWNERSHIP/owner@" + row;
            case 3 -> "OWNERSHIP/date@" + row;
            case 4 -> "OWNERSHIP/profit@" + row;
            case 5 -> "H/S/paid@" + member;
            case 6 -> "H/S/owed@" + member;
            case 7 -> "H/M/rounding";
            default -> "H/T/take/" + (1 + chance.nextInt(3)) + "@" + harbour;
        };
    }

    private static String value(String key, Random chance) {
        if (key.contains("open")) {
            return chance.nextBoolean() ? "yes" : "no";
        }
        if (key.contains("date")) {
            return "2025-0" + (1 + chance.nextInt(9)) + "-1" + chance.nextInt(10);
        }
        if (key.contains("rounding") || key.contains("owner@")) {
            return List.of("ada", "bo", "cy", "dov").get(chance.nextInt(4));
        }
        return key.contains("profit")
                ? chance.nextInt(100) + "." + (100_000 + chance.nextInt(900_000))
                : String.valueOf(chance.nextInt(3000));
    }

    @Test
    void oneOfTenThousandMembersMovesOneMember() {
        for (int i = 0; i < 10_000; i++) {
            typed("OWNERS/profitBegin@m" + i, "0.01").typed("H/S/paid@m" + i, "2");
        }
        Calculation before = typed("H/T/take/1@north", "30017").calculate();
        assertThat(shares(before).stream().mapToLong(Long::longValue).sum()).isEqualTo(30_007);
        Calculation after = after(before, "H/S/paid@m77", "1");
        assertThat(after.evaluatedLines()).isLessThan(20);
        assertThat(after.differences(before))
                .containsExactlyInAnyOrder(
                        LineKey.parse("H/S/paid@m77"),
                        LineKey.parse("H/S/owed@m77"),
                        LineKey.parse("H/C/owed"),
                        LineKey.parse("H/E/more@m77:north"),
                        LineKey.parse("H/C/more"));
        assertThat(after(before, "H/T/take/1@north", "30018").rowValues(LineId.of("H/S/owed")).stream()
                        .map(LineValue::amount)
                        .reduce(Money.ZERO, Money::plus))
                .isEqualTo(Money.ofDollars(30_008 - 20_000));
    }
}
