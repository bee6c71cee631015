package undersaw.us.corporation;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.List;
import java.util.Optional;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.law.calendar.DueDate;
import undersaw.money.Money;
import undersaw.returns.Instalment;

/** Checks of time: what is late, what comes next, what credits may take of the tax. */
final class DeadlineChecks {
    private DeadlineChecks() {}

    static List<Check> all() {
        return List.of(
                when(
                        "C-0611",
                        QUERY,
                        look -> look.today().isAfter(due(look).due())
                                && look.amount("1120/35").isPositive(),
                        look -> onLine(
                                "1120/35",
                                look.amount("1120/35").printed() + " was due on "
                                        + due(look).due()
                                        + ". Interest runs, and a penalty of a half percent a month (IRC 6651).")),
                when(
                        "C-0612",
                        QUERY,
                        look -> look.today().isAfter(due(look).due()) && !look.says("7004/filed", "yes"),
                        look -> new Found(
                                Place.line("7004/filed"),
                                "The return was due on " + due(look).due() + ". Was Form 7004 filed?",
                                Answer.YES_OR_NO)),
                when(
                        "C-0616",
                        STOP,
                        look -> look.amount("1120/J/5c").compareTo(creditLimit(look)) > 0,
                        look -> onLine(
                                "1120/J/5c",
                                "The general business credit of "
                                        + look.amount("1120/J/5c").printed() + " passes its limit of "
                                        + creditLimit(look).printed() + ". The rest is carried.")),
                new Check("C-0619", QUERY, DeadlineChecks::nextInstalments));
    }

    private static DueDate due(Examination look) {
        return DueDate.ofCorporation(look.period());
    }

    /** Net income tax less a quarter of net regular tax above the threshold (IRC 38(c)(1)). */
    private static Money creditLimit(Examination look) {
        Money tax = look.amount("1120/J/4").minus(look.amount("1120/J/5a")).minus(look.amount("1120/J/5b"));
        Money kept = tax.minus(look.amount("1120/W-O/2"))
                .notBelowZero()
                .timesInDollars(look.law().percent(CorporationLaw.CREDIT_SHARE));
        return tax.minus(kept).notBelowZero();
    }

    private static List<Found> nextInstalments(Examination look) {
        Optional<Instalment> first =
                CorporationInstalments.ofNextYear(look.calculation()).stream().findFirst();
        boolean called = !look.amount("est/base").isZero();
        return first.isEmpty() || !called || look.says("est/told", "yes")
                ? List.of()
                : List.of(new Found(
                        Place.line("est/told"),
                        "Next year's instalments, of " + look.amount("est/base").printed() + " in all, begin on "
                                + first.get().due() + ". Tell the client.",
                        Answer.YES_OR_NO));
    }
}
