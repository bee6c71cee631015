package undersaw.study;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.greatest;
import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.ArrayList;
import java.util.List;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.Part;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Term;
import undersaw.money.Unit;

/** The taxes of a year under each kind of entity, row by row, each row rounded by itself. */
public final class TaxesByKind extends Form {
    final Line leftOfPartnership;

    private final EntityComparison all;

    /** A line for each kind. */
    private record Row(Line c, Line s, Line p) {}

    TaxesByKind(EntityComparison all) {
        super(EntityComparison.CODE, "Study: taxes by kind of entity");
        this.all = all;
        begin("study-income", "Study: income by kind of entity").in(Unit.CENTS);
        leftOfPartnership = line("left/p", "Partnership: business income less pay")
                .is(() -> all.assumed().business.minus(all.pay().pay.total()));
        Line employed = line("left/s", "Corporation: business income less pay and employer's tax")
                .is(() -> leftOfPartnership.minus(all.pay().employer.total()));
        Line gifts = line("gifts/c", "Corporation: contributions deducted")
                .is(() -> least(
                        all.assumed().gifts,
                        beforeGifts(employed).notBelowZero().times(StudyLaw.CHARITY)));
        Row income = new Row(
                line("income/c", "Corporation: taxable income")
                        .is(() -> beforeGifts(employed).minus(gifts)),
                line("income/s", "S corporation: business income of the owners").is(employed),
                line("income/p", "Partnership: business income of the owners").is(leftOfPartnership));
        Row qualified = new Row(
                line("199A/c", "Corporation: no deduction of owners").is(NOTHING),
                line("199A/s", "S corporation: owners' deduction under section 199A")
                        .is(() -> qualified(employed, all.pay().pay.total())),
                line("199A/p", "Partnership: owners' deduction under section 199A")
                        .is(() ->
                                qualified(leftOfPartnership.minus(all.pay().half.total()), NOTHING)));
        Row ordinary = new Row(
                line("ordinary/c", "Corporation: owners' ordinary income")
                        .is(() -> all.pay().pay.total()),
                line("ordinary/s", "S corporation: owners' ordinary income")
                        .is(() -> sum(all.pay().pay.total(), income.s(), all.assumed().other)),
                line("ordinary/p", "Partnership: owners' ordinary income")
                        .is(() -> sum(all.pay().pay.total(), income.p(), all.assumed().other)
                                .minus(all.pay().half.total())));
        taxes(income, qualified, ordinary);
    }

    private Part begin(String code, String title) {
        return part(code, title, "IRC 11, 199A, 301, 1363, 701")
                .worksheet()
                .neededWhen(() -> all.assumed().isBegun())
                .foundOnlyThen()
                .help("One kind of entity after another at the rates typed; states, the cost of changing kinds and "
                        + "fringe benefits are left out.");
    }

    private void taxes(Row income, Row qualified, Row ordinary) {
        begin("study-taxes", "Study: taxes by kind of entity");
        Formula employed = all.pay().employer.total();
        Formula paid = all.pay().owner.total();
        Formula self = all.pay().selfEmployed.total();
        List<Row> rows = new ArrayList<>();
        rows.add(row(Tax.EMPLOYER, new Terms(employed, employed, NOTHING)));
        rows.add(row(Tax.OWNER, new Terms(paid, paid, NOTHING)));
        rows.add(row(Tax.SELF_EMPLOYMENT, new Terms(NOTHING, NOTHING, self)));
        Formula corporate = income.c().notBelowZero().times(StudyLaw.CORPORATE_RATE);
        Row entity = row(Tax.ENTITY, new Terms(corporate, all.assumed().entityTax, NOTHING));
        rows.add(entity);
        Terms onIncome = new Terms(
                onIncome(ordinary.c(), NOTHING),
                onIncome(ordinary.s(), qualified.s()),
                onIncome(ordinary.p(), qualified.p()));
        rows.add(row(Tax.INCOME, onIncome));
        Formula gains =
                all.assumed().preferred.notBelowZero().times(all.assumed().preferredRate());
        rows.add(row(Tax.GAINS, new Terms(NOTHING, gains, gains)));
        Terms paidOut = paidOut(income.c(), entity.c());
        rows.add(row(Tax.DISTRIBUTIONS, paidOut));
        Row total = row(
                Tax.ALL,
                new Terms(
                        sum(rows.stream().map(Row::c).toList()),
                        sum(rows.stream().map(Row::s).toList()),
                        sum(rows.stream().map(Row::p).toList())));
        Line kept = line("kept/c", "C corporation: profit kept, dividends once it is paid out")
                .is(greatest(income.c().minus(entity.c()).minus(all.assumed().distributions), NOTHING));
        line("later/c", "C corporation: all taxes if it is paid out in full")
                .is(sum(total.c(), onDividends(kept, all.assumed().investmentOfCorporation)));
    }

    private Terms paidOut(Line income, Line tax) {
        Formula dividends =
                least(all.assumed().distributions, earned(income, tax)).notBelowZero();
        return new Terms(
                onDividends(dividends, all.assumed().investmentOfCorporation),
                onDividends(all.assumed().dividends, all.assumed().investmentOfS),
                NOTHING);
    }

    /** A rule for each kind. */
    private record Terms(Term c, Term s, Term p) {}

    private Row row(Tax tax, Terms rules) {
        return new Row(
                of(tax, Kind.CORPORATION, rules.c()),
                of(tax, Kind.S_CORPORATION, rules.s()),
                of(tax, Kind.PARTNERSHIP, rules.p()));
    }

    private Line of(Tax tax, Kind kind, Term rule) {
        return line(tax.within(kind), kind.words() + ": " + tax.words())
                .is(rule)
                .always();
    }

    private Formula beforeGifts(Line employed) {
        return sum(employed, all.assumed().other, all.assumed().preferred).minus(all.assumed().dividendsDeduction);
    }

    /** A loss of the owners saves tax only where nothing holds it back. */
    private Formula onIncome(Line ordinary, Term deducted) {
        Formula taxed = ordinary.minus(deducted);
        return when(
                all.assumed().losses.answered("yes").or(taxed.isAtLeast(NOTHING)),
                taxed.times(all.assumed().rate()),
                NOTHING);
    }

    /** A share of what is left, no more than wages and property allow where the owners are above the threshold. */
    private Formula qualified(Term income, Term pay) {
        Formula wages = sum(all.assumed().wages, pay);
        Formula most = greatest(
                wages.times(StudyLaw.QUALIFIED_WAGES),
                sum(
                        wages.times(StudyLaw.QUALIFIED_WAGES_PROPERTY),
                        all.assumed().property.times(StudyLaw.QUALIFIED_PROPERTY)));
        Formula share = income.notBelowZero().times(StudyLaw.QUALIFIED);
        return when(
                all.assumed().qualified.answered("yes"),
                when(all.assumed().limited.answered("yes"), least(share, most), share),
                NOTHING);
    }

    /** Earnings and profits that a distribution can come from (IRC 316). */
    private Formula earned(Line income, Line tax) {
        return sum(all.assumed().earnings, income, all.assumed().exempt).minus(tax);
    }

    private Formula onDividends(Term dividends, Line investment) {
        return sum(
                dividends.times(all.assumed().preferredRate()),
                when(investment.answered("yes"), dividends.times(StudyLaw.NET_INVESTMENT), NOTHING));
    }
}
