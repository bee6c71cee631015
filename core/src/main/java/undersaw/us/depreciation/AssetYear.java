package undersaw.us.depreciation;

import java.math.BigDecimal;
import org.jspecify.annotations.Nullable;
import undersaw.us.depreciation.AssetFacts.Deducted;

/**
 * What one tax year does to one asset, with each step on the way. Amounts are in whole dollars.
 *
 * @param number which year of its service it is, from 1; 0 where the asset is not in service
 * @param convention by which it counts; null where it is not depreciated
 * @param alternative whether the alternative system applies
 * @param byFormula whether a short year took it off the tables
 * @param table the life, method and first year; null where it is recovered by months, or not at all
 * @param rate this year's, in thousandths of a percent; 0 where it is found by formula or by months
 * @param business the business part of what can be depreciated
 * @param bonusPercent of the special allowance, 0 to 100
 * @param bonusFull the allowance before any limit
 * @param basis what regular depreciation is taken from
 * @param regularFull regular depreciation before any limit
 * @param limit the most that an automobile may deduct; null where there is no limit
 * @param allowed what the year deducts
 * @param before what earlier years deducted
 * @param recapture section 179 taken back since use fell (IRC 179(d)(10))
 * @param listedRecapture excess depreciation of listed property taken back (IRC 280F(b)(2))
 */
public record AssetYear(
        int number,
        @Nullable Convention convention,
        boolean alternative,
        boolean byFormula,
        Recovery.@Nullable Key table,
        int rate,
        long business,
        BigDecimal bonusPercent,
        long bonusFull,
        long basis,
        long regularFull,
        @Nullable Long limit,
        Deducted allowed,
        Deducted before,
        long recapture,
        long listedRecapture) {
    /** All that was deducted by the end of the year, less what was taken back. */
    public Deducted toDate() {
        return before.plus(allowed).less(recapture + listedRecapture);
    }

    public boolean isFirst() {
        return number == 1;
    }
}
