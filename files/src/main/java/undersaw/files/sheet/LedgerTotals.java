package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import undersaw.files.FileFault;
import undersaw.files.sheet.AccountText.Named;
import undersaw.files.sheet.StatementReading.Candidate;
import undersaw.files.sheet.StatementReading.Opening;
import undersaw.files.sheet.StatementReading.Told;
import undersaw.ledger.Account;
import undersaw.ledger.LedgerTransaction;
import undersaw.ledger.StatementKind;
import undersaw.money.Money;

/** Balances by account while a ledger is read: what was brought forward, and what moved in the year. */
final class LedgerTotals {
    private static final int MOST_REFERENCES = 300_000;

    private final String file;
    private final ColumnPlan plan;
    private final BooksContext context;
    private final Map<String, Tally> tallies = new LinkedHashMap<>();
    private final Map<String, Money> references = new HashMap<>();
    private long transactions;

    LedgerTotals(String file, ColumnPlan plan, BooksContext context) {
        this.file = file;
        this.plan = plan;
        this.context = context;
    }

    /** One account while its transactions are added up. */
    private static final class Tally {
        private final String number;
        private final String name;
        private final String type;
        private boolean opens;
        private Money brought = Money.ZERO;
        private Money moved = Money.ZERO;

        Tally(Named named, String name, String type) {
            number = named.number();
            this.name = name;
            this.type = type;
        }
    }

    void add(Named named, String type, LedgerTransaction transaction) {
        Tally tally = tallies.get(transaction.account());
        if (tally == null) {
            Account known = context.before().get(transaction.account());
            String fallback = known == null ? "Account " + transaction.account() : known.name();
            tally = new Tally(named, named.name().isEmpty() ? fallback : named.name(), type);
            tallies.put(transaction.account(), tally);
        }
        transactions++;
        if (transaction.date() == null || transaction.date().isBefore(context.start())) {
            tally.opens = true;
            tally.brought = tally.brought.plus(transaction.amount());
        } else {
            tally.moved = tally.moved.plus(transaction.amount());
            if (!transaction.reference().isEmpty() && references.size() < MOST_REFERENCES) {
                references.merge(transaction.reference(), transaction.amount(), Money::plus);
            }
        }
    }

    StagedBooks staged(List<StagedRow> leftOut, List<String> said, List<FileFault> found) {
        List<FileFault> faults = new ArrayList<>(found);
        List<String> notes = new ArrayList<>(said);
        boolean hasOpenings = tallies.values().stream().anyMatch(each -> each.opens);
        List<Candidate> candidates = new ArrayList<>();
        tallies.forEach((key, tally) -> candidates.add(
                new Candidate(key, tally.number, tally.name, tally.type, Optional.empty(), opening(tally))));
        StatementReading statements = new StatementReading(candidates, context, plan.byHand(), false);
        List<Account> accounts = new ArrayList<>();
        List<StagedBooks.Unsure> unsure = new ArrayList<>();
        for (Candidate candidate : candidates) {
            Told told = statements.told(candidate);
            Account account = account(candidate, told.statement(), hasOpenings);
            accounts.add(account);
            if (!told.sure()) {
                unsure.add(new StagedBooks.Unsure(account, told.why()));
            }
        }
        unmoved(accounts);
        BalanceFault.ofCount(file, accounts.size(), faults);
        if (!unsure.isEmpty()) {
            notes.add((unsure.size() == 1 ? "1 account is" : unsure.size() + " accounts are")
                    + " told apart by number or name only: look whether each stands on the right statement.");
        }
        if (faults.isEmpty()) {
            balance("Closing", accounts, false, faults);
            if (hasOpenings) {
                balance("Opening", accounts, true, faults);
            }
        }
        return new StagedBooks(file, accounts, transactions, leftOut, notes, faults, unsure);
    }

    private static Opening opening(Tally tally) {
        return !tally.opens ? Opening.BLANK : tally.brought.isZero() ? Opening.ZERO : Opening.AMOUNT;
    }

    /** Balances brought forward plus the year's movements; on the income statement only the movements. */
    private Account account(Candidate candidate, StatementKind statement, boolean hasOpenings) {
        Tally tally = tallies.get(candidate.key());
        if (statement == StatementKind.INCOME_STATEMENT) {
            return new Account(candidate.key(), tally.name, statement, Money.ZERO, tally.moved);
        }
        Account known = context.before().get(candidate.key());
        Money start = hasOpenings || known == null || known.onIncomeStatement() ? tally.brought : known.opening();
        return new Account(candidate.key(), tally.name, statement, start, start.plus(tally.moved));
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

    private void balance(String which, List<Account> accounts, boolean opening, List<FileFault> faults) {
        Money difference = Money.sum(accounts.stream()
                .map(each -> opening ? each.opening() : each.closing())
                .toList());
        if (difference.isZero()) {
            return;
        }
        Function<Account, Money> amount = opening ? Account::opening : Account::closing;
        List<String> clues = new ArrayList<>(new ImbalanceClues(accounts, amount, List.of(), List.of()).to(difference));
        references.entrySet().stream()
                .filter(each -> !each.getValue().isZero())
                .sorted(Map.Entry.comparingByKey())
                .limit(3)
                .forEach(each -> clues.add("entry " + each.getKey() + " is out by "
                        + each.getValue().abs().printed()));
        faults.add(BalanceFault.words(file, which, difference, clues));
    }
}
