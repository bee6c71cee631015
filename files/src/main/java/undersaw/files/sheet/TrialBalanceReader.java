package undersaw.files.sheet;

import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import undersaw.files.FileFault;
import undersaw.files.sheet.BooksColumns.Kind;
import undersaw.ledger.Account;
import undersaw.ledger.StatementKind;
import undersaw.money.Money;

/**
 * Reads a client's trial balance from comma-separated text.
 *
 * <p>The header row is found by its words; amounts stand in debit and credit columns or in one signed column; commas,
 * semicolons, tabs and bars separate. Every fault is reported, and a file that does not balance is refused with the
 * amount. An account is on the income statement when its opening cell is blank; in a file without openings the account
 * keeps the statement it had, and a new one goes by its number: 1, 2 and 3 for the balance sheet (common practice, no
 * source).
 */
public final class TrialBalanceReader {
    /** Rows beyond this are refused. */
    public static final int MOST_ROWS = 20_000;

    private static final int HEADER_WITHIN = 15;
    private static final String SEPARATORS = ",;\t|";

    private final String file;
    private final Map<String, Account> before;
    private final List<Account> accounts = new ArrayList<>();
    private final List<String> notes = new ArrayList<>();
    private final List<FileFault> faults = new ArrayList<>();
    private final Map<String, Long> seen = new HashMap<>();
    private int guessed;

    private TrialBalanceReader(String file, Map<String, Account> before) {
        this.file = file;
        this.before = before;
    }

    /**
     * Reads a file.
     *
     * @param file its name, for messages
     * @param bytes its content
     * @param before the accounts there are, by number
     */
    public static StagedBooks read(String file, byte[] bytes, Map<String, Account> before) {
        DecodedText decoded = DecodedText.of(file, bytes);
        if (decoded.fault() != null) {
            return StagedBooks.refused(file, decoded.fault());
        }
        TrialBalanceReader reader = new TrialBalanceReader(file, before);
        try {
            reader.rows(decoded.text());
        } catch (CsvParseException broken) {
            reader.faults.add(FileFault.whole(
                    file, "A quotation mark is opened and never closed. " + "Export the file again as CSV."));
        }
        return new StagedBooks(file, reader.accounts, reader.notes, reader.faults);
    }

    private void rows(String text) {
        List<CsvRecord> records = new ArrayList<>();
        CsvReader.builder()
                .fieldSeparator(separator(text))
                .allowUnclosedQuote(false)
                .allowExtraFields(true)
                .allowMissingFields(true)
                .skipEmptyLines(true)
                .ofCsvRecord(text)
                .forEach(records::add);
        if (records.size() > MOST_ROWS) {
            faults.add(FileFault.whole(
                    file,
                    "The file has " + records.size() + " rows; at most " + MOST_ROWS
                            + " are read. Export accounts, not transactions."));
            return;
        }
        int header = header(records);
        if (header < 0) {
            faults.add(FileFault.whole(
                    file,
                    "No header row was found in the first " + HEADER_WITHIN
                            + " rows. Name the columns account, name, opening and closing."));
            return;
        }
        BooksColumns columns = BooksColumns.of(records.get(header).getFields()).orElseThrow();
        if (!columns.missing().isEmpty()) {
            faults.add(FileFault.whole(
                    file,
                    "The file has no column for " + String.join(" and no column for ", columns.missing())
                            + "; it has \"" + columns.header() + "\". Rename or add it."));
            return;
        }
        records.subList(header + 1, records.size()).forEach(record -> row(record, columns));
        finish(columns);
    }

    private static char separator(String text) {
        String head = text.substring(0, Math.min(text.length(), 4000));
        char best = ',';
        long most = 0;
        for (int i = 0; i < SEPARATORS.length(); i++) {
            char candidate = SEPARATORS.charAt(i);
            long count = head.chars().filter(each -> each == candidate).count();
            // grouped amounts hold commas too, so another separator wins a tie
            if (count > most || count == most && count > 0 && best == ',') {
                most = count;
                best = candidate;
            }
        }
        return best;
    }

    private static int header(List<CsvRecord> records) {
        for (int i = 0; i < Math.min(records.size(), HEADER_WITHIN); i++) {
            if (BooksColumns.of(records.get(i).getFields()).isPresent()) {
                return i;
            }
        }
        return -1;
    }

    private void row(CsvRecord record, BooksColumns columns) {
        List<String> fields = record.getFields();
        long row = record.getStartingLineNumber();
        String number = columns.text(fields, Kind.NUMBER);
        String name = columns.text(fields, Kind.NAME);
        if (number.isEmpty()) {
            if (!name.isEmpty() || fields.stream().anyMatch(field -> !field.isBlank())) {
                notes.add("Row " + row + " has no account number and was left out: "
                        + String.join(" ", fields).strip() + ".");
            }
            return;
        }
        Long earlier = seen.putIfAbsent(number, row);
        if (earlier != null) {
            faults.add(new FileFault(
                    file,
                    row,
                    columns.named(Kind.NUMBER),
                    number,
                    "an account once only; it stands in row " + earlier + " already. Remove one of the two."));
            return;
        }
        Optional<Money> closing = closing(fields, columns, row);
        Optional<Money> opening = opening(fields, columns, row);
        if (closing.isPresent() && opening.isPresent()) {
            StatementKind statement = statement(number, fields, columns);
            accounts.add(new Account(
                    number,
                    name.isEmpty() ? "Account " + number : name,
                    statement,
                    statement == StatementKind.INCOME_STATEMENT ? Money.ZERO : opening.get(),
                    closing.get()));
        }
    }

    private Optional<Money> closing(List<String> fields, BooksColumns columns, long row) {
        return columns.has(Kind.CLOSING)
                ? amount(fields, columns, Kind.CLOSING, row)
                : pair(fields, columns, new Kind[] {Kind.DEBIT, Kind.CREDIT}, row);
    }

    private Optional<Money> opening(List<String> fields, BooksColumns columns, long row) {
        if (columns.has(Kind.OPENING)) {
            return amount(fields, columns, Kind.OPENING, row);
        }
        return columns.hasOpening()
                ? pair(fields, columns, new Kind[] {Kind.OPENING_DEBIT, Kind.OPENING_CREDIT}, row)
                : Optional.of(Money.ZERO);
    }

    private Optional<Money> pair(List<String> fields, BooksColumns columns, Kind[] sides, long row) {
        Optional<Money> debit = amount(fields, columns, sides[0], row);
        Optional<Money> credit = amount(fields, columns, sides[1], row);
        return debit.isPresent() && credit.isPresent()
                ? Optional.of(debit.get().minus(credit.get()))
                : Optional.empty();
    }

    private Optional<Money> amount(List<String> fields, BooksColumns columns, Kind kind, long row) {
        String text = columns.text(fields, kind);
        Optional<Money> amount = WrittenAmount.read(text);
        if (amount.isEmpty()) {
            faults.add(new FileFault(
                    file, row, columns.named(kind), text, "expected an amount such as 12500.00 or (12,500.00)"));
        }
        return amount;
    }

    private StatementKind statement(String number, List<String> fields, BooksColumns columns) {
        if (columns.hasOpening()) {
            String opening = columns.text(fields, Kind.OPENING)
                    + columns.text(fields, Kind.OPENING_DEBIT)
                    + columns.text(fields, Kind.OPENING_CREDIT);
            return opening.isEmpty() ? StatementKind.INCOME_STATEMENT : StatementKind.BALANCE_SHEET;
        }
        Account known = before.get(number);
        if (known != null) {
            return known.statement();
        }
        guessed++;
        return number.matches("[123].*") ? StatementKind.BALANCE_SHEET : StatementKind.INCOME_STATEMENT;
    }

    private void finish(BooksColumns columns) {
        if (accounts.isEmpty() && faults.isEmpty()) {
            faults.add(FileFault.whole(
                    file, "There is a header and no account below it. Export the trial balance again."));
        }
        if (guessed > 0) {
            notes.add(
                    guessed + " new accounts have no opening balance in the file; those numbered 1 to 3 were taken for "
                            + "the balance sheet, the others for the income statement.");
        }
        if (!faults.isEmpty()) {
            return;
        }
        StagedBooks staged = new StagedBooks(file, accounts, notes, faults);
        balance("Closing", staged.closing(), Account::closing);
        if (columns.hasOpening()) {
            balance("Opening", staged.opening(), Account::opening);
        }
    }

    private void balance(String which, Money difference, Function<Account, Money> amount) {
        if (difference.isZero()) {
            return;
        }
        List<String> suspects = accounts.stream()
                .filter(account -> {
                    Money each = amount.apply(account).abs();
                    return each.equals(difference.abs()) || each.plus(each).equals(difference.abs());
                })
                .map(account -> account.number() + " " + account.name())
                .toList();
        String hint = suspects.isEmpty() ? "" : " Look at " + String.join(", ", suspects) + ".";
        faults.add(FileFault.whole(
                file,
                which + " debits and credits differ by " + difference.abs().printed()
                        + (difference.isPositive() ? " (debits are more)." : " (credits are more).") + hint
                        + " Nothing was replaced."));
    }
}
