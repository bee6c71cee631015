package undersaw.assets;

import java.util.Optional;
import undersaw.money.Money;

/**
 * What one tax year deducts of one asset.
 *
 * @param asset its name
 * @param year the calendar year in which the tax year begins
 * @param elected what a person elected to deduct at once
 * @param special what the law lets deduct at once
 * @param regular what the year's method gives
 * @param accumulated all of it by the end of the year, less what was taken back
 * @param basis cost less that, before it is given up
 * @param given what giving it up brings; nothing while it is held
 */
public record WrittenOff(
        String asset,
        int year,
        Money elected,
        Money special,
        Money regular,
        Money accumulated,
        Money basis,
        Optional<Given> given) {
    /**
     * What giving an asset up brings.
     *
     * @param gain in all
     * @param ordinary of this
     * @param capital of this, gain or loss on property of the business
     */
    public record Given(Money gain, Money ordinary, Money capital) {}

    /** What the year deducts. */
    public Money total() {
        return elected.plus(special).plus(regular);
    }
}
