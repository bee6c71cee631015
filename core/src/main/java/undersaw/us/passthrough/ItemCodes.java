package undersaw.us.passthrough;

import java.util.ArrayList;
import java.util.List;
import undersaw.table.Table;
import undersaw.table.TableRow;

/** The codes under which lines of Schedule K are told apart, by the table of a return (from memory). */
public final class ItemCodes {
    private static final List<String> COLUMNS = List.of("line", "code", "caption", "books");

    private ItemCodes() {}

    /**
     * One code.
     *
     * @param code its letters
     * @param caption what stands under it
     * @param books whether accounts can be mapped to it
     */
    public record ItemCode(String code, String caption, boolean books) {}

    /** The codes of a line, in the order of the table. */
    public static List<ItemCode> of(String resource, String line) {
        List<ItemCode> codes = new ArrayList<>();
        for (TableRow row : Table.read(resource, COLUMNS)) {
            if (row.text("line").equals(line)) {
                codes.add(new ItemCode(
                        row.text("code"), row.text("caption"), row.text("books").equals("yes")));
            }
        }
        return codes;
    }
}
