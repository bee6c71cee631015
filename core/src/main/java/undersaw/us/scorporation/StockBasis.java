package undersaw.us.scorporation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.List;
import undersaw.form.Across;
import undersaw.form.Columns;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.RollDrawn;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Prorated;
import undersaw.form.formula.Spread;
import undersaw.form.formula.Term;
import undersaw.form.formula.Worked;
import undersaw.line.LineId;
import undersaw.owners.OwnerRegister;

/**
 * Form 7203, a shareholder's basis in stock and debt, kept by the firm for its shareholders and not sent (form of
 * December 2022; IRC 1366(d), 1367, 1368; Reg. 1.1367-1, 1.1367-2; from memory). All loans of a shareholder are taken
 * together.
 *
 * <p>Increases first, then distributions, nondeductible expenses and losses (Reg. 1.1367-1(f)).
 */
final class StockBasis extends Form {
    private static final List<String> LOSSES = List.of(
            "Ordinary loss",
            "Rental real estate loss",
            "Other rental loss",
            "Capital loss",
            "Section 1231 loss",
            "Other loss",
            "Section 179 deduction",
            "Contributions",
            "Investment interest",
            "Section 59(e)(2) expenditures",
            "Other deductions",
            "Foreign taxes");

    /** Lines 35 to 46. */
    private static final Columns ROWS =
            Columns.of("35", "36", "37", "38", "39", "40", "41", "42", "43", "44", "45", "46");

    private final SCorporationForms all;
    final Line opening;
    private final Line distributions;
    private final Line afterDistributions;
    private final Line nondeductible;
    private final Line beforeLosses;
    private final Line increases;
    private Line restored;
    private final List<Line> up;
    private final List<Line> down;
    private final Line end;
    private Line debtBeforeLosses;
    private Line fromStock;
    private Line fromDebt;
    private Line lossesOfTheYear;

    StockBasis(SCorporationForms all) {
        super("7203", "Shareholders' basis");
        this.all = all;
        partByNeed(
                        "7203",
                        "Form 7203: shareholders' basis in stock and debt",
                        "IRC 1366(d), 1367; Form 7203",
                        "basis stock debt loss limit shareholder")
                .worksheet()
                .per(OwnerRegister.ROWS)
                .membersAcross()
                .rolls(() -> roll())
                .neededWhen(() -> opening().total().isNotZero())
                .foundOnlyThen();
        opening = line("1", "Stock basis at the beginning of the year");
        Line contributed = line("2", "Capital contributed and stock acquired").fromBooks();
        List<Line> added = additions();
        increases = line("4", "Income and gains").is(sum(added));
        Line raised = line("5", "Basis before distributions").is(sum(opening, contributed, increases));
        distributions =
                line("6", "Distributions").is(() -> all.distributions.net).cites("IRC 1368");
        afterDistributions = line("7", "Basis after distributions")
                .is(raised.minus(distributions).notBelowZero());
        line("7/gain", "Distributions above basis: capital gain")
                .is(distributions.minus(raised).notBelowZero())
                .cites("IRC 1368(b)(2)");
        Line expenses = line("8a", "Nondeductible expenses").is(() -> box("16/C"));
        Line depletion = line("8b", "Depletion of oil and gas");
        Line credits = line("8c", "Credits that lower basis");
        nondeductible = line("9", "Nondeductible expenses and the like").is(sum(expenses, depletion, credits));
        beforeLosses = line("10", "Basis before losses")
                .is(afterDistributions.minus(nondeductible).notBelowZero());
        Line used = line("11", "Losses and deductions allowed").is(() -> fromStock);
        Line toDebt = line("12", "Basis of debt restored").is(() -> restored);
        Line other = line("13", "Other decreases");
        Line less = line("14", "Lines 11 to 13").is(sum(used, toDebt, other));
        Line closing = line("15", "Stock basis at the end of the year")
                .is(beforeLosses.minus(less).notBelowZero());
        up = List.of(contributed, increases);
        down = List.of(distributions, nondeductible, used, toDebt, other);
        end = closing;
        opening.beginsWith(closing);
        debt();
        losses();
    }

    private RollDrawn roll() {
        return new RollDrawn("Stock basis of each shareholder", opening, up, down, end);
    }

    private Line opening() {
        return opening;
    }

    private Line box(String box) {
        return all.scheduleK1.box(box);
    }

    private static Formula loss(Term income) {
        return NOTHING.minus(income).notBelowZero();
    }

    private List<Line> additions() {
        return List.of(
                line("3a", "Ordinary income").is(() -> box("1").notBelowZero()),
                line("3b", "Rental real estate income").is(() -> box("2").notBelowZero()),
                line("3c", "Other rental income").is(() -> box("3").notBelowZero()),
                line("3d", "Interest").is(() -> box("4").notBelowZero()),
                line("3e", "Dividends").is(() -> box("5a").notBelowZero()),
                line("3f", "Royalties").is(() -> box("6").notBelowZero()),
                line("3g", "Capital gains")
                        .is(() -> sum(box("7").notBelowZero(), box("8a").notBelowZero())),
                line("3h", "Section 1231 gain").is(() -> box("9").notBelowZero()),
                line("3i", "Other income").is(() -> otherIncome().notBelowZero()),
                line("3j", "Depletion above basis"),
                line("3k", "Tax-exempt income").is(() -> sum(box("16/A"), box("16/B"))),
                line("3l", "Recapture of credits"),
                line("3m", "Other increases"));
    }

    private Formula otherIncome() {
        return sum(all.scheduleK1.boxes("10"));
    }

    private void debt() {
        Line begin = line("16", "Loans at the beginning of the year").is(() -> all.loans.begin);
        Line lent = line("17", "Lent in the year")
                .is(() -> all.loans.end.minus(all.loans.begin).notBelowZero());
        Line owed = line("18", "Loans before repayment").is(sum(begin, lent));
        Line repaid = line("19", "Paid back in the year").is(() -> box("16/E"));
        line("20", "Loans at the end of the year").is(owed.minus(repaid));
        Line typed = line("21", "Basis of debt at the beginning of the year")
                .help("Left empty, the loans have their full basis.");
        Line basis = line("21/basis", "Basis of debt that counts").is(when(typed.answered(""), begin, typed));
        Line fresh = line("22", "Of what was lent in the year").is(lent);
        Line netIncrease = line("23/most", "Net increase of the year")
                .is(() -> increases
                        .minus(sum(distributions, nondeductible, lossesOfTheYear))
                        .notBelowZero())
                .cites("Reg. 1.1367-2(c)(1)");
        restored = line("23", "Basis of debt restored")
                .is(least(netIncrease, begin.minus(basis).notBelowZero()))
                .cites("IRC 1367(b)(2)(B)");
        Line whole = line("24", "Basis of debt before repayment").is(sum(basis, fresh, restored));
        Line ofRepaid = line("26", "Basis of what was paid back")
                .is(new Prorated(repaid.asFormula(), whole.asFormula(), owed.asFormula()));
        Line left = line("27", "Basis of debt after repayment").is(whole.minus(ofRepaid));
        Line beyond = line("28", "Nondeductible expenses beyond the basis of stock")
                .is(nondeductible.minus(afterDistributions).notBelowZero());
        debtBeforeLosses =
                line("29", "Basis of debt before losses").is(left.minus(beyond).notBelowZero());
        Line used = line("30", "Losses and deductions allowed").is(() -> fromDebt);
        Line closing = line("31", "Basis of debt at the end of the year")
                .is(debtBeforeLosses.minus(used).notBelowZero());
        typed.beginsWith(closing);
        line("34", "Income from debt paid back above its basis")
                .is(repaid.minus(ofRepaid).notBelowZero())
                .cites("Rev. Rul. 64-162");
    }

    private void losses() {
        Across ofYear = across(ROWS, "*/a", at -> LOSSES.get(at.number() - 1) + " of the year");
        List<Line> year = ofYear.all();
        year.get(0).is(() -> loss(box("1")));
        year.get(1).is(() -> loss(box("2")));
        year.get(2).is(() -> loss(box("3")));
        year.get(3).is(() -> sum(loss(box("7")), loss(box("8a"))));
        year.get(4).is(() -> loss(box("9")));
        year.get(5).is(() -> loss(otherIncome()));
        year.get(6).is(() -> box("11"));
        year.get(7).is(() -> sum(all.scheduleK1.boxes("12", "A", "B", "C", "D", "E", "F", "G")));
        year.get(8).is(() -> box("12/H"));
        year.get(9).is(() -> box("12/J"));
        year.get(10).is(() -> sum(all.scheduleK1.boxes("12", "I", "L", "M", "O", "ZZ")));
        year.get(11).is(() -> box("16/F"));
        Across carried = across(ROWS, "*/b", at -> LOSSES.get(at.number() - 1) + ", carried in");
        lossesOfTheYear = line("47/a", "Losses and deductions of the year").is(sum(year));
        Line carriedInAll = line("47/b", "Losses and deductions carried in").is(sum(carried.all()));
        Line wanted = line("47/wanted", "Losses and deductions in all").is(sum(lossesOfTheYear, carriedInAll));
        fromStock = line("47/c", "Allowed by the basis of stock").is(least(wanted, beforeLosses));
        fromDebt = line("47/d", "Allowed by the basis of debt").is(least(wanted.minus(fromStock), debtBeforeLosses));
        List<Formula> each = ROWS.members().stream()
                .map(at -> (Formula) sum(ofYear.at(at), carried.at(at)))
                .toList();
        Across stock = across(ROWS, "*/c", at -> LOSSES.get(at.number() - 1) + ", allowed by stock")
                .is(at -> new Worked(new Spread(fromStock.asFormula(), each, at.number() - 1)));
        Across debt = across(ROWS, "*/d", at -> LOSSES.get(at.number() - 1) + ", allowed by debt")
                .is(at -> new Worked(new Spread(fromDebt.asFormula(), each, at.number() - 1)));
        Across on = across(ROWS, "*/e", at -> LOSSES.get(at.number() - 1) + ", carried on")
                .is(at -> sum(ofYear.at(at), carried.at(at)).minus(sum(stock.at(at), debt.at(at))));
        ROWS.members().forEach(at -> carried.at(at).beginsWith(on.at(at)));
        line("47/e", "Losses and deductions carried on").is(sum(on.all())).cites("IRC 1366(d)(2)");
    }

    /** Where accounts of contributions go. */
    static LineId contributed() {
        return LineId.of("7203/2");
    }
}
