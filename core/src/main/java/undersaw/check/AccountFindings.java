package undersaw.check;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.pcollections.HashTreePMap;
import org.pcollections.PMap;
import undersaw.calc.Calculation;
import undersaw.ledger.Account;

/** What the rules of single accounts find, account by account; kept, so that a change costs the accounts it moved. */
public final class AccountFindings {
    private final List<AccountCheck> checks;
    private final Calculation year;
    private final PMap<String, List<Finding>> byAccount;

    /** A finding with the rule that made it. */
    private record Finding(AccountCheck check, Diagnostic diagnostic) {}

    private AccountFindings(List<AccountCheck> checks, Calculation year, PMap<String, List<Finding>> byAccount) {
        this.checks = checks;
        this.year = year;
        this.byAccount = byAccount;
    }

    /** Every account looked at. */
    public static AccountFindings all(List<AccountCheck> checks, Calculation year) {
        AccountFindings none = new AccountFindings(checks, year, HashTreePMap.empty());
        return none.lookedAt(year, year.snapshot().accounts().keySet());
    }

    /** The findings on the next calculation; only accounts that moved are looked at, where it was made out of this. */
    public AccountFindings after(Calculation next) {
        if (next == year) {
            return this;
        }
        return next.accountsMovedSince(year).map(moved -> lookedAt(next, moved)).orElseGet(() -> all(checks, next));
    }

    private AccountFindings lookedAt(Calculation next, Collection<String> numbers) {
        PMap<String, List<Finding>> found = byAccount;
        for (String number : numbers) {
            Account account = next.snapshot().accounts().get(number);
            List<Finding> here = account == null ? List.of() : on(new AccountLook(next, account));
            found = here.isEmpty() ? found.minus(number) : found.plus(number, here);
        }
        return new AccountFindings(checks, next, found);
    }

    private List<Finding> on(AccountLook account) {
        List<Finding> found = new ArrayList<>();
        checks.forEach(check -> check.examine(account).forEach(each -> found.add(new Finding(check, each))));
        return List.copyOf(found);
    }

    /** The findings of the rules that are asked of this return, in no order. */
    public Stream<Diagnostic> asked(Examination examination) {
        Set<AccountCheck> asked = Set.copyOf(checks.stream()
                .filter(check -> check.isAsked().test(examination))
                .toList());
        return byAccount.values().stream()
                .flatMap(List::stream)
                .filter(finding -> asked.contains(finding.check()))
                .map(Finding::diagnostic);
    }
}
