package undersaw.us.forms;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.List;
import java.util.function.Supplier;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.Section;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Term;
import undersaw.ledger.Side;

/** Form 1125-A, cost of goods sold (from memory). Books may be kept periodically or perpetually. */
public final class Form1125A extends Form {
    public final Line opening;
    public final Line purchases;
    public final Line labor;
    public final Line section263A;
    public final Line otherCosts;
    public final Line closing;
    public final Line costOfSales;
    public final Line perpetual;
    private final List<Line> detailed;

    /**
     * What the return plugs in.
     *
     * @param depreciation depreciation and amortization that belong to the cost of goods
     * @param whole whether books that post cost of sales as they sell are mapped to line 8 as a whole
     */
    public record Sockets(Supplier<Formula> depreciation, boolean whole) {}

    /** The form within a return. */
    public Form1125A(Sockets in) {
        super("1125-A", "Form 1125-A");
        partByNeed(
                "1125-A",
                "Form 1125-A: cost of goods sold",
                "IRC 471; Form 1125-A",
                "inventory purchases cost of sales materials");
        opening = line("1", "Inventory at the beginning of the year").fromBooks();
        purchases = line("2", "Purchases less cost of items withdrawn for personal use");
        section(Section.COST_OF_SALES);
        mappable(purchases, Side.DEBIT);
        labor = booksLine("3", "Cost of labor", Side.DEBIT);
        section263A = booksLine("4", "Additional section 263A costs", Side.DEBIT)
                .withStatement()
                .cites("IRC 263A");
        otherCosts = line("5", "Other costs").withStatement();
        mappable(otherCosts, Side.DEBIT);
        otherCosts.fromBooksAnd(
                () -> sum(otherCosts.fromAccounts(), in.depreciation().get()));
        Line total = line("6", "Lines 1 to 5").is(sum(opening, purchases, labor, section263A, otherCosts));
        closing = line("7", "Inventory at the end of the year").fromBooks();
        mappable(closing, Side.DEBIT);
        costOfSales = line("8", "Cost of goods sold").is(total.minus(closing));
        if (in.whole()) {
            mappable(costOfSales, Side.DEBIT);
        }
        line("9a/i", "Inventory valued at cost").as(LineKind.BOX);
        line("9a/ii", "Inventory valued at lower of cost or market").as(LineKind.BOX);
        line("9a/iii", "Inventory valued otherwise").as(LineKind.BOX);
        line("9b", "Subnormal goods were written down").as(LineKind.BOX);
        line("9c", "LIFO was adopted this year").as(LineKind.BOX);
        line("9d", "Closing inventory under LIFO").cites("IRC 472");
        line("9e", "Do the rules of section 263A apply?").as(LineKind.YES_NO).cites("IRC 263A");
        line("9f", "Was there a change in valuing inventory since the opening?")
                .as(LineKind.YES_NO)
                .cites("IRC 446(e)");
        part("W-COGS", "Cost of goods sold in perpetual books", "IRC 471").worksheet();
        perpetual = line("W-COGS/1", "Cost of sales in perpetual books").fromBooks();
        Line growth = line("W-COGS/2", "Growth of inventory that purchases must cover")
                .is(when(perpetual.isNotZero(), closing.minus(opening), NOTHING));
        detailed = List.of(labor, section263A, otherCosts);
        purchases.fromBooksAnd(() -> in.whole() ? purchasesOfWhole(growth) : sum(purchases.fromAccounts(), growth));
    }

    /** Of a cost of sales that is mapped as a whole, purchases are what inventory and costs typed beside it leave. */
    private Formula purchasesOfWhole(Line growth) {
        Formula typed = sum(detailed.stream()
                .map(line -> (Term) line.minus(line.unreplaced()))
                .toList());
        return sum(purchases.fromAccounts(), perpetual, growth).minus(when(perpetual.isNotZero(), typed, NOTHING));
    }
}
