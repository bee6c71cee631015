package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import undersaw.money.Money;

/**
 * Finds rows that are the sum of others: a numbered parent above its children, a subtotal without the word below what
 * it adds up.
 */
final class SumRows {
    private final List<BalanceRow> rows;
    private final Map<BalanceRow, Found> found = new LinkedHashMap<>();

    private SumRows(List<BalanceRow> rows) {
        this.rows = rows;
    }

    /**
     * A row that is a sum.
     *
     * @param first the first row it adds up
     * @param last the last one
     * @param sure whether numbers or names say so too, not the amounts alone
     */
    record Found(long first, long last, boolean sure) {
        String words() {
            return first == last ? "the same as row " + first : "the sum of rows " + first + " to " + last;
        }
    }

    /** Looks through rows in the order of the file. */
    static Map<BalanceRow, Found> of(List<BalanceRow> rows) {
        SumRows sums = new SumRows(rows);
        for (int i = rows.size() - 1; i >= 0; i--) {
            sums.parent(i);
        }
        sums.below();
        return sums.found;
    }

    private void parent(int at) {
        BalanceRow row = rows.get(at);
        if (row.isZero()) {
            return;
        }
        int strict = at;
        while (strict + 1 < rows.size() && isUnder(row, rows.get(strict + 1))) {
            strict++;
        }
        if (strict > at && adds(row, at + 1, strict)) {
            found.put(row, new Found(rows.get(at + 1).at(), rows.get(strict).at(), true));
            return;
        }
        String digits = row.number().replaceAll("\\D+$", "");
        for (int zeros = 1; zeros < digits.length() && digits.charAt(digits.length() - zeros) == '0'; zeros++) {
            String stem = digits.substring(0, digits.length() - zeros);
            int last = at;
            while (last + 1 < rows.size() && rows.get(last + 1).number().startsWith(stem)) {
                last++;
            }
            if (last - at >= 2 && adds(row, at + 1, last)) {
                found.put(row, new Found(rows.get(at + 1).at(), rows.get(last).at(), last - at >= 3));
                return;
            }
        }
    }

    /** A longer number that begins alike, a name after the parent's and a colon, or a name set further in. */
    private static boolean isUnder(BalanceRow parent, BalanceRow child) {
        boolean numbered = !parent.number().isEmpty()
                && child.number().length() > parent.number().length()
                && child.number().startsWith(parent.number());
        boolean named = !parent.name().isEmpty() && child.name().startsWith(parent.name() + ":");
        return numbered || named || child.depth() > parent.depth();
    }

    private boolean adds(BalanceRow sum, int first, int last) {
        Money closing = Money.ZERO;
        Money opening = Money.ZERO;
        int parts = 0;
        for (int i = first; i <= last; i++) {
            if (!found.containsKey(rows.get(i))) {
                closing = closing.plus(rows.get(i).closes());
                opening = opening.plus(rows.get(i).opens());
                parts++;
            }
        }
        return parts > 0
                && closing.equals(sum.closes())
                && (opening.equals(sum.opens()) || sum.opening().isEmpty());
    }

    /** A row that is all that stands above it since the last sum: at least two rows. */
    private void below() {
        List<BalanceRow> block = new ArrayList<>();
        for (BalanceRow row : rows) {
            if (found.containsKey(row)) {
                block.clear();
                continue;
            }
            Money closing = Money.sum(block.stream().map(BalanceRow::closes).toList());
            Money opening = Money.sum(block.stream().map(BalanceRow::opens).toList());
            boolean isSum = block.size() >= 2
                    && !row.closes().isZero()
                    && closing.equals(row.closes())
                    && (row.opening().isEmpty() || opening.equals(row.opens()));
            if (isSum) {
                boolean sure = row.number().isEmpty()
                        && block.stream().noneMatch(each -> each.number().isEmpty());
                found.put(
                        row,
                        new Found(block.get(0).at(), block.get(block.size() - 1).at(), sure));
                block.clear();
            } else {
                block.add(row);
            }
        }
    }
}
