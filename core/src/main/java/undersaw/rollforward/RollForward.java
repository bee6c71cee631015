package undersaw.rollforward;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import undersaw.calc.Calculation;
import undersaw.engagement.Carried;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.Heading;
import undersaw.engagement.Snapshot;
import undersaw.engagement.Station;
import undersaw.form.RowList;
import undersaw.law.calendar.Period;
import undersaw.line.LineKey;
import undersaw.returns.ReturnKind;

/**
 * Begins the next year from this one, and tells later what would be different if it were begun today.
 *
 * <p>Everything that comes over is marked until a person confirms it. The old year is only read.
 */
public final class RollForward {
    private final Map<String, Gift> gifts = new LinkedHashMap<>();

    private RollForward(List<Gift> all) {
        all.forEach(gift -> gifts.put(gift.place(), gift));
    }

    /** What a year gives to the next. */
    public static RollForward from(Calculation year, ReturnKind kind) {
        List<Gift> all = new ArrayList<>();
        all.addAll(BooksGifts.of(year, kind));
        all.addAll(EntryGifts.of(year));
        all.addAll(RowGifts.of(year));
        all.addAll(ReturnGifts.of(year, kind));
        return new RollForward(all);
    }

    /** Everything that is given, in the order of the work. */
    public List<Gift> gifts() {
        return List.copyOf(gifts.values());
    }

    public Optional<Gift> gift(String place) {
        return Optional.ofNullable(gifts.get(place));
    }

    /** The heading of the year that follows: twelve months, and none of what was special about this one. */
    public static Heading next(Heading heading) {
        var start = heading.period().end().plusDays(1);
        return new Heading(
                heading.form(),
                heading.client(),
                new Period(start, start.plusYears(1).minusDays(1)),
                heading.method(),
                Set.of());
    }

    /** One change that puts everything into an engagement just begun, and marks it. */
    public Change begin(Snapshot begun) {
        return put(begun, gifts());
    }

    /** One change that puts some of it in place, marked anew. */
    public Change put(Snapshot before, List<Gift> some) {
        List<Change> changes = new ArrayList<>();
        Map<String, @Nullable Carried> marks = new TreeMap<>();
        Snapshot snapshot = before;
        for (Gift gift : some) {
            Change change = gift.change().apply(snapshot);
            changes.add(change);
            snapshot = change.applyTo(snapshot);
            marks.put(gift.place(), new Carried(gift.value(), ""));
        }
        changes.add(new Change.CarriedSet(marks));
        return new Change.Several(changes);
    }

    /**
     * A figure that last year would give differently today.
     *
     * @param place where it goes
     * @param words what it is
     * @param was what was given when the year was begun; empty where it is new
     * @param now what would be given today; empty where it is gone
     */
    public record Difference(String place, String words, String was, String now) {}

    /** What last year would give differently today than it did when this year was begun. */
    public List<Difference> differences(Snapshot thisYear) {
        List<Difference> differences = new ArrayList<>();
        if (thisYear.carried().isEmpty()) {
            return differences;
        }
        gifts.values().forEach(gift -> {
            String was = Optional.ofNullable(thisYear.carried().get(gift.place()))
                    .map(Carried::value)
                    .orElse("");
            if (!was.equals(gift.value())) {
                differences.add(new Difference(gift.place(), gift.words(), was, gift.value()));
            }
        });
        new TreeMap<>(thisYear.carried()).forEach((place, mark) -> {
            if (!gifts.containsKey(place) && !mark.value().isEmpty()) {
                differences.add(new Difference(place, "No longer given: " + place, mark.value(), ""));
            }
        });
        return differences;
    }

    /** The typed figures that the marks stand for, each confirmed by a person. */
    public static Change confirm(Calculation year, Map<String, @Nullable Carried> marks, String who) {
        Map<LineKey, @Nullable Fact> facts = new TreeMap<>();
        List<RowList> lists = year.plan().lists();
        year.snapshot().facts().forEach((key, fact) -> {
            boolean marked = marks.containsKey("fact/" + key)
                    || lists.stream().anyMatch(list -> marks.containsKey(RowGifts.place(list, key)));
            if (fact.waits() && marked) {
                facts.put(key, fact.confirmed(who));
            }
        });
        return new Change.Several(List.of(new Change.CarriedSet(marks), new Change.FactsSet(facts)));
    }

    /** How much came from last year to each station and is not confirmed. */
    public static Map<Station, Integer> open(Snapshot thisYear) {
        Map<Station, Integer> open = new EnumMap<>(Station.class);
        thisYear.carried().forEach((place, mark) -> {
            if (mark.isOpen()) {
                open.merge(stationOf(place), 1, Integer::sum);
            }
        });
        return open;
    }

    /** The station where something carried is confirmed, told by its place. */
    public static Station stationOf(String place) {
        return switch (place.substring(0, place.indexOf('/'))) {
            case "opening" -> Station.BOOKS;
            case "map" -> Station.MAP;
            case "entry" -> Station.ADJUST;
            case "assets" -> Station.ASSETS;
            case "owners" -> Station.OWNERS;
            default -> Station.RETURN;
        };
    }
}
