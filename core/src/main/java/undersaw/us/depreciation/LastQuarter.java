package undersaw.us.depreciation;

import java.util.Collection;
import undersaw.calc.Calculation;
import undersaw.law.calendar.Period;
import undersaw.us.depreciation.PropertyClass.Pattern;

/** The test of the last quarter on assets as they might be elected (IRC 168(d)(3); from memory). */
final class LastQuarter {
    private static final int LAST = 4;

    private LastQuarter() {}

    static Convention of(Collection<AssetFacts> assets, Calculation year) {
        Period period = year.snapshot().heading().period();
        long all = 0;
        long last = 0;
        for (AssetFacts asset : assets) {
            boolean tested = period.contains(asset.placed())
                    && asset.type().recovery() == Pattern.PERSONAL
                    && (asset.disposed() == null || asset.disposed().isAfter(period.end()));
            if (tested) {
                long basis = Use.part(asset.depreciable(), asset.use().now()) - asset.elected();
                all += basis;
                last += YearParts.quarter(period, asset.placed()) == LAST ? basis : 0;
            }
        }
        long share =
                year.law().percent(DepreciationLaw.MID_QUARTER_SHARE).value().longValueExact();
        return 100 * last > share * all ? Convention.MQ : Convention.HY;
    }
}
