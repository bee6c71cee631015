package undersaw.form;

import java.util.List;
import java.util.stream.IntStream;

/**
 * Members that a form fixes, in their order: its columns, the years or the tries of a worksheet. Each stands in the
 * address of its lines, so that what is found for one member is a line like any other.
 *
 * @param names of the members, as they stand in an address
 */
public record Columns(List<String> names) {
    /** Keeps its own copy. */
    public Columns {
        names = List.copyOf(names);
    }

    public static Columns of(String... names) {
        return new Columns(List.of(names));
    }

    /** Members 1 to so many. */
    public static Columns numbered(int count) {
        return new Columns(
                IntStream.rangeClosed(1, count).mapToObj(String::valueOf).toList());
    }

    /** The members in their order. */
    public List<Member> members() {
        return IntStream.range(0, names.size())
                .mapToObj(at -> new Member(at + 1, names.get(at)))
                .toList();
    }

    /**
     * One of them.
     *
     * @param number its place, from 1
     * @param name as it stands in an address
     */
    public record Member(int number, String name) {
        public boolean isFirst() {
            return number == 1;
        }
    }
}
