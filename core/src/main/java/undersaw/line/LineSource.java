package undersaw.line;

import java.util.Locale;

/** Where the number on a line comes from. */
public enum LineSource {
    BOOKS("≡"),
    COMPUTED("ƒ"),
    TYPED("✎"),
    REGISTER("▤"),
    CARRIED("↷"),
    OVERRIDDEN("⊘");

    private final String mark;

    LineSource(String mark) {
        this.mark = mark;
    }

    /** The small sign that stands before a figure of this source. */
    public String mark() {
        return mark;
    }

    /** The word used in files: {@code books}, {@code computed} and so on. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }
}
