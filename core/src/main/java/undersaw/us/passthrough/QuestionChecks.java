package undersaw.us.passthrough;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.money.Money;
import undersaw.us.passthrough.ReturnLines.Held;

/**
 * Checks that Schedule B is answered, the same for partnerships and S corporations.
 *
 * @param at where the return has it
 * @param must questions without whose answer nothing is filed
 */
public record QuestionChecks(ReturnLines at, Set<String> must) {
    private static final Money CREDITABLE = Money.ofDollars(300);

    /** The checks, in the order of their numbers. */
    public List<Check> all() {
        return List.of(
                new Check(at.check("0201"), QUERY, look -> unanswered(look, false)),
                new Check(at.check("0202"), STOP, look -> unanswered(look, true)),
                when(
                        at.check("0205"),
                        QUERY,
                        look -> look.says(at.line(Held.PAYMENTS_QUESTION), "yes")
                                && !look.says(at.line(Held.FILED_QUESTION), "yes"),
                        look -> onLine(
                                at.line(Held.FILED_QUESTION), "Forms 1099 were needed and are not shown as filed.")),
                new Check(at.check("0211"), QUERY, this::foreignSchedules));
    }

    /** Whether foreign schedules may be left out is asked until it is said, and again where the tax says otherwise. */
    private List<Found> foreignSchedules(Examination look) {
        String exception = at.form() + "/K-2/exception";
        boolean large = look.amount(at.line(Held.FOREIGN_TAX)).compareTo(CREDITABLE) > 0;
        boolean unsaid = !look.has(exception) && !look.says(at.line(Held.FOREIGN_SCHEDULES), "yes");
        if (!unsaid && !(large && look.says(exception, "yes"))) {
            return List.of();
        }
        return List.of(new Found(
                Place.line(exception),
                "Say whether the foreign schedules may be left out"
                        + (large ? "; foreign tax is above 300." : "; nothing foreign stands on the return."),
                Answer.YES_OR_NO));
    }

    private List<Found> unanswered(Examination look, boolean needed) {
        List<Found> found = new ArrayList<>();
        look.calculation().plan().parts().stream()
                .filter(part -> part.code().equals("B"))
                .flatMap(part -> look.calculation().plan().linesOf(part).stream())
                .filter(line -> line.kind() == LineKind.YES_NO
                        && must.contains(line.id().within()) == needed)
                .filter(line -> look.calculation().value(line.id()).isEmpty() && isAsked(look, line))
                .forEach(line -> found.add(new Found(
                        Place.line(line.id()),
                        "Question " + line.id().within().substring("B/".length())
                                + (needed ? " must be answered before filing: " : " of Schedule B has no answer: ")
                                + line.caption(),
                        Answer.YES_OR_NO)));
        return found;
    }

    private static boolean isAsked(Examination look, Line line) {
        return line.askedAfter()
                .map(before -> look.calculation().answer(before.id()).equals("yes"))
                .orElse(true);
    }
}
