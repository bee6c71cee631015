package undersaw.check;

import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import undersaw.check.Diagnostic.Answer;

/**
 * A rule that looks at a computed return and tells what it finds.
 *
 * @param code the rule's number
 * @param severity what its findings are
 * @param look what it finds, as places and messages
 */
public record Check(String code, Severity severity, Function<Examination, List<Found>> look) {
    /**
     * One finding of a rule.
     *
     * @param place where it sends a person
     * @param message what is wrong and what to do
     * @param answer how it can be answered on the spot
     */
    public record Found(Place place, String message, Answer answer) {
        /** A finding that can only be mended at its place. */
        public static Found at(Place place, String message) {
            return new Found(place, message, Answer.GO_THERE);
        }

        Diagnostic diagnostic(String code, Severity severity) {
            return new Diagnostic(code, severity, place, message, answer);
        }

        /** A finding that can only be mended on its line, such as {@code 990-EZ/20}. */
        public static Found onLine(String line, String message) {
            return at(Place.line(line), message);
        }
    }

    /** A rule with one condition, one place and one message. */
    public static Check when(
            String code, Severity severity, Predicate<Examination> condition, Function<Examination, Found> found) {
        return new Check(code, severity, look -> condition.test(look) ? List.of(found.apply(look)) : List.of());
    }

    /** The rule's findings on one return. */
    public List<Diagnostic> examine(Examination examination) {
        return look.apply(examination).stream()
                .map(found -> found.diagnostic(code, severity))
                .toList();
    }
}
