package undersaw.calc;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import undersaw.SampleReturns;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.form.RowList;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;

/** Columns that are computed row by row, on Form 8949 and the asset register. */
class RowsTest {
    private static final List<String> TYPED =
            List.of("proceeds", "cost", "adjustment", "term", "acquired", "sold", "box", "gain");

    private static SampleReturns sale(SampleReturns sample, String row, String acquired, String sold, String term) {
        sample.fact("8949/proceeds@" + row, "900").fact("8949/cost@" + row, "400");
        if (!acquired.isEmpty()) {
            sample.fact("8949/acquired@" + row, acquired).fact("8949/sold@" + row, sold);
        }
        return term.isEmpty() ? sample : sample.fact("8949/term@" + row, term);
    }

    /** IRC 1222: long-term is held for more than one year; the day of acquisition is left out (from memory). */
    @ParameterizedTest
    @CsvSource({
        "2024-03-05, 2025-03-05, '', short",
        "2024-03-05, 2025-03-06, '', long",
        "2024-02-29, 2025-02-28, '', short",
        "2024-02-29, 2025-03-01, '', long",
        "2025-03-05, 2025-03-06, long, long",
        "2020-03-05, 2025-03-06, short, short",
        "'', '', '', short",
    })
    void aSaleIsShortOrLong(String acquired, String sold, String term, String expected) {
        Calculation year =
                sale(SampleReturns.corporation(), "00001", acquired, sold, term).calculate();
        Money gain = Money.ofDollars(500);
        assertThat(year.amount(LineId.of("1120/D/3/h"))).isEqualTo(expected.equals("short") ? gain : Money.ZERO);
        assertThat(year.amount(LineId.of("1120/D/10/h"))).isEqualTo(expected.equals("long") ? gain : Money.ZERO);
    }

    /** Form 8949 and Schedule D (Form 1120), which line takes the totals of which box (2025 forms, from memory). */
    @ParameterizedTest
    @CsvSource({
        "A, 1b", "B, 2", "C, 3", "D, 8b", "E, 9", "F, 10", "G, 1b", "H, 2", "I, 3", "J, 8b", "K, 9", "L, 10",
    })
    void theBoxSendsASaleToItsLineWithItsColumns(String box, String line) {
        Calculation year = sale(SampleReturns.corporation(), "00001", "2020-03-05", "2025-03-06", "")
                .fact("8949/box@00001", box)
                .fact("8949/adjustment@00001", "30")
                .calculate();
        assertThat(List.of("d", "e", "g", "h"))
                .extracting(column ->
                        year.amount(LineId.of("1120/D/" + line + "/" + column)).dollars())
                .containsExactly(900L, 400L, 30L, 530L);
        assertThat(year.amount(LineId.of("1120/D/18")).dollars()).isEqualTo(530);
        assertThat(year.amount(LineId.of(line.matches("1b|2|3") ? "1120/D/7" : "1120/D/15"))
                        .dollars())
                .isEqualTo(530);
    }

    @Test
    void theTotalOfACalculatedColumnIsItsRows() {
        SampleReturns sample = SampleReturns.corporation();
        for (int i = 1; i <= 2000; i++) {
            sale(sample, RowList.numbered(i), "2020-01-01", "2025-05-01", "");
        }
        Calculation year = sample.calculate();
        assertThat(year.amount(LineId.of("1120/D/10/h"))).isEqualTo(Money.ofDollars(500 * 2000));
        assertThat(year.rowsOf(year.plan().list("sales").orElseThrow())).hasSize(2000);
    }

    @Test
    void oneCellOfALongListEvaluatesOneRow() {
        SampleReturns sample = SampleReturns.corporation();
        for (int i = 1; i <= 500; i++) {
            sale(sample, RowList.numbered(i), "2020-01-01", "2025-05-01", "");
        }
        Calculation before = sample.calculate();
        Change change = typed("8949/cost@00007", "150");
        Calculation after = before.after(change.applyTo(before.snapshot()), change.touches());
        assertThat(after.amount(LineId.of("1120/D/10/h"))).isEqualTo(Money.ofDollars(500 * 500 + 250));
        assertThat(after.evaluatedLines()).isLessThan(before.plan().size());
        assertThat(after.differences(before)).contains(LineKey.parse("8949/gain@00007"));
        assertThat(after.differences(before)).doesNotContain(LineKey.parse("8949/gain@00008"));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void anySequenceOfCellsComesToTheSameAsAllAtOnce(long seed) {
        Random chance = new Random(seed);
        Calculation year =
                sale(SampleReturns.corporation(), "00001", "", "", "").calculate();
        for (int i = 0; i < 80; i++) {
            String column = TYPED.get(chance.nextInt(TYPED.size()));
            String row = RowList.numbered(1 + chance.nextInt(4));
            Change change = typed("8949/" + column + "@" + row, chance.nextInt(4) == 0 ? "" : value(column, chance));
            year = year.after(change.applyTo(year.snapshot()), change.touches());
            assertThat(year.differences(Calculation.of(year.plan(), year.snapshot())))
                    .isEmpty();
        }
    }

    /** A total that counts all rows of a group, and what one row brings to it, after rows came, moved and went. */
    @Test
    void aSaleThatChangesItsBoxChangesItsLine() {
        Calculation year =
                sale(SampleReturns.corporation(), "00001", "", "", "").calculate();
        for (String step : List.of("B 2", "D 8b", "L 10", "C 3", " 3")) {
            String box = step.substring(0, step.indexOf(' '));
            String line = step.substring(step.indexOf(' ') + 1);
            Change change = typed("8949/box@00001", box);
            year = year.after(change.applyTo(year.snapshot()), change.touches());
            for (String each : List.of("1b", "2", "3", "8b", "9", "10")) {
                assertThat(year.amount(LineId.of("1120/D/" + each + "/h")).dollars())
                        .as("box %s, line %s", box, each)
                        .isEqualTo(each.equals(line) ? 500 : 0);
            }
        }
        for (String cell : List.of("proceeds", "cost")) {
            Change gone = typed("8949/" + cell + "@00001", "");
            year = year.after(gone.applyTo(year.snapshot()), gone.touches());
        }
        assertThat(year.rowsOf(year.plan().list("sales").orElseThrow())).isEmpty();
        assertThat(year.value(LineId.of("1120/D/3/h"))).isEmpty();
    }

    @Test
    void aComputedCellTypedOverInAnOtherwiseEmptyRowCountsHoweverItIsFound() {
        Calculation before = sale(SampleReturns.corporation(), "00001", "2020-01-01", "2025-05-01", "")
                .calculate();
        Change change = typed("8949/gain@00009", "40");
        Calculation after = before.after(change.applyTo(before.snapshot()), change.touches());
        Calculation anew = Calculation.of(after.plan(), after.snapshot());
        assertThat(anew.value(LineKey.parse("8949/gain@00009"))).isPresent();
        assertThat(after.differences(anew)).isEmpty();
        Change back = typed("8949/gain@00009", "");
        Calculation without = after.after(back.applyTo(after.snapshot()), back.touches());
        assertThat(without.differences(before)).isEmpty();
    }

    private static String value(String column, Random chance) {
        return switch (column) {
            case "box" -> String.valueOf((char) ('A' + chance.nextInt(12)));
            case "term" -> chance.nextBoolean() ? "short" : "long";
            case "acquired" -> "202" + chance.nextInt(5) + "-06-01";
            case "sold" -> "2025-0" + (1 + chance.nextInt(9)) + "-01";
            default -> String.valueOf(chance.nextInt(5000));
        };
    }

    private static Change typed(String key, String value) {
        TreeMap<LineKey, @Nullable Fact> facts = new TreeMap<>();
        facts.put(LineKey.parse(key), value.isEmpty() ? null : Fact.of(value));
        return new Change.FactsSet(facts);
    }

    @Test
    void aFigureTypedOverOneRowStandsInThatRowOnly() {
        SampleReturns sample = sale(SampleReturns.corporation(), "00001", "", "", "short");
        sale(sample, "00002", "", "", "short").fact("8949/gain@00002", "11");
        Calculation year = sample.calculate();
        assertThat(year.value(LineKey.parse("8949/gain@00002")).orElseThrow().unreplaced())
                .isEqualTo(Money.ofDollars(500));
        assertThat(year.amount(LineId.of("1120/D/3/h"))).isEqualTo(Money.ofDollars(511));
    }
}
