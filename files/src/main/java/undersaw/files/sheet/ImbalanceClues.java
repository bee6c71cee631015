package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import undersaw.ledger.Account;
import undersaw.money.Money;

/**
 * What usually lies behind debits and credits that differ: the amount itself left out or doubled, its half on the wrong
 * side, two digits changed about (common practice, no source).
 */
final class ImbalanceClues {
    private static final int MOST = 6;

    private ImbalanceClues() {}

    static List<String> of(List<Account> accounts, Money difference, Function<Account, Money> amount) {
        List<String> clues = new ArrayList<>();
        long gap = Math.abs(difference.cents());
        for (Account account : accounts) {
            long cents = Math.abs(amount.apply(account).cents());
            String name = account.number() + " " + account.name();
            if (cents == gap) {
                clues.add(name + " is the difference itself");
            } else if (cents * 2 == gap) {
                clues.add(name + " is half of it and may stand on the wrong side");
            } else if (gap % 9 == 0 && isTransposition(cents, gap)) {
                clues.add(name + " may have two digits changed about");
            }
        }
        return clues.size() > MOST ? clues.subList(0, MOST) : clues;
    }

    /** Whether changing two neighbouring digits of an amount moves it by the gap. */
    static boolean isTransposition(long cents, long gap) {
        char[] digits = Long.toString(cents).toCharArray();
        for (int i = 0; i + 1 < digits.length; i++) {
            char[] changed = digits.clone();
            changed[i] = digits[i + 1];
            changed[i + 1] = digits[i];
            if (gap > 0 && Math.abs(Long.parseLong(new String(changed)) - cents) == gap) {
                return true;
            }
        }
        return false;
    }
}
