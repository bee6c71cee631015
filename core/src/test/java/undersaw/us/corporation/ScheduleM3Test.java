package undersaw.us.corporation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.engagement.Change;
import undersaw.engagement.Snapshot;
import undersaw.ledger.Account;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.registry.Returns;

/** Schedule M-3: every row across, every column down, books to return (Instructions for Schedule M-3, from memory). */
class ScheduleM3Test {
    private static long at(Calculation calculation, String line) {
        return calculation.amount(LineId.of("1120/" + line)).dollars();
    }

    private static SampleReturns large() {
        return SampleReturns.corporation()
                .balance("1800", "1120/L/9", "12000000", "12000000")
                .balance("3000", "1120/L/22b", "-12000000", "-12000000")
                .income("4000", "1120/1a", "full", "900000")
                .income("4510", "1120/5", "interest-exempt", "7000")
                .income("4500", "1120/5", "full", "3000")
                .income("4600", "1120/C/1/a", "full", "2000")
                .expense("5000", "1125-A/2", "full", "400000")
                .expense("6100", "1120/13", "full", "120000")
                .expense("6500", "1120/18", "full", "11000")
                .expense("6600", "1120/26", "meals-half", "5000")
                .expense("6610", "1120/19", "charitable", "9000")
                .expense("6620", "1120/26", "fines-none", "800")
                .expense("6700", "1120/20", "depreciation-books", "40000")
                .expense("8000", "1120/M-1/2", "federal-tax", "60000")
                .fact("4562/22", "52000");
    }

    @Test
    void itMayBeGivenWithFewerAssetsAndThenTakesThePlaceOfScheduleM1() {
        SampleReturns small = SampleReturns.corporation().income("4000", "1120/1a", "full", "900000");
        Calculation without = small.calculate();
        Calculation with = small.fact("1120/hdr/A4", "yes").calculate();
        assertThat(without.value(LineId.of("1120/M-3/II/30/d"))).isEmpty();
        assertThat(at(with, "M-3/II/30/d")).isEqualTo(900_000);
        assertThat(with.printed())
                .extracting(value -> value.key().line().text())
                .contains("1120/M-3/I/11")
                .doesNotContain("1120/M-1/10");
    }

    @Test
    void eachKindOfItemStandsOnItsRowWithItsKindOfDifference() {
        Calculation year = large().calculate();
        assertThat(List.of(at(year, "M-3/II/13/a"), at(year, "M-3/II/13/c"), at(year, "M-3/II/13/d")))
                .containsExactly(10_000L, -7_000L, 3_000L);
        assertThat(at(year, "M-3/II/7/d")).isEqualTo(2_000);
        assertThat(List.of(at(year, "M-3/II/17/a"), at(year, "M-3/II/17/b"), at(year, "M-3/II/17/d")))
                .containsExactly(-400_000L, 0L, -400_000L);
        assertThat(List.of(at(year, "M-3/III/11/a"), at(year, "M-3/III/11/c"), at(year, "M-3/III/11/d")))
                .containsExactly(5_000L, -2_500L, 2_500L);
        assertThat(at(year, "M-3/III/12/c")).isEqualTo(-800);
        assertThat(List.of(at(year, "M-3/III/31/a"), at(year, "M-3/III/31/b"), at(year, "M-3/III/31/d")))
                .containsExactly(40_000L, 12_000L, 52_000L);
        assertThat(at(year, "M-3/III/1/c")).isEqualTo(-60_000);
        assertThat(at(year, "M-3/II/28/a")).isEqualTo(780_000);
    }

    @Test
    void lineThirtyIsBookIncomeAndTaxableIncome() {
        Calculation year = large().calculate();
        assertThat(at(year, "M-3/II/30/a")).isEqualTo(at(year, "M-1/1")).isEqualTo(at(year, "M-3/I/11"));
        assertThat(at(year, "M-3/II/30/d")).isEqualTo(at(year, "28"));
    }

    @Test
    void aFigureTypedOverTheBooksIsADifference() {
        Calculation year = large().fact("1120/13", "100000").calculate();
        assertThat(at(year, "M-3/III/38/b")).isEqualTo(-20_000);
        assertThat(at(year, "M-3/II/30/d")).isEqualTo(at(year, "28"));
    }

    static LongStream seeds() {
        return LongStream.rangeClosed(1, 40);
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void chanceReturnsReconcileRowByRowAndInAll(long seed) {
        Random random = new Random(seed);
        SampleReturns sample = large();
        List<String> treatments = List.of(
                "full", "meals-half", "fines-none", "officer-life-none", "state-tax-deferred", "entertainment-none");
        List<String> lines = List.of("1120/12", "1120/14", "1120/17", "1120/18", "1120/23", "1120/26", "1125-A/5");
        for (int i = 0; i < 12; i++) {
            sample.expense(
                    String.valueOf(7000 + i),
                    lines.get(random.nextInt(lines.size())),
                    treatments.get(random.nextInt(treatments.size())),
                    random.nextInt(40_000) + "." + (10 + random.nextInt(90)));
        }
        Calculation year = sample.fact("4562/44", "" + random.nextInt(9_000))
                .income("4801", "1120/9", "disposal-books", "" + random.nextInt(9_000))
                .fact("4797/17", "" + random.nextInt(9_000))
                .calculate();
        for (M3Rows.Row row : M3Rows.rows().all()) {
            String at = "M-3/" + row.number();
            assertThat(at(year, at + "/a") + at(year, at + "/b") + at(year, at + "/c"))
                    .as(row.number())
                    .isEqualTo(at(year, at + "/d"));
        }
        assertThat(at(year, "M-3/II/30/a")).isEqualTo(at(year, "M-1/1"));
        assertThat(at(year, "M-3/II/30/d")).isEqualTo(at(year, "28"));
    }

    /** What is not in the return is not found; an edit that calls for it finds all of it, and back. */
    @Test
    void anEditAcrossTheThresholdFindsTheWholeSchedule() {
        SampleReturns small = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "400000")
                .expense("6900", "1120/26", "meals-half", "9000");
        Calculation before = small.calculate();
        assertThat(before.value(LineId.of("1120/M-3/II/30/d"))).isEmpty();
        Account cash = before.snapshot().accounts().get("1000");
        Change grown = new Change.AccountSet(
                new Account(cash.number(), cash.name(), cash.statement(), Money.ZERO, Money.ofDollars(10_000_000)));
        Snapshot next = grown.applyTo(before.snapshot());
        Calculation edited = before.after(next, grown.touches());
        Calculation full = Returns.calculate(next);
        for (String line : List.of("II/30/a", "II/30/d", "III/11/c", "II/28/d")) {
            assertThat(edited.value(LineId.of("1120/M-3/" + line)))
                    .as(line)
                    .isEqualTo(full.value(LineId.of("1120/M-3/" + line)));
        }
        assertThat(edited.amount(LineId.of("1120/M-3/II/30/d"))).isEqualTo(edited.amount(LineId.of("1120/28")));
        Change back = new Change.AccountSet(cash);
        Calculation again = edited.after(back.applyTo(next), back.touches());
        assertThat(again.value(LineId.of("1120/M-3/II/30/d"))).isEmpty();
        assertThat(again.evaluatedLines()).isLessThan(before.evaluatedLines() / 10);
    }
}
