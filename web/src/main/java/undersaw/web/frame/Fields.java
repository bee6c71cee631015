package undersaw.web.frame;

import java.util.Objects;
import org.jspecify.annotations.Nullable;

/** Fields of a page as they arrive: one that the request leaves out was left empty. */
public final class Fields {
    private Fields() {}

    /** The text of a field. */
    public static String given(@Nullable String text) {
        return Objects.requireNonNullElse(text, "");
    }
}
