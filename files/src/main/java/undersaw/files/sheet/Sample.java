package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import undersaw.money.Money;

/** The first rows below a header, asked what stands in their columns. */
final class Sample {
    private final List<List<String>> rows;
    private final WrittenAmount amounts;

    Sample(List<List<String>> rows, boolean decimalComma) {
        this.rows = rows;
        amounts = new WrittenAmount(decimalComma);
    }

    /** What stands in a column, blank cells left out. */
    List<String> cells(int column) {
        List<String> cells = new ArrayList<>();
        for (List<String> row : rows) {
            String cell = cell(row, column);
            if (!cell.isEmpty() && !RowWords.isRule(cell)) {
                cells.add(cell);
            }
        }
        return cells;
    }

    private static String cell(List<String> row, int column) {
        return column < row.size() ? row.get(column).strip() : "";
    }

    boolean mostly(int column, Predicate<String> test) {
        List<String> cells = cells(column);
        return !cells.isEmpty() && cells.stream().filter(test).count() * 10 >= cells.size() * 7L;
    }

    boolean isDistinct(int column) {
        List<String> cells = cells(column);
        return cells.stream().distinct().count() * 10 >= cells.size() * 9L;
    }

    /** Whether a column counts its rows and says nothing of accounts. */
    boolean isCounter(int column) {
        List<String> cells = cells(column);
        if (cells.size() < 3 || !cells.stream().allMatch(cell -> cell.matches("\\d{1,4}\\.?"))) {
            return false;
        }
        int before = -1;
        for (String cell : cells) {
            int number = Integer.parseInt(cell.replace(".", ""));
            if (before >= 0 && number != before + 1 || before < 0 && number > 1) {
                return false;
            }
            before = number;
        }
        return true;
    }

    /** Amounts of a column in cents, a row each; null where the cell is empty or no amount. */
    List<@Nullable Long> cents(int column) {
        List<@Nullable Long> cents = new ArrayList<>();
        for (List<String> row : rows) {
            String cell = cell(row, column);
            Optional<Money> amount = cell.isEmpty() || RowWords.isRule(cell) ? Optional.empty() : amounts.read(cell);
            cents.add(amount.map(Money::cents).orElse(null));
        }
        return cents;
    }

    boolean isAmounts(int column) {
        return mostly(column, cell -> amounts.read(cell).isPresent());
    }

    /** Whether both columns hold amounts other than nothing in some row, in more than a stray one. */
    boolean bothFilled(int one, int other) {
        List<@Nullable Long> first = cents(one);
        List<@Nullable Long> second = cents(other);
        int both = 0;
        int either = 0;
        for (int i = 0; i < first.size(); i++) {
            boolean here = isFilled(first.get(i));
            boolean there = isFilled(second.get(i));
            if (!RowWords.isSubtotal(rows.get(i))) {
                both += here && there ? 1 : 0;
                either += here || there ? 1 : 0;
            }
        }
        return both * 10 > either;
    }

    /** Whether one column has an amount where both of the others have none. */
    boolean filledAlone(int column, int one, int other) {
        List<@Nullable Long> here = cents(column);
        List<@Nullable Long> first = cents(one);
        List<@Nullable Long> second = cents(other);
        for (int i = 0; i < here.size(); i++) {
            if (isFilled(here.get(i)) && !isFilled(first.get(i)) && !isFilled(second.get(i))) {
                return true;
            }
        }
        return false;
    }

    /** Whether some opening balance stands unchanged under debit or credit. */
    boolean standsUnchanged(int opening, int debit, int credit) {
        List<@Nullable Long> opens = cents(opening);
        List<@Nullable Long> debits = cents(debit);
        List<@Nullable Long> credits = cents(credit);
        for (int i = 0; i < opens.size(); i++) {
            Long open = opens.get(i);
            if (open != null
                    && open != 0
                    && Math.abs(open) == Math.abs(orNothing(debits.get(i)) - orNothing(credits.get(i)))) {
                return true;
            }
        }
        return false;
    }

    private static boolean isFilled(@Nullable Long cents) {
        return cents != null && cents != 0;
    }

    /** Whether each balance is the one above it plus debit less credit. */
    boolean isRunning(int balance, int debit, int credit) {
        List<@Nullable Long> running = cents(balance);
        List<@Nullable Long> debits = cents(debit);
        List<@Nullable Long> credits = cents(credit);
        int held = 0;
        int asked = 0;
        for (int i = 1; i < running.size(); i++) {
            Long here = running.get(i);
            Long above = running.get(i - 1);
            if (here != null && above != null) {
                asked++;
                long moved = orNothing(debits.get(i)) - orNothing(credits.get(i));
                held += here == above + moved && here != moved ? 1 : 0;
            }
        }
        return asked > 1 && held * 10 >= asked * 7;
    }

    /** Whether, row by row, a column is the sum of others with their signs. */
    boolean isSum(int total, List<Integer> parts, List<Integer> signs) {
        List<@Nullable Long> sums = cents(total);
        int held = 0;
        int asked = 0;
        List<List<@Nullable Long>> columns = parts.stream().map(this::cents).toList();
        for (int i = 0; i < sums.size(); i++) {
            long sum = 0;
            boolean any = false;
            for (int part = 0; part < columns.size(); part++) {
                Long cents = columns.get(part).get(i);
                any |= cents != null;
                sum += signs.get(part) * orNothing(cents);
            }
            Long said = sums.get(i);
            if (said != null && any) {
                asked++;
                held += said == sum ? 1 : 0;
            }
        }
        return asked > 0 && held * 10 >= asked * 9;
    }

    private static long orNothing(@Nullable Long cents) {
        return cents == null ? 0 : cents;
    }
}
