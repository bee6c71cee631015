package undersaw.study;

import static undersaw.form.formula.Formulas.law;
import static undersaw.form.formula.Formulas.sum;

import java.util.function.Supplier;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Ratio;
import undersaw.form.formula.Term;
import undersaw.form.formula.TypedRate;

/** What a comparison of kinds of entity assumes: typed rates, and amounts of the return that can be typed over. */
public final class Assumptions extends Form {
    private final Line rate;
    private final Line preferredRate;
    final Line business;
    final Line other;
    final Line preferred;
    final Line gifts;
    final Line exempt;
    final Line distributions;
    final Line entityTax;
    final Line dividends;
    final Line dividendsDeduction;
    final Line earnings;
    final Line wageBase;
    final Line wages;
    final Line property;
    final Line qualified;
    final Line limited;
    final Line losses;
    final Line investmentOfCorporation;
    final Line investmentOfS;

    Assumptions(Sockets in, Supplier<? extends Term> employerTaxPaid) {
        super(EntityComparison.CODE, "Study: what is assumed");
        part("study", "Study: what is assumed", "common practice, no source")
                .worksheet()
                .neededWhen(this::isBegun)
                .foundOnlyThen()
                .help("What the comparison of kinds of entity rests on. What comes from the return can be typed over; "
                        + "the return itself does not move.");
        rate = line("r", "Owners' rate on ordinary income, in percent")
                .as(LineKind.PERCENT)
                .stays();
        preferredRate = line("rd", "Owners' rate on qualified dividends and long-term gains, in percent")
                .as(LineKind.PERCENT)
                .stays();
        business = line("P", "Business income before owners' pay")
                .is(() -> sum(in.income().get(), in.pay().get(), employerTaxPaid.get()));
        other = line("U", "Other income at ordinary rates").is(in.other());
        preferred = line("UQ", "Qualified dividends and long-term gains").is(in.preferred());
        gifts = line("gifts", "Contributions to charity").is(in.gifts());
        exempt = line("exempt", "Exempt income less what is never deducted").is(in.exempt());
        distributions = line("D", "Distributions of the year").is(in.distributions());
        earnings = line("E", "Earnings and profits at the beginning of the year");
        dividendsDeduction =
                line("drd", "Dividends received deduction of a corporation").cites("IRC 243");
        entityTax = line("own-tax", "Tax that an S corporation owes itself").is(in.entityTax());
        dividends =
                line("17c", "Of an S corporation's distributions, dividends").is(in.dividends());
        wageBase = line("w", "Most pay that social security tax is due on").is(law(StudyLaw.WAGE_BASE));
        qualified = yesNo("q", "Do the owners deduct a share of qualified business income?");
        limited = yesNo("limit", "Are they above the threshold, so that wages and property limit it?");
        wages = line("W", "Wages of others than owners");
        property = line("ubia", "Unadjusted basis of qualified property");
        losses = yesNo("losses", "Are losses within basis, at-risk and passive limits?");
        investmentOfCorporation = yesNo("n/c", "Is net investment income tax due on dividends of a corporation?");
        investmentOfS = yesNo("n/s", "Is it due on dividends of an S corporation?");
    }

    private Line yesNo(String within, String question) {
        return line(within, question).as(LineKind.YES_NO);
    }

    /** Whether anybody studies the return. */
    Condition isBegun() {
        return rate.answered("").not();
    }

    Ratio rate() {
        return new TypedRate(rate.id());
    }

    Ratio preferredRate() {
        return new TypedRate(preferredRate.id());
    }
}
