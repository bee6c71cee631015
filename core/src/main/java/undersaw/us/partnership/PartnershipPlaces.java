package undersaw.us.partnership;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import undersaw.ledger.Side;
import undersaw.line.LineId;
import undersaw.us.passthrough.Places;
import undersaw.us.passthrough.Places.OwnerLine;
import undersaw.us.passthrough.Places.Taken;
import undersaw.us.passthrough.ScheduleM1;

/** Where accounts of a partnership go besides their line. */
final class PartnershipPlaces {
    static final Places PLACES = new Places(
            ScheduleM1.Rows.OF_1065.id("1"),
            id("L/21"),
            id("L/3"),
            id("K/18c"),
            id("W-M1/1"),
            id("W-M1/2"),
            id("W-M1/3"),
            LineId.of("1125-A/W-COGS/1"),
            Map.of("interest-exempt", id("K/18a"), "tax-exempt-other", id("K/18b")),
            Map.of("qualified-dividends", id("K/6b"), "investment-expense", id("K/20b")),
            Map.of(),
            ofOwners(),
            ofLines());

    private PartnershipPlaces() {}

    private static Map<String, List<OwnerLine>> ofOwners() {
        Map<String, List<OwnerLine>> lines = new HashMap<>();
        lines.put("guaranteed-payment", List.of(flow("services", Taken.CLOSING, Side.DEBIT)));
        lines.put("guaranteed-payment-capital", List.of(flow("capital", Taken.CLOSING, Side.DEBIT)));
        lines.put("owner-health-insurance", List.of(flow("insurance", Taken.CLOSING, Side.DEBIT)));
        lines.put("owner-retirement", List.of(flow("retirement", Taken.CLOSING, Side.DEBIT)));
        lines.put("owner-draw", List.of(flow("drawn", Taken.MOVEMENT, Side.DEBIT)));
        lines.put("owner-contribution", List.of(flow("contributed", Taken.MOVEMENT, Side.CREDIT)));
        Liabilities.CLASSES.forEach(each -> lines.put(each, debt(each)));
        return lines;
    }

    /** Loans without recourse have a row of their own; other debts bind general partners (house rule). */
    private static Map<LineId, List<OwnerLine>> ofLines() {
        Map<LineId, List<OwnerLine>> lines = new HashMap<>();
        List.of("15", "16", "17", "19a", "19b", "20").forEach(row -> lines.put(id("L/" + row), debt("recourse")));
        lines.put(id("L/18"), debt("nonrecourse"));
        return lines;
    }

    private static OwnerLine flow(String name, Taken taken, Side side) {
        return new OwnerLine(id("REC/" + name + "/named"), id("REC/" + name + "/unnamed"), taken, side);
    }

    private static List<OwnerLine> debt(String name) {
        return List.of(
                new OwnerLine(
                        id("DEBT/named/" + name + "/begin"), id("DEBT/" + name + "/begin"), Taken.OPENING, Side.CREDIT),
                new OwnerLine(
                        id("DEBT/named/" + name + "/end"), id("DEBT/" + name + "/end"), Taken.CLOSING, Side.CREDIT));
    }

    private static LineId id(String within) {
        return LineId.of("1065/" + within);
    }
}
