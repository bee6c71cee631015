package undersaw.us.scorporation;

import static undersaw.form.formula.Formulas.sum;

import java.util.ArrayList;
import java.util.List;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.Section;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Term;
import undersaw.ledger.Side;
import undersaw.us.passthrough.ItemCodes;
import undersaw.us.passthrough.ItemCodes.ItemCode;

/** Form 1120-S, Schedule K: what the shareholders take up, each item by itself (2024 form, from memory). */
final class ScheduleK extends Form {
    final Line ordinary;
    final Line rental;
    final Line otherRental;
    final Line otherRentalCosts;
    final Line otherRentalDepreciation;
    final Line interest;
    final Line dividends;
    final Line qualifiedDividends;
    final Line royalties;
    final Line shortTerm;
    final Line longTerm;
    final Line business1231;
    final Line otherIncome;
    final Line otherPortfolio;
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
    final Line otherRentalGross;

    /** Each line that is divided among shareholders by what they held, with its box on Schedule K-1. */
    final List<Boxed> boxed = new ArrayList<>();

    private final List<Line> incomeOfBooks = new ArrayList<>();
    private final List<Line> deductionsOfBooks = new ArrayList<>();
    private final List<Runnable> usualCodes = new ArrayList<>();

    /** A line of Schedule K and the box that it fills. */
    record Boxed(Line line, String box) {}

    ScheduleK(SCorporationForms all) {
        super("1120-S", "Schedule K");
        part("K", "Schedule K: the shareholders' items", "IRC 1366(a); Instructions for Form 1120-S, Schedule K");
        ordinary = boxed("1", line("K/1", "Ordinary business income or loss").is(() -> all.page1.ordinaryIncome));
        rental = boxed("2", line("K/2", "Net rental real estate income or loss").is(() -> all.form8825.netInAll));
        section(Section.OTHER_INCOME);
        otherRentalGross = income("3a", "Other gross rental income");
        section(Section.EXPENSES);
        otherRentalCosts = line("K/3b", "Expenses of other rental activities");
        otherRentalDepreciation = line("K/3b/depreciation", "Of this, depreciation");
        otherRentalCosts.fromBooksAnd(() -> sum(otherRentalCosts.fromAccounts(), otherRentalDepreciation));
        mappable(otherRentalCosts, Side.DEBIT);
        otherRental = boxed(
                "3", line("K/3c", "Other net rental income or loss").is(otherRentalGross.minus(otherRentalCosts)));
        section(Section.OTHER_INCOME);
        interest = boxed("4", passive("4", "Interest", all));
        dividends = boxed("5a", passive("5a", "Ordinary dividends", all));
        qualifiedDividends = boxed(
                "5b", line("K/5b", "Of this, qualified dividends").fromBooks().cites("IRC 1(h)(11)"));
        royalties = boxed("6", passive("6", "Royalties", all));
        shortTerm = boxed("7", gain("7", "Net short-term capital gain or loss"));
        shortTerm.fromBooksAnd(
                () -> sum(shortTerm.fromAccounts(), all.scheduleD.netShort).minus(all.scheduleD.taxOnShort));
        longTerm = boxed("8a", gain("8a", "Net long-term capital gain or loss"));
        longTerm.fromBooksAnd(
                () -> sum(longTerm.fromAccounts(), all.scheduleD.netLong).minus(all.scheduleD.taxOnLong));
        boxed("8b", line("K/8b", "Of this, gain on collectibles").cites("IRC 1(h)(5)"));
        boxed("8c", line("K/8c", "Unrecaptured section 1250 gain").cites("IRC 1(h)(6)"));
        business1231 = boxed("9", gain("9", "Net section 1231 gain or loss"));
        business1231.fromBooksAnd(
                () -> sum(business1231.fromAccounts(), all.form4797.net1231).minus(all.scheduleD.taxOnBusiness));
        List<Line> otherIncomes = codes("10", "10");
        otherPortfolio = otherIncomes.get(0);
        incomeOfBooks.addAll(otherIncomes);
        otherIncome = line("K/10", "Other income or loss").is(sum(otherIncomes)).withStatement();

        section(Section.EXPENSES);
        section179 = boxed(
                "11",
                line("K/11", "Section 179 deduction")
                        .is(() -> all.form4562.section179)
                        .cites("IRC 179(d)(8)"));
        cashGifts = gifts("12a", "Cash contributions", "A");
        otherGifts = gifts("12b", "Contributions other than cash", "C");
        investmentInterest = boxed("12/H", deduction("12c", "Investment interest", "IRC 163(d)"));
        line("K/12d/1", "Section 59(e)(2) expenditures: kind").as(LineKind.TEXT);
        expenditures =
                boxed("12/J", line("K/12d/2", "Section 59(e)(2) expenditures").cites("IRC 59(e)"));
        deductionsOfBooks.add(expenditures);
        List<Line> others = codes("12e", "12");
        deductionsOfBooks.addAll(others);
        otherDeductions = line("K/12e", "Other deductions").is(sum(others)).withStatement();

        credits();
        preferenceItems();
        exemptInterest =
                boxed("16/A", line("K/16a", "Tax-exempt interest").fromBooks().cites("IRC 103"));
        section(Section.OTHER_INCOME);
        mappable(exemptInterest, Side.CREDIT);
        exemptOther = boxed("16/B", line("K/16b", "Other tax-exempt income").fromBooks());
        mappable(exemptOther, Side.CREDIT);
        nondeductible = line("K/16c", "Nondeductible expenses").cites("IRC 1367(a)(2)(D)");
        nondeductible.fromBooksAnd(() -> sum(nondeductible.fromAccounts(), all.differences.taxNotDeducted()));
        boxed("16/C", nondeductible);
        distributions = line("K/16d", "Distributions, at fair value, without dividends")
                .is(() -> all.distributions.all.minus(all.scheduleM2.dividends))
                .cites("IRC 1368");
        repaid = line("K/16e", "Loans of shareholders repaid").is(() -> all.loans.repaid.total());
        section(Section.EXPENSES);
        foreignTax = boxed("16/F", deduction("16f", "Foreign taxes", "IRC 901, 1373"));
        Line investmentIncome = line("K/17a", "Investment income")
                .is(sum(interest, dividends, royalties, otherPortfolio))
                .cites("IRC 163(d)(4)");
        boxed("17/A", investmentIncome);
        boxed("17/B", line("K/17b", "Investment expenses").fromBooks().cites("IRC 163(d)(4)(C)"));
        line("K/17c", "Dividends out of accumulated earnings and profits")
                .is(() -> all.scheduleM2.dividends)
                .cites("IRC 1368(c)(2)");
        codes("17d", "17");
        income = line("K/18", "Income of the shareholders")
                .is(() -> incomeItems().minus(deductionItems()))
                .always();
        part("W-K", "Contributions by code", "IRC 170(b)").worksheet();
        usualCodes.forEach(Runnable::run);
    }

    private Line boxed(String box, Line line) {
        boxed.add(new Boxed(line, box));
        return line;
    }

    private Line income(String number, String caption) {
        Line line = booksLine("K/" + number, caption, Side.CREDIT);
        incomeOfBooks.add(line);
        return line;
    }

    /** Portfolio income, which the tax on excess net passive income lowers (IRC 1366(f)(3)). */
    private Line passive(String number, String caption, SCorporationForms all) {
        Line line = line("K/" + number, caption);
        line.fromBooksAnd(() -> line.fromAccounts().minus(all.passiveIncomeTax.taxOn(number)));
        mappable(line, Side.CREDIT);
        return line;
    }

    private Line gain(String number, String caption) {
        Line line = line("K/" + number, caption).cites("IRC 1222, 1231");
        mappable(line, Side.CREDIT);
        return line;
    }

    private Line deduction(String number, String caption, String citation) {
        Line line = booksLine("K/" + number, caption, Side.DEBIT).cites(citation);
        deductionsOfBooks.add(line);
        return line;
    }

    /** Contributions: accounts go under the usual code, other codes are typed beside them. */
    private Line gifts(String number, String caption, String usual) {
        Line whole = line("K/" + number, caption).cites("IRC 170, 1366(a)(1)");
        List<Line> typed = new ArrayList<>();
        for (ItemCode code : codesOf(number)) {
            typed.add(line("K/" + number + "/" + code.code(), code.caption())
                    .cites("IRC 170(b)")
                    .aside());
        }
        whole.fromBooksAnd(() -> whole.fromAccounts().plus(sum(typed)));
        mappable(whole, Side.DEBIT);
        List<Line> other = typed.subList(1, typed.size());
        usualCodes.add(() -> boxed(
                "12/" + usual, line("W-K/" + number, caption + ", usual code").is(whole.minus(sum(other)))));
        other.forEach(line -> boxed("12/" + line.id().within().substring(("K/" + number + "/").length()), line));
        deductionsOfBooks.add(whole);
        return whole;
    }

    /** The lines of all codes of a box; accounts can be mapped to those that the table says. */
    private List<Line> codes(String number, String box) {
        List<Line> lines = new ArrayList<>();
        Side side = number.equals("10") ? Side.CREDIT : Side.DEBIT;
        for (ItemCode code : codesOf(number)) {
            String within = "K/" + number + "/" + code.code();
            Line line = code.books() ? booksLine(within, code.caption(), side) : line(within, code.caption());
            line.aside();
            lines.add(boxed(box + "/" + code.code(), line));
        }
        return lines;
    }

    private static List<ItemCode> codesOf(String number) {
        return ItemCodes.of("undersaw/us/scorporation/codes.csv", number);
    }

    private void credits() {
        boxed("13/C", line("K/13a", "Low-income housing credit, section 42(j)(5)"));
        boxed("13/D", line("K/13b", "Low-income housing credit, other"));
        boxed("13/E", line("K/13c", "Rehabilitation expenditures, rental real estate"));
        boxed("13/F", line("K/13d", "Other rental real estate credits"));
        boxed("13/G", line("K/13e", "Other rental credits"));
        boxed("13/I", line("K/13f", "Biofuel credit"));
        List<Line> others = codes("13g", "13");
        line("K/13g", "Other credits").is(sum(others)).withStatement();
        line("K/14", "Schedule K-2 is attached").as(LineKind.BOX);
        line("K-2/exception", "Schedules K-2 and K-3 may be left out").as(LineKind.YES_NO);
    }

    private void preferenceItems() {
        List<String> captions = List.of(
                "Depreciation adjustment of property placed in service after 1986",
                "Adjusted gain or loss",
                "Depletion, other than oil and gas",
                "Oil, gas and geothermal property: gross income",
                "Oil, gas and geothermal property: deductions",
                "Other items of the minimum tax");
        for (int i = 0; i < captions.size(); i++) {
            char letter = (char) ('a' + i);
            boxed("15/" + Character.toUpperCase(letter), line("K/15" + letter, captions.get(i)))
                    .cites("IRC 56, 57");
        }
    }

    private Formula incomeItems() {
        return sum(
                ordinary,
                rental,
                otherRental,
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

    /** Lines of income that accounts or a person lead to. */
    List<Line> incomeOfBooks() {
        return List.copyOf(incomeOfBooks);
    }

    /** Lines of deduction that accounts or a person lead to. */
    List<Line> deductionsOfBooks() {
        return List.copyOf(deductionsOfBooks);
    }
}
