package undersaw.us.partnership;

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

/** Form 1065, Schedule K: what the partners take up, each item by itself (2024 form, from memory). */
final class ScheduleK extends Form {
    final Line ordinary;
    final Line rental;
    final Line otherRentalGross;
    final Line otherRentalCosts;
    final Line otherRentalDepreciation;
    final Line otherRental;
    final Line services;
    final Line capital;
    final Line guaranteed;
    final Line interest;
    final Line dividends;
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

    /** Each line that is divided among partners, with its box on Schedule K-1. */
    final List<Boxed> boxed = new ArrayList<>();

    private final List<Line> incomeOfBooks = new ArrayList<>();
    private final List<Line> deductionsOfBooks = new ArrayList<>();
    private final List<Runnable> usualCodes = new ArrayList<>();

    /**
     * A line of Schedule K and the box that it fills.
     *
     * @param bySign whether its own sign decides between shares of profit and of loss
     */
    record Boxed(Line line, String box, boolean bySign) {}

    ScheduleK(PartnershipForms all) {
        super("1065", "Schedule K");
        part("K", "Schedule K: the partners' items", "IRC 702(a); Instructions for Form 1065, Schedule K");
        ordinary = income("1", line("K/1", "Ordinary business income or loss").is(() -> all.page1.ordinaryIncome));
        rental =
                income("2", line("K/2", "Net rental real estate income or loss").is(() -> all.form8825.netInAll));
        section(Section.OTHER_INCOME);
        otherRentalGross = booksLine("K/3a", "Other gross rental income", Side.CREDIT);
        incomeOfBooks.add(otherRentalGross);
        section(Section.EXPENSES);
        otherRentalCosts = line("K/3b", "Expenses of other rental activities");
        otherRentalDepreciation = line("K/3b/depreciation", "Of this, depreciation");
        otherRentalCosts.fromBooksAnd(() -> sum(otherRentalCosts.fromAccounts(), otherRentalDepreciation));
        mappable(otherRentalCosts, Side.DEBIT);
        otherRental = income(
                "3", line("K/3c", "Other net rental income or loss").is(otherRentalGross.minus(otherRentalCosts)));
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
        income("6b", line("K/6b", "Of this, qualified dividends").fromBooks().cites("IRC 1(h)(11)"));
        income("6c", line("K/6c", "Dividend equivalents"));
        royalties = income("7", ofBooks("7", "Royalties"));
        shortTerm = income("8", gain("8", "Net short-term capital gain or loss"));
        shortTerm.fromBooksAnd(() -> sum(shortTerm.fromAccounts(), all.scheduleD.netShort));
        longTerm = income("9a", gain("9a", "Net long-term capital gain or loss"));
        longTerm.fromBooksAnd(() -> sum(longTerm.fromAccounts(), all.scheduleD.netLong));
        income("9b", line("K/9b", "Of this, gain on collectibles").cites("IRC 1(h)(5)"));
        income("9c", line("K/9c", "Unrecaptured section 1250 gain").cites("IRC 1(h)(6)"));
        business1231 = income("10", gain("10", "Net section 1231 gain or loss"));
        business1231.fromBooksAnd(() -> sum(business1231.fromAccounts(), all.form4797.net1231));
        List<Line> otherIncomes = codes("11", "11", true);
        adjustedUp = coded(otherIncomes, "F");
        incomeOfBooks.addAll(otherIncomes);
        otherIncome = line("K/11", "Other income or loss").is(sum(otherIncomes)).withStatement();

        section(Section.EXPENSES);
        section179 = deduction(
                "12",
                line("K/12", "Section 179 deduction")
                        .is(() -> all.form4562.section179)
                        .cites("IRC 179(d)(8)"));
        cashGifts = gifts("13a", "Cash contributions", "A");
        otherGifts = gifts("13b", "Contributions other than cash", "C");
        investmentInterest = deduction(
                "13/H", booksLine("K/13c", "Investment interest", Side.DEBIT).cites("IRC 163(d)"));
        line("K/13d/1", "Section 59(e)(2) expenditures: kind").as(LineKind.TEXT);
        expenditures = deduction(
                "13/J", line("K/13d/2", "Section 59(e)(2) expenditures").cites("IRC 59(e)"));
        List<Line> others = codes("13e", "13", false);
        adjustedDown = coded(others, "V");
        insurance = line("K/13e/M", "Medical insurance of partners")
                .is(() -> all.recorded.insurance.total())
                .cites("IRC 162(l); Rev. Rul. 91-26");
        retirement = booksLine("K/13e/R", "Pensions of partners", Side.DEBIT).cites("IRC 404(a)(8)");
        List<Line> inAll = new ArrayList<>(others);
        inAll.addAll(List.of(insurance, retirement));
        otherDeductions = line("K/13e", "Other deductions").is(sum(inAll)).withStatement();
        deductionsOfBooks.addAll(List.of(investmentInterest, expenditures, retirement));
        deductionsOfBooks.addAll(others);
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
        preferenceItems();
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
        codes("20c", "20", false);
        section(Section.EXPENSES);
        foreignTax =
                deduction("21", booksLine("K/21", "Foreign taxes", Side.DEBIT).cites("IRC 901"));
        deductionsOfBooks.add(foreignTax);
        part("W-K", "Contributions by code", "IRC 170(b)").worksheet();
        usualCodes.forEach(Runnable::run);
    }

    private Line income(String box, Line line) {
        boxed.add(new Boxed(line, box, true));
        return line;
    }

    private Line deduction(String box, Line line) {
        boxed.add(new Boxed(line, box, false));
        return line;
    }

    private Line ofBooks(String number, String caption) {
        Line line = booksLine("K/" + number, caption, Side.CREDIT);
        incomeOfBooks.add(line);
        return line;
    }

    private Line gain(String number, String caption) {
        Line line = line("K/" + number, caption).cites("IRC 1222, 1231");
        mappable(line, Side.CREDIT);
        return line;
    }

    private static Line coded(List<Line> lines, String code) {
        return lines.stream()
                .filter(line -> line.id().text().endsWith("/" + code))
                .findFirst()
                .orElseThrow();
    }

    /** Contributions: accounts go under the usual code, other codes are typed beside them. */
    private Line gifts(String number, String caption, String usual) {
        Line whole = line("K/" + number, caption).cites("IRC 170, 702(a)(4)");
        List<Line> typed = new ArrayList<>();
        for (ItemCode code : codesOf(number)) {
            typed.add(line("K/" + number + "/" + code.code(), code.caption())
                    .cites("IRC 170(b)")
                    .aside());
        }
        whole.fromBooksAnd(() -> whole.fromAccounts().plus(sum(typed)));
        mappable(whole, Side.DEBIT);
        List<Line> other = typed.subList(1, typed.size());
        usualCodes.add(() -> deduction(
                "13/" + usual, line("W-K/" + number, caption + ", usual code").is(whole.minus(sum(other)))));
        other.forEach(line -> deduction("13/" + line.id().within().substring(("K/" + number + "/").length()), line));
        deductionsOfBooks.add(whole);
        return whole;
    }

    /** The lines of all codes of a box; accounts can be mapped to those that the table says. */
    private List<Line> codes(String number, String box, boolean income) {
        List<Line> lines = new ArrayList<>();
        for (ItemCode code : codesOf(number)) {
            String within = "K/" + number + "/" + code.code();
            Line line = code.books()
                    ? booksLine(within, code.caption(), income ? Side.CREDIT : Side.DEBIT)
                    : line(within, code.caption());
            line.aside();
            boxed.add(new Boxed(line, box + "/" + code.code(), income));
            lines.add(line);
        }
        return lines;
    }

    private static List<ItemCode> codesOf(String number) {
        return ItemCodes.of("undersaw/us/partnership/codes.csv", number);
    }

    private void credits() {
        deduction("15/C", line("K/15a", "Low-income housing credit, section 42(j)(5)"));
        deduction("15/D", line("K/15b", "Low-income housing credit, other"));
        deduction("15/E", line("K/15c", "Rehabilitation expenditures, rental real estate"));
        deduction("15/F", line("K/15d", "Other rental real estate credits"));
        deduction("15/G", line("K/15e", "Other rental credits"));
        List<Line> others = codes("15f", "15", false);
        line("K/15f", "Other credits").is(sum(others)).withStatement();
        line("K/16", "Schedule K-2 is attached").as(LineKind.BOX);
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
            deduction("17/" + Character.toUpperCase(letter), line("K/17" + letter, captions.get(i)))
                    .cites("IRC 56, 57");
        }
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
                otherRental,
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

    /** Lines of income that accounts or a person lead to. */
    List<Line> incomeOfBooks() {
        return List.copyOf(incomeOfBooks);
    }

    /** Lines of deduction that accounts or a person lead to. */
    List<Line> deductionsOfBooks() {
        return List.copyOf(deductionsOfBooks);
    }
}
