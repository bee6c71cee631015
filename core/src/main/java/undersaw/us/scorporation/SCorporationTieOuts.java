package undersaw.us.scorporation;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import undersaw.check.Examination;
import undersaw.check.TieOut;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.us.depreciation.DepreciationTies;
import undersaw.us.passthrough.K1Boxes;
import undersaw.us.passthrough.StatementTies;

/** The figures of an S corporation's return that must agree, by the numbers of the rulebook. */
final class SCorporationTieOuts {
    private static final String FORM = "1120-S/";
    private static final Money TWO = Money.ofDollars(2);

    private SCorporationTieOuts() {}

    /** The boxes of Schedules K-1; box 16D is divided on the way to dividends. */
    static final K1Boxes BOXES =
            new K1Boxes(SCorporationForms.CODE, List.of(K1Boxes.pair(SCorporationForms.CODE, "16/D", "K/16d")));

    static List<TieOut> of(Examination look) {
        List<TieOut> ties = new ArrayList<>();
        for (String column : List.of("b", "d")) {
            ties.add(lines(look, "S-T01", "L/15/" + column, "L/27/" + column));
        }
        ties.add(lines(look, "S-T02", "M-1/8", "K/18"));
        ties.addAll(BOXES.tieOuts(look, "S-T03"));
        Money drawn = sum(look, "M-2/7/a", "M-2/7/b", "M-2/7/c", "M-2/7/d", "AAA/11");
        ties.add(tie(look, "S-T04", new Named("Distributions by account", drawn), "AAA/6"));
        ties.add(tie(look, "S-T05", new Named("Distributions of Schedule K", sum(look, "K/16d", "K/17c")), "AAA/6"));
        for (String column : List.of("a", "b", "c", "d")) {
            Money rest = amount(look, "M-2/6/" + column).minus(amount(look, "M-2/7/" + column));
            ties.add(tie(
                    look,
                    "S-T06",
                    new Named("Schedule M-2 line 6 less line 7, column " + column, rest),
                    "M-2/8/" + column));
        }
        addAccounts(look, ties);
        addSchedules(look, ties);
        ties.addAll(new StatementTies("S-T19").of(look));
        ties.addAll(DepreciationTies.of(look, true));
        return ties;
    }

    /** What the adjustments accounts took up against Schedule K. */
    private static void addAccounts(Examination look, List<TieOut> ties) {
        boolean typed = List.of("M-2/5/a/redemption", "M-2/3/d/other", "M-2/5/d/other").stream()
                .anyMatch(line -> look.isTyped(FORM + line));
        if (!typed) {
            Money taken = sum(look, "M-2/2/a", "M-2/3/a", "M-2/3/d").minus(sum(look, "M-2/4/a", "M-2/5/a", "M-2/5/d"));
            Money items = sum(look, "K/18", "K/16a", "K/16b").minus(amount(look, "K/16c"));
            ties.add(new TieOut(
                    "S-T07",
                    "What Schedule M-2 takes up",
                    taken,
                    "income of the shareholders with exempt income, less nondeductible expenses",
                    items,
                    LineId.of(FORM + "M-2/6/a")));
        }
    }

    private static void addSchedules(Examination look, List<TieOut> ties) {
        if (look.has("8825/21")) {
            ties.add(new TieOut(
                    "S-T09",
                    "Form 8825 line 21",
                    look.amount("8825/21"),
                    "Schedule K line 2",
                    amount(look, "K/2"),
                    LineId.of(FORM + "K/2")));
        }
        shares(look).ifPresent(ties::add);
        if (!look.rows("7203/6").isEmpty()) {
            ties.add(new TieOut(
                    "S-T12",
                    "Distributions of all basis worksheets",
                    look.calculation().rowTotal(LineId.of("7203/6")),
                    "Schedule K line 16d",
                    amount(look, "K/16d"),
                    LineId.of("7203/6")));
        }
        if (look.has("1125-E/2")) {
            ties.add(new TieOut(
                    "S-T11",
                    "Form 1125-E line 4",
                    look.amount("1125-E/4"),
                    "line 7",
                    amount(look, "7"),
                    LineId.of("1125-E/4")));
        }
        Money movement = amount(look, "L/24/d").minus(amount(look, "L/24/b"));
        boolean plain = look.calculation().postings(LineId.of(FORM + "L/24/d")).stream()
                .allMatch(posting -> look.calculation()
                                .snapshot()
                                .accounts()
                                .get(posting.account())
                                .onIncomeStatement()
                        || look.calculation()
                                .books()
                                .treated("shareholder-distribution")
                                .contains(posting.account())
                        || isStill(look, posting.account()));
        if (plain) {
            ties.add(new TieOut(
                    "S-T08",
                    "Movement of retained earnings",
                    movement,
                    "book income less distributions",
                    amount(look, "M-1/1").minus(amount(look, "AAA/6")),
                    LineId.of(FORM + "L/24/d"),
                    TWO));
        }
        BigDecimal whole = look.rows(FORM + "K-1/G").stream()
                .map(row -> new BigDecimal(row.value().plain()))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        if (whole.signum() > 0) {
            ties.add(new TieOut(
                    "S-T13",
                    "Percentages of all shareholders",
                    Money.parse(whole.setScale(2, RoundingMode.DOWN).toPlainString()),
                    "the whole",
                    Money.ofDollars(100),
                    LineId.of(FORM + "K-1/G")));
        }
    }

    /** An account of retained earnings that nothing moved in the year. */
    private static boolean isStill(Examination look, String number) {
        var account = look.calculation().snapshot().accounts().get(number);
        return look.calculation().opening(account).equals(look.calculation().adjusted(account));
    }

    private static Optional<TieOut> shares(Examination look) {
        String typed = look.calculation().answer(LineId.of(FORM + "K-1/D/end"));
        if (typed.isEmpty()) {
            return Optional.empty();
        }
        BigDecimal held = look.rows(FORM + "K-1/H/end").stream()
                .map(row -> new BigDecimal(row.value().plain()))
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        return Optional.of(new TieOut(
                "S-T10",
                "Shares of all shareholders",
                Money.parse(held.setScale(2, RoundingMode.DOWN).toPlainString()),
                "shares outstanding",
                Money.parse(new BigDecimal(typed).setScale(2, RoundingMode.DOWN).toPlainString()),
                LineId.of(FORM + "K-1/D/end")));
    }

    private static Money amount(Examination look, String line) {
        return look.amount(FORM + line);
    }

    private static Money sum(Examination look, String... lines) {
        return Money.sum(List.of(lines).stream().map(line -> amount(look, line)).toList());
    }

    private static TieOut lines(Examination look, String code, String left, String right) {
        return tie(look, code, new Named("Line " + left, amount(look, left)), right);
    }

    /** A figure with the words that name it. */
    private record Named(String words, Money amount) {}

    private static TieOut tie(Examination look, String code, Named left, String right) {
        return new TieOut(
                code, left.words(), left.amount(), "line " + right, amount(look, right), LineId.of(FORM + right));
    }
}
