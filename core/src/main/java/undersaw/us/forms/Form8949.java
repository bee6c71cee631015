package undersaw.us.forms;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.ArrayList;
import java.util.List;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Condition;
import undersaw.form.formula.HeldOverAYear;
import undersaw.form.formula.Total;
import undersaw.line.LineId;

/**
 * Form 8949, sales of capital property, one row a sale (2025 form, from memory).
 *
 * <p>A sale goes by its box where there is one; else it was on no 1099-B, and is long or short by its term or dates.
 */
public final class Form8949 extends Form {
    /** Each six in the order of the groups; the second six for digital assets. */
    private static final String[] BOXES = {"A", "B", "C", "D", "E", "F", "G", "H", "I", "J", "K", "L"};

    private static final String[] LONG_BOXES = {"D", "E", "F", "J", "K", "L"};
    private static final int OF_EACH_TERM = 3;

    /** Sales with basis reported, with basis not reported, and not on a 1099-B. */
    public final List<Sales> shortTerm;

    /** The same, held for more than a year. */
    public final List<Sales> longTerm;

    /** The four columns of sales of one group, summed. */
    public record Sales(Total proceeds, Total cost, Total adjustment, Total gain) {}

    /**
     * The form within a return.
     *
     * @param form the code of the return's form
     */
    public Form8949(String form) {
        super(form, "Form 8949");
        partByNeed(
                        "8949",
                        "Form 8949: sales of capital property",
                        "IRC 1001, 1222; Form 8949",
                        "sale of stock securities bonds investments land")
                .list("sales")
                .ofTheYear();
        row("description", "Description").as(LineKind.TEXT);
        Line acquired = row("acquired", "Acquired").as(LineKind.DATE_OR_WORD);
        Line sold = row("sold", "Sold").as(LineKind.DATE);
        Line proceeds = row("proceeds", "Proceeds");
        Line cost = row("cost", "Cost or other basis");
        Line adjustment = row("adjustment", "Adjustment");
        Line term = row("term", "Term").oneOf("short", "long");
        Line box = row("box", "Box")
                .oneOf(BOXES)
                .help("A to C and G to I short-term, D to F and J to L long-term; G to L for digital assets.");
        Line gain = row("gain", "Gain or loss").is(sum(proceeds, adjustment).minus(cost));
        Condition byDates = new HeldOverAYear(acquired.id(), sold.id());
        Condition longByTerm =
                term.answered("long").or(term.isNotAnyOf("long", "short").and(byDates));
        Condition unboxed = box.isNotAnyOf(BOXES);
        Line isLong = row("is-long", "Held long-term")
                .isYesWhen(() -> box.isAnyOf(LONG_BOXES).or(unboxed.and(longByTerm)))
                .aside();
        Line longGain = row("long", "Of this, long-term").is(when(isLong.answered("yes"), gain, NOTHING));
        row("short", "Of this, short-term").is(gain.minus(longGain));
        List<Sales> groups = new ArrayList<>();
        for (int i = 0; i < 2 * OF_EACH_TERM; i++) {
            Condition boxed = box.isAnyOf(BOXES[i], BOXES[i + 2 * OF_EACH_TERM]);
            boolean last = i % OF_EACH_TERM == OF_EACH_TERM - 1;
            Condition ofTerm = isLong.answered(i < OF_EACH_TERM ? "no" : "yes");
            Condition inGroup = last ? boxed.or(unboxed.and(ofTerm)) : boxed;
            groups.add(new Sales(
                    proceeds.total().where(inGroup),
                    cost.total().where(inGroup),
                    adjustment.total().where(inGroup),
                    gain.total().where(inGroup)));
        }
        shortTerm = List.copyOf(groups.subList(0, OF_EACH_TERM));
        longTerm = List.copyOf(groups.subList(OF_EACH_TERM, groups.size()));
    }

    private Line row(String column, String caption) {
        return line(LineId.of("8949/" + column), caption).column(column);
    }
}
