package undersaw.rollforward;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import undersaw.books.Openings;
import undersaw.calc.Calculation;
import undersaw.engagement.Change;
import undersaw.engagement.Snapshot;
import undersaw.engagement.Station;
import undersaw.ledger.Account;
import undersaw.ledger.Mapping;
import undersaw.money.Money;
import undersaw.returns.ReturnKind;

/** Accounts with their opening balances, and where they go. */
final class BooksGifts {
    private BooksGifts() {}

    static List<Gift> of(Calculation year, ReturnKind kind) {
        List<Gift> gifts = new ArrayList<>();
        Map<String, Money> openings = Openings.after(year, kind);
        new TreeMap<>(year.snapshot().accounts()).forEach((number, account) -> {
            Money opening = openings.getOrDefault(number, Money.ZERO);
            gifts.add(new Gift(
                    "opening/" + number,
                    opening.toString(),
                    number + " " + account.name() + " opens with " + opening.printedWithCents(),
                    Station.BOOKS,
                    snapshot -> new Change.AccountSet(opened(snapshot, account, opening))));
        });
        new TreeMap<>(year.snapshot().mappings()).forEach((number, mapping) -> {
            Account account = year.snapshot().accounts().get(number);
            if (account != null) {
                gifts.add(new Gift(
                        "map/" + number,
                        words(mapping),
                        number + " " + account.name() + " goes to " + words(mapping)
                                + (mapping.confirmed() ? "" : ", which nobody confirmed last year"),
                        Station.MAP,
                        snapshot -> mapped(number, mapping)));
            }
        });
        return gifts;
    }

    /** The closing balance is what this year's own books say; a new account has none yet. */
    private static Account opened(Snapshot snapshot, Account account, Money opening) {
        Account known = snapshot.accounts().get(account.number());
        Account kept = known == null ? account : known;
        return new Account(
                kept.number(),
                kept.name(),
                kept.statement(),
                kept.onIncomeStatement() ? Money.ZERO : opening,
                known == null ? Money.ZERO : known.closing());
    }

    private static Change mapped(String number, Mapping mapping) {
        Map<String, @Nullable Mapping> one = new TreeMap<>();
        one.put(
                number,
                new Mapping(
                        mapping.line(),
                        mapping.instance(),
                        mapping.treatment(),
                        mapping.splits(),
                        mapping.partner(),
                        mapping.confirmed(),
                        0,
                        mapping.confirmed() ? "as last year" : "as last year, where nobody confirmed it"));
        return new Change.MappingsSet(one);
    }

    static String words(Mapping mapping) {
        String splits = mapping.splits().stream()
                .map(split -> ", " + split.words() + " to " + split.place() + " " + split.treatment())
                .collect(Collectors.joining());
        return (mapping.place() + " " + mapping.treatment()).strip()
                + splits
                + (mapping.partner().isEmpty() ? "" : ", with " + mapping.partner());
    }
}
