package undersaw.form;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import undersaw.money.Money;

/** What a line can hold, and how a person writes it. */
public enum LineKind {
    AMOUNT("a plain amount such as 12500"),
    YES_NO("yes or no"),
    BOX("yes for a ticked box, or no"),
    TEXT("words, up to 200 characters"),
    DATE("a date such as 2025-12-31"),
    /** A day, or the words for property that came in parts or by inheritance (Form 8949, from memory). */
    DATE_OR_WORD("a date such as 2025-12-31, or various, or inherited"),
    COUNT("a whole number"),
    NUMBER("a number such as 12.5"),
    PERCENT("a percentage from 0 to 100"),
    /** Shares or units, of which parts may be held. */
    SHARES("a number of shares such as 1200.5"),
    TAXPAYER_NUMBER("a taxpayer number such as 00-1234567 or 000-12-3456");

    private static final int LONGEST_TEXT = 200;

    private final String expected;

    LineKind(String expected) {
        this.expected = expected;
    }

    /** What a person may write, inside a sentence. */
    public String expected() {
        return expected;
    }

    public boolean isNumber() {
        return this == AMOUNT;
    }

    public boolean isDate() {
        return this == DATE || this == DATE_OR_WORD;
    }

    /** Whether the line is answered with yes or no. */
    public boolean isAnswer() {
        return this == YES_NO || this == BOX;
    }

    /** The text as it is kept, or nothing when it does not fit the kind. */
    public Optional<String> read(String text) {
        String trimmed = text.strip();
        boolean fits = switch (this) {
            case AMOUNT -> Money.isPlain(trimmed);
            case YES_NO, BOX -> trimmed.equals("yes") || trimmed.equals("no");
            case TEXT -> !trimmed.isEmpty() && trimmed.length() <= LONGEST_TEXT;
            case DATE -> isDate(trimmed);
            case DATE_OR_WORD -> trimmed.equals("various") || trimmed.equals("inherited") || isDate(trimmed);
            case COUNT -> trimmed.matches("\\d{1,9}");
            case NUMBER -> trimmed.matches("\\d{1,7}(\\.\\d{1,2})?");
            case SHARES -> trimmed.matches("\\d{1,12}(\\.\\d{1,6})?");
            case TAXPAYER_NUMBER -> trimmed.matches("\\d{2}-?\\d{7}|\\d{3}-\\d{2}-\\d{4}");
            case PERCENT -> trimmed.matches("(100(\\.0{1,6})?|\\d{1,2}(\\.\\d{1,6})?)");
        };
        return fits ? Optional.of(trimmed) : Optional.empty();
    }

    private static boolean isDate(String text) {
        try {
            LocalDate.parse(text);
            return true;
        } catch (DateTimeParseException notADate) {
            return false;
        }
    }
}
