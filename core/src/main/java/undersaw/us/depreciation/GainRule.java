package undersaw.us.depreciation;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import undersaw.assets.AssetRegister;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.Worked;
import undersaw.law.LawKey;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.us.depreciation.AssetFacts.Deducted;

/**
 * One figure of what giving up an asset brings ({@link Gain}), as a rule of a line.
 *
 * @param figure which one, in whole dollars
 * @param lines where depreciation of the asset stands
 * @param in what the return plugs in
 */
record GainRule(Function<Gain, Long> figure, DepreciationLines lines, SaleLines.Sockets in) implements Worked.Rule {
    private static final LineId KIND = LineId.of("ASSETS/disposition");

    @Override
    public Money value(Figures figures) {
        return Money.ofDollars(gain(figures).map(figure).orElse(0L));
    }

    private Optional<Gain> gain(Figures figures) {
        AssetRegister register = lines.register();
        LocalDate disposed = figures.day(register.disposed.id());
        if (disposed == null || !figures.period().contains(disposed)) {
            return Optional.empty();
        }
        Deducted toDate = new Deducted(
                dollars(figures, lines.section179ToDate.id()),
                dollars(figures, lines.bonusToDate.id()),
                dollars(figures, lines.regularToDate.id()));
        if (in.separate() && toDate.section179() > 0) {
            return Optional.empty();
        }
        return lines.assets()
                .asset(figures, 0)
                .map(asset -> Gain.of(asset, toDate, sale(figures, disposed), taxpayer(figures)));
    }

    private Sale sale(Figures figures, LocalDate disposed) {
        AssetRegister register = lines.register();
        long proceeds = dollars(figures, register.proceeds.id());
        Sale.Kind kind = Sale.Kind.of(figures.answer(KIND)).orElse(proceeds > 0 ? Sale.Kind.SOLD : Sale.Kind.SCRAPPED);
        return new Sale(
                kind,
                disposed,
                proceeds,
                dollars(figures, register.expense.id()),
                figures.answer(TaxColumns.PRICE_OF_LAND).isEmpty() ? null : dollars(figures, TaxColumns.PRICE_OF_LAND));
    }

    private Gain.Taxpayer taxpayer(Figures figures) {
        LawKey share = in.buildingRecapture();
        BigDecimal percent =
                share == null ? BigDecimal.ZERO : figures.law().percent(share).value();
        boolean typed = !figures.answer(TaxColumns.STRAIGHT_LINE).isEmpty();
        return new Gain.Taxpayer(
                percent,
                in.distributionsAreSales(),
                dollars(figures, typed ? TaxColumns.STRAIGHT_LINE : lines.straightLine.id()));
    }

    private static long dollars(Figures figures, LineId line) {
        return RegisterFacts.dollars(figures, line);
    }

    @Override
    public List<String> steps(Figures figures) {
        return gain(figures).map(GainRule::steps).orElse(List.of());
    }

    private static List<String> steps(Gain gain) {
        String land = gain.landPart() == Gain.Part.NONE
                ? ""
                : " The land brings " + Money.ofDollars(gain.landGain()).printed() + ".";
        return List.of(
                "Price " + Money.ofDollars(gain.price()).printed() + ", less cost and expense "
                        + Money.ofDollars(gain.costs()).printed() + ", plus depreciation "
                        + Money.ofDollars(gain.depreciation()).printed() + ": "
                        + Money.ofDollars(gain.gain()).printed() + "." + land,
                "Of the gain " + Money.ofDollars(gain.ordinary()).printed() + " is ordinary and "
                        + Money.ofDollars(gain.section1231()).printed() + " section 1231.");
    }

    @Override
    public String words() {
        return "what giving it up brings, by lines " + RegisterFacts.named(reads());
    }

    @Override
    public Set<Input> reads() {
        AssetRegister register = lines.register();
        Set<Input> reads = new HashSet<>(lines.assets().reads());
        List.of(
                        KIND,
                        TaxColumns.PRICE_OF_LAND,
                        TaxColumns.STRAIGHT_LINE,
                        lines.straightLine.id(),
                        lines.section179ToDate.id(),
                        lines.bonusToDate.id(),
                        lines.regularToDate.id(),
                        register.proceeds.id(),
                        register.expense.id())
                .forEach(line -> reads.add(new Input.OfLine(line)));
        LawKey share = in.buildingRecapture();
        if (share != null) {
            reads.add(new Input.OfLaw(share));
        }
        return reads;
    }
}
