package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import undersaw.files.sheet.Notation.Signs;
import undersaw.money.Money;

/**
 * Tells which way the amounts of one column are signed: debits positive, credits positive, or each account positive on
 * its natural side. What balances and what accounts are decides; where both signs fit equally, a person must say.
 *
 * @param signs what was found
 * @param balanced whether debits equal credits so
 * @param contraAsMembers whether contra accounts carry their own sign instead of being taken off
 * @param words what was taken for granted; empty where nothing was
 * @param question what a person must answer; empty where it is plain
 */
record SignReading(Signs signs, boolean balanced, boolean contraAsMembers, String words, String question) {
    /** Reads the signs of rows whose nature is known as far as it can be. */
    static SignReading of(List<BalanceRow> rows, Function<BalanceRow, Optional<AccountNature>> natures, Signs told) {
        if (told != Signs.FROM_ROWS && told != Signs.NATURAL) {
            return new SignReading(told, sum(rows).isZero(), false, "", "");
        }
        if (told == Signs.FROM_ROWS && sum(rows).isZero()) {
            return signed(rows, natures);
        }
        for (boolean members : new boolean[] {false, true}) {
            SignReading natural = new SignReading(Signs.NATURAL, true, members, NATURAL, "");
            if (Money.sum(rows.stream()
                            .map(row -> natural.signed(row.closes(), natures.apply(row)))
                            .toList())
                    .isZero()) {
                return natural;
            }
        }
        boolean natural = told == Signs.NATURAL || looksNatural(rows, natures);
        return new SignReading(
                natural ? Signs.NATURAL : Signs.DEBITS_POSITIVE, false, false, natural ? NATURAL : "", "");
    }

    private static final String NATURAL = "Accounts are shown without sign, each on its own side: liabilities, equity "
            + "and income were taken for credits.";

    private static Money sum(List<BalanceRow> rows) {
        return Money.sum(rows.stream().map(BalanceRow::closes).toList());
    }

    private static SignReading signed(List<BalanceRow> rows, Function<BalanceRow, Optional<AccountNature>> natures) {
        int agree = 0;
        int against = 0;
        for (BalanceRow row : rows) {
            Optional<AccountNature> nature = natures.apply(row);
            if (nature.isPresent() && !row.closes().isZero()) {
                boolean usual = row.closes().isPositive() == nature.get().isDebit();
                agree += usual ? 1 : 0;
                against += usual ? 0 : 1;
            }
        }
        if (against > 2 * agree) {
            return new SignReading(
                    Signs.CREDITS_POSITIVE,
                    true,
                    false,
                    "Credits are shown as positive in this file and were turned: " + against + " of "
                            + (agree + against) + " accounts say so.",
                    "");
        }
        boolean doubtful = against > agree || against > 2 && against * 3 > agree * 2;
        return new SignReading(
                Signs.DEBITS_POSITIVE,
                true,
                false,
                "",
                doubtful
                        ? "It cannot be told whether debits or credits are positive in this file. "
                                + "Say it above the columns."
                        : "");
    }

    /** Few amounts below zero although many accounts are of the credit side. */
    private static boolean looksNatural(List<BalanceRow> rows, Function<BalanceRow, Optional<AccountNature>> natures) {
        int credits = 0;
        int positive = 0;
        for (BalanceRow row : rows) {
            Optional<AccountNature> nature = natures.apply(row);
            if (nature.isPresent()
                    && !nature.get().isDebit()
                    && !nature.get().isContra()
                    && !row.closes().isZero()) {
                credits++;
                positive += row.closes().isPositive() ? 1 : 0;
            }
        }
        return credits > 0 && positive * 10 >= credits * 8;
    }

    /** An amount of an account, debit positive. */
    Money signed(Money amount, Optional<AccountNature> nature) {
        return switch (signs) {
            case CREDITS_POSITIVE -> amount.negated();
            case NATURAL -> natural(amount, nature.orElse(AccountNature.EXPENSE));
            default -> amount;
        };
    }

    private Money natural(Money amount, AccountNature nature) {
        if (nature.isContra() && !contraAsMembers) {
            Money size = amount.abs();
            return nature.isDebit() ? size : size.negated();
        }
        boolean debit = nature.isContra() ? !nature.isDebit() : nature.isDebit();
        return debit ? amount : amount.negated();
    }

    List<String> notes() {
        List<String> notes = new ArrayList<>();
        if (!words.isEmpty()) {
            notes.add(words);
        }
        return notes;
    }
}
