package undersaw.calc;

import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;

/**
 * What one account brings to one line.
 *
 * @param account the account's number
 * @param place the line it reaches, and whose where the line repeats
 * @param amount exact cents in the natural sign of the line
 * @param portion which part of the balance it is
 * @param treatment id of the treatment whose difference between books and return it is; empty where it is none
 * @param why the reason in words; empty where it is the plain balance
 */
public record Posting(String account, LineKey place, Money amount, Portion portion, String treatment, String why) {
    /** The line it reaches. */
    public LineId line() {
        return place.line();
    }
}
