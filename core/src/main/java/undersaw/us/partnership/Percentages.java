package undersaw.us.partnership;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.dollars;
import static undersaw.form.formula.Formulas.when;

import java.util.List;
import java.util.Set;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Count;
import undersaw.form.formula.Counted;
import undersaw.form.formula.DividedRatio;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.Total;
import undersaw.owners.HeldAtEnds;
import undersaw.owners.Measure;
import undersaw.owners.OwnerRegister;
import undersaw.owners.Span;

/** Item J of Schedule K-1: each partner's percentages at both ends of the year (2024 form, from memory). */
final class Percentages extends Form {
    final Line rounding;
    final Line selfEmployed;
    final Line active;
    final Line manager;
    private final Line counts;

    Percentages() {
        super("1065", "Percentages");
        part("K-1-percentages", "K-1 percentages: what each partner holds", "IRC 704, 706(d)")
                .per(OwnerRegister.ROWS)
                .membersAcross();
        rounding = line("K-1/rounding-owner", "Who takes odd dollars")
                .as(LineKind.TEXT)
                .once()
                .help("The name of the row at Owners; without one the largest remainders decide.");
        for (Measure measure : List.of(Measure.PROFIT, Measure.LOSS, Measure.CAPITAL)) {
            for (Span span : List.of(Span.BEGIN, Span.END)) {
                String end = span == Span.BEGIN ? "begin" : "end";
                line("K-1/J/" + measure.words() + "/" + end, "Share of " + measure.words() + ", " + end + " of year")
                        .isRatio(() -> new DividedRatio(new HeldAtEnds(measure, span)));
            }
        }
        selfEmployed = line("K-1/se", "For self-employment tax")
                .oneOf("general", "limited")
                .help("How a member is treated.");
        active = line("K-1/active", "Takes an active part").as(LineKind.YES_NO);
        manager = line("K-1/G/manager", "Manages the company").as(LineKind.YES_NO);
        line("K-1/s-holders", "Statements that an S corporation must give its own holders")
                .as(LineKind.COUNT);
        Line held = lineOf("K-1/J/profit/end");
        Line before = lineOf("K-1/J/profit/begin");
        counts = line("K-1/W/held", "Counts as a partner of the year")
                .is(when(held.answered("").not().or(before.answered("").not()), dollars(1), NOTHING))
                .aside();
    }

    private Line lineOf(String within) {
        return lines().stream()
                .filter(line -> line.id().within().equals(within))
                .findFirst()
                .orElseThrow();
    }

    /** How many persons were partners at any time of the year. */
    Count partners() {
        return new Counted(new Partners(counts.total()));
    }

    /** So many dollars, one for each. */
    private record Partners(Total each) implements Counted.Way {
        @Override
        public long value(Figures figures) {
            return figures.total(each).dollars();
        }

        @Override
        public String words() {
            return "persons who held an interest on any day of the year";
        }

        @Override
        public Set<Input> reads() {
            return each.reads();
        }
    }
}
