package undersaw.files.sheet;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import undersaw.files.FileFault;
import undersaw.files.sheet.AccountText.Named;
import undersaw.ledger.LedgerTransaction;
import undersaw.money.Money;

/** Takes the rows of a ledger one by one, hands its transactions on and adds them up; no row is held. */
final class LedgerRows implements RowSource.Visitor {
    private static final int MOST_LISTED = 40;
    private static final int MOST_DAYS = 2000;

    private final String file;
    private final ColumnPlan plan;
    private final BooksContext context;
    private final Consumer<LedgerTransaction> transactions;
    private final RowAmounts amounts;
    private final AccountText texts;
    private final LedgerTotals totals;
    private final List<List<String>> above = new ArrayList<>();
    private final List<StagedRow> leftOut = new ArrayList<>();
    private final Map<String, Optional<LocalDate>> days = new HashMap<>();
    private long leftOutCount;
    private boolean twoDigitYears;

    LedgerRows(String file, ColumnPlan plan, BooksContext context, Consumer<LedgerTransaction> transactions) {
        this.file = file;
        this.plan = plan;
        this.context = context;
        this.transactions = transactions;
        amounts = new RowAmounts(file, plan);
        texts = new AccountText(plan, amounts.places());
        totals = new LedgerTotals(file, plan, context);
    }

    @Override
    public boolean row(long number, List<String> cells) {
        if (number < plan.header()) {
            above.add(cells);
        } else if (number == plan.header()) {
            amounts.headed(cells);
        } else if (!isBlank(cells) && !amounts.isHeader(cells)) {
            body(number, cells);
        }
        return true;
    }

    private static boolean isBlank(List<String> cells) {
        for (String cell : cells) {
            if (!cell.isBlank() && !RowWords.isRule(cell)) {
                return false;
            }
        }
        return true;
    }

    private void body(long row, List<String> cells) {
        Named named = texts.of(cells);
        boolean subtotal = named.number().isEmpty() && RowWords.isSubtotal(named.name());
        if (subtotal || plan.byHand().leftOut().contains(row)) {
            leaveOut(row, cells, subtotal ? "a subtotal" : "left out by hand");
        } else if (named.number().isEmpty() && (named.name().isEmpty() || !amounts.any(cells))) {
            leaveOut(row, cells, "no account");
        } else {
            transaction(row, cells, named);
        }
    }

    private void transaction(long row, List<String> cells, Named named) {
        Money amount = amounts.closing(row, cells);
        String dated = amounts.text(cells, ColumnKind.DATE);
        Optional<LocalDate> date = dated.isEmpty() ? Optional.empty() : day(dated);
        if (!dated.isEmpty() && date.isEmpty()) {
            amounts.fault(new FileFault(
                    file,
                    row,
                    amounts.named(amounts.places().get(ColumnKind.DATE)),
                    dated,
                    "expected a date such as 2025-12-31 or 12/31/2025"));
            return;
        }
        if (amount == null) {
            return;
        }
        if (date.isPresent() && date.get().isAfter(context.end())) {
            leaveOut(row, cells, "dated after the year's end");
            return;
        }
        String key = named.number().isEmpty() ? named.name() : named.number();
        LedgerTransaction transaction = new LedgerTransaction(
                key,
                date.orElse(null),
                amounts.text(cells, ColumnKind.REFERENCE),
                amounts.text(cells, ColumnKind.MEMO),
                amount);
        totals.add(named, amounts.text(cells, ColumnKind.TYPE), transaction);
        transactions.accept(transaction);
    }

    /** A ledger has few days and many rows. */
    private Optional<LocalDate> day(String text) {
        if (days.size() > MOST_DAYS) {
            days.clear();
        }
        return days.computeIfAbsent(text, each -> {
            twoDigitYears |= WrittenDate.hasTwoDigitYear(each);
            return WrittenDate.read(each, plan.notation().dayFirst());
        });
    }

    private void leaveOut(long row, List<String> cells, String why) {
        leftOutCount++;
        if (leftOut.size() < MOST_LISTED) {
            String words = String.join(" ", cells).strip().replaceAll("\\s+", " ");
            leftOut.add(new StagedRow(row, words, false, why, ""));
        }
    }

    List<List<String>> above() {
        return above;
    }

    StagedBooks staged() {
        if (leftOutCount > leftOut.size()) {
            leftOut.add(new StagedRow(0, (leftOutCount - leftOut.size()) + " rows more", false, "", ""));
        }
        List<String> notes = new ArrayList<>();
        if (twoDigitYears) {
            notes.add("Years of two digits were taken for " + WrittenDate.WINDOW + ".");
        }
        return totals.staged(leftOut, notes, amounts.faults());
    }
}
