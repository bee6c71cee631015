package undersaw.us.corporation;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.calc.Statement;
import undersaw.check.TieOut;
import undersaw.form.Line;
import undersaw.ledger.CarryoverKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.money.Percent;
import undersaw.registry.Returns;

/** What holds for every return, tried on returns put together by chance from a fixed seed. */
class PropertiesTest {
    private static final List<String> TREATMENTS =
            List.of("full", "meals-half", "fines-none", "entertainment-none", "officer-life-none", "meals-employer");
    private static final List<String> LINES =
            List.of("1120/12", "1120/13", "1120/14", "1120/16", "1120/17", "1120/18", "1120/22", "1120/24", "1120/26");

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 40);
    }

    private static String amount(Random random, int most) {
        return random.nextInt(most) + "." + (10 + random.nextInt(90));
    }

    private static SampleReturns byChance(Random random) {
        SampleReturns sample = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", amount(random, 2_000_000))
                .income("4500", "1120/5", "full", amount(random, 9_000))
                .income("4510", "1120/5", "interest-exempt", amount(random, 9_000))
                .income("4600", "1120/C/1/a", "full", amount(random, 60_000))
                .income("4610", "1120/C/2/a", "full", amount(random, 60_000))
                .expense("6610", "1120/19", "charitable", amount(random, 90_000))
                .expense("6700", "1120/20", "depreciation-books", amount(random, 80_000))
                .expense("6720", "1120/26", "amortization-books", amount(random, 8_000))
                .expense("8000", "1120/M-1/2", "federal-tax", amount(random, 90_000))
                .fact("4562/17", amount(random, 90_000))
                .fact("4562/43", amount(random, 9_000));
        for (int i = 0; i < 12; i++) {
            sample.expense(
                    String.valueOf(7000 + i),
                    LINES.get(random.nextInt(LINES.size())),
                    TREATMENTS.get(random.nextInt(TREATMENTS.size())),
                    amount(random, 90_000));
        }
        if (random.nextBoolean()) {
            sample.carried(CarryoverKind.NOL, 2015 + random.nextInt(9), amount(random, 300_000));
        }
        return sample;
    }

    /** What the printed lines say they add up (Form 1120, Form 1125-A and Schedules L, M-1, M-2, text of the lines). */
    private static final Map<String, String> FOOTED = Map.ofEntries(
            Map.entry("1120/1c", "1120/1a -1120/1b"),
            Map.entry("1120/3", "1120/1c -1120/2"),
            Map.entry("1120/11", "1120/3 1120/4 1120/5 1120/6 1120/7 1120/8 1120/9 1120/10"),
            Map.entry(
                    "1120/27",
                    "1120/12 1120/13 1120/14 1120/15 1120/16 1120/17 1120/18 1120/19 1120/20 1120/21 1120/22 1120/23 "
                            + "1120/24 1120/25 1120/26"),
            Map.entry("1120/28", "1120/11 -1120/27"),
            Map.entry("1120/29c", "1120/29a 1120/29b"),
            Map.entry("1125-A/6", "1125-A/1 1125-A/2 1125-A/3 1125-A/4 1125-A/5"),
            Map.entry("1125-A/8", "1125-A/6 -1125-A/7"),
            Map.entry("1120/M-1/10", "1120/M-1/6 -1120/M-1/9"),
            Map.entry("1120/M-2/4", "1120/M-2/1 1120/M-2/2 1120/M-2/3"),
            Map.entry("1120/M-2/7", "1120/M-2/5a 1120/M-2/5b 1120/M-2/5c 1120/M-2/6"),
            Map.entry("1120/M-2/8", "1120/M-2/4 -1120/M-2/7"));

    private static Money at(Calculation calculation, String line) {
        return calculation.amount(LineId.of(line));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyTieOutAgreesAndEveryTotalFoots(long seed) {
        Calculation calculation = byChance(new Random(seed)).calculate();
        assertThat(Returns.review(calculation, LocalDate.of(2026, 3, 9)).tieOuts())
                .filteredOn(tie -> !tie.agrees())
                .extracting(TieOut::message)
                .isEmpty();
        FOOTED.forEach((total, parts) -> assertThat(footed(calculation, parts))
                .as("%s, printed as %s", total, parts)
                .isEqualTo(at(calculation, total)));
    }

    /** Lines added up as the forms print it: a line with a minus before it is taken off. */
    private static Money footed(Calculation calculation, String parts) {
        Money sum = Money.ZERO;
        for (String part : parts.split(" ")) {
            sum = part.startsWith("-")
                    ? sum.minus(at(calculation, part.substring(1)))
                    : sum.plus(at(calculation, part));
        }
        return sum;
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void noLimitIsEverPassed(long seed) {
        Calculation calculation = byChance(new Random(seed)).calculate();
        Money beforeGifts = at(calculation, "1120/28").plus(at(calculation, "1120/19"));
        // IRC 170(b)(2): never more than 10 percent of income before gifts, nor more than was given (from memory)
        assertThat(at(calculation, "1120/19"))
                .isLessThanOrEqualTo(beforeGifts.notBelowZero().timesInDollars(Percent.of("10")));
        assertThat(at(calculation, "1120/19")).isLessThanOrEqualTo(at(calculation, "1120/W-CHAR/A"));
        // IRC 172: a loss deduction never makes income negative, nor is more deducted than was left (from memory)
        assertThat(at(calculation, "1120/29a")).isLessThanOrEqualTo(at(calculation, "1120/K/12"));
        assertThat(at(calculation, "1120/29a").isZero()
                        || !at(calculation, "1120/30").isNegative())
                .isTrue();
        // IRC 243: never more than the full deduction (from memory)
        Money full = at(calculation, "1120/C/1/c").plus(at(calculation, "1120/C/2/c"));
        assertThat(at(calculation, "1120/C/9/c")).isLessThanOrEqualTo(full);
        assertThat(at(calculation, "1120/31")).isGreaterThanOrEqualTo(Money.ZERO);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void anotherOrdinaryDeductionNeverRaisesTheTaxOfACorporationWithoutDividends(long seed) {
        SampleReturns with = byChance(new Random(seed))
                .expense("4600", "1120/26", "full", "0")
                .expense("4610", "1120/26", "full", "0");
        SampleReturns more = byChance(new Random(seed))
                .expense("4600", "1120/26", "full", "0")
                .expense("4610", "1120/26", "full", "0")
                .expense("9999", "1120/14", "full", "5000");
        assertThat(at(more.calculate(), "1120/31")).isLessThanOrEqualTo(at(with.calculate(), "1120/31"));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void everyStatementAddsUpToItsLine(long seed) {
        Calculation calculation = byChance(new Random(seed)).calculate();
        calculation.plan().parts().stream()
                .flatMap(part -> calculation.plan().linesOf(part).stream())
                .filter(Line::hasStatement)
                .filter(line -> !calculation.amount(line).isZero())
                .forEach(line -> assertThat(Money.sum(Statement.of(calculation, line).rows().stream()
                                .map(Statement.Row::amount)
                                .toList()))
                        .as("%s", line)
                        .isEqualTo(calculation.amount(line)));
    }
}
