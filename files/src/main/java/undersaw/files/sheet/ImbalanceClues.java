package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import undersaw.ledger.Account;
import undersaw.money.Money;

/**
 * What usually lies behind debits and credits that differ, each tried out: a row left out, the amount itself left out
 * or doubled, its half on the wrong side, two digits changed about; the likeliest first (common practice, no source).
 */
record ImbalanceClues(
        List<Account> accounts, Function<Account, Money> amount, List<BalanceRow> leftOut, List<BalanceRow> rows) {
    private static final int MOST = 6;
    private static final int MOST_SWAPPED = 4;

    /** The clues to a difference, debits being more where it is above zero. */
    List<String> to(Money difference) {
        List<String> clues = new ArrayList<>();
        long gap = Math.abs(difference.cents());
        for (BalanceRow row : leftOut) {
            if (Math.abs(row.closes().cents()) == gap) {
                clues.add("row " + row.at() + ", \""
                        + (row.called().isEmpty() ? row.closes().printed() : row.called())
                        + "\", was left out and is the difference: take it in if it is an account");
            }
        }
        for (Account account : accounts) {
            if (Math.abs(amount.apply(account).cents()) == gap) {
                clues.add(called(account) + " is the difference itself");
            }
        }
        for (Account account : accounts) {
            // half the difference is on the side that is too large
            long cents = amount.apply(account).cents();
            if (Math.abs(cents) * 2 == gap && cents > 0 == difference.isPositive()) {
                clues.add(called(account) + " is half of it and may stand on the wrong side");
            }
        }
        clues.addAll(swapped(difference.cents()));
        return clues.size() > MOST ? clues.subList(0, MOST) : clues;
    }

    static String called(Account account) {
        return account.number().equals(account.name()) ? account.name() : account.number() + " " + account.name();
    }

    /** Two digits changed about: only where it would close the gap; those whose subtotal is out by it go first. */
    private List<String> swapped(long gap) {
        List<String> likely = new ArrayList<>();
        List<String> possible = new ArrayList<>();
        for (Account account : accounts) {
            long cents = amount.apply(account).cents();
            Optional<Long> mended = mended(cents, cents - gap);
            if (mended.isPresent()) {
                String words = called(account) + " may have two digits changed about: "
                        + Money.ofCents(Math.abs(cents)).printed() + " for "
                        + Money.ofCents(Math.abs(mended.get())).printed();
                (isInWrongBlock(account, gap) ? likely : possible).add(words);
            }
        }
        if (!likely.isEmpty()) {
            return likely;
        }
        if (possible.size() > MOST_SWAPPED) {
            List<String> first = new ArrayList<>(possible.subList(0, MOST_SWAPPED - 1));
            first.add("and " + (possible.size() - first.size())
                    + " accounts more in which two digits may be changed about");
            return first;
        }
        return possible;
    }

    /** The amount that would close the gap, where changing two neighbouring digits makes it. */
    static Optional<Long> mended(long cents, long wanted) {
        if (cents == 0 || wanted == 0 || cents > 0 != wanted > 0) {
            return Optional.empty();
        }
        char[] digits = Long.toString(Math.abs(cents)).toCharArray();
        for (int i = 0; i + 1 < digits.length; i++) {
            char[] changed = digits.clone();
            changed[i] = digits[i + 1];
            changed[i + 1] = digits[i];
            if (Long.parseLong(new String(changed)) == Math.abs(wanted)) {
                return Optional.of(wanted);
            }
        }
        return Optional.empty();
    }

    /** Whether the subtotal below an account differs from the rows it adds up by just the gap. */
    private boolean isInWrongBlock(Account account, long gap) {
        Optional<BalanceRow> own =
                rows.stream().filter(row -> row.key().equals(account.number())).findFirst();
        if (own.isEmpty()) {
            return false;
        }
        long from = 0;
        for (BalanceRow subtotal : leftOut) {
            long start = from;
            if (subtotal.at() > own.get().at()) {
                long sum = rows.stream()
                        .filter(row -> row.at() > start && row.at() < subtotal.at())
                        .mapToLong(row -> row.closes().cents())
                        .sum();
                return Math.abs(Math.abs(sum) - Math.abs(subtotal.closes().cents())) == Math.abs(gap);
            }
            from = subtotal.at();
        }
        return false;
    }
}
