package undersaw.us.depreciation;

import java.time.LocalDate;
import java.util.Map;
import undersaw.law.calendar.Period;
import undersaw.us.depreciation.AssetFacts.Deducted;

/** Assets as tests describe them. */
final class Assets {
    private Assets() {}

    /** Equipment of a class that was bought and put to use on a day, without a special allowance. */
    static AssetFacts of(String type, long cost, String placed) {
        return new AssetFacts(
                PropertyClass.of(type).orElseThrow(),
                LocalDate.parse(placed),
                LocalDate.parse(placed),
                cost,
                0,
                Use.whole(),
                "",
                null,
                0,
                YearOfAsset.NO_BONUS,
                Deducted.NOTHING,
                null,
                false);
    }

    static AssetFacts acquired(AssetFacts asset, String day) {
        return new AssetFacts(
                asset.type(),
                LocalDate.parse(day),
                asset.placed(),
                asset.cost(),
                asset.land(),
                asset.use(),
                asset.method(),
                asset.convention(),
                asset.elected(),
                "",
                asset.prior(),
                asset.disposed(),
                asset.safeHarbour());
    }

    static AssetFacts elected(AssetFacts asset, long amount) {
        return new AssetFacts(
                asset.type(),
                asset.acquired(),
                asset.placed(),
                asset.cost(),
                asset.land(),
                asset.use(),
                asset.method(),
                asset.convention(),
                amount,
                asset.bonus(),
                asset.prior(),
                asset.disposed(),
                asset.safeHarbour());
    }

    static AssetFacts prior(AssetFacts asset, long section179, long bonus, long regular) {
        return asset.with(new Deducted(section179, bonus, regular));
    }

    static AssetFacts disposed(AssetFacts asset, String day) {
        return new AssetFacts(
                asset.type(),
                asset.acquired(),
                asset.placed(),
                asset.cost(),
                asset.land(),
                asset.use(),
                asset.method(),
                asset.convention(),
                asset.elected(),
                asset.bonus(),
                asset.prior(),
                LocalDate.parse(day),
                asset.safeHarbour());
    }

    static AssetFacts counted(AssetFacts asset, Convention convention) {
        return new AssetFacts(
                asset.type(),
                asset.acquired(),
                asset.placed(),
                asset.cost(),
                asset.land(),
                asset.use(),
                asset.method(),
                convention,
                asset.elected(),
                asset.bonus(),
                asset.prior(),
                asset.disposed(),
                asset.safeHarbour());
    }

    static AssetFacts used(AssetFacts asset, int percent, Map<Integer, Integer> before) {
        Map<Integer, Long> known = new java.util.TreeMap<>();
        before.forEach((year, use) -> known.put(year, use * Use.WHOLE / 100));
        return new AssetFacts(
                asset.type(),
                asset.acquired(),
                asset.placed(),
                asset.cost(),
                asset.land(),
                new Use(percent * Use.WHOLE / 100, known),
                asset.method(),
                asset.convention(),
                asset.elected(),
                asset.bonus(),
                asset.prior(),
                asset.disposed(),
                asset.safeHarbour());
    }

    static YearLaw year(int year) {
        return YearLaw.plain(TaxYears.upTo(Period.calendarYear(year)));
    }

    /** A year in which equipment counts from the middle of its quarter. */
    static YearLaw midQuarter(int year) {
        YearLaw plain = year(year);
        return new YearLaw(
                plain.years(), Convention.MQ, plain.electedOut(), false, plain.firstCosts(), plain.firstCostsAbove());
    }
}
