package undersaw.us.passthrough;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.QUERY;

import java.time.LocalDate;
import java.time.Period;
import undersaw.check.Check;
import undersaw.check.Examination;
import undersaw.engagement.Heading.Flag;
import undersaw.law.calendar.DueDate;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.us.passthrough.ReturnLines.Held;

/**
 * What a return costs that is late: so much an owner and month (IRC 6698, 6699).
 *
 * @param at where the return has what it owes
 */
public record LateCheck(ReturnLines at) {
    private static final int MOST_MONTHS = 12;

    /** The check itself. */
    public Check check() {
        return when(
                at.check("0901"),
                QUERY,
                this::isLate,
                look -> onLine(
                        at.line(Held.OWED),
                        "Late: about " + penalty(look).printed() + " for " + holders(look)
                                + " owners (sections 6698 and 6699), unless an extension was asked for."));
    }

    /** Whether the last day has passed, under a law whose rate is known. */
    public boolean isLate(Examination look) {
        return look.today().isAfter(lastDay(look)) && look.law().has(PassthroughLaw.LATE_OWNER_MONTH);
    }

    /** The last day on which the return is in time. */
    public static LocalDate lastDay(Examination look) {
        DueDate due = DueDate.ofPassthrough(look.period());
        boolean extended = look.heading().is(Flag.EXTENDED) || look.says("7004/filed", "yes");
        return extended ? due.extended() : due.due();
    }

    private long holders(Examination look) {
        String holders = look.calculation().answer(LineId.of(at.form() + "/hdr/I"));
        return holders.matches("\\d{1,9}") ? Long.parseLong(holders) : 0;
    }

    /** For each owner and month, a part of one counted whole, twelve at most (IRC 6699(b), (d)). */
    private Money penalty(Examination look) {
        Period late = Period.between(lastDay(look), look.today());
        long months = Math.min(MOST_MONTHS, late.toTotalMonths() + (late.getDays() > 0 ? 1 : 0));
        return Money.ofDollars(
                look.law().amount(PassthroughLaw.LATE_OWNER_MONTH).dollars() * holders(look) * months);
    }
}
