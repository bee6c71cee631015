package undersaw.us.partnership;

import java.util.List;
import undersaw.form.BalanceRow;
import undersaw.form.Section;
import undersaw.ledger.Side;
import undersaw.us.forms.BalanceSheet;

/** Form 1065, Schedule L; what rounding leaves is put to the partners' capital (2024 form, from memory). */
final class ScheduleL extends BalanceSheet {
    private static final Layout LAYOUT = new Layout(
            "1065",
            "partners",
            List.of(
                    "1", "2a", "2b", "3", "4", "5", "6", "7a", "7b", "8", "9a", "9b", "10a", "10b", "11", "12a", "12b",
                    "13"),
            "14",
            "Total liabilities and capital");

    ScheduleL(PartnershipForms all) {
        super(LAYOUT, () -> all.scheduleB.small.answered("yes"));
        owedSoon("15", "16");
        right(statement("17", "Other current liabilities", Side.CREDIT));
        section(Section.BORROWINGS);
        right(row("18", "All nonrecourse loans", Side.CREDIT));
        owedForLonger("19a", "19b", "20");
        section(Section.EQUITY);
        BalanceRow capital = right(rounded("21", "Partners' capital accounts", Side.CREDIT));
        close("22", null, capital);
    }
}
