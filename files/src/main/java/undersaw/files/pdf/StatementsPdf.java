package undersaw.files.pdf;

import java.util.Locale;
import org.thymeleaf.context.Context;
import undersaw.files.statements.StatementSet;

/** Financial statements for people to read, marked as a draft until they are final. */
public final class StatementsPdf {
    private StatementsPdf() {}

    /** The document as PDF bytes. */
    public static byte[] write(StatementSet set) {
        Context context = new Context(Locale.US);
        context.setVariable("set", set);
        return PrintedPage.write("undersaw/files/pdf/statements", context);
    }
}
