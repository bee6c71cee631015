package undersaw.files.sheet;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Set;

/** Tells by a file's content, not by its name, which format it has. */
final class RowSources {
    private static final int HEAD = 2000;

    private RowSources() {}

    /**
     * The file as rows.
     *
     * @throws UnreadableFile when it is none of the formats, saying what to do
     */
    static RowSource of(SourceFile file) {
        byte[] head = file.head(HEAD);
        if (head.length > 3 && head[0] == 'P' && head[1] == 'K') {
            return archive(file);
        }
        String text = new String(head, StandardCharsets.UTF_8).stripLeading();
        if (text.startsWith("<") || text.startsWith("\uFEFF<")) {
            if (text.contains("AuditFile")) {
                return new AuditFileRows(file);
            }
            throw new UnreadableFile(
                    file.name(),
                    "This XML is not a standard audit file (SAF-T). Export the trial balance as XLSX, ODS or CSV.");
        }
        if (file.name().toLowerCase(Locale.ROOT).matches(".*\\.(xlsx|ods)")) {
            throw new UnreadableFile(
                    file.name(), "It is called a spreadsheet and is none. Save it again as XLSX or ODS, or as CSV.");
        }
        return TextRows.of(file);
    }

    private static RowSource archive(SourceFile file) {
        Set<String> parts = ArchiveBounds.parts(file);
        if (parts.contains("xl/workbook.xml")) {
            return new WorkbookRows(file);
        }
        if (parts.contains("content.xml")) {
            return new OpenDocumentRows(file);
        }
        throw new UnreadableFile(
                file.name(),
                "This is an archive and not a spreadsheet, whatever its name says. "
                        + "Unpack it and choose the file inside.");
    }
}
