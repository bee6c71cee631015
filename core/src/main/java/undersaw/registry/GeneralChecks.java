package undersaw.registry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import undersaw.check.AccountCheck;
import undersaw.check.AccountLook;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.check.Severity;
import undersaw.engagement.Station;
import undersaw.ledger.EntryKind;
import undersaw.ledger.Mapping;
import undersaw.ledger.Split;
import undersaw.money.Money;
import undersaw.rollforward.RollForward;

/** Checks of every kind of return: what was ordered, what came from last year, what does not fit the books. */
final class GeneralChecks {
    private GeneralChecks() {}

    static List<Check> all() {
        return List.of(
                new Check("G-0101", Severity.QUERY, GeneralChecks::ordered),
                new Check("G-0102", Severity.QUERY, GeneralChecks::fromLastYear),
                new Check("G-0104", Severity.STOP, GeneralChecks::strangers),
                new Check("G-0105", Severity.NOTE, RegisterChecks::propertyNotListed),
                new Check("G-0106", Severity.QUERY, RegisterChecks::registerDisagrees),
                new Check("G-0107", Severity.QUERY, RegisterChecks::sharesIncomplete));
    }

    /** The checks of single accounts. */
    static List<AccountCheck> ofAccounts() {
        return List.of(
                new AccountCheck("G-0103", Severity.STOP, GeneralChecks::splitTooFar),
                new AccountCheck("G-0104", Severity.STOP, GeneralChecks::withoutPartner));
    }

    /** A difference put to retained earnings stays a question as long as it stands. */
    private static List<Found> ordered(Examination look) {
        return look.snapshot().lists().entries().stream()
                .filter(entry -> entry.kind() == EntryKind.BALANCING)
                .map(entry -> Found.at(
                        new Place.AtStation(Station.ADJUST, "entry-" + entry.number()),
                        "Entry " + entry.number() + " puts "
                                + entry.outBy().abs().printedWithCents()
                                + " to retained earnings because the books do not balance: " + entry.memo()
                                + " Find the cause, or set this aside with a reason."))
                .toList();
    }

    private static List<Found> fromLastYear(Examination look) {
        List<Found> found = new ArrayList<>();
        RollForward.open(look.snapshot())
                .forEach((station, count) -> found.add(Found.at(
                        new Place.AtStation(station, "carried"),
                        (count == 1 ? "One figure" : count + " figures") + " at " + station.caption()
                                + " came from last year and nobody has confirmed "
                                + (count == 1 ? "it" : "them") + " yet.")));
        return found;
    }

    private static List<Found> splitTooFar(AccountLook look) {
        Optional<Mapping> mapping = look.mapping().filter(Mapping::isSplit);
        if (mapping.isEmpty()) {
            return List.of();
        }
        Money closing = look.adjusted();
        Money parts = Money.sum(mapping.get().splits().stream()
                .map((Split split) -> split.of(closing))
                .toList());
        Money rest = closing.minus(parts);
        return closing.isNegative() && !rest.isPositive() || !closing.isNegative() && !rest.isNegative()
                ? List.of()
                : look.found("The parts of " + look.quoted() + " come to " + parts.printed() + ", and it holds "
                        + closing.printed() + ". Make the parts smaller.");
    }

    private static List<Found> strangers(Examination look) {
        List<Found> found = new ArrayList<>();
        look.snapshot()
                .lists()
                .entries()
                .forEach(entry -> entry.postings().stream()
                        .filter(posting -> !look.snapshot().accounts().containsKey(posting.account()))
                        .forEach(posting -> found.add(Found.at(
                                new Place.AtStation(
                                        Station.ADJUST, "entry-" + entry.number() + "-" + posting.account()),
                                "Entry " + entry.number() + " touches account " + posting.account()
                                        + ", which the books do not hold. Bring it in, or correct the entry."))));
        return found;
    }

    private static List<Found> withoutPartner(AccountLook look) {
        return look.holdsPartner()
                ? List.of()
                : look.found("Account " + look.account().number() + " is read together with "
                        + look.mapping().map(Mapping::partner).orElseThrow()
                        + ", which is not in the trial balance. Choose another, or none.");
    }
}
