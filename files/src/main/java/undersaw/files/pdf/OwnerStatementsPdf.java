package undersaw.files.pdf;

import java.util.List;
import java.util.Locale;
import org.thymeleaf.context.Context;
import undersaw.calc.Calculation;
import undersaw.engagement.Heading;
import undersaw.files.pdf.PrintedPart.PrintedRow;
import undersaw.filing.FiledOwner;
import undersaw.money.Money;
import undersaw.owners.OwnerStatements;
import undersaw.owners.OwnerStatements.Box;

/** The statements of owners on paper, each on pages of its own, with a letter that says what it is for. */
public final class OwnerStatementsPdf {
    private OwnerStatementsPdf() {}

    /** What is printed of an owner. */
    public static OwnerPaper paper(Calculation year, String part, FiledOwner owner) {
        return new OwnerPaper(
                owner,
                OwnerStatements.of(year, part, owner.id()).stream()
                        .map(OwnerStatementsPdf::row)
                        .toList());
    }

    private static PrintedRow row(Box box) {
        return new PrintedRow(
                box.number(),
                box.caption(),
                box.isAmount()
                        ? Money.parse(box.value().plain()).printed()
                        : box.value().plain(),
                box.isAmount());
    }

    /**
     * The document as PDF bytes.
     *
     * @param part the code of the statement, such as K-1
     */
    public static byte[] write(Heading heading, String part, List<OwnerPaper> papers, PrintMark mark) {
        Context context = new Context(Locale.US);
        context.setVariable("heading", heading);
        context.setVariable("part", part);
        context.setVariable("papers", papers);
        context.setVariable("mark", mark);
        return PrintedPage.write("undersaw/files/pdf/owners", context);
    }
}
