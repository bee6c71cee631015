package undersaw.us.scorporation;

import java.util.List;
import java.util.Map;
import undersaw.us.passthrough.ReturnLines;
import undersaw.us.passthrough.ReturnLines.Held;

/** Where Form 1120-S has what pass-through returns are checked for. */
final class SCorporationLines {
    static final ReturnLines LINES = new ReturnLines(
            SCorporationForms.CODE,
            "S",
            Map.of("0202", "0206", "0501", "0511", "0502", "0512", "0503", "0513", "0505", "0510"),
            Map.ofEntries(
                    Map.entry(Held.ORDINARY, "22"),
                    Map.entry(Held.OTHER_INCOME, "5"),
                    Map.entry(Held.COST_OF_SALES, "2"),
                    Map.entry(Held.INTEREST, "13"),
                    Map.entry(Held.INTEREST_QUESTION, "B/10"),
                    Map.entry(Held.PAYMENTS_QUESTION, "B/14a"),
                    Map.entry(Held.FILED_QUESTION, "B/14b"),
                    Map.entry(Held.INVENTORIES, "L/3"),
                    Map.entry(Held.ASSETS, "L/15"),
                    Map.entry(Held.RIGHT_SIDE, "L/27"),
                    Map.entry(Held.M1_RESULT, "M-1/8"),
                    Map.entry(Held.INCOME, "K/18"),
                    Map.entry(Held.QUALIFIED, "K/5b"),
                    Map.entry(Held.DIVIDENDS, "K/5a"),
                    Map.entry(Held.NONCASH_GIFTS, "K/12b"),
                    Map.entry(Held.NET_1231, "K/9"),
                    Map.entry(Held.PROPERTY_GAIN, "4"),
                    Map.entry(Held.FOREIGN_TAX, "K/16f"),
                    Map.entry(Held.FOREIGN_SCHEDULES, "K/14"),
                    Map.entry(Held.OWED, "26")),
            List.of("1120-S/4", "1120-S/K/7", "1120-S/K/8a", "1120-S/K/9", "8825/19", "1120-S/K/17d/K"));

    private SCorporationLines() {}
}
