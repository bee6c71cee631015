package undersaw.us.passthrough;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.line.LineId;

/** What of depreciation belongs to the cost of goods, beside Form 1125-A (IRC 263A; from memory). */
public final class CostDepreciation extends Form {
    public final Line depreciation;

    /** The line within a return. */
    public CostDepreciation() {
        super("1125-A", "Depreciation in cost of goods sold");
        part("1125-A-depreciation", "Depreciation in cost of goods sold", "IRC 263A; Form 1125-A, line 5")
                .worksheet();
        depreciation = line(LineId.of("1125-A/depreciation"), "Depreciation in cost of goods sold");
    }
}
