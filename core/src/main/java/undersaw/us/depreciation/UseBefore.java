package undersaw.us.depreciation;

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

/**
 * The business use of each asset so many years ago, where it was typed: one more than its millionths of a percent,
 * since no use at all is another thing than a use that is not known.
 *
 * @param back how many years ago, at least 1
 */
record UseBefore(int back) implements Division {
    /** Uses of earlier years: a row an asset and year, named with both, as van@2024 or van-2024. */
    static final Dimension USES = Dimension.rows("asset-uses");

    /** The percentage of such a row. */
    static final LineId USE = LineId.of("4562/26/c");

    private static final String MARK = "[@-]";

    @Override
    public LineId line() {
        return USE;
    }

    @Override
    public Dimension members() {
        return AssetRegister.ASSETS;
    }

    @Override
    public Map<String, Long> parts(Figures figures, MemberFigures members) {
        String year = String.valueOf(figures.period().lawYear() - back);
        Map<String, Long> parts = new HashMap<>();
        for (String row : members.of(USES)) {
            if (row.matches(".+" + MARK + year) && !members.answer(USE, row).isEmpty()) {
                parts.put(row.substring(0, row.length() - year.length() - 1), Use.parse(members.answer(USE, row)) + 1);
            }
        }
        return parts;
    }

    @Override
    public List<String> steps(Figures figures, MemberFigures members, String member) {
        Long use = parts(figures, members).get(member);
        return use == null
                ? List.of()
                : List.of("Used " + Use.written(use - 1) + " percent for business in "
                        + (figures.period().lawYear() - back) + ".");
    }

    @Override
    public String words() {
        return "its business use " + back + " years before";
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfLine(USE), new Input.OfHeading());
    }
}
