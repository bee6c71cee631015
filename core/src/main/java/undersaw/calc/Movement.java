package undersaw.calc;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import undersaw.line.LineKey;
import undersaw.money.Money;

/**
 * A figure that one calculation holds otherwise than another.
 *
 * @param key the line and its instance
 * @param before what stood there, as files write it; empty where nothing did
 * @param after what stands there now; empty where nothing does
 */
public record Movement(LineKey key, String before, String after) {
    /** What moved from one calculation to the next, causes before what they cause. */
    public static List<Movement> between(Calculation before, Calculation after) {
        return of(before, after, before.differences(after).stream());
    }

    /** The same without the rows of lists, whose totals are lines. */
    public static List<Movement> ofLines(Calculation before, Calculation after) {
        return of(before, after, before.lineDifferences(after).stream());
    }

    private static List<Movement> of(Calculation before, Calculation after, Stream<LineKey> keys) {
        return keys.filter(key -> !saysNeed(after, key))
                .map(key -> new Movement(key, plain(before, key), plain(after, key)))
                .filter(moved -> !moved.before().equals(moved.after()))
                .sorted(Comparator.comparingInt((Movement moved) -> place(before, after, moved.key()))
                        .thenComparing(Movement::key))
                .toList();
    }

    /** Whether a part is needed shows by what its lines hold. */
    private static boolean saysNeed(Calculation calculation, LineKey key) {
        return calculation
                .plan()
                .line(key.line())
                .filter(line -> !line.isTyped() && line.part().isDecidedBy(line))
                .isPresent();
    }

    private static String plain(Calculation calculation, LineKey key) {
        return calculation.value(key).map(value -> value.value().plain()).orElse("");
    }

    private static int place(Calculation before, Calculation after, LineKey key) {
        return after.plan()
                .line(key.line())
                .map(after.plan()::place)
                .or(() -> before.plan().line(key.line()).map(before.plan()::place))
                .orElse(0);
    }

    /** By how much the figure moved; nothing where it is no amount. */
    public Optional<Money> change() {
        boolean amounts = isAmount(before) && isAmount(after);
        return amounts ? Optional.of(amount(after).minus(amount(before))) : Optional.empty();
    }

    /** What two movements of one figure come to. */
    public Movement then(Movement later) {
        return new Movement(key, before, later.after());
    }

    private static boolean isAmount(String text) {
        return text.isEmpty() || Money.isPlain(text);
    }

    private static Money amount(String text) {
        return text.isEmpty() ? Money.ZERO : Money.parse(text);
    }
}
