package undersaw.files.sheet;

import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import undersaw.ledger.Account;
import undersaw.ledger.StatementKind;
import undersaw.money.Money;

/**
 * One account while its rows are being read.
 *
 * <p>Its statement is told by the file's type column, by what it was before, by a blank opening balance, by its number
 * (1 to 3 for the balance sheet, 4 to 9 for the income statement) or by its name, in this order (common practice, no
 * source).
 */
final class AccountTally {
    private static final Pattern BALANCE_TYPE =
            Pattern.compile(".*(asset|liabilit|equity|bank|receivable|payable|capital|balance|credit card).*|bs|b");
    private static final Pattern INCOME_TYPE =
            Pattern.compile(".*(income|revenue|expense|cost|sale|profit|loss|p&l|gain).*|pl|is|p|i");

    final String number;
    final String name;
    final long row;
    String type = "";
    boolean openingBlank = true;
    Money opening = Money.ZERO;
    Money closing = Money.ZERO;
    Money brought = Money.ZERO;
    String firstPeriod = "";
    String lastPeriod = "";

    AccountTally(String number, String name, long row) {
        this.number = number;
        this.name = name;
        this.row = row;
    }

    /** How the statement was told. */
    enum Ground {
        KNOWN,
        BLANK_OPENING,
        NUMBER,
        NAME,
        NOTHING
    }

    /** A statement with how it was told. */
    record Told(StatementKind statement, Ground ground) {}

    Told statement(BooksContext context, boolean fileHasOpenings) {
        String word = type.toLowerCase(Locale.ROOT).strip();
        if (BALANCE_TYPE.matcher(word).matches()) {
            return new Told(StatementKind.BALANCE_SHEET, Ground.KNOWN);
        }
        if (INCOME_TYPE.matcher(word).matches()) {
            return new Told(StatementKind.INCOME_STATEMENT, Ground.KNOWN);
        }
        Account known = context.before().get(number);
        if (known != null) {
            return new Told(known.statement(), Ground.KNOWN);
        }
        if (fileHasOpenings && openingBlank) {
            return new Told(StatementKind.INCOME_STATEMENT, Ground.BLANK_OPENING);
        }
        Optional<StatementKind> numbered = byNumber();
        if (fileHasOpenings && !opening.isZero() && numbered.isEmpty()) {
            return new Told(StatementKind.BALANCE_SHEET, Ground.BLANK_OPENING);
        }
        return numbered.map(kind -> new Told(kind, fileHasOpenings ? Ground.BLANK_OPENING : Ground.NUMBER))
                .or(() -> context.byName().apply(name).map(kind -> new Told(kind, Ground.NAME)))
                .orElse(new Told(
                        fileHasOpenings ? StatementKind.BALANCE_SHEET : StatementKind.INCOME_STATEMENT,
                        Ground.NOTHING));
    }

    private Optional<StatementKind> byNumber() {
        if (!number.matches("\\d{3,}.*")) {
            return Optional.empty();
        }
        return Optional.of(number.charAt(0) <= '3' ? StatementKind.BALANCE_SHEET : StatementKind.INCOME_STATEMENT);
    }

    /** The account; a balance-sheet account without an opening in the file keeps the one it had. */
    Account account(StatementKind statement, boolean fileHasOpenings, Map<String, Account> before) {
        if (statement == StatementKind.INCOME_STATEMENT) {
            return new Account(number, name, statement, Money.ZERO, closing);
        }
        @Nullable Account known = before.get(number);
        Money start = fileHasOpenings || known == null || known.onIncomeStatement() ? opening : known.opening();
        return new Account(number, name, statement, start, closing);
    }
}
