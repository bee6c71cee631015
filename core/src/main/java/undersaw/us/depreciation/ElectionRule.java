package undersaw.us.depreciation;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.Worked;
import undersaw.law.calendar.Period;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.us.depreciation.PropertyClass.Pattern;

/**
 * What may be elected for an asset under section 179, and its part in the test of the last quarter (IRC 168(d)(3),
 * 179(b)(5), (d)(1); Reg. 1.168(d)-1(b); from memory).
 *
 * @param figure which of them
 * @param facts where the asset's facts stand
 * @param election the line of what is elected for it, as typed or as it counts
 */
record ElectionRule(Figure figure, RegisterFacts facts, LineId election) implements Worked.Rule {
    /** What is found, in whole dollars. */
    enum Figure {
        MAY_ELECT("the business part of its cost where section 179 is open to it"),
        ELECTED("its election, no more than section 179 allows for it"),
        TEST_BASIS("the business part of its cost less its election, for equipment of this year"),
        LAST_QUARTER("the same, where it came in the last quarter");

        private final String words;

        Figure(String words) {
            this.words = words;
        }
    }

    private static final int LAST = 4;
    private static final int SHORTEST = 3 * YearParts.MONTH;

    @Override
    public Money value(Figures figures) {
        long elected = RegisterFacts.dollars(figures, election);
        return facts.asset(figures, elected)
                .map(asset -> Money.ofDollars(found(asset, figures)))
                .orElse(Money.ZERO);
    }

    private long found(AssetFacts asset, Figures figures) {
        Period year = figures.period();
        if (!year.contains(asset.placed()) || isGone(asset, year)) {
            return 0;
        }
        long business = Use.part(asset.depreciable(), asset.use().now());
        boolean tested = asset.type().recovery() == Pattern.PERSONAL;
        return switch (figure) {
            case MAY_ELECT -> mayElect(asset, business);
            case ELECTED -> Math.min(asset.elected(), most(asset, mayElect(asset, business), figures));
            case TEST_BASIS -> tested ? business - asset.elected() : 0;
            case LAST_QUARTER -> tested && isLastQuarter(year, asset.placed()) ? business - asset.elected() : 0;
        };
    }

    /** A year of three months or less has no other quarter. */
    private static boolean isLastQuarter(Period year, LocalDate placed) {
        return YearParts.of(year) <= SHORTEST || YearParts.quarter(year, placed) == LAST;
    }

    private static boolean isGone(AssetFacts asset, Period year) {
        LocalDate disposed = asset.disposed();
        return disposed != null && !disposed.isAfter(year.end());
    }

    private static long mayElect(AssetFacts asset, long business) {
        return asset.type().mayElect() && Use.isMost(asset.use().now()) ? business : 0;
    }

    private static long most(AssetFacts asset, long mayElect, Figures figures) {
        return asset.type().isSportUtility()
                ? Math.min(
                        mayElect,
                        figures.law().amount(DepreciationLaw.SECTION_179_SUV).dollars())
                : mayElect;
    }

    @Override
    public List<String> steps(Figures figures) {
        return facts.asset(figures, 0)
                .map(asset -> List.of(
                        "Class " + asset.type().code() + ", " + asset.type().caption() + "; in service "
                                + asset.placed() + ", quarter " + YearParts.quarter(figures.period(), asset.placed())
                                + " of the tax year; section 179 is "
                                + (asset.type().mayElect() ? "open to it." : "not open to it.")))
                .orElse(List.of());
    }

    @Override
    public String words() {
        return figure.words + ", by lines " + RegisterFacts.named(reads());
    }

    @Override
    public Set<Input> reads() {
        Set<Input> reads = new HashSet<>(facts.reads());
        reads.add(new Input.OfLine(election));
        reads.add(new Input.OfLaw(DepreciationLaw.SECTION_179_SUV));
        return reads;
    }
}
