package undersaw.study;

import java.util.Optional;
import java.util.stream.Stream;

/** The kinds of entity that are compared. */
public enum Kind {
    CORPORATION("c", "1120", "C corporation"),
    S_CORPORATION("s", "1120-S", "S corporation"),
    PARTNERSHIP("p", "1065", "Partnership");

    private final String letter;
    private final String form;
    private final String words;

    Kind(String letter, String form, String words) {
        this.letter = letter;
        this.form = form;
        this.words = words;
    }

    /** Its column in addresses. */
    public String letter() {
        return letter;
    }

    /** The code of its return. */
    public String form() {
        return form;
    }

    public String words() {
        return words;
    }

    /** The kind whose return has this code. */
    public static Optional<Kind> of(String form) {
        return Stream.of(values()).filter(kind -> kind.form.equals(form)).findFirst();
    }
}
