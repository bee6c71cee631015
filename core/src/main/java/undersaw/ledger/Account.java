package undersaw.ledger;

import java.util.Comparator;
import undersaw.line.NaturalOrder;
import undersaw.money.Money;

/**
 * An account of the client's trial balance.
 *
 * @param number the client's own number, unique in the engagement
 * @param name the client's own name for it
 * @param statement which statement it belongs to
 * @param opening balance at the start of the year, debit positive; zero on the income statement
 * @param closing balance at the end of the year before entries, debit positive
 */
public record Account(String number, String name, StatementKind statement, Money opening, Money closing) {
    /**
     * Checks that income-statement accounts open with nothing.
     *
     * @throws IllegalArgumentException for an empty number or an income-statement account with an opening balance
     */
    public Account {
        if (number.isBlank()) {
            throw new IllegalArgumentException("an account needs a number");
        }
        if (statement == StatementKind.INCOME_STATEMENT && !opening.isZero()) {
            throw new IllegalArgumentException(
                    "account " + number + " is on the income statement and opens with " + opening);
        }
    }

    /** Accounts in the order of their numbers, 999 before 1010. */
    public static Comparator<Account> byNumber() {
        return Comparator.comparing(Account::number, NaturalOrder.COUNTED);
    }

    public boolean onIncomeStatement() {
        return statement == StatementKind.INCOME_STATEMENT;
    }
}
