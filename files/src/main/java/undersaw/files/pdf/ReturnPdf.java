package undersaw.files.pdf;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.thymeleaf.TemplateEngine;
import org.thymeleaf.context.Context;
import org.thymeleaf.templatemode.TemplateMode;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;
import undersaw.calc.LineValue;
import undersaw.calc.Plan;
import undersaw.calc.Statement;
import undersaw.files.pdf.PrintedPart.PrintedRow;
import undersaw.filing.FilingContent;
import undersaw.form.Line;
import undersaw.form.Part;
import undersaw.line.Value;
import undersaw.money.Money;

/** The readable return: every line that is filed, then the statements; each page carries the mark. */
public final class ReturnPdf {
    private static final TemplateEngine ENGINE = engine();

    static {
        XRLog.setLoggingEnabled(false);
    }

    private ReturnPdf() {}

    /** The document as PDF bytes. */
    public static byte[] write(FilingContent content, Plan plan, PrintMark mark) {
        Context context = new Context(Locale.US);
        context.setVariable("heading", content.heading());
        context.setVariable("firm", content.firm());
        context.setVariable("preparer", content.preparer());
        context.setVariable("mark", mark);
        context.setVariable("parts", parts(content, plan));
        context.setVariable("statements", statements(content, plan));
        String page = ENGINE.process("undersaw/files/pdf/return", context);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.useFont(() -> font("IBMPlexSans-Regular.ttf"), "Plex", 400, FontStyle.NORMAL, true);
        builder.useFont(() -> font("IBMPlexSans-SemiBold.ttf"), "Plex", 600, FontStyle.NORMAL, true);
        builder.usePdfUaAccessibility(true);
        builder.withHtmlContent(page, null);
        builder.toStream(bytes);
        try {
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException("the return cannot be printed", e);
        }
        return bytes.toByteArray();
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

    private static InputStream font(String name) {
        InputStream stream = ReturnPdf.class.getResourceAsStream(name);
        if (stream == null) {
            throw new IllegalStateException("font " + name + " is missing from the class path");
        }
        return stream;
    }

    private static TemplateEngine engine() {
        ClassLoaderTemplateResolver resolver = new ClassLoaderTemplateResolver();
        resolver.setSuffix(".html");
        resolver.setTemplateMode(TemplateMode.HTML);
        resolver.setCharacterEncoding("UTF-8");
        TemplateEngine engine = new TemplateEngine();
        engine.setTemplateResolver(resolver);
        return engine;
    }
}
