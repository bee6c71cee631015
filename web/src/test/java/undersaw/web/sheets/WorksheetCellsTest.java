package undersaw.web.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import undersaw.engagement.WorksheetRow;
import undersaw.money.Money;

class WorksheetCellsTest {
    private final List<WorksheetRow> rows = new ArrayList<>();
    private final List<String> problems = new ArrayList<>();

    private void read(String... cells) {
        WorksheetCells.read("Row 1", List.of(cells), rows, problems);
    }

    @Test
    void aRowIsRead() {
        read("Bank charges", "$1,250.50", "2025-03-04", "note");
        assertThat(rows)
                .containsExactly(
                        new WorksheetRow("Bank charges", Money.parse("1250.50"), LocalDate.of(2025, 3, 4), "note"));
        assertThat(problems).isEmpty();
    }

    @Test
    void aBlankRowIsNone() {
        read("", "", "", "");
        assertThat(rows).isEmpty();
        assertThat(problems).isEmpty();
    }

    @Test
    void shortRowsAndSumsAreFine() {
        read("Fees", "2*3");
        assertThat(rows.get(0).amount()).isEqualTo(Money.parse("6"));
    }

    @Test
    void whatIsWrongIsNamedWithItsRow() {
        read("Fees", "six");
        read("Fees", "6", "4 March");
        assertThat(rows).isEmpty();
        assertThat(problems).hasSize(2).allMatch(each -> each.startsWith("Row 1: found"));
    }
}
