package undersaw.files.sheet;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import undersaw.ledger.StatementKind;
import undersaw.table.Table;
import undersaw.table.TableRow;

/**
 * What kind of account a row is: on which statement it stands and on which side it usually lies, told by type columns,
 * headings and names; the words stand in {@code account-natures.csv} (common practice, no source).
 */
enum AccountNature {
    ASSET(StatementKind.BALANCE_SHEET, true),
    CONTRA_ASSET(StatementKind.BALANCE_SHEET, false),
    LIABILITY(StatementKind.BALANCE_SHEET, false),
    EQUITY(StatementKind.BALANCE_SHEET, false),
    CONTRA_EQUITY(StatementKind.BALANCE_SHEET, true),
    INCOME(StatementKind.INCOME_STATEMENT, false),
    CONTRA_INCOME(StatementKind.INCOME_STATEMENT, true),
    EXPENSE(StatementKind.INCOME_STATEMENT, true),
    CONTRA_EXPENSE(StatementKind.INCOME_STATEMENT, false);

    private static final Map<Pattern, AccountNature> TYPES = new LinkedHashMap<>();
    private static final Map<Pattern, AccountNature> SECTIONS = new LinkedHashMap<>();
    private static final Map<Pattern, AccountNature> NAMES = new LinkedHashMap<>();

    static {
        List<String> columns = List.of("told-by", "nature", "words");
        for (TableRow row : Table.read("undersaw/files/sheet/account-natures.csv", columns)) {
            Map<Pattern, AccountNature> list =
                    Map.of("type", TYPES, "section", SECTIONS, "name", NAMES).get(row.text("told-by"));
            list.put(Pattern.compile(row.text("words")), valueOf(row.text("nature")));
        }
    }

    private final StatementKind statement;
    private final boolean debit;

    AccountNature(StatementKind statement, boolean debit) {
        this.statement = statement;
        this.debit = debit;
    }

    StatementKind statement() {
        return statement;
    }

    /** Whether such accounts usually have a debit balance. */
    boolean isDebit() {
        return debit;
    }

    /** Whether it is taken off the accounts it stands among. */
    boolean isContra() {
        return name().startsWith("CONTRA");
    }

    /** What the type column says. */
    static Optional<AccountNature> ofType(String type) {
        String plain = type.toLowerCase(Locale.ROOT).strip();
        return plain.isEmpty()
                ? Optional.empty()
                : TYPES.entrySet().stream()
                        .filter(each -> each.getKey().matcher(plain).matches())
                        .map(Map.Entry::getValue)
                        .findFirst();
    }

    /** What a heading opens; absent where it opens no section of a statement. */
    static Optional<AccountNature> ofSection(String heading) {
        String plain = heading.toLowerCase(Locale.ROOT)
                .replaceAll("^[\\d.\\s-]+", "")
                .replaceAll("[:.\\s]+$", "")
                .replace('’', '\'')
                .strip();
        return SECTIONS.entrySet().stream()
                .filter(each -> each.getKey().matcher(plain).matches())
                .map(Map.Entry::getValue)
                .findFirst();
    }

    /** What an account's own name says. */
    static Optional<AccountNature> ofName(String name) {
        String plain = name.toLowerCase(Locale.ROOT);
        return NAMES.entrySet().stream()
                .filter(each -> each.getKey().matcher(plain).find())
                .map(Map.Entry::getValue)
                .findFirst();
    }

    /** The same statement's plain kind turned about where a name says that it is taken off. */
    AccountNature with(Optional<AccountNature> named) {
        return named.filter(AccountNature::isContra)
                .filter(contra -> contra.statement == statement)
                .orElse(this);
    }
}
