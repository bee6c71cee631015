package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import undersaw.files.FileFault;
import undersaw.files.sheet.AccountTally.Ground;
import undersaw.files.sheet.AccountTally.Told;
import undersaw.files.sheet.ColumnPlan.Shape;
import undersaw.ledger.Account;
import undersaw.ledger.LedgerTransaction;
import undersaw.ledger.StatementKind;
import undersaw.money.Money;

/** Balances by account while a file is read, and what they say when it has been read. */
final class BooksTotals {
    private static final int MOST_REFERENCES = 300_000;
    private static final int MOST_ACCOUNTS = 50_000;

    private final String file;
    private final ColumnPlan plan;
    private final BooksContext context;
    private final Map<String, AccountTally> tallies = new LinkedHashMap<>();
    private final Map<String, Money> references = new HashMap<>();
    private final List<String> doubled = new ArrayList<>();
    private final Map<Ground, Integer> grounds = new EnumMap<>(Ground.class);
    private long transactions;

    BooksTotals(String file, ColumnPlan plan, BooksContext context) {
        this.file = file;
        this.plan = plan;
        this.context = context;
    }

    /** What tells a row's account. */
    record Row(String number, String name, long at, String type, String period) {}

    /** What was said while the rows were read. */
    record Said(List<String> leftOut, List<String> notes, List<FileFault> faults) {}

    private AccountTally tally(Row row) {
        AccountTally tally = tallies.get(row.number());
        if (tally == null) {
            Account known = context.before().get(row.number());
            String fallback = known == null ? "Account " + row.number() : known.name();
            tally = new AccountTally(row.number(), row.name().isEmpty() ? fallback : row.name(), row.at());
            tally.type = row.type();
            tallies.put(row.number(), tally);
        }
        return tally;
    }

    /** Adds a row of balances; a second row of an account is a fault unless it says the same account or a period. */
    Optional<FileFault> balance(Row row, @Nullable Money opening, Money closing) {
        AccountTally before = tallies.get(row.number());
        AccountTally tally = tally(row);
        if (before != null && plan.has(ColumnKind.PERIOD)) {
            period(tally, row.period(), opening, closing);
            return Optional.empty();
        }
        if (before != null && !row.name().isEmpty() && !row.name().equalsIgnoreCase(before.name)) {
            return Optional.of(new FileFault(
                    file,
                    row.at(),
                    ColumnKind.NUMBER.caption(),
                    row.number(),
                    "an account once only; \"" + before.name + "\" stands in row " + before.row
                            + " already. Correct one of the two numbers."));
        }
        if (before != null) {
            doubled.add("Row " + row.at() + ": account " + row.number() + " stands in row " + before.row
                    + " already; the two were added up.");
        }
        tally.firstPeriod = row.period();
        tally.lastPeriod = row.period();
        tally.openingBlank &= opening == null;
        tally.opening = tally.opening.plus(opening == null ? Money.ZERO : opening);
        tally.closing = tally.closing.plus(closing);
        return Optional.empty();
    }

    /** Of several periods the first opens the year and the last closes it. */
    private static void period(AccountTally tally, String period, @Nullable Money opening, Money closing) {
        if (order(period).compareTo(order(tally.lastPeriod)) >= 0) {
            tally.lastPeriod = period;
            tally.closing = closing;
        } else if (order(period).compareTo(order(tally.firstPeriod)) < 0) {
            tally.firstPeriod = period;
            tally.opening = opening == null ? Money.ZERO : opening;
        }
    }

    private static String order(String period) {
        return period.length() < 8 ? "0".repeat(8 - period.length()) + period : period;
    }

    void transaction(Row row, LedgerTransaction transaction) {
        AccountTally tally = tally(row);
        transactions++;
        boolean brought = transaction.date() == null || transaction.date().isBefore(context.start());
        if (brought) {
            tally.openingBlank = false;
            tally.brought = tally.brought.plus(transaction.amount());
        } else {
            tally.closing = tally.closing.plus(transaction.amount());
            if (!transaction.reference().isEmpty() && references.size() < MOST_REFERENCES) {
                references.merge(transaction.reference(), transaction.amount(), Money::plus);
            }
        }
    }

    StagedBooks staged(Said said) {
        List<FileFault> faults = new ArrayList<>(said.faults());
        List<String> notes = new ArrayList<>(said.notes());
        boolean sums = plan.shape() == Shape.TRANSACTIONS;
        boolean hasOpenings = sums
                ? tallies.values().stream().anyMatch(each -> !each.openingBlank)
                : plan.columns().stream().anyMatch(BooksTotals::opens);
        List<Account> accounts = new ArrayList<>();
        for (AccountTally tally : tallies.values()) {
            accounts.add(sums ? summed(tally, hasOpenings) : stated(tally, hasOpenings));
        }
        if (sums) {
            unmoved(accounts);
        }
        if (accounts.isEmpty() && faults.isEmpty()) {
            faults.add(FileFault.whole(
                    file,
                    "There is no account below the header. Export the trial balance again, "
                            + "or correct the header row."));
        }
        if (accounts.size() > MOST_ACCOUNTS) {
            faults.add(FileFault.whole(
                    file, "The file has " + accounts.size() + " accounts; at most " + MOST_ACCOUNTS + " are read."));
        }
        notes.addAll(doubled.size() > 10 ? doubled.subList(0, 10) : doubled);
        odd(accounts, notes);
        if (faults.isEmpty()) {
            balance("Closing", accounts, Account::closing, faults);
            if (hasOpenings) {
                balance("Opening", accounts, Account::opening, faults);
            }
        }
        return new StagedBooks(file, accounts, transactions, said.leftOut(), notes, faults);
    }

    private static boolean opens(ColumnKind kind) {
        return kind == ColumnKind.OPENING || kind == ColumnKind.OPENING_DEBIT || kind == ColumnKind.OPENING_CREDIT;
    }

    private Account stated(AccountTally tally, boolean hasOpenings) {
        Told told = told(tally, hasOpenings);
        return tally.account(told.statement(), hasOpenings, context.before());
    }

    /** Balances brought forward plus the year's movements; on the income statement only the movements. */
    private Account summed(AccountTally tally, boolean hasOpenings) {
        StatementKind statement = told(tally, false).statement();
        if (statement == StatementKind.INCOME_STATEMENT) {
            return tally.account(statement, false, context.before());
        }
        Account known = context.before().get(tally.number);
        Money start = hasOpenings || known == null || known.onIncomeStatement() ? tally.brought : known.opening();
        return new Account(tally.number, tally.name, statement, start, start.plus(tally.closing));
    }

    /** Balance-sheet accounts without a transaction keep what they opened with. */
    private void unmoved(List<Account> accounts) {
        for (Account known : context.before().values()) {
            if (!tallies.containsKey(known.number())
                    && !known.onIncomeStatement()
                    && !known.opening().isZero()) {
                accounts.add(
                        new Account(known.number(), known.name(), known.statement(), known.opening(), known.opening()));
            }
        }
    }

    private Told told(AccountTally tally, boolean hasOpenings) {
        Told told = tally.statement(context, hasOpenings);
        grounds.merge(told.ground(), 1, Integer::sum);
        return told;
    }

    private void odd(List<Account> accounts, List<String> notes) {
        counted(
                notes,
                grounds.getOrDefault(Ground.NUMBER, 0),
                "new and without an opening balance in the file: numbers 1 to 3 were taken for the balance sheet, "
                        + "the others for the income statement");
        counted(
                notes,
                grounds.getOrDefault(Ground.NAME, 0) + grounds.getOrDefault(Ground.NOTHING, 0),
                "told apart by name only: look whether each stands on the right statement");
        long zero = accounts.stream()
                .filter(each -> each.opening().isZero() && each.closing().isZero())
                .count();
        counted(notes, (int) zero, "without any balance");
    }

    private static void counted(List<String> notes, int count, String words) {
        if (count > 0) {
            notes.add(count + (count == 1 ? " account is " : " accounts are ") + words + ".");
        }
    }

    private void balance(
            String which, List<Account> accounts, Function<Account, Money> amount, List<FileFault> faults) {
        Money difference = Money.sum(accounts.stream().map(amount).toList());
        if (difference.isZero()) {
            return;
        }
        List<String> clues = new ArrayList<>(ImbalanceClues.of(accounts, difference, amount));
        references.entrySet().stream()
                .filter(each -> !each.getValue().isZero())
                .sorted(Map.Entry.comparingByKey())
                .limit(3)
                .forEach(each -> clues.add("entry " + each.getKey() + " is out by "
                        + each.getValue().abs().printed()));
        String hint = clues.isEmpty() ? "" : " Look here: " + String.join("; ", clues) + ".";
        faults.add(FileFault.whole(
                file,
                which + " debits and credits differ by " + difference.abs().printed()
                        + (difference.isPositive() ? " (debits are more)." : " (credits are more).") + hint
                        + " Nothing was replaced."));
    }
}
