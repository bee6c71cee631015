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
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.money.Money;

/** Reads payments of tax from a spreadsheet, a CSV file or rows pasted from either: date, kind, amount. */
public final class PaymentReader {
    private static final Columns COLUMNS = new Columns();

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
            date = line("date", "Date").as(LineKind.DATE).repeating();
            kind = line("kind", "Kind")
                    .oneOf(Arrays.stream(PaymentKind.values())
                            .map(PaymentKind::word)
                            .toArray(String[]::new))
                    .as(LineKind.TEXT)
                    .repeating();
            amount = line("amount", "Amount").inCents().repeating();
            list = new RowList(part, List.of(date, kind, amount));
        }
    }

    /** The payments that could be read, and a sentence for each row that could not. */
    public record Read(List<Payment> payments, List<String> problems) {}

    /** Reads all rows; a row without date, kind or a positive amount is a problem. */
    public static Read read(SourceFile file) {
        ListReader.Read read = ListReader.read(file, COLUMNS.list);
        List<String> problems = new ArrayList<>(read.problems());
        List<Payment> payments = new ArrayList<>();
        int number = 0;
        for (ListReader.Row row : read.rows()) {
            number++;
            Map<Line, String> cells = row.cells();
            boolean whole = cells.keySet().containsAll(COLUMNS.list.lines())
                    && Money.parse(cells.get(COLUMNS.amount)).isPositive();
            if (whole) {
                payments.add(new Payment(
                        LocalDate.parse(cells.get(COLUMNS.date)),
                        PaymentKind.parse(cells.get(COLUMNS.kind)).orElseThrow(),
                        Money.parse(cells.get(COLUMNS.amount))));
            } else if (read.problems().isEmpty()) {
                problems.add("%s, payment %d: expected a date, a kind and a positive amount."
                        .formatted(file.name(), number));
            }
        }
        return new Read(List.copyOf(payments), List.copyOf(problems));
    }
}
