package undersaw.us.passthrough;

import static undersaw.check.Check.when;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.List;
import java.util.stream.Stream;
import undersaw.calc.LineValue;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.line.LineId;

/**
 * Checks of the statement for the owners' deduction for qualified business income (IRC 199A; from memory).
 *
 * @param at where the return has what is checked
 */
record QualifiedChecks(ReturnLines at) {
    private static final List<String> INCOME = List.of("qbi-ordinary", "qbi-rental", "qbi-1231", "qbi-other-income");

    List<Check> all() {
        return List.of(
                new Check(at.check("0801"), QUERY, this::serviceUnsaid),
                when(
                        at.check("0802"),
                        QUERY,
                        look -> look.amount(line("w2-proposed")).isPositive()
                                && look.rows(line("w2-wages")).isEmpty(),
                        look -> new Found(
                                new Place.OnLine(LineId.of(line("w2-wages")).in(QualifiedBusiness.ACTIVITIES.always())),
                                "Wages of " + look.amount(line("w2-proposed")).printed()
                                        + " are deducted; W-2 wages for section 199A are blank.",
                                Answer.TYPE)),
                new Check(at.check("0803"), STOP, this::unknownActivity));
    }

    private String line(String name) {
        return at.form() + "/199A/" + name;
    }

    private List<Found> serviceUnsaid(Examination look) {
        return INCOME.stream()
                .flatMap(item -> look.rows(line(item)).stream())
                .filter(value -> !value.amount().isZero())
                .map(value -> value.key().instance())
                .distinct()
                .filter(activity -> look.calculation()
                        .value(LineId.of(line("sstb")).in(activity))
                        .isEmpty())
                .map(activity -> new Found(
                        new Place.OnLine(LineId.of(line("sstb")).in(activity)),
                        activity.equals(QualifiedBusiness.ACTIVITIES.always())
                                ? "Say whether the business is a specified service trade or business (section 199A)."
                                : "Say whether " + activity
                                        + " is a specified service trade or business (section 199A).",
                        Answer.YES_OR_NO))
                .toList();
    }

    /** What a property names must be among the activities, else its income reaches no statement. */
    private List<Found> unknownActivity(Examination look) {
        List<String> known = look.calculation().members(QualifiedBusiness.ACTIVITIES);
        Stream<LineValue> named = look.rows("8825/activity").stream()
                .filter(value -> !known.contains(value.value().plain()));
        return named.map(value -> Found.at(
                        new Place.OnLine(value.key()),
                        "Property " + value.key().instance() + " names activity "
                                + value.value().plain()
                                + ", which is not among those of section 199A. Add it there, or correct the name."))
                .toList();
    }
}
