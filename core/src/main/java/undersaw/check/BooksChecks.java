package undersaw.check;

import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import undersaw.calc.Plan;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.engagement.PriorYear;
import undersaw.engagement.Station;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.MapTarget;
import undersaw.ledger.Account;
import undersaw.ledger.Entry;
import undersaw.ledger.EntryKind;
import undersaw.ledger.Mapping;
import undersaw.ledger.Treatment;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.money.Percent;

/**
 * Checks of the trial balance, the mapping, and this year against last, which every return has under its own letter.
 *
 * @param letter the letter before the numbers
 * @param main the form whose lines are held against last year's
 * @param treatments the return's treatments by id
 */
public record BooksChecks(String letter, Function<Plan, Form> main, Function<String, Optional<Treatment>> treatments) {
    private static final Money WORTH_ASKING = Money.ofDollars(10_000);

    /** The checks, in the order of their numbers. */
    public List<Check> all() {
        return List.of(
                new Check(letter + "-0401", QUERY, BooksChecks::suggestedOnly),
                new Check(letter + "-0402", STOP, BooksChecks::withoutLine),
                new Check(letter + "-0403", STOP, BooksChecks::onTheWrongStatement),
                new Check(letter + "-0413", STOP, this::treatmentsOutOfPlace),
                new Check(letter + "-0404", STOP, BooksChecks::outOfBalance),
                new Check(letter + "-0405", STOP, BooksChecks::entriesOut),
                new Check(letter + "-0406", QUERY, BooksChecks::openingsMoved),
                new Check(letter + "-0410", QUERY, this::movedMuch),
                new Check(letter + "-0412", QUERY, this::cameOrWent));
    }

    private static List<Found> suggestedOnly(Examination look) {
        List<Found> found = new ArrayList<>();
        for (Account account : accounts(look)) {
            Optional<Mapping> mapping = look.snapshot().mapping(account.number());
            if (!isEmpty(account) && mapping.isPresent() && !mapping.get().confirmed()) {
                found.add(new Found(
                        new Place.OnAccount(account.number()),
                        "Confirm where \"" + account.name() + "\" goes: "
                                + mapping.get().line() + ", " + mapping.get().grounds() + ".",
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
            Optional<MapTarget> target = look.calculation().target(account.number());
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

    private List<Found> treatmentsOutOfPlace(Examination look) {
        List<Found> found = new ArrayList<>();
        for (Account account : accounts(look)) {
            Optional<Mapping> mapping = look.snapshot().mapping(account.number());
            if (mapping.isPresent()) {
                refusal(look, mapping.get().line(), mapping.get().treatment())
                        .ifPresent(why -> found.add(outOfPlace(account, why)));
                mapping.get()
                        .splits()
                        .forEach(split -> refusal(look, split.line(), split.treatment())
                                .ifPresent(why -> found.add(outOfPlace(account, why))));
            }
        }
        return found;
    }

    private Optional<String> refusal(Examination look, LineId line, String treatment) {
        Optional<Treatment> known = treatments.apply(treatment);
        return known.isEmpty()
                ? Optional.empty()
                : look.calculation().plan().target(line).flatMap(target -> target.refusal(known.get()));
    }

    private static Found outOfPlace(Account account, String why) {
        return Found.at(
                new Place.OnAccount(account.number()),
                "\"" + account.name() + "\": " + why + " Choose another treatment, or another line.");
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
                .map(BooksChecks::entryOut)
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

    private List<Found> movedMuch(Examination look) {
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

    private List<Found> cameOrWent(Examination look) {
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
                        line.caption() + " is empty; last year " + before.printed() + ". Is something not mapped?"
                                + doubt(look)));
            } else if (before.isZero() && now.abs().compareTo(WORTH_ASKING) > 0) {
                found.add(Found.at(
                        Place.line(line.id()),
                        line.caption() + " is " + now.printed() + "; last year it was empty. Is it mapped rightly?"
                                + doubt(look)));
            }
        }
        return found;
    }

    /** Last year's lines are no measure where its own mapping was never looked at. */
    private static String doubt(Examination look) {
        int unconfirmed = look.snapshot().prior().unconfirmed();
        return unconfirmed == 0
                ? ""
                : " Last year's own mapping was never confirmed for " + unconfirmed
                        + (unconfirmed == 1 ? " account." : " accounts.");
    }

    private List<Line> booksLines(Examination look) {
        return main.apply(look.calculation().plan()).lines().stream()
                .filter(Line::isBooksFed)
                .toList();
    }

    private static List<Account> accounts(Examination look) {
        return look.snapshot().accounts().values().stream()
                .sorted(Account.byNumber())
                .toList();
    }

    private static boolean isEmpty(Account account) {
        return account.opening().isZero() && account.closing().isZero();
    }
}
