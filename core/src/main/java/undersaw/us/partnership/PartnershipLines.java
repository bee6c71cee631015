package undersaw.us.partnership;

import java.util.List;
import java.util.Map;
import undersaw.us.passthrough.ReturnLines;
import undersaw.us.passthrough.ReturnLines.Held;

/** Where Form 1065 has what pass-through returns are checked for. */
final class PartnershipLines {
    static final ReturnLines LINES = new ReturnLines(
            PartnershipForms.CODE,
            "P",
            Map.of(),
            Map.ofEntries(
                    Map.entry(Held.ORDINARY, "23"),
                    Map.entry(Held.OTHER_INCOME, "7"),
                    Map.entry(Held.COST_OF_SALES, "2"),
                    Map.entry(Held.INTEREST, "15"),
                    Map.entry(Held.INTEREST_QUESTION, "B/24"),
                    Map.entry(Held.PAYMENTS_QUESTION, "B/16a"),
                    Map.entry(Held.FILED_QUESTION, "B/16b"),
                    Map.entry(Held.INVENTORIES, "L/3"),
                    Map.entry(Held.ASSETS, "L/14"),
                    Map.entry(Held.RIGHT_SIDE, "L/22"),
                    Map.entry(Held.M1_RESULT, "M-1/9"),
                    Map.entry(Held.INCOME, "ANI/1"),
                    Map.entry(Held.QUALIFIED, "K/6b"),
                    Map.entry(Held.DIVIDENDS, "K/6a"),
                    Map.entry(Held.NONCASH_GIFTS, "K/13b"),
                    Map.entry(Held.NET_1231, "K/10"),
                    Map.entry(Held.PROPERTY_GAIN, "6"),
                    Map.entry(Held.FOREIGN_TAX, "K/21"),
                    Map.entry(Held.FOREIGN_SCHEDULES, "K/16"),
                    Map.entry(Held.OWED, "28")),
            List.of("1065/6", "1065/K/8", "1065/K/9a", "1065/K/10", "8825/19", "1065/K/20c/L"));

    private PartnershipLines() {}
}
