package undersaw.returns;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.form.Line;
import undersaw.form.Part;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;

/**
 * Whether a part stands in a return, and what feeds it.
 *
 * @param part the schedule, form or worksheet
 * @param feeds what brings it into the return; empty where nothing does
 * @param addedByHand whether somebody added it
 */
public record PartNeed(Part part, List<Feed> feeds, boolean addedByHand) {
    private static final int NAMED = 4;

    /**
     * One thing that feeds a part.
     *
     * @param words what it is
     * @param line where it stands; null where it is no line
     */
    public record Feed(String words, @Nullable LineKey line) {}

    /** Every part of a return, in the order of the forms. */
    public static List<PartNeed> of(Calculation year) {
        return year.plan().parts().stream().map(part -> of(year, part)).toList();
    }

    /** One part of a return. */
    public static PartNeed of(Calculation year, Part part) {
        boolean onlyWhenNeeded = part.needed().isPresent() && part.added().isEmpty();
        if (onlyWhenNeeded && !year.holds(part.needed().orElseThrow())) {
            return new PartNeed(part, List.of(), false);
        }
        List<Feed> feeds = new ArrayList<>();
        part.needed()
                .filter(year::holds)
                .ifPresent(condition -> feeds.addAll(new NeedCauses(year).of(condition, NAMED)));
        typed(year, part).ifPresent(feeds::add);
        mapped(year, part).ifPresent(feeds::add);
        if (feeds.isEmpty() && part.needed().isEmpty()) {
            feeds.addAll(computed(year, part));
        }
        return new PartNeed(part, List.copyOf(feeds), year.isAdded(part));
    }

    /** Whether the part belongs to every return of its kind. */
    public boolean isAlways() {
        return part.added().isEmpty() && part.needed().isEmpty() && !part.isWorksheet();
    }

    /** Whether the part is shown as one of the return's. */
    public boolean isJoined() {
        return isAlways() || addedByHand || !feeds.isEmpty();
    }

    /** Whether it can be taken off: added by hand, and fed by nothing. */
    public boolean isRemovable() {
        return addedByHand && feeds.isEmpty();
    }

    /** Whether a person who types these words means this part: its number, or words of its name. */
    public boolean answersTo(String words) {
        return PlainWords.of(words).fit(part.code() + " " + part.title() + " " + part.plainWords());
    }

    private static Optional<Feed> typed(Calculation year, Part part) {
        List<LineKey> keys = year.plan().linesOf(part).stream()
                .filter(line -> line.isTyped()
                        || year.snapshot().fact(line.id().alone()).isPresent())
                .flatMap(line -> year.valuesOf(line).stream().map(LineValue::key))
                .toList();
        long rows = keys.stream()
                .map(LineKey::instance)
                .filter(row -> !row.isEmpty())
                .distinct()
                .count();
        String words = rows > 0 ? counted(rows) + " listed" : "typed figures";
        return keys.isEmpty() ? Optional.empty() : Optional.of(new Feed(words, keys.get(0)));
    }

    private static Optional<Feed> mapped(Calculation year, Part part) {
        List<Line> fed = year.plan().linesOf(part).stream()
                .filter(line -> !year.postings(line.id()).isEmpty())
                .toList();
        List<String> accounts = fed.stream()
                .flatMap(line -> year.postings(line.id()).stream())
                .map(posting -> posting.account())
                .distinct()
                .sorted()
                .toList();
        if (accounts.isEmpty()) {
            return Optional.empty();
        }
        String named = String.join(", ", accounts.subList(0, Math.min(NAMED, accounts.size())));
        String more = accounts.size() > NAMED ? " and " + (accounts.size() - NAMED) + " more" : "";
        return Optional.of(new Feed(
                (accounts.size() == 1 ? "account " : "accounts ") + named + more,
                fed.get(0).id().alone()));
    }

    /** Lines of other parts that bring an amount here. */
    private static List<Feed> computed(Calculation year, Part part) {
        return year.plan().linesOf(part).stream()
                .filter(line -> !line.isRepeating() && !year.amount(line).isZero())
                .flatMap(line -> line.rule().stream())
                .flatMap(formula -> formula.reads().stream())
                .flatMap(input -> input.lines().stream())
                .distinct()
                .filter(read -> !brought(year, read).isZero())
                .filter(read -> year.plan()
                        .line(read)
                        .filter(line -> line.part() != part)
                        .isPresent())
                .sorted()
                .map(read -> feed(year, read))
                .distinct()
                .limit(NAMED)
                .toList();
    }

    /** A line with its amount; of a list, how many rows it has. */
    private static Feed feed(Calculation year, LineId read) {
        Line line = year.plan().line(read).orElseThrow();
        if (!line.isRepeating()) {
            return NeedCauses.feed(read, brought(year, read).printed());
        }
        long rows = year.members(line.scope().orElseThrow()).size();
        return new Feed(counted(rows) + " on " + line.part().code(), line.id().alone());
    }

    private static String counted(long rows) {
        return rows + (rows == 1 ? " row" : " rows");
    }

    private static Money brought(Calculation year, LineId line) {
        boolean repeats = year.plan().line(line).filter(Line::isRepeating).isPresent();
        return repeats ? year.rowTotal(line) : year.amount(line);
    }
}
