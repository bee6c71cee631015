package undersaw.us.partnership;

import java.util.ArrayList;
import java.util.List;
import undersaw.check.Examination;
import undersaw.check.TieOut;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.us.depreciation.DepreciationTies;
import undersaw.us.passthrough.K1Boxes;
import undersaw.us.passthrough.StatementTies;

/** The figures of a partnership's return that must agree, by the numbers of the rulebook. */
final class PartnershipTieOuts {
    private static final String FORM = "1065/";
    private static final Money THREE = Money.ofDollars(3);

    /** The boxes of Schedules K-1, with what every partner was paid. */
    static final K1Boxes BOXES = new K1Boxes(
            PartnershipForms.CODE,
            List.of(
                    K1Boxes.pair(PartnershipForms.CODE, "4c", "K/4c"),
                    K1Boxes.pair(PartnershipForms.CODE, "14/A", "K/14a")));

    private PartnershipTieOuts() {}

    static List<TieOut> of(Examination look) {
        List<TieOut> ties = new ArrayList<>();
        for (String column : List.of("b", "d")) {
            ties.add(tie(look, "P-T01", "L/14/" + column, "L/22/" + column));
        }
        ties.add(tie(look, "P-T02", "M-1/9", "ANI/1"));
        Money cells = Money.sum(look.calculation().plan().parts().stream()
                .filter(part -> part.code().equals("ANI"))
                .flatMap(part -> look.calculation().plan().linesOf(part).stream())
                .filter(line -> line.id().within().startsWith("ANI/2"))
                .map(line -> look.calculation().amount(line))
                .toList());
        ties.add(new TieOut(
                "P-T03", "Analysis by kind of partner", cells, "line ANI/1", amount(look, "ANI/1"), id("ANI/1")));
        ties.addAll(BOXES.tieOuts(look, "P-T04"));
        ties.add(tie(look, "P-T06", "10", "K/4c"));
        addCapital(look, ties);
        if (look.has("8825/21")) {
            ties.add(new TieOut(
                    "P-T08",
                    "Form 8825 line 21",
                    look.amount("8825/21"),
                    "Schedule K line 2",
                    amount(look, "K/2"),
                    id("K/2")));
        }
        ties.add(tie(look, "P-T16", "K/14a", "SE/5"));
        ties.addAll(new StatementTies("P-T19").of(look));
        ties.addAll(DepreciationTies.of(look, true));
        return ties;
    }

    /** Item L of all partners against Schedule M-2, and their debts against the books. */
    private static void addCapital(Examination look, List<TieOut> ties) {
        ties.add(boxes(look, "P-T07", "L/beginning", "M-2/1"));
        ties.add(boxes(look, "P-T07", "L/net-income", "M-2/3"));
        ties.add(boxes(look, "P-T07", "L/ending", "M-2/9"));
        Money contributed = amount(look, "M-2/2a").plus(amount(look, "M-2/2b"));
        ties.add(new TieOut(
                "P-T07",
                "Schedules K-1, contributed",
                look.calculation().rowTotal(id("K-1/L/contributed")),
                "lines M-2/2a and 2b",
                contributed,
                id("M-2/2a")));
        Money drawn = amount(look, "M-2/6a").plus(amount(look, "M-2/6b"));
        ties.add(new TieOut(
                "P-T07",
                "Schedules K-1, withdrawals",
                look.calculation().rowTotal(id("K-1/L/withdrawals")),
                "lines M-2/6a and 6b",
                drawn,
                id("M-2/6a")));
        for (String end : List.of("begin", "end")) {
            Money shares = Money.ZERO;
            Money debts = Money.ZERO;
            for (String each : Liabilities.CLASSES) {
                shares = shares.plus(look.calculation().rowTotal(id("K-1/K/" + each + "/" + end)));
                debts = debts.plus(amount(look, "DEBT/" + each + "/" + end))
                        .plus(look.calculation().rowTotal(id("DEBT/named/" + each + "/" + end)));
            }
            ties.add(new TieOut(
                    "P-T14",
                    "Shares of debts, " + end + " of year",
                    shares,
                    "debts by class, in cents",
                    debts,
                    id("K-1/K/recourse/" + end),
                    THREE));
        }
    }

    private static TieOut boxes(Examination look, String code, String box, String line) {
        return new TieOut(
                code,
                "Schedules K-1, " + box,
                look.calculation().rowTotal(id("K-1/" + box)),
                "line " + line,
                amount(look, line),
                id(line));
    }

    private static LineId id(String within) {
        return LineId.of(FORM + within);
    }

    private static Money amount(Examination look, String line) {
        return look.amount(FORM + line);
    }

    private static TieOut tie(Examination look, String code, String left, String right) {
        return new TieOut(code, "Line " + left, amount(look, left), "line " + right, amount(look, right), id(right));
    }
}
