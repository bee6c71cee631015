package undersaw.files.folder;

import java.util.ArrayList;
import java.util.List;
import undersaw.calc.Calculation;
import undersaw.check.Diagnostic;
import undersaw.check.Place;
import undersaw.check.Review;
import undersaw.check.TieOut;
import undersaw.line.LineKey;

/** What comes out of a computed engagement: {@code lines.csv}, {@code diagnostics.csv} and {@code tie-outs.csv}. */
public final class ComputedFiles {
    private static final List<String> LINES = List.of("line", "instance", "caption", "amount", "source");
    private static final List<String> DIAGNOSTICS = List.of("code", "severity", "line", "instance", "message");
    private static final List<String> TIE_OUTS = List.of("code", "left", "right", "difference", "message");

    private ComputedFiles() {}

    /** The files of a computed return and its review. */
    public static List<FolderFile> of(Calculation calculation, Review review) {
        List<FolderFile> files = new ArrayList<>();
        files.add(new FolderFile(
                "lines.csv",
                CsvTable.write(
                        LINES,
                        calculation.printed(),
                        value -> List.of(
                                value.key().line().text(),
                                value.key().instance(),
                                calculation
                                        .plan()
                                        .line(value.key().line())
                                        .orElseThrow()
                                        .caption(),
                                value.value().plain(),
                                value.source().word()))));
        files.add(new FolderFile(
                "diagnostics.csv", CsvTable.write(DIAGNOSTICS, review.diagnostics(), ComputedFiles::row)));
        files.add(new FolderFile("tie-outs.csv", CsvTable.write(TIE_OUTS, review.tieOuts(), ComputedFiles::row)));
        return files;
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
