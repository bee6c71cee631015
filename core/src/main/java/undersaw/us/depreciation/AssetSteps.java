package undersaw.us.depreciation;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import undersaw.money.Money;

/** How an asset's year was found, step by step, in sentences. */
final class AssetSteps {
    private AssetSteps() {}

    static List<String> of(AssetFacts asset, YearLaw law) {
        AssetYear year = YearOfAsset.of(asset, law);
        List<String> steps = new ArrayList<>();
        steps.add("Class " + asset.type().code() + ", " + asset.type().caption() + " ("
                + asset.type().citation() + ").");
        if (year.number() == 0 || year.convention() == null) {
            steps.add("Nothing is deducted this year.");
            return List.copyOf(steps);
        }
        bases(asset, year, steps);
        table(asset, year).ifPresent(steps::add);
        if (year.limit() != null) {
            steps.add("An automobile deducts at most " + dollars(year.limit()) + " this year (IRC 280F(a)).");
        }
        steps.add("The year deducts " + dollars(year.allowed().section179()) + " of section 179, "
                + dollars(year.allowed().bonus()) + " of special allowance and "
                + dollars(year.allowed().regular()) + " of regular depreciation.");
        if (year.recapture() + year.listedRecapture() > 0) {
            steps.add("Business use fell to half or less: " + dollars(year.recapture() + year.listedRecapture())
                    + " is taken back as income.");
        }
        return List.copyOf(steps);
    }

    private static void bases(AssetFacts asset, AssetYear year, List<String> steps) {
        String land = asset.land() == 0 ? "" : " less land " + dollars(asset.land());
        steps.add("Cost " + dollars(asset.cost()) + land + ", used "
                + Use.written(asset.use().now()) + " percent for business: " + dollars(year.business()) + ".");
        long section179 = year.isFirst() ? asset.elected() : asset.prior().section179();
        if (section179 > 0) {
            steps.add("Less section 179 of " + dollars(section179) + ".");
        }
        if (year.bonusFull() > 0) {
            steps.add((year.bonusPercent().signum() > 0
                            ? "Less the special allowance of " + RegisterFacts.written(year.bonusPercent())
                                    + " percent, acquired " + asset.acquired() + " and in service "
                                    + asset.placed() + ": "
                            : "Less the special allowance: ")
                    + dollars(year.bonusFull()) + ".");
        }
        steps.add("Regular depreciation is taken from " + dollars(year.basis()) + ".");
    }

    private static Optional<String> table(AssetFacts asset, AssetYear year) {
        Recovery.Key table = year.table();
        if (table == null) {
            return Optional.of(
                    "Even amounts over " + asset.type().life() / YearParts.MONTH + " months, whole months counted.");
        }
        String method = table.factor() == 0 ? "straight line" : table.factor() + " percent declining balance";
        String how = (year.alternative() ? "Alternative system: " : "") + method + " over " + years(table.life())
                + " years, "
                + (year.convention() == null ? "" : year.convention().words()) + ", year "
                + year.number();
        return Optional.of(
                year.byFormula()
                        ? how + ", found by formula since a tax year was short."
                        : how + ": " + BigDecimal.valueOf(year.rate(), 3).toPlainString() + " percent is "
                                + dollars(Rounded.share(year.basis(), year.rate(), Recovery.WHOLE))
                                + " for a whole year.");
    }

    private static String years(int parts) {
        return BigDecimal.valueOf(parts)
                .divide(BigDecimal.valueOf(YearParts.YEAR))
                .stripTrailingZeros()
                .toPlainString();
    }

    private static String dollars(long amount) {
        return Money.ofDollars(amount).printed();
    }
}
