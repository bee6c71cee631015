package undersaw.ledger;

import java.math.BigDecimal;
import java.math.RoundingMode;
import org.jspecify.annotations.Nullable;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.money.Percent;

/**
 * A part of an account that goes to another line than the rest; what the parts leave stays on the account's own line,
 * so that a split account is always exhausted.
 *
 * @param line the tax line of this part
 * @param instance the owner, property or other member that this part belongs to; empty where there is none
 * @param treatment the treatment's id; empty on the balance sheet
 * @param percent the part in percent of every balance; null where an amount is given
 * @param amount the part of the closing balance, in the sign of that balance; null where a percentage is given
 */
public record Split(
        LineId line,
        String instance,
        String treatment,
        @Nullable Percent percent,
        @Nullable Money amount) {
    /**
     * Checks that there is exactly one measure.
     *
     * @throws IllegalArgumentException for none or two
     */
    public Split {
        if ((percent == null) == (amount == null)) {
            throw new IllegalArgumentException("a split has either a percentage or an amount");
        }
    }

    /** The line with the member that the part belongs to. */
    public LineKey place() {
        return line.in(instance);
    }

    /** The part of a closing balance. */
    public Money of(Money closing) {
        return percent == null ? amount : closing.times(percent);
    }

    /** The part of another balance of the same account, such as its opening: in the same proportion. */
    public Money of(Money balance, Money closing) {
        if (percent != null) {
            return balance.times(percent);
        }
        return closing.isZero()
                ? Money.ZERO
                : Money.ofCents(BigDecimal.valueOf(balance.cents())
                        .multiply(BigDecimal.valueOf(amount.cents()))
                        .divide(BigDecimal.valueOf(closing.cents()), 0, RoundingMode.HALF_UP)
                        .longValueExact());
    }

    /** The measure in words: {@code 40%} or {@code 1,200}. */
    public String words() {
        return percent == null ? amount.printed() : percent.toString();
    }
}
