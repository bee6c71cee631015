package undersaw.us.partnership;

import static undersaw.form.formula.Formulas.sum;

import java.util.ArrayList;
import java.util.List;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.Section;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Term;
import undersaw.ledger.Side;
import undersaw.us.passthrough.OwnersItems;

/** Form 1065, Schedule K: what the partners take up, each item by itself (2024 form, from memory). */
final class ScheduleK extends OwnersItems {
    final Line ordinary;
    final Line rental;
    final OtherRental otherRental;
    final Line services;
    final Line capital;
    final Line guaranteed;
    final Line interest;
    final Line dividends;
    final Line qualifiedDividends;
    final Line royalties;
    final Line shortTerm;
    final Line longTerm;
    final Line business1231;
    final Line otherIncome;
    final Line adjustedUp;
    final Line section179;
    final Line cashGifts;
    final Line otherGifts;
    final Line investmentInterest;
    final Line expenditures;
    final Line insurance;
    final Line retirement;
    final Line otherDeductions;
    final Line adjustedDown;
    final Line exemptInterest;
    final Line exemptOther;
    final Line nondeductible;
    final Line cashDrawn;
    final Line propertyDrawn;
    final Line foreignTax;

    ScheduleK(PartnershipForms all) {
        super("1065", "undersaw/us/partnership/codes.csv");
        part("K", "Schedule K: the partners' items", "IRC 702(a); Instructions for Form 1065, Schedule K");
        ordinary = income("1", line("K/1", "Ordinary business income or loss").is(() -> all.page1.ordinaryIncome));
        rental =
                income("2", line("K/2", "Net rental real estate income or loss").is(() -> all.form8825.netInAll));
        otherRental = otherRental();
        services = line("K/4a", "Guaranteed payments for services")
                .is(() -> all.recorded.services.total())
                .cites("IRC 707(c)");
        capital = line("K/4b", "Guaranteed payments for capital")
                .is(() -> all.recorded.capital.total())
                .cites("IRC 707(c)");
        guaranteed = line("K/4c", "Guaranteed payments").is(sum(services, capital));
        section(Section.OTHER_INCOME);
        interest = income("5", ofBooks("5", "Interest"));
        dividends = income("6a", ofBooks("6a", "Ordinary dividends"));
        qualifiedDividends = income(
                "6b", line("K/6b", "Of this, qualified dividends").fromBooks().cites("IRC 1(h)(11)"));
        income("6c", line("K/6c", "Dividend equivalents"));
        royalties = income("7", ofBooks("7", "Royalties"));
        shortTerm = income("8", gain("8", "Net short-term capital gain or loss"));
        shortTerm.fromBooksAnd(() -> sum(shortTerm.fromAccounts(), all.scheduleD.netShort));
        longTerm = income("9a", gain("9a", "Net long-term capital gain or loss"));
        longTerm.fromBooksAnd(() -> sum(longTerm.fromAccounts(), all.scheduleD.netLong));
        income("9b", line("K/9b", "Of this, gain on collectibles").cites("IRC 1(h)(5)"));
        income(
                "9c",
                line("K/9c", "Unrecaptured section 1250 gain")
                        .is(() -> all.assets.sales.unrecaptured.total())
                        .cites("IRC 1(h)(6)"));
        business1231 = income("10", gain("10", "Net section 1231 gain or loss"));
        business1231.fromBooksAnd(() -> sum(business1231.fromAccounts(), all.form4797.net1231));
        List<Line> otherIncomes = codes("11", "11", Side.CREDIT);
        adjustedUp = coded(otherIncomes, "F");
        otherIncomes.forEach(this::heldAsIncome);
        otherIncome = line("K/11", "Other income or loss").is(sum(otherIncomes)).withStatement();

        section(Section.EXPENSES);
        section179 = deduction(
                "12",
                line("K/12", "Section 179 deduction")
                        .is(() -> all.form4562.section179)
                        .cites("IRC 179(d)(8)"));
        cashGifts = gifts("13a", "Cash contributions", "13/A").cites("IRC 170, 702(a)(4)");
        otherGifts = gifts("13b", "Contributions other than cash", "13/C").cites("IRC 170, 702(a)(4)");
        investmentInterest = deduction("13/H", ofBooks("13c", "Investment interest", "IRC 163(d)"));
        line("K/13d/1", "Section 59(e)(2) expenditures: kind").as(LineKind.TEXT);
        expenditures = deduction(
                "13/J",
                heldAsDeduction(line("K/13d/2", "Section 59(e)(2) expenditures").cites("IRC 59(e)")));
        List<Line> others = codes("13e", "13", Side.DEBIT);
        adjustedDown = coded(others, "V");
        insurance = line("K/13e/M", "Medical insurance of partners")
                .is(() -> all.recorded.insurance.total())
                .cites("IRC 162(l); Rev. Rul. 91-26");
        retirement = ofBooks("13e/R", "Pensions of partners", "IRC 404(a)(8)");
        List<Line> inAll = new ArrayList<>(others);
        inAll.addAll(List.of(insurance, retirement));
        otherDeductions = line("K/13e", "Other deductions").is(sum(inAll)).withStatement();
        others.forEach(this::heldAsDeduction);
        deduction(
                "13/K",
                line("K/13/K", "Excess business interest expense")
                        .is(() -> all.form8990.carriedOn)
                        .cites("IRC 163(j)(4)")
                        .aside());

        line("K/14a", "Net earnings from self-employment")
                .is(() -> all.selfEmployment.earnings.total())
                .cites("IRC 1402(a)");
        line("K/14b", "Gross farming or fishing income").aside();
        line("K/14c", "Gross nonfarm income").aside();
        credits();
        preferenceItems(
                "17",
                () -> all.assets.lines.total.total().minus(all.assets.lines.minimumTax.total()),
                () -> all.assets.lines.minimumTaxGain.total());
        exemptInterest =
                income("18/A", line("K/18a", "Tax-exempt interest").fromBooks().cites("IRC 103"));
        section(Section.OTHER_INCOME);
        mappable(exemptInterest, Side.CREDIT);
        exemptOther = income("18/B", line("K/18b", "Other tax-exempt income").fromBooks());
        mappable(exemptOther, Side.CREDIT);
        nondeductible = line("K/18c", "Nondeductible expenses").cites("IRC 705(a)(2)(B)");
        nondeductible.fromBooksAnd(() -> sum(nondeductible.fromAccounts(), all.differences.taxNotDeducted()));
        deduction("18/C", nondeductible);
        cashDrawn = line("K/19a", "Distributions of cash and marketable securities")
                .is(() -> all.recorded.drawn.total())
                .cites("IRC 731");
        propertyDrawn = line("K/19b", "Distributions of other property")
                .is(() -> all.recorded.propertyDrawn.total())
                .cites("IRC 731, 732");
        Line investmentIncome = line("K/20a", "Investment income")
                .is(sum(interest, dividends, royalties, coded(otherIncomes, "A")))
                .cites("IRC 163(d)(4)");
        deduction("20/A", investmentIncome);
        deduction("20/B", line("K/20b", "Investment expenses").fromBooks().cites("IRC 163(d)(4)(C)"));
        codes("20c", "20", Side.DEBIT);
        section(Section.EXPENSES);
        foreignTax = deduction("21", ofBooks("21", "Foreign taxes", "IRC 901"));
        giftsByCode();
    }

    private void credits() {
        rentalCredits("15");
        List<Line> others = codes("15f", "15", Side.DEBIT);
        line("K/15f", "Other credits").is(sum(others)).withStatement();
        foreignSchedules("16");
    }

    /** Guaranteed payments of the books, insurance left out: it is deducted once as it is. */
    Formula guaranteedOfBooks() {
        return guaranteed.minus(insurance);
    }

    /** Income as the partners take it up, but for guaranteed payments. */
    Formula incomeItems() {
        return sum(
                ordinary,
                rental,
                otherRental.net(),
                interest,
                dividends,
                royalties,
                shortTerm,
                longTerm,
                business1231,
                otherIncome);
    }

    /** Deductions that the partners take up. */
    Formula deductionItems() {
        List<Term> items = new ArrayList<>(List.of(section179, cashGifts, otherGifts, investmentInterest));
        items.addAll(List.of(expenditures, otherDeductions, foreignTax));
        return sum(items);
    }
}
