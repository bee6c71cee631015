package undersaw.form;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import undersaw.engagement.HeadingField;
import undersaw.form.formula.Answered;
import undersaw.form.formula.AnyOf;
import undersaw.form.formula.Chosen;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Count;
import undersaw.form.formula.Counted;
import undersaw.form.formula.Formula;
import undersaw.form.formula.LineCount;
import undersaw.form.formula.LinePercent;
import undersaw.form.formula.Posted;
import undersaw.form.formula.Quantity;
import undersaw.form.formula.Ratio;
import undersaw.form.formula.Reference;
import undersaw.form.formula.Rule;
import undersaw.form.formula.Term;
import undersaw.form.formula.Total;
import undersaw.form.formula.Unreplaced;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.money.Unit;

/**
 * The definition of one line of a form.
 *
 * <p>A line is described once, while its form is built, and is fixed from then on. It never holds a figure: definition
 * and result are two types.
 */
public final class Line implements Term {
    private final LineId id;
    private final String caption;
    private final Part part;
    private LineKind kind = LineKind.AMOUNT;
    private @Nullable Supplier<? extends Rule> rule;
    private @Nullable Supplier<Condition> yesWhen;
    private @Nullable HeadingField headingField;
    private boolean booksFed;
    private boolean once;
    private boolean statement;
    private boolean always;
    private int since;
    private String citation = "";
    private String help = "";
    private String column = "";
    private List<String> choices = List.of();
    private boolean stays;
    private boolean ofTheYear;
    private @Nullable Unit unit;
    private boolean confidential;
    private String keptOpen = "";
    private @Nullable Supplier<Condition> contradicted;
    private @Nullable Line askedAfter;
    private boolean aside;
    private boolean notTotalled;
    private @Nullable Line follows;

    private boolean proposed;

    private boolean closed;

    Line(LineId id, String caption, Part part) {
        this.id = id;
        this.caption = caption;
        this.part = part;
    }

    /** From here on the description is fixed. */
    void close() {
        closed = true;
    }

    private void describe() {
        if (closed) {
            throw new IllegalStateException("line " + id + " is described after its return was put together");
        }
    }

    /** Fed by the accounts that are mapped here, and by nothing else. */
    public Line fromBooks() {
        describe();
        booksFed = true;
        return is(new Posted(id));
    }

    /** Found by a formula. */
    public Line is(Term formula) {
        return is(() -> formula);
    }

    /** Found by a formula that refers ahead; it is asked for once, when the return is put together. */
    public Line is(Supplier<? extends Term> formula) {
        describe();
        rule = () -> formula.get().asFormula();
        return this;
    }

    /** A percentage, found by a rule. */
    public Line isRatio(Supplier<? extends Ratio> ratio) {
        rule = ratio;
        return as(LineKind.PERCENT);
    }

    /** A whole number, found by a rule. */
    public Line isCount(Supplier<? extends Count> count) {
        rule = count;
        return as(LineKind.COUNT);
    }

    /** One of a few words, found by a rule that says which. */
    public Line isOneOf(Supplier<Counted.Way> which, String... words) {
        rule = () -> new Chosen(new Counted(which.get()), List.of(words));
        return oneOf(words);
    }

    /** A number of shares or units, found by a rule. */
    public Line isQuantity(Supplier<? extends Quantity> quantity) {
        rule = quantity;
        return as(LineKind.SHARES);
    }

    /** Found by a formula that counts the accounts mapped here in. */
    public Line fromBooksAnd(Supplier<? extends Term> formula) {
        describe();
        booksFed = true;
        return is(formula);
    }

    /** Answered yes while the condition holds, no while it does not. */
    public Line isYesWhen(Supplier<Condition> condition) {
        describe();
        yesWhen = condition;
        return as(LineKind.YES_NO);
    }

    /** Taken from the client's or the engagement's own facts. */
    public Line fromHeading(HeadingField field, LineKind as) {
        describe();
        headingField = field;
        return as(as);
    }

    public Line as(LineKind newKind) {
        describe();
        kind = newKind;
        return this;
    }

    /** Stands once, though its part repeats for the members of a dimension. */
    public Line once() {
        describe();
        once = true;
        return this;
    }

    /** Prints an itemised statement. */
    public Line withStatement() {
        describe();
        statement = true;
        return this;
    }

    /** Prints zero where other lines would stay empty. */
    public Line always() {
        describe();
        always = true;
        return this;
    }

    /** Stands on forms for years beginning in this calendar year or later. */
    public Line since(int year) {
        describe();
        since = year;
        return this;
    }

    public Line cites(String authority) {
        describe();
        citation = authority;
        return this;
    }

    /** A short explanation in our own words. */
    public Line help(String words) {
        describe();
        help = words;
        return this;
    }

    /** The name of its column where rows are read from a file; without one, the caption's words. */
    public Line column(String name) {
        describe();
        column = name;
        return this;
    }

    /** Holds one of a few words. */
    public Line oneOf(String... words) {
        describe();
        choices = List.of(words);
        return as(LineKind.TEXT);
    }

    /** Comes to the next year as it stands, though it is an amount. */
    public Line stays() {
        describe();
        stays = true;
        return this;
    }

    /** Answered anew each year, though it is no amount. */
    public Line ofTheYear() {
        describe();
        ofTheYear = true;
        return this;
    }

    /** Keeps cents, as registers do; returns are in whole dollars. */
    public Line inCents() {
        describe();
        unit = Unit.CENTS;
        return this;
    }

    /** In what its amount is given. */
    public Unit unit() {
        return unit == null ? part.unit() : unit;
    }

    public boolean isInCents() {
        return unit().decimals() > 0;
    }

    /** A question that is never answered together with others, since a wrong no is dear. */
    public Line alone(String why) {
        describe();
        keptOpen = why;
        return this;
    }

    /** A question that is not answered with no together with others while the engagement's own facts speak for yes. */
    public Line notNoWhile(Supplier<Condition> condition, String why) {
        describe();
        contradicted = condition;
        keptOpen = why;
        return this;
    }

    /** Asked only when another question was answered yes. */
    public Line after(Line other) {
        describe();
        askedAfter = other;
        return this;
    }

    /** The question that must be answered yes before this one is asked. */
    public Optional<Line> askedAfter() {
        return Optional.ofNullable(askedAfter);
    }

    /** What speaks for yes; nothing where only the question itself can tell. */
    public Optional<Condition> contradicted() {
        return Optional.ofNullable(contradicted).map(Supplier::get);
    }

    /** Why it is not answered together with others; empty where it can be. */
    public String keptOpen() {
        return keptOpen;
    }

    /** Not for the copy that the public may see. */
    public Line confidential() {
        describe();
        confidential = true;
        return this;
    }

    public boolean isConfidential() {
        return confidential;
    }

    /** The answer is one of these words. */
    public Condition isAnyOf(String... words) {
        return new AnyOf(id, List.of(words));
    }

    /** The answer is none of these words, or there is none. */
    public Condition isNotAnyOf(String... words) {
        return isAnyOf(words).not();
    }

    /** Begins the next year with what another line, in a list of the same row, ends this one with. */
    public Line beginsWith(Line ending) {
        describe();
        follows = ending;
        return this;
    }

    /** Found by a rule where nobody types it, and filled in freely by a person who knows better. */
    public Line proposed() {
        describe();
        proposed = true;
        return this;
    }

    /** Whether a person may fill it in without a word why: it is typed, or only proposed. */
    public boolean isFilledIn() {
        return isTyped() || proposed;
    }

    /** A column whose sum means nothing. */
    public Line notTotalled() {
        describe();
        notTotalled = true;
        return this;
    }

    public boolean isTotalled() {
        return !notTotalled;
    }

    /** A column that is shown only when all columns are asked for. */
    public Line aside() {
        describe();
        aside = true;
        return this;
    }

    public LineId id() {
        return id;
    }

    /** The name of its column in a file of rows. */
    public String column() {
        return column.isEmpty() ? caption.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-") : column;
    }

    /** The words that it may hold; empty where any fit its kind. */
    public List<String> choices() {
        return choices;
    }

    /** What a person may write, inside a sentence. */
    public String expected() {
        return choices.isEmpty() ? kind.expected() : "one of " + String.join(", ", choices);
    }

    /** The text as it is kept, or nothing when the line cannot hold it. */
    public Optional<String> read(String text) {
        return kind.read(text).filter(value -> choices.isEmpty() || choices.contains(value));
    }

    /** Whether what was typed describes the client, and not the year. */
    public boolean isStaying() {
        return stays || !ofTheYear && !kind.isNumber();
    }

    public boolean isAside() {
        return aside;
    }

    /** The line whose ending value this one begins the next year with. */
    public Optional<Line> follows() {
        return Optional.ofNullable(follows);
    }

    public String caption() {
        return caption;
    }

    public Part part() {
        return part;
    }

    public LineKind kind() {
        return kind;
    }

    /** The rule that finds it; empty for lines that a person types. */
    public Optional<Rule> rule() {
        return Optional.ofNullable(rule).map(Supplier::get);
    }

    /** The condition without which the line stays empty; nothing where it is always found. */
    public Optional<Condition> gate() {
        return rule().flatMap(this::gate);
    }

    /** What books bring is there whatever the part needs. */
    private Optional<Condition> gate(Rule found) {
        return found instanceof Posted ? Optional.empty() : part.gate();
    }

    public Optional<Condition> yesWhen() {
        return Optional.ofNullable(yesWhen).map(Supplier::get);
    }

    public Optional<HeadingField> headingField() {
        return Optional.ofNullable(headingField);
    }

    /** Whether it holds a number that stands for a taxpayer, to be masked where numbers are not shown. */
    public boolean holdsTaxpayerNumber() {
        return kind() == LineKind.TAXPAYER_NUMBER || headingField().equals(Optional.of(HeadingField.NUMBER));
    }

    public boolean isBooksFed() {
        return booksFed;
    }

    /** Whether books alone feed the line, with no other rule. */
    public boolean isBooksOnly() {
        return booksFed && rule().filter(Posted.class::isInstance).isPresent();
    }

    public boolean isTyped() {
        return rule == null && yesWhen == null && headingField == null;
    }

    /** What it repeats for; nothing where it stands once. */
    public Optional<Dimension> scope() {
        return once || part.isDecidedBy(this) ? Optional.empty() : part.scope();
    }

    public boolean isRepeating() {
        return scope().isPresent();
    }

    public boolean hasStatement() {
        return statement;
    }

    public boolean isAlways() {
        return always;
    }

    public boolean stands(int year) {
        return year >= since;
    }

    /** The line's authority, or its part's where it has none of its own. */
    public String citation() {
        return citation.isEmpty() ? part.citation() : citation;
    }

    /** What it means in our own words; its part's where it has none of its own. */
    public String help() {
        return help.isEmpty() ? part.help() : help;
    }

    /** What accounts bring to this line, as a term of another formula. */
    public Formula fromAccounts() {
        return new Posted(id);
    }

    /** This line summed over the members that it repeats for. */
    public Total total() {
        return new Total(id, null);
    }

    /** What this line would hold had nobody typed over it. */
    public Formula unreplaced() {
        return new Unreplaced(id);
    }

    public Condition answered(String answer) {
        return new Answered(id, answer);
    }

    /**
     * The amount on the line.
     *
     * @throws IllegalStateException when it holds no amount: what is of another kind is read as what it is
     */
    @Override
    public Formula asFormula() {
        if (!kind.isNumber()) {
            throw new IllegalStateException(
                    "line " + this + " holds " + kind.expected() + ", and is read as an amount");
        }
        return new Reference(id);
    }

    /** The percentage on the line. */
    public Ratio ratio() {
        return new LinePercent(id);
    }

    /** The whole number on the line. */
    public Count count() {
        return new LineCount(id);
    }

    @Override
    public String toString() {
        return id + " " + caption;
    }
}
