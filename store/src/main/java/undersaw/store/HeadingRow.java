package undersaw.store;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import undersaw.engagement.AccountingMethod;
import undersaw.engagement.Client;
import undersaw.engagement.Heading;
import undersaw.engagement.Heading.Flag;
import undersaw.law.calendar.Period;

/** A heading out of its columns. */
final class HeadingRow {
    private HeadingRow() {}

    /** First and last day as ISO text. */
    record Dates(String start, String until) {}

    /** Accounting method and flags as text. */
    record Marks(@Nullable String method, String flags) {}

    static Heading of(String form, Client client, Dates dates, Marks marks) {
        Set<Flag> flags = EnumSet.noneOf(Flag.class);
        for (String word : marks.flags().split(" ", -1)) {
            if (!word.isEmpty()) {
                flags.add(Flag.valueOf(word));
            }
        }
        AccountingMethod method = marks.method() == null
                ? null
                : AccountingMethod.parse(marks.method()).orElse(null);
        return new Heading(
                form,
                client,
                new Period(LocalDate.parse(dates.start()), LocalDate.parse(dates.until())),
                method,
                flags);
    }
}
