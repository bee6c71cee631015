package undersaw.files.pdf;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.thymeleaf.TemplateEngine;
import org.thymeleaf.context.Context;
import org.thymeleaf.templatemode.TemplateMode;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

/** Prints a template as a tagged PDF with our own fonts in it. */
final class PrintedPage {
    private static final TemplateEngine ENGINE = engine();

    static {
        XRLog.setLoggingEnabled(false);
    }

    private PrintedPage() {}

    static byte[] write(String template, Context context) {
        return print(html(template, context));
    }

    static String html(String template, Context context) {
        return ENGINE.process(template, context);
    }

    static byte[] print(String page) {
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
            throw new UncheckedIOException("the page cannot be printed", e);
        }
        return bytes.toByteArray();
    }

    private static InputStream font(String name) {
        InputStream stream = PrintedPage.class.getResourceAsStream(name);
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
