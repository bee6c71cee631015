package undersaw.check;

import java.util.Locale;

/** How much a diagnostic matters. */
public enum Severity {
    /** Blocks filing. */
    STOP,
    /** Needs a person's answer. */
    QUERY,
    /** Worth knowing. */
    NOTE;

    /** The word used in files and on screen. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
