package undersaw.us.corporation;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.ArrayList;
import java.util.List;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.engagement.Carried;
import undersaw.engagement.Fact;
import undersaw.ledger.CarryoverKind;
import undersaw.line.LineKey;
import undersaw.money.Money;

/** Checks of what earlier years left and of what this year leaves. */
final class CarryoverChecks {
    private static final Money APPRAISED_GIFT = Money.ofDollars(5_000);

    private CarryoverChecks() {}

    static List<Check> all() {
        return List.of(
                new Check("C-0223", QUERY, CarryoverChecks::beginsOtherwise),
                when(
                        "C-0302",
                        QUERY,
                        look -> look.amount("1120/W-CHAR/1/accrued").isPositive()
                                && !look.says("1120/W-CHAR/1/board", "yes"),
                        look -> new Found(
                                Place.line("1120/W-CHAR/1/board"),
                                "Gifts of "
                                        + look.amount("1120/W-CHAR/1/accrued").printed()
                                        + " were not paid by year end. Confirm that the board authorized them and that "
                                        + "they are paid by the due date.",
                                Answer.YES_OR_NO)),
                when(
                        "C-0303",
                        QUERY,
                        look -> look.amount("1120/W-CHAR/1/property").compareTo(APPRAISED_GIFT) > 0
                                && !look.says("1120/W-CHAR/1/8283", "yes"),
                        look -> new Found(
                                Place.line("1120/W-CHAR/1/8283"),
                                "Gifts of property of "
                                        + look.amount("1120/W-CHAR/1/property").printed()
                                        + " need Form 8283. Attach it.",
                                Answer.YES_OR_NO)),
                new Check("C-0305", NOTE, CarryoverChecks::expiring),
                when(
                        "C-0306",
                        QUERY,
                        look -> look.amount("1120/29a").isPositive()
                                && look.says("1120/K/16", "yes")
                                && !look.has("1120/W-NOL/382"),
                        look -> new Found(
                                Place.line("1120/W-NOL/382"),
                                "Ownership changed, and losses of "
                                        + look.amount("1120/29a").printed()
                                        + " are used. Type the limit of section 382.",
                                Answer.TYPE)),
                when(
                        "C-0307",
                        STOP,
                        look -> look.isTyped("1120/K/12")
                                && !look.amount("1120/K/12").equals(look.amount("1120/W-NOL/2")),
                        look -> onLine(
                                "1120/K/12",
                                "The loss carryover is stated as "
                                        + look.amount("1120/K/12").printed() + "; the years on the worksheet come to "
                                        + look.amount("1120/W-NOL/2").printed() + ".")));
    }

    /** A part put off that does not begin with what last year ended with. */
    private static List<Found> beginsOtherwise(Examination look) {
        List<Found> found = new ArrayList<>();
        look.snapshot().facts().forEach((LineKey key, Fact fact) -> {
            Carried last = isBegin(key) ? look.snapshot().carried().get(key.toString()) : null;
            if (last != null && !sameAmount(last.value(), fact.value())) {
                found.add(Found.at(
                        new Place.OnAccount(key.instance()),
                        "The part of account " + key.instance() + " put off from last year was " + last.value()
                                + " there and is " + fact.value() + " here. Correct one, or say why."));
            }
        });
        return found;
    }

    private static boolean isBegin(LineKey key) {
        return key.line().text().startsWith("TREAT/") && key.line().text().endsWith("/begin");
    }

    private static boolean sameAmount(String one, String other) {
        return Money.isPlain(one) && Money.isPlain(other)
                ? Money.parse(one).equals(Money.parse(other))
                : one.equals(other);
    }

    /** What ends unused with this year, and what was too old when the year began. */
    private static List<Found> expiring(Examination look) {
        List<Found> found = new ArrayList<>();
        CorporationCarryforwards.years(look.calculation()).stream()
                .filter(year -> year.expired().isPositive())
                .forEach(year -> found.add(onLine(
                        worksheetLine(year.kind()),
                        year.kind().caption() + " of " + year.year() + ", "
                                + year.expired().printed() + ", ends unused.")));
        return found;
    }

    private static String worksheetLine(CarryoverKind kind) {
        return switch (kind) {
            case CHARITABLE -> "1120/W-CHAR/10";
            case CAPITAL_LOSS -> "1120/W-CAP/1";
            default -> "1120/W-NOL/2";
        };
    }
}
