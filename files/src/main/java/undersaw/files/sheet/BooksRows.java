package undersaw.files.sheet;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import undersaw.files.FileFault;
import undersaw.files.sheet.ColumnPlan.Shape;
import undersaw.ledger.LedgerTransaction;
import undersaw.money.Money;

/** Takes the rows of a client's file one by one and makes accounts of them. */
final class BooksRows implements RowSource.Visitor {
    private static final Pattern SPLIT = Pattern.compile("(\\d[\\d.\\-]{1,15})\\s*[-–—:·.]?\\s+(\\D.*)");
    private static final Pattern SUBTOTAL =
            Pattern.compile("(?i)(sub-?\\s?totals?|totals?|grand total|difference|out of balance"
                    + "|net (income|loss|profit|surplus|deficit))\\b.*");
    private static final int MOST_LISTED = 40;
    private static final int MOST_DAYS = 2000;

    private final String file;
    private final ColumnPlan plan;
    private final BooksContext context;
    private final Consumer<LedgerTransaction> transactions;
    private final WrittenAmount amounts;
    private final Map<ColumnKind, Integer> places = new EnumMap<>(ColumnKind.class);
    private final BooksTotals totals;
    private final List<List<String>> above = new ArrayList<>();
    private final List<String> leftOut = new ArrayList<>();
    private final List<FileFault> faults = new ArrayList<>();
    private final Map<String, Optional<LocalDate>> days = new HashMap<>();
    private List<String> header = List.of();
    private long leftOutCount;
    private long faultCount;

    BooksRows(String file, ColumnPlan plan, BooksContext context, Consumer<LedgerTransaction> transactions) {
        this.file = file;
        this.plan = plan;
        this.context = context;
        this.transactions = transactions;
        amounts = new WrittenAmount(plan.decimalComma());
        totals = new BooksTotals(file, plan, context);
        for (int i = 0; i < plan.columns().size(); i++) {
            places.putIfAbsent(plan.columns().get(i), i);
        }
    }

    @Override
    public boolean row(long number, List<String> cells) {
        if (number < plan.header()) {
            above.add(cells);
        } else if (number == plan.header()) {
            header = List.copyOf(cells);
        } else if (!isBlank(cells) && !cells.equals(header)) {
            body(number, cells);
        }
        return true;
    }

    private static boolean isBlank(List<String> cells) {
        for (String cell : cells) {
            if (!cell.isBlank()) {
                return false;
            }
        }
        return true;
    }

    private void body(long row, List<String> cells) {
        String number = text(cells, ColumnKind.NUMBER);
        String name = text(cells, ColumnKind.NAME);
        if (places.containsKey(ColumnKind.NUMBER_AND_NAME)) {
            String both = text(cells, ColumnKind.NUMBER_AND_NAME);
            Matcher matcher = SPLIT.matcher(both);
            number = matcher.matches() ? matcher.group(1) : "";
            name = matcher.matches() ? matcher.group(2).strip() : both;
        } else if (!places.containsKey(ColumnKind.NUMBER)) {
            number = SUBTOTAL.matcher(name).matches() || !hasAmount(cells) ? "" : name;
        }
        if (number.isEmpty()) {
            leaveOut(row, cells, SUBTOTAL.matcher(name).matches() ? "a subtotal" : "no account number");
        } else if (plan.shape() == Shape.TRANSACTIONS) {
            transaction(row, cells, number, name);
        } else {
            balance(row, cells, number, name);
        }
    }

    private boolean hasAmount(List<String> cells) {
        for (Map.Entry<ColumnKind, Integer> place : places.entrySet()) {
            if (place.getKey().isAmount() && !text(cells, place.getKey()).isEmpty()) {
                return true;
            }
        }
        return false;
    }

    private void leaveOut(long row, List<String> cells, String why) {
        leftOutCount++;
        if (leftOut.size() < MOST_LISTED) {
            leftOut.add("Row " + row + ", " + why + ": "
                    + String.join(" ", cells).strip().replaceAll("\\s+", " "));
        }
    }

    private void balance(long row, List<String> cells, String number, String name) {
        boolean sound = !number.isBlank();
        Money closing = closing(row, cells);
        Money opening = opening(row, cells);
        if (sound && closing != null && opening != null) {
            String blank = text(cells, ColumnKind.OPENING)
                    + text(cells, ColumnKind.OPENING_DEBIT)
                    + text(cells, ColumnKind.OPENING_CREDIT);
            totals.balance(
                            new BooksTotals.Row(
                                    number, name, row, text(cells, ColumnKind.TYPE), text(cells, ColumnKind.PERIOD)),
                            blank.isEmpty() ? null : opening,
                            closing)
                    .ifPresent(this::fault);
        }
    }

    private void transaction(long row, List<String> cells, String number, String name) {
        Money amount = closing(row, cells);
        String dated = text(cells, ColumnKind.DATE);
        Optional<LocalDate> date = dated.isEmpty() ? Optional.empty() : day(dated);
        if (!dated.isEmpty() && date.isEmpty()) {
            fault(new FileFault(
                    file, row, named(ColumnKind.DATE), dated, "expected a date such as 2025-12-31 or 12/31/2025"));
            return;
        }
        if (amount == null) {
            return;
        }
        if (date.isPresent() && date.get().isAfter(context.end())) {
            leaveOut(row, cells, "dated after the year's end");
            return;
        }
        LedgerTransaction transaction = new LedgerTransaction(
                number, date.orElse(null), text(cells, ColumnKind.REFERENCE), text(cells, ColumnKind.MEMO), amount);
        totals.transaction(new BooksTotals.Row(number, name, row, text(cells, ColumnKind.TYPE), ""), transaction);
        transactions.accept(transaction);
    }

    /** A ledger has few days and many rows. */
    private Optional<LocalDate> day(String text) {
        if (days.size() > MOST_DAYS) {
            days.clear();
        }
        return days.computeIfAbsent(text, WrittenDate::read);
    }

    private @Nullable Money closing(long row, List<String> cells) {
        if (!places.containsKey(ColumnKind.AMOUNT)) {
            return pair(row, cells, ColumnKind.DEBIT, ColumnKind.CREDIT);
        }
        Money amount = amount(row, cells, ColumnKind.AMOUNT);
        return amount == null ? null : signed(cells, amount);
    }

    private @Nullable Money opening(long row, List<String> cells) {
        if (!places.containsKey(ColumnKind.OPENING)) {
            return pair(row, cells, ColumnKind.OPENING_DEBIT, ColumnKind.OPENING_CREDIT);
        }
        Money amount = amount(row, cells, ColumnKind.OPENING);
        return amount == null ? null : signed(cells, amount);
    }

    private Money signed(List<String> cells, Money amount) {
        String side = text(cells, ColumnKind.SIDE);
        boolean credit = !side.isEmpty() && (side.charAt(0) == 'C' || side.charAt(0) == 'c' || side.equals("-"));
        return credit != plan.creditsPositive() ? amount.negated() : amount;
    }

    private @Nullable Money pair(long row, List<String> cells, ColumnKind debit, ColumnKind credit) {
        Money debited = amount(row, cells, debit);
        Money credited = amount(row, cells, credit);
        return debited == null || credited == null ? null : debited.minus(credited);
    }

    private @Nullable Money amount(long row, List<String> cells, ColumnKind kind) {
        String text = text(cells, kind);
        Optional<Money> amount = amounts.read(text);
        if (amount.isEmpty()) {
            fault(new FileFault(
                    file,
                    row,
                    named(kind),
                    text,
                    plan.decimalComma()
                            ? "expected an amount such as 12.500,00 or -12.500,00"
                            : "expected an amount such as 12500.00 or (12,500.00)"));
        }
        return amount.orElse(null);
    }

    private void fault(FileFault fault) {
        faultCount++;
        if (faults.size() < MOST_LISTED) {
            faults.add(fault);
        }
    }

    private String text(List<String> cells, ColumnKind kind) {
        Integer place = places.get(kind);
        return place == null || place >= cells.size() ? "" : cells.get(place).strip();
    }

    /** The column's own heading, or its letter where it has none. */
    private String named(ColumnKind kind) {
        int place = places.get(kind);
        String heading = place < header.size() ? header.get(place).strip() : "";
        return heading.isEmpty() ? CellText.address(place, 0).replace("0", "") : heading;
    }

    StagedBooks staged(List<String> notes) {
        List<String> all = new ArrayList<>(notes);
        all.addAll(Preamble.warnings(above, context.client(), context.end().getYear()));
        if (leftOutCount > leftOut.size()) {
            leftOut.add("and " + (leftOutCount - leftOut.size()) + " rows more");
        }
        if (faultCount > faults.size()) {
            faults.add(FileFault.whole(file, "and " + (faultCount - faults.size()) + " faults more of the same kind."));
        }
        return totals.staged(new BooksTotals.Said(leftOut, all, faults));
    }
}
