package undersaw.us.corporation;

import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import undersaw.ledger.Account;

/** What the name of an account says, word by word. */
final class AccountWords {
    private static final Pattern BETWEEN = Pattern.compile("[^a-z0-9]+");

    private AccountWords() {}

    /** Whether any word of the account's name begins with one of these. */
    static boolean begin(Account account, List<String> beginnings) {
        return BETWEEN.splitAsStream(account.name().toLowerCase(Locale.ROOT))
                .anyMatch(word -> beginnings.stream().anyMatch(word::startsWith));
    }
}
