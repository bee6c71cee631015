package undersaw.us.nonprofit;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.List;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.check.SameAmount;
import undersaw.check.TieOut;
import undersaw.engagement.AccountingMethod;
import undersaw.engagement.Heading.Flag;
import undersaw.line.LineId;

/** Revenue, expenses and net assets that must agree or be explained (Instructions for Form 990-EZ, from memory). */
final class NetAssetChecks {
    private static final String LIABILITIES = " Most often liabilities were not entered on line 26, or net "
            + "assets were "
            + "changed without line 20. Complete the one or explain the other.";

    private NetAssetChecks() {}

    static List<Check> all() {
        return List.of(
                new Check("N-0301", STOP, look -> differs(look, NonprofitTieOuts.opening(look), LIABILITIES)),
                new Check("N-0302", STOP, look -> differs(look, NonprofitTieOuts.closing(look), LIABILITIES)),
                new Check(
                        "N-0303",
                        STOP,
                        look -> NonprofitTieOuts.lastYear(look)
                                .map(tie -> differs(
                                        look,
                                        tie,
                                        " Correct the opening balances, or last year. An error of last year goes to "
                                                + "line 20 with an explanation."))
                                .orElse(List.of())),
                when(
                        "N-0304",
                        STOP,
                        look -> !look.amount("990-EZ/20").isZero() && !isExplained(look, "20"),
                        look -> onLine(
                                "990-EZ/20",
                                "Line 20 holds other changes in net assets. Explain them in Schedule O, line 20.")),
                when(
                        "N-0305",
                        QUERY,
                        look -> look.amount("990-EZ/27/B").isNegative(),
                        look -> onLine(
                                "990-EZ/27/B",
                                "Net assets are below zero. Are all assets entered, and no liability twice?")),
                when(
                        "N-0306",
                        QUERY,
                        look -> look.amount("990-EZ/26/B").isZero()
                                && look.snapshot().heading().method() == AccountingMethod.ACCRUAL
                                && !look.amount("990-EZ/17").isZero(),
                        look -> onLine(
                                "990-EZ/26/B",
                                "The books are kept on the accrual method and show no liabilities at the year's end. "
                                        + "Are unpaid bills and advance receipts entered?")),
                when(
                        "N-0307",
                        QUERY,
                        look -> look.amount("990-EZ/6b").isZero()
                                && !look.amount("990-EZ/6c").isZero()
                                && look.amount("990-EZ/6a").isZero(),
                        look -> onLine(
                                "990-EZ/6c",
                                "Events have direct expenses and no income. Is the income on another line?")),
                when(
                        "N-0308",
                        QUERY,
                        look -> look.amount("990-EZ/7a").isZero()
                                && !look.amount("990-EZ/7b").isZero(),
                        look -> onLine("990-EZ/7b", "Goods have a cost and no sales. Are the sales on another line?")),
                when(
                        "N-0309",
                        QUERY,
                        look -> look.amount("990-EZ/5a").isZero()
                                && !look.amount("990-EZ/5b").isZero(),
                        look -> onLine(
                                "990-EZ/5b",
                                "Assets sold have a cost and no proceeds. Enter what they were sold for.")),
                when(
                        "N-0310",
                        QUERY,
                        look -> !look.amount("990-EZ/W-BK/5").isZero()
                                && look.snapshot().heading().method() != AccountingMethod.CASH,
                        look -> onLine(
                                "990-EZ/W-BK/5",
                                "Pledges are left out though the books are not kept on the "
                                        + "cash method. Count them in.")),
                when(
                        "N-0311",
                        NOTE,
                        look -> !look.amount("990-EZ/W-BK/2").equals(look.amount("990-EZ/W-BK/3")),
                        look -> onLine(
                                "990-EZ/W-BK/3",
                                "Donated services left out of revenue and of expenses differ by "
                                        + look.amount("990-EZ/W-BK/3")
                                                .minus(look.amount("990-EZ/W-BK/2"))
                                                .printed()
                                        + ". They usually are the same.")),
                when(
                        "N-0312",
                        QUERY,
                        look -> look.snapshot().heading().is(Flag.FINAL)
                                && !look.amount("990-EZ/27/B").isZero(),
                        look -> onLine(
                                "990-EZ/27/B",
                                "A final return still shows net assets of "
                                        + look.amount("990-EZ/27/B").printed()
                                        + ". Where did they go? See question 36.")),
                when(
                        "N-0313",
                        STOP,
                        look -> !look.amount("990-EZ/10").isZero() && !isExplained(look, "10"),
                        look -> onLine(
                                "990-EZ/10", "Grants were paid. Say in Schedule O, line 10, to whom and what for.")),
                when(
                        "N-0314",
                        QUERY,
                        look -> !look.amount("990-EZ/W-FN/4").isZero(),
                        look -> onLine(
                                "990-EZ/W-FN/4",
                                "Expenses of " + look.amount("990-EZ/W-FN/4").printed()
                                        + " serve no function yet. Give their accounts the treatment "
                                        + "program, management or "
                                        + "fundraising, or split them.")));
    }

    private static List<Found> differs(Examination look, TieOut tie, String what) {
        return tie.agrees()
                ? List.of()
                : List.of(Found.at(
                        Place.line(tie.place()),
                        NonprofitTieOuts.difference(tie)
                                + what
                                + SameAmount.words(look.calculation(), tie.difference())));
    }

    /** Whether Schedule O has a row for the line. */
    static boolean isExplained(Examination look, String line) {
        return look.calculation().rowValues(LineId.of("990-O/line")).stream()
                .anyMatch(value ->
                        value.value().plain().replaceAll("(?i)^line ", "").equalsIgnoreCase(line));
    }
}
