package undersaw.us.nonprofit;

import static undersaw.form.formula.Formulas.sum;

import java.util.List;
import java.util.stream.Stream;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.Section;
import undersaw.form.formula.Formula;
import undersaw.ledger.Side;

/** Form 990-EZ, Part I: revenue, expenses, and changes in net assets (2024 form, from memory). */
final class RevenueAndExpenses extends Form {
    final Line contributions;
    final Line programRevenue;
    final Line dues;
    final Line investmentIncome;
    final Line basisOfAssets;
    final Line gaming;
    final Line events;
    final Line eventContributions;
    final Line eventCosts;
    final Line sales;
    final Line costOfGoods;
    final Line otherRevenue;
    final Line total;
    final Line grants;
    final Line salaries;
    final Line professionalFees;
    final Line expenses;
    private final Line other;
    private final List<Line> costs;
    final Line excess;
    final Line opening;
    final Line otherChanges;
    final Line closing;

    RevenueAndExpenses(NonprofitForms all) {
        super(NonprofitReturn.CODE, "Revenue and expenses");
        part(
                "I",
                "Part I: revenue, expenses and changes in net assets",
                "IRC 6033(b); Instructions for Form 990-EZ, Part I");
        section(Section.REVENUE);
        contributions = booksLine("1", "Contributions, gifts, grants and similar amounts", Side.CREDIT)
                .help("Money and property given without a like return. The value of services, and of space or "
                        + "equipment lent free, is not counted.");
        programRevenue = booksLine("2", "Program service revenue, government fees and contracts", Side.CREDIT);
        dues = booksLine("3", "Membership dues and assessments", Side.CREDIT);
        section(Section.OTHER_INCOME);
        investmentIncome = booksLine("4", "Investment income", Side.CREDIT);
        Line proceeds = booksLine("5a", "Gross amount from sale of assets other than inventory", Side.CREDIT);
        basisOfAssets = booksLine("5b", "Cost or other basis and sales expenses", Side.DEBIT);
        Line gain = line("5c", "Gain or loss from sale of assets").is(proceeds.minus(basisOfAssets));
        gaming = booksLine("6a", "Gross income from gaming", Side.CREDIT).cites("IRC 513(f); Schedule G");
        eventContributions = line("6b/contributions", "Contributions from fundraising events, shown on line 1")
                .is(() -> all.scheduleG.contributions);
        events = booksLine("6b", "Gross income from fundraising events, without contributions", Side.CREDIT);
        eventCosts = booksLine("6c", "Direct expenses of gaming and fundraising events", Side.DEBIT);
        Line eventNet = line("6d", "Net income from gaming and fundraising events")
                .is(sum(gaming, events).minus(eventCosts));
        section(Section.REVENUE);
        sales = booksLine("7a", "Gross sales of inventory, less returns", Side.CREDIT);
        section(Section.COST_OF_SALES);
        costOfGoods = booksLine("7b", "Cost of goods sold", Side.DEBIT);
        Line grossProfit = line("7c", "Gross profit from sales of inventory").is(sales.minus(costOfGoods));
        section(Section.OTHER_INCOME);
        otherRevenue = booksLine("8", "Other revenue", Side.CREDIT).withStatement();
        total = line("9", "Total revenue")
                .is(sum(
                        contributions,
                        programRevenue,
                        dues,
                        investmentIncome,
                        gain,
                        eventNet,
                        grossProfit,
                        otherRevenue))
                .always();
        section(Section.EXPENSES);
        grants = booksLine("10", "Grants and similar amounts paid", Side.DEBIT).withStatement();
        Line benefits = booksLine("11", "Benefits paid to or for members", Side.DEBIT);
        salaries = booksLine("12", "Salaries, other compensation and employee benefits", Side.DEBIT);
        professionalFees = booksLine("13", "Professional fees and other payments to contractors", Side.DEBIT);
        List<Line> named = List.of(
                grants,
                benefits,
                salaries,
                professionalFees,
                booksLine("14", "Occupancy, rent, utilities and maintenance", Side.DEBIT),
                booksLine("15", "Printing, publications, postage and shipping", Side.DEBIT));
        other = booksLine("16", "Other expenses", Side.DEBIT).withStatement();
        other.fromBooksAnd(() -> sum(other.fromAccounts(), all.rounding.toOtherExpenses));
        costs = Stream.concat(named.stream(), Stream.of(other)).toList();
        expenses = line("17", "Total expenses").is(sum(costs)).always();
        excess = line("18", "Excess or deficit for the year")
                .is(total.minus(expenses))
                .always();
        opening = line("19", "Net assets or fund balances at the beginning")
                .is(() -> all.netAssets.opening)
                .always()
                .help("What the books began the year with. It must agree with the end of last year as it was "
                        + "reported, and with line 27, column A.");
        otherChanges = booksLine("20", "Other changes in net assets or fund balances", Side.CREDIT)
                .withStatement();
        closing = line("21", "Net assets or fund balances at the end")
                .is(sum(excess, opening, otherChanges))
                .always();
    }

    /** Expenses with line 16 as its accounts alone make it. */
    Formula expensesBeforeRounding() {
        return sum(costs.stream()
                .map(cost -> cost == other ? cost.fromAccounts() : cost.asFormula())
                .toList());
    }
}
