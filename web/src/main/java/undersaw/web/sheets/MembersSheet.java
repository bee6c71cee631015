package undersaw.web.sheets;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.Part;
import undersaw.line.Dimension;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.web.frame.Figure;
import undersaw.web.frame.Slice;
import undersaw.web.lists.ListView;

/**
 * A part that stands once a member, its lines below one another and its members side by side, with the total of all at
 * the end: who bears what is seen at once.
 *
 * @param code the part's code
 * @param title its heading
 * @param members those of this page
 * @param rows its lines
 * @param hidden how many lines are empty for all, and not shown
 * @param wide whether they are shown
 * @param list the list in which a new member can be begun; empty where it is filled elsewhere
 * @param opening what a new member is begun with, as a caption; empty where none can be
 */
public record MembersSheet(
        String code,
        String title,
        Slice<Member> members,
        List<Row> rows,
        int hidden,
        boolean wide,
        String list,
        String opening) {
    private static final int SIDE_BY_SIDE = 6;

    /** A member: its name in addresses, and in words. */
    public record Member(String name, String words) {}

    /**
     * A line for all members.
     *
     * @param number its printed number
     * @param caption its caption
     * @param cells a figure for each member of the page
     * @param total of all members, on other pages too; empty where a sum means nothing
     */
    public record Row(String number, String caption, List<Figure> cells, String total) {}

    /** The sheet of a part; nothing where its members do not stand side by side. */
    static Optional<MembersSheet> of(Calculation year, Part part, ListView.Look look) {
        return part.isMembersAcross() ? part.scope().map(members -> of(year, part, members, look)) : Optional.empty();
    }

    /** In the order of the list where there is one; pairs by their outer member first. */
    private static List<String> inOrder(Calculation year, Dimension dimension) {
        List<String> members = year.members(dimension);
        if (dimension.path().isEmpty()) {
            return year.plan()
                    .list(dimension.name())
                    .map(year::rowsOf)
                    .filter(rows -> rows.size() == members.size())
                    .orElse(members);
        }
        Dimension outer = dimension.path().get(0);
        List<String> inner = inOrder(year, dimension.path().get(1));
        Set<String> there = Set.copyOf(members);
        return inOrder(year, outer).stream()
                .flatMap(first -> inner.stream().map(second -> dimension.pair(first, second)))
                .filter(there::contains)
                .toList();
    }

    private static MembersSheet of(Calculation year, Part part, Dimension dimension, ListView.Look look) {
        List<String> all = inOrder(year, dimension);
        Slice<Member> members = Slice.of(
                all.stream()
                        .map(name -> new Member(name, part.listName().isEmpty() ? words(year, dimension, name) : name))
                        .toList(),
                look.query(),
                new Slice.Page(look.at(), SIDE_BY_SIDE),
                member -> member.name() + " " + member.words());
        List<Line> lines = year.plan().linesOf(part).stream()
                .filter(line -> line.scope().filter(dimension::equals).isPresent() && !line.isAside())
                .toList();
        List<Line> shown = lines.stream()
                .filter(line -> look.isWide() || isWorthShowing(year, part, line))
                .toList();
        return new MembersSheet(
                part.code(),
                part.title(),
                members,
                shown.stream().map(line -> row(year, part, line, members)).toList(),
                lines.size() - shown.size(),
                look.isWide(),
                part.listName(),
                part.listName().isEmpty() ? "" : lines.get(0).caption());
    }

    /** What a person fills in, and what holds anything for anybody. */
    private static boolean isWorthShowing(Calculation year, Part part, Line line) {
        return !part.listName().isEmpty() || year.rowValues(line.id()).stream().anyMatch(MembersSheet::isSomething);
    }

    private static boolean isSomething(LineValue value) {
        return !value.amount().isZero() || !value.value().plain().matches("|no|0(\\.0+)?");
    }

    private static Row row(Calculation year, Part part, Line line, Slice<Member> members) {
        return new Row(
                number(part, line),
                line.caption(),
                members.rows().stream()
                        .map(member -> line.id().in(member.name()))
                        .map((LineKey key) ->
                                Figure.of(line, key, year.value(key)).inGrid())
                        .toList(),
                total(year, line));
    }

    /** The line's number without what the part's code says already: K-1 of K-1/1, on K-1-shares as well. */
    private static String number(Part part, Line line) {
        String within = line.id().within();
        String first = within.split("/", 2)[0];
        boolean said = part.code().equals(first) || part.code().startsWith(first + "-");
        return said && !first.equals(within) ? within.substring(first.length() + 1) : within;
    }

    private static String total(Calculation year, Line line) {
        if (line.kind() == LineKind.AMOUNT) {
            Money total = year.rowTotal(line.id());
            return line.isInCents() ? Figure.balance(total) : Figure.text(total);
        }
        return "";
    }

    /** The first words of the row in the list that names the members; of a pair, of both. */
    private static String words(Calculation year, Dimension dimension, String name) {
        if (!dimension.path().isEmpty()) {
            return dimension.path().stream()
                    .filter(part -> part.always().isEmpty() || !part.always().equals(dimension.of(part, name)))
                    .map(part -> words(year, part, Objects.requireNonNull(dimension.of(part, name))))
                    .collect(Collectors.joining(", "));
        }
        return year.plan().list(dimension.name()).stream()
                .flatMap(list -> list.typed().stream())
                .filter(line -> line.kind() == LineKind.TEXT && line.choices().isEmpty())
                .findFirst()
                .flatMap(line -> year.value(line.id().in(name)))
                .map(value -> value.value().plain())
                .orElse(name);
    }
}
