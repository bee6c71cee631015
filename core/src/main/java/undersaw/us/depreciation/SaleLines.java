package undersaw.us.depreciation;

import static undersaw.form.formula.Formulas.sum;

import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import undersaw.assets.AssetRegister;
import undersaw.engagement.Station;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.formula.Worked;
import undersaw.law.LawKey;

/** Form 4797 of every asset that the register gives up, property by property (2024 form, from memory). */
public final class SaleLines extends Form {
    /** Line 2 with its land, line 10, and Part III, property by property. */
    public final Line partOne;

    public final Line partTwo;
    public final Line gain;
    public final Line recaptured;
    public final Line rest;
    public final Line unrecaptured;
    public final Line ordinary;
    public final Line section1231;
    public final Line total;

    /**
     * What the return plugs in.
     *
     * @param buildingRecapture the share of a building's depreciation that is ordinary gain; null where none is
     * @param distributionsAreSales whether property that owners receive counts as sold
     * @param separate whether owners took the section 179 of an asset, and find its gain themselves
     */
    public record Sockets(@Nullable LawKey buildingRecapture, boolean distributionsAreSales, boolean separate) {}

    /** The lines of a return whose register is found for tax. */
    public SaleLines(DepreciationLines lines, Sockets in) {
        super("4797", "Property given up");
        Finder find = new Finder(lines, in);
        part("4797-ASSETS", "Property given up, by asset", "IRC 1231, 1239, 1245, 1250, 291; Form 4797")
                .worksheet()
                .at(Station.ASSETS)
                .per(AssetRegister.ASSETS)
                .help("From the register: the price, what it cost, what was deducted, and where the gain stands.");
        asset("2/d", "Part I: price")
                .is(find.by(gain -> inPart(gain, Gain.Part.ONE, gain.price()) + land(gain, gain.landPrice())));
        asset("2/e", "Part I: depreciation").is(find.by(gain -> inPart(gain, Gain.Part.ONE, gain.depreciation())));
        asset("2/f", "Part I: cost and expense")
                .is(find.by(gain -> inPart(gain, Gain.Part.ONE, gain.costs()) + land(gain, gain.landCosts())));
        partOne = asset("2/g", "Part I: gain or loss")
                .is(find.by(gain -> inPart(gain, Gain.Part.ONE, gain.gain()) + land(gain, gain.landGain())))
                .cites("IRC 1231");
        asset("10/d", "Part II: price")
                .is(find.by(gain -> inPart(gain, Gain.Part.TWO, gain.price()) + shortLand(gain, gain.landPrice())));
        asset("10/e", "Part II: depreciation").is(find.by(gain -> inPart(gain, Gain.Part.TWO, gain.depreciation())));
        asset("10/f", "Part II: cost and expense")
                .is(find.by(gain -> inPart(gain, Gain.Part.TWO, gain.costs()) + shortLand(gain, gain.landCosts())));
        partTwo = asset("10/g", "Part II: gain or loss")
                .is(find.by(gain -> inPart(gain, Gain.Part.TWO, gain.gain()) + shortLand(gain, gain.landGain())))
                .cites("IRC 64, 1239");
        partThree(find);
        gain = asset("24", "Total gain").is(find.by(found -> three(found, found.gain())));
        asset("25a", "Section 1245: depreciation")
                .is(find.by(found -> found.recaptured1245() == 0 ? 0 : found.depreciation()));
        Line equipment = asset("25b", "Section 1245: ordinary")
                .is(find.by(Gain::recaptured1245))
                .cites("IRC 1245");
        asset("26a", "Section 1250: additional depreciation")
                .is(find.by(Gain::additional))
                .cites("IRC 1250(b)");
        asset("26f", "Section 291: part of a corporation")
                .is(find.by(Gain::ofCorporation))
                .cites("IRC 291(a)(1)");
        Line building = asset("26g", "Section 1250: ordinary")
                .is(find.by(Gain::recaptured1250))
                .cites("IRC 1250, 291");
        recaptured = asset("W/recaptured", "Ordinary of Part III").is(sum(equipment, building));
        rest = asset("W/rest", "Rest of Part III").is(gain.minus(recaptured));
        unrecaptured = asset("W/unrecaptured", "Unrecaptured section 1250 gain")
                .is(find.by(Gain::unrecaptured))
                .cites("IRC 1(h)(6)");
        total = asset("W/gain", "Gain or loss").is(find.by(Gain::total));
        ordinary = asset("W/ordinary", "Of this, ordinary").is(find.by(Gain::ordinary));
        section1231 = asset("W/1231", "Of this, section 1231").is(find.by(Gain::section1231));
    }

    /** Kept where it is not nothing: most assets are not given up. */
    private Line asset(String within, String caption) {
        return line(within, caption).aside();
    }

    private void partThree(Finder find) {
        asset("20", "Part III: price").is(find.by(found -> three(found, found.price())));
        asset("21", "Part III: cost and expense").is(find.by(found -> three(found, found.costs())));
        asset("22", "Part III: depreciation").is(find.by(found -> three(found, found.depreciation())));
        asset("23", "Part III: adjusted basis")
                .is(find.by(found -> three(found, found.costs() - found.depreciation())));
    }

    private static long inPart(Gain gain, Gain.Part part, long amount) {
        return gain.part() == part ? amount : 0;
    }

    private static long three(Gain gain, long amount) {
        return inPart(gain, Gain.Part.THREE, amount);
    }

    private static long land(Gain gain, long amount) {
        return gain.landPart() == Gain.Part.ONE ? amount : 0;
    }

    private static long shortLand(Gain gain, long amount) {
        return gain.landPart() == Gain.Part.TWO ? amount : 0;
    }

    /** Makes rules of figures of a gain. */
    private record Finder(DepreciationLines lines, Sockets in) {
        Worked by(Function<Gain, Long> figure) {
            return new Worked(new GainRule(figure, lines, in));
        }
    }
}
