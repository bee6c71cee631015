package undersaw.bench;

import java.io.IOException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.function.ToLongFunction;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.xssf.usermodel.XSSFSheet;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.pcollections.HashTreePMap;
import undersaw.calc.Calculation;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.Heading;
import undersaw.engagement.Snapshot;
import undersaw.law.calendar.Period;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.registry.Returns;
import undersaw.us.depreciation.AssetFacts;
import undersaw.us.depreciation.AssetFacts.Deducted;
import undersaw.us.depreciation.AssetYear;
import undersaw.us.depreciation.Life;
import undersaw.us.depreciation.PropertyClass;
import undersaw.us.depreciation.TaxYears;
import undersaw.us.depreciation.Use;
import undersaw.us.depreciation.YearLaw;

/**
 * Assets over their whole lives, the same in a spreadsheet evaluator as declining balance with a change to the straight
 * line, and a return with a register of ten thousand, whole and with one asset changed. Ratios are printed.
 */
final class ManyAssets {
    private static final List<Integer> ASSETS = List.of(500, 5_000, 50_000);
    private static final List<String> CLASSES = List.of("5", "7", "15", "27.5", "39", "10");
    private static final int IN_A_SPREADSHEET = 500;
    private static final int YEARS = 8;
    private static final int REGISTER = 10_000;

    private ManyAssets() {}

    static void measure(Snapshot demo, ToLongFunction<Runnable> median) throws IOException {
        YearLaw law = YearLaw.plain(TaxYears.upTo(Period.calendarYear(2024)));
        long fewest = 0;
        for (int count : ASSETS) {
            List<AssetFacts> assets = assets(count);
            long whole = median.applyAsLong(() -> lives(assets, law));
            fewest = fewest == 0 ? whole : fewest;
            Bench.say(
                    "%,d assets over their whole lives: %.0f ms, %.1f times %d assets",
                    count, whole / 1e6, (double) whole / fewest, ASSETS.get(0));
        }
        spreadsheet(median, law);
        register(demo.heading(), median);
    }

    private static List<AssetFacts> assets(int count) {
        Random random = new Random(11);
        List<AssetFacts> assets = new ArrayList<>();
        for (int at = 0; at < count; at++) {
            LocalDate placed = LocalDate.of(2024, 1, 1).plusDays(random.nextInt(366));
            assets.add(asset(CLASSES.get(random.nextInt(CLASSES.size())), 1_000 + random.nextInt(500_000), placed));
        }
        return assets;
    }

    private static AssetFacts asset(String type, long cost, LocalDate placed) {
        return new AssetFacts(
                PropertyClass.of(type).orElseThrow(),
                placed,
                placed,
                cost,
                0,
                Use.whole(),
                "",
                null,
                0,
                "none",
                Deducted.NOTHING,
                null,
                false);
    }

    private static long lives(List<AssetFacts> assets, YearLaw law) {
        long sum = 0;
        for (AssetFacts asset : assets) {
            for (AssetYear year : Life.ahead(asset, law, 60)) {
                sum += year.allowed().total();
            }
        }
        return sum;
    }

    /** Seven-year property, half-year, eight years of each asset as live formulas. */
    private static void spreadsheet(ToLongFunction<Runnable> median, YearLaw law) throws IOException {
        List<AssetFacts> assets = new ArrayList<>();
        for (int at = 0; at < IN_A_SPREADSHEET; at++) {
            assets.add(asset("7", 10_000 + 137L * at, LocalDate.of(2024, 5, 1)));
        }
        try (XSSFWorkbook book = new XSSFWorkbook()) {
            XSSFSheet sheet = book.createSheet();
            for (int at = 0; at < assets.size(); at++) {
                fill(sheet.createRow(at), assets.get(at).cost());
            }
            long theirs = median.applyAsLong(() -> {
                var evaluator = book.getCreationHelper().createFormulaEvaluator();
                evaluator.clearAllCachedResultValues();
                evaluator.evaluateAll();
            });
            long ours = median.applyAsLong(() -> lives(assets, law));
            Bench.say(
                    "%d assets of eight years: a spreadsheet evaluator takes %.0f times as long",
                    IN_A_SPREADSHEET, (double) theirs / ours);
        }
    }

    private static void fill(Row row, long cost) {
        row.createCell(0).setCellValue(cost);
        String left = "A" + (row.getRowNum() + 1);
        StringBuilder taken = new StringBuilder("0");
        for (int year = 1; year <= YEARS; year++) {
            double life = year == 1 ? 7 : 7.5 - (year - 1);
            String rest = left + "-(" + taken + ")";
            String half = year == 1 || year == YEARS ? "/2" : "";
            String straight = year == YEARS ? rest : "(" + rest + ")/" + life + (year == 1 ? half : "");
            row.createCell(year)
                    .setCellFormula("ROUND(MAX((" + rest + ")*2/7" + (year == 1 ? half : "") + "," + straight + "),0)");
            taken.append("+").append((char) ('A' + year)).append(row.getRowNum() + 1);
        }
    }

    private static void register(Heading heading, ToLongFunction<Runnable> median) {
        Map<LineKey, Fact> facts = new HashMap<>();
        List<AssetFacts> assets = assets(REGISTER);
        for (int at = 0; at < assets.size(); at++) {
            AssetFacts asset = assets.get(at);
            String name = "a" + at;
            facts.put(
                    LineId.of("ASSETS/propertyClass").in(name),
                    Fact.of(asset.type().code()));
            facts.put(LineId.of("ASSETS/cost").in(name), Fact.of(String.valueOf(asset.cost())));
            facts.put(
                    LineId.of("ASSETS/placedInService").in(name),
                    Fact.of(asset.placed().toString()));
        }
        Snapshot plain = Snapshot.empty(heading);
        Change all = new Change.FactsSet(HashTreePMap.from(facts));
        Snapshot snapshot = all.applyTo(plain);
        Calculation year = Returns.calculate(snapshot);
        Change one = new Change.FactsSet(Map.of(LineId.of("ASSETS/proceeds").in("a5"), Fact.of("5")));
        Snapshot next = one.applyTo(snapshot);
        long whole = median.applyAsLong(() -> Returns.calculate(snapshot));
        long edit = median.applyAsLong(() -> year.after(next, one.touches()));
        Bench.say(
                "a return with %,d assets: %.0f ms whole, one asset changed 1/%d of it",
                REGISTER, whole / 1e6, whole / Math.max(1, edit));
    }
}
