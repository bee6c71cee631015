package undersaw.form;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import undersaw.ledger.Side;
import undersaw.ledger.StatementKind;
import undersaw.line.LineId;
import undersaw.money.Unit;

/**
 * A form or a worksheet, written down line by line.
 *
 * <p>Subclasses declare their lines as final fields in the order of the form; each {@link #line} call belongs to the
 * part begun last.
 */
public abstract class Form {
    private final String code;
    private final String title;
    private final Map<LineId, Line> lines = new LinkedHashMap<>();
    private final List<MapTarget> targets = new ArrayList<>();
    private final List<Part> parts = new ArrayList<>();
    private Section section = Section.EXPENSES;
    private Unit unit = Unit.DOLLARS;
    private boolean closed;

    public Form(String code, String title) {
        this.code = code;
        this.title = title;
    }

    /** Fixes the description of the form, its parts and lines; a return is put together from closed forms only. */
    public final void close() {
        closed = true;
        parts.forEach(Part::close);
        lines.values().forEach(Line::close);
    }

    private void describe() {
        if (closed) {
            throw new IllegalStateException("form " + code + " is described after its return was put together");
        }
    }

    /** Begins a part; lines from here on belong to it. */
    protected final Part part(String partCode, String partTitle, String citation) {
        describe();
        Part part = new Part(this, partCode, partTitle, citation);
        parts.add(part);
        return part;
    }

    /**
     * Begins a part that joins the return when something feeds it, or when somebody adds it.
     *
     * @param plainWords other words by which a person may look for it
     */
    protected final Part partByNeed(String partCode, String partTitle, String citation, String plainWords) {
        Part part = part(partCode, partTitle, citation);
        return part.byNeed(
                plainWords,
                line("add/" + partCode, partTitle + ", added by hand").as(LineKind.BOX));
    }

    /**
     * Declares a line of the part begun last.
     *
     * @param within the line's address within this form, such as {@code J/1a}
     * @throws IllegalStateException when no part was begun, or the address stands already
     */
    protected final Line line(String within, String caption) {
        return line(LineId.of(code + "/" + within), caption);
    }

    Line declare(String within, String caption) {
        return line(within, caption);
    }

    /** Gives amounts of the parts begun from here on in another unit than whole dollars. */
    protected final void in(Unit other) {
        describe();
        unit = other;
    }

    /** In what amounts are given. */
    public final Unit unit() {
        return unit;
    }

    /** Declares a line whose address begins with the code of another form, as totals worked out elsewhere do. */
    protected final Line line(LineId id, String caption) {
        describe();
        if (parts.isEmpty()) {
            throw new IllegalStateException("form " + code + " declares line " + id + " before its first part");
        }
        Line line = new Line(id, caption, parts.get(parts.size() - 1));
        Line before = lines.putIfAbsent(line.id(), line);
        if (before != null) {
            throw new IllegalStateException("line " + line + " is defined twice, first as " + before);
        }
        return line;
    }

    /**
     * Declares a line for each of some fixed members.
     *
     * @param within the address within this form, with an asterisk where the member's name stands, such as
     *     {@code 10/*}
     */
    protected final Across across(Columns columns, String within, String caption) {
        return across(columns, within, member -> caption);
    }

    /** The same with a caption for each member. */
    protected final Across across(Columns columns, String within, Function<Columns.Member, String> caption) {
        return new Across(
                columns,
                columns.members().stream()
                        .map(member -> line(within.replace("*", member.name()), caption.apply(member)))
                        .toList());
    }

    /** Declares an income-statement line that accounts are mapped to. */
    protected final Line booksLine(String within, String caption, Side side) {
        Line line = line(within, caption).fromBooks();
        mappable(line, side);
        return line;
    }

    /** Begins a group of the financial statements; lines that accounts are mapped to from here on belong to it. */
    protected final void section(Section begun) {
        section = begun;
    }

    /** Lets accounts of the income statement be mapped to the line. */
    protected final void mappable(Line line, Side side) {
        describe();
        targets.add(new MapTarget(
                line.id(),
                line.caption(),
                StatementKind.INCOME_STATEMENT,
                side,
                null,
                line.id(),
                line.isRepeating(),
                section));
    }

    /** Lets balance-sheet accounts be mapped to a pair of columns. */
    protected final void mappable(BalanceRow row, Side side) {
        describe();
        targets.add(new MapTarget(
                row.id(),
                row.caption(),
                StatementKind.BALANCE_SHEET,
                side,
                row.opening().id(),
                row.closing().id(),
                false,
                section));
    }

    /** Lets balance-sheet accounts be mapped to one line that their closing balance reaches. */
    protected final void mappableClosing(Line line, Side side) {
        describe();
        targets.add(new MapTarget(
                line.id(), line.caption(), StatementKind.BALANCE_SHEET, side, null, line.id(), false, section));
    }

    public final String code() {
        return code;
    }

    public final String title() {
        return title;
    }

    /** The parts in the order of the form. */
    public final List<Part> parts() {
        return List.copyOf(parts);
    }

    /** The lines in the order of the form. */
    public final List<Line> lines() {
        return List.copyOf(lines.values());
    }

    /** The lines of a part without those that decide on it. */
    public final List<Line> linesOf(Part part) {
        return lines.values().stream()
                .filter(line -> line.part() == part && !part.isDecidedBy(line))
                .toList();
    }

    public final List<MapTarget> targets() {
        return List.copyOf(targets);
    }
}
