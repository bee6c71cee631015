package undersaw.owners;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.form.Line;
import undersaw.line.Dimension;
import undersaw.line.LineKey;
import undersaw.line.Value;

/** What each owner takes up: the parts of a return that stand once an owner and are sent. */
public final class OwnerStatements {
    private OwnerStatements() {}

    /**
     * One box of one owner's statement.
     *
     * @param key its place on the return
     * @param box its number
     * @param code within the box; empty where it has none
     * @param caption what it is
     * @param value an amount, or shares, a percentage or words
     */
    public record Box(LineKey key, String box, String code, String caption, Value value) {

        /** The owner's row; with an activity where the amount is told by activity. */
        public String owner() {
            return key.instance();
        }

        public boolean isAmount() {
            return value instanceof Value.Amount;
        }

        /** The number of the box with its code. */
        public String number() {
            return code.isEmpty() ? box : box + " " + code;
        }
    }

    /** The owners in the order of the register. */
    public static List<String> owners(Calculation year) {
        return year.plan().list(OwnerRegister.LIST).map(year::rowsOf).orElse(year.members(OwnerRegister.ROWS));
    }

    /** Every amount that is not nothing, owner by owner, in the order of the form. */
    public static List<Box> amounts(Calculation year, String part) {
        List<Line> lines = lines(year, part).stream()
                .filter(line -> line.kind().isNumber() && isAmountOf(line, part))
                .toList();
        List<Box> boxes = new ArrayList<>();
        for (String owner : owners(year)) {
            lines.forEach(line -> boxes.addAll(boxes(year, line, owner)));
        }
        return boxes;
    }

    /** What was held has boxes too, but is no amount that the owner takes up. */
    private static boolean isAmountOf(Line line, String part) {
        return line.part().code().equals(part)
                || line.scope().filter(scope -> !scope.path().isEmpty()).isPresent();
    }

    /** All that one owner's statement says, what was held first. */
    public static List<Box> of(Calculation year, String part, String owner) {
        return lines(year, part).stream()
                .flatMap(line -> boxes(year, line, owner).stream())
                .toList();
    }

    /** The lines of a statement: of its part, and of the parts named after it. */
    private static List<Line> lines(Calculation year, String code) {
        return year.plan().parts().stream()
                .filter(part -> part.code().equals(code) || part.code().startsWith(code + "-"))
                .flatMap(part -> year.plan().linesOf(part).stream())
                .filter(line -> line.isRepeating() && !line.isAside())
                .toList();
    }

    /** What stands on a line for an owner; of pairs, each that is the owner's. */
    private static List<Box> boxes(Calculation year, Line line, String owner) {
        Dimension scope = line.scope().orElseThrow();
        Stream<String> members = scope.path().isEmpty()
                ? Stream.of(owner)
                : year.members(scope.path().get(1)).stream().map(inner -> scope.pair(owner, inner));
        return members.flatMap(member -> box(year, line, member).stream()).toList();
    }

    private static Optional<Box> box(Calculation year, Line line, String owner) {
        LineKey key = line.id().in(owner);
        return year.value(key).filter(OwnerStatements::isSomething).map(value -> box(key, line, value));
    }

    private static boolean isSomething(LineValue value) {
        return value.value() instanceof Value.Amount
                ? !value.amount().isZero()
                : !value.value().plain().matches("|0|no");
    }

    private static Box box(LineKey key, Line line, LineValue value) {
        String[] address = key.line().within().split("/", 3);
        return new Box(key, address[1], address.length > 2 ? address[2] : "", line.caption(), value.value());
    }
}
