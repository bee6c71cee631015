package undersaw.us.depreciation;

import java.math.BigDecimal;

/**
 * Depreciation for the alternative minimum tax: 150 percent where the regular tax takes 200, unless the property may
 * take the special allowance, whether it does or not (IRC 56(a)(1), 168(k)(2)(G); from memory).
 */
final class MinimumTax {
    private static final String ONE_AND_A_HALF = "150DB";
    private static final int DOUBLE = 200;

    private MinimumTax() {}

    static long ofTheYear(AssetFacts asset, YearLaw law) {
        return isApart(asset)
                ? Life.by(ONE_AND_A_HALF, asset, law).allowed().total()
                : YearOfAsset.of(asset, law).allowed().total();
    }

    static long toDate(AssetFacts asset, YearLaw law) {
        return isApart(asset)
                ? Life.by(ONE_AND_A_HALF, asset, law).toDate().total()
                : YearOfAsset.of(asset, law).toDate().total();
    }

    private static boolean isApart(AssetFacts asset) {
        boolean eligible = asset.type().bonus()
                && !asset.bonus().equals(YearOfAsset.NO_BONUS)
                && SpecialAllowance.percent(asset.acquired(), asset.placed()).compareTo(BigDecimal.ZERO) > 0;
        return asset.type().factor() == DOUBLE && asset.method().isEmpty() && !eligible;
    }
}
