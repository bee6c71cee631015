package undersaw.engagement;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import undersaw.ledger.Mapping;
import undersaw.line.LineKey;

/** Everything of an engagement that was made elsewhere, put into one that was just begun. */
public final class WholeSnapshot {
    private WholeSnapshot() {}

    /** One change that makes an engagement with nothing but a heading into this one. */
    public static Change put(Snapshot whole) {
        Map<String, @Nullable Mapping> mappings = new TreeMap<>(whole.mappings());
        Map<LineKey, @Nullable Fact> facts = new TreeMap<>(whole.facts());
        Map<String, @Nullable Carried> carried = new TreeMap<>(whole.carried());
        List<Change> changes = new ArrayList<>();
        changes.add(new Change.HeadingSet(whole.heading()));
        changes.add(new Change.BooksReplaced(List.copyOf(whole.accounts().values()), whole.source()));
        changes.add(new Change.MappingsSet(mappings));
        changes.add(new Change.EntriesSet(whole.lists().entries()));
        changes.add(new Change.PaymentsSet(whole.lists().payments()));
        changes.add(new Change.CarryoversSet(whole.lists().carryovers()));
        new TreeMap<>(whole.worksheets()).forEach((key, rows) -> changes.add(new Change.WorksheetSet(key, rows, "")));
        // after the worksheets, whose sums are facts too: what was typed over one of them stands
        changes.add(new Change.FactsSet(facts));
        changes.add(new Change.CarriedSet(carried));
        new TreeMap<>(whole.setAsides()).forEach((key, aside) -> changes.add(new Change.QuerySetAside(key, aside)));
        if (whole.prior().isKnown()) {
            changes.add(new Change.PriorSet(whole.prior()));
        }
        return new Change.Several(changes);
    }
}
