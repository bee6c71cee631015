package undersaw.us.depreciation;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.table.Table;
import undersaw.table.TableRow;

/** The rates held against the printed ones: Publication 946, Appendix A, tables, from memory. */
final class PercentageTablesTest {
    private static final List<String> COLUMNS = List.of("table", "life", "factor", "convention", "at", "year", "rate");

    @Test
    void everyPrintedRateIsFound() {
        List<String> wrong = new ArrayList<>();
        List<TableRow> rows = Table.read("undersaw/us/depreciation/publication-946.csv", COLUMNS);
        for (TableRow row : rows) {
            int rate = Recovery.of(key(row)).rate(Integer.parseInt(row.text("year")));
            BigDecimal found = BigDecimal.valueOf(rate, 3);
            if (found.compareTo(new BigDecimal(row.text("rate"))) != 0) {
                wrong.add(row.text("table") + " " + row.text("life") + " at " + row.text("at") + ", year "
                        + row.text("year") + ": " + found + ", printed " + row.text("rate"));
            }
        }
        assertThat(rows).hasSizeGreaterThan(1_100);
        assertThat(wrong).isEmpty();
    }

    private static Recovery.Key key(TableRow row) {
        int at = Integer.parseInt(row.text("at"));
        int first = switch (row.text("convention")) {
            case "HY" -> YearParts.YEAR / 2;
            case "MQ" -> YearParts.ofMidQuarter(YearParts.YEAR, at);
            default -> YearParts.YEAR - (at - 1) * YearParts.MONTH - YearParts.HALF_MONTH;
        };
        return new Recovery.Key(PropertyClass.years(row.text("life")), Integer.parseInt(row.text("factor")), first);
    }

    /** IRC 168: what is recovered is the basis, whatever the life, the method and the first year. */
    @ParameterizedTest
    @CsvSource({"3,200", "5,150", "7,0", "9.5,0", "15,150", "20,150", "27.5,0", "30,0", "39,0", "40,0", "50,0"})
    void ratesComeToTheWhole(String life, int factor) {
        for (int first = YearParts.HALF_MONTH; first < YearParts.YEAR; first += YearParts.HALF_MONTH) {
            Recovery recovery = Recovery.of(new Recovery.Key(PropertyClass.years(life), factor, first));
            assertThat(recovery.rates().stream().mapToInt(Integer::intValue).sum())
                    .isEqualTo(Recovery.WHOLE);
            assertThat(recovery.parts().stream().mapToInt(Integer::intValue).sum())
                    .isEqualTo(PropertyClass.years(life));
        }
    }
}
