package undersaw.us.corporation;

import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.engagement.PriorYear;
import undersaw.engagement.Station;
import undersaw.form.Line;
import undersaw.form.MapTarget;
import undersaw.ledger.Account;
import undersaw.ledger.Entry;
import undersaw.ledger.EntryKind;
import undersaw.ledger.Mapping;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.money.Percent;

/** Checks of the trial balance, the mapping, and this year against last. */
final class AccountChecks {
    private static final Money WORTH_ASKING = Money.ofDollars(10_000);
    private static final int MARGIN_POINTS = 10;
    private static final List<String> LIABILITIES_AND_EQUITY = List.of("16", "17", "18", "19", "20", "21");
    private static final List<String> ASSETS = List.of("1", "3", "4", "5", "6", "7", "8", "9", "12", "14");

    private AccountChecks() {}

    static List<Check> all() {
        return List.of(
                new Check("C-0401", QUERY, AccountChecks::suggestedOnly),
                new Check("C-0402", STOP, AccountChecks::withoutLine),
                new Check("C-0403", STOP, AccountChecks::onTheWrongStatement),
                new Check("C-0404", STOP, AccountChecks::outOfBalance),
                new Check("C-0405", STOP, AccountChecks::entriesOut),
                new Check("C-0406", QUERY, AccountChecks::openingsMoved),
                new Check("C-0408", QUERY, AccountChecks::wrongSigns),
                new Check("C-0410", QUERY, AccountChecks::movedMuch),
                new Check("C-0411", QUERY, AccountChecks::marginMoved),
                new Check("C-0412", QUERY, AccountChecks::cameOrWent));
    }

    private static List<Account> accounts(Examination look) {
        return look.snapshot().accounts().values().stream()
                .sorted(Comparator.comparing(Account::number))
                .toList();
    }

    private static boolean isEmpty(Account account) {
        return account.opening().isZero() && account.closing().isZero();
    }

    private static List<Found> suggestedOnly(Examination look) {
        List<Found> found = new ArrayList<>();
        for (Account account : accounts(look)) {
            Optional<Mapping> mapping = look.snapshot().mapping(account.number());
            if (!isEmpty(account) && mapping.isPresent() && !mapping.get().confirmed()) {
                found.add(new Found(
                        new Place.OnAccount(account.number()),
                        "Confirm where \"" + account.name() + "\" goes: "
                                + mapping.get().line() + ", " + mapping.get().reason() + ".",
                        Answer.CONFIRM));
            }
        }
        return found;
    }

    private static List<Found> withoutLine(Examination look) {
        return look.calculation().unmapped().stream()
                .filter(account -> !isEmpty(account))
                .map(account -> Found.at(
                        new Place.OnAccount(account.number()),
                        "\"" + account.name() + "\" has " + account.closing().printed() + " and no line. Map it."))
                .toList();
    }

    private static List<Found> onTheWrongStatement(Examination look) {
        List<Found> found = new ArrayList<>();
        for (Account account : accounts(look)) {
            Optional<MapTarget> target = look.snapshot()
                    .mapping(account.number())
                    .flatMap(mapping -> look.calculation().plan().target(mapping.line()));
            if (target.isPresent() && target.get().statement() != account.statement()) {
                found.add(Found.at(
                        new Place.OnAccount(account.number()),
                        "\"" + account.name() + "\" is a "
                                + account.statement().words() + " account and cannot feed "
                                + target.get().id()
                                + ". Map it again."));
            }
        }
        return found;
    }

    private static List<Found> outOfBalance(Examination look) {
        Money opening = Money.sum(accounts(look).stream().map(Account::opening).toList());
        Money closing = Money.sum(accounts(look).stream().map(Account::closing).toList());
        List<Found> found = new ArrayList<>();
        if (!closing.isZero()) {
            found.add(books("Closing debits and credits differ by " + closing.printed() + ". Correct the import."));
        }
        if (!opening.isZero()) {
            found.add(books("Opening debits and credits differ by " + opening.printed() + ". Correct the import."));
        }
        return found;
    }

    private static Found books(String message) {
        return Found.at(new Place.AtStation(Station.BOOKS, "books"), message);
    }

    private static List<Found> entriesOut(Examination look) {
        return look.snapshot().lists().entries().stream()
                .filter(entry -> entry.kind() != EntryKind.BALANCING)
                .filter(entry -> !entry.outBy().isZero())
                .map(AccountChecks::entryOut)
                .toList();
    }

    private static Found entryOut(Entry entry) {
        return books("Entry " + entry.number() + " is out by " + entry.outBy().printed() + ".");
    }

    private static List<Found> openingsMoved(Examination look) {
        PriorYear prior = look.snapshot().prior();
        List<Found> found = new ArrayList<>();
        for (MapTarget target : look.calculation().plan().targets()) {
            if (target.opening() == null) {
                continue;
            }
            Money before = prior.amount(target.closing()).orElse(Money.ZERO);
            Money now = look.calculation().amount(target.opening());
            if (prior.isKnown() && !before.equals(now)) {
                found.add(Found.at(
                        Place.line(target.opening()),
                        target.caption() + " opens with " + now.printed() + "; last year closed with "
                                + before.printed() + "."));
            }
        }
        return found;
    }

    private static List<Found> wrongSigns(Examination look) {
        List<Found> found = new ArrayList<>();
        ASSETS.forEach(line -> wrongSign(look, line, "An asset stands on the credit side", found));
        LIABILITIES_AND_EQUITY.forEach(line -> wrongSign(look, line, "A liability stands on the debit side", found));
        return found;
    }

    private static void wrongSign(Examination look, String line, String words, List<Found> found) {
        LineId closing = LineId.of("1120/L/" + line + "/d");
        Money amount = look.calculation().amount(closing);
        if (amount.isNegative()) {
            found.add(Found.at(
                    Place.line(closing),
                    words + ": Schedule L line " + line + " is " + amount.printed()
                            + ". Reclassify it (an overdraft belongs to liabilities)."));
        }
    }

    private static List<Found> movedMuch(Examination look) {
        List<Found> found = new ArrayList<>();
        for (Line line : booksLines(look)) {
            Optional<Money> before = look.snapshot().prior().amount(line.id());
            Money now = look.calculation().amount(line);
            if (before.isPresent() && !before.get().isZero() && !now.isZero()) {
                Money change = now.minus(before.get());
                boolean far = change.abs()
                                .times(Percent.of("100"))
                                .compareTo(before.get().abs().times(Percent.of("30")))
                        > 0;
                if (far && change.abs().compareTo(WORTH_ASKING) > 0) {
                    found.add(Found.at(
                            Place.line(line.id()),
                            line.caption() + " was " + before.get().printed() + ", now " + now.printed()
                                    + ". Say why."));
                }
            }
        }
        return found;
    }

    private static List<Line> booksLines(Examination look) {
        return look.calculation().plan().forms().get(0).lines().stream()
                .filter(Line::isBooksFed)
                .toList();
    }

    private static List<Found> marginMoved(Examination look) {
        PriorYear prior = look.snapshot().prior();
        Optional<Money> sales = prior.amount(LineId.of("1120/1c"));
        Optional<Money> profit = prior.amount(LineId.of("1120/3"));
        if (sales.isEmpty() || profit.isEmpty() || look.amount("1120/1c").isZero()) {
            return List.of();
        }
        Percent before = Percent.ratio(profit.get(), sales.get());
        Percent now = Percent.ratio(look.amount("1120/3"), look.amount("1120/1c"));
        boolean far = before.value().subtract(now.value()).abs().intValue() >= MARGIN_POINTS;
        return far
                ? List.of(Found.at(
                        Place.line("1120/3"),
                        "Gross margin moved from " + before + " to " + now + ". Check inventory and purchases."))
                : List.of();
    }

    private static List<Found> cameOrWent(Examination look) {
        if (!look.snapshot().prior().isKnown()) {
            return List.of();
        }
        List<Found> found = new ArrayList<>();
        for (Line line : booksLines(look)) {
            Money before = look.snapshot().prior().amount(line.id()).orElse(Money.ZERO);
            Money now = look.calculation().amount(line);
            if (now.isZero() && before.abs().compareTo(WORTH_ASKING) > 0) {
                found.add(Found.at(
                        Place.line(line.id()),
                        line.caption() + " is empty; last year " + before.printed() + ". Is something not mapped?"));
            } else if (before.isZero() && now.abs().compareTo(WORTH_ASKING) > 0) {
                found.add(Found.at(
                        Place.line(line.id()),
                        line.caption() + " is " + now.printed() + "; last year it was empty. Is it mapped rightly?"));
            }
        }
        return found;
    }
}
