package undersaw.us.forms;

import java.util.ArrayList;
import java.util.List;
import undersaw.form.Form;
import undersaw.form.Line;

/** A Schedule D: sales of one term in four groups, typed totals first, then the rows of Form 8949 (from memory). */
public abstract class CapitalGains extends Form {
    /** The lines that take the sales of Form 8949: basis reported, not reported, not on a 1099-B. */
    private static final List<String> SHORT_LINES = List.of("1b", "2", "3");

    private static final List<String> LONG_LINES = List.of("8b", "9", "10");

    private static final List<String> KINDS =
            List.of("Sales with basis reported", "Sales with basis not reported", "Sales not on a 1099-B");

    /** The schedule of a return's form. */
    protected CapitalGains(String form) {
        super(form, "Schedule D");
    }

    /** Column h of the four groups of short-term sales. */
    protected final List<Line> shortTerm(Form8949 sales) {
        return sales("short-term", "1a", SHORT_LINES, sales.shortTerm);
    }

    /** Column h of the four groups of long-term sales. */
    protected final List<Line> longTerm(Form8949 sales) {
        return sales("long-term", "8a", LONG_LINES, sales.longTerm);
    }

    /** The four groups of sales of one term, column h of each: typed totals, and the rows by box. */
    private List<Line> sales(String term, String totals, List<String> numbers, List<Form8949.Sales> listed) {
        Line typedProceeds = line("D/" + totals + "/d", "Totals reported, " + term);
        Line typedCost = line("D/" + totals + "/e", "Totals reported, " + term);
        List<Line> gains = new ArrayList<>();
        gains.add(line("D/" + totals + "/h", "Totals reported, " + term).is(typedProceeds.minus(typedCost)));
        for (int i = 0; i < listed.size(); i++) {
            Form8949.Sales sold = listed.get(i);
            String number = "D/" + numbers.get(i);
            String caption = KINDS.get(i) + ", " + term;
            line(number + "/d", caption).is(sold.proceeds());
            line(number + "/e", caption).is(sold.cost());
            line(number + "/g", caption).is(sold.adjustment());
            gains.add(line(number + "/h", caption).is(sold.gain()));
        }
        return gains;
    }
}
