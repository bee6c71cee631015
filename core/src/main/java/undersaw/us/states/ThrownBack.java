package undersaw.us.states;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import undersaw.form.formula.Division;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.MemberFigures;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * Goods shipped from a state to where the entity is not taxable, by the state of shipment (UDITPA 16(b); from memory).
 *
 * @param line the amount of a sale
 */
record ThrownBack(LineId line) implements Division {
    private static final LineId FROM = LineId.of("ST/sales/from");
    private static final LineId TO = LineId.of("ST/sales/to");
    private static final LineId KIND = LineId.of("ST/sales/kind");
    private static final LineId TAXABLE = LineId.of("ST/state/taxable");
    private static final String ABROAD = "ZZ";

    @Override
    public Dimension members() {
        return StateRows.STATES;
    }

    @Override
    public Map<String, Long> parts(Figures figures, MemberFigures members) {
        Map<String, Long> parts = new HashMap<>();
        for (String sale : members.of(StateRows.SALES)) {
            if (isUntaxed(members, sale)) {
                parts.merge(
                        members.answer(FROM, sale), members.amount(line, sale).cents(), Long::sum);
            }
        }
        return parts;
    }

    private static boolean isUntaxed(MemberFigures members, String sale) {
        String from = members.answer(FROM, sale);
        String to = members.answer(TO, sale);
        return members.answer(KIND, sale).equals("goods")
                && !from.isEmpty()
                && !from.equals(to)
                && !isTaxable(members, to);
    }

    /** A country without a row of its own takes the row for all that is abroad. */
    private static boolean isTaxable(MemberFigures members, String to) {
        String own = members.answer(TAXABLE, to);
        String said = own.isEmpty() && to.startsWith(ABROAD) ? members.answer(TAXABLE, ABROAD) : own;
        return said.equals("yes") || said.equals("outside");
    }

    @Override
    public List<String> steps(Figures figures, MemberFigures members, String member) {
        List<String> steps = new ArrayList<>();
        for (String sale : members.of(StateRows.SALES)) {
            if (isUntaxed(members, sale) && members.answer(FROM, sale).equals(member)) {
                Money amount = members.amount(line, sale);
                steps.add(amount.printed() + " of goods to " + members.answer(TO, sale) + ", where it is not taxable");
            }
        }
        return steps;
    }

    @Override
    public String words() {
        return "line " + line + " of goods shipped from there to where the entity is not taxable";
    }

    @Override
    public Set<Input> reads() {
        return Set.of(
                new Input.OfLine(line),
                new Input.OfLine(FROM),
                new Input.OfLine(TO),
                new Input.OfLine(KIND),
                new Input.OfLine(TAXABLE));
    }
}
