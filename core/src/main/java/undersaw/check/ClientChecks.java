package undersaw.check;

import static undersaw.check.Check.when;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.time.LocalDate;
import java.util.List;
import undersaw.check.Check.Found;
import undersaw.engagement.Heading;
import undersaw.engagement.Heading.Flag;

/**
 * Checks of the client's facts and the period, which every return has under its own letter.
 *
 * @param letter the letter before the numbers
 */
public record ClientChecks(String letter) {
    /** The checks, in the order of their numbers. */
    public List<Check> all() {
        return List.of(
                when(
                        letter + "-0102",
                        STOP,
                        look -> look.client().name().isBlank()
                                || !look.client().address().isComplete(),
                        look -> field("line1", "The client's name or address is incomplete. Complete it.")),
                when(
                        letter + "-0103",
                        STOP,
                        look -> !look.period().makesAYear(),
                        look -> field("start", "The tax year's dates do not make a year. Correct start or end.")),
                when(
                        letter + "-0105",
                        QUERY,
                        look -> look.heading().is(Flag.INITIAL) && opens(look),
                        look -> field(
                                "initial", "A first return has opening balances. Confirm, or take off \"initial\".")),
                when(
                        letter + "-0106",
                        QUERY,
                        look -> !look.heading().is(Flag.INITIAL)
                                && !look.snapshot().accounts().isEmpty()
                                && !opens(look),
                        look -> field("books", "No opening balances. Import last year's closing balances.")),
                when(
                        letter + "-0111",
                        QUERY,
                        ClientChecks::shortWithoutReason,
                        look -> field(
                                "start",
                                "The year is short without a reason. Tick initial or final, or attach Form 1128.")),
                when(
                        letter + "-0112",
                        STOP,
                        look -> look.heading().method() == null,
                        look -> field(
                                "method",
                                "State one accounting method with the client; question 1 takes it from there.")),
                when(
                        letter + "-0114",
                        STOP,
                        ClientChecks::doesNotFollow,
                        look -> field(
                                "start",
                                "The year does not follow last year's, which ended on "
                                        + look.snapshot().prior().end() + ". Correct the dates.")),
                when(
                        letter + "-0620",
                        STOP,
                        look -> look.client().contact().name().isBlank()
                                || look.client().contact().title().isBlank(),
                        look -> field("contactName", "Enter who signs and in what office.")));
    }

    /** A finding at a field of the client's facts. */
    public static Found field(String field, String message) {
        return Found.at(Place.heading(field), message);
    }

    private static boolean opens(Examination look) {
        return look.calculation().books().opened() > 0;
    }

    private static boolean shortWithoutReason(Examination look) {
        Heading heading = look.heading();
        return look.period().isShort() && !heading.is(Flag.INITIAL) && !heading.is(Flag.FINAL);
    }

    private static boolean doesNotFollow(Examination look) {
        LocalDate before = look.snapshot().prior().end();
        return before != null && !before.plusDays(1).equals(look.period().start());
    }
}
