package undersaw.us.depreciation;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * How an asset was given up, in whole dollars.
 *
 * @param kind in which way
 * @param day on which day
 * @param proceeds the gross price, or the value where it was distributed
 * @param expense what the sale cost
 * @param ofLand the part of the price for the land; null where it goes by cost
 */
public record Sale(
        Kind kind,
        LocalDate day,
        long proceeds,
        long expense,
        @Nullable Long ofLand) {
    /** The ways in which property is given up. */
    public enum Kind {
        SOLD,
        /** Sold to a related person (IRC 1239, 267, 707(b)). */
        RELATED,
        /** Abandoned, retired or demolished. */
        SCRAPPED,
        CASUALTY,
        EXCHANGED,
        INSTALLMENT,
        DISTRIBUTED,
        CONTRIBUTED,
        /** To personal use. */
        CONVERTED;

        /** As the register writes it. */
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** The way of that word. */
        public static Optional<Kind> of(String word) {
            return Arrays.stream(values())
                    .filter(each -> each.word().equals(word))
                    .findFirst();
        }

        /** Whether another form finds what it brings, so that Form 4797 takes typed results. */
        public boolean isElsewhere() {
            return this == CASUALTY || this == EXCHANGED;
        }

        /** Whether no gain arises. */
        public boolean isWithoutGain() {
            return this == CONTRIBUTED || this == CONVERTED;
        }
    }
}
