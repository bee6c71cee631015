package undersaw.web.lists;

import java.util.List;
import undersaw.assets.AssetRegister;
import undersaw.calc.Calculation;
import undersaw.form.RowList;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.web.frame.Figure;

/** The register drawn: a strip an asset, as long as its cost, with what is written off so far. */
final class AssetStrips {
    private static final int LONGEST = 360;
    private static final int MOST = 40;

    private AssetStrips() {}

    /**
     * One asset as a strip.
     *
     * @param name the row's name
     * @param caption its description
     * @param cost its cost as text
     * @param before length written off in earlier years
     * @param year length written off this year
     * @param whole length of the cost
     * @param gone when it was disposed of; empty where it was not
     */
    public record Strip(String name, String caption, String cost, int before, int year, int whole, String gone) {}

    static List<Strip> of(Calculation year, RowList list) {
        List<String> rows = year.rowsOf(list);
        Money most = rows.stream().map(row -> amount(year, "cost", row)).reduce(Money.ZERO, Money::max);
        return rows.stream().limit(MOST).map(row -> strip(year, row, most)).toList();
    }

    private static Strip strip(Calculation year, String row, Money most) {
        Money cost = amount(year, "cost", row);
        Money before = amount(year, "priorBook", row).min(cost);
        Money now = amount(year, "book", row).min(cost.minus(before));
        return new Strip(
                row,
                words(year, "description", row),
                Figure.balance(cost),
                length(before, most),
                length(now, most),
                length(cost, most),
                words(year, "disposed", row));
    }

    private static LineKey key(String column, String row) {
        return LineId.of(AssetRegister.COST.form() + "/" + column).in(row);
    }

    private static Money amount(Calculation year, String column, String row) {
        return year.value(key(column, row)).map(value -> value.amount()).orElse(Money.ZERO);
    }

    private static String words(Calculation year, String column, String row) {
        return year.value(key(column, row)).map(value -> value.value().plain()).orElse("");
    }

    private static int length(Money amount, Money most) {
        return most.isZero() ? 0 : (int) (amount.notBelowZero().cents() * LONGEST / most.cents());
    }
}
