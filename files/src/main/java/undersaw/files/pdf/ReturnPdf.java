package undersaw.files.pdf;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.thymeleaf.context.Context;
import org.unbescape.html.HtmlEscape;
import undersaw.calc.LineValue;
import undersaw.calc.Plan;
import undersaw.calc.Statement;
import undersaw.files.pdf.PrintedPart.PrintedRow;
import undersaw.filing.FilingContent;
import undersaw.form.Line;
import undersaw.form.Part;
import undersaw.line.Value;
import undersaw.money.Money;

/**
 * The readable return: every line that is filed, then the statements; each page carries the mark.
 *
 * <p>Its pages are set before they are marked, so that an accepted copy is the sealed one with another mark.
 */
public final class ReturnPdf {
    /** Where the mark goes; what people type is escaped and cannot look like it. */
    private static final String PLACE = "<div id=\"mark\"></div>";

    private ReturnPdf() {}

    /** The document as PDF bytes. */
    public static byte[] write(FilingContent content, Plan plan, PrintMark mark) {
        return print(pages(content, plan), mark);
    }

    /** Pages that were set, with a mark. */
    public static byte[] print(String pages, PrintMark mark) {
        String shown = "<div class=\"mark" + (mark.filed() ? " filed" : "") + "\">"
                + HtmlEscape.escapeHtml4Xml(mark.text()) + "</div>";
        return PrintedPage.print(pages.replace(PLACE, shown));
    }

    /** The pages without a mark. */
    public static String pages(FilingContent content, Plan plan) {
        Context context = new Context(Locale.US);
        context.setVariable("heading", content.heading());
        context.setVariable("firm", content.firm());
        context.setVariable("preparer", content.preparer());
        context.setVariable("parts", parts(content, plan));
        context.setVariable("statements", statements(content, plan));
        return PrintedPage.html("undersaw/files/pdf/return", context);
    }

    private static List<PrintedPart> parts(FilingContent content, Plan plan) {
        List<PrintedPart> parts = new ArrayList<>();
        for (Part part : plan.parts()) {
            List<PrintedRow> rows = content.lines().stream()
                    .filter(value -> plan.line(value.key().line()).orElseThrow().part() == part)
                    .map(value -> row(value, plan.line(value.key().line()).orElseThrow()))
                    .toList();
            if (!rows.isEmpty()) {
                parts.add(new PrintedPart(part.title(), rows));
            }
        }
        return parts;
    }

    private static PrintedRow row(LineValue value, Line line) {
        boolean amount = value.value() instanceof Value.Amount;
        String instance =
                value.key().instance().isEmpty() ? "" : " · " + value.key().instance();
        return new PrintedRow(
                line.id().within() + instance,
                line.caption(),
                amount ? printed(value.amount()) : value.value().plain(),
                amount);
    }

    private static List<PrintedPart> statements(FilingContent content, Plan plan) {
        List<PrintedPart> parts = new ArrayList<>();
        for (Statement statement : content.statements()) {
            Line line = plan.line(statement.line()).orElseThrow();
            parts.add(new PrintedPart(
                    "Statement for line " + line.id() + ": " + line.caption(),
                    statement.rows().stream()
                            .map(row -> new PrintedRow("", row.caption(), printed(row.amount()), true))
                            .toList()));
        }
        return parts;
    }

    private static String printed(Money amount) {
        return amount.isZero() ? "–" : amount.printed();
    }
}
