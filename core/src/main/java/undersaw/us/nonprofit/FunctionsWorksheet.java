package undersaw.us.nonprofit;

import static undersaw.form.formula.Formulas.sum;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.formula.Formula;

/** Expenses by what they serve; split accounts share themselves out (ASC 958-720-45, from memory). */
final class FunctionsWorksheet extends Form {
    final Line program;
    private final Line management;
    private final Line fundraising;
    private final Line unassigned;

    FunctionsWorksheet(NonprofitForms all) {
        super(NonprofitReturn.CODE, "Expenses by function");
        part("W-FN", "Expenses by function", "ASC 958-720-45; Instructions for Form 990-EZ, Part III")
                .worksheet();
        program = line("W-FN/1", "Program services").fromBooks();
        management = line("W-FN/2", "Management and general");
        management.fromBooksAnd(() -> sum(management.fromAccounts(), all.rounding.toManagement));
        fundraising = line("W-FN/3", "Fundraising").fromBooks();
        unassigned = line("W-FN/4", "Not assigned yet").fromBooks();
        line("W-FN/5", "All expenses of line 17").is(sum(program, management, fundraising, unassigned));
    }

    /** The functions as their accounts alone make them. */
    Formula beforeRounding() {
        return sum(program, management.fromAccounts(), fundraising, unassigned);
    }
}
