package undersaw.books;

import undersaw.calc.Calculation;
import undersaw.form.MapTarget;
import undersaw.ledger.Account;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.returns.ReturnKind;

/**
 * Retained earnings from one end of the year to the other, as positive amounts of credit; cents.
 *
 * @param opening at the start
 * @param netIncome net income of the year per books
 * @param distributions paid out, as a positive amount
 * @param other anything else that moved the accounts of retained earnings
 * @param closing what these come to
 * @param onReturn what the return's balance sheet shows, whole dollars
 */
public record RetainedRoll(
        Money opening, Money netIncome, Money distributions, Money other, Money closing, Money onReturn) {

    /** The roll of a computed return. */
    public static RetainedRoll of(Calculation year, ReturnKind kind) {
        LineId retained = kind.bookLines().retainedEarnings();
        Money opening = Money.ZERO;
        Money moved = Money.ZERO;
        Money paid = Money.ZERO;
        for (Account account : year.snapshot().accounts().values()) {
            MapTarget target = year.target(account.number()).orElse(null);
            if (target == null || account.onIncomeStatement()) {
                continue;
            }
            Money change = year.opening(account).minus(year.adjusted(account));
            boolean closedOut = Openings.isClosedByTreatment(year, account, kind);
            if (target.id().equals(retained) && !closedOut) {
                opening = opening.minus(year.opening(account));
                moved = moved.plus(change);
            } else if (target.opening() == null || closedOut) {
                opening = opening.minus(year.opening(account));
                paid = paid.minus(change);
            }
        }
        Money income = WorkingBalance.netIncome(year);
        Money closing = opening.plus(income).minus(paid).plus(moved);
        Money onReturn = year.plan()
                .target(retained)
                .map(target -> year.amount(target.closing()))
                .orElse(Money.ZERO);
        return new RetainedRoll(opening, income, paid, moved, closing, onReturn);
    }
}
