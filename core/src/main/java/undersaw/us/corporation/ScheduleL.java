package undersaw.us.corporation;

import undersaw.form.BalanceRow;
import undersaw.form.Section;
import undersaw.ledger.Side;
import undersaw.us.forms.BalanceSheet;

/** Form 1120, Schedule L; what rounding leaves is put to other current liabilities (2024 form, from memory). */
final class ScheduleL extends BalanceSheet {
    final BalanceRow retainedEarnings;

    ScheduleL(CorporationForms all) {
        super(Layout.ofCorporation("1120"), () -> all.scheduleK.small.answered("yes"));
        owedSoon("16", "17");
        BalanceRow otherCurrent = right(rounded("18", "Other current liabilities", Side.CREDIT));
        otherCurrent.opening().withStatement();
        otherCurrent.closing().withStatement();
        owedForLonger("19", "20", "21");
        section(Section.EQUITY);
        right(capitalStock());
        right(row("23", "Additional paid-in capital", Side.CREDIT));
        right(statement("24", "Retained earnings, appropriated", Side.CREDIT));
        retainedEarnings = right(row("25", "Retained earnings, unappropriated", Side.CREDIT));
        right(statement("26", "Adjustments to shareholders' equity", Side.CREDIT));
        close("28", row("27", "Less cost of treasury stock", Side.DEBIT), otherCurrent);
    }

    private BalanceRow capitalStock() {
        BalanceRow preferred = columns("22a", "Preferred stock", Side.CREDIT);
        BalanceRow common = columns("22b", "Common stock", Side.CREDIT);
        return found("22b", "Capital stock", end -> preferred.at(end).plus(common.at(end)));
    }
}
