package undersaw.us.scorporation;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.time.LocalDate;
import java.time.Period;
import java.util.List;
import undersaw.check.Check;
import undersaw.check.Examination;
import undersaw.engagement.Heading.Flag;
import undersaw.law.calendar.DueDate;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.us.passthrough.PassthroughLaw;

/** Checks of the corporation's own tax, of the election, and of what is late. */
final class TaxChecks {
    private static final int MOST_MONTHS = 12;

    private TaxChecks() {}

    static List<Check> all() {
        return List.of(
                when(
                        "S-0506",
                        QUERY,
                        look -> look.amount("1120-S/M-2/6/c").isPositive()
                                && look.amount("1120-S/ENPI/2").compareTo(look.amount("1120-S/ENPI/3")) > 0,
                        look -> onLine(
                                "1120-S/23a",
                                "Passive income exceeds a quarter of receipts. In the third year in a row the election "
                                        + "ends.")),
                when(
                        "S-0507",
                        QUERY,
                        look -> look.amount("1120-S/B/8").isPositive()
                                && (!look.amount("1120-S/K/9").isZero()
                                        || !look.amount("1120-S/4").isZero())
                                && !look.has("1120-S/D/16"),
                        look -> onLine(
                                "1120-S/23b", "Sale inside the recognition period: check the built-in gains tax.")),
                when(
                        "S-0213",
                        STOP,
                        look -> uncovered(look),
                        look -> onLine(
                                "1120-S/hdr/A",
                                "No election covers this year: type its first day, or say at item G that it begins "
                                        + "with this year.")),
                when(
                        "S-0901",
                        QUERY,
                        look -> isLate(look),
                        look -> onLine(
                                "1120-S/26",
                                "Late: about " + penalty(look).printed() + " for " + holders(look)
                                        + " shareholders (section 6699), unless an extension was asked for.")));
    }

    private static boolean uncovered(Examination look) {
        String elected = look.calculation().answer(LineId.of("1120-S/hdr/A"));
        return (elected.isEmpty()
                        || LocalDate.parse(elected).isAfter(look.period().start()))
                && !look.says("1120-S/hdr/G", "yes");
    }

    private static boolean isLate(Examination look) {
        return look.today().isAfter(end(look)) && look.law().has(PassthroughLaw.LATE_OWNER_MONTH);
    }

    /** The last day on which the return is in time. */
    private static LocalDate end(Examination look) {
        DueDate due = DueDate.ofPassthrough(look.period());
        boolean extended = look.heading().is(Flag.EXTENDED) || look.says("7004/filed", "yes");
        return extended ? due.extended() : due.due();
    }

    private static long holders(Examination look) {
        String holders = look.calculation().answer(LineId.of("1120-S/hdr/I"));
        return holders.matches("\\d{1,9}") ? Long.parseLong(holders) : 0;
    }

    /** For each owner and month, a part of one counted whole, twelve at most (IRC 6699(b), (d)). */
    private static Money penalty(Examination look) {
        Period late = Period.between(end(look), look.today());
        long months = Math.min(MOST_MONTHS, late.toTotalMonths() + (late.getDays() > 0 ? 1 : 0));
        return Money.ofDollars(
                look.law().amount(PassthroughLaw.LATE_OWNER_MONTH).dollars() * holders(look) * months);
    }
}
