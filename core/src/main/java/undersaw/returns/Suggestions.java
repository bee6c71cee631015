package undersaw.returns;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import undersaw.ledger.Account;
import undersaw.ledger.StatementKind;
import undersaw.line.LineId;
import undersaw.table.Table;
import undersaw.table.TableRow;

/**
 * Where accounts usually go, by their names and, failing that, by their numbers.
 *
 * <p>Case and punctuation are folded; the longest listed phrase whose words all stand in the account's name wins, in
 * its own order before scattered. A number never overrides a name.
 */
public final class Suggestions {
    private static final List<String> COLUMNS = List.of("name", "type", "line", "treatment");

    private final List<Phrase> phrases;
    private final NumberRule byNumber;

    /** The weakest ground: the first digits of an account's number. */
    @FunctionalInterface
    public interface NumberRule {
        /** A suggestion for an account whose name says nothing. */
        Optional<Suggestion> suggest(Account account);
    }

    private record Phrase(String name, List<String> words, StatementKind statement, LineId line, String treatment) {}

    private Suggestions(List<Phrase> phrases, NumberRule byNumber) {
        this.phrases = phrases;
        this.byNumber = byNumber;
    }

    /** Reads the list of a return; columns {@code name,type,line,treatment}. */
    public static Suggestions read(String path, NumberRule byNumber) {
        List<Phrase> phrases = new ArrayList<>();
        for (TableRow row : Table.read(path, COLUMNS)) {
            phrases.add(new Phrase(
                    row.text("name"),
                    fold(row.text("name")),
                    statement(row),
                    LineId.of(row.text("line")),
                    row.text("treatment")));
        }
        phrases.sort(Comparator.comparingInt((Phrase phrase) -> phrase.words().size())
                .reversed());
        return new Suggestions(List.copyOf(phrases), byNumber);
    }

    /** The best place for an account, if anything speaks for one. */
    public Optional<Suggestion> suggest(Account account) {
        List<String> words = fold(account.name());
        Optional<Phrase> best = phrases.stream()
                .filter(phrase -> phrase.statement() == account.statement())
                .filter(phrase -> containsInOrder(words, phrase.words()))
                .findFirst()
                .or(() -> phrases.stream()
                        .filter(phrase -> phrase.statement() == account.statement())
                        .filter(phrase -> phrase.words().size() > 1 && words.containsAll(phrase.words()))
                        .findFirst());
        return best.map(phrase ->
                        new Suggestion(phrase.line(), phrase.treatment(), true, "named like \"" + phrase.name() + "\""))
                .or(() -> byNumber.suggest(account));
    }

    private static boolean containsInOrder(List<String> words, List<String> phrase) {
        for (int start = 0; start + phrase.size() <= words.size(); start++) {
            if (words.subList(start, start + phrase.size()).equals(phrase)) {
                return true;
            }
        }
        return false;
    }

    /** Words without case, punctuation and plural endings. */
    static List<String> fold(String name) {
        List<String> words = new ArrayList<>();
        String plain = name.toLowerCase(Locale.ROOT).replace("'", "").replace("&", " and ");
        for (String word : plain.split("[^a-z0-9]+", -1)) {
            if (!word.isEmpty()) {
                words.add(singular(word));
            }
        }
        return List.copyOf(words);
    }

    private static String singular(String word) {
        if (word.length() > 4 && word.endsWith("ies")) {
            return word.substring(0, word.length() - 3) + "y";
        }
        boolean plural = word.length() > 3 && word.endsWith("s") && !word.endsWith("ss") && !word.endsWith("us");
        return plural ? word.substring(0, word.length() - 1) : word;
    }

    private static StatementKind statement(TableRow row) {
        return switch (row.text("type")) {
            case "asset", "liability", "equity" -> StatementKind.BALANCE_SHEET;
            case "income", "cost", "expense" -> StatementKind.INCOME_STATEMENT;
            default -> throw row.fault("type", "asset, liability, equity, income, cost or expense");
        };
    }
}
