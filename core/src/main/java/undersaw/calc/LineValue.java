package undersaw.calc;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import undersaw.engagement.Fact;
import undersaw.line.LineKey;
import undersaw.line.LineSource;
import undersaw.line.Value;
import undersaw.money.Money;

/**
 * What stands on a line after computation.
 *
 * @param key the line and its instance
 * @param value amounts in whole dollars
 * @param source where it comes from
 * @param replaced the amount that a typed figure took the place of; null where it replaced none
 * @param fact what was typed; null where nothing was
 */
public record LineValue(
        LineKey key,
        Value value,
        LineSource source,
        @Nullable Money replaced,
        @Nullable Fact fact) {
    /** A value that nobody typed. */
    public static LineValue computed(LineKey key, Value value, LineSource source) {
        return new LineValue(key, value, source, null, null);
    }

    public Money amount() {
        return value.amount();
    }

    /** What the line would hold had nobody typed over it. */
    public Money unreplaced() {
        return replaced == null ? value.amount() : replaced;
    }

    /** The amount that a typed figure took the place of. */
    public Optional<Money> replacedAmount() {
        return Optional.ofNullable(replaced);
    }

    public Optional<Fact> typedFact() {
        return Optional.ofNullable(fact);
    }
}
