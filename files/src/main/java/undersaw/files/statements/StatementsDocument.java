package undersaw.files.statements;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.poi.xwpf.usermodel.ParagraphAlignment;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFRun;
import org.apache.poi.xwpf.usermodel.XWPFTable;
import org.apache.poi.xwpf.usermodel.XWPFTableCell;
import org.apache.poi.xwpf.usermodel.XWPFTableRow;
import undersaw.books.StatementRow.Kind;
import undersaw.files.statements.StatementSet.Page;
import undersaw.files.statements.StatementSet.Row;

/** Financial statements as a document (DOCX, ECMA-376) for the letter they go into. */
public final class StatementsDocument {
    private static final int TITLE_SIZE = 14;

    private StatementsDocument() {}

    /** The document as DOCX bytes. */
    public static byte[] write(StatementSet set) {
        try (XWPFDocument document = new XWPFDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            for (int i = 0; i < set.pages().size(); i++) {
                page(document, set, set.pages().get(i), i > 0);
            }
            document.write(bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void page(XWPFDocument document, StatementSet set, Page page, boolean newPage) {
        XWPFParagraph title = document.createParagraph();
        title.setPageBreak(newPage);
        XWPFRun run = title.createRun();
        run.setBold(true);
        run.setFontSize(TITLE_SIZE);
        run.setText(page.title());
        for (String words : new String[] {set.client(), page.period(), set.mark()}) {
            document.createParagraph().createRun().setText(words);
        }
        int columns = set.compared() ? 3 : 2;
        XWPFTable table = document.createTable(page.rows().size() + 1, columns);
        table.setWidth("100%");
        cell(table.getRow(0), 1, String.valueOf(set.year()), true);
        if (set.compared()) {
            cell(table.getRow(0), 2, String.valueOf(set.yearBefore()), true);
        }
        for (int i = 0; i < page.rows().size(); i++) {
            Row row = page.rows().get(i);
            boolean bold = row.kind() != Kind.ITEM;
            cell(table.getRow(i + 1), 0, row.caption(), bold);
            cell(table.getRow(i + 1), 1, row.amount(), bold);
            if (set.compared()) {
                cell(table.getRow(i + 1), 2, row.lastYear(), bold);
            }
        }
    }

    private static void cell(XWPFTableRow row, int column, String text, boolean bold) {
        XWPFTableCell cell = row.getCell(column);
        XWPFParagraph paragraph = cell.getParagraphs().get(0);
        paragraph.setAlignment(column == 0 ? ParagraphAlignment.LEFT : ParagraphAlignment.RIGHT);
        XWPFRun run = paragraph.createRun();
        run.setBold(bold);
        run.setText(text);
    }
}
