package undersaw.us.corporation;

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

/**
 * Form 1120, Schedule L: balance sheets per books (2024 form, from memory).
 *
 * <p>Columns a and c hold gross amounts, b and d net ones. A difference of up to five dollars, left by rounding each
 * line, is put to line 18.
 */
final class ScheduleL extends BalanceSheet {
    private final List<BalanceRow> assets = new ArrayList<>();
    private final List<BalanceRow> liabilities = new ArrayList<>();
    private final List<BalanceRow> equity = new ArrayList<>();
    final BalanceRow inventories;
    final BalanceRow totalAssets;
    final BalanceRow otherCurrentLiabilities;
    final BalanceRow retainedEarnings;
    final BalanceRow totalLiabilitiesAndEquity;

    ScheduleL(CorporationForms all) {
        super("1120");
        part("L", "Schedule L: balance sheets per books", "Instructions for Form 1120, Schedule L")
                .excusedWhen(() -> all.scheduleK.small.answered("yes"));
        section(Section.CASH);
        assets.add(row("1", "Cash", Side.DEBIT));
        assets.add(pair(
                new Half("2a", "Trade notes and accounts receivable", Section.RECEIVABLES),
                new Half("2b", "Less allowance for bad debts", Section.RECEIVABLES)));
        section(Section.CURRENT_ASSETS);
        inventories = row("3", "Inventories", Side.DEBIT);
        assets.add(inventories);
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
        totalAssets = total("15", "Total assets", end -> sum(at(assets, end)));
        section(Section.CURRENT_LIABILITIES);
        liabilities.add(row("16", "Accounts payable", Side.CREDIT));
        section(Section.BORROWINGS);
        liabilities.add(row("17", "Mortgages, notes, bonds payable in less than 1 year", Side.CREDIT));
        section(Section.CURRENT_LIABILITIES);
        otherCurrentLiabilities = rounded("18", "Other current liabilities", Side.CREDIT);
        otherCurrentLiabilities.opening().withStatement();
        otherCurrentLiabilities.closing().withStatement();
        liabilities.add(otherCurrentLiabilities);
        section(Section.BORROWINGS);
        liabilities.add(row("19", "Loans from shareholders", Side.CREDIT));
        liabilities.add(row("20", "Mortgages, notes, bonds payable in 1 year or more", Side.CREDIT));
        section(Section.OTHER_LIABILITIES);
        liabilities.add(statement("21", "Other liabilities", Side.CREDIT));
        section(Section.EQUITY);
        equity.add(capitalStock());
        equity.add(row("23", "Additional paid-in capital", Side.CREDIT));
        equity.add(statement("24", "Retained earnings, appropriated", Side.CREDIT));
        retainedEarnings = row("25", "Retained earnings, unappropriated", Side.CREDIT);
        equity.add(retainedEarnings);
        equity.add(statement("26", "Adjustments to shareholders' equity", Side.CREDIT));
        BalanceRow treasury = row("27", "Less cost of treasury stock", Side.DEBIT);
        totalLiabilitiesAndEquity = total(
                "28",
                "Total liabilities and shareholders' equity",
                end -> sum(at(rightSide(), end)).minus(treasury.at(end)));
        part("W-L", "Rounding of the balance sheet", "Instructions for Form 1120, Rounding Off to Whole Dollars")
                .worksheet();
        putRounding("line 18", end -> totalAssets.at(end).minus(beforeRounding(end, treasury)));
    }

    private Formula beforeRounding(YearEnd end, BalanceRow treasury) {
        List<Term> parts = new ArrayList<>();
        for (BalanceRow row : rightSide()) {
            parts.add(row.equals(otherCurrentLiabilities) ? row.at(end).fromAccounts() : row.at(end));
        }
        return sum(parts).minus(treasury.at(end));
    }

    private List<BalanceRow> rightSide() {
        List<BalanceRow> rows = new ArrayList<>(liabilities);
        rows.addAll(equity);
        return rows;
    }

    private BalanceRow capitalStock() {
        BalanceRow preferred = columns("22a", "Preferred stock", Side.CREDIT);
        BalanceRow common = columns("22b", "Common stock", Side.CREDIT);
        return found("22b", "Capital stock", end -> preferred.at(end).plus(common.at(end)));
    }
}
