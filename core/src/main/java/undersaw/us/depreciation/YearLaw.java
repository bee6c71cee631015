package undersaw.us.depreciation;

import java.util.Set;

/**
 * What a tax year brings to all assets alike.
 *
 * @param years the tax years up to this one
 * @param convention of equipment placed in service this year: half-year or mid-quarter
 * @param electedOut classes without a special allowance this year (IRC 168(k)(7))
 * @param forty whether 40 percent stands for 100 in the first year ending after 19 January 2025 (IRC 168(k)(10))
 * @param firstCosts the most of start-up and organization costs that is deducted at once, in whole dollars
 * @param firstCostsAbove the costs above which that falls, in whole dollars
 */
public record YearLaw(
        TaxYears years,
        Convention convention,
        Set<String> electedOut,
        boolean forty,
        long firstCosts,
        long firstCostsAbove) {
    private static final long FIRST_COSTS = 5_000;
    private static final long FIRST_COSTS_ABOVE = 50_000;

    /** Keeps its own copy. */
    public YearLaw {
        electedOut = Set.copyOf(electedOut);
    }

    /** A year without elections, in which equipment counts from the middle of the year (IRC 195, 248, 709). */
    public static YearLaw plain(TaxYears years) {
        return new YearLaw(years, Convention.HY, Set.of(), false, FIRST_COSTS, FIRST_COSTS_ABOVE);
    }

    /** An earlier year, of which each asset says by itself what was elected. */
    YearLaw earlier(TaxYears others) {
        return new YearLaw(others, Convention.HY, Set.of(), false, firstCosts, firstCostsAbove);
    }

    /** The same in other years. */
    YearLaw in(TaxYears others) {
        return new YearLaw(others, convention, electedOut, forty, firstCosts, firstCostsAbove);
    }
}
