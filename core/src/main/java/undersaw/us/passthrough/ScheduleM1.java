package undersaw.us.passthrough;

import static undersaw.form.formula.Formulas.sum;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Term;
import undersaw.line.LineId;
import undersaw.us.forms.TreatmentTable;

/** Schedule M-1 of a pass-through return: book income to the income of its owners (2024 forms, from memory). */
public final class ScheduleM1 extends Form {
    public final Line bookIncome;
    public final Line exemptInterest;
    public final Line income;
    private final Rows rows;
    private final Supplier<DifferencesWorksheet> differences;
    private final List<Line> added = new ArrayList<>();
    private final List<Line> taken = new ArrayList<>();
    private final Line otherAbove;
    private final Line otherBelow;

    /**
     * How a form numbers its rows.
     *
     * @param form the form's code
     * @param guaranteed the row of guaranteed payments; null where there are none
     * @param expenses expenses of the books that are not deducted
     * @param sum what is added to book income, with it
     * @param exempt income of the books that is not taken up
     * @param deductions deductions that the books have not
     * @param less what is taken off
     * @param result the income of the owners
     */
    public record Rows(
            String form,
            @Nullable String guaranteed,
            String expenses,
            String sum,
            String exempt,
            String deductions,
            String less,
            String result) {
        /** The S corporation's. */
        public static final Rows OF_1120S = new Rows("1120-S", null, "3", "4", "5", "6", "7", "8");

        /** The partnership's. */
        public static final Rows OF_1065 = new Rows("1065", "3", "4", "5", "6", "7", "8", "9");

        public LineId id(String row) {
            return LineId.of(form + "/M-1/" + row);
        }

        /** Where the differences of treatments go. */
        public TreatmentTable.Rows ofTreatments() {
            return new TreatmentTable.Rows(
                    form + "/M-1/",
                    expenses + "c",
                    deductions + "b",
                    "2",
                    exempt + "b",
                    Map.of("travel", expenses + "b", "exempt", exempt + "a"));
        }
    }

    /** Whether what stands on a row is added to book income. */
    static boolean adds(LineId line) {
        return "234".indexOf(line.within().charAt("M-1/".length())) >= 0;
    }

    /** The schedule of a return. */
    public ScheduleM1(
            Rows rows,
            Supplier<Formula> guaranteed,
            Supplier<Condition> excused,
            Supplier<DifferencesWorksheet> differences) {
        super(rows.form(), "Schedule M-1");
        this.rows = rows;
        this.differences = differences;
        part("M-1", "Schedule M-1: books to the income of the owners", "Instructions of the form, Schedule M-1")
                .excusedWhen(excused);
        bookIncome = line("M-1/1", "Net income per books").fromBooks().always();
        Line taxed = row("2", "Income of Schedule K not on the books").withStatement();
        taxed.fromBooksAnd(() -> taxed.fromAccounts().plus(differences.get().incomeAbove));
        added.add(taxed);
        if (rows.guaranteed() != null) {
            added.add(row(rows.guaranteed(), "Guaranteed payments, other than health insurance")
                    .is(guaranteed));
        }
        Line depreciationAbove = row(rows.expenses() + "a", "Depreciation of the books above the return")
                .is(() -> differences
                        .get()
                        .depreciation
                        .minus(differences.get().taxDepreciation)
                        .notBelowZero());
        Line travel = row(rows.expenses() + "b", "Travel, meals and entertainment not deducted")
                .fromBooks()
                .withStatement();
        otherAbove = row(rows.expenses() + "c", "Other expenses of the books not deducted")
                .withStatement();
        otherAbove.fromBooksAnd(() -> otherBeforeRounding().plus(differences.get().roundingAdded));
        added.addAll(List.of(depreciationAbove, travel, otherAbove));
        row(rows.expenses(), "Expenses of the books not deducted").is(sum(depreciationAbove, travel, otherAbove));
        Line above = row(rows.sum(), "Book income and what is added")
                .is(bookIncome.plus(sum(added)))
                .always();
        exemptInterest = row(rows.exempt() + "a", "Tax-exempt interest").fromBooks();
        Line notTaxed = row(rows.exempt() + "b", "Other income of the books not taken up")
                .withStatement();
        notTaxed.fromBooksAnd(() -> notTaxed.fromAccounts().plus(differences.get().incomeBelow));
        taken.addAll(List.of(exemptInterest, notTaxed));
        row(rows.exempt(), "Income of the books not taken up").is(sum(exemptInterest, notTaxed));
        Line depreciationBelow = row(rows.deductions() + "a", "Depreciation of the return above the books")
                .is(() -> differences
                        .get()
                        .taxDepreciation
                        .minus(differences.get().depreciation)
                        .notBelowZero());
        otherBelow = row(rows.deductions() + "b", "Other deductions of Schedule K not on the books")
                .withStatement();
        otherBelow.fromBooksAnd(() -> deductionsBeforeRounding().plus(differences.get().roundingTaken));
        taken.addAll(List.of(depreciationBelow, otherBelow));
        row(rows.deductions(), "Deductions of Schedule K not on the books").is(sum(depreciationBelow, otherBelow));
        Line below = row(rows.less(), "What is taken off").is(sum(taken)).always();
        income = row(rows.result(), "Income of the owners")
                .is(above.minus(below))
                .always();
    }

    private Line row(String number, String caption) {
        return line(rows.id(number), caption);
    }

    private Formula otherBeforeRounding() {
        return otherAbove.fromAccounts().plus(differences.get().expensesAbove);
    }

    private Formula deductionsBeforeRounding() {
        return otherBelow.fromAccounts().plus(differences.get().deductionsBelow);
    }

    /** The result, had nothing been placed for rounding. */
    Formula beforeRounding() {
        List<Term> more = new ArrayList<>(List.of(bookIncome, otherBeforeRounding()));
        added.stream().filter(line -> !line.equals(otherAbove)).forEach(more::add);
        List<Term> less = new ArrayList<>(List.of(deductionsBeforeRounding()));
        taken.stream().filter(line -> !line.equals(otherBelow)).forEach(less::add);
        return sum(more).minus(sum(less));
    }
}
