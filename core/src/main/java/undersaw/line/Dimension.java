package undersaw.line;

/**
 * What a form repeats for, such as owners, sales or properties: its members are the rows in which anything is typed.
 *
 * <p>Parts of several forms may repeat for the same dimension, one of them as the list in which a person fills the rows
 * in. A line of such a part stands once a member and may read lines of its own member or lines that stand once; from
 * outside, members are read through a total.
 *
 * @param name its name, also that of its list and of the list's file without the ending
 */
public record Dimension(String name) {
    /** The dimension of that name. */
    public static Dimension rows(String name) {
        return new Dimension(name);
    }
}
