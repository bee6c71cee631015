package undersaw.us.passthrough;

import java.util.ArrayList;
import java.util.List;
import undersaw.calc.Statement;
import undersaw.check.Examination;
import undersaw.check.TieOut;
import undersaw.form.Part;
import undersaw.money.Money;

/**
 * Statements against the lines that they itemise.
 *
 * @param code of the tie-outs
 */
public record StatementTies(String code) {
    /** The printed rows of each statement against its line. */
    public List<TieOut> of(Examination look) {
        List<TieOut> ties = new ArrayList<>();
        for (Part part : look.calculation().plan().parts()) {
            look.calculation().plan().linesOf(part).stream()
                    .filter(line -> line.hasStatement() && look.calculation().holds(part))
                    .filter(line -> !look.calculation().amount(line).isZero())
                    .forEach(line -> ties.add(new TieOut(
                            code,
                            "Statement of line " + line.id(),
                            Money.sum(Statement.of(look.calculation(), line).rows().stream()
                                    .map(Statement.Row::amount)
                                    .toList()),
                            "line " + line.id(),
                            look.calculation().amount(line),
                            line.id())));
        }
        return ties;
    }
}
