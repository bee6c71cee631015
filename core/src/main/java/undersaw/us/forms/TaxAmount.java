package undersaw.us.forms;

import java.util.function.Function;
import undersaw.calc.AccountPosition;
import undersaw.calc.AccountPosition.Balances;
import undersaw.calc.Portion;
import undersaw.ledger.Side;
import undersaw.ledger.Treatment;
import undersaw.ledger.Treatment.Reach;
import undersaw.money.Money;

/**
 * An amount on its way from an account to a line.
 *
 * @param amount exact cents in the natural sign of the line
 * @param portion which part of the balance it is
 * @param treatment id of the treatment whose difference between books and return it is; empty where it is none
 * @param why the reason in words; empty where it is the plain balance
 */
public record TaxAmount(Money amount, Portion portion, String treatment, String why) {
    public TaxAmount(Money amount, Portion portion, String why) {
        this(amount, portion, "", why);
    }

    /** Another amount by the same way. */
    public TaxAmount of(Money other) {
        return new TaxAmount(other, portion, treatment, why);
    }

    /** What a treatment puts between books and return. */
    public static TaxAmount difference(Money amount, Portion portion, Treatment treatment) {
        return new TaxAmount(amount, portion, treatment.id(), treatment.caption());
    }

    /** What of the account's book amount its treatment lets reach its line. */
    public static TaxAmount of(AccountPosition position, Treatment treatment, Side side) {
        Money book = side.natural(position.adjusted());
        String address = "TREAT/" + treatment.id();
        Money begin = position.typed(address + "/begin").orElse(owed(position, treatment, Balances::opening));
        Money end = position.typed(address + "/end").orElse(owed(position, treatment, Balances::adjusted));
        if (treatment.reach() != Reach.WHOLE && position.typed(address).isPresent()) {
            return new TaxAmount(position.typed(address).get(), Portion.FIXED, "typed tax amount");
        }
        return switch (treatment.reach()) {
            case HALF -> new TaxAmount(Portion.half(book), Portion.HALF, "half of " + book);
            case NONE -> new TaxAmount(Money.ZERO, Portion.FIXED, "not counted: " + treatment.caption());
            case BEGIN_END ->
                side == Side.DEBIT
                        ? later(book.plus(begin).minus(end), begin, end)
                        : later(book.minus(begin).plus(end), begin, end);
            case AHEAD -> later(book.minus(begin).plus(end), begin, end);
            default -> new TaxAmount(book, Portion.CLOSING, "");
        };
    }

    /** What the paired account held: a liability's credit, or a prepaid asset's debit. */
    private static Money owed(AccountPosition position, Treatment treatment, Function<Balances, Money> at) {
        Money balance = position.partner().map(at).orElse(Money.ZERO);
        return treatment.reach() == Reach.AHEAD ? balance : balance.negated();
    }

    private static TaxAmount later(Money amount, Money begin, Money end) {
        boolean plain = begin.isZero() && end.isZero();
        return new TaxAmount(
                amount,
                plain ? Portion.CLOSING : Portion.FIXED,
                plain ? "" : "moved between years: " + begin + " and " + end);
    }
}
