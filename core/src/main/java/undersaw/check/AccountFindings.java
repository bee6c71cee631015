package undersaw.check;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.pcollections.HashTreePMap;
import org.pcollections.PMap;
import org.pcollections.PSortedSet;
import org.pcollections.TreePSet;
import undersaw.calc.Calculation;
import undersaw.ledger.Account;
import undersaw.line.NaturalOrder;

/** What the rules of single accounts find, account by account; kept, so that a change costs the accounts it moved. */
public final class AccountFindings {
    private final List<AccountCheck> checks;
    private final Calculation year;
    private final PMap<String, List<Finding>> byAccount;
    private final PSortedSet<Finding> inOrder;

    /** A finding with the rule that made it, and the words by which it is ordered. */
    private record Finding(AccountCheck check, Diagnostic diagnostic, String word, String account)
            implements Comparable<Finding> {
        @Override
        public int compareTo(Finding other) {
            int byRule = Diagnostic.BY_RULE.compare(diagnostic, other.diagnostic);
            if (byRule != 0) {
                return byRule;
            }
            int byPlace = NaturalOrder.COUNTED.compare(word, other.word);
            return byPlace != 0
                    ? byPlace
                    : Comparator.comparing(Finding::account)
                            .thenComparing(finding -> finding.diagnostic().message())
                            .compare(this, other);
        }
    }

    private AccountFindings(
            List<AccountCheck> checks,
            Calculation year,
            PMap<String, List<Finding>> byAccount,
            PSortedSet<Finding> inOrder) {
        this.checks = checks;
        this.year = year;
        this.byAccount = byAccount;
        this.inOrder = inOrder;
    }

    /** Every account looked at. */
    public static AccountFindings all(List<AccountCheck> checks, Calculation year) {
        AccountFindings none = new AccountFindings(checks, year, HashTreePMap.empty(), TreePSet.empty());
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
        PSortedSet<Finding> sorted = inOrder;
        for (String number : numbers) {
            Account account = next.snapshot().accounts().get(number);
            List<Finding> here = account == null ? List.of() : on(new AccountLook(next, account));
            List<Finding> before = found.getOrDefault(number, List.of());
            if (!here.equals(before)) {
                sorted = sorted.minusAll(before).plusAll(here);
                found = here.isEmpty() ? found.minus(number) : found.plus(number, here);
            }
        }
        return new AccountFindings(checks, next, found, sorted);
    }

    private List<Finding> on(AccountLook account) {
        List<Finding> found = new ArrayList<>();
        checks.forEach(check -> check.examine(account)
                .forEach(each -> found.add(new Finding(
                        check, each, each.place().word(), account.account().number()))));
        return List.copyOf(found);
    }

    /** The findings of the rules that are asked of this return, in their order. */
    List<Diagnostic> asked(Examination examination) {
        Set<String> unasked = checks.stream()
                .filter(check -> !check.isAsked().test(examination))
                .map(AccountCheck::code)
                .collect(Collectors.toSet());
        return inOrder.stream()
                .filter(finding -> !unasked.contains(finding.check().code()))
                .map(Finding::diagnostic)
                .toList();
    }
}
