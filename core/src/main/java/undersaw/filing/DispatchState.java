package undersaw.filing;

import java.util.Locale;

/** How far a sealed filing has come on its way to the authority. */
public enum DispatchState {
    /** Frozen, not yet sent. */
    SEALED("Sealed"),
    /** On its way; whether it arrived is not known. */
    SENDING("Sending"),
    /** Received by the authority, which has not answered yet. */
    RECEIVED("Received"),
    ACCEPTED("Accepted"),
    REJECTED("Rejected"),
    /** Opened again on purpose; it will never be sent. */
    WITHDRAWN("Opened again");

    private final String caption;

    DispatchState(String caption) {
        this.caption = caption;
    }

    /** The state's name on screen. */
    public String caption() {
        return caption;
    }

    /** The word kept in files and the database. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Reads what {@link #word} writes. */
    public static DispatchState parse(String word) {
        return valueOf(word.toUpperCase(Locale.ROOT));
    }

    /** Whether an answer is still to come. */
    public boolean isUnderWay() {
        return this == SENDING || this == RECEIVED;
    }

    /** Whether the authority has spoken, or nobody will ask it. */
    public boolean isEnded() {
        return this == ACCEPTED || this == REJECTED || this == WITHDRAWN;
    }
}
