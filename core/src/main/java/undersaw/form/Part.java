package undersaw.form;

import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import undersaw.engagement.Station;
import undersaw.form.formula.Condition;
import undersaw.line.Dimension;
import undersaw.money.Unit;

/** A schedule or other section of a form that has a heading of its own. */
public final class Part {
    private final String code;
    private final String title;
    private final String citation;
    private @Nullable Supplier<Condition> excused;
    private @Nullable Supplier<Condition> needed;
    private @Nullable Line added;
    private String plainWords = "";
    private String help = "";
    private Unit unit;
    private final Supplier<Line> declaresNeed;
    private @Nullable Line need;
    private boolean worksheet;
    private @Nullable Dimension scope;
    private boolean list;
    private boolean across;
    private String rowName = "";
    private @Nullable Supplier<Line> order;
    private boolean ofTheYear;
    private boolean byLine;
    private @Nullable Supplier<YearsDrawn> drawn;
    private @Nullable Supplier<RollDrawn> roll;
    private Station station = Station.RETURN;
    private @Nullable Line gone;
    private boolean closed;

    /** A part of a form, in the form's unit. */
    Part(Form form, String code, String title, String citation) {
        unit = form.unit();
        declaresNeed = () -> form.declare("need/" + code, title + ", needed");
        this.code = code;
        this.title = title;
        this.citation = citation;
    }

    /** From here on the description is fixed. */
    void close() {
        closed = true;
    }

    private void describe() {
        if (closed) {
            throw new IllegalStateException("part " + code + " is described after its return was put together");
        }
    }

    /** A short explanation of the whole, for lines that have none of their own. */
    public Part help(String words) {
        describe();
        help = words;
        return this;
    }

    public String help() {
        return help;
    }

    /** Not part of the return while the condition holds; its lines are still computed. */
    public Part excusedWhen(Supplier<Condition> condition) {
        describe();
        excused = condition;
        return this;
    }

    /** Joins the return while the condition holds, or when somebody adds it. */
    public Part neededWhen(Supplier<Condition> condition) {
        describe();
        needed = condition;
        return this;
    }

    /**
     * Its lines are found only while it is needed, or added by hand, so that what is not in the return costs an edit
     * nothing. The condition may read none of the lines found.
     */
    public Part foundOnlyThen() {
        describe();
        need = declaresNeed.get().isYesWhen(this::isNeeded);
        return this;
    }

    private Condition isNeeded() {
        Condition condition = needed().orElseThrow();
        return added().map(box -> condition.or(box.answered("yes"))).orElse(condition);
    }

    /**
     * While this does not hold, the part's lines stay empty; nothing where they are always found. It asks a line of its
     * own, so that what moves without changing the answer moves no line of the part.
     */
    public Optional<Condition> gate() {
        return Optional.ofNullable(need).map(line -> line.answered("yes"));
    }

    /** Whether the line is no line of the form, but adds the part or says whether it is needed. */
    public boolean isDecidedBy(Line line) {
        return line.equals(added) || line.equals(need);
    }

    /** Joins the return when something feeds it. */
    Part byNeed(String words, Line addedLine) {
        describe();
        plainWords = words;
        added = addedLine;
        return this;
    }

    /** A worksheet of our own that shows how a line is found and is not sent. */
    public Part worksheet() {
        describe();
        worksheet = true;
        return this;
    }

    /** Its amounts are given in another unit than the form's. */
    public Part in(Unit other) {
        describe();
        unit = other;
        return this;
    }

    /** In what its amounts are given. */
    public Unit unit() {
        return unit;
    }

    /** Its lines stand once a member of the dimension. */
    public Part per(Dimension members) {
        describe();
        scope = members;
        return this;
    }

    /** What its lines repeat for; nothing where they stand once. */
    public Optional<Dimension> scope() {
        return Optional.ofNullable(scope);
    }

    /** Its lines are one list of rows, numbered in their order: the members of a dimension of that name. */
    public Part list(String name) {
        return list(Dimension.rows(name));
    }

    private Part list(Dimension members) {
        list = true;
        return per(members);
    }

    /** The same, each row named in a column of its own. */
    public Part list(String name, String nameColumn) {
        return list(Dimension.rows(name), nameColumn);
    }

    /** The same for the members of a dimension. */
    public Part list(Dimension members, String nameColumn) {
        rowName = nameColumn;
        return list(members);
    }

    /** Shows its figures over the years above its lines. */
    public Part drawn(Supplier<YearsDrawn> drawing) {
        describe();
        drawn = drawing;
        return this;
    }

    public Optional<YearsDrawn> drawn() {
        return Optional.ofNullable(drawn).map(Supplier::get);
    }

    /** Shows how a balance of each member moves through the year, above its lines. */
    public Part rolls(Supplier<RollDrawn> drawing) {
        describe();
        roll = drawing;
        return this;
    }

    public Optional<RollDrawn> roll() {
        return Optional.ofNullable(roll).map(Supplier::get);
    }

    /** Its rows keep an order of their own, which this line holds; else they stand in the order of their names. */
    public Part inOrder(Supplier<Line> place) {
        describe();
        order = place;
        return this;
    }

    /** The line that holds the place of a row; nothing where rows stand in the order of their names. */
    public Optional<Line> order() {
        return Optional.ofNullable(order).map(Supplier::get);
    }

    /** The place that the text of such a line says; after all others where it says none. */
    public static long place(String text) {
        return text.matches("\\d{1,9}") ? Long.parseLong(text) : Long.MAX_VALUE;
    }

    /** On a page its lines stand below one another and its members side by side. */
    public Part membersAcross() {
        describe();
        across = true;
        return this;
    }

    public boolean isMembersAcross() {
        return across;
    }

    /** In a file its list has a row a figure: name, line and amount. */
    public Part byLine() {
        describe();
        byLine = true;
        return this;
    }

    public boolean isByLine() {
        return byLine;
    }

    /** Its rows stay in their year when the next is begun. */
    public Part ofTheYear() {
        describe();
        ofTheYear = true;
        return this;
    }

    /** A register that has a station of its own. */
    public Part at(Station place) {
        describe();
        station = place;
        return this;
    }

    /** Rows in which this line is filled do not come to the next year. */
    public Part withoutThose(Line filled) {
        describe();
        gone = filled;
        return this;
    }

    /** The name of its list of rows; empty where it has none. */
    public String listName() {
        return list && scope != null ? scope.name() : "";
    }

    /** The column that names a row in a file; empty where rows are numbered. */
    public String rowName() {
        return rowName;
    }

    public boolean isOfTheYear() {
        return ofTheYear;
    }

    /** Where the part is worked on. */
    public Station station() {
        return station;
    }

    /** The line that, where filled, ends a row's life. */
    public Optional<Line> gone() {
        return Optional.ofNullable(gone);
    }

    /** The schedule's letter, or {@code 1} for the first page. */
    public String code() {
        return code;
    }

    public String title() {
        return title;
    }

    public String citation() {
        return citation;
    }

    public Optional<Condition> excused() {
        return Optional.ofNullable(excused).map(Supplier::get);
    }

    public Optional<Condition> needed() {
        return Optional.ofNullable(needed).map(Supplier::get);
    }

    /** The box that adds the part by hand; nothing where the part always belongs to the return. */
    public Optional<Line> added() {
        return Optional.ofNullable(added);
    }

    /** Other words by which a person may look for it. */
    public String plainWords() {
        return plainWords;
    }

    public boolean isWorksheet() {
        return worksheet;
    }
}
