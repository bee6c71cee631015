package undersaw.form.formula;

import undersaw.law.LawKey;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;

/** Where the figures of a return stand in an exported workbook; each answer is a spreadsheet expression. */
public interface Cells {
    String of(LineId line);

    /** The cell that keeps what a typed-over line would hold. */
    String unreplaced(LineId line);

    /** Rounded sum of what accounts bring to the line. */
    String posted(LineId line);

    String total(Total total);

    /** The member's part itself, where no expression can find it. */
    String divided(Division division);

    String paid(PaymentKind kind);

    String carried(CarryoverKind kind, YearSpan years);

    String law(LawKey key);

    /** An expression rounded to the unit of the line that is being written. */
    String rounded(String expression);

    /** The number itself, where no expression can find it. */
    String counted(Counted count);

    /** The amount itself, where no expression can find it. */
    String worked(Worked formula);
}
