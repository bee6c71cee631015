package undersaw.files.sheet;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What a column of a client's file can hold, with the headings it goes by. */
public enum ColumnKind {
    NUMBER(
            "Account number",
            "account number",
            "account num",
            "account no",
            "account nr",
            "acct no",
            "acct num",
            "acct number",
            "acct",
            "number",
            "no",
            "nr",
            "num",
            "code",
            "account code",
            "acct code",
            "gl account number",
            "gl account no",
            "gl account",
            "gl acct",
            "gl no",
            "gl number",
            "gl code",
            "g l account",
            "g l code",
            "account id",
            "acct id",
            "ledger account",
            "nominal code",
            "a c",
            "a c no",
            "konto",
            "account"),
    NAME(
            "Account name",
            "account name",
            "name",
            "account description",
            "acct description",
            "acct desc",
            "desc",
            "account desc",
            "acct name",
            "title",
            "account title",
            "account titles",
            "gl account name",
            "gl description",
            "ledger name",
            "caption",
            "line item",
            "item",
            "accounts",
            "particulars"),
    NUMBER_AND_NAME("Number and name"),
    TYPE(
            "Account type",
            "account type",
            "acct type",
            "type",
            "category",
            "class",
            "classification",
            "account class",
            "account category",
            "statement",
            "fs group",
            "group"),
    OPENING("Opening balance"),
    OPENING_DEBIT("Opening debit"),
    OPENING_CREDIT("Opening credit"),
    AMOUNT("Closing balance or amount"),
    DEBIT("Debit"),
    CREDIT("Credit"),
    TURNOVER_DEBIT("Debits of the year"),
    TURNOVER_CREDIT("Credits of the year"),
    MOVEMENT("Change, to be added up"),
    SIDE(
            "Debit or credit",
            "amount credit debit indicator",
            "d c",
            "dr cr",
            "debit credit",
            "db cr",
            "normal balance",
            "side",
            "indicator",
            "sign"),
    PERIOD("Period", "period", "fiscal period"),
    DATE(
            "Date",
            "date",
            "effective date",
            "posting date",
            "post date",
            "posted",
            "transaction date",
            "txn date",
            "entry date",
            "trans date",
            "doc date",
            "journal date"),
    REFERENCE(
            "Reference",
            "reference",
            "ref",
            "ref no",
            "journal id",
            "transaction id",
            "entry",
            "entry no",
            "voucher",
            "document",
            "doc no",
            "check no",
            "je",
            "je no",
            "journal"),
    MEMO(
            "Memo",
            "memo",
            "description",
            "text",
            "je line description",
            "je header description",
            "details",
            "narration",
            "notes",
            "memo description",
            "comment"),
    IGNORED("Left out");

    private final String caption;
    private final List<String> headings;

    ColumnKind(String caption, String... headings) {
        this.caption = caption;
        this.headings = List.of(headings);
    }

    public String caption() {
        return caption;
    }

    /** Whether amounts stand in such a column. */
    public boolean isAmount() {
        return closes() || this == OPENING || this == OPENING_DEBIT || this == OPENING_CREDIT;
    }

    /** Whether such a column says how the year ended. */
    boolean closes() {
        return switch (this) {
            case AMOUNT, DEBIT, CREDIT, TURNOVER_DEBIT, TURNOVER_CREDIT, MOVEMENT -> true;
            default -> false;
        };
    }

    boolean mayRepeat() {
        return this == IGNORED || this == MEMO || this == MOVEMENT;
    }

    /** What a heading over words says, in whatever case and punctuation; amounts are told by {@link AmountHeading}. */
    static Optional<ColumnKind> ofHeading(String heading) {
        String plain = plain(heading);
        for (ColumnKind kind : values()) {
            if (kind.headings.contains(plain)) {
                return Optional.of(kind);
            }
        }
        return Optional.empty();
    }

    /** A heading's words without case and punctuation. */
    static String plain(String heading) {
        return heading.toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", " ").strip();
    }
}
