package undersaw.us.depreciation;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import undersaw.assets.AssetRegister;
import undersaw.form.formula.Division;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.MemberFigures;
import undersaw.line.Dimension;
import undersaw.line.LineId;

/** Whether the class of each asset is elected out of the special allowance of the year (IRC 168(k)(7)). */
record ElectedOut() implements Division {
    /** The classes that are elected out: a row a class. */
    static final Dimension CLASSES = Dimension.rows("bonus-elections");

    /** The answer of such a row. */
    static final LineId OUT = LineId.of("4562/14/electOut");

    @Override
    public LineId line() {
        return OUT;
    }

    @Override
    public Dimension members() {
        return AssetRegister.ASSETS;
    }

    @Override
    public Map<String, Long> parts(Figures figures, MemberFigures members) {
        Map<String, Long> parts = new HashMap<>();
        if (!members.of(CLASSES).isEmpty()) {
            members.of(AssetRegister.ASSETS).stream()
                    .filter(asset -> isOut(members, asset))
                    .forEach(asset -> parts.put(asset, 1L));
        }
        return parts;
    }

    private static boolean isOut(MemberFigures members, String asset) {
        Optional<PropertyClass> type = PropertyClass.of(members.answer(TaxColumns.CLASS, asset));
        return type.filter(each -> members.answer(OUT, each.electedWith()).equals("yes")
                        || members.answer(OUT, each.code()).equals("yes"))
                .isPresent();
    }

    @Override
    public List<String> steps(Figures figures, MemberFigures members, String member) {
        return isOut(members, member) ? List.of("Its class is elected out of the special allowance.") : List.of();
    }

    @Override
    public String words() {
        return "whether its class is elected out on line " + OUT;
    }

    @Override
    public Set<Input> reads() {
        return Set.of(new Input.OfLine(OUT), new Input.OfLine(TaxColumns.CLASS));
    }
}
