package undersaw.files.folder;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import org.pcollections.HashTreePMap;
import undersaw.calc.Plan;
import undersaw.engagement.Snapshot;
import undersaw.files.FileFault;
import undersaw.files.folder.CsvTable.Row;
import undersaw.ledger.Account;
import undersaw.ledger.Entry;
import undersaw.ledger.EntryKind;
import undersaw.ledger.EntryPosting;
import undersaw.ledger.Mapping;
import undersaw.ledger.StatementKind;
import undersaw.ledger.Treatment;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.registry.Returns;
import undersaw.returns.ReturnKind;

/** {@code trial-balance.csv}, {@code mapping.csv} and {@code entries.csv}. */
final class BooksFiles {
    static final String TRIAL_BALANCE = "trial-balance.csv";
    static final String MAPPING = "mapping.csv";
    static final String ENTRIES = "entries.csv";
    private static final List<String> BALANCE_COLUMNS = List.of("account", "name", "opening", "closing");
    private static final List<String> MAPPING_COLUMNS = List.of("account", "line", "instance", "treatment");
    private static final List<String> ENTRY_COLUMNS =
            List.of("entry", "kind", "date", "account", "debit", "credit", "memo");
    /** Why an account stands where it does when nothing but the file says so. */
    static final String AS_WRITTEN = "from mapping.csv";

    private static final String PLAIN = "expected a plain decimal such as 12500.00";

    private BooksFiles() {}

    static Snapshot read(Snapshot snapshot, Map<String, FolderFile> files, List<FileFault> faults) {
        Map<String, Account> accounts = new LinkedHashMap<>();
        if (files.containsKey(TRIAL_BALANCE)) {
            CsvTable.read(files.get(TRIAL_BALANCE), BALANCE_COLUMNS, faults, row -> account(row, accounts));
        }
        Snapshot withBooks = snapshot.withAccounts(accounts);
        Map<String, Mapping> mappings = new TreeMap<>();
        if (files.containsKey(MAPPING)) {
            CsvTable.read(files.get(MAPPING), MAPPING_COLUMNS, faults, row -> mapping(row, withBooks, mappings));
        } else {
            suggest(withBooks, mappings);
        }
        Map<String, Entry> entries = new LinkedHashMap<>();
        if (files.containsKey(ENTRIES)) {
            CsvTable.read(files.get(ENTRIES), ENTRY_COLUMNS, faults, row -> entry(row, accounts, entries));
        }
        return withBooks
                .withMappings(HashTreePMap.from(mappings))
                .withLists(withBooks.lists().withEntries(List.copyOf(entries.values())));
    }

    private static void account(Row row, Map<String, Account> accounts) {
        String number = row.text("account");
        Optional<Money> closing = amount(row, "closing");
        Optional<Money> opening = amount(row, "opening");
        if (number.isEmpty()) {
            row.fault("account", "expected an account number");
        } else if (accounts.containsKey(number)) {
            row.fault("account", "expected each account once");
        } else if (closing.isPresent() && opening.isPresent()) {
            StatementKind statement =
                    row.text("opening").isEmpty() ? StatementKind.INCOME_STATEMENT : StatementKind.BALANCE_SHEET;
            accounts.put(number, new Account(number, row.text("name"), statement, opening.get(), closing.get()));
        }
    }

    private static Optional<Money> amount(Row row, String column) {
        String text = row.text(column);
        if (text.isEmpty()) {
            return Optional.of(Money.ZERO);
        }
        if (!Money.isPlain(text)) {
            row.fault(column, PLAIN);
            return Optional.empty();
        }
        return Optional.of(Money.parse(text));
    }

    private static void mapping(Row row, Snapshot snapshot, Map<String, Mapping> mappings) {
        ReturnKind kind = Returns.of(snapshot);
        Plan plan = kind.plan(snapshot.heading().period().lawYear());
        String line = row.text("line");
        Optional<Treatment> treatment = kind.treatment(row.text("treatment"));
        if (!LineId.isShaped(line) || plan.target(LineId.of(line)).isEmpty()) {
            row.fault("line", "expected a line that accounts can feed, such as 1120/26");
        } else if (treatment.isEmpty()) {
            row.fault("treatment", "expected one of " + near(row.text("treatment"), kind));
        } else if (!row.text("instance").isEmpty()
                && kind.membersOf(plan, LineId.of(line)).isEmpty()) {
            row.fault("instance", "expected nothing: this line does not repeat");
        } else if (!row.text("instance").isEmpty() && !LineKey.isInstance(row.text("instance"))) {
            row.fault("instance", "expected the name of a member, without spaces or @");
        } else {
            String id = row.text("treatment").isEmpty() ? "" : treatment.get().id();
            mappings.put(
                    row.text("account"), new Mapping(LineId.of(line).in(row.text("instance")), id, true, AS_WRITTEN));
        }
    }

    private static List<String> near(String wanted, ReturnKind kind) {
        String head = wanted.substring(0, Math.min(3, wanted.length()));
        List<String> ids = kind.treatments().stream().map(Treatment::id).toList();
        List<String> near = ids.stream().filter(id -> id.startsWith(head)).toList();
        return near.isEmpty() ? ids : near;
    }

    private static void suggest(Snapshot snapshot, Map<String, Mapping> mappings) {
        snapshot.accounts()
                .values()
                .forEach(account -> Returns.of(snapshot)
                        .suggestions()
                        .suggest(account)
                        .ifPresent(suggestion -> mappings.put(account.number(), suggestion.unconfirmed())));
    }

    private static void entry(Row row, Map<String, Account> accounts, Map<String, Entry> entries) {
        Optional<EntryKind> kind = EntryKind.parse(row.text("kind"));
        LocalDate date = date(row);
        Optional<Money> debit = amount(row, "debit");
        Optional<Money> credit = amount(row, "credit");
        if (kind.isEmpty()) {
            row.fault("kind", "expected adjusting, reclassifying or tax");
        }
        if (!accounts.containsKey(row.text("account"))) {
            row.fault("account", "expected an account of trial-balance.csv");
        }
        if (kind.isEmpty() || date == null || debit.isEmpty() || credit.isEmpty()) {
            return;
        }
        EntryPosting posting = new EntryPosting(row.text("account"), debit.get().minus(credit.get()));
        Entry before = entries.get(row.text("entry"));
        List<EntryPosting> postings = new ArrayList<>(before == null ? List.of() : before.postings());
        postings.add(posting);
        entries.put(row.text("entry"), new Entry(row.text("entry"), kind.get(), date, row.text("memo"), postings));
    }

    private static @Nullable LocalDate date(Row row) {
        try {
            return LocalDate.parse(row.text("date"));
        } catch (DateTimeParseException notADate) {
            row.fault("date", "expected a date such as 2025-12-31");
            return null;
        }
    }

    static List<FolderFile> write(Snapshot snapshot) {
        List<Account> accounts =
                snapshot.accounts().values().stream().sorted(Account.byNumber()).toList();
        List<String> mapped = snapshot.mappings().keySet().stream().sorted().toList();
        List<FolderFile> files = new ArrayList<>();
        files.add(new FolderFile(
                TRIAL_BALANCE,
                CsvTable.write(
                        BALANCE_COLUMNS,
                        accounts,
                        account -> List.of(
                                account.number(),
                                account.name(),
                                account.onIncomeStatement()
                                        ? ""
                                        : account.opening().toString(),
                                account.closing().toString()))));
        files.add(new FolderFile(MAPPING, CsvTable.write(MAPPING_COLUMNS, mapped, number -> {
            Mapping mapping = snapshot.mappings().get(number);
            return List.of(number, mapping.line().text(), mapping.instance(), mapping.treatment());
        })));
        if (!snapshot.lists().entries().isEmpty()) {
            files.add(new FolderFile(ENTRIES, CsvTable.write(ENTRY_COLUMNS, entryRows(snapshot), row -> row)));
        }
        return files;
    }

    private static List<List<String>> entryRows(Snapshot snapshot) {
        List<List<String>> rows = new ArrayList<>();
        for (Entry entry : snapshot.lists().entries()) {
            for (EntryPosting posting : entry.postings()) {
                Money amount = posting.amount();
                rows.add(List.of(
                        entry.number(),
                        entry.kind().word(),
                        entry.date().toString(),
                        posting.account(),
                        amount.isNegative() ? "" : amount.toString(),
                        amount.isNegative() ? amount.negated().toString() : "",
                        entry.memo()));
            }
        }
        return rows;
    }
}
