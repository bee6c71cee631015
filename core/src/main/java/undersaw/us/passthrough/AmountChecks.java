package undersaw.us.passthrough;

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
import undersaw.money.Money;
import undersaw.us.passthrough.ReturnLines.Held;

/**
 * Checks of amounts that partnerships and S corporations share: page 1, cost of goods sold, Schedule K.
 *
 * @param at where the return has them
 */
public record AmountChecks(ReturnLines at) {
    private static final Money WORTH_ASKING = Money.ofDollars(25_000);
    private static final Money GIFTS = Money.ofDollars(500);

    /** The checks, in the order of their numbers. */
    public List<Check> all() {
        return List.of(
                new Check(at.check("0107"), NOTE, AmountChecks::typedOverBooks),
                new Check(at.check("0110"), QUERY, this::movedMuch),
                stockLeftOut(),
                inventoryDiffers(),
                when(
                        at.check("0114"),
                        QUERY,
                        look -> amount(look, Held.INTEREST).isPositive() && !look.has(at.line(Held.INTEREST_QUESTION)),
                        look -> onLine(
                                at.line(Held.INTEREST_QUESTION),
                                "Interest may be limited. Answer question "
                                        + at.lines().get(Held.INTEREST_QUESTION).substring("B/".length()) + ".")),
                when(
                        at.check("0501"),
                        STOP,
                        look -> amount(look, Held.QUALIFIED).compareTo(amount(look, Held.DIVIDENDS)) > 0,
                        look -> onLine(
                                at.line(Held.QUALIFIED), "Qualified dividends cannot exceed ordinary dividends.")),
                when(
                        at.check("0502"),
                        QUERY,
                        look -> amount(look, Held.NONCASH_GIFTS).compareTo(GIFTS) > 0,
                        look -> onLine(at.line(Held.NONCASH_GIFTS), "Noncash gifts over $500 need Form 8283.")),
                when(
                        at.check("0503"),
                        QUERY,
                        look -> (look.isTyped(at.line(Held.NET_1231)) || look.isTyped(at.line(Held.PROPERTY_GAIN)))
                                && !look.has("4797/7"),
                        look -> onLine(at.line(Held.NET_1231), "A gain is typed without its Form 4797 part.")),
                new Check(at.check("0505"), QUERY, this::gainsOnTheBooksOnly));
    }

    private Money amount(Examination look, Held held) {
        return look.amount(at.line(held));
    }

    private Check stockLeftOut() {
        return when(
                at.check("0111"),
                QUERY,
                look -> !amount(look, Held.COST_OF_SALES).isZero()
                        && look.amount("1125-A/7").isZero()
                        && !look.amount(at.line(Held.INVENTORIES, "d")).isZero(),
                look -> onLine(
                        "1125-A/7",
                        "Inventory stands on the balance sheet but cost of goods sold has no closing inventory."));
    }

    private Check inventoryDiffers() {
        return when(
                at.check("0112"),
                STOP,
                look -> look.has("1125-A/8")
                        && (!look.amount("1125-A/1").equals(look.amount(at.line(Held.INVENTORIES, "b")))
                                || !look.amount("1125-A/7").equals(look.amount(at.line(Held.INVENTORIES, "d")))),
                look -> onLine(
                        "1125-A/7",
                        "Inventory differs: " + look.amount("1125-A/7").printed() + " in cost of goods sold, "
                                + look.amount(at.line(Held.INVENTORIES, "d")).printed() + " on Schedule L."));
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

    private List<Found> movedMuch(Examination look) {
        Optional<Money> before = look.snapshot().prior().amount(at.id(Held.ORDINARY));
        if (before.isEmpty()) {
            return List.of();
        }
        Money now = amount(look, Held.ORDINARY);
        Money change = now.minus(before.get()).abs();
        boolean much = change.compareTo(WORTH_ASKING) > 0
                && change.plus(change).compareTo(before.get().abs()) > 0;
        return much
                ? List.of(onLine(
                        at.line(Held.ORDINARY),
                        "Ordinary income moved from " + before.get().printed() + " to " + now.printed()
                                + ". Note why."))
                : List.of();
    }

    /** A gain per books that no gain of the return stands for. */
    private List<Found> gainsOnTheBooksOnly(Examination look) {
        boolean stands = at.gains().stream().anyMatch(line -> !look.amount(line).isZero());
        return stands
                ? List.of()
                : look.calculation().books().treated("disposal-books").stream()
                        .map(number -> look.snapshot().accounts().get(number))
                        .filter(account -> !look.calculation().adjusted(account).isZero())
                        .map(account -> onLine(
                                at.line(Held.PROPERTY_GAIN),
                                "\"" + account.name() + "\" shows "
                                        + look.calculation()
                                                .adjusted(account)
                                                .negated()
                                                .printed()
                                        + ", and no tax gain or loss stands for it. Type the sale."))
                        .toList();
    }
}
