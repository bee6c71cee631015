package undersaw.web.sheets;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import undersaw.engagement.WorksheetRow;
import undersaw.money.Money;
import undersaw.web.frame.TypedArithmetic;

/** The cells of one row behind a line: description, amount, date, note. */
final class WorksheetCells {
    private WorksheetCells() {}

    static String at(@Nullable List<String> cells, int place) {
        return cells == null || place >= cells.size() ? "" : cells.get(place).strip();
    }

    /** Adds the row, or the sentence that says why it is none; a blank row is neither. */
    static void read(String named, List<String> cells, List<WorksheetRow> rows, List<String> problems) {
        String description = at(cells, 0);
        String amount = at(cells, 1);
        if (description.isEmpty() && amount.isEmpty()) {
            return;
        }
        Optional<Money> money = TypedArithmetic.read(amount.replaceAll("[$,]", ""))
                .filter(Money::isPlain)
                .map(Money::parse);
        Optional<LocalDate> date = date(at(cells, 2));
        if (money.isEmpty()) {
            problems.add(named + ": found \"" + amount + "\", expected an amount such as 1250.00.");
        } else if (!at(cells, 2).isEmpty() && date.isEmpty()) {
            problems.add(named + ": found \"" + at(cells, 2) + "\", expected a date such as 2025-12-31.");
        } else {
            rows.add(new WorksheetRow(
                    description.isEmpty() ? "Without description" : description,
                    money.get(),
                    date.orElse(null),
                    at(cells, 3)));
        }
    }

    private static Optional<LocalDate> date(String text) {
        try {
            return text.isEmpty() ? Optional.empty() : Optional.of(LocalDate.parse(text));
        } catch (DateTimeParseException notADate) {
            return Optional.empty();
        }
    }
}
