package undersaw.us.nonprofit;

import static undersaw.form.formula.Formulas.sum;

import java.util.List;
import undersaw.form.BalanceRow;
import undersaw.form.BalanceRow.YearEnd;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.Section;
import undersaw.form.formula.Formula;
import undersaw.ledger.Side;
import undersaw.line.LineId;

/** Form 990-EZ, Part II: balance sheets; column A opens, column B closes the year (2024 form, from memory). */
final class BalanceSheets extends Form {
    private final BalanceRow cash;
    private final BalanceRow land;
    private final BalanceRow other;
    final BalanceRow totalAssets;
    final BalanceRow liabilities;
    final BalanceRow netAssets;

    BalanceSheets(NonprofitForms all) {
        super(NonprofitReturn.CODE, "Balance sheets");
        part("II", "Part II: balance sheets", "Instructions for Form 990-EZ, Part II");
        section(Section.CASH);
        cash = books("22", "Cash, savings and investments", Side.DEBIT);
        for (YearEnd end : YearEnd.values()) {
            Line line = cash.at(end);
            line.fromBooksAnd(() -> sum(line.fromAccounts(), all.rounding.toCash(end)));
        }
        section(Section.FIXED_ASSETS);
        land = books("23", "Land and buildings", Side.DEBIT);
        section(Section.CURRENT_ASSETS);
        other = books("24", "Other assets", Side.DEBIT);
        other.opening().withStatement();
        other.closing().withStatement();
        totalAssets = new BalanceRow(
                id("25"),
                "Total assets",
                total(YearEnd.OPENING, cash, land, other),
                total(YearEnd.CLOSING, cash, land, other));
        section(Section.CURRENT_LIABILITIES);
        liabilities = books("26", "Total liabilities", Side.CREDIT);
        liabilities.opening().withStatement();
        liabilities.closing().withStatement();
        netAssets = new BalanceRow(id("27"), "Net assets or fund balances", net(YearEnd.OPENING), net(YearEnd.CLOSING));
        section(Section.EQUITY);
        mappable(
                new BalanceRow(id("27"), "Net assets or fund balances", all.netAssets.opening, all.netAssets.closing),
                Side.CREDIT);
    }

    /** Assets less liabilities with line 22 as its accounts alone make it. */
    Formula netBeforeRounding(YearEnd end) {
        return sum(cash.at(end).fromAccounts(), land.at(end), other.at(end)).minus(liabilities.at(end));
    }

    private static LineId id(String number) {
        return LineId.of(NonprofitReturn.CODE + "/" + number);
    }

    private static String column(YearEnd end) {
        return end == YearEnd.OPENING ? "/A" : "/B";
    }

    private BalanceRow books(String number, String caption, Side side) {
        BalanceRow row = new BalanceRow(
                id(number),
                caption,
                line(number + "/A", caption).fromBooks(),
                line(number + "/B", caption).fromBooks());
        mappable(row, side);
        return row;
    }

    private Line total(YearEnd end, BalanceRow... rows) {
        return line("25" + column(end), "Total assets")
                .is(sum(List.of(rows).stream().map(row -> row.at(end)).toList()))
                .always();
    }

    private Line net(YearEnd end) {
        return line("27" + column(end), "Net assets or fund balances")
                .is(totalAssets.at(end).minus(liabilities.at(end)))
                .always();
    }
}
