package undersaw.us.depreciation;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * What is known of one asset, as it stands at the beginning of a tax year with what is planned for it. Amounts are in
 * whole dollars.
 *
 * @param type its class
 * @param acquired the day of the written binding contract
 * @param placed the day on which it was ready for use
 * @param cost all that it cost, land included
 * @param land the part that is land
 * @param use its business use
 * @param method 200DB, 150DB, SL, ADS or ADS/years; empty for what its class takes
 * @param convention by which earlier years counted; null where it is not known or the asset is of this year
 * @param elected the cost under section 179 that counts, in the year placed in service
 * @param bonus none, a percentage, or empty for what the law gives
 * @param prior what earlier years deducted
 * @param disposed the day on which it was given up; null while it is held
 * @param safeHarbour whether the rest of an automobile is recovered by the tables, after a whole special allowance
 */
public record AssetFacts(
        PropertyClass type,
        LocalDate acquired,
        LocalDate placed,
        long cost,
        long land,
        Use use,
        String method,
        @Nullable Convention convention,
        long elected,
        String bonus,
        Deducted prior,
        @Nullable LocalDate disposed,
        boolean safeHarbour) {
    /**
     * Section 179, special allowance and regular depreciation, in whole dollars.
     *
     * @param section179 elected and allowed
     * @param bonus the special allowance
     * @param regular all else
     */
    public record Deducted(long section179, long bonus, long regular) {
        public static final Deducted NOTHING = new Deducted(0, 0, 0);

        public long total() {
            return section179 + bonus + regular;
        }

        Deducted plus(Deducted other) {
            return new Deducted(section179 + other.section179, bonus + other.bonus, regular + other.regular);
        }

        /** Less an amount, taken from section 179 first, then from the allowance. */
        Deducted less(long amount) {
            long first = Math.min(section179, amount);
            long second = Math.min(bonus, amount - first);
            return new Deducted(section179 - first, bonus - second, regular - (amount - first - second));
        }

        /** No more than a limit in all: regular depreciation is cut first, section 179 last. */
        Deducted atMost(long limit) {
            long elected = Math.min(section179, limit);
            long special = Math.min(bonus, limit - elected);
            return new Deducted(elected, special, Math.min(regular, limit - elected - special));
        }
    }

    /** Cost that can be depreciated. */
    public long depreciable() {
        return cost - land;
    }

    /** The same with another method. */
    AssetFacts by(String other) {
        return new AssetFacts(
                type,
                acquired,
                placed,
                cost,
                land,
                use,
                other,
                convention,
                elected,
                bonus,
                prior,
                disposed,
                safeHarbour);
    }

    /** The same with other amounts of earlier years. */
    AssetFacts with(Deducted before) {
        return new AssetFacts(
                type,
                acquired,
                placed,
                cost,
                land,
                use,
                method,
                convention,
                elected,
                bonus,
                before,
                disposed,
                safeHarbour);
    }

    /** The same as it stood when it was placed in service, with what was elected then, and held. */
    AssetFacts atFirst(int year, long electedThen) {
        return new AssetFacts(
                type,
                acquired,
                placed,
                cost,
                land,
                new Use(use.in(year), use.before()),
                method,
                convention,
                electedThen,
                prior.bonus() > 0 ? bonus : YearOfAsset.NO_BONUS,
                Deducted.NOTHING,
                null,
                safeHarbour);
    }

    /** The same a year later, as it comes out of a year. */
    public AssetFacts after(AssetYear done, int year) {
        return new AssetFacts(
                type,
                acquired,
                placed,
                cost,
                land,
                use.next(year),
                method,
                done.convention(),
                0,
                bonus,
                done.toDate(),
                disposed,
                safeHarbour);
    }
}
