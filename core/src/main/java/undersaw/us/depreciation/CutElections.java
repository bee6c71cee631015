package undersaw.us.depreciation;

import java.math.BigInteger;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import undersaw.assets.AssetRegister;
import undersaw.form.formula.Division;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.MemberFigures;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.money.LargestRemainder;

/**
 * What counts of each election under section 179: all of it within the dollar limit; above it, until a person lowers
 * the elections, each in proportion, in whole dollars (IRC 179(b)(1); the proportion is common practice, no source).
 *
 * @param line the elections that count in all
 * @param elected what is elected for each asset
 */
record CutElections(LineId line, LineId elected) implements Division {
    @Override
    public Dimension members() {
        return AssetRegister.ASSETS;
    }

    @Override
    public Map<String, Long> parts(Figures figures, MemberFigures members) {
        List<String> assets = members.of(AssetRegister.ASSETS).stream()
                .filter(asset -> members.amount(elected, asset).isPositive())
                .toList();
        Map<String, Long> parts = new HashMap<>();
        if (!assets.isEmpty()) {
            List<BigInteger> weights = assets.stream()
                    .map(asset ->
                            BigInteger.valueOf(members.amount(elected, asset).cents()))
                    .toList();
            long[] units = LargestRemainder.parts(figures.unit().units(figures.amount(line)), weights);
            for (int at = 0; at < units.length; at++) {
                parts.put(assets.get(at), figures.unit().of(units[at]).cents());
            }
        }
        return parts;
    }

    @Override
    public List<String> steps(Figures figures, MemberFigures members, String member) {
        return List.of(
                "Elected for it: " + members.amount(elected, member).printed() + ".",
                "All elections that count come to " + figures.amount(line).printed()
                        + "; where more is elected, each is cut in proportion.");
    }

    @Override
    public String words() {
        return "its part of line " + line + " in proportion to line " + elected;
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfLine(line), new Input.OfLine(elected));
    }
}
