package undersaw.us.corporation;

import java.util.ArrayList;
import java.util.List;
import undersaw.check.Examination;
import undersaw.check.TieOut;
import undersaw.ledger.Account;
import undersaw.ledger.Payment;
import undersaw.line.LineId;
import undersaw.money.Money;

/** The pairs of figures of a corporation's return that must agree (common practice, no source). */
final class CorporationTieOuts {
    private CorporationTieOuts() {}

    static List<TieOut> of(Examination look) {
        List<TieOut> ties = new ArrayList<>();
        if (!look.says("1120/K/13", "yes")) {
            ties.add(lines(
                    look,
                    "TO-01b",
                    new Named("Opening assets", "1120/L/15/b"),
                    new Named("liabilities and equity", "1120/L/28/b")));
            ties.add(lines(
                    look,
                    "TO-01d",
                    new Named("Closing assets", "1120/L/15/d"),
                    new Named("liabilities and equity", "1120/L/28/d")));
            ties.add(lines(
                    look, "TO-02", new Named("Schedule M-1 line 10", "1120/M-1/10"), new Named("line 28", "1120/28")));
            ties.add(lines(
                    look,
                    "TO-03",
                    new Named("Schedule M-2 line 8", "1120/M-2/8"),
                    new Named("Schedule L line 25", "1120/L/25/d")));
            ties.add(lines(
                    look,
                    "TO-04",
                    new Named("Schedule M-2 line 1", "1120/M-2/1"),
                    new Named("Schedule L line 25, opening", "1120/L/25/b")));
        }
        if (look.says("1120/hdr/A4", "yes")) {
            ties.add(lines(
                    look,
                    "TO-16",
                    new Named("Schedule M-3 line 30, column a", "1120/M-3/II/30/a"),
                    new Named("Part I line 11", "1120/M-3/I/11")));
            ties.add(lines(
                    look,
                    "TO-17",
                    new Named("Schedule M-3 line 30, column d", "1120/M-3/II/30/d"),
                    new Named("line 28", "1120/28")));
        }
        ties.add(lines(
                look,
                "TO-05",
                new Named("Schedule M-2 line 2", "1120/M-2/2"),
                new Named("Schedule M-1 line 1", "1120/M-1/1")));
        ties.add(new TieOut(
                "TO-06",
                "Net income of the trial balance",
                bookIncome(look),
                "Schedule M-1 line 1",
                look.amount("1120/M-1/1"),
                LineId.of("1120/M-1/1")));
        if (look.has("1125-A/8")) {
            ties.add(lines(
                    look,
                    "TO-07",
                    new Named("Form 1125-A opening inventory", "1125-A/1"),
                    new Named("Schedule L line 3, opening", "1120/L/3/b")));
            ties.add(lines(
                    look,
                    "TO-08",
                    new Named("Form 1125-A closing inventory", "1125-A/7"),
                    new Named("Schedule L line 3", "1120/L/3/d")));
            ties.add(lines(look, "TO-29", new Named("Line 2", "1120/2"), new Named("Form 1125-A line 8", "1125-A/8")));
        }
        if (look.has("1125-E/2")) {
            ties.add(new TieOut(
                    "TO-10",
                    "Form 1125-E line 4",
                    look.amount("1125-E/4"),
                    "officers' pay on the books",
                    look.calculation().posted(LineId.of("1120/12")).roundedToDollars(),
                    LineId.of("1125-E/4")));
        }
        ties.add(lines(look, "TO-11", new Named("Schedule C line 23", "1120/C/23/a"), new Named("line 4", "1120/4")));
        ties.add(lines(
                look, "TO-12", new Named("Schedule C line 24", "1120/C/24/c"), new Named("line 29b", "1120/29b")));
        ties.add(lines(
                look,
                "TO-15",
                new Named("Exempt interest, question 9", "1120/K/9"),
                new Named("Schedule M-1 line 7a", "1120/M-1/7a")));
        ties.add(lines(look, "TO-20", new Named("Schedule J line 12", "1120/J/12"), new Named("line 31", "1120/31")));
        ties.add(lines(look, "TO-21", new Named("Schedule J line 23", "1120/J/23"), new Named("line 33", "1120/33")));
        ties.add(payments(look));
        return List.copyOf(ties);
    }

    /** A line with the words that name it. */
    private record Named(String caption, String line) {}

    private static TieOut lines(Examination look, String code, Named left, Named right) {
        return new TieOut(
                code,
                left.caption(),
                look.amount(left.line()),
                right.caption(),
                look.amount(right.line()),
                LineId.of(left.line()));
    }

    private static Money bookIncome(Examination look) {
        Money debits = Money.sum(look.snapshot().accounts().values().stream()
                .filter(Account::onIncomeStatement)
                .map(look.calculation()::adjusted)
                .toList());
        return debits.negated().roundedToDollars();
    }

    private static TieOut payments(Examination look) {
        Money listed = Money.sum(
                look.snapshot().lists().payments().stream().map(Payment::amount).toList());
        Money onReturn = Money.sum(List.of(
                look.amount("1120/J/13"),
                look.amount("1120/J/14"),
                look.amount("1120/J/17"),
                look.amount("1120/J/18")));
        return new TieOut(
                "TO-22",
                "Payments listed",
                listed.roundedToDollars(),
                "Schedule J payments",
                onReturn,
                LineId.of("1120/J/19"));
    }
}
