package undersaw.check;

import java.time.LocalDate;
import java.util.List;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.engagement.Client;
import undersaw.engagement.Heading;
import undersaw.engagement.Snapshot;
import undersaw.law.Law;
import undersaw.law.calendar.Period;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * A computed return laid out for its checks.
 *
 * @param calculation the return
 * @param today the day it is looked at
 */
public record Examination(Calculation calculation, LocalDate today) {
    public Snapshot snapshot() {
        return calculation.snapshot();
    }

    public Heading heading() {
        return snapshot().heading();
    }

    public Client client() {
        return heading().client();
    }

    public Period period() {
        return heading().period();
    }

    public Law law() {
        return calculation.law();
    }

    public Money amount(String line) {
        return calculation.amount(LineId.of(line));
    }

    public boolean says(String line, String answer) {
        return calculation.answer(LineId.of(line)).equals(answer);
    }

    /** Whether anything stands on the line. */
    public boolean has(String line) {
        return calculation.value(LineId.of(line)).isPresent();
    }

    /** Whether a person typed what stands on the line, 0 included. */
    public boolean isTyped(String line) {
        return calculation.value(LineId.of(line)).flatMap(LineValue::typedFact).isPresent();
    }

    /** The rows of a line that repeats. */
    public List<LineValue> rows(String line) {
        return calculation.rowValues(LineId.of(line));
    }

    /** What stands in another column of a row; empty where nothing does. */
    public String inRow(String line, LineValue row) {
        return calculation
                .value(LineId.of(line).in(row.key().instance()))
                .map(value -> value.value().plain())
                .orElse("");
    }
}
