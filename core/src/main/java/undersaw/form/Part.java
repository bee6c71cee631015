package undersaw.form;

import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import undersaw.form.formula.Condition;

/** A schedule or other section of a form that has a heading of its own. */
public final class Part {
    private final String code;
    private final String title;
    private final String citation;
    private @Nullable Supplier<Condition> excused;
    private boolean worksheet;

    Part(String code, String title, String citation) {
        this.code = code;
        this.title = title;
        this.citation = citation;
    }

    /** Not part of the return while the condition holds; its lines are still computed. */
    public Part excusedWhen(Supplier<Condition> condition) {
        excused = condition;
        return this;
    }

    /** A worksheet of our own that shows how a line is found and is not sent. */
    public Part worksheet() {
        worksheet = true;
        return this;
    }

    /** The schedule's letter, or {@code 1} for the first page. */
    public String code() {
        return code;
    }

    public String title() {
        return title;
    }

    public String citation() {
        return citation;
    }

    public Optional<Condition> excused() {
        return Optional.ofNullable(excused).map(Supplier::get);
    }

    public boolean isWorksheet() {
        return worksheet;
    }
}
