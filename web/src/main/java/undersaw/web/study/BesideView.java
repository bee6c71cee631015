package undersaw.web.study;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.form.Line;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.study.Correspondence;
import undersaw.study.Correspondence.Pair;
import undersaw.study.Kind;
import undersaw.web.frame.Figure;

/** An engagement and a study of it, line by line beside one another. */
final class BesideView {
    private BesideView() {}

    /**
     * A line of both returns.
     *
     * @param caption what it is
     * @param left its number on the engagement's return; empty where that has none
     * @param was the amount there
     * @param right its number in the study
     * @param is the amount there
     * @param more how much more it is
     */
    public record Row(String caption, String left, String was, String right, String is, String more) {}

    /** Every line that holds anything on either of them; where only those that differ are asked for, these. */
    static List<Row> rows(Calculation original, Calculation study, boolean differing) {
        List<Row> rows = new ArrayList<>();
        for (Pair pair : eachOnce(original, study)) {
            Money was = amount(original, pair.left());
            Money is = amount(study, pair.right());
            if (!(differing && was.equals(is))) {
                rows.add(new Row(
                        caption(original, pair.left())
                                .or(() -> caption(study, pair.right()))
                                .orElse(""),
                        pair.left().map(LineId::text).orElse(""),
                        pair.left().isEmpty() ? "" : Figure.text(was),
                        pair.right().map(LineId::text).orElse(""),
                        pair.right().isEmpty() ? "" : Figure.text(is),
                        Figure.text(is.minus(was))));
            }
        }
        return rows;
    }

    /** Several lines of one return can fall on one of the other; each line that holds anything stands in one row. */
    private static List<Pair> eachOnce(Calculation original, Calculation study) {
        List<Pair> all = pairs(original, study).stream()
                .map(pair -> new Pair(
                        pair.left().filter(line -> isFilled(original, line)),
                        pair.right().filter(line -> isFilled(study, line))))
                .toList();
        Set<LineId> left = new HashSet<>();
        Set<LineId> right = new HashSet<>();
        Map<Integer, Pair> rows = new TreeMap<>();
        for (int i = 0; i < all.size(); i++) {
            Pair pair = all.get(i);
            boolean both = pair.left().filter(line -> !left.contains(line)).isPresent()
                    && pair.right().filter(line -> !right.contains(line)).isPresent();
            if (both) {
                rows.put(i, pair);
                left.add(pair.left().get());
                right.add(pair.right().get());
            }
        }
        for (int i = 0; i < all.size(); i++) {
            Pair rest = new Pair(
                    all.get(i).left().filter(left::add), all.get(i).right().filter(right::add));
            if (rest.left().isPresent() || rest.right().isPresent()) {
                rows.put(i, rest);
            }
        }
        return List.copyOf(rows.values());
    }

    private static boolean isFilled(Calculation year, LineId line) {
        return !amount(year, Optional.of(line)).isZero();
    }

    private static List<Pair> pairs(Calculation original, Calculation study) {
        Optional<Kind> from = Kind.of(original.snapshot().heading().form());
        Optional<Kind> to = Kind.of(study.snapshot().heading().form());
        if (from.isPresent() && to.isPresent() && !from.equals(to)) {
            return Correspondence.pairs(from.get(), to.get());
        }
        return study.plan().parts().stream()
                .filter(part -> !part.isWorksheet())
                .flatMap(part -> study.plan().linesOf(part).stream())
                .filter(line -> !line.isRepeating() && line.kind().isNumber())
                .map(line -> new Pair(Optional.of(line.id()), Optional.of(line.id())))
                .toList();
    }

    private static Optional<String> caption(Calculation year, Optional<LineId> line) {
        return line.flatMap(id -> year.plan().line(column(year, id))).map(Line::caption);
    }

    /** A row of the balance sheet stands for its closing column. */
    private static LineId column(Calculation year, LineId line) {
        LineId closing = LineId.of(line.text() + "/d");
        LineId gross = LineId.of(line.text() + "/c");
        if (year.plan().line(line).isPresent()) {
            return line;
        }
        return year.plan().line(closing).isPresent() ? closing : gross;
    }

    private static Money amount(Calculation year, Optional<LineId> line) {
        return line.flatMap(id -> year.plan().line(column(year, id)))
                .map(each -> Money.sum(
                        year.valuesOf(each).stream().map(LineValue::amount).toList()))
                .orElse(Money.ZERO);
    }
}
