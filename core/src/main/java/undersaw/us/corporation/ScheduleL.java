package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.rounding;
import static undersaw.form.formula.Formulas.sum;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import undersaw.form.BalanceRow;
import undersaw.form.BalanceRow.YearEnd;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.Section;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Reference;
import undersaw.form.formula.Term;
import undersaw.ledger.Side;
import undersaw.line.LineId;

/**
 * Form 1120, Schedule L: balance sheets per books (2024 form, from memory).
 *
 * <p>Columns a and c hold gross amounts, b and d net ones. A difference of up to five dollars, left by rounding each
 * line, is put to line 18.
 */
final class ScheduleL extends Form {
    private static final long ROUNDING_UP_TO = 5;

    private final List<BalanceRow> assets = new ArrayList<>();
    private final List<BalanceRow> liabilities = new ArrayList<>();
    private final List<BalanceRow> equity = new ArrayList<>();
    final BalanceRow inventories;
    final BalanceRow totalAssets;
    final BalanceRow otherCurrentLiabilities;
    final BalanceRow retainedEarnings;
    final BalanceRow totalLiabilitiesAndEquity;

    ScheduleL(CorporationForms all) {
        super("1120", "Schedule L");
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
        otherCurrentLiabilities = new BalanceRow(
                id("18"),
                "Other current liabilities",
                roundedInto("18/b", YearEnd.OPENING),
                roundedInto("18/d", YearEnd.CLOSING));
        mappable(otherCurrentLiabilities, Side.CREDIT);
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
        for (YearEnd end : YearEnd.values()) {
            Line difference = line(
                            "W-L/" + place(end), "Assets less liabilities and equity before rounding, " + name(end))
                    .is(() -> totalAssets.at(end).minus(beforeRounding(end, treasury)));
            line(roundingPlace(end), "Rounding put to line 18, " + name(end)).is(rounding(difference, ROUNDING_UP_TO));
        }
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

    private static List<Line> at(List<BalanceRow> rows, YearEnd end) {
        return rows.stream().map(row -> row.at(end)).toList();
    }

    private static LineId id(String number) {
        return LineId.of("1120/L/" + number);
    }

    private BalanceRow row(String number, String caption, Side side) {
        BalanceRow row = new BalanceRow(
                id(number),
                caption,
                line("L/" + number + "/b", caption).fromBooks(),
                line("L/" + number + "/d", caption).fromBooks());
        mappable(row, side);
        return row;
    }

    private BalanceRow statement(String number, String caption, Side side) {
        BalanceRow row = row(number, caption, side);
        row.opening().withStatement();
        row.closing().withStatement();
        return row;
    }

    private Line roundedInto(String within, YearEnd end) {
        Line line = line("L/" + within, "Other current liabilities").withStatement();
        return line.fromBooksAnd(
                () -> sum(line.fromAccounts(), new Reference(LineId.of("1120/" + roundingPlace(end)))));
    }

    /** A row of a pair: the gross amount, or what is taken off it. */
    private record Half(String number, String caption, Section section) {}

    /** Gross amounts in columns a and c; the net of the pair in columns b and d of the lower row. */
    private BalanceRow pair(Half gross, Half less) {
        section(gross.section());
        BalanceRow upper = columns(gross.number(), gross.caption(), Side.DEBIT);
        section(less.section());
        BalanceRow lower = columns(less.number(), less.caption(), Side.CREDIT);
        String net = gross.caption() + ", net";
        return new BalanceRow(
                id(less.number()),
                net,
                line("L/" + less.number() + "/b", net).is(upper.opening().minus(lower.opening())),
                line("L/" + less.number() + "/d", net).is(upper.closing().minus(lower.closing())));
    }

    private BalanceRow capitalStock() {
        BalanceRow preferred = columns("22a", "Preferred stock", Side.CREDIT);
        BalanceRow common = columns("22b", "Common stock", Side.CREDIT);
        return new BalanceRow(
                id("22b"),
                "Capital stock",
                line("L/22b/b", "Capital stock").is(preferred.opening().plus(common.opening())),
                line("L/22b/d", "Capital stock").is(preferred.closing().plus(common.closing())));
    }

    private BalanceRow columns(String number, String caption, Side side) {
        BalanceRow row = new BalanceRow(
                id(number),
                caption,
                line("L/" + number + "/a", caption).fromBooks(),
                line("L/" + number + "/c", caption).fromBooks());
        mappable(row, side);
        return row;
    }

    private BalanceRow total(String number, String caption, Function<YearEnd, Formula> rule) {
        return new BalanceRow(
                id(number),
                caption,
                line("L/" + number + "/b", caption).is(() -> rule.apply(YearEnd.OPENING)),
                line("L/" + number + "/d", caption)
                        .is(() -> rule.apply(YearEnd.CLOSING))
                        .always());
    }

    private static String place(YearEnd end) {
        return end == YearEnd.OPENING ? "1" : "3";
    }

    private static String roundingPlace(YearEnd end) {
        return "W-L/" + (end == YearEnd.OPENING ? "2" : "4");
    }

    private static String name(YearEnd end) {
        return end == YearEnd.OPENING ? "beginning of year" : "end of year";
    }
}
