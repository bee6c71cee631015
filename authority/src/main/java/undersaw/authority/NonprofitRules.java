package undersaw.authority;

import static undersaw.authority.BusinessRules.foots;
import static undersaw.authority.BusinessRules.sum;

import java.util.List;

/** What must foot and agree on Form 990-EZ, and who may file it. */
final class NonprofitRules implements BusinessRules.FormRules {
    private static final long RECEIPTS = 200_000;
    private static final long ASSETS = 500_000;

    @Override
    public String numberLine() {
        return "990-EZ/hdr/D";
    }

    @Override
    public boolean amends(FiledReturn filed) {
        return filed.lines().getOrDefault("990-EZ/hdr/B/amended", "no").equals("yes");
    }

    @Override
    public void examine(FiledReturn filed, List<Reason> reasons) {
        foots(filed, reasons, "990-EZ/5c", line(filed, "5a") - line(filed, "5b"));
        foots(filed, reasons, "990-EZ/6d", sum(filed, "6a", "6b") - line(filed, "6c"));
        foots(filed, reasons, "990-EZ/7c", line(filed, "7a") - line(filed, "7b"));
        foots(filed, reasons, "990-EZ/9", sum(filed, "1", "2", "3", "4", "5c", "6d", "7c", "8"));
        foots(filed, reasons, "990-EZ/17", sum(filed, "10", "11", "12", "13", "14", "15", "16"));
        foots(filed, reasons, "990-EZ/18", line(filed, "9") - line(filed, "17"));
        foots(filed, reasons, "990-EZ/21", sum(filed, "18", "19", "20"));
        for (String column : List.of("A", "B")) {
            foots(filed, reasons, "990-EZ/25/" + column, sum(filed, "22/" + column, "23/" + column, "24/" + column));
            foots(filed, reasons, "990-EZ/27/" + column, line(filed, "25/" + column) - line(filed, "26/" + column));
        }
        agrees(filed, reasons, "27/A", "19");
        agrees(filed, reasons, "27/B", "21");
        if (line(filed, "hdr/L") >= RECEIPTS || line(filed, "25/B") >= ASSETS) {
            reasons.add(new Reason("R-0501", "990-EZ/hdr/L", "The organization is too large for Form 990-EZ."));
        }
        if (filed.lines().getOrDefault("990-EZ/hdr/J", "").isEmpty()) {
            reasons.add(new Reason("R-0502", "990-EZ/hdr/J", "The tax-exempt status is not stated."));
        }
    }

    private static long line(FiledReturn filed, String line) {
        return filed.amount("990-EZ/" + line);
    }

    private static void agrees(FiledReturn filed, List<Reason> reasons, String left, String right) {
        if (line(filed, left) != line(filed, right)) {
            reasons.add(new Reason(
                    "R-0503",
                    "990-EZ/" + left,
                    "Line " + left + " is " + line(filed, left) + " and line " + right + " is " + line(filed, right)
                            + "; they must agree."));
        }
    }
}
