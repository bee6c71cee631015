package undersaw.owners;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.List;
import java.util.Map;
import java.util.Set;
import undersaw.form.formula.Division;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.MemberFigures;
import undersaw.line.Dimension;
import undersaw.line.LineId;

/**
 * Divides a line of the return among its owners in proportion to a number of each, such as what each was paid or the
 * percentage that the register holds, in whole units that come to the line.
 *
 * @param line what is divided
 * @param weights the amount or percentage of each owner; what is below zero counts nothing
 */
public record ByAmounts(LineId line, LineId weights) implements Division {
    private static final int DECIMALS = 6;

    @Override
    public Dimension members() {
        return Positions.OWNERS;
    }

    @Override
    public Map<String, Long> parts(Figures figures, MemberFigures members) {
        return parts(members).of(figures.amount(line), new OddUnits(figures.unit(), ""));
    }

    @Override
    public List<String> steps(Figures figures, MemberFigures members, String member) {
        return parts(members).steps(figures.amount(line), new OddUnits(figures.unit(), ""), member);
    }

    private WholeParts parts(MemberFigures members) {
        List<String> owners = Positions.inOrder(members);
        return new WholeParts(
                owners, owners.stream().map(owner -> weight(members, owner)).toList());
    }

    /** In millionths, as fine as anything that owners hold. */
    private BigInteger weight(MemberFigures members, String owner) {
        String text = members.answer(weights, owner);
        return text.matches("\\d+(\\.\\d+)?")
                ? new BigDecimal(text).movePointRight(DECIMALS).toBigInteger()
                : BigInteger.ZERO;
    }

    @Override
    public String words() {
        return "the owner's part of line " + line + " in proportion to line " + weights;
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfLine(line), new Input.OfLine(weights), new Input.OfLine(OwnerRegister.PLACE));
    }
}
