package undersaw.engagement;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import undersaw.money.Money;

/**
 * One row of the list behind a line.
 *
 * @param description what it is
 * @param amount in the line's natural sign
 * @param date when; null where it does not matter
 * @param note a remark
 */
public record WorksheetRow(
        String description, Money amount, @Nullable LocalDate date, String note) {}
