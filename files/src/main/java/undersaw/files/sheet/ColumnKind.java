package undersaw.files.sheet;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What a column of a client's file can hold, with the headings it goes by. */
public enum ColumnKind {
    NUMBER(
            "Account number",
            "account number",
            "account no",
            "account nr",
            "acct no",
            "acct number",
            "acct",
            "number",
            "no",
            "nr",
            "code",
            "account code",
            "acct code",
            "gl account number",
            "gl account",
            "gl code",
            "account id",
            "ledger account",
            "a c",
            "a c no",
            "konto",
            "account"),
    NAME(
            "Account name",
            "account name",
            "name",
            "account description",
            "acct name",
            "title",
            "account title",
            "gl account name",
            "ledger name",
            "caption",
            "line item",
            "particulars"),
    NUMBER_AND_NAME("Number and name"),
    TYPE("Account type", "account type", "type", "category", "class", "classification", "statement"),
    OPENING(
            "Opening balance",
            "opening",
            "opening balance",
            "beginning balance",
            "beginning",
            "prior year",
            "last year",
            "amount beginning",
            "balance forward",
            "brought forward",
            "prior balance",
            "start balance"),
    OPENING_DEBIT("Opening debit", "opening debit", "beginning debit", "opening dr"),
    OPENING_CREDIT("Opening credit", "opening credit", "beginning credit", "opening cr"),
    AMOUNT(
            "Balance or amount",
            "closing",
            "closing balance",
            "balance",
            "ending balance",
            "amount",
            "final balance",
            "amount ending",
            "ending",
            "net",
            "net balance",
            "ytd balance",
            "year end balance",
            "total",
            "saldo",
            "value",
            "current year",
            "this year"),
    DEBIT("Debit", "debit", "debits", "dr", "closing debit", "ending debit", "debit amount", "debit balance"),
    CREDIT("Credit", "credit", "credits", "cr", "closing credit", "ending credit", "credit amount", "credit balance"),
    SIDE(
            "Debit or credit",
            "amount credit debit indicator",
            "d c",
            "dr cr",
            "debit credit",
            "side",
            "indicator",
            "sign"),
    PERIOD("Period", "period", "fiscal period"),
    DATE(
            "Date",
            "date",
            "effective date",
            "posting date",
            "transaction date",
            "entry date",
            "trans date",
            "journal date"),
    REFERENCE(
            "Reference",
            "reference",
            "ref",
            "journal id",
            "transaction id",
            "entry",
            "entry no",
            "voucher",
            "document",
            "doc no",
            "journal",
            "num"),
    MEMO(
            "Memo",
            "memo",
            "description",
            "text",
            "je line description",
            "je header description",
            "details",
            "narration",
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
        return switch (this) {
            case OPENING, OPENING_DEBIT, OPENING_CREDIT, AMOUNT, DEBIT, CREDIT -> true;
            default -> false;
        };
    }

    /** What a heading says, in whatever case and punctuation. */
    static Optional<ColumnKind> ofHeading(String heading) {
        String plain =
                heading.toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", " ").strip();
        for (ColumnKind kind : values()) {
            if (kind.headings.contains(plain)) {
                return Optional.of(kind);
            }
        }
        return Optional.empty();
    }
}
