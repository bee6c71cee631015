package undersaw.calc;

import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.pcollections.HashTreePMap;
import org.pcollections.HashTreePSet;
import org.pcollections.PMap;
import org.pcollections.PSet;
import undersaw.ledger.Account;
import undersaw.ledger.Mapping;
import undersaw.money.Money;

/**
 * What all accounts of the books come to, and which of them are under a treatment.
 *
 * <p>Persistent: an account put anew costs what that account brings, however many there are. Amounts are exact, debit
 * positive.
 *
 * @param opening sum of the opening balances
 * @param closing sum of the closing balances, before entries
 * @param expense sum of the adjusted balances of the income statement: expense less revenue
 * @param opened how many accounts open with a balance
 * @param byTreatment the accounts that go whole, or with their rest, under a treatment
 * @param shares what each account brings to this
 */
public record BookTotals(
        Money opening,
        Money closing,
        Money expense,
        int opened,
        PMap<String, PSet<String>> byTreatment,
        PMap<String, Share> shares) {

    /** What one account brings. */
    record Share(Money opening, Money closing, Money expense, String treatment) {}

    static BookTotals none() {
        return new BookTotals(Money.ZERO, Money.ZERO, Money.ZERO, 0, HashTreePMap.empty(), HashTreePMap.empty());
    }

    /** The accounts under a treatment; splits are not looked at. */
    public Set<String> treated(String treatment) {
        return under(treatment);
    }

    private PSet<String> under(String treatment) {
        return byTreatment.getOrDefault(treatment, HashTreePSet.empty());
    }

    /** The account put anew, with its balance after entries and its mapping, if it has one. */
    BookTotals with(Account account, Money adjusted, @Nullable Mapping mapping) {
        Money expense = account.onIncomeStatement() ? adjusted : Money.ZERO;
        String treatment = mapping == null ? "" : mapping.treatment();
        return without(account.number())
                .plus(account.number(), new Share(account.opening(), account.closing(), expense, treatment));
    }

    private BookTotals plus(String number, Share share) {
        return new BookTotals(
                opening.plus(share.opening()),
                closing.plus(share.closing()),
                expense.plus(share.expense()),
                opened + (share.opening().isZero() ? 0 : 1),
                byTreatment.plus(share.treatment(), under(share.treatment()).plus(number)),
                shares.plus(number, share));
    }

    /** The account taken out. */
    BookTotals without(String number) {
        Share share = shares.get(number);
        if (share == null) {
            return this;
        }
        return new BookTotals(
                opening.minus(share.opening()),
                closing.minus(share.closing()),
                expense.minus(share.expense()),
                opened - (share.opening().isZero() ? 0 : 1),
                byTreatment.plus(share.treatment(), under(share.treatment()).minus(number)),
                shares.minus(number));
    }
}
