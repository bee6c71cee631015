package undersaw.calc;

import java.util.Map;
import java.util.Optional;
import undersaw.engagement.Snapshot;
import undersaw.ledger.Account;
import undersaw.ledger.EntryKind;
import undersaw.ledger.Mapping;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * An account with everything that decides what it brings to the return.
 *
 * @param account the account
 * @param mapping where it goes
 * @param adjusted closing balance after adjusting and reclassifying entries, debit positive
 * @param taxEntries sum of its tax entries, debit positive
 * @param snapshot where typed tax amounts are found
 */
public record AccountPosition(Account account, Mapping mapping, Money adjusted, Money taxEntries, Snapshot snapshot) {

    /** Balance and entries of one account. */
    static AccountPosition of(Account account, Mapping mapping, Snapshot snapshot, Map<String, EntryTotals> entries) {
        EntryTotals totals = entries.getOrDefault(account.number(), EntryTotals.NONE);
        return new AccountPosition(account, mapping, account.closing().plus(totals.books()), totals.tax(), snapshot);
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
     * @param books adjusting and reclassifying entries
     * @param tax tax entries
     */
    record EntryTotals(Money books, Money tax) {
        static final EntryTotals NONE = new EntryTotals(Money.ZERO, Money.ZERO);

        EntryTotals plus(EntryKind kind, Money amount) {
            return kind == EntryKind.TAX
                    ? new EntryTotals(books, tax.plus(amount))
                    : new EntryTotals(books.plus(amount), tax);
        }
    }
}
