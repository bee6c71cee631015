package undersaw.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import undersaw.calc.Calculation;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.Snapshot;
import undersaw.files.DemoEngagement;
import undersaw.files.folder.EngagementFolder;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.ledger.Carryover;
import undersaw.ledger.CarryoverKind;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.registry.Returns;

/** The workbook recomputed by a general-purpose spreadsheet evaluator, Apache POI's. */
class ReturnWorkbookTest {
    @Test
    void theWorkbookOfTheDemoRecomputesToTheSameFigures() throws IOException {
        assertThat(WorkbookComparison.compared(DemoEngagement.calculation())).isGreaterThan(300);
    }

    @Test
    void rowsOfListsAreComputedByTheWorkbookToo() throws IOException {
        Snapshot snapshot = new Change.FactsSet(Map.of(
                        LineKey.parse("8949/proceeds@00001"), Fact.of("5000"),
                        LineKey.parse("8949/cost@00001"), Fact.of("1200"),
                        LineKey.parse("8949/acquired@00001"), Fact.of("2021-05-06"),
                        LineKey.parse("8949/sold@00001"), Fact.of("2025-05-06"),
                        LineKey.parse("8949/proceeds@00002"), Fact.of("700"),
                        LineKey.parse("8949/cost@00002"), Fact.of("900"),
                        LineKey.parse("8949/term@00002"), Fact.of("short"),
                        LineKey.parse("ASSETS/cost@press"), Fact.of("10.49"),
                        LineKey.parse("ASSETS/cost@saw"), Fact.of("10.49")))
                .applyTo(DemoEngagement.snapshot());
        Calculation calculation = Returns.calculate(snapshot);
        assertThat(calculation.amount(LineId.of("1120/D/18"))).isEqualTo(Money.ofDollars(3600));
        Money before = Returns.calculate(DemoEngagement.snapshot()).amount(LineId.of("ASSETS/T/1"));
        assertThat(calculation.amount(LineId.of("ASSETS/T/1")).minus(before))
                .as("20.98 of two new assets, rounded once")
                .isEqualTo(Money.ofDollars(21));
        assertThat(WorkbookComparison.compared(calculation)).isGreaterThan(300);
    }

    @Test
    void soItDoesWithOverridesLossesAndRoundings() throws IOException {
        Snapshot snapshot = DemoEngagement.snapshot();
        snapshot = new Change.FactsSet(Map.of(
                        LineKey.parse("1120/26"), new Fact("150000.40", "counted again", ""),
                        LineKey.parse("1120/D/8b/h"), Fact.of("-4000"),
                        LineKey.parse("1120/K/13"), new Fact("no", "given anyway", "")))
                .applyTo(snapshot);
        snapshot = snapshot.withLists(snapshot.lists()
                .withCarryovers(List.of(
                        new Carryover(CarryoverKind.NOL, 2016, Money.ofDollars(120_000)),
                        new Carryover(CarryoverKind.NOL, 2022, Money.ofDollars(800_000)),
                        new Carryover(CarryoverKind.CHARITABLE, 2023, Money.ofDollars(900)),
                        new Carryover(CarryoverKind.CAPITAL_LOSS, 2021, Money.ofDollars(700)))));
        assertThat(WorkbookComparison.compared(Returns.calculate(snapshot))).isGreaterThan(300);
    }

    static Stream<Path> everyDemo() throws IOException {
        try (Stream<Path> folders = Files.list(Path.of("../demo"))) {
            return folders.filter(folder -> Files.exists(folder.resolve("engagement.json"))).sorted().toList().stream();
        }
    }

    @ParameterizedTest
    @MethodSource("everyDemo")
    void everyEngagementOfTheDemoRecomputes(Path folder) throws IOException {
        Snapshot snapshot = EngagementFolder.read(folder).engagement().orElseThrow();
        assertThat(WorkbookComparison.compared(Returns.calculate(snapshot))).isGreaterThan(20);
    }

    static Stream<Arguments> generated() throws IOException {
        return everyDemo().flatMap(folder -> LongStream.range(0, 4).mapToObj(seed -> Arguments.of(folder, seed)));
    }

    /** Amounts typed by chance on thirty lines of a demo engagement, computed lines among them. */
    @ParameterizedTest
    @MethodSource("generated")
    void whatIsTypedByChanceRecomputes(Path folder, long seed) throws IOException {
        Random random = new Random(seed);
        Snapshot snapshot = EngagementFolder.read(folder).engagement().orElseThrow();
        List<Line> lines = Returns.calculate(snapshot).plan().parts().stream()
                .flatMap(part -> Returns.calculate(snapshot).plan().linesOf(part).stream())
                .filter(line -> line.kind() == LineKind.AMOUNT && !line.isRepeating())
                .toList();
        Map<LineKey, Fact> typed = new HashMap<>();
        for (int i = 0; i < 30; i++) {
            Line line = lines.get(random.nextInt(lines.size()));
            typed.put(line.id().alone(), new Fact(random.nextInt(400_000) + "", "by chance", "R. Tern"));
        }
        Snapshot changed = new Change.FactsSet(typed).applyTo(snapshot);
        assertThat(WorkbookComparison.compared(Returns.calculate(changed))).isGreaterThan(20);
    }
}
