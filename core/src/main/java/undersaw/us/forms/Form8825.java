package undersaw.us.forms;

import static undersaw.form.formula.Formulas.sum;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import undersaw.assets.AssetRegister;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.Section;
import undersaw.form.formula.Divided;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Formulas;
import undersaw.form.formula.Gathered;
import undersaw.form.formula.Term;
import undersaw.ledger.Side;
import undersaw.line.Dimension;
import undersaw.line.LineId;

/**
 * Form 8825, rental real estate of a partnership or an S corporation, one column a property (revision of 2018, with the
 * division of line 2 of the newest one; from memory).
 */
public final class Form8825 extends Form {
    /** The properties. */
    public static final Dimension PROPERTIES = Dimension.rows("properties");

    /** The trade or business under section 199A that a property is part of; empty where it is none. */
    public static final LineId ACTIVITY = LineId.of("8825/activity");

    public final Line depreciation;
    public final Line gross;
    public final Line expenses;
    public final Line net;
    public final Line netInAll;
    public final Line grossInAll;
    public final Line businessGain;
    public final Line fromOthers;
    public final Line incomeAbove;
    public final Line incomeBelow;
    public final Line costsAbove;
    public final Line costsBelow;

    /**
     * The form within a return.
     *
     * @param written depreciation of an asset that belongs to a property
     * @param register where assets name their property
     */
    public Form8825(LineId written, AssetRegister register) {
        super("8825", "Rental real estate");
        partByNeed(
                        "8825",
                        "Form 8825: rental real estate",
                        "IRC 469, 702(a), 1366(a); Form 8825",
                        "rent rental property building tenants house")
                .list(PROPERTIES.name(), "property")
                .membersAcross();
        line("1a", "Address").as(LineKind.TEXT);
        line("1b", "Kind of property")
                .oneOf("1", "2", "3", "4", "5", "6", "7", "8")
                .help("1 single family, 2 multi-family, 3 vacation or short-term, 4 commercial, 5 land, 6 royalties, "
                        + "7 self-rental, 8 other.");
        line("1c", "Days rented at a fair price").as(LineKind.COUNT).ofTheYear();
        line("1d", "Days of personal use").as(LineKind.COUNT).ofTheYear().cites("IRC 280A(d)");
        line("activity", "Activity under section 199A")
                .as(LineKind.TEXT)
                .cites("IRC 199A; Rev. Proc. 2019-38")
                .help("Where renting it is a trade or business: the name of its column among the activities of "
                        + "section 199A. Empty where it is none.");
        section(Section.OTHER_INCOME);
        Line rents = booksLine("2a", "Gross rents", Side.CREDIT);
        Line other = booksLine("2b", "Other rental income", Side.CREDIT);
        gross = line("2c", "Rental income").is(sum(rents, other));
        section(Section.EXPENSES);
        List<Line> costs = new ArrayList<>();
        costs.add(booksLine("3", "Advertising", Side.DEBIT));
        costs.add(booksLine("4", "Auto and travel", Side.DEBIT));
        costs.add(booksLine("5", "Cleaning and maintenance", Side.DEBIT));
        costs.add(booksLine("6", "Commissions", Side.DEBIT));
        costs.add(booksLine("7", "Insurance", Side.DEBIT));
        costs.add(booksLine("8", "Legal and professional fees", Side.DEBIT));
        costs.add(booksLine("9", "Interest", Side.DEBIT).cites("IRC 163"));
        costs.add(booksLine("10", "Repairs", Side.DEBIT));
        costs.add(booksLine("11", "Taxes", Side.DEBIT).cites("IRC 164"));
        costs.add(booksLine("12", "Utilities", Side.DEBIT));
        costs.add(booksLine("13", "Wages and salaries", Side.DEBIT));
        depreciation = line("14", "Depreciation")
                .proposed()
                .is(new Divided(new Gathered(PROPERTIES, AssetRegister.ASSETS, written, register.activity.id())))
                .cites("IRC 168");
        mappable(depreciation, Side.DEBIT);
        Line others = booksLine("15", "Other", Side.DEBIT);
        List<Line> all = new ArrayList<>(costs);
        all.addAll(List.of(depreciation, others));
        costs.add(others);
        expenses = line("16", "Expenses").is(sum(all));
        net = line("17", "Net income or loss").is(gross.minus(expenses));
        incomeAbove = typed("W/1", "Income typed above the books", List.of(rents, other), Form8825::above);
        incomeBelow = typed("W/2", "Income typed below the books", List.of(rents, other), Form8825::below);
        costsAbove = typed("W/3", "Expenses typed above the books", costs, Form8825::above);
        costsBelow = typed("W/4", "Expenses typed below the books", costs, Form8825::below);

        grossInAll = line("18a", "Rental income of all properties").once().is(gross.total());
        Line expensesInAll = line("18b", "Expenses of all properties").once().is(expenses.total());
        businessGain =
                line("19", "Gain or loss of Form 4797 from rental property").once();
        fromOthers = line("20a", "Rental income of partnerships, estates and trusts held")
                .once();
        line("20b", "Their names and numbers").as(LineKind.TEXT).once();
        netInAll = line("21", "Net rental real estate")
                .once()
                .is(sum(grossInAll.minus(expensesInAll), businessGain, fromOthers));
    }

    /** What was typed over the books, for Schedule M-1. */
    private Line typed(String within, String caption, List<Line> lines, Function<Line, Term> part) {
        return line(within, caption).is(sum(lines.stream().map(part).toList())).aside();
    }

    private static Formula above(Line line) {
        return line.minus(line.fromAccounts()).notBelowZero();
    }

    private static Formula below(Line line) {
        return line.fromAccounts().minus(line).notBelowZero();
    }

    /** Depreciation of all properties. */
    public Formula depreciationInAll() {
        return Formulas.sum(depreciation.total());
    }
}
