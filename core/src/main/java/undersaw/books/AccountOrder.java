package undersaw.books;

import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import undersaw.calc.Calculation;
import undersaw.form.MapTarget;
import undersaw.ledger.Account;
import undersaw.ledger.Mapping;
import undersaw.ledger.StatementKind;
import undersaw.line.LineId;

/**
 * The order in which accounts stand: by their numbers, and in books that go by names alone as on the return, the
 * balance sheet before the results (common practice, no source).
 */
public final class AccountOrder {
    private AccountOrder() {}

    public static Comparator<Account> of(Calculation year) {
        boolean numbered = year.snapshot().accounts().keySet().stream()
                .anyMatch(number -> number.chars().anyMatch(Character::isDigit));
        if (numbered) {
            return Account.byNumber();
        }
        Map<LineId, Integer> places = new HashMap<>();
        List<MapTarget> targets = year.plan().targets();
        targets.forEach(target -> places.put(target.id(), places.size()));
        Map<String, Mapping> mappings = year.snapshot().mappings();
        return Comparator.comparing((Account account) -> account.statement() == StatementKind.INCOME_STATEMENT)
                .thenComparing(account -> {
                    Mapping mapping = mappings.get(account.number());
                    return mapping == null ? targets.size() : places.getOrDefault(mapping.line(), targets.size());
                })
                .thenComparing(Account.byNumber());
    }
}
