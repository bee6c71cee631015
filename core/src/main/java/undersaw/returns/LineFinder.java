package undersaw.returns;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.WeakHashMap;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import undersaw.calc.Plan;
import undersaw.form.Line;
import undersaw.form.Part;

/** Finds lines and forms of a return by number, caption or plain words; the nearest first. */
public final class LineFinder {
    private static final Map<Plan, LineFinder> FINDERS = new WeakHashMap<>();
    private static final int NUMBER = 0;
    private static final int FORM = 1;
    private static final int BEGINS = 2;
    private static final int CAPTION = 3;
    private static final int FORM_BY_SUBJECT = 4;
    private static final int ANYWHERE = 5;

    private final List<Entry> entries = new ArrayList<>();

    /**
     * A line, or a form as a whole.
     *
     * @param part the form or schedule
     * @param line the line; null for the form itself
     * @param words its number and name
     */
    public record Place(Part part, @Nullable Line line, String words) {}

    /** Its numbers are those that a person may write, with the form or without, and no slashes. */
    private record Entry(Place place, List<String> numbers, String caption, String all) {}

    /** The words as one number: J/12, J 12 and j12 are one line. */
    private static String compact(String number) {
        return number.toLowerCase(Locale.ROOT).replace("/", "");
    }

    private LineFinder(Plan plan) {
        for (Part part : plan.parts()) {
            String code = part.code().toLowerCase(Locale.ROOT);
            entries.add(new Entry(
                    new Place(part, null, part.title()),
                    List.of(compact(code)),
                    part.title().toLowerCase(Locale.ROOT),
                    (code + " " + part.title() + " " + part.plainWords()).toLowerCase(Locale.ROOT)));
            for (Line line : plan.linesOf(part)) {
                String caption = line.caption().toLowerCase(Locale.ROOT);
                String all = (line.id() + " " + caption + " " + line.help() + " " + line.citation())
                        .toLowerCase(Locale.ROOT);
                List<String> numbers =
                        List.of(compact(line.id().within()), compact(line.id().text()));
                entries.add(new Entry(new Place(part, line, line.id() + " " + line.caption()), numbers, caption, all));
            }
        }
    }

    /** The finder of a return's lines, made once. */
    public static LineFinder of(Plan plan) {
        synchronized (FINDERS) {
            return FINDERS.computeIfAbsent(plan, LineFinder::new);
        }
    }

    /**
     * At most so many places that the words fit: the nearest first, and of those as near the ones that a return uses.
     *
     * @param used whether a place is in the return
     */
    public List<Place> find(PlainWords asked, int most, Predicate<Place> used) {
        record Ranked(Entry entry, int rank) {}
        String number = compact(String.join("", asked.words()));
        return entries.stream()
                .filter(entry -> asked.fit(entry.all()) || entry.numbers().contains(number))
                .map(entry -> new Ranked(entry, entry.numbers().contains(number) ? NUMBER : rank(entry, asked)))
                .sorted(Comparator.comparingInt(Ranked::rank)
                        .thenComparing(ranked -> !used.test(ranked.entry().place())))
                .limit(most)
                .map(ranked -> ranked.entry().place())
                .toList();
    }

    private static int rank(Entry entry, PlainWords asked) {
        if (!asked.fit(entry.caption())) {
            return entry.place().line() == null ? FORM_BY_SUBJECT : ANYWHERE;
        }
        return entry.place().line() == null
                ? FORM
                : entry.caption().startsWith(String.join(" ", asked.words())) ? BEGINS : CAPTION;
    }
}
