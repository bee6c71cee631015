package undersaw.us.passthrough;

import java.util.List;
import java.util.Map;
import undersaw.line.LineId;

/**
 * Where a partnership's or an S corporation's return has what both are checked for.
 *
 * @param form the form's code
 * @param letter the letter of its checks
 * @param ownNumbers numbers of checks that differ from the partnership's
 * @param lines lines within the form, by what they hold
 * @param gains every line that a gain on property can stand on
 */
public record ReturnLines(
        String form, String letter, Map<String, String> ownNumbers, Map<Held, String> lines, List<String> gains) {
    /** What a line holds. */
    public enum Held {
        ORDINARY,
        OTHER_INCOME,
        COST_OF_SALES,
        INTEREST,
        INTEREST_QUESTION,
        PAYMENTS_QUESTION,
        FILED_QUESTION,
        INVENTORIES,
        ASSETS,
        RIGHT_SIDE,
        M1_RESULT,
        INCOME,
        QUALIFIED,
        DIVIDENDS,
        NONCASH_GIFTS,
        NET_1231,
        PROPERTY_GAIN,
        FOREIGN_TAX,
        FOREIGN_SCHEDULES,
        OWED
    }

    /** The code of a check, by the number that the partnership's return gives it. */
    public String check(String number) {
        return letter + "-" + ownNumbers.getOrDefault(number, number);
    }

    /** The address of a line. */
    public String line(Held held) {
        return form + "/" + lines.get(held);
    }

    /** The same in a column. */
    public String line(Held held, String column) {
        return line(held) + "/" + column;
    }

    LineId id(Held held) {
        return LineId.of(line(held));
    }
}
