package undersaw.us.nonprofit;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;

/** Form 990-EZ, Part III: what each program achieved, with its expenses and grants (2024 form, from memory). */
final class Accomplishments extends Form {
    final Line purpose;
    final Line total;
    final Line grants;

    Accomplishments(NonprofitForms all) {
        super(NonprofitReturn.CODE, "Program service accomplishments");
        part("III", "Part III: program service accomplishments", "IRC 6033(b); Instructions for Form 990-EZ, Part III")
                .list("programs");
        purpose = line("III/purpose", "Primary exempt purpose").once().as(LineKind.TEXT);
        line("III/description", "What was achieved").column("description").as(LineKind.TEXT);
        Line given = line("III/grants", "Grants").column("grants");
        line("III/foreign", "Foreign grants").column("foreign").as(LineKind.BOX);
        Line spent = line("III/expenses", "Expenses").column("expenses");
        grants = line("III/31", "Grants in all").once().is(given.total());
        total = line("32", "Total program service expenses").once().is(spent.total());
    }
}
