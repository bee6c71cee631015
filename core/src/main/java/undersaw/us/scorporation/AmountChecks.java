package undersaw.us.scorporation;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.us.forms.BusinessLaw;

/** Checks of amounts on page 1, of cost of goods sold and of Schedule K. */
final class AmountChecks {
    private static final Money WORTH_ASKING = Money.ofDollars(25_000);
    private static final Money GIFTS = Money.ofDollars(500);

    private AmountChecks() {}

    static List<Check> all() {
        return List.of(
                when(
                        "S-0104",
                        QUERY,
                        look -> look.amount("1120-S/7").isZero()
                                && look.amount("1120-S/K/16d").isPositive()
                                && look.amount("1120-S/22").isPositive(),
                        look -> onLine(
                                "1120-S/7",
                                "No officer pay, but "
                                        + look.amount("1120-S/K/16d").printed()
                                        + " was distributed. Check reasonable pay.")),
                new Check("S-0107", NOTE, AmountChecks::typedOverBooks),
                when(
                        "S-0108",
                        QUERY,
                        look -> look.amount("1120-S/W-B/1").compareTo(look.law().amount(BusinessLaw.OFFICERS_SCHEDULE))
                                        >= 0
                                && !look.amount("1120-S/7").isZero()
                                && look.calculation()
                                        .instances(LineId.of("1125-E/1/f"))
                                        .isEmpty(),
                        look -> onLine("1125-E/1/f", "Form 1125-E is required. List each officer with the pay.")),
                new Check("S-0110", QUERY, AmountChecks::movedMuch),
                when(
                        "S-0111",
                        QUERY,
                        look -> !look.amount("1120-S/2").isZero()
                                && look.amount("1125-A/7").isZero()
                                && !look.amount("1120-S/L/3/d").isZero(),
                        look -> onLine(
                                "1125-A/7",
                                "Inventory stands on the balance sheet but cost of goods sold has no closing "
                                        + "inventory.")),
                when(
                        "S-0112",
                        STOP,
                        look -> look.has("1125-A/8")
                                && (!look.amount("1125-A/1").equals(look.amount("1120-S/L/3/b"))
                                        || !look.amount("1125-A/7").equals(look.amount("1120-S/L/3/d"))),
                        look -> onLine(
                                "1125-A/7",
                                "Inventory differs: " + look.amount("1125-A/7").printed()
                                        + " in cost of goods sold, "
                                        + look.amount("1120-S/L/3/d").printed() + " on Schedule L.")),
                when(
                        "S-0114",
                        QUERY,
                        look -> look.amount("1120-S/13").isPositive() && !look.has("1120-S/B/10"),
                        look -> onLine("1120-S/B/10", "Interest may be limited. Answer question 10.")),
                when(
                        "S-0511",
                        STOP,
                        look -> look.amount("1120-S/K/5b").compareTo(look.amount("1120-S/K/5a")) > 0,
                        look -> onLine("1120-S/K/5b", "Qualified dividends cannot exceed ordinary dividends.")),
                when(
                        "S-0512",
                        QUERY,
                        look -> look.amount("1120-S/K/12b").compareTo(GIFTS) > 0,
                        look -> onLine("1120-S/K/12b", "Noncash gifts over $500 need Form 8283.")),
                when(
                        "S-0513",
                        QUERY,
                        look -> (look.isTyped("1120-S/K/9") || look.isTyped("1120-S/4")) && !look.has("4797/7"),
                        look -> onLine("1120-S/K/9", "A gain is typed without its Form 4797 part.")),
                new Check("S-0510", QUERY, AmountChecks::gainsOnTheBooksOnly));
    }

    private static List<Found> typedOverBooks(Examination look) {
        List<Found> found = new ArrayList<>();
        look.snapshot().facts().keySet().stream()
                .sorted()
                .forEach(key -> look.calculation()
                        .value(key)
                        .filter(value -> value.replacedAmount().isPresent())
                        .filter(value -> !look.calculation().postings(key).isEmpty())
                        .ifPresent(value -> found.add(Found.at(
                                new Place.OnLine(key),
                                "Line " + key + " uses typed " + value.amount().printed() + "; the books show "
                                        + value.unreplaced().printed() + ". The difference is in M-1."))));
        return found;
    }

    private static List<Found> movedMuch(Examination look) {
        Optional<Money> before = look.snapshot().prior().amount(LineId.of("1120-S/22"));
        if (before.isEmpty()) {
            return List.of();
        }
        Money now = look.amount("1120-S/22");
        Money change = now.minus(before.get()).abs();
        boolean much = change.compareTo(WORTH_ASKING) > 0
                && change.plus(change).compareTo(before.get().abs()) > 0;
        return much
                ? List.of(onLine(
                        "1120-S/22",
                        "Ordinary income moved from " + before.get().printed() + " to " + now.printed()
                                + ". Note why."))
                : List.of();
    }

    /** A gain per books that no gain of the return stands for. */
    private static List<Found> gainsOnTheBooksOnly(Examination look) {
        boolean stands =
                List.of("1120-S/4", "1120-S/K/7", "1120-S/K/8a", "1120-S/K/9", "8825/19", "1120-S/K/17d/K").stream()
                        .anyMatch(line -> !look.amount(line).isZero());
        return stands
                ? List.of()
                : look.calculation().books().treated("disposal-books").stream()
                        .map(number -> look.snapshot().accounts().get(number))
                        .filter(account -> !look.calculation().adjusted(account).isZero())
                        .map(account -> onLine(
                                "1120-S/4",
                                "\"" + account.name() + "\" shows "
                                        + look.calculation()
                                                .adjusted(account)
                                                .negated()
                                                .printed()
                                        + ", and no tax gain or loss stands for it. Type the sale."))
                        .toList();
    }
}
