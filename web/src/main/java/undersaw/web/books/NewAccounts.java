package undersaw.web.books;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Component;
import undersaw.engagement.Change;
import undersaw.ledger.Account;
import undersaw.ledger.StatementKind;
import undersaw.money.Money;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.learn.Suggester;

/** Accounts that no file has brought, such as one to accrue to. */
@Component
public class NewAccounts {
    private static final int LONGEST_NUMBER = 40;
    private static final int LONGEST_NAME = 200;

    private final Suggester suggester;

    NewAccounts(Suggester suggester) {
        this.suggester = suggester;
    }

    /** Why number and name make no account; empty where they do. */
    public static String problem(String number, String name) {
        boolean fits = !number.isBlank()
                && number.strip().length() <= LONGEST_NUMBER
                && !name.isBlank()
                && name.strip().length() <= LONGEST_NAME;
        return fits ? "" : "An account has a number of up to 40 characters and a name of up to 200.";
    }

    /** An account without a balance. */
    public static Account of(String number, String name, StatementKind statement) {
        return new Account(number.strip(), name.strip(), statement, Money.ZERO, Money.ZERO);
    }

    /** What puts an account in place: a line is suggested to it as to one that was imported. */
    public List<Change> adding(OpenEngagement open, Account account) {
        List<Change> changes = new ArrayList<>(List.of(new Change.AccountSet(account)));
        suggester
                .best(open.kind(), List.of(account))
                .values()
                .forEach(found -> changes.add(new Change.MappingsSet(Map.of(account.number(), found.unconfirmed()))));
        return changes;
    }
}
