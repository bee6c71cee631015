package undersaw.calc;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import undersaw.engagement.Snapshot;
import undersaw.ledger.Account;
import undersaw.ledger.Entry;
import undersaw.ledger.EntryKind;
import undersaw.ledger.Mapping;
import undersaw.ledger.Split;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * An account, or one part of a split account, with everything that decides what it brings to the return.
 *
 * @param account the account
 * @param mapping where it goes
 * @param opening opening balance, debit positive
 * @param adjusted closing balance after adjusting and reclassifying entries, debit positive
 * @param taxEntries sum of its tax entries, debit positive
 * @param partner the balances of the account that it is read together with; nothing where there is none
 * @param snapshot where typed tax amounts are found
 */
public record AccountPosition(
        Account account,
        Mapping mapping,
        Money opening,
        Money adjusted,
        Money taxEntries,
        Optional<Balances> partner,
        Snapshot snapshot) {

    /**
     * Balances of another account.
     *
     * @param opening at the start of the year, debit positive
     * @param adjusted at its end, debit positive
     */
    public record Balances(Money opening, Money adjusted) {}

    /** Balance and entries of one account. */
    static AccountPosition of(Account account, Mapping mapping, Snapshot snapshot, Map<String, EntryTotals> entries) {
        EntryTotals totals = entries.getOrDefault(account.number(), EntryTotals.NONE);
        Balances own = balances(account, entries);
        Optional<Balances> partner =
                Optional.ofNullable(snapshot.accounts().get(mapping.partner())).map(each -> balances(each, entries));
        return new AccountPosition(account, mapping, own.opening(), own.adjusted(), totals.tax(), partner, snapshot);
    }

    static Balances balances(Account account, Map<String, EntryTotals> entries) {
        EntryTotals totals = entries.getOrDefault(account.number(), EntryTotals.NONE);
        return new Balances(
                account.opening().plus(totals.opening()), account.closing().plus(totals.books()));
    }

    /** The parts of a split account, the rest on its own line last; they add up to the account. */
    List<AccountPosition> parts() {
        List<AccountPosition> parts = new ArrayList<>();
        Money openingLeft = opening;
        Money closingLeft = adjusted;
        for (Split split : mapping.splits()) {
            Money closing = split.of(adjusted);
            Money start = split.of(opening, adjusted);
            openingLeft = openingLeft.minus(start);
            closingLeft = closingLeft.minus(closing);
            Mapping there = new Mapping(split.place(), split.treatment(), mapping.confirmed(), split.words());
            parts.add(new AccountPosition(account, there, start, closing, Money.ZERO, Optional.empty(), snapshot));
        }
        Mapping rest = new Mapping(mapping.place(), mapping.treatment(), mapping.confirmed(), "the rest");
        parts.add(new AccountPosition(account, rest, openingLeft, closingLeft, taxEntries, partner, snapshot));
        return parts;
    }

    /** The year whose law applies. */
    public int lawYear() {
        return snapshot.heading().period().lawYear();
    }

    /** The amount that a person typed for this account under a treatment's address. */
    public Optional<Money> typed(String address) {
        return snapshot.fact(LineId.of(address).in(account.number()))
                .filter(fact -> Money.isPlain(fact.value()))
                .map(fact -> Money.parse(fact.value()));
    }

    /**
     * What entries do to one account.
     *
     * @param opening what was ordered to be put to its opening balance
     * @param books adjusting and reclassifying entries, and what was ordered to be put to its closing balance
     * @param tax tax entries
     */
    record EntryTotals(Money opening, Money books, Money tax) {
        static final EntryTotals NONE = new EntryTotals(Money.ZERO, Money.ZERO, Money.ZERO);

        EntryTotals plus(EntryTotals other) {
            return new EntryTotals(opening.plus(other.opening), books.plus(other.books), tax.plus(other.tax));
        }

        /** What one entry puts to an account; an entry that balances the opening is dated before the year. */
        static EntryTotals of(Entry entry, Money amount, LocalDate start) {
            if (entry.kind() == EntryKind.TAX) {
                return new EntryTotals(Money.ZERO, Money.ZERO, amount);
            }
            boolean before = entry.kind() == EntryKind.BALANCING && entry.date().isBefore(start);
            return before
                    ? new EntryTotals(amount, Money.ZERO, Money.ZERO)
                    : new EntryTotals(Money.ZERO, amount, Money.ZERO);
        }
    }
}
