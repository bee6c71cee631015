package undersaw.web.frame;

import java.util.Comparator;
import java.util.List;
import undersaw.calc.Calculation;
import undersaw.check.SameAmount;
import undersaw.check.TieOut;
import undersaw.money.Money;

/**
 * Two figures that must agree, drawn as two bars.
 *
 * @param address where to look when they differ
 * @param same what the difference is the same as, in a sentence; empty where nothing is
 */
public record TieBars(
        String code,
        String leftCaption,
        String left,
        String rightCaption,
        String right,
        String difference,
        boolean agrees,
        int leftBar,
        int rightBar,
        String address,
        String same) {
    private static final int LONGEST = 200;

    /** The tie-outs of an engagement, those that differ before those that agree. */
    public static List<TieBars> of(long engagement, Calculation year, List<TieOut> ties) {
        return ties.stream()
                .map(tie -> of(engagement, year, tie))
                .sorted(Comparator.comparing(TieBars::agrees))
                .toList();
    }

    /** Whether there is nothing on either side. */
    public boolean isBlank() {
        return agrees && leftBar == 0 && rightBar == 0;
    }

    private static TieBars of(long engagement, Calculation year, TieOut tie) {
        Money most = tie.left().abs().max(tie.right().abs());
        return new TieBars(
                tie.code(),
                tie.leftCaption(),
                Figure.text(tie.left()),
                tie.rightCaption(),
                Figure.text(tie.right()),
                Figure.text(tie.difference()),
                tie.agrees(),
                bar(tie.left(), most),
                bar(tie.right(), most),
                "/e/" + engagement + "/return?line=" + tie.place(),
                SameAmount.words(year, tie.difference()).strip());
    }

    private static int bar(Money amount, Money most) {
        return most.isZero() ? 0 : (int) (amount.abs().cents() * LONGEST / most.cents());
    }
}
