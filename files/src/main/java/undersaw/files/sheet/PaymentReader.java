package undersaw.files.sheet;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.RowList;
import undersaw.law.calendar.Period;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.money.Money;

/** Reads payments of tax from a spreadsheet, a CSV file or rows pasted from either: date, kind, amount. */
public final class PaymentReader {
    private static final Columns COLUMNS = new Columns();
    /** The columns of payments, as any other list has them. */
    public static final RowList LIST = COLUMNS.list;

    private static final int YEARS_AROUND = 3;

    private PaymentReader() {}

    /** The columns, as any other list has them. */
    private static final class Columns extends Form {
        private final Line date;
        private final Line kind;
        private final Line amount;
        private final RowList list;

        Columns() {
            super("payments", "Payments");
            var part = part("payments", "Payments", "IRC 6655").list("payments");
            date = line("date", "Date").as(LineKind.DATE);
            kind = line("kind", "Kind")
                    .oneOf(Arrays.stream(PaymentKind.values())
                            .map(PaymentKind::word)
                            .toArray(String[]::new))
                    .as(LineKind.TEXT);
            amount = line("amount", "Amount").inCents();
            list = new RowList(part, List.of(date, kind, amount));
        }
    }

    /** What keeps rows from being payments: a date, a kind and a positive amount, not far from the year. */
    public static List<String> problems(ListReader.Read read, String file, Period year) {
        List<String> problems = new ArrayList<>();
        int number = 0;
        for (ListReader.Row row : read.rows()) {
            number++;
            Map<Line, String> cells = row.cells();
            if (!isWhole(cells)) {
                problems.add("%s, payment %d: expected a date, a kind and a positive amount.".formatted(file, number));
            } else {
                int paid = LocalDate.parse(cells.get(COLUMNS.date)).getYear();
                if (Math.abs(paid - year.end().getYear()) > YEARS_AROUND) {
                    problems.add("%s, payment %d: found %s, and this engagement's year ends on %s. Correct the date."
                            .formatted(file, number, cells.get(COLUMNS.date), year.end()));
                }
            }
        }
        return List.copyOf(problems);
    }

    private static boolean isWhole(Map<Line, String> cells) {
        return cells.keySet().containsAll(COLUMNS.list.lines())
                && Money.parse(cells.get(COLUMNS.amount)).isPositive();
    }

    /** The payments of rows in which nothing is wrong. */
    public static List<Payment> payments(ListReader.Read read) {
        return read.rows().stream()
                .map(ListReader.Row::cells)
                .map(cells -> new Payment(
                        LocalDate.parse(cells.get(COLUMNS.date)),
                        PaymentKind.parse(cells.get(COLUMNS.kind)).orElseThrow(),
                        Money.parse(cells.get(COLUMNS.amount))))
                .toList();
    }
}
