package undersaw.us.depreciation;

import java.util.ArrayList;
import java.util.List;
import undersaw.law.calendar.Period;
import undersaw.us.depreciation.AssetFacts.Deducted;

/** An asset's years one after another: those to come, and those gone by as the rules would have had them. */
public final class Life {
    private static final int LONGEST = 60;

    private Life() {}

    /** From this year on, until nothing is left or so many years are found; use and law stay as they are. */
    public static List<AssetYear> ahead(AssetFacts asset, YearLaw law, int most) {
        List<AssetYear> found = new ArrayList<>();
        AssetFacts now = asset;
        TaxYears years = law.years();
        List<Period> gone = new ArrayList<>(years.since(asset.placed()));
        for (int count = 0; count < Math.min(most, LONGEST); count++) {
            AssetYear year = YearOfAsset.of(now, law.in(years), gone);
            found.add(year);
            if (isOver(asset, year)) {
                break;
            }
            now = now.after(year, years.year().lawYear());
            years = years.next();
            if (!gone.isEmpty() || years.year().contains(asset.placed())) {
                gone.add(years.year());
            }
        }
        return List.copyOf(found);
    }

    private static boolean isOver(AssetFacts asset, AssetYear year) {
        boolean gone = year.convention() == null;
        long left =
                Use.part(asset.depreciable(), asset.use().now()) - year.toDate().total();
        // an automobile may wait through its recovery period for what its limit left
        boolean stuck =
                year.number() > 1 && year.regularFull() == 0 && !asset.type().isAutomobile();
        return gone || left <= 0 || stuck;
    }

    /** What the rules would have allowed before this year, all years of the asset found anew. */
    public static Deducted allowable(AssetFacts asset, YearLaw law) {
        List<Period> years = law.years().since(asset.placed());
        if (years.size() < 2) {
            return Deducted.NOTHING;
        }
        AssetFacts now = asset.atFirst(years.get(0).lawYear(), asset.prior().section179());
        Deducted sum = Deducted.NOTHING;
        for (Period year : years.subList(0, years.size() - 1)) {
            TaxYears until = new TaxYears(year, law.years().began(), law.years().shorter());
            AssetYear done = YearOfAsset.of(now, law.earlier(until));
            sum = done.toDate();
            now = now.after(done, year.lawYear());
        }
        return sum;
    }

    /** Straight line to the end of this year over the same life, on a basis that no special allowance lowered. */
    public static long straightLine(AssetFacts asset, YearLaw law) {
        AssetFacts plain = asset.by("SL").with(new Deducted(asset.prior().section179(), 0, 0));
        long before = allowable(plain, law).regular();
        AssetFacts now = plain.with(new Deducted(asset.prior().section179(), 0, before));
        return before + YearOfAsset.of(now, law).allowed().regular();
    }

    /** The year by another method, all its earlier years by that method too. */
    public static AssetYear by(String method, AssetFacts asset, YearLaw law) {
        AssetFacts other = asset.by(method);
        Deducted before = allowable(other, law);
        return YearOfAsset.of(other.with(before), law);
    }
}
