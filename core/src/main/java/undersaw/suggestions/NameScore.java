package undersaw.suggestions;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import undersaw.ledger.Account;
import undersaw.ledger.StatementKind;
import undersaw.money.Money;
import undersaw.table.Table;
import undersaw.table.TableRow;

/**
 * How well suggestions do on a list of names as offices write them, by kind of name.
 *
 * @param kinds counts by kind
 * @param total the counts of all
 * @param wrong the names that were wrong at first place, in words
 */
public record NameScore(Map<String, Count> kinds, Count total, List<String> wrong) {
    private static final List<String> COLUMNS = List.of("kind", "name", "number", "closing", "line", "treatment");

    /**
     * Counts of names.
     *
     * @param names how many were looked up
     * @param right how many were right at first place
     * @param none how many got no suggestion
     * @param sure how many were said to be sure
     * @param sureRight how many of those were right
     */
    public record Count(int names, int right, int none, int sure, int sureRight) {
        private Count plus(boolean good, boolean nothing, boolean said) {
            return new Count(
                    names + 1,
                    right + (good ? 1 : 0),
                    none + (nothing ? 1 : 0),
                    sure + (said ? 1 : 0),
                    sureRight + (said && good ? 1 : 0));
        }
    }

    /** Looks up the names of a list on the class path. */
    public static NameScore of(Suggestions suggestions, String path) {
        Map<String, Count> kinds = new TreeMap<>();
        Count total = new Count(0, 0, 0, 0, 0);
        List<String> wrong = new ArrayList<>();
        for (TableRow row : Table.read(path, COLUMNS)) {
            Optional<Suggestion> found = suggestions.suggest(account(row));
            boolean good = found.filter(each -> each.line().text().equals(row.text("line")))
                    .isPresent();
            boolean sure = found.filter(Suggestion::sure).isPresent();
            Count before = kinds.getOrDefault(row.text("kind"), new Count(0, 0, 0, 0, 0));
            kinds.put(row.text("kind"), before.plus(good, found.isEmpty(), sure));
            total = total.plus(good, found.isEmpty(), sure);
            if (!good) {
                wrong.add(row.text("name") + ": "
                        + found.map(each -> each.line() + " " + each.confidence() + " %")
                                .orElse("nothing")
                        + ", not " + row.text("line"));
            }
        }
        return new NameScore(kinds, total, List.copyOf(wrong));
    }

    private static Account account(TableRow row) {
        boolean income = row.text("number").charAt(0) > '3';
        return new Account(
                row.text("number"),
                row.text("name"),
                income ? StatementKind.INCOME_STATEMENT : StatementKind.BALANCE_SHEET,
                Money.ZERO,
                Money.ofDollars(Long.parseLong(row.text("closing")) * 1000));
    }

    /** The result in a line. */
    public String words() {
        return String.format(
                Locale.ROOT,
                "%d of %d right at first place, %d without a guess, %d of %d sure ones right; %s",
                total.right(),
                total.names(),
                total.none(),
                total.sureRight(),
                total.sure(),
                kinds.entrySet().stream()
                        .map(each -> each.getKey() + " " + each.getValue().right() + "/"
                                + each.getValue().names())
                        .collect(Collectors.joining(", ")));
    }
}
