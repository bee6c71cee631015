package undersaw.us.scorporation;

import undersaw.form.BalanceRow;
import undersaw.form.Section;
import undersaw.ledger.Side;
import undersaw.us.forms.BalanceSheet;

/** Form 1120-S, Schedule L; what rounding leaves is put to retained earnings (2024 form, from memory). */
final class ScheduleL extends BalanceSheet {
    final BalanceRow retainedEarnings;

    ScheduleL(SCorporationForms all) {
        super(Layout.ofCorporation("1120-S"), () -> all.scheduleB.small.answered("yes"));
        owedSoon("16", "17");
        right(statement("18", "Other current liabilities", Side.CREDIT));
        owedForLonger("19", "20", "21");
        section(Section.EQUITY);
        right(row("22", "Capital stock", Side.CREDIT));
        right(row("23", "Additional paid-in capital", Side.CREDIT));
        retainedEarnings = right(rounded("24", "Retained earnings", Side.CREDIT));
        right(statement("25", "Adjustments to shareholders' equity", Side.CREDIT));
        close("27", row("26", "Less cost of treasury stock", Side.DEBIT), retainedEarnings);
    }
}
