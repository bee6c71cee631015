package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import undersaw.files.FileFault;
import undersaw.files.sheet.Notation.Signs;
import undersaw.files.sheet.StatementReading.Candidate;
import undersaw.files.sheet.StatementReading.Opening;
import undersaw.files.sheet.StatementReading.Told;
import undersaw.ledger.Account;
import undersaw.ledger.StatementKind;
import undersaw.money.Money;

/** Makes accounts of the rows of a trial balance: sums left out, rows joined, signs and statements told. */
final class BalanceAccounts {
    private static final int MOST_NAMED = 8;

    private final String file;
    private final ColumnPlan plan;
    private final BooksContext context;
    private final BalanceRows read;
    private final List<String> notes = new ArrayList<>();
    private final List<FileFault> faults = new ArrayList<>();
    private final List<StagedRow> staged = new ArrayList<>();

    BalanceAccounts(String file, ColumnPlan plan, BooksContext context, BalanceRows read) {
        this.file = file;
        this.plan = plan;
        this.context = context;
        this.read = read;
        faults.addAll(read.faults());
        staged.addAll(read.leftOut());
    }

    StagedBooks staged() {
        Map<BalanceRow, SumRows.Found> sums = new LinkedHashMap<>(SumRows.of(read.rows()));
        sums.keySet().removeIf(row -> plan.byHand().taken().contains(row.at()));
        Parted parted = parted(sums);
        List<Joined> joined = join(parted.rows());
        StatementReading statements = statements(joined);
        SignReading signs = parted.signs();
        notes.addAll(signs.notes());
        if (!signs.question().isEmpty()) {
            faults.add(FileFault.whole(file, signs.question()));
        }
        parted.out()
                .forEach((row, found) -> staged.add(new StagedRow(
                        row.at(), row.called() + " " + row.closes().printed(), false, found.words(), "")));
        List<Account> accounts = new ArrayList<>();
        List<StagedBooks.Unsure> unsure = new ArrayList<>();
        boolean openings = opens() && !joined.isEmpty();
        Money lastYears = Money.ZERO;
        for (Joined each : joined) {
            Candidate candidate = candidate(each);
            Told told = statements.told(candidate);
            Optional<AccountNature> nature = statements.natureForSign(candidate);
            Money closing = signs.signed(each.closing, nature);
            Money opening = signs.signed(each.opening, nature);
            Account known = context.before().get(each.key());
            boolean income = told.statement() == StatementKind.INCOME_STATEMENT;
            Money start = openings || known == null || known.onIncomeStatement() ? opening : known.opening();
            lastYears = income && openings ? lastYears.plus(opening) : lastYears;
            Account account =
                    new Account(each.key(), each.name(context), told.statement(), income ? Money.ZERO : start, closing);
            accounts.add(account);
            if (!told.sure() && !closing.isZero()) {
                unsure.add(new StagedBooks.Unsure(account, told.why()));
            }
        }
        List<Account> placed = openings && statements.isComparative() ? rolled(accounts, lastYears) : accounts;
        return checked(placed, unsure, openings, parted);
    }

    private boolean opens() {
        return plan.has(ColumnKind.OPENING)
                || plan.has(ColumnKind.OPENING_DEBIT)
                || plan.has(ColumnKind.OPENING_CREDIT);
    }

    private StagedBooks checked(
            List<Account> accounts, List<StagedBooks.Unsure> unsure, boolean openings, Parted parted) {
        BalanceFault.ofCount(file, accounts.size(), faults);
        say(accounts, unsure, openings);
        if (faults.isEmpty()) {
            BalanceFault fault = new BalanceFault(file, accounts, read.subtotals(), parted.rows());
            fault.of("Closing", Account::closing).ifPresent(faults::add);
            if (openings) {
                fault.of("Opening", Account::opening).ifPresent(faults::add);
            }
            if (faults.isEmpty()) {
                holdAgainstNetIncome(accounts, unsure);
            }
        }
        return new StagedBooks(file, accounts, 0, inOrder(), notes, faults, unsure);
    }

    private List<StagedRow> inOrder() {
        return staged.stream().sorted(Comparator.comparingLong(StagedRow::at)).toList();
    }

    private void say(List<Account> accounts, List<StagedBooks.Unsure> unsure, boolean openings) {
        if (!unsure.isEmpty()) {
            List<String> names = unsure.stream()
                    .limit(MOST_NAMED)
                    .map(each -> called(each.account()) + " ("
                            + (each.account().onIncomeStatement() ? "income" : "balance sheet") + ")")
                    .toList();
            notes.add((unsure.size() == 1 ? "1 account is" : unsure.size() + " accounts are")
                    + " told apart by number or name only, and it is not sure: look whether each stands on the right "
                    + "statement: " + String.join("; ", names) + (unsure.size() > MOST_NAMED ? " …" : "") + ".");
        }
        if (!openings && context.before().isEmpty()) {
            notes.add(
                    accounts.size() == 1
                            ? "1 account is new and without an opening balance in the file."
                            : accounts.size() + " accounts are new and without an opening balance in the file.");
        }
        long zero = accounts.stream()
                .filter(each -> each.opening().isZero() && each.closing().isZero())
                .count();
        if (zero > 0) {
            notes.add(zero + (zero == 1 ? " account is" : " accounts are") + " without any balance.");
        }
    }

    private static String called(Account account) {
        return ImbalanceClues.called(account);
    }

    /** The file's own net income, held against what the accounts come to. */
    private void holdAgainstNetIncome(List<Account> accounts, List<StagedBooks.Unsure> unsure) {
        Money net = Money.sum(accounts.stream()
                        .filter(Account::onIncomeStatement)
                        .map(Account::closing)
                        .toList())
                .negated();
        List<Money> said = read.netIncomes().stream()
                .map(BalanceRow::closes)
                .filter(each -> !each.isZero())
                .toList();
        if (said.isEmpty() || said.stream().anyMatch(each -> each.abs().equals(net.abs()))) {
            return;
        }
        Money written = said.get(said.size() - 1);
        boolean turned = net.minus(written).abs().compareTo(net.plus(written).abs()) > 0;
        Money last = turned ? written.negated() : written;
        Money gap = net.minus(last);
        List<String> may = accounts.stream()
                .filter(each -> each.closing().abs().equals(gap.abs()))
                .map(BalanceAccounts::called)
                .limit(3)
                .toList();
        String look = may.isEmpty() ? "" : " " + String.join(", ", may) + " is the difference.";
        String words = "The file says net income is " + last.printed() + ", and its income accounts come to "
                + net.printed() + "." + look;
        if (unsure.isEmpty() && may.isEmpty()) {
            notes.add(words);
        } else {
            faults.add(FileFault.whole(
                    file, words + " Say below on which statement each account stands, or leave out the row."));
        }
    }

    /** A column of last year before closing holds its income accounts: they end up in retained earnings. */
    private List<Account> rolled(List<Account> accounts, Money lastYears) {
        if (lastYears.isZero()) {
            return accounts;
        }
        List<Account> equity = accounts.stream()
                .filter(each -> !each.onIncomeStatement())
                .filter(each -> each.name()
                        .toLowerCase(Locale.ROOT)
                        .matches(
                                ".*(retained|accumulated (deficit|earnings)|net assets|fund balance|unappropriated).*"))
                .toList();
        Money openings = Money.sum(accounts.stream().map(Account::opening).toList());
        if (openings.isZero() || equity.size() != 1 || !openings.equals(lastYears.negated())) {
            return accounts;
        }
        Account retained = equity.get(0);
        notes.add("The column of last year is before closing: its net income of "
                + lastYears.negated().printed() + " was brought to the opening balance of " + retained.number() + " "
                + retained.name() + ".");
        return accounts.stream()
                .map(each -> each == retained
                        ? new Account(
                                each.number(),
                                each.name(),
                                each.statement(),
                                each.opening().plus(lastYears),
                                each.closing())
                        : each)
                .toList();
    }

    /** Rows that are accounts, those that are sums of others, and the signs that go with them. */
    private record Parted(List<BalanceRow> rows, Map<BalanceRow, SumRows.Found> out, SignReading signs) {}

    /** What adds up to other rows is left out where the file balances without it. */
    private Parted parted(Map<BalanceRow, SumRows.Found> sums) {
        Map<BalanceRow, SumRows.Found> sure = new LinkedHashMap<>(sums);
        sure.values().removeIf(found -> !found.sure());
        Parted all = without(sums);
        Parted none = without(Map.of());
        if (sums.isEmpty() || !all.signs().balanced() && none.signs().balanced()) {
            return none;
        }
        Parted onlySure = without(sure);
        if (all.signs().balanced()) {
            return none.signs().balanced() && sure.isEmpty() && sums.size() < 2 ? none : all;
        }
        return onlySure.signs().balanced() || sure.size() > 1 ? onlySure : none;
    }

    private Parted without(Map<BalanceRow, SumRows.Found> out) {
        Set<BalanceRow> left = new LinkedHashSet<>(read.rows());
        left.removeAll(out.keySet());
        List<BalanceRow> rows = List.copyOf(left);
        Function<BalanceRow, Optional<AccountNature>> natures = natures(rows);
        Signs told = plan.notation().signs();
        return new Parted(rows, out, SignReading.of(rows, natures, told));
    }

    private Function<BalanceRow, Optional<AccountNature>> natures(List<BalanceRow> rows) {
        Signs signs = plan.notation().signs();
        if (signs != Signs.FROM_ROWS && signs != Signs.NATURAL) {
            return row -> Optional.empty();
        }
        List<Joined> joined = rows.stream().map(Joined::new).toList();
        StatementReading statements = statements(joined);
        Map<BalanceRow, Optional<AccountNature>> found = new HashMap<>();
        joined.forEach(each -> found.put(each.first, statements.natureForSign(candidate(each))));
        return row -> found.getOrDefault(row, Optional.empty());
    }

    private StatementReading statements(List<Joined> joined) {
        return new StatementReading(
                joined.stream().map(BalanceAccounts::candidate).toList(), context, plan.byHand(), opens());
    }

    private static Candidate candidate(Joined each) {
        Opening opening = each.openingBlank ? Opening.BLANK : each.opening.isZero() ? Opening.ZERO : Opening.AMOUNT;
        return new Candidate(
                each.key(), each.first.number(), each.first.name(), each.first.type(), each.first.section(), opening);
    }

    /** One account while its rows are joined. */
    private static final class Joined {
        private final BalanceRow first;
        private String key;
        private boolean openingBlank;
        private Money opening;
        private Money closing;
        private String firstPeriod;
        private String lastPeriod;

        Joined(BalanceRow row) {
            first = row;
            key = row.key();
            openingBlank = row.opening().isEmpty();
            opening = row.opens();
            closing = row.closes();
            firstPeriod = row.period();
            lastPeriod = row.period();
        }

        String key() {
            return key;
        }

        String name(BooksContext context) {
            if (!first.name().isEmpty()) {
                return first.name();
            }
            Account known = context.before().get(key);
            return known == null ? "Account " + key : known.name();
        }
    }

    private List<Joined> join(List<BalanceRow> rows) {
        Map<String, Joined> joined = new LinkedHashMap<>();
        List<String> doubled = new ArrayList<>();
        for (BalanceRow row : rows) {
            Joined before = joined.get(row.key());
            if (before == null) {
                joined.put(row.key(), new Joined(row));
            } else if (plan.has(ColumnKind.PERIOD)) {
                period(before, row);
            } else if (row.number().isEmpty() && !before.first.section().equals(row.section())) {
                Joined apart = new Joined(row);
                apart.key = row.name() + " (row " + row.at() + ")";
                joined.put(apart.key, apart);
                doubled.add("Rows " + before.first.at() + " and " + row.at() + " are both called \"" + row.name()
                        + "\" under different headings; two accounts were made of them.");
            } else if (!row.name().isEmpty() && !row.name().equalsIgnoreCase(before.first.name())) {
                faults.add(new FileFault(
                        file,
                        row.at(),
                        ColumnKind.NUMBER.caption(),
                        row.number(),
                        "an account once only; \"" + before.first.name() + "\" stands in row " + before.first.at()
                                + " already. Correct one of the two numbers, or leave the row out below."));
            } else {
                doubled.add("Row " + row.at() + ": account " + row.key() + " stands in row " + before.first.at()
                        + " already; the two were added up.");
                before.openingBlank &= row.opening().isEmpty();
                before.opening = before.opening.plus(row.opens());
                before.closing = before.closing.plus(row.closes());
            }
        }
        notes.addAll(doubled.size() > 10 ? doubled.subList(0, 10) : doubled);
        return List.copyOf(joined.values());
    }

    /** Of several periods the first opens the year and the last closes it. */
    private static void period(Joined account, BalanceRow row) {
        if (order(row.period()).compareTo(order(account.lastPeriod)) >= 0) {
            account.lastPeriod = row.period();
            account.closing = row.closes();
        } else if (order(row.period()).compareTo(order(account.firstPeriod)) < 0) {
            account.firstPeriod = row.period();
            account.opening = row.opens();
        }
    }

    private static String order(String period) {
        return period.length() < 8 ? "0".repeat(8 - period.length()) + period : period;
    }
}
