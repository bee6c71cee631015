package undersaw.filing;

import java.util.ArrayList;
import java.util.List;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.calc.Plan;
import undersaw.calc.Statement;
import undersaw.engagement.Heading;
import undersaw.engagement.TaxpayerNumber;
import undersaw.form.Line;
import undersaw.line.Value;

/**
 * What is sent of a return: the heading, every line with a value, and the statements.
 *
 * <p>Worksheets of our own stay here, and so do bank details unless a deposit or withdrawal is asked for.
 *
 * @param heading who files, and for which period
 * @param preparer who prepared the return
 * @param firm the preparer's firm
 * @param owners those who are told what to take up, in the order of the register
 * @param lines the values in the order of the forms
 * @param statements the itemised statements
 */
public record FilingContent(
        Heading heading,
        String preparer,
        String firm,
        List<FiledOwner> owners,
        List<LineValue> lines,
        List<Statement> statements) {
    /** Keeps its own copies. */
    public FilingContent {
        owners = List.copyOf(owners);
        lines = List.copyOf(lines);
        statements = List.copyOf(statements);
    }

    /** The content of a computed return. */
    public static FilingContent of(Calculation calculation, String preparer, String firm) {
        List<LineValue> lines = new ArrayList<>();
        List<Statement> statements = new ArrayList<>();
        for (LineValue value : calculation.printed()) {
            Line line = calculation.plan().line(value.key().line()).orElseThrow();
            if (line.part().isWorksheet()) {
                continue;
            }
            lines.add(value);
            if (line.hasStatement() && !value.amount().isZero()) {
                statements.add(Statement.of(calculation, line));
            }
        }
        return new FilingContent(
                calculation.snapshot().heading(), preparer, firm, FiledOwner.of(calculation, lines), lines, statements);
    }

    /** The same with all but the last four digits of every taxpayer's number hidden. */
    public FilingContent masked(Plan plan) {
        List<LineValue> shown = lines.stream()
                .map(value -> plan.line(value.key().line())
                        .filter(Line::holdsTaxpayerNumber)
                        .map(line -> LineValue.computed(
                                value.key(),
                                Value.of(TaxpayerNumber.masked(value.value().plain())),
                                value.source()))
                        .orElse(value))
                .toList();
        return new FilingContent(
                heading, preparer, firm, owners.stream().map(FiledOwner::masked).toList(), shown, statements);
    }

    /** The same without what the public may not see. */
    public FilingContent forThePublic(Plan plan) {
        List<LineValue> open = lines.stream()
                .filter(value -> plan.line(value.key().line())
                        .filter(line -> !line.isConfidential())
                        .isPresent())
                .toList();
        return new FilingContent(heading, preparer, firm, owners, open, statements);
    }
}
