package undersaw.line;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a form repeats for, such as owners, sales or properties: its members are the rows in which anything is typed.
 *
 * <p>Parts of several forms may repeat for the same dimension, one of them as the list in which a person fills the rows
 * in. A line of such a part stands once a member and may read lines of its own member or lines that stand once; from
 * outside, members are read through a total.
 *
 * <p>A path leads through two dimensions, such as the activities of each owner or the districts of each month. Its
 * lines stand once a pair, and read lines of both members of their pair.
 *
 * @param name its name, also that of its list and of the list's file without the ending
 * @param always the member that is there though nobody typed it; empty where there is none
 * @param path the dimensions that it leads through, outer first; empty where it is none
 * @param everyPair whether all pairs are there, or those alone in which anything is typed
 */
public record Dimension(String name, String always, List<Dimension> path, boolean everyPair) {
    private static final String MARK = ":";

    /** Keeps its own copy. */
    public Dimension {
        path = List.copyOf(path);
    }

    /** The dimension of that name. */
    public static Dimension rows(String name) {
        return new Dimension(name, "", List.of(), false);
    }

    /** The dimension of that name with a member that is there though nobody typed it. */
    public static Dimension rows(String name, String always) {
        return new Dimension(name, always, List.of(), false);
    }

    /** Each member of one dimension with each of another. */
    public static Dimension pairs(Dimension outer, Dimension inner) {
        return path(outer, inner, true);
    }

    /** The pairs of members of two dimensions in which anything is typed. */
    public static Dimension path(Dimension outer, Dimension inner) {
        return path(outer, inner, false);
    }

    private static Dimension path(Dimension outer, Dimension inner, boolean everyPair) {
        return new Dimension(outer.name() + MARK + inner.name(), "", List.of(outer, inner), everyPair);
    }

    /** The name of a pair; with the inner member that is always there it is the outer member's alone. */
    public String pair(String outer, String inner) {
        return inner.equals(path.get(1).always()) ? outer : outer + MARK + inner;
    }

    /** The member of one of its dimensions in a pair; null where it does not lead through that. */
    public @Nullable String of(Dimension part, String pair) {
        int at = path.indexOf(part);
        int mark = pair.indexOf(MARK);
        if (at < 0) {
            return null;
        }
        if (mark < 0) {
            return at == 0 ? pair : path.get(1).always();
        }
        return at == 0 ? pair.substring(0, mark) : pair.substring(mark + 1);
    }

    /** Whether a line that stands once in each of its members may read lines of the other dimension as its own. */
    public boolean leadsThrough(Dimension other) {
        return equals(other) || path.contains(other);
    }
}
