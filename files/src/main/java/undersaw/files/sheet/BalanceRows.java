package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import undersaw.files.FileFault;
import undersaw.files.sheet.AccountText.Named;
import undersaw.money.Money;

/** Takes the rows of a trial balance one by one: which are accounts, which are headings, subtotals and page lines. */
final class BalanceRows implements RowSource.Visitor {
    private static final int MOST_ROWS = 200_000;

    private final String file;
    private final ColumnPlan plan;
    private final RowAmounts amounts;
    private final AccountText texts;
    private final List<List<String>> above = new ArrayList<>();
    private final List<BalanceRow> rows = new ArrayList<>();
    private final List<StagedRow> leftOut = new ArrayList<>();
    private final List<BalanceRow> netIncomes = new ArrayList<>();
    private final List<BalanceRow> subtotals = new ArrayList<>();
    private final Sections sections = new Sections();

    BalanceRows(String file, ColumnPlan plan) {
        this.file = file;
        this.plan = plan;
        amounts = new RowAmounts(file, plan);
        texts = new AccountText(plan, amounts.places());
    }

    @Override
    public boolean row(long number, List<String> cells) {
        if (number < plan.header()) {
            above.add(cells);
        } else if (number == plan.header()) {
            amounts.headed(cells);
        } else if (cells.stream().anyMatch(cell -> !cell.isBlank()) && !amounts.isHeader(cells)) {
            body(number, cells);
        }
        return rows.size() < MOST_ROWS;
    }

    private void body(long at, List<String> cells) {
        if (cells.stream().allMatch(cell -> cell.isBlank() || RowWords.isRule(cell))) {
            return;
        }
        boolean byHand = plan.byHand().taken().contains(at);
        if (plan.byHand().leftOut().contains(at)) {
            leaveOut(at, cells, "left out by hand");
            return;
        }
        Named named = texts.of(cells);
        if (!byHand && (RowWords.isPageLine(cells) || repeatsHeading(cells))) {
            leaveOut(at, cells, "a line of the page");
        } else if (amounts.any(cells)) {
            amount(at, cells, named, !byHand && words(cells).stream().anyMatch(RowWords::isSubtotal));
        } else if (RowWords.isSubtotal(named.name())) {
            sections.total(named.name());
            leaveOut(at, cells, "a subtotal");
        } else if (named.number().isEmpty()
                || AccountNature.ofSection(named.name()).isPresent()) {
            sections.heading(named.name());
            leaveOut(at, cells, "no amount");
        } else {
            amount(at, cells, named, false);
        }
    }

    private void amount(long at, List<String> cells, Named named, boolean subtotal) {
        BalanceRow row = subtotal ? quietly(at, cells, named) : read(at, cells, named);
        if (row == null) {
            return;
        }
        if (subtotal) {
            sections.total(named.name());
            subtotals.add(row);
            if (RowWords.isNetIncome(words(cells))) {
                netIncomes.add(row);
            }
            leaveOut(at, cells, "a subtotal");
        } else if (row.key().isBlank()) {
            subtotals.add(row);
            leaveOut(at, cells, "an amount without an account");
        } else {
            rows.add(row);
        }
    }

    /** The cells that hold words, those of amounts left out. */
    private List<String> words(List<String> cells) {
        List<String> words = new ArrayList<>();
        for (int i = 0; i < cells.size(); i++) {
            boolean amount = i < plan.columns().size() && plan.columns().get(i).isAmount();
            if (!amount && cells.get(i).chars().anyMatch(Character::isLetter)) {
                words.add(cells.get(i).strip());
            }
        }
        return words;
    }

    /** A second page begins with headings that are not quite those of the first. */
    private boolean repeatsHeading(List<String> cells) {
        int known = 0;
        int filled = 0;
        int words = 0;
        for (int i = 0; i < cells.size(); i++) {
            String cell = cells.get(i);
            filled += cell.isBlank() ? 0 : 1;
            boolean amount = i < plan.columns().size() && plan.columns().get(i).isAmount();
            boolean said = amount
                    ? AmountHeading.read("", cell).isPresent() && cell.chars().anyMatch(Character::isLetter)
                    : ColumnKind.ofHeading(cell).isPresent();
            known += said ? 1 : 0;
            words += !cell.isBlank() && !amount ? 1 : 0;
        }
        return known == filled && (known >= 2 || words == 0);
    }

    /** A row that is left out is read all the same, with no word of what cannot be read. */
    private BalanceRow quietly(long at, List<String> cells, Named named) {
        RowAmounts aside = new RowAmounts(file, plan);
        return row(at, cells, named).with(amounts.closes(cells) ? aside.closing(at, cells) : null, null);
    }

    private @Nullable BalanceRow read(long at, List<String> cells, Named named) {
        Money closing = amounts.closing(at, cells);
        Money opening = amounts.opening(at, cells);
        return closing == null || opening == null
                ? null
                : row(at, cells, named)
                        .with(amounts.closes(cells) ? closing : null, amounts.opens(cells) ? opening : null);
    }

    private BalanceRow row(long at, List<String> cells, Named named) {
        return new BalanceRow(
                at,
                cells,
                named.number(),
                named.name(),
                Optional.empty(),
                Optional.empty(),
                amounts.text(cells, ColumnKind.TYPE),
                amounts.text(cells, ColumnKind.PERIOD),
                named.depth(),
                sections.now());
    }

    private void leaveOut(long at, List<String> cells, String why) {
        leftOut.add(new StagedRow(at, text(cells), false, why, ""));
    }

    private static String text(List<String> cells) {
        String words = String.join(" ", cells).strip().replaceAll("\\s+", " ");
        return words.length() > 200 ? words.substring(0, 200) + "…" : words;
    }

    List<BalanceRow> rows() {
        return rows;
    }

    List<StagedRow> leftOut() {
        return leftOut;
    }

    /** Rows that call themselves net income; what they say can be held against the accounts. */
    List<BalanceRow> netIncomes() {
        return netIncomes;
    }

    /** Rows that were left out although they hold amounts. */
    List<BalanceRow> subtotals() {
        return subtotals;
    }

    List<List<String>> above() {
        return above;
    }

    List<FileFault> faults() {
        List<FileFault> faults = new ArrayList<>(amounts.faults());
        if (rows.size() >= MOST_ROWS) {
            faults.add(FileFault.whole(
                    file,
                    "The file has more than " + MOST_ROWS
                            + " rows of balances. Is it a ledger? "
                            + "Then say above the columns which one holds the date."));
        }
        return faults;
    }
}
