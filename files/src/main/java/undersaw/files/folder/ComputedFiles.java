package undersaw.files.folder;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import undersaw.assets.WrittenOff;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.calc.Statement;
import undersaw.check.Diagnostic;
import undersaw.check.Place;
import undersaw.check.Review;
import undersaw.check.TieOut;
import undersaw.form.Line;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.owners.OwnerStatements;
import undersaw.registry.Returns;
import undersaw.returns.CarryoverYear;

/**
 * What comes out of a computed engagement: {@code lines.csv}, {@code diagnostics.csv}, {@code tie-outs.csv}, and
 * {@code k1.csv} where the return has owners, {@code depreciation.csv} where its law writes assets off.
 */
public final class ComputedFiles {
    private static final List<String> LINES = List.of("line", "instance", "caption", "amount", "source");
    private static final List<String> DIAGNOSTICS = List.of("code", "severity", "line", "instance", "message");
    private static final List<String> BOXES = List.of("owner", "box", "code", "amount");
    private static final List<String> TIE_OUTS = List.of("code", "left", "right", "difference", "message");

    private static final List<String> WRITTEN_OFF = List.of(
            "asset",
            "year",
            "section179",
            "bonus",
            "regular",
            "total",
            "accumulated",
            "basis",
            "gain",
            "ordinary",
            "section1231");

    private ComputedFiles() {}

    /** The files of a computed return and its review. */
    public static List<FolderFile> of(Calculation calculation, Review review) {
        List<FolderFile> files = new ArrayList<>();
        files.add(new FolderFile("lines.csv", CsvTable.write(LINES, lines(calculation), row -> row)));
        files.add(new FolderFile(
                "diagnostics.csv", CsvTable.write(DIAGNOSTICS, review.diagnostics(), ComputedFiles::row)));
        files.add(new FolderFile("tie-outs.csv", CsvTable.write(TIE_OUTS, review.tieOuts(), ComputedFiles::row)));
        Returns.of(calculation.snapshot())
                .ownerStatement()
                .ifPresent(part -> files.add(new FolderFile(
                        "k1.csv",
                        CsvTable.write(BOXES, OwnerStatements.amounts(calculation, part), ComputedFiles::row))));
        Returns.of(calculation.snapshot())
                .assetLaw()
                .map(law -> law.ofTheYear(calculation))
                .filter(assets -> !assets.isEmpty())
                .ifPresent(assets -> files.add(
                        new FolderFile("depreciation.csv", CsvTable.write(WRITTEN_OFF, assets, ComputedFiles::row))));
        return files;
    }

    private static List<String> row(WrittenOff asset) {
        List<String> row = new ArrayList<>(List.of(asset.asset(), String.valueOf(asset.year())));
        Stream.of(asset.elected(), asset.special(), asset.regular(), asset.total(), asset.accumulated(), asset.basis())
                .forEach(amount -> row.add(amount.toString()));
        row.addAll(asset.given()
                .map(given -> List.of(
                        given.gain().toString(),
                        given.ordinary().toString(),
                        given.capital().toString()))
                .orElse(List.of("", "", "")));
        return row;
    }

    private static List<String> row(OwnerStatements.Box box) {
        return List.of(box.owner(), box.box(), box.code(), box.value().plain());
    }

    /** Every line with a value, and behind it its statement and its years of origin. */
    private static List<List<String>> lines(Calculation calculation) {
        Map<LineId, List<LineValue>> byYear = Returns.of(calculation.snapshot()).carryoverYears(calculation).stream()
                .flatMap(CarryoverYear::rows)
                .collect(Collectors.groupingBy(value -> value.key().line()));
        List<List<String>> rows = new ArrayList<>();
        for (LineValue value : calculation.printed()) {
            Line line = calculation.plan().line(value.key().line()).orElseThrow();
            rows.add(row(value, line.caption()));
            if (line.hasStatement()) {
                rows.addAll(rows(Statement.of(calculation, line)));
            }
            byYear.getOrDefault(line.id(), List.of()).forEach(each -> rows.add(row(each, line.caption())));
        }
        return rows;
    }

    private static List<String> row(LineValue value, String caption) {
        return List.of(
                value.key().line().text(),
                value.key().instance(),
                caption,
                value.value().plain(),
                value.source().word());
    }

    private static List<List<String>> rows(Statement statement) {
        String address = statement.address().text();
        return statement.rows().stream()
                .map(row -> List.of(
                        address,
                        row.instance(),
                        row.caption(),
                        row.amount().toString(),
                        row.source().word()))
                .toList();
    }

    private static List<String> row(Diagnostic diagnostic) {
        LineKey key = diagnostic.place() instanceof Place.OnLine line ? line.key() : null;
        String where = diagnostic.place() instanceof Place.OnAccount account ? account.number() : "";
        return List.of(
                diagnostic.code(),
                diagnostic.severity().word(),
                key == null ? "" : key.line().text(),
                key == null ? where : key.instance(),
                diagnostic.message());
    }

    private static List<String> row(TieOut tie) {
        return List.of(
                tie.code(),
                tie.left().toString(),
                tie.right().toString(),
                tie.difference().toString(),
                tie.message());
    }
}
