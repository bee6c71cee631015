package undersaw.check;

import java.util.Comparator;
import undersaw.line.NaturalOrder;

/**
 * One thing about a return that a person must know, answer or mend.
 *
 * @param code the rule's number
 * @param severity how much it matters
 * @param place where it sends a person
 * @param message what is wrong, with amounts, and what to do
 * @param answer how it can be answered on the spot
 */
public record Diagnostic(String code, Severity severity, Place place, String message, Answer answer) {
    /** Stops first, then by the rule's number. */
    static final Comparator<Diagnostic> BY_RULE =
            Comparator.comparing(Diagnostic::severity).thenComparing(Diagnostic::code);

    /** The same, and by place within a rule. */
    static final Comparator<Diagnostic> BY_PLACE =
            BY_RULE.thenComparing(diagnostic -> diagnostic.place().word(), NaturalOrder.COUNTED);

    /** How a diagnostic can be answered where it stands. */
    public enum Answer {
        /** Only by going there. */
        GO_THERE,
        /** By choosing yes or no for the line. */
        YES_OR_NO,
        /** By typing the line's figure or words. */
        TYPE,
        /** By confirming the account's suggestion. */
        CONFIRM,
        /** By saying that it was looked at and is right, with a reason. */
        CHECKED
    }

    /** Whether a person may answer it with a reason. */
    public boolean isAnswerable() {
        return severity == Severity.QUERY || answer == Answer.CHECKED;
    }

    /** Identity of the finding within its engagement. */
    public String key() {
        return code + "." + place.word();
    }
}
