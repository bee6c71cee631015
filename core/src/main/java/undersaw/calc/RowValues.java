package undersaw.calc;

import org.pcollections.HashTreePMap;
import org.pcollections.PMap;
import org.pcollections.TreePMap;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.line.NaturalOrder;
import undersaw.line.Value;
import undersaw.money.Money;

/**
 * The values of lines that repeat, row by row, with a running total of each column.
 *
 * <p>Persistent: one row changed costs one row, however many there are.
 *
 * @param columns the rows of each line
 */
record RowValues(PMap<LineId, Column> columns) {
    private static final Column EMPTY = new Column(TreePMap.empty(NaturalOrder.COUNTED), Money.ZERO);

    /**
     * One line's rows.
     *
     * @param byInstance values by row, in the order of the rows' names
     * @param total the rows' sum in whole dollars
     */
    record Column(TreePMap<String, LineValue> byInstance, Money total) {}

    static RowValues none() {
        return new RowValues(HashTreePMap.empty());
    }

    Column of(LineId line) {
        return columns.getOrDefault(line, EMPTY);
    }

    RowValues with(LineValue value) {
        LineKey key = value.key();
        Column column = of(key.line());
        LineValue old = column.byInstance().get(key.instance());
        Money others = old == null ? column.total() : column.total().minus(countable(old));
        return new RowValues(columns.plus(
                key.line(),
                new Column(column.byInstance().plus(key.instance(), value), others.plus(countable(value)))));
    }

    RowValues without(LineKey key) {
        Column column = of(key.line());
        LineValue old = column.byInstance().get(key.instance());
        if (old == null) {
            return this;
        }
        TreePMap<String, LineValue> left = column.byInstance().minus(key.instance());
        return new RowValues(
                left.isEmpty()
                        ? columns.minus(key.line())
                        : columns.plus(
                                key.line(), new Column(left, column.total().minus(countable(old)))));
    }

    private static Money countable(LineValue value) {
        if (value.value() instanceof Value.Amount amount) {
            return amount.money();
        }
        String plain = value.value().plain();
        return Money.isPlain(plain) ? Money.parse(plain).roundedToDollars() : Money.ZERO;
    }
}
