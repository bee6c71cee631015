package undersaw.returns;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import undersaw.calc.Calculation;
import undersaw.engagement.Snapshot;
import undersaw.ledger.Account;
import undersaw.ledger.Entry;
import undersaw.ledger.EntryKind;
import undersaw.ledger.EntryPosting;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * The year's federal tax as the books have it, against the return's, and the entry that brings the books to the return.
 *
 * @param expense the account of the tax expense
 * @param payable the account of what is owed or paid ahead
 * @param booked what the books have, debit positive
 * @param tax what the return has
 */
public record BookedTax(Account expense, Account payable, Money booked, Money tax) {
    private static final List<String> PAYABLE = List.of("federal income tax", "income tax payable", "income taxes");

    /** What the books lack; negative where they have too much. */
    public Money missing() {
        return tax.minus(booked);
    }

    /**
     * Finds the accounts.
     *
     * @param calculation the return
     * @param expenseLine the line that federal tax on the books goes to
     * @param taxLine the line of total tax
     * @return nothing where the books have no such account, on either side
     */
    public static Optional<BookedTax> of(Calculation calculation, LineId expenseLine, LineId taxLine) {
        Snapshot snapshot = calculation.snapshot();
        Optional<Account> expense = snapshot.accounts().values().stream()
                .filter(account -> snapshot.mapping(account.number())
                        .filter(mapping -> mapping.line().equals(expenseLine))
                        .filter(mapping -> mapping.treatment().equals("federal-tax"))
                        .isPresent())
                .min(Account.byNumber());
        Optional<Account> payable = snapshot.accounts().values().stream()
                .filter(account -> !account.onIncomeStatement())
                .filter(account -> PAYABLE.stream().anyMatch(account.name().toLowerCase(Locale.ROOT)::contains))
                .min(Account.byNumber());
        if (expense.isEmpty() || payable.isEmpty()) {
            return Optional.empty();
        }
        Money booked = calculation.adjusted(expense.get());
        return Optional.of(new BookedTax(expense.get(), payable.get(), booked, calculation.amount(taxLine)));
    }

    /** The adjusting entry that brings the books to the return. */
    public Entry entry(String number, Snapshot snapshot) {
        return new Entry(
                number,
                EntryKind.ADJUSTING,
                snapshot.heading().period().end(),
                "Federal income tax of the year as the return has it",
                List.of(
                        new EntryPosting(expense.number(), missing()),
                        new EntryPosting(payable.number(), missing().negated())));
    }
}
