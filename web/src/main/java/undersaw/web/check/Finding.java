package undersaw.web.check;

import java.util.List;
import org.jspecify.annotations.Nullable;
import undersaw.check.Diagnostic;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Place;
import undersaw.check.Severity;
import undersaw.engagement.SetAside;
import undersaw.engagement.Station;
import undersaw.web.desk.OpenEngagement;

/**
 * A diagnostic as the page shows it.
 *
 * @param key its identity
 * @param code its number
 * @param severity stop, query or note
 * @param message what is wrong and what to do
 * @param address where it is mended
 * @param where that place in words
 * @param answer how it can be answered here, as a word
 * @param line the line or account it is about; empty where it is about neither
 * @param was what stands on the line
 * @param computed whether the line is found by a rule, so that a figure typed there needs a reason
 * @param aside the person's answer; null where there is none
 */
public record Finding(
        String key,
        String code,
        String severity,
        String message,
        String address,
        String where,
        String answer,
        String line,
        String was,
        boolean computed,
        @Nullable SetAside aside) {

    static List<Finding> of(OpenEngagement open, List<Diagnostic> diagnostics) {
        return diagnostics.stream().map(each -> of(open, each)).toList();
    }

    private static Finding of(OpenEngagement open, Diagnostic diagnostic) {
        Spot spot = spot(open, diagnostic.place());
        return new Finding(
                diagnostic.key(),
                diagnostic.code(),
                diagnostic.severity().word(),
                diagnostic.message(),
                "/e/" + open.id() + "/" + spot.path(),
                spot.where(),
                diagnostic.answer().name(),
                spot.line(),
                spot.was(),
                diagnostic.place() instanceof Place.OnLine on
                        && open.calculation()
                                .plan()
                                .line(on.key().line())
                                .filter(line -> !line.isTyped())
                                .isPresent(),
                open.review().answer(diagnostic).orElse(null));
    }

    /** Where a diagnostic is mended. */
    private record Spot(String path, String where, String line, String was) {}

    private static Spot spot(OpenEngagement open, Place place) {
        if (place instanceof Place.OnLine on) {
            String line = on.key().toString();
            String was = open.calculation()
                    .value(on.key())
                    .map(value -> value.value().plain())
                    .orElse("");
            return open.calculation().plan().line(on.key().line()).isPresent()
                    ? new Spot("return?line=" + line, "Line " + line, line, was)
                    : new Spot(
                            "map#account-" + on.key().instance(),
                            "Account " + on.key().instance(),
                            line,
                            was);
        }
        if (place instanceof Place.OnAccount account) {
            return new Spot("map#account-" + account.number(), "Account " + account.number(), account.number(), "");
        }
        Place.AtStation at = (Place.AtStation) place;
        return at.station() == Station.BOOKS && !at.field().equals("books")
                ? new Spot("books/client#" + at.field(), "Client and year", "", "")
                : new Spot(at.station().path(), at.station().caption(), "", "");
    }

    /** Whether a yes or no is asked for. */
    public boolean isYesOrNo() {
        return answer.equals(Answer.YES_OR_NO.name());
    }

    /** Whether a figure is asked for. */
    public boolean isTyped() {
        return answer.equals(Answer.TYPE.name());
    }

    /** Whether a suggestion waits for confirmation. */
    public boolean isConfirm() {
        return answer.equals(Answer.CONFIRM.name());
    }

    public boolean isQuery() {
        return severity.equals(Severity.QUERY.word());
    }

    /** Whether it can be said that it was checked and is right. */
    public boolean isChecked() {
        return answer.equals(Answer.CHECKED.name());
    }
}
