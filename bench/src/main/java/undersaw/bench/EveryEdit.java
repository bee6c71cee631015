package undersaw.bench;

import java.util.List;
import java.util.Map;
import undersaw.calc.Calculation;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.Snapshot;
import undersaw.form.LineKind;
import undersaw.ledger.Account;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.registry.Returns;

/**
 * Every account and every typed line of a return edited in turn: how much of a full evaluation each edit takes.
 *
 * <p>Counted are lines, and rows of accounts behind them. The measure is a count, so it comes out the same on every
 * machine.
 */
final class EveryEdit {
    private static final int PART = 100;

    private EveryEdit() {}

    static void measure(String name, Snapshot books) {
        Calculation before = Returns.calculate(books);
        int whole = before.evaluatedLines();
        Bench.say(
                "%s, %d accounts: a full evaluation takes %d lines and rows",
                name, books.accounts().size(), whole);
        List<Integer> accounts = books.accounts().values().stream()
                .map(EveryEdit::raised)
                .map(change -> evaluated(before, change))
                .sorted()
                .toList();
        List<Integer> lines = before.plan().parts().stream()
                .flatMap(part -> before.plan().linesOf(part).stream())
                .filter(line -> line.isTyped() && !line.isRepeating() && line.kind() == LineKind.AMOUNT)
                .map(line -> typed(line.id()))
                .map(change -> evaluated(before, change))
                .sorted()
                .toList();
        say("accounts", accounts, whole);
        say("typed lines", lines, whole);
    }

    /** The account with a thousand dollars more at the end of the year. */
    static Change raised(Account old) {
        Money closing = old.closing().plus(Money.ofDollars(1000));
        return new Change.AccountSet(new Account(old.number(), old.name(), old.statement(), old.opening(), closing));
    }

    private static Change typed(LineId line) {
        return new Change.FactsSet(Map.of(line.alone(), Fact.of("1234")));
    }

    private static int evaluated(Calculation before, Change change) {
        return before.after(change.applyTo(before.snapshot()), change.touches()).evaluatedLines();
    }

    private static void say(String what, List<Integer> sorted, int whole) {
        int half = sorted.get(sorted.size() / 2);
        int most = sorted.get(sorted.size() - 1);
        long small = sorted.stream().filter(each -> each * PART < whole).count();
        Bench.say(
                "  %d %s edited in turn: 1/%d at the median, 1/%d at the most; %.0f%% of the edits under a hundredth",
                sorted.size(),
                what,
                whole / Math.max(1, half),
                whole / Math.max(1, most),
                100.0 * small / sorted.size());
    }
}
