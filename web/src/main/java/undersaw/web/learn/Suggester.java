package undersaw.web.learn;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;
import undersaw.ledger.Account;
import undersaw.ledger.StatementKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.returns.ReturnKind;
import undersaw.store.FirmMappings;
import undersaw.suggestions.KnownName;
import undersaw.suggestions.Suggestion;
import undersaw.suggestions.Suggestions;

/**
 * Says where an account probably goes, from the return's lists and from every mapping that the firm has confirmed. What
 * was learned stays in memory until something in the firm changes.
 */
@Component
public class Suggester {
    private final FirmMappings firm;
    private final Map<String, Learned> learned = new ConcurrentHashMap<>();

    Suggester(FirmMappings firm) {
        this.firm = firm;
    }

    private record Learned(long state, Suggestions suggestions) {}

    private Suggestions suggestions(ReturnKind kind) {
        long state = firm.state(kind.code());
        Learned known = learned.get(kind.code());
        if (known == null || known.state() != state) {
            known = new Learned(state, learn(kind));
            learned.put(kind.code(), known);
        }
        return known.suggestions();
    }

    private Suggestions learn(ReturnKind kind) {
        List<KnownName> names = new ArrayList<>(kind.suggestions().names());
        firm.of(kind.code())
                .forEach(each -> names.add(new KnownName(
                        each.name(),
                        "",
                        StatementKind.valueOf(each.statement()),
                        LineId.of(each.line()),
                        each.treatment(),
                        each.engagements())));
        return kind.suggestions().knowing(names);
    }

    /** The best places for many accounts, each told by its neighbours too, by account number. */
    public Map<String, Suggestion> best(ReturnKind kind, List<Account> accounts) {
        Suggestions suggestions = suggestions(kind);
        List<Account> inOrder = accounts.stream().sorted(Account.byNumber()).toList();
        Map<String, Suggestion> best = new HashMap<>();
        for (int i = 0; i < inOrder.size(); i++) {
            List<Account> neighbours = new ArrayList<>();
            if (i > 0) {
                neighbours.add(inOrder.get(i - 1));
            }
            if (i + 1 < inOrder.size()) {
                neighbours.add(inOrder.get(i + 1));
            }
            Account account = inOrder.get(i);
            suggestions.suggest(account, neighbours).ifPresent(each -> best.put(account.number(), each));
        }
        return best;
    }

    /** The places that plain words speak for, the likeliest first. */
    public List<Suggestion> places(ReturnKind kind, String words, StatementKind statement) {
        return suggestions(kind)
                .suggest(new Account("words", words, statement, Money.ZERO, Money.ZERO))
                .map(best -> {
                    List<Suggestion> all = new ArrayList<>(List.of(best));
                    all.addAll(best.others());
                    return all;
                })
                .orElse(List.of());
    }

    /** The statement that a name speaks for; nothing where it speaks for both alike. */
    public Optional<StatementKind> statementOf(ReturnKind kind, String name) {
        int balance = confidence(kind, name, StatementKind.BALANCE_SHEET);
        int income = confidence(kind, name, StatementKind.INCOME_STATEMENT);
        if (balance == income) {
            return Optional.empty();
        }
        return Optional.of(balance > income ? StatementKind.BALANCE_SHEET : StatementKind.INCOME_STATEMENT);
    }

    private int confidence(ReturnKind kind, String name, StatementKind statement) {
        return suggestions(kind)
                .suggest(new Account("name", name, statement, Money.ZERO, Money.ZERO))
                .map(Suggestion::confidence)
                .orElse(0);
    }
}
