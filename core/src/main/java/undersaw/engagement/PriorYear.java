package undersaw.engagement;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * What last year's return says.
 *
 * @param end the last day of last year; null where no year is linked
 * @param lines last year's amounts in whole dollars
 * @param unconfirmed how many of its accounts stand on a line that nobody has confirmed
 */
public record PriorYear(@Nullable LocalDate end, Map<LineId, Money> lines, int unconfirmed) {
    /** Keeps its own copy. */
    public PriorYear {
        lines = Map.copyOf(lines);
    }

    /** A year whose accounts are not kept here. */
    public PriorYear(@Nullable LocalDate end, Map<LineId, Money> lines) {
        this(end, lines, 0);
    }

    /** No earlier year is known. */
    public static PriorYear none() {
        return new PriorYear(null, Map.of());
    }

    public boolean isKnown() {
        return !lines.isEmpty();
    }

    public Optional<Money> amount(LineId line) {
        return Optional.ofNullable(lines.get(line));
    }
}
