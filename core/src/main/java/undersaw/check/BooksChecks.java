package undersaw.check;

import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import undersaw.calc.Plan;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.engagement.PriorYear;
import undersaw.engagement.Station;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.MapTarget;
import undersaw.ledger.Entry;
import undersaw.ledger.EntryKind;
import undersaw.ledger.Treatment;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.money.Percent;

/**
 * Checks of the trial balance, the mapping, and this year against last, which every return has under its own letter.
 *
 * @param codes a return's own code for each number: with its letter before it, or another where its rules name one
 * @param main the form whose lines are held against last year's
 * @param treatments the return's treatments by id
 */
public record BooksChecks(
        UnaryOperator<String> codes, Function<Plan, Form> main, Function<String, Optional<Treatment>> treatments) {
    private static final int NUMBER = 4;
    private static final Money WORTH_ASKING = Money.ofDollars(10_000);

    /** Codes with a letter before the number. */
    public static UnaryOperator<String> lettered(String letter) {
        return number -> letter + "-" + number.substring(0, NUMBER);
    }

    /** The checks, in the order of their numbers. */
    public List<Check> all() {
        List<Check> all = new ArrayList<>(outOfBalance());
        all.addAll(List.of(
                new Check(codes.apply("0405"), STOP, BooksChecks::entriesOut),
                new Check(codes.apply("0406"), QUERY, BooksChecks::openingsMoved),
                new Check(codes.apply("0410"), QUERY, this::movedMuch),
                new Check(codes.apply("0412"), QUERY, this::cameOrWent)));
        return List.copyOf(all);
    }

    /** The checks of single accounts. */
    public List<AccountCheck> ofAccounts() {
        return List.of(
                new AccountCheck(codes.apply("0401"), QUERY, BooksChecks::suggestedOnly),
                new AccountCheck(codes.apply("0402"), STOP, BooksChecks::withoutLine),
                new AccountCheck(codes.apply("0403"), STOP, BooksChecks::onTheWrongStatement),
                new AccountCheck(codes.apply("0413"), STOP, this::treatmentsOutOfPlace));
    }

    private static List<Found> suggestedOnly(AccountLook look) {
        return look.mapping()
                .filter(mapping -> !look.isEmpty() && !mapping.confirmed())
                .map(mapping -> look.found(
                        "Confirm where " + look.quoted() + " goes: " + mapping.line() + ", " + mapping.grounds() + ".",
                        Answer.CONFIRM))
                .orElse(List.of());
    }

    private static List<Found> withoutLine(AccountLook look) {
        return look.isMapped() || look.isEmpty()
                ? List.of()
                : look.found(look.quoted() + " has " + look.account().closing().printed() + " and no line. Map it.");
    }

    private static List<Found> onTheWrongStatement(AccountLook look) {
        return look.target()
                .filter(target -> target.statement() != look.account().statement())
                .map(target -> look.found(look.quoted() + " is a "
                        + look.account().statement().words() + " account and cannot feed " + target.id()
                        + ". Map it again."))
                .orElse(List.of());
    }

    private List<Found> treatmentsOutOfPlace(AccountLook look) {
        List<Found> found = new ArrayList<>();
        look.mapping().ifPresent(mapping -> {
            refusal(look, mapping.line(), mapping.treatment()).ifPresent(why -> found.addAll(outOfPlace(look, why)));
            mapping.splits()
                    .forEach(split -> refusal(look, split.line(), split.treatment())
                            .ifPresent(why -> found.addAll(outOfPlace(look, why))));
        });
        return found;
    }

    private Optional<String> refusal(AccountLook look, LineId line, String treatment) {
        return treatments.apply(treatment).flatMap(known -> look.target(line).flatMap(target -> target.refusal(known)));
    }

    private static List<Found> outOfPlace(AccountLook look, String why) {
        return look.found(look.quoted() + ": " + why + " Choose another treatment, or another line.");
    }

    /** Opening and closing balances under one code, or under one each where the return has two. */
    private List<Check> outOfBalance() {
        String closing = codes.apply("0404");
        String opening = codes.apply("0404/opening");
        Check both = new Check(
                closing,
                STOP,
                look -> Stream.of(closingOut(look), openingOut(look))
                        .flatMap(List::stream)
                        .toList());
        return closing.equals(opening)
                ? List.of(both)
                : List.of(
                        new Check(closing, STOP, BooksChecks::closingOut),
                        new Check(opening, STOP, BooksChecks::openingOut));
    }

    private static List<Found> closingOut(Examination look) {
        return out("Closing", look.calculation().books().closing());
    }

    private static List<Found> openingOut(Examination look) {
        return out("Opening", look.calculation().books().opening());
    }

    private static List<Found> out(String which, Money difference) {
        return difference.isZero()
                ? List.of()
                : List.of(books(
                        which + " debits and credits differ by " + difference.printed() + ". Correct the import."));
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
}
