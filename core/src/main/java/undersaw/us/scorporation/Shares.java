package undersaw.us.scorporation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.dollars;
import static undersaw.form.formula.Formulas.when;

import java.util.Set;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Count;
import undersaw.form.formula.Counted;
import undersaw.form.formula.DividedQuantity;
import undersaw.form.formula.DividedRatio;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.Total;
import undersaw.owners.Held;
import undersaw.owners.Measure;
import undersaw.owners.OwnerRegister;
import undersaw.owners.PercentOfYear;
import undersaw.owners.Positions;
import undersaw.owners.Span;

/** What each shareholder held: items D, G and H of Schedule K-1 (2024 form, from memory). */
final class Shares extends Form {
    final Line percent;
    final Line begin;
    final Line end;
    final Line rounding;
    private final Line counts;

    Shares() {
        super("1120-S", "Shares held");
        part("K-1-shares", "K-1 shares: what each shareholder held", "IRC 1377(a)(1); Reg. 1.1377-1(a)(2)")
                .per(OwnerRegister.ROWS)
                .membersAcross();
        line("K-1/D/begin", "Shares of the corporation in all, beginning of year")
                .as(LineKind.SHARES)
                .once();
        line("K-1/D/end", "Shares of the corporation in all, end of year")
                .as(LineKind.SHARES)
                .once();
        rounding = line("K-1/rounding-owner", "Who takes odd dollars")
                .as(LineKind.TEXT)
                .once()
                .help("The name of the row at Owners; without one the largest remainders decide.");
        percent = line("K-1/G", "Percentage of the year")
                .isRatio(() -> new DividedRatio(new PercentOfYear(new Positions(Measure.SHARES, Span.YEAR))))
                .cites("IRC 1377(a)(1)");
        begin = line("K-1/H/begin", "Shares, beginning of year")
                .isQuantity(() -> new DividedQuantity(new Held(new Positions(Measure.SHARES, Span.BEGIN))));
        end = line("K-1/H/end", "Shares, end of year")
                .isQuantity(() -> new DividedQuantity(new Held(new Positions(Measure.SHARES, Span.END))));
        counts = line("K-1/W/held", "Counts as a shareholder of the year")
                .is(when(percent.answered("").not(), dollars(1), NOTHING))
                .aside();
    }

    /** How many persons were shareholders at any time of the year. */
    Count holders() {
        return new Counted(new Holders(counts.total()));
    }

    /** So many dollars, one for each. */
    private record Holders(Total each) implements Counted.Way {
        @Override
        public long value(Figures figures) {
            return figures.total(each).dollars();
        }

        @Override
        public String words() {
            return "persons who held shares on any day of the year";
        }

        @Override
        public Set<Input> reads() {
            return each.reads();
        }
    }
}
