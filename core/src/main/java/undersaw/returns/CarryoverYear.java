package undersaw.returns;

import java.util.stream.Stream;
import undersaw.calc.LineValue;
import undersaw.ledger.CarryoverKind;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.line.LineSource;
import undersaw.line.Value;
import undersaw.money.Money;

/**
 * What one year of origin left, and what became of it in this year's return.
 *
 * @param kind which carryover
 * @param year the year of origin
 * @param available unused at the start of this year; for this year itself, what it adds
 * @param used taken by this year
 * @param expired lost after this year
 * @param worksheet where it is used
 */
public record CarryoverYear(
        CarryoverKind kind, int year, Money available, Money used, Money expired, Worksheet worksheet) {
    /**
     * The worksheet that uses what was carried, and the lines on which each year of origin stands.
     *
     * @param part its code
     * @param available the line of what could be used
     * @param carriedOn the line of what goes on
     */
    public record Worksheet(String part, LineId available, LineId carriedOn) {}

    /** What goes on to next year. */
    public Money left() {
        return available.minus(used).minus(expired);
    }

    /** The year of origin as rows of its worksheet: what could be used, and what goes on. */
    public Stream<LineValue> rows() {
        return Stream.of(
                LineValue.computed(at(worksheet.available()), Value.of(available), LineSource.CARRIED),
                LineValue.computed(at(worksheet.carriedOn()), Value.of(left()), LineSource.COMPUTED));
    }

    private LineKey at(LineId line) {
        return line.in(String.valueOf(year));
    }
}
