package undersaw.owners;

import java.util.List;
import undersaw.engagement.Station;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.line.Dimension;
import undersaw.line.LineId;

/**
 * Special allocations of a partnership, one row a line and owner: a percentage or an amount that takes the place of the
 * owner's share (IRC 704(b); from memory).
 */
public final class Allocations extends Form {
    /** The rows. */
    public static final Dimension ROWS = Dimension.rows("allocations");

    static final LineId LINE = LineId.of("ALLOCATIONS/line");
    static final LineId INSTANCE = LineId.of("ALLOCATIONS/instance");
    static final LineId OWNER = LineId.of("ALLOCATIONS/owner");
    static final LineId PERCENT = LineId.of("ALLOCATIONS/percent");
    static final LineId AMOUNT = LineId.of("ALLOCATIONS/amount");

    /** All that a division by agreement reads of it. */
    static final List<LineId> READ = List.of(LINE, INSTANCE, OWNER, PERCENT, AMOUNT);

    /** Puts the list together. */
    public Allocations() {
        super("ALLOCATIONS", "Special allocations");
        part("ALLOCATIONS", "Special allocations", "IRC 704(b)")
                .worksheet()
                .at(Station.OWNERS)
                .list(ROWS.name());
        column("line", "Line of Schedule K").as(LineKind.TEXT);
        column("instance", "Of a property").as(LineKind.TEXT).aside();
        column("owner", "Owner").as(LineKind.TEXT);
        column("percent", "Percent").as(LineKind.PERCENT);
        column("amount", "Amount").ofTheYear();
    }

    private Line column(String name, String caption) {
        return line(name, caption).column(name);
    }
}
