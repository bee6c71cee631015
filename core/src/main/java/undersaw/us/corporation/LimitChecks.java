package undersaw.us.corporation;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.List;
import undersaw.calc.LineValue;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.ledger.CarryoverKind;
import undersaw.line.LineId;
import undersaw.money.Money;

/** Checks of limits and of what earlier years left. */
final class LimitChecks {
    private static final List<String> LIMITED = List.of("1", "2", "3", "4", "5", "6", "7", "8");

    private LimitChecks() {}

    static List<Check> all() {
        return List.of(
                when(
                        "C-0207",
                        QUERY,
                        look -> sum(look, "a").isPositive() && !look.says("1120/C/hold", "yes"),
                        look -> new Found(
                                Place.line("1120/C/hold"),
                                "Confirm that each stock was held more than 45 days, or move its dividend to line 20.",
                                Answer.YES_OR_NO)),
                when(
                        "C-0208",
                        NOTE,
                        look -> look.amount("1120/C/9/c").compareTo(sum(look, "c")) < 0,
                        look -> onLine(
                                "1120/C/9/c",
                                "The income limit cut the dividends-received deduction by "
                                        + sum(look, "c")
                                                .minus(look.amount("1120/C/9/c"))
                                                .printed() + "; nothing is carried on.")),
                when(
                        "C-0209",
                        NOTE,
                        look -> sum(look, "c").isPositive()
                                && look.amount("1120/W-DRD/14").isNegative(),
                        look -> onLine(
                                "1120/C/9/c",
                                "The loss exception gives the whole deduction of "
                                        + look.amount("1120/C/9/c").printed() + ".")),
                when(
                        "C-0211",
                        STOP,
                        look -> look.amount("4562/12").compareTo(look.law().amount(CorporationLaw.SECTION_179_LIMIT))
                                > 0,
                        look -> onLine(
                                "4562/12",
                                "Section 179 exceeds the yearly limit of "
                                        + look.law()
                                                .amount(CorporationLaw.SECTION_179_LIMIT)
                                                .printed() + ".")),
                when(
                        "C-0301",
                        NOTE,
                        look -> look.amount("1120/W-CHAR/10").isPositive(),
                        look -> onLine(
                                "1120/19",
                                look.amount("1120/W-CHAR/10").printed()
                                        + " of gifts carried on to the next five years.")),
                when(
                        "C-0308",
                        NOTE,
                        LimitChecks::giftsAndLossesBind,
                        look -> onLine(
                                "1120/19",
                                "Gifts and the loss deduction limit each other; worksheet W-CHAR-B solves them "
                                        + "together, for which no worksheet is published. Read it over.")),
                when(
                        "C-0304",
                        QUERY,
                        LimitChecks::giftsAndLossesBind,
                        look -> onLine(
                                "1120/W-CHAR/10",
                                "Of the gifts that do not pass the limit, a part may raise the loss carryover "
                                        + "instead (IRC 170(d)(2)(B)). Say how much goes on as a gift.")),
                when(
                        "C-0309",
                        QUERY,
                        look -> look.amount("1120/W-CAP/4").isPositive(),
                        look -> onLine(
                                "1120/D/18",
                                "A capital loss of "
                                        + look.amount("1120/W-CAP/4").printed()
                                        + " goes back three years first. Check for gains there (Form 1139).")),
                when(
                        "C-0312",
                        QUERY,
                        look -> !look.amount("1120/W-M1/4").isZero()
                                && look.amount("1120/W-CAP/2").isZero(),
                        look -> onLine(
                                "1120/D/18",
                                "The books gain " + look.amount("1120/W-M1/4").printed()
                                        + " on capital assets, Schedule D lists no sale.")),
                when(
                        "C-0313",
                        QUERY,
                        look -> !look.amount("1120/W-M1/3").isZero() && !look.has("4797/17") && !look.has("1120/D/11"),
                        look -> new Found(
                                Place.line("4797/17"),
                                "The books gain "
                                        + look.amount("1120/W-M1/3").printed()
                                        + " on property sold. Type the result of Form 4797.",
                                Answer.TYPE)),
                when(
                        "C-0314",
                        QUERY,
                        look -> look.law().year() >= 2026
                                && look.amount("1120/W-CHAR/1").isPositive()
                                && look.amount("1120/29a").isPositive(),
                        look -> onLine(
                                "1120/19", "The 1% floor and the loss deduction meet: check line 19 and type it.")),
                new Check("C-0315", STOP, LimitChecks::impossibleLosses),
                when(
                        "C-0316",
                        NOTE,
                        look -> look.amount("1120/W-NOL/11").isPositive(),
                        look -> onLine(
                                "1120/28",
                                "A loss of " + look.amount("1120/W-NOL/11").printed()
                                        + " is carried on without end, up to 80% of later income.")));
    }

    /** Column a or c of Schedule C, lines 1 to 8. */
    private static Money sum(Examination look, String column) {
        return Money.sum(LIMITED.stream()
                .map(line -> look.amount("1120/C/" + line + "/" + column))
                .toList());
    }

    /** The second trial of the limit on gifts still leaves a loss deduction, and nobody typed line 19. */
    private static boolean giftsAndLossesBind(Examination look) {
        boolean secondTrial = look.amount("1120/W-CHAR/A").compareTo(look.amount("1120/W-CHAR/L1")) > 0;
        boolean typed = look.calculation()
                .value(LineId.of("1120/19"))
                .flatMap(LineValue::typedFact)
                .isPresent();
        return secondTrial && look.amount("1120/W-NOL-T2/9").isPositive() && !typed;
    }

    private static List<Found> impossibleLosses(Examination look) {
        return look.snapshot().lists().carryovers().stream()
                .filter(each -> each.kind() == CarryoverKind.NOL)
                .filter(each ->
                        each.year() > look.law().year() - 1 || each.amount().isNegative())
                .map(each -> onLine("1120/W-NOL/2", "The carryover of " + each.year() + " cannot exist. Correct it."))
                .toList();
    }
}
