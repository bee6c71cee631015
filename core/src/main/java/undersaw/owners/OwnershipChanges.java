package undersaw.owners;

import java.time.LocalDate;
import java.util.List;
import undersaw.engagement.Station;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.law.calendar.Period;
import undersaw.line.Dimension;
import undersaw.line.LineId;

/**
 * What owners hold after a day on which it changed, one row an owner and day; rows dated on or before the first day of
 * the year are the opening position (IRC 706(d), 1377(a)(1); from memory).
 */
public final class OwnershipChanges extends Form {
    /** The rows. */
    public static final Dimension ROWS = Dimension.rows("ownership");

    /** Whose position it is. */
    public static final LineId OWNER = LineId.of("OWNERSHIP/owner");

    /** The day at whose end it changed. */
    public static final LineId DATE = LineId.of("OWNERSHIP/date");

    private final List<Line> percentages;

    /** Puts the list together. */
    public OwnershipChanges() {
        super("OWNERSHIP", "Changes of ownership");
        part("OWNERSHIP", "Changes of ownership", "IRC 706(d), 1377(a)(1)")
                .worksheet()
                .at(Station.OWNERS)
                .list(ROWS.name())
                .ofTheYear();
        column("owner", "Owner").as(LineKind.TEXT);
        column("date", "At the end of").as(LineKind.DATE);
        percentages = List.of(
                column("profit", "Profit %").as(LineKind.PERCENT),
                column("loss", "Loss %").as(LineKind.PERCENT),
                column("capital", "Capital %").as(LineKind.PERCENT));
        column("shares", "Shares or units").as(LineKind.SHARES);
    }

    /** Where owners hold shares and no percentages, these are shown only with all columns. */
    public OwnershipChanges heldInShares() {
        percentages.forEach(Line::aside);
        return this;
    }

    /** Whether a change counts on some days of the year only: what it changes on the first is the opening position. */
    public static boolean isWithin(Period year, LocalDate date) {
        return date.isAfter(year.start()) && date.isBefore(year.end());
    }

    private Line column(String name, String caption) {
        return line(name, caption).column(name);
    }
}
