package undersaw.us.forms;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import undersaw.ledger.Treatment;
import undersaw.ledger.Treatment.Reach;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.table.Table;
import undersaw.table.TableRow;

/**
 * The treatments of a return and where their differences from the books go on its Schedule M-1.
 *
 * <p>Authorities are cited row by row in the table, from memory. A treatment may be read under former names.
 */
public final class TreatmentTable {
    private static final List<String> COLUMNS = List.of(
            "id", "caption", "reach", "later", "permanent", "serves", "expense", "income", "aliases", "citation");

    private final Rows usual;
    private final Map<String, Treatment> byId = new HashMap<>();
    private final Map<String, Lines> differences = new HashMap<>();
    private final Map<String, Later> later = new HashMap<>();
    private final List<Treatment> inOrder = new ArrayList<>();

    /** What a treatment becomes in years beginning in a calendar year or later. */
    private record Later(int since, Treatment treatment) {}

    /**
     * The rows of Schedule M-1 where the table names none: for taxable income above and below the books.
     *
     * @param schedule the address before a row, such as {@code 1120/M-1/}
     * @param names the rows that a table shared by several returns names in words, by these
     */
    public record Rows(
            String schedule,
            String expenseAbove,
            String expenseBelow,
            String incomeAbove,
            String incomeBelow,
            Map<String, String> names) {
        /** Keeps its own copy. */
        public Rows {
            names = Map.copyOf(names);
        }

        private LineId line(String row) {
            return LineId.of(schedule + names.getOrDefault(row, row));
        }
    }

    /** The M-1 lines of one treatment: for taxable income above and below the books. */
    private record Lines(LineId expenseAbove, LineId expenseBelow, LineId incomeAbove, LineId incomeBelow) {}

    /** Reads a table of treatments. */
    public TreatmentTable(String path, Rows usual) {
        this.usual = usual;
        for (TableRow row : Table.read(path, COLUMNS)) {
            Treatment treatment = new Treatment(
                    row.text("id"),
                    row.text("caption"),
                    reach(row.text("reach")),
                    row.text("permanent").equals("yes"),
                    row.text("citation"),
                    Treatment.Serves.parse(row.text("serves")));
            inOrder.add(treatment);
            if (!row.text("later").isEmpty()) {
                String[] change = row.text("later").split(" ", 2);
                later.put(treatment.id(), new Later(Integer.parseInt(change[0]), treatment.reaching(reach(change[1]))));
            }
            differences.put(treatment.id(), lines(row));
            byId.put(treatment.id(), treatment);
            for (String alias : row.text("aliases").split(";", -1)) {
                byId.putIfAbsent(alias, treatment);
            }
        }
        byId.put("", byId.get("full"));
    }

    /** Every treatment, in the order of the table. */
    public List<Treatment> all() {
        return List.copyOf(inOrder);
    }

    private static Reach reach(String word) {
        return Reach.valueOf(word.toUpperCase(Locale.ROOT).replace('-', '_'));
    }

    /** The treatment of that name, under its own or a former one. */
    public Optional<Treatment> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /** The treatment as the law has it in a year. */
    public Treatment in(int year, String id) {
        Treatment treatment = find(id).orElseThrow();
        Later change = later.get(treatment.id());
        return change != null && year >= change.since() ? change.treatment() : treatment;
    }

    /**
     * The M-1 line that a difference belongs on.
     *
     * @param difference tax effect less book effect on income: positive where the return shows more income
     */
    public LineId differenceLine(Treatment treatment, boolean income, Money difference) {
        Lines lines = differences.get(treatment.id());
        if (income) {
            return difference.isPositive() ? lines.incomeAbove() : lines.incomeBelow();
        }
        return difference.isPositive() ? lines.expenseAbove() : lines.expenseBelow();
    }

    private Lines lines(TableRow row) {
        String[] expense = row.text("expense").split("/", -1);
        String[] income = row.text("income").split("/", -1);
        // a single line serves differences of both signs: a refund of meals reduces 5c
        String above = expense[0].isEmpty() ? usual.expenseAbove() : expense[0];
        String below = expense.length > 1 ? expense[1] : expense[0].isEmpty() ? usual.expenseBelow() : expense[0];
        String incomeBelow = income.length > 1 ? income[1] : income[0].isEmpty() ? usual.incomeBelow() : income[0];
        String incomeAbove = income.length > 1 ? income[0] : usual.incomeAbove();
        return new Lines(usual.line(above), usual.line(below), usual.line(incomeAbove), usual.line(incomeBelow));
    }
}
