package undersaw.books;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import undersaw.calc.Calculation;
import undersaw.check.TieOut;
import undersaw.ledger.Account;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.returns.BookLines;
import undersaw.returns.ReturnKind;

/** The pairs of figures that must agree before a return can: books with books, books with the return. */
public final class BookTieOuts {
    private BookTieOuts() {}

    /** The tie-outs of a computed return's books. */
    public static List<TieOut> of(Calculation year, Optional<Calculation> lastYear, ReturnKind kind) {
        BookLines lines = kind.bookLines();
        List<TieOut> ties = new ArrayList<>();
        ties.add(sides("TB-1", year, false, lines.bookIncome()));
        ties.add(sides("TB-2", year, true, lines.bookIncome()));
        ties.add(new TieOut(
                "TB-3",
                "Net income of the books",
                WorkingBalance.netIncome(year).roundedToDollars(),
                "book income on the return",
                year.amount(lines.bookIncome()),
                lines.bookIncome()));
        Bridge bridge = Bridge.of(year, kind);
        ties.add(new TieOut(
                "TB-4",
                "Book income and every difference",
                bridge.bookIncome().plus(bridge.total(true)).plus(bridge.total(false)),
                lines.arrivesAt() + " on the return",
                bridge.taxableIncome(),
                lines.taxableIncome()));
        RetainedRoll roll = RetainedRoll.of(year, kind);
        ties.add(new TieOut(
                "TB-5",
                "Retained earnings rolled forward",
                roll.closing().roundedToDollars(),
                "retained earnings on the return",
                roll.onReturn(),
                year.plan()
                        .target(lines.retainedEarnings())
                        .map(target -> target.closing())
                        .orElse(lines.bookIncome())));
        ties.addAll(RegisterTies.of(year));
        lastYear.ifPresent(last -> ties.add(new TieOut(
                "TB-6",
                "Last year's closing debits",
                debits(Openings.after(last, kind).values().stream().toList()),
                "this year's opening debits",
                debits(year.snapshot().accounts().values().stream()
                        .map(year::opening)
                        .toList()),
                lines.bookIncome())));
        return ties;
    }

    private static TieOut sides(String code, Calculation year, boolean opening, LineId place) {
        String which = opening ? "Opening" : "Adjusted";
        List<Money> balances = year.snapshot().accounts().values().stream()
                .map((Account account) -> opening ? year.opening(account) : year.adjusted(account))
                .toList();
        return new TieOut(
                code,
                which + " debits",
                debits(balances),
                which.toLowerCase(Locale.ROOT) + " credits",
                debits(balances.stream().map(Money::negated).toList()),
                place);
    }

    private static Money debits(List<Money> balances) {
        return Money.sum(balances.stream().map(Money::notBelowZero).toList());
    }
}
