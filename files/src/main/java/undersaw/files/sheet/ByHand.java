package undersaw.files.sheet;

import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import undersaw.ledger.StatementKind;

/**
 * What a person has said of single rows and accounts of a file.
 *
 * @param taken rows that are accounts, whatever they look like
 * @param leftOut rows that are none
 * @param statements the statement of an account, by its number
 */
public record ByHand(Set<Long> taken, Set<Long> leftOut, Map<String, StatementKind> statements) {
    static final ByHand NOTHING = new ByHand(Set.of(), Set.of(), Map.of());

    /** Keeps its own copies, in order. */
    public ByHand {
        taken = new TreeSet<>(taken);
        leftOut = new TreeSet<>(leftOut);
        statements = new TreeMap<>(statements);
    }

    /** The same with a row taken, or left out. */
    public ByHand row(long row, boolean take) {
        ByHand other = new ByHand(taken, leftOut, statements);
        (take ? other.taken : other.leftOut).add(row);
        (take ? other.leftOut : other.taken).remove(row);
        return other;
    }

    /** The same with an account on a statement. */
    public ByHand statement(String number, StatementKind statement) {
        ByHand other = new ByHand(taken, leftOut, statements);
        other.statements.put(number, statement);
        return other;
    }
}
