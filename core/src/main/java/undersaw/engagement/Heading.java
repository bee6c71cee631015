package undersaw.engagement;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import undersaw.law.calendar.Period;

/**
 * What stands at the head of a return.
 *
 * @param form the return's code, such as {@code 1120}
 * @param client the client's facts
 * @param period the tax period
 * @param method accounting method; null while unknown
 * @param flags what is special about this return
 */
public record Heading(
        String form, Client client, Period period, @Nullable AccountingMethod method, Set<Flag> flags) {
    /** Keeps its own copy of the flags. */
    public Heading {
        flags = Set.copyOf(flags);
    }

    /** What can be special about a return. */
    public enum Flag {
        INITIAL("initial return"),
        FINAL("final return"),
        NAME_CHANGE("name changed"),
        ADDRESS_CHANGE("address changed"),
        EXTENDED("time to file extended");

        private final String words;

        Flag(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    public boolean is(Flag flag) {
        return flags.contains(flag);
    }

    /** The field as it is written on the return; empty while unknown. */
    public String text(HeadingField field) {
        return switch (field) {
            case NAME -> client.name();
            case NUMBER -> client.number().printed();
            case FORMED -> client.formed() == null ? "" : client.formed().toString();
            case INITIAL -> yesNo(Flag.INITIAL);
            case FINAL -> yesNo(Flag.FINAL);
            case NAME_CHANGE -> yesNo(Flag.NAME_CHANGE);
            case ADDRESS_CHANGE -> yesNo(Flag.ADDRESS_CHANGE);
            case METHOD -> method == null ? "" : method.word();
            case ACTIVITY_CODE -> client.activity().code();
            case ACTIVITY -> client.activity().activity();
            case PRODUCT -> client.activity().product();
        };
    }

    private String yesNo(Flag flag) {
        return is(flag) ? "yes" : "no";
    }
}
