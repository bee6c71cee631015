package undersaw.us.depreciation;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.BiFunction;
import undersaw.form.formula.Counted;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.Worked;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * One figure of an asset's year ({@link YearOfAsset}), as a rule of a line in the register.
 *
 * @param figure which one
 * @param facts where the asset's facts stand
 * @param elected the line of what counts of its election under section 179
 */
record AssetRule(Figure figure, RegisterFacts facts, LineId elected) implements Worked.Rule {
    /** What is found, in whole dollars where it is an amount. */
    enum Figure {
        NUMBER("the year of its service", (asset, law) ->
                (long) year(asset, law).number()),
        CONVENTION("its convention", (asset, law) -> convention(year(asset, law))),
        SYSTEM("its system", (asset, law) -> year(asset, law).alternative() ? 1L : 0L),
        BUSINESS(
                "the business part of what can be depreciated",
                (asset, law) -> year(asset, law).business()),
        SECTION_179(
                "section 179 within its limits",
                (asset, law) -> year(asset, law).allowed().section179()),
        SPECIAL(
                "the special allowance",
                (asset, law) -> year(asset, law).allowed().bonus()),
        BASIS(
                "what regular depreciation is taken from",
                (asset, law) -> year(asset, law).basis()),
        REGULAR(
                "regular depreciation",
                (asset, law) -> year(asset, law).allowed().regular()),
        AT_ONCE("first costs deducted at once", Figure::atOnce),
        RECAPTURE("section 179 taken back", (asset, law) -> year(asset, law).recapture()),
        LISTED_RECAPTURE(
                "excess depreciation taken back",
                (asset, law) -> year(asset, law).listedRecapture()),
        MINIMUM_TAX("depreciation for the alternative minimum tax", MinimumTax::ofTheYear),
        MINIMUM_TAX_TO_DATE("the same of all years", MinimumTax::toDate),
        STRAIGHT_LINE("the straight line to date", Life::straightLine),
        ALLOWABLE(
                "what earlier years should have deducted",
                (asset, law) -> Life.allowable(asset, law).total());

        private final String words;
        private final BiFunction<AssetFacts, YearLaw, Long> value;

        Figure(String words, BiFunction<AssetFacts, YearLaw, Long> value) {
            this.words = words;
            this.value = value;
        }

        private static AssetYear year(AssetFacts asset, YearLaw law) {
            return YearOfAsset.of(asset, law);
        }

        private static long convention(AssetYear year) {
            Convention found = year.convention();
            return found == null ? 0 : found.ordinal() + 1;
        }

        private static long atOnce(AssetFacts asset, YearLaw law) {
            AssetYear year = year(asset, law);
            boolean first = year.isFirst() && asset.type().recovery() == PropertyClass.Pattern.FIRST_COSTS;
            return first ? YearOfAsset.atOnce(year.basis(), law) : 0;
        }
    }

    @Override
    public Money value(Figures figures) {
        return Money.ofDollars(number(figures));
    }

    /** The same as a whole number. */
    Counted.Way counted() {
        return new AsCount(this);
    }

    private record AsCount(AssetRule rule) implements Counted.Way {
        @Override
        public long value(Figures figures) {
            return rule.number(figures);
        }

        @Override
        public String words() {
            return rule.words();
        }

        @Override
        public Set<Input> reads() {
            return rule.reads();
        }
    }

    private long number(Figures figures) {
        return facts.asset(figures, RegisterFacts.dollars(figures, elected))
                .map(asset -> figure.value.apply(asset, facts.law(figures)))
                .orElse(0L);
    }

    @Override
    public List<String> steps(Figures figures) {
        return facts.asset(figures, RegisterFacts.dollars(figures, elected))
                .map(asset -> AssetSteps.of(asset, facts.law(figures)))
                .orElse(List.of());
    }

    @Override
    public String words() {
        return figure.words + ", by lines " + RegisterFacts.named(reads());
    }

    @Override
    public Set<Input> reads() {
        Set<Input> reads = new HashSet<>(facts.reads());
        reads.addAll(facts.readsOfLaw());
        reads.add(new Input.OfLine(elected));
        return reads;
    }
}
