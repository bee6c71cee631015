package undersaw.web.lists;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import undersaw.calc.Calculation;
import undersaw.owners.OwnerRegister;
import undersaw.owners.OwnerStatements;

/** Shares of capital at the end of the year, drawn side by side; what is missing to a hundred is left open. */
final class ShareBar {
    private static final int WIDTH = 800;
    private static final int LETTER = 7;

    private ShareBar() {}

    /**
     * One owner's piece.
     *
     * @param name the owner's name
     * @param percent the share as text
     * @param at where it begins
     * @param width how wide it is
     */
    public record Piece(String name, String percent, int at, int width) {
        /** What is written under it: as much as its width holds; all of it is said where it is pointed at. */
        public String label() {
            String whole = name + " " + percent;
            if (whole.length() * LETTER < width) {
                return whole;
            }
            return percent.length() * LETTER < width ? percent : "";
        }
    }

    static List<Piece> of(Calculation year) {
        List<Piece> pieces = new ArrayList<>();
        BigDecimal at = BigDecimal.ZERO;
        List<String> holding = year.instances(OwnerRegister.CAPITAL_END);
        for (String row : OwnerStatements.owners(year)) {
            if (!holding.contains(row)) {
                continue;
            }
            BigDecimal share = new BigDecimal(year.value(OwnerRegister.CAPITAL_END.in(row))
                    .orElseThrow()
                    .value()
                    .plain());
            pieces.add(new Piece(
                    OwnerRegister.name(year, row),
                    share.stripTrailingZeros().toPlainString() + "%",
                    length(at),
                    length(share)));
            at = at.add(share);
        }
        return pieces;
    }

    private static int length(BigDecimal percent) {
        return percent.multiply(BigDecimal.valueOf(WIDTH / 100)).intValue();
    }
}
