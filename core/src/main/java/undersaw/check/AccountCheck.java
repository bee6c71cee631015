package undersaw.check;

import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import undersaw.check.Check.Found;

/**
 * A rule that looks at one account by itself: at its balances, its mapping, and what was typed for it.
 *
 * <p>It sees nothing else, so that after a change only the accounts that moved are looked at again.
 *
 * @param code the rule's number
 * @param severity what its findings are
 * @param isAsked whether the rule is asked of this return; looked at each time
 * @param look what it finds on one account
 */
public record AccountCheck(
        String code, Severity severity, Predicate<Examination> isAsked, Function<AccountLook, List<Found>> look) {

    /** A rule that is always asked. */
    public AccountCheck(String code, Severity severity, Function<AccountLook, List<Found>> look) {
        this(code, severity, any -> true, look);
    }

    List<Diagnostic> examine(AccountLook account) {
        return look.apply(account).stream()
                .map(found -> found.diagnostic(code, severity))
                .toList();
    }
}
