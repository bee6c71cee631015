package undersaw.form.formula;

import java.time.LocalDate;
import java.util.Collection;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.money.Money;

/** What stands in the cells of lines that repeat, for rules that look at all members. */
public interface MemberFigures {
    /** The members in the order of their names. */
    Collection<String> of(Dimension dimension);

    /** The words, number or date in a member's cell as it is written; empty where there is none. */
    String answer(LineId line, String member);

    /** The amount in a member's cell; nothing where it is empty. */
    Money amount(LineId line, String member);

    /** The day in a member's cell; null where it is empty or holds words. */
    @Nullable
    LocalDate day(LineId line, String member);

    /**
     * What several divisions need and one alone works out, such as the days that each owner held; kept for the run.
     *
     * @param name by which it is found again; it may depend on the figures only
     */
    <T> T once(Object name, Supplier<T> found);
}
