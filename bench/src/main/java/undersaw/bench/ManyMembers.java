package undersaw.bench;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToLongFunction;
import org.pcollections.HashTreePMap;
import undersaw.calc.Calculation;
import undersaw.calc.Plan;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.Snapshot;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Divided;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.owners.ByHoldings;
import undersaw.owners.Measure;
import undersaw.owners.OwnerRegister;
import undersaw.owners.OwnershipChanges;

/**
 * Eighty lines divided among a hundred, a thousand and ten thousand owners: what a whole evaluation, one line and one
 * owner's own figure take. Ratios are printed: how the time grows with the owners, and what a change costs of it.
 */
final class ManyMembers {
    private static final int LINES = 80;
    private static final List<Integer> OWNERS = List.of(100, 1_000, 10_000);
    private static final String PERCENT = "OWNERS/profitBegin";

    private ManyMembers() {}

    /** What each owner bears of each line, what was paid of it, and what is left. */
    private static final class Shares extends Form {
        Shares() {
            super("S", "Shares");
            part("1", "Lines", "invented");
            Line rounding = line("rounding", "Who takes odd units").as(LineKind.TEXT);
            List<Line> lines = new ArrayList<>();
            for (int i = 0; i < LINES; i++) {
                lines.add(line("K/" + i, "Line " + i));
            }
            part("2", "Owners", "invented").per(Dimension.rows(OwnerRegister.LIST));
            Line paid = line("paid", "Paid ahead");
            for (Line line : lines) {
                String within = line.id().within().replace("K/", "");
                Line share = line("share/" + within, "Share of " + line.caption())
                        .is(new Divided(new ByHoldings(line.id(), Measure.PROFIT, rounding.id())));
                line("left/" + within, "Left of " + line.caption()).is(share.minus(paid));
            }
        }
    }

    static void measure(Snapshot heading, ToLongFunction<Runnable> median) {
        Plan plan = new Plan(
                2025, List.of(new OwnerRegister(), new OwnershipChanges(), new Shares()), position -> List.of());
        long fewest = 0;
        for (int owners : OWNERS) {
            Snapshot snapshot = Snapshot.empty(heading.heading()).withFacts(HashTreePMap.from(typed(owners)));
            Calculation before = Calculation.of(plan, snapshot);
            long whole = median.applyAsLong(() -> Calculation.of(plan, snapshot));
            fewest = fewest == 0 ? whole : fewest;
            long line = median.applyAsLong(edit(before, LineId.of("S/K/7").alone(), "987654"));
            long own = median.applyAsLong(edit(before, LineId.of("S/paid").in("o7"), "3"));
            Bench.say(
                    "%,d owners, %d lines: a whole evaluation %.0f ms, %.1f times that of %d owners; one line 1/%d of "
                            + "it, one owner's own figure 1/%d",
                    owners,
                    2 * LINES,
                    whole / 1e6,
                    (double) whole / fewest,
                    OWNERS.get(0),
                    whole / Math.max(1, line),
                    whole / Math.max(1, own));
        }
    }

    private static Runnable edit(Calculation before, LineKey key, String value) {
        Change change = new Change.FactsSet(Map.of(key, Fact.of(value)));
        Snapshot next = change.applyTo(before.snapshot());
        return () -> before.after(next, change.touches());
    }

    private static Map<LineKey, Fact> typed(int owners) {
        Map<LineKey, Fact> facts = new HashMap<>();
        for (int i = 0; i < LINES; i++) {
            facts.put(LineId.of("S/K/" + i).alone(), Fact.of(String.valueOf(1_000_003L * (i + 1))));
        }
        for (int i = 0; i < owners; i++) {
            facts.put(LineId.of(PERCENT).in("o" + i), Fact.of("0.0" + (10 + i % 7)));
            facts.put(LineId.of("S/paid").in("o" + i), Fact.of("2"));
        }
        return facts;
    }
}
