package undersaw.us.scorporation;

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

/** Form 1120-S, Schedule K: what the shareholders take up, each item by itself (2024 form, from memory). */
final class ScheduleK extends OwnersItems {
    final Line ordinary;
    final Line rental;
    final OtherRental otherRental;
    final Line interest;
    final Line dividends;
    final Line qualifiedDividends;
    final Line royalties;
    final Line shortTerm;
    final Line longTerm;
    final Line business1231;
    final Line otherIncome;
    final Line section179;
    final Line cashGifts;
    final Line otherGifts;
    final Line investmentInterest;
    final Line expenditures;
    final Line otherDeductions;
    final Line exemptInterest;
    final Line exemptOther;
    final Line nondeductible;
    final Line distributions;
    final Line repaid;
    final Line foreignTax;
    final Line income;

    ScheduleK(SCorporationForms all) {
        super("1120-S", "undersaw/us/scorporation/codes.csv");
        part("K", "Schedule K: the shareholders' items", "IRC 1366(a); Instructions for Form 1120-S, Schedule K");
        ordinary = income("1", line("K/1", "Ordinary business income or loss").is(() -> all.page1.ordinaryIncome));
        rental =
                income("2", line("K/2", "Net rental real estate income or loss").is(() -> all.form8825.netInAll));
        otherRental = otherRental();
        section(Section.OTHER_INCOME);
        interest = income("4", passive("4", "Interest", all));
        dividends = income("5a", passive("5a", "Ordinary dividends", all));
        qualifiedDividends = income(
                "5b", line("K/5b", "Of this, qualified dividends").fromBooks().cites("IRC 1(h)(11)"));
        royalties = income("6", passive("6", "Royalties", all));
        shortTerm = income("7", gain("7", "Net short-term capital gain or loss"));
        shortTerm.fromBooksAnd(
                () -> sum(shortTerm.fromAccounts(), all.scheduleD.netShort).minus(all.scheduleD.taxOnShort));
        longTerm = income("8a", gain("8a", "Net long-term capital gain or loss"));
        longTerm.fromBooksAnd(
                () -> sum(longTerm.fromAccounts(), all.scheduleD.netLong).minus(all.scheduleD.taxOnLong));
        income("8b", line("K/8b", "Of this, gain on collectibles").cites("IRC 1(h)(5)"));
        income(
                "8c",
                line("K/8c", "Unrecaptured section 1250 gain")
                        .is(() -> all.assets.sales.unrecaptured.total())
                        .cites("IRC 1(h)(6)"));
        business1231 = income("9", gain("9", "Net section 1231 gain or loss"));
        business1231.fromBooksAnd(
                () -> sum(business1231.fromAccounts(), all.form4797.net1231).minus(all.scheduleD.taxOnBusiness));
        List<Line> otherIncomes = codes("10", "10", Side.CREDIT);
        otherIncomes.forEach(this::heldAsIncome);
        otherIncome = line("K/10", "Other income or loss").is(sum(otherIncomes)).withStatement();

        section(Section.EXPENSES);
        section179 = deduction(
                "11",
                line("K/11", "Section 179 deduction")
                        .is(() -> all.form4562.section179)
                        .cites("IRC 179(d)(8)"));
        cashGifts = gifts("12a", "Cash contributions", "12/A").cites("IRC 170, 1366(a)(1)");
        otherGifts = gifts("12b", "Contributions other than cash", "12/C").cites("IRC 170, 1366(a)(1)");
        investmentInterest = deduction("12/H", ofBooks("12c", "Investment interest", "IRC 163(d)"));
        line("K/12d/1", "Section 59(e)(2) expenditures: kind").as(LineKind.TEXT);
        expenditures = deduction(
                "12/J", line("K/12d/2", "Section 59(e)(2) expenditures").cites("IRC 59(e)"));
        heldAsDeduction(expenditures);
        List<Line> others = codes("12e", "12", Side.DEBIT);
        others.forEach(this::heldAsDeduction);
        otherDeductions = line("K/12e", "Other deductions").is(sum(others)).withStatement();

        credits();
        preferenceItems(
                "15",
                () -> all.assets.lines.total.total().minus(all.assets.lines.minimumTax.total()),
                () -> all.assets.lines.minimumTaxGain.total());
        exemptInterest =
                income("16/A", line("K/16a", "Tax-exempt interest").fromBooks().cites("IRC 103"));
        section(Section.OTHER_INCOME);
        mappable(exemptInterest, Side.CREDIT);
        exemptOther = income("16/B", line("K/16b", "Other tax-exempt income").fromBooks());
        mappable(exemptOther, Side.CREDIT);
        nondeductible = line("K/16c", "Nondeductible expenses").cites("IRC 1367(a)(2)(D)");
        nondeductible.fromBooksAnd(() -> sum(nondeductible.fromAccounts(), all.differences.taxNotDeducted()));
        deduction("16/C", nondeductible);
        distributions = line("K/16d", "Distributions, at fair value, without dividends")
                .is(() -> all.distributions.all.minus(all.scheduleM2.dividends))
                .cites("IRC 1368");
        repaid = line("K/16e", "Loans of shareholders repaid").is(() -> all.loans.repaid.total());
        section(Section.EXPENSES);
        foreignTax = deduction("16/F", ofBooks("16f", "Foreign taxes", "IRC 901, 1373"));
        Line investmentIncome = line("K/17a", "Investment income")
                .is(sum(interest, dividends, royalties, coded(otherIncomes, "A")))
                .cites("IRC 163(d)(4)");
        deduction("17/A", investmentIncome);
        deduction("17/B", line("K/17b", "Investment expenses").fromBooks().cites("IRC 163(d)(4)(C)"));
        line("K/17c", "Dividends out of accumulated earnings and profits")
                .is(() -> all.scheduleM2.dividends)
                .cites("IRC 1368(c)(2)");
        codes("17d", "17", Side.DEBIT);
        income = line("K/18", "Income of the shareholders")
                .is(() -> incomeItems().minus(deductionItems()))
                .always();
        giftsByCode();
    }

    /** Portfolio income, which the tax on excess net passive income lowers (IRC 1366(f)(3)). */
    private Line passive(String number, String caption, SCorporationForms all) {
        Line line = line("K/" + number, caption);
        line.fromBooksAnd(() -> line.fromAccounts().minus(all.passiveIncomeTax.taxOn(number)));
        mappable(line, Side.CREDIT);
        return line;
    }

    private void credits() {
        rentalCredits("13");
        deduction("13/I", line("K/13f", "Biofuel credit"));
        List<Line> others = codes("13g", "13", Side.DEBIT);
        line("K/13g", "Other credits").is(sum(others)).withStatement();
        foreignSchedules("14");
    }

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

    private Formula deductionItems() {
        List<Term> items = new ArrayList<>(List.of(section179, otherDeductions, foreignTax));
        items.addAll(deductionsBeforeOthers());
        return sum(items);
    }

    /** Lines 12a to 12d. */
    List<Line> deductionsBeforeOthers() {
        return List.of(cashGifts, otherGifts, investmentInterest, expenditures);
    }
}
