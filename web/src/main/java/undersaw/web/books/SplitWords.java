package undersaw.web.books;

import java.util.List;
import java.util.stream.Collectors;
import undersaw.ledger.Split;
import undersaw.money.Money;
import undersaw.web.desk.OpenEngagement;

/** How an account was divided, said back so that 40 dollars are never taken for 40 percent. */
final class SplitWords {
    private SplitWords() {}

    /** What there is to divide: the account's balance after entries. */
    static Money whole(OpenEngagement open, String number) {
        return open.calculation().adjusted(open.snapshot().accounts().get(number));
    }

    static String of(OpenEngagement open, String number, List<Split> splits) {
        if (splits.isEmpty()) {
            return "Account " + number + " goes to its line as a whole.";
        }
        Money whole = whole(open, number);
        return "Of " + whole.abs().printed() + ": "
                + splits.stream().map(split -> words(split, whole)).collect(Collectors.joining(", ")) + ".";
    }

    private static String words(Split split, Money whole) {
        String measure = split.percent() == null ? "dollars" : split.percent().toString();
        return split.of(whole).abs().printed() + " (" + measure + ") to " + split.place();
    }
}
