package undersaw.us.scorporation;

import java.util.List;
import java.util.Map;
import undersaw.ledger.Side;
import undersaw.line.LineId;
import undersaw.us.passthrough.Places;
import undersaw.us.passthrough.Places.OwnerLine;
import undersaw.us.passthrough.Places.Taken;
import undersaw.us.passthrough.ScheduleM1;

/** Where accounts of an S corporation go besides their line. */
final class SCorporationPlaces {
    static final Places PLACES = new Places(
            ScheduleM1.Rows.OF_1120S.id("1"),
            id("L/24"),
            id("L/3"),
            id("K/16c"),
            id("W-M1/1"),
            id("W-M1/2"),
            id("W-M1/3"),
            LineId.of("1125-A/W-COGS/1"),
            Map.of("interest-exempt", id("K/16a"), "tax-exempt-other", id("K/16b")),
            Map.of("qualified-dividends", id("K/5b"), "investment-expense", id("K/17b")),
            Map.of("interest-265-none", id("M-2/5/d/books"), "officer-life-none", id("M-2/5/d/books")),
            Map.of(
                    "owner-contribution",
                    List.of(new OwnerLine(
                            StockBasis.contributed(), id("DIST/contributed"), Taken.MOVEMENT, Side.CREDIT)),
                    "shareholder-distribution",
                    List.of(new OwnerLine(id("DIST/paid"), id("DIST/unnamed"), Taken.MOVEMENT, Side.DEBIT)),
                    "shareholder-loan",
                    List.of(
                            new OwnerLine(id("LOAN/opening"), id("LOAN/unnamed"), Taken.OPENING, Side.CREDIT),
                            new OwnerLine(id("LOAN/closing"), id("LOAN/unnamed"), Taken.CLOSING, Side.CREDIT))),
            Map.of());

    private SCorporationPlaces() {}

    private static LineId id(String within) {
        return LineId.of("1120-S/" + within);
    }
}
