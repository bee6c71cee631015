package undersaw.files.sheet;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;
import undersaw.calc.Calculation;
import undersaw.form.MapTarget;
import undersaw.form.Section;
import undersaw.ledger.Account;

/**
 * Our workbook for clients without books of their own: accounts by section, opening balance, debit and credit, with
 * what is out of balance and the net income worked out as it is filled. It is imported like any other spreadsheet.
 */
public final class BooksTemplate {
    private static final int BLANK_ROWS = 8;
    private static final List<String> HEADER = List.of(
            "Account number", "Account name", "Account type", "Opening balance", "Closing debit", "Closing credit");

    private BooksTemplate() {}

    /** The workbook for an engagement: its accounts where it has some, the return's own lines otherwise. */
    public static byte[] write(Calculation calculation) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (Workbook workbook = new Workbook(bytes, "Undersaw", "1.0")) {
            Worksheet sheet = workbook.newWorksheet("Trial balance");
            sheet.value(0, 0, calculation.snapshot().heading().client().name());
            sheet.value(
                    1,
                    0,
                    "Trial balance, year ended "
                            + calculation.snapshot().heading().period().end());
            for (int column = 0; column < HEADER.size(); column++) {
                sheet.value(4, column, HEADER.get(column));
                sheet.style(4, column).bold().set();
                sheet.width(column, column == 1 ? 40 : 17);
            }
            sheet.freezePane(0, 5);
            int last = rows(sheet, calculation);
            sheet.value(2, 2, "Out of balance");
            sheet.formula(2, 3, "ROUND(SUM(E6:E" + last + ")-SUM(F6:F" + last + "),2)");
            sheet.value(2, 4, "Net income");
            sheet.formula(
                    2,
                    5,
                    "ROUND(SUMIF(C6:C" + last + ",\"Income\",F6:F" + last + ")+SUMIF(C6:C" + last
                            + ",\"Expense\",F6:F" + last + ")-SUMIF(C6:C" + last + ",\"Income\",E6:E" + last
                            + ")-SUMIF(C6:C" + last + ",\"Expense\",E6:E" + last + "),2)");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private static int rows(Worksheet sheet, Calculation calculation) {
        int row = 5;
        String group = "";
        for (Line line : lines(calculation)) {
            if (!line.section().caption().equals(group)) {
                group = line.section().caption();
                sheet.value(row, 1, group);
                sheet.style(row, 1).bold().set();
                row++;
            }
            sheet.value(row, 0, line.number());
            sheet.value(row, 1, line.name());
            sheet.value(row, 2, type(line.section()));
            row++;
        }
        return row + BLANK_ROWS;
    }

    private record Line(String number, String name, Section section) {}

    private static List<Line> lines(Calculation calculation) {
        List<Line> lines = new ArrayList<>();
        if (calculation.snapshot().accounts().isEmpty()) {
            int number = 1000;
            List<MapTarget> targets = new ArrayList<>(calculation.plan().targets());
            targets.sort(Comparator.comparing(MapTarget::section));
            for (MapTarget target : targets) {
                lines.add(new Line(String.valueOf(number), target.caption(), target.section()));
                number += 10;
            }
            return lines;
        }
        for (Account account : calculation.snapshot().accounts().values()) {
            Section section = calculation
                    .target(account.number())
                    .map(MapTarget::section)
                    .orElse(account.onIncomeStatement() ? Section.EXPENSES : Section.OTHER_ASSETS);
            lines.add(new Line(account.number(), account.name(), section));
        }
        lines.sort(Comparator.comparing(Line::section).thenComparing(Line::number));
        return lines;
    }

    private static String type(Section section) {
        return switch (section) {
            case REVENUE, OTHER_INCOME -> "Income";
            case COST_OF_SALES, EXPENSES, INCOME_TAXES -> "Expense";
            case EQUITY -> "Equity";
            default -> section.isAsset() ? "Asset" : "Liability";
        };
    }
}
