package undersaw.suggestions;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import undersaw.ledger.Account;
import undersaw.ledger.StatementKind;
import undersaw.money.Money;

/**
 * How well suggestions do on names they have never seen: every name of the lists is left out once, with a fifth of the
 * others, and looked up among the rest by its words, its side and the first digit of its number.
 *
 * @param names how many names were looked up
 * @param first how many were right at first place
 * @param three how many were right among the first three
 * @param sure how many were said to be sure
 * @param sureRight how many of those were right
 * @param wrong the ones that were wrong at first place, in words
 */
public record HeldOut(int names, int first, int three, int sure, int sureRight, List<String> wrong) {
    private static final int FOLDS = 5;

    /** How names are parted into those that are known and those that are asked. */
    public enum Split {
        /** Each name by itself. */
        BY_NAME,
        /** All names of one meaning together: whoever is asked for "rent" has not heard of "rent expense" either. */
        BY_MEANING
    }

    /** Measures the lists of a return. */
    public static HeldOut of(Suggestions all, Split split) {
        int[] counts = new int[5];
        List<String> wrong = new ArrayList<>();
        for (int fold = 0; fold < FOLDS; fold++) {
            List<KnownName> kept = new ArrayList<>();
            List<KnownName> left = new ArrayList<>();
            for (KnownName name : all.names()) {
                int place = split == Split.BY_NAME
                        ? name.name().hashCode()
                        : NameFeatures.bare(name.name()).hashCode();
                boolean out = Math.floorMod(place, FOLDS) == fold;
                (out ? left : kept).add(name);
            }
            Suggestions rest = all.knowing(kept);
            for (KnownName name : left) {
                look(rest, name, counts, wrong);
            }
        }
        return new HeldOut(counts[0], counts[1], counts[2], counts[3], counts[4], List.copyOf(wrong));
    }

    private static void look(Suggestions rest, KnownName name, int[] counts, List<String> wrong) {
        // a trial balance tells the side on which an account stands, and most charts its type by the first digit
        Account account =
                new Account(number(name.type()), name.name(), name.statement(), Money.ZERO, rest.usualSide(name));
        Optional<Suggestion> best = rest.suggest(account);
        boolean right = best.filter(each -> isRight(each, name)).isPresent();
        boolean near = right
                || best.filter(each -> each.others().stream().anyMatch(other -> isRight(other, name)))
                        .isPresent();
        boolean sure = best.filter(Suggestion::sure).isPresent();
        counts[0]++;
        counts[1] += right ? 1 : 0;
        counts[2] += near ? 1 : 0;
        counts[3] += sure ? 1 : 0;
        counts[4] += sure && right ? 1 : 0;
        if (!right) {
            wrong.add(String.format(
                    Locale.ROOT,
                    "%s %s: %s, not %s",
                    name.statement() == StatementKind.BALANCE_SHEET ? "b" : "i",
                    name.name(),
                    best.map(each -> each.line() + " " + each.treatment() + " " + each.confidence() + " %, "
                                    + each.reason())
                            .orElse("nothing"),
                    name.line() + " " + name.treatment()));
        }
    }

    private static String number(String type) {
        int place = List.of("asset", "liability", "equity", "income", "cost", "expense")
                .indexOf(type);
        return (place + 1) + "9990";
    }

    private static boolean isRight(Suggestion suggestion, KnownName name) {
        return suggestion.line().equals(name.line()) && suggestion.treatment().equals(name.treatment());
    }

    /** The result in a line. */
    public String words() {
        return String.format(
                Locale.ROOT,
                "%d names never seen: %.1f %% right at first place, %.1f %% among the first three; "
                        + "%.1f %% said to be sure, of which %.1f %% right",
                names,
                100.0 * first / names,
                100.0 * three / names,
                100.0 * sure / names,
                100.0 * sureRight / Math.max(1, sure));
    }
}
