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
 * Divides a line among the owners by a percentage that the register holds, where nobody keeps changes within the year.
 *
 * @param line what is divided
 * @param percent the column of the register
 */
public record ByRegister(LineId line, LineId percent) implements Division {
    private static final int DECIMALS = 6;

    @Override
    public Dimension members() {
        return Positions.OWNERS;
    }

    private WholeParts parts(MemberFigures members) {
        List<String> owners = Positions.inOrder(members);
        return new WholeParts(
                owners, owners.stream().map(owner -> held(members, owner)).toList());
    }

    private BigInteger held(MemberFigures members, String owner) {
        String text = members.answer(percent, owner);
        return text.isEmpty()
                ? BigInteger.ZERO
                : new BigDecimal(text).movePointRight(DECIMALS).toBigInteger();
    }

    @Override
    public Map<String, Long> parts(Figures figures, MemberFigures members) {
        return parts(members).of(figures.amount(line), new OddUnits(figures.unit(), ""));
    }

    @Override
    public List<String> steps(Figures figures, MemberFigures members, String member) {
        return parts(members).steps(figures.amount(line), new OddUnits(figures.unit(), ""), member);
    }

    @Override
    public String words() {
        return "the owner's part of line " + line + " by line " + percent;
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfLine(line), new Input.OfLine(percent), new Input.OfLine(OwnerRegister.PLACE));
    }
}
