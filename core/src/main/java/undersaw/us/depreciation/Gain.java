package undersaw.us.depreciation;

import java.math.BigDecimal;
import undersaw.form.formula.HeldOverAYear;
import undersaw.us.depreciation.AssetFacts.Deducted;

/**
 * What giving up an asset brings, by the parts of Form 4797 (IRC 1231, 1239, 1245, 1250, 291; from memory). Amounts are
 * in whole dollars; land and building of one row are two properties.
 *
 * @param part where the property stands
 * @param price the gross price
 * @param costs cost and expense of the sale
 * @param depreciation allowed or allowable
 * @param recaptured1245 line 25b
 * @param additional line 26a
 * @param recaptured1250 lines 26b and 26f
 * @param ofCorporation line 26f
 * @param unrecaptured gain on a building that was depreciated and not recaptured
 * @param landPrice the land's part of the price
 * @param landCosts the land's part of cost and expense
 * @param landPart where the land stands
 */
public record Gain(
        Part part,
        long price,
        long costs,
        long depreciation,
        long recaptured1245,
        long additional,
        long recaptured1250,
        long ofCorporation,
        long unrecaptured,
        long landPrice,
        long landCosts,
        Part landPart) {
    /** The parts of the form. */
    public enum Part {
        /** Held over a year, a loss or nothing to recapture. */
        ONE,
        /** Ordinary gain and loss. */
        TWO,
        /** Held over a year, with a gain on depreciated property. */
        THREE,
        /** Not on this form, or not yet. */
        NONE
    }

    /** Nothing was given up. */
    public static final Gain NOTHING = new Gain(Part.NONE, 0, 0, 0, 0, 0, 0, 0, 0, 0, 0, Part.NONE);

    /**
     * What the taxpayer brings to it.
     *
     * @param buildingShare the share of a building's depreciation that is ordinary, in percent; 0 where none is
     * @param distributionsAreSales whether property that owners receive counts as sold
     * @param straightLine depreciation to date by the straight line, for section 1250
     */
    public record Taxpayer(BigDecimal buildingShare, boolean distributionsAreSales, long straightLine) {}

    /** The gain of the property without its land. */
    public long gain() {
        return price - costs + depreciation;
    }

    public long landGain() {
        return landPrice - landCosts;
    }

    /** Gain or loss of both. */
    public long total() {
        return gain() + landGain();
    }

    /** What of the total is ordinary. */
    public long ordinary() {
        long ofProperty = part == Part.TWO ? gain() : recaptured1245 + recaptured1250;
        return ofProperty + (landPart == Part.TWO ? landGain() : 0);
    }

    /** What of the total is section 1231 gain or loss. */
    public long section1231() {
        return total() - ordinary();
    }

    /**
     * What a sale brings.
     *
     * @param toDate all that was deducted, the year's depreciation included
     */
    public static Gain of(AssetFacts asset, Deducted toDate, Sale sale, Taxpayer by) {
        boolean none = asset.type().character().equals("none")
                || sale.kind().isElsewhere()
                || sale.kind().isWithoutGain()
                || sale.kind() == Sale.Kind.DISTRIBUTED && !by.distributionsAreSales();
        return none ? NOTHING : new Found(asset, toDate, sale, by).gain();
    }

    private record Found(AssetFacts asset, Deducted toDate, Sale sale, Taxpayer by) {
        Gain gain() {
            long use = asset.use().now();
            long landPrice = sale.ofLand() != null ? sale.ofLand() : byCost(sale.proceeds());
            long landExpense = byCost(sale.expense());
            long landCosts = Use.part(asset.land() + landExpense, use);
            long price = Use.part(sale.proceeds() - landPrice, use);
            long costs = Use.part(asset.depreciable() + sale.expense() - landExpense, use);
            long taken = toDate.total();
            boolean land = asset.depreciable() == 0;
            long landInUse = Use.part(landPrice, use);
            Part landPart = asset.land() == 0 && landPrice == 0 ? Part.NONE : part(landInUse - landCosts, true);
            if (land) {
                return new Gain(Part.NONE, 0, 0, 0, 0, 0, 0, 0, 0, landInUse, landCosts, landPart);
            }
            return split(
                    price,
                    costs,
                    taken,
                    new Gain(Part.NONE, 0, 0, 0, 0, 0, 0, 0, 0, allowed(landInUse, landCosts), landCosts, landPart));
        }

        private long byCost(long amount) {
            return asset.cost() == 0 ? 0 : Rounded.share(amount, asset.land(), asset.cost());
        }

        /** A loss to a related person is not allowed: it counts as sold for what it stood at. */
        private long allowed(long price, long basis) {
            return sale.kind() == Sale.Kind.RELATED ? Math.max(price, basis) : price;
        }

        private Part part(long gain, boolean land) {
            boolean held = HeldOverAYear.between(asset.placed(), sale.day());
            boolean ordinary = !held
                    || sale.kind() == Sale.Kind.RELATED && !land
                    || sale.kind() == Sale.Kind.SCRAPPED && sale.proceeds() == 0;
            if (ordinary) {
                return Part.TWO;
            }
            return land || gain <= 0 ? Part.ONE : Part.THREE;
        }

        private Gain split(long price, long costs, long taken, Gain land) {
            long paid = allowed(price, costs - taken);
            long gain = paid - costs + taken;
            Part part = part(gain, false);
            boolean three = part == Part.THREE;
            boolean building = asset.type().character().equals("1250");
            long section179 = building ? toDate.section179() : taken;
            long equipment = three ? Math.min(gain, section179) : 0;
            long restOfGain = three ? gain - equipment : 0;
            long ofBuilding = building ? taken - section179 : 0;
            long additional = three && building ? Math.max(0, ofBuilding - by.straightLine()) : 0;
            long excess = Math.min(restOfGain, additional);
            long most = Math.min(restOfGain, ofBuilding);
            long ofCorporation = three && building ? Rounded.percent(most - excess, by.buildingShare()) : 0;
            return new Gain(
                    part,
                    paid,
                    costs,
                    taken,
                    equipment,
                    additional,
                    excess + ofCorporation,
                    ofCorporation,
                    three && building ? most - excess - ofCorporation : 0,
                    land.landPrice(),
                    land.landCosts(),
                    land.landPart());
        }
    }
}
