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
import undersaw.engagement.Heading.Flag;
import undersaw.ledger.CarryoverKind;
import undersaw.line.LineId;
import undersaw.money.Money;

/** Checks of limits and of what earlier years left. */
final class LimitChecks {
    private static final int HELD_DAYS = 45;
    private static final List<String> LIMITED = List.of("1", "2", "3", "4", "5", "6", "7", "8");

    private LimitChecks() {}

    static List<Check> all() {
        return List.of(
                new Check("C-0207", QUERY, LimitChecks::heldTooShort),
                when(
                        "C-0230",
                        STOP,
                        look -> !look.amount("1120/C-payers/total").isZero()
                                && !look.amount("1120/C-payers/total").equals(dividendsOfBooks(look)),
                        look -> onLine(
                                "1120/C-payers/amount",
                                "The payers' dividends come to "
                                        + look.amount("1120/C-payers/total").printed() + ", the accounts hold "
                                        + dividendsOfBooks(look).printed() + ". Complete the list, or correct it.")),
                new Check("C-0232", STOP, LimitChecks::dividendsWithoutLine),
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
                        look -> look.amount("1120/W-CHAR/11/offered").isPositive() && !look.has("1120/W-CHAR/11"),
                        look -> new Found(
                                Place.line("1120/W-CHAR/11"),
                                "Of the gifts that do not pass the limit, a part raises the loss carryover instead "
                                        + "(IRC 170(d)(2)(B)); as the law measures it, "
                                        + look.amount("1120/W-CHAR/11/offered").printed()
                                        + ". Type how much, or 0.",
                                Answer.TYPE)),
                when(
                        "C-0309",
                        QUERY,
                        look -> look.amount("1120/W-CAP/4").isPositive()
                                && !look.heading().is(Flag.INITIAL)
                                && !look.has("1120/W-CAP/G1")
                                && !look.has("1120/W-CAP/G2")
                                && !look.has("1120/W-CAP/G3"),
                        look -> new Found(
                                Place.line("1120/W-CAP/G1"),
                                "A capital loss of "
                                        + look.amount("1120/W-CAP/4").printed()
                                        + " goes back three years first. Type the gains of these years, "
                                        + "or 0 (Form 1139).",
                                Answer.TYPE)),
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
                        look -> !look.amount("1120/W-M1/3").isZero()
                                && look.amount("4797/17").isZero()
                                && look.amount("1120/D/11").isZero()
                                && !look.isTyped("4797/17"),
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

    /** What accounts bring to Schedule C, whole. */
    private static Money dividendsOfBooks(Examination look) {
        return Money.sum(DividendPayers.LINES.stream()
                .map(line -> look.calculation()
                        .posted(LineId.of("1120/C/" + line + "/a"))
                        .roundedToDollars())
                .toList());
    }

    private static List<Found> dividendsWithoutLine(Examination look) {
        return look.rows("1120/C-payers/amount").stream()
                .filter(row -> look.inRow("1120/C-payers/line", row).isEmpty())
                .map(row -> Found.at(
                        new Place.OnLine(
                                LineId.of("1120/C-payers/line").in(row.key().instance())),
                        "Say on which line of Schedule C the dividend of "
                                + row.amount().printed() + " from \""
                                + look.inRow("1120/C-payers/payer", row) + "\" stands."))
                .toList();
    }

    /** One question for all stock, or, where payers are listed, each one held too short (IRC 246(c)). */
    private static List<Found> heldTooShort(Examination look) {
        if (!sum(look, "a").isPositive() || look.says("1120/C/hold", "yes")) {
            return List.of();
        }
        List<LineValue> rows = look.rows("1120/C-payers/amount").stream()
                .filter(row -> LIMITED.contains(look.inRow("1120/C-payers/line", row)))
                .toList();
        boolean known = !rows.isEmpty()
                && rows.stream()
                        .noneMatch(row -> look.inRow("1120/C-payers/days", row).isEmpty());
        if (!known) {
            return List.of(new Found(
                    Place.line("1120/C/hold"),
                    "Confirm that each stock was held more than 45 days, or move its dividend to line 20.",
                    Answer.YES_OR_NO));
        }
        return rows.stream()
                .filter(row -> Integer.parseInt(look.inRow("1120/C-payers/days", row)) <= HELD_DAYS)
                .map(row -> Found.at(
                        new Place.OnLine(
                                LineId.of("1120/C-payers/days").in(row.key().instance())),
                        "Stock of \"" + look.inRow("1120/C-payers/payer", row) + "\" was held "
                                + look.inRow("1120/C-payers/days", row)
                                + " days. At 45 or fewer its dividend belongs on line 20."))
                .toList();
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
        boolean typed = look.isTyped("1120/19");
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
