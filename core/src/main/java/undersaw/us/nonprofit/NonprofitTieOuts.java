package undersaw.us.nonprofit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import undersaw.books.WorkingBalance;
import undersaw.check.Examination;
import undersaw.check.TieOut;
import undersaw.line.LineId;
import undersaw.money.Money;

/** The pairs of figures of a small nonprofit's return that must agree (Instructions for Form 990-EZ, from memory). */
final class NonprofitTieOuts {
    private NonprofitTieOuts() {}

    private static TieOut lines(Examination look, String code, Named left, Named right) {
        return new TieOut(
                code,
                left.words(),
                look.amount(left.line()),
                right.words(),
                look.amount(right.line()),
                LineId.of(left.line()));
    }

    /** A line with its words. */
    private record Named(String words, String line) {}

    private static Named named(String words, String within) {
        return new Named(words, within.startsWith("990-") ? within : NonprofitReturn.CODE + "/" + within);
    }

    /** Line 19 against last year's line 21, where last year is known. */
    static Optional<TieOut> lastYear(Examination look) {
        return look.snapshot()
                .prior()
                .amount(LineId.of(NonprofitReturn.CODE + "/21"))
                .map(before -> new TieOut(
                        "NT-03",
                        "Line 19, net assets at the beginning",
                        look.amount(NonprofitReturn.CODE + "/19"),
                        "last year's line 21",
                        before,
                        LineId.of(NonprofitReturn.CODE + "/19")));
    }

    static TieOut opening(Examination look) {
        return lines(
                look, "NT-01", named("Line 27, column A, net assets at the beginning", "27/A"), named("line 19", "19"));
    }

    static TieOut closing(Examination look) {
        return lines(look, "NT-02", named("Line 27, column B, net assets at the end", "27/B"), named("line 21", "21"));
    }

    static List<TieOut> of(Examination look) {
        List<TieOut> ties = new ArrayList<>();
        ties.add(opening(look));
        ties.add(closing(look));
        lastYear(look).ifPresent(ties::add);
        ties.add(new TieOut(
                "NT-04",
                "Excess or deficit of the trial balance",
                WorkingBalance.netIncome(look.calculation()).roundedToDollars(),
                "the books' part of the return",
                look.amount(NonprofitReturn.CODE + "/W-BK/1"),
                LineId.of(NonprofitReturn.CODE + "/W-BK/1")));
        ties.add(new TieOut(
                "NT-05",
                "Net assets of the books at the end, rounded",
                look.amount(NonprofitReturn.CODE + "/W-NA/2").plus(look.amount(NonprofitReturn.CODE + "/W-RD/10")),
                "line 27, column B",
                look.amount(NonprofitReturn.CODE + "/27/B"),
                LineId.of(NonprofitReturn.CODE + "/27/B")));
        ties.add(lines(look, "NT-06", named("Expenses by function", "W-FN/5"), named("line 17", "17")));
        ties.add(lines(
                look,
                "NT-07",
                named("Program expenses of Part III", "32"),
                named("program expenses of the books", "W-FN/1")));
        ties.add(lines(look, "NT-08", named("Grants of Part III", "III/31"), named("line 10", "10")));
        ties.addAll(eventsAndGaming(look));
        ties.add(new TieOut(
                "NT-11",
                "Excess for line 18, walked from the books",
                look.amount(NonprofitReturn.CODE + "/W-BK/6"),
                "line 18",
                look.amount(NonprofitReturn.CODE + "/18"),
                LineId.of(NonprofitReturn.CODE + "/18")));
        return List.copyOf(ties);
    }

    private static List<TieOut> eventsAndGaming(Examination look) {
        List<TieOut> ties = new ArrayList<>();
        boolean events = !look.amount("990-G/3/d").isZero();
        boolean gaming = !look.amount("990-G/III/1/d").isZero();
        if (events) {
            ties.add(lines(
                    look, "NT-09", named("Gross income of events, Schedule G", "990-G/3/d"), named("line 6b", "6b")));
        }
        if (gaming) {
            ties.add(lines(
                    look,
                    "NT-12",
                    named("Gross revenue of gaming, Schedule G", "990-G/III/1/d"),
                    named("line 6a", "6a")));
        }
        if (events || gaming) {
            ties.add(new TieOut(
                    "NT-10",
                    "Direct expenses of events and gaming, Schedule G",
                    look.amount("990-G/10/d").plus(look.amount("990-G/III/7/d")),
                    "line 6c",
                    look.amount(NonprofitReturn.CODE + "/6c"),
                    LineId.of("990-G/10/d")));
        }
        return ties;
    }

    /** The difference of a pair within a sentence. */
    static String difference(TieOut tie) {
        Money difference = tie.difference();
        return tie.leftCaption() + " is " + tie.left().printed() + ", " + tie.rightCaption() + " is "
                + tie.right().printed() + ": a difference of " + difference.printed() + ".";
    }
}
