package undersaw.us.passthrough;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.check.Severity;
import undersaw.check.TieOut;
import undersaw.form.Line;
import undersaw.form.formula.Divided;
import undersaw.form.formula.Division;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.owners.Weighed;

/**
 * The boxes of Schedules K-1 against the lines of Schedule K that they divide.
 *
 * @param form the return's code
 * @param more boxes that are divided on the way, not by a rule of their own
 */
public record K1Boxes(String form, List<Pair> more) {
    /** A box and the line that it divides. */
    public record Pair(LineId box, LineId line) {}

    /** A pair by what stands within the form. */
    public static Pair pair(String form, String box, String line) {
        return new Pair(LineId.of(form + "/K-1/" + box), LineId.of(form + "/" + line));
    }

    private List<Pair> all(Examination look) {
        List<Pair> pairs = new ArrayList<>();
        boxes(look)
                .forEach(line -> division(line).ifPresent(divided -> pairs.add(new Pair(line.id(), divided.line()))));
        pairs.addAll(more);
        return pairs;
    }

    private static Stream<Line> boxes(Examination look) {
        return look.calculation().plan().parts().stream()
                .filter(part -> part.code().equals("K-1"))
                .flatMap(part -> look.calculation().plan().linesOf(part).stream())
                .filter(line -> line.kind().isNumber());
    }

    private static Optional<Division> division(Line box) {
        return box.rule().filter(Divided.class::isInstance).map(rule -> ((Divided) rule).division());
    }

    /** How the boxes are divided that go by what owners hold, in the order of the form. */
    public static List<Weighed> divisions(Examination look) {
        return boxes(look)
                .flatMap(box -> division(box).stream())
                .filter(Weighed.class::isInstance)
                .map(Weighed.class::cast)
                .toList();
    }

    /** A tie-out for each line that is not empty. */
    public List<TieOut> tieOuts(Examination look, String code) {
        List<TieOut> ties = new ArrayList<>();
        for (Pair pair : all(look)) {
            Money boxes = look.calculation().rowTotal(pair.box());
            Money whole = look.calculation().amount(pair.line());
            if (!boxes.isZero() || !whole.isZero()) {
                ties.add(new TieOut(
                        code,
                        "Schedules K-1, " + pair.box().within(),
                        boxes,
                        "Schedule K, " + pair.line().within(),
                        whole,
                        pair.line()));
            }
        }
        return ties;
    }

    /** A division that went nowhere shows here. */
    public Check check(String code) {
        return new Check(code, Severity.STOP, this::apart);
    }

    private List<Found> apart(Examination look) {
        List<Found> found = new ArrayList<>();
        for (Pair pair : all(look)) {
            Money apart = look.calculation()
                    .rowTotal(pair.box())
                    .minus(look.calculation().amount(pair.line()));
            if (!apart.isZero()) {
                found.add(Found.at(
                        Place.line(pair.line()),
                        "Schedules K-1 differ from Schedule K on " + pair.line().within() + " by " + apart.printed()
                                + ". Check the shares at Owners."));
            }
        }
        return found;
    }
}
