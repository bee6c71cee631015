package undersaw.us.scorporation;

import static undersaw.form.formula.Formulas.sum;

import java.util.ArrayList;
import java.util.List;
import undersaw.form.BalanceRow;
import undersaw.form.BalanceRow.YearEnd;
import undersaw.form.Section;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Term;
import undersaw.ledger.Side;
import undersaw.us.forms.BalanceSheet;

/** Form 1120-S, Schedule L; what rounding leaves is put to retained earnings (2024 form, from memory). */
final class ScheduleL extends BalanceSheet {
    private final List<BalanceRow> assets = new ArrayList<>();
    private final List<BalanceRow> rightSide = new ArrayList<>();
    final BalanceRow totalAssets;
    final BalanceRow shareholderLoans;
    final BalanceRow retainedEarnings;

    ScheduleL(SCorporationForms all) {
        super("1120-S");
        part("L", "Schedule L: balance sheets per books", "Instructions for Form 1120-S, Schedule L")
                .excusedWhen(() -> all.scheduleB.small.answered("yes"));
        assets();
        totalAssets = total("15", "Total assets", end -> sum(at(assets, end)));
        section(Section.CURRENT_LIABILITIES);
        rightSide.add(row("16", "Accounts payable", Side.CREDIT));
        section(Section.BORROWINGS);
        rightSide.add(row("17", "Mortgages, notes, bonds payable in less than 1 year", Side.CREDIT));
        section(Section.CURRENT_LIABILITIES);
        rightSide.add(statement("18", "Other current liabilities", Side.CREDIT));
        section(Section.BORROWINGS);
        shareholderLoans = row("19", "Loans from shareholders", Side.CREDIT);
        rightSide.add(shareholderLoans);
        rightSide.add(row("20", "Mortgages, notes, bonds payable in 1 year or more", Side.CREDIT));
        section(Section.OTHER_LIABILITIES);
        rightSide.add(statement("21", "Other liabilities", Side.CREDIT));
        section(Section.EQUITY);
        rightSide.add(row("22", "Capital stock", Side.CREDIT));
        rightSide.add(row("23", "Additional paid-in capital", Side.CREDIT));
        retainedEarnings = rounded("24", "Retained earnings", Side.CREDIT);
        rightSide.add(retainedEarnings);
        rightSide.add(statement("25", "Adjustments to shareholders' equity", Side.CREDIT));
        BalanceRow treasury = row("26", "Less cost of treasury stock", Side.DEBIT);
        total(
                "27",
                "Total liabilities and shareholders' equity",
                end -> sum(at(rightSide, end)).minus(treasury.at(end)));
        part("W-L", "Rounding of the balance sheet", "Instructions for Form 1120-S, Rounding Off to Whole Dollars")
                .worksheet();
        putRounding("line 24", end -> totalAssets.at(end).minus(beforeRounding(end, treasury)));
    }

    private void assets() {
        section(Section.CASH);
        assets.add(row("1", "Cash", Side.DEBIT));
        assets.add(pair(
                new Half("2a", "Trade notes and accounts receivable", Section.RECEIVABLES),
                new Half("2b", "Less allowance for bad debts", Section.RECEIVABLES)));
        section(Section.CURRENT_ASSETS);
        assets.add(row("3", "Inventories", Side.DEBIT));
        assets.add(row("4", "US government obligations", Side.DEBIT));
        assets.add(row("5", "Tax-exempt securities", Side.DEBIT));
        assets.add(statement("6", "Other current assets", Side.DEBIT));
        section(Section.OTHER_ASSETS);
        assets.add(row("7", "Loans to shareholders", Side.DEBIT));
        assets.add(row("8", "Mortgage and real estate loans", Side.DEBIT));
        assets.add(statement("9", "Other investments", Side.DEBIT));
        assets.add(pair(
                new Half("10a", "Buildings and other depreciable assets", Section.FIXED_ASSETS),
                new Half("10b", "Less accumulated depreciation", Section.ACCUMULATED)));
        assets.add(pair(
                new Half("11a", "Depletable assets", Section.FIXED_ASSETS),
                new Half("11b", "Less accumulated depletion", Section.ACCUMULATED)));
        section(Section.FIXED_ASSETS);
        assets.add(row("12", "Land", Side.DEBIT));
        assets.add(pair(
                new Half("13a", "Intangible assets", Section.INTANGIBLES),
                new Half("13b", "Less accumulated amortization", Section.ACCUMULATED_AMORTIZATION)));
        section(Section.OTHER_ASSETS);
        assets.add(statement("14", "Other assets", Side.DEBIT));
    }

    private Formula beforeRounding(YearEnd end, BalanceRow treasury) {
        List<Term> parts = new ArrayList<>();
        for (BalanceRow row : rightSide) {
            parts.add(row.equals(retainedEarnings) ? row.at(end).fromAccounts() : row.at(end));
        }
        return sum(parts).minus(treasury.at(end));
    }
}
