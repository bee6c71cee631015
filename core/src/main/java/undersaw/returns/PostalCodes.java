package undersaw.returns;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import undersaw.table.Table;
import undersaw.table.TableRow;

/** ZIP codes with their places and states (GeoNames, CC BY 4.0): a suggestion for a town, a check for a state. */
public final class PostalCodes {
    private static final Map<String, Place> PLACES = new TreeMap<>();
    private static final Map<String, String> STATE_OF_PREFIX = new TreeMap<>();
    private static final Set<String> STATES = new TreeSet<>(Set.of("PR", "GU", "VI", "AS", "MP"));

    static {
        Map<String, Set<String>> prefixes = new TreeMap<>();
        for (TableRow row : Table.read("undersaw/postal-codes.csv", List.of("zip", "place", "state"))) {
            PLACES.put(row.text("zip"), new Place(row.text("place"), row.text("state")));
            STATES.add(row.text("state"));
            prefixes.computeIfAbsent(row.text("zip").substring(0, 3), unused -> new TreeSet<>())
                    .add(row.text("state"));
        }
        prefixes.forEach((prefix, states) -> {
            if (states.size() == 1) {
                STATE_OF_PREFIX.put(prefix, states.iterator().next());
            }
        });
    }

    private PostalCodes() {}

    /** A town with its state. */
    public record Place(String town, String state) {}

    /** States, districts, territories and military regions by their two letters. */
    public static Set<String> states() {
        return STATES;
    }

    /** The place of a ZIP code, as far as it is known. */
    public static Optional<Place> place(String zip) {
        return Optional.ofNullable(
                PLACES.get(zip.strip().substring(0, Math.min(5, zip.strip().length()))));
    }

    /** The state in which all ZIP codes of the same first three digits lie. */
    public static Optional<String> stateOf(String zip) {
        return zip.length() < 3 ? Optional.empty() : Optional.ofNullable(STATE_OF_PREFIX.get(zip.substring(0, 3)));
    }
}
