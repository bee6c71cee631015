package undersaw.study;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import org.pcollections.HashTreePMap;
import undersaw.calc.Calculation;
import undersaw.calc.Plan;
import undersaw.engagement.Fact;
import undersaw.engagement.Heading;
import undersaw.engagement.PriorYear;
import undersaw.engagement.Snapshot;
import undersaw.ledger.Mapping;
import undersaw.ledger.Split;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.returns.ReturnKind;

/**
 * An engagement as another kind of entity would have it: books, entries and assets stay, accounts go to the lines of
 * the other return, owners hold shares or percentages. What the other kind has no line for stays where it was, for a
 * person to decide on.
 */
public final class Translation {
    private final Kind from;
    private final Kind to;
    private final ReturnKind target;
    private final Plan plan;

    private Translation(Kind from, Kind to, ReturnKind target, Plan plan) {
        this.from = from;
        this.to = to;
        this.target = target;
        this.plan = plan;
    }

    /**
     * The engagement under another return, or the same one.
     *
     * @param heading of the study, with the other return's code
     * @throws IllegalArgumentException for a return that is not compared
     */
    public static Snapshot of(Calculation year, ReturnKind target, Heading heading) {
        Snapshot original = year.snapshot();
        Kind from = kind(original.heading().form());
        Kind to = kind(heading.form());
        Plan plan = target.plan(heading.period().lawYear());
        Snapshot moved = original.withHeading(heading)
                .withSetAsides(from == to ? original.setAsides() : HashTreePMap.empty())
                .withPrior(PriorYear.none())
                .withCarried(HashTreePMap.empty());
        return from == to ? moved : new Translation(from, to, target, plan).translated(moved, year);
    }

    private static Kind kind(String form) {
        return Kind.of(form)
                .orElseThrow(() -> new IllegalArgumentException("Form " + form + " is not compared with other kinds"));
    }

    private Snapshot translated(Snapshot original, Calculation year) {
        Map<String, Mapping> mappings = new HashMap<>();
        original.mappings()
                .forEach((account, mapping) -> translated(mapping).ifPresent(other -> mappings.put(account, other)));
        Map<LineKey, Fact> facts = new HashMap<>();
        original.facts().forEach((key, fact) -> facts.put(translated(key), fact));
        OwnersOver.put(year, from, to, facts);
        return original.withMappings(HashTreePMap.from(mappings)).withFacts(HashTreePMap.from(facts));
    }

    /** The same account on the other return; nothing where no line takes it. */
    private Optional<Mapping> translated(Mapping mapping) {
        Optional<Correspondence.Spot> rest = spot(mapping.line(), mapping.treatment());
        if (rest.isEmpty()) {
            return Optional.empty();
        }
        LineKey place = place(rest.get(), mapping.instance());
        Mapping moved = new Mapping(
                place.line(),
                place.instance(),
                rest.get().treatment(),
                mapping.splits().stream()
                        .flatMap(split -> translated(split).stream())
                        .toList(),
                mapping.partner(),
                mapping.confirmed(),
                0,
                "as on " + mapping.place());
        return moved.splits().size() == mapping.splits().size() ? Optional.of(moved) : Optional.empty();
    }

    private Optional<Split> translated(Split split) {
        return spot(split.line(), split.treatment()).map(spot -> {
            LineKey place = place(spot, split.instance());
            return new Split(place.line(), place.instance(), spot.treatment(), split.percent(), split.amount());
        });
    }

    private Optional<Correspondence.Spot> spot(LineId line, String treatment) {
        Optional<Correspondence.Spot> found = Correspondence.of(from, to, line, treatment)
                .or(() -> Optional.of(new Correspondence.Spot(line, "")))
                .filter(spot -> plan.target(spot.line()).isPresent());
        return found.map(spot -> new Correspondence.Spot(spot.line(), treatment(spot, treatment)));
    }

    /** A treatment that the other kind has is kept, where its row names none; else the whole amount counts. */
    private String treatment(Correspondence.Spot spot, String own) {
        boolean asked = plan.target(spot.line()).filter(target::asksTreatment).isPresent();
        if (!asked) {
            return "";
        }
        if (!spot.treatment().isEmpty()) {
            return spot.treatment();
        }
        return target.treatment(own).isPresent() ? own : "full";
    }

    /** Whom an account belongs to is kept where the other line has members. */
    private LineKey place(Correspondence.Spot spot, String member) {
        return target.membersOf(plan, spot.line()).isPresent()
                ? spot.line().in(member)
                : spot.line().alone();
    }

    private LineKey translated(LineKey key) {
        if (plan.knows(key.line())) {
            return key;
        }
        return Correspondence.of(from, to, key.line())
                .filter(plan::knows)
                .map(line -> line.in(key.instance()))
                .orElse(key);
    }
}
