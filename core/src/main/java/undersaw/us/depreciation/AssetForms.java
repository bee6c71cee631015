package undersaw.us.depreciation;

import java.util.List;
import undersaw.assets.AssetRegister;
import undersaw.form.Form;

/** The register of a business and what federal tax finds of each asset in it. */
public final class AssetForms {
    public final AssetRegister register;
    public final DepreciationLines lines;
    public final SaleLines sales;

    /**
     * The forms of a return.
     *
     * @param limit the most that may be elected under section 179
     * @param sale how the return taxes what is given up
     */
    public AssetForms(DepreciationLines.ElectionLimit limit, SaleLines.Sockets sale) {
        TaxColumns columns = new TaxColumns(() -> lines().total.asFormula());
        register = new AssetRegister(columns);
        lines = new DepreciationLines(register, columns, limit);
        sales = new SaleLines(lines, sale);
    }

    private DepreciationLines lines() {
        return lines;
    }

    /** All of them, in the order in which a reader meets them. */
    public List<Form> forms() {
        return List.of(register, lines, sales);
    }
}
