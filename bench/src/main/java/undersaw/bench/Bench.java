package undersaw.bench;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.pcollections.HashTreePMap;
import undersaw.calc.Calculation;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.Snapshot;
import undersaw.files.folder.EngagementFolder;
import undersaw.files.sheet.ReturnWorkbook;
import undersaw.form.RowList;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.registry.Returns;
import undersaw.suggestions.HeldOut;
import undersaw.suggestions.NameScore;

/**
 * Full recalculation against a general-purpose spreadsheet evaluator on the workbook exported from the same return;
 * suggestions for names never seen; a ledger's import against the sqlite3 shell; a large file in little memory.
 *
 * <p>The recalculations run in one process on the same machine and must find the same figures; the time is a median.
 */
public final class Bench {
    private static final int ACCOUNTS = 2000;
    private static final int TRANSACTIONS = 200_000;
    private static final int SALES = 1_000;
    private static final int RUNS = 101;
    private static final int FEWEST = 5;
    private static final long WARM_NANOS = 3_000_000_000L;
    private static final long MEASURED_NANOS = 5_000_000_000L;

    private Bench() {}

    /** Prints the comparison; ends with 1 where the results differ. */
    public static void main(String[] args) throws IOException, InterruptedException {
        Snapshot demo = folder("gannet-row-cannery-2025");
        Snapshot large = LargeBooks.of(folder("slackwater-terminal-2025"), ACCOUNTS);
        boolean equal = compare("demo engagement", demo) & compare("2,000 accounts", large);
        equal &= compare("1,000 sales of property", withSales(demo, SALES));
        edit(large);
        ManyMembers.measure(demo, Bench::median);
        ManyPartners.measure(demo, Bench::median);
        ManyAssets.measure(demo, Bench::median);
        for (String each : List.of("slackwater-terminal-2025", "low-tide-kayaks-2025", "gannet-row-cannery-2025")) {
            EveryEdit.measure(each, LargeBooks.of(folder(each), ACCOUNTS));
        }
        for (HeldOut.Split split : HeldOut.Split.values()) {
            say(
                    "%s: %s",
                    split,
                    HeldOut.of(Returns.find("1120").orElseThrow().suggestions(), split)
                            .words());
        }
        for (String form : List.of("1120", "990-EZ")) {
            say(
                    "Names as offices write them, Form %s: %s",
                    form,
                    NameScore.of(
                                    Returns.find(form).orElseThrow().suggestions(),
                                    "undersaw/suggestions/written-" + form + ".csv")
                            .words());
        }
        LedgerImport.compare(demo.heading(), TRANSACTIONS);
        boolean fits = HundredMegabytes.fits();
        System.exit(equal && fits ? 0 : 1);
    }

    /** The same engagement with so many sales, each with a box. */
    private static Snapshot withSales(Snapshot books, int sales) {
        Map<LineKey, Fact> facts = new HashMap<>(books.facts());
        for (int i = 1; i <= sales; i++) {
            String row = RowList.numbered(i);
            facts.put(LineId.of("8949/proceeds").in(row), Fact.of(String.valueOf(900 + i)));
            facts.put(LineId.of("8949/cost").in(row), Fact.of(String.valueOf(400 + i % 13)));
            facts.put(LineId.of("8949/box").in(row), Fact.of(String.valueOf((char) ('A' + i % 12))));
        }
        return books.withFacts(HashTreePMap.from(facts));
    }

    private static Snapshot folder(String name) {
        return EngagementFolder.read(Path.of("demo", name)).engagement().orElseThrow();
    }

    private static boolean compare(String name, Snapshot books) throws IOException {
        Calculation calculation = Returns.calculate(books);
        long ours = median(() -> Returns.calculate(books));
        try (WorkbookRecalculation workbook = new WorkbookRecalculation(ReturnWorkbook.write(calculation))) {
            long theirs = median(workbook::recalculate);
            Map<String, Long> amounts = workbook.amounts();
            long differing = amounts.entrySet().stream()
                    .filter(each -> figure(calculation, each.getKey()) != each.getValue())
                    .peek(each -> say(
                            "  differs: %s is %d, the workbook says %d",
                            each.getKey(), figure(calculation, each.getKey()), each.getValue()))
                    .count();
            say(
                    "%s, full recalculation: Undersaw %.2f ms, spreadsheet evaluator %.2f ms, %.0f times as fast; "
                            + "%d figures compared, %d differ",
                    name, ours / 1e6, theirs / 1e6, (double) theirs / ours, amounts.size(), differing);
            return differing == 0 && !amounts.isEmpty();
        }
    }

    /** A line's figure in whole units, an amount or a percentage; 0 where it is empty. */
    private static long figure(Calculation calculation, String line) {
        String plain = calculation.answer(LineId.of(line));
        return Money.isPlain(plain) ? Money.parse(plain).roundedToDollars().dollars() : 0;
    }

    private static void edit(Snapshot books) {
        Calculation before = Returns.calculate(books);
        Change change = EveryEdit.raised(LargeBooks.anExpense(books));
        Snapshot next = change.applyTo(books);
        long full = median(() -> Returns.calculate(next));
        long one = median(() -> before.after(next, change.touches()));
        int evaluated = before.after(next, change.touches()).evaluatedLines();
        say(
                "one account of %d edited: %d of %d lines and rows evaluated, %.1f times as fast as a full one",
                books.accounts().size(), evaluated, before.evaluatedLines(), (double) full / one);
    }

    /** Nanoseconds of a run at the median, after runs enough to be warm. */
    private static long median(Runnable work) {
        long warm = System.nanoTime() + WARM_NANOS;
        for (int i = 0; i < FEWEST || System.nanoTime() < warm; i++) {
            work.run();
        }
        List<Long> times = new ArrayList<>();
        long last = System.nanoTime() + MEASURED_NANOS;
        while (times.size() < FEWEST || times.size() < RUNS && System.nanoTime() < last) {
            long start = System.nanoTime();
            work.run();
            times.add(System.nanoTime() - start);
        }
        times.sort(Comparator.naturalOrder());
        return times.get(times.size() / 2);
    }

    static void say(String format, Object... values) {
        System.out.println(String.format(Locale.ROOT, format, values));
    }
}
