package undersaw.ledger;

import java.time.LocalDate;
import java.util.List;
import undersaw.money.Money;

/**
 * A journal entry of the preparer's.
 *
 * @param number unique in the engagement
 * @param kind adjusting, reclassifying or tax
 * @param date the day it is dated
 * @param memo why it was made
 * @param postings the accounts it touches
 * @param repeats what becomes of it next year
 */
public record Entry(
        String number, EntryKind kind, LocalDate date, String memo, List<EntryPosting> postings, Repeats repeats) {
    /** Keeps its own copy of the postings. */
    public Entry {
        postings = List.copyOf(postings);
    }

    /** An entry that ends with its year. */
    public Entry(String number, EntryKind kind, LocalDate date, String memo, List<EntryPosting> postings) {
        this(number, kind, date, memo, postings, Repeats.ONCE);
    }

    /** Debits less credits; nothing when the entry balances. */
    public Money outBy() {
        return Money.sum(postings.stream().map(EntryPosting::amount).toList());
    }
}
