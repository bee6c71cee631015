package undersaw.us.nonprofit;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.TreeMap;
import java.util.stream.LongStream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import undersaw.SampleReturns;
import undersaw.books.Bridge;
import undersaw.books.Openings;
import undersaw.calc.Calculation;
import undersaw.check.Examination;
import undersaw.check.TieOut;
import undersaw.engagement.Change;
import undersaw.ledger.Account;
import undersaw.ledger.Mapping;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.registry.Returns;

/** What holds for every small nonprofit, tried on returns put together by chance from a fixed seed. */
class NonprofitPropertiesTest {
    private static final List<String> REVENUE =
            List.of("990-EZ/1", "990-EZ/2", "990-EZ/3", "990-EZ/4", "990-EZ/6a", "990-EZ/6b", "990-EZ/7a", "990-EZ/8");
    private static final List<String> EXPENSES = List.of(
            "990-EZ/6c",
            "990-EZ/7b",
            "990-EZ/10",
            "990-EZ/11",
            "990-EZ/12",
            "990-EZ/13",
            "990-EZ/14",
            "990-EZ/15",
            "990-EZ/16");
    private static final List<String> FUNCTIONS = List.of("program", "management", "fundraising", "full");

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 30);
    }

    private static String amount(Random random, int most) {
        return random.nextInt(most) + "." + (10 + random.nextInt(90));
    }

    private static SampleReturns byChance(Random random) {
        SampleReturns sample = SampleReturns.nonprofit();
        String opening = amount(random, 40_000);
        sample.balance("1500", "990-EZ/24", opening, opening)
                .balance("3000", "990-EZ/27", "-" + opening, "-" + opening);
        for (int i = 0; i < 8; i++) {
            String line = REVENUE.get(random.nextInt(REVENUE.size()));
            boolean given = line.equals("990-EZ/1") && random.nextInt(4) == 0;
            sample.income("4" + (100 + i), line, given ? "in-kind" : "full", amount(random, 30_000));
        }
        for (int i = 0; i < 12; i++) {
            sample.expense(
                    "6" + (100 + i),
                    EXPENSES.get(random.nextInt(EXPENSES.size())),
                    FUNCTIONS.get(random.nextInt(FUNCTIONS.size())),
                    amount(random, 9_000));
        }
        return sample;
    }

    private static Money line(Calculation year, String within) {
        return year.amount(LineId.of("990-EZ/" + within));
    }

    private static Money sum(Calculation year, String... lines) {
        return Money.sum(Arrays.stream(lines).map(each -> line(year, each)).toList());
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyTotalFootsAndThePairsAgree(long seed) {
        Calculation year = byChance(new Random(seed)).calculate();
        assertThat(line(year, "9")).isEqualTo(sum(year, "1", "2", "3", "4", "5c", "6d", "7c", "8"));
        assertThat(line(year, "17")).isEqualTo(sum(year, "10", "11", "12", "13", "14", "15", "16"));
        assertThat(line(year, "18")).isEqualTo(line(year, "9").minus(line(year, "17")));
        assertThat(line(year, "27/B")).isEqualTo(line(year, "21"));
        assertThat(line(year, "27/A")).isEqualTo(line(year, "19"));
        assertThat(line(year, "W-FN/5")).isEqualTo(line(year, "17"));
        List<String> differing = NonprofitTieOuts.of(new Examination(year, LocalDate.of(2026, 3, 1))).stream()
                .filter(tie -> !tie.agrees())
                .map(TieOut::code)
                .toList();
        // programs and grants are listed by a person, and nobody has
        assertThat(differing).isSubsetOf("NT-07", "NT-08");
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void theBridgeArrivesAtLine18AndTheNextYearOpensInBalance(long seed) {
        Calculation year = byChance(new Random(seed)).calculate();
        Bridge bridge = Bridge.of(year, Returns.of(year.snapshot()));
        assertThat(bridge.bookIncome().plus(bridge.total(true)).plus(bridge.total(false)))
                .isEqualTo(line(year, "18"));
        assertThat(Money.sum(Openings.after(year, Returns.of(year.snapshot())).values()))
                .isEqualTo(Money.ZERO);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void anyEditComesToTheSameAsAllAtOnce(long seed) {
        Random random = new Random(seed);
        Calculation year = byChance(random).calculate();
        for (int i = 0; i < 15; i++) {
            String number = "6" + (100 + random.nextInt(12));
            Change change = random.nextBoolean() ? remapped(number, random) : larger(year, number, random);
            year = year.after(change.applyTo(year.snapshot()), change.touches());
            assertThat(year.differences(Calculation.of(year.plan(), year.snapshot())))
                    .isEmpty();
        }
    }

    private static Change remapped(String number, Random random) {
        TreeMap<String, @Nullable Mapping> mapping = new TreeMap<>();
        mapping.put(
                number,
                new Mapping(
                        LineId.of(EXPENSES.get(random.nextInt(EXPENSES.size()))),
                        FUNCTIONS.get(random.nextInt(FUNCTIONS.size())),
                        true,
                        "test"));
        return new Change.MappingsSet(mapping);
    }

    private static Change larger(Calculation year, String number, Random random) {
        Account account = year.snapshot().accounts().get(number);
        return new Change.AccountSet(new Account(
                number,
                account.name(),
                account.statement(),
                account.opening(),
                account.closing().plus(Money.parse(amount(random, 500)))));
    }
}
