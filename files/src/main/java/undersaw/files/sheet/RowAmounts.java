package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import undersaw.files.FileFault;
import undersaw.files.sheet.Notation.Signs;
import undersaw.money.Money;

/** The amounts of a row by a plan, debits positive where the plan tells signs; what cannot be read is a fault. */
final class RowAmounts {
    private static final int MOST_LISTED = 40;
    private static final ColumnKind[] CLOSING = {ColumnKind.AMOUNT, ColumnKind.DEBIT, ColumnKind.CREDIT};

    private final String file;
    private final ColumnPlan plan;
    private final Map<ColumnKind, Integer> places = new EnumMap<>(ColumnKind.class);
    private final WrittenAmount amounts;
    private final List<FileFault> faults = new ArrayList<>();
    private List<String> header = List.of();
    private long faultCount;

    RowAmounts(String file, ColumnPlan plan) {
        this.file = file;
        this.plan = plan;
        amounts = new WrittenAmount(plan.decimalComma());
        for (int i = 0; i < plan.columns().size(); i++) {
            places.putIfAbsent(plan.columns().get(i), i);
        }
    }

    Map<ColumnKind, Integer> places() {
        return places;
    }

    boolean has(ColumnKind kind) {
        return places.containsKey(kind);
    }

    void headed(List<String> cells) {
        header = List.copyOf(cells);
    }

    boolean isHeader(List<String> cells) {
        return !header.isEmpty() && cells.equals(header);
    }

    String text(List<String> cells, ColumnKind kind) {
        Integer place = places.get(kind);
        return place == null ? "" : text(cells, place);
    }

    private static String text(List<String> cells, int place) {
        String cell = place >= cells.size() ? "" : cells.get(place).strip();
        return RowWords.isRule(cell) ? "" : cell;
    }

    /** Whether a column that closes or opens holds anything in a row. */
    boolean any(List<String> cells) {
        for (int i = 0; i < plan.columns().size(); i++) {
            if (plan.columns().get(i).isAmount() && !text(cells, i).isEmpty()) {
                return true;
            }
        }
        return false;
    }

    boolean opens(List<String> cells) {
        return !(text(cells, ColumnKind.OPENING)
                        + text(cells, ColumnKind.OPENING_DEBIT)
                        + text(cells, ColumnKind.OPENING_CREDIT))
                .isEmpty();
    }

    boolean closes(List<String> cells) {
        if (has(ColumnKind.MOVEMENT) || has(ColumnKind.TURNOVER_DEBIT) || has(ColumnKind.TURNOVER_CREDIT)) {
            return any(cells);
        }
        for (ColumnKind kind : CLOSING) {
            if (!text(cells, kind).isEmpty()) {
                return true;
            }
        }
        return false;
    }

    /** The balance at the end, or a transaction's amount; null where a cell cannot be read. */
    @Nullable
    Money closing(long row, List<String> cells) {
        if (has(ColumnKind.AMOUNT)) {
            Money amount = amount(row, cells, places.get(ColumnKind.AMOUNT));
            return amount == null ? null : signed(cells, amount);
        }
        if (has(ColumnKind.DEBIT) || has(ColumnKind.CREDIT)) {
            return pair(row, cells, ColumnKind.DEBIT, ColumnKind.CREDIT);
        }
        Money opening = opening(row, cells);
        Money turned = pair(row, cells, ColumnKind.TURNOVER_DEBIT, ColumnKind.TURNOVER_CREDIT);
        Money sum = opening == null || turned == null ? null : opening.plus(turned);
        for (int i = 0; i < plan.columns().size() && sum != null; i++) {
            if (plan.columns().get(i) == ColumnKind.MOVEMENT) {
                Money moved = amount(row, cells, i);
                sum = moved == null ? null : sum.plus(signed(cells, moved));
            }
        }
        return sum;
    }

    /** The balance at the beginning; null where a cell cannot be read. */
    @Nullable
    Money opening(long row, List<String> cells) {
        if (!has(ColumnKind.OPENING)) {
            return pair(row, cells, ColumnKind.OPENING_DEBIT, ColumnKind.OPENING_CREDIT);
        }
        Money amount = amount(row, cells, places.get(ColumnKind.OPENING));
        return amount == null ? null : signed(cells, amount);
    }

    private Money signed(List<String> cells, Money amount) {
        String side = text(cells, ColumnKind.SIDE);
        boolean credit = !side.isEmpty() && (side.charAt(0) == 'C' || side.charAt(0) == 'c' || side.equals("-"));
        return credit ? amount.negated() : amount;
    }

    private @Nullable Money pair(long row, List<String> cells, ColumnKind debit, ColumnKind credit) {
        Money debited = has(debit) ? amount(row, cells, places.get(debit)) : Money.ZERO;
        Money credited = has(credit) ? amount(row, cells, places.get(credit)) : Money.ZERO;
        if (debited == null || credited == null) {
            return null;
        }
        boolean below = plan.notation().signs() == Signs.CREDITS_BELOW_ZERO;
        return below ? debited.plus(credited) : debited.minus(credited);
    }

    private @Nullable Money amount(long row, List<String> cells, int place) {
        String text = text(cells, place);
        Optional<Money> amount = amounts.read(text);
        if (amount.isEmpty()) {
            fault(new FileFault(
                    file,
                    row,
                    named(place),
                    text.length() > 60 ? text.substring(0, 60) + "…" : text,
                    plan.decimalComma()
                            ? "expected an amount such as 12.500,00 or -12.500,00"
                            : "expected an amount such as 12500.00 or (12,500.00)"));
            return null;
        }
        return plan.notation().scale() == 1
                ? amount.get()
                : Money.ofCents(amount.get().cents() * plan.notation().scale());
    }

    void fault(FileFault fault) {
        faultCount++;
        if (faults.size() < MOST_LISTED) {
            faults.add(fault);
        }
    }

    /** The column's own heading, or its letter where it has none. */
    String named(int place) {
        String heading = place < header.size() ? header.get(place).strip() : "";
        return heading.isEmpty() ? CellText.letters(place) : heading;
    }

    List<FileFault> faults() {
        List<FileFault> all = new ArrayList<>(faults);
        if (faultCount > faults.size()) {
            all.add(FileFault.whole(file, "and " + (faultCount - faults.size()) + " faults more of the same kind."));
        }
        return all;
    }
}
