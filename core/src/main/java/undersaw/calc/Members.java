package undersaw.calc;

import java.util.Collection;
import org.pcollections.HashTreePMap;
import org.pcollections.PMap;
import org.pcollections.PVector;
import org.pcollections.TreePMap;
import org.pcollections.TreePVector;
import undersaw.line.NaturalOrder;

/**
 * The members of a dimension: every row in which anything is typed, or to which an account brings something.
 *
 * <p>Each has a place of its own in the columns of its dimension. Places are an accident of history: a member that goes
 * and comes again keeps its place, and two calculations have the same places only where one was made out of the other.
 *
 * @param places the place of each member that there ever was
 * @param names the members by place
 * @param present the members that are there, in the order of their names
 * @param typed how many cells are typed in the row of each, and how many amounts accounts bring
 */
record Members(PMap<String, Integer> places, PVector<String> names, TreePMap<String, Integer> present, Column typed) {
    static final Members NONE =
            new Members(HashTreePMap.empty(), TreePVector.empty(), TreePMap.empty(NaturalOrder.COUNTED), Column.EMPTY);

    /** The members in the order of their names. */
    Collection<String> inOrder() {
        return present.keySet();
    }

    /** The member's place; -1 where there is no such member. */
    int place(String name) {
        return present.getOrDefault(name, -1);
    }

    /** The same with a place for a name that never had one. */
    Members knowing(String name) {
        return places.containsKey(name)
                ? this
                : new Members(places.plus(name, names.size()), names.plus(name), present, typed);
    }

    /** The same with the member there, or not. */
    Members with(String name, boolean there) {
        return new Members(places, names, there ? present.plus(name, places.get(name)) : present.minus(name), typed);
    }

    Members with(Column typedCells) {
        return new Members(places, names, present, typedCells);
    }

    boolean has(int place) {
        return typed.has(place);
    }

    String name(int place) {
        return names.get(place);
    }
}
