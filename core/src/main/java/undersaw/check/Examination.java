package undersaw.check;

import java.time.LocalDate;
import undersaw.calc.Calculation;
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
}
