package undersaw.us.depreciation;

import java.util.ArrayList;
import java.util.List;
import undersaw.check.Check;

/** All checks of depreciation and of what is given up, the same for every return that has property. */
public final class DepreciationChecks {
    private DepreciationChecks() {}

    /** The checks of a return that deducts section 179 itself. */
    public static List<Check> ofTaxpayer() {
        List<Check> all = new ArrayList<>(FactChecks.all());
        all.addAll(ElectionChecks.all());
        all.addAll(SaleChecks.all());
        return List.copyOf(all);
    }

    /** The checks of a return whose owners deduct it. */
    public static List<Check> ofPassthrough() {
        List<Check> all = new ArrayList<>(ofTaxpayer());
        all.add(SaleChecks.passedOut());
        all.add(RentalCheck.known());
        return List.copyOf(all);
    }
}
