package undersaw.bench;

import java.io.IOException;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToLongFunction;
import org.pcollections.HashTreePMap;
import undersaw.calc.Calculation;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.Heading;
import undersaw.engagement.Snapshot;
import undersaw.files.sheet.ReturnWorkbook;
import undersaw.ledger.Account;
import undersaw.ledger.Mapping;
import undersaw.ledger.StatementKind;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.registry.Returns;

/**
 * Form 1065 with a hundred, a thousand and ten thousand partners: the whole return with its Schedules K-1, one
 * partner's own figure, memory a partner, and the same workbook in a spreadsheet evaluator at a size that it can hold.
 * Ratios are printed.
 */
final class ManyPartners {
    private static final List<Integer> PARTNERS = List.of(100, 1_000, 10_000);
    private static final int HELD_BY_A_SPREADSHEET = 100;
    private static final long WHOLE = 100_000_000L;
    private static final int DECIMALS = 6;

    private static final Map<String, String> BOOKS = Map.of(
            "1065/1a", "-5000017",
            "1065/K/5", "-30011",
            "1065/K/6a", "-777777",
            "1065/K/10", "-99991",
            "1065/21", "400031",
            "1065/K/13a", "5003",
            "8825/2a@mill", "-88007");

    private ManyPartners() {}

    static void measure(Snapshot demo, ToLongFunction<Runnable> median) throws IOException {
        long fewest = 0;
        for (int partners : PARTNERS) {
            Snapshot snapshot = snapshot(demo.heading(), partners);
            long used = used();
            Calculation year = Returns.calculate(snapshot);
            long memory = used() - used;
            long whole = median.applyAsLong(() -> Returns.calculate(snapshot));
            fewest = fewest == 0 ? whole : fewest;
            long own = median.applyAsLong(edit(year));
            Bench.say(
                    "%,d partners: the whole return %.0f ms, %.1f times that of %d partners; one partner's own figure "
                            + "1/%d of it; %,d bytes a partner",
                    partners,
                    whole / 1e6,
                    (double) whole / fewest,
                    PARTNERS.get(0),
                    whole / Math.max(1, own),
                    Math.max(0, memory) / partners);
            if (partners <= HELD_BY_A_SPREADSHEET) {
                spreadsheet(year, whole, median);
            }
        }
    }

    private static void spreadsheet(Calculation year, long whole, ToLongFunction<Runnable> median) throws IOException {
        try (WorkbookRecalculation workbook = new WorkbookRecalculation(ReturnWorkbook.write(year))) {
            long there = median.applyAsLong(workbook::recalculate);
            Bench.say("the same workbook in a spreadsheet evaluator: %.1f times as long", (double) there / whole);
        }
    }

    private static long used() {
        System.gc();
        Runtime runtime = Runtime.getRuntime();
        return runtime.totalMemory() - runtime.freeMemory();
    }

    private static Runnable edit(Calculation before) {
        Map<LineKey, Fact> facts = new HashMap<>();
        facts.put(LineId.of("1065/K-1/L/beginning").in("o7"), Fact.of("77"));
        Change change = new Change.FactsSet(facts);
        Snapshot next = change.applyTo(before.snapshot());
        return () -> before.after(next, change.touches());
    }

    private static Snapshot snapshot(Heading demo, int partners) {
        Heading heading = new Heading("1065", demo.client(), demo.period(), demo.method(), demo.flags());
        Map<String, Account> accounts = new HashMap<>();
        Map<String, Mapping> mappings = new HashMap<>();
        BOOKS.forEach((line, balance) -> {
            String number = String.valueOf(4000 + accounts.size());
            accounts.put(
                    number,
                    new Account(number, line, StatementKind.INCOME_STATEMENT, Money.ZERO, Money.parse(balance)));
            mappings.put(number, new Mapping(LineKey.parse(line), "full", true, "bench"));
        });
        return Snapshot.empty(heading)
                .withFacts(HashTreePMap.from(typed(partners)))
                .withAccounts(accounts)
                .withMappings(HashTreePMap.from(mappings));
    }

    private static Map<LineKey, Fact> typed(int partners) {
        Map<LineKey, Fact> facts = new HashMap<>();
        long left = WHOLE;
        for (int i = 0; i < partners; i++) {
            String partner = "o" + i;
            long share = i == partners - 1 ? left : WHOLE / partners;
            left -= share;
            String percent = BigDecimal.valueOf(share, DECIMALS).toPlainString();
            for (String measure : List.of("profit", "loss", "capital")) {
                facts.put(LineId.of("OWNERS/" + measure + "End").in(partner), Fact.of(percent));
            }
            facts.put(LineId.of("OWNERS/place").in(partner), Fact.of(String.valueOf(i + 1)));
            facts.put(LineId.of("OWNERS/role").in(partner), Fact.of("limited"));
            facts.put(LineId.of("1065/K-1/L/beginning").in(partner), Fact.of("1000"));
        }
        return facts;
    }
}
