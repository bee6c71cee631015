package undersaw.us.depreciation;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import undersaw.table.Table;

/** The percentage that may be deducted at once, by the days of contract and of service (IRC 168(k); from memory). */
public final class SpecialAllowance {
    private static final List<String> COLUMNS =
            List.of("acquiredFrom", "acquiredUntil", "placedFrom", "placedUntil", "percent", "citation", "note");
    private static final List<Span> SPANS = Table.read("undersaw/law/by-day/special-allowance.csv", COLUMNS).stream()
            .map(row -> new Span(
                    LocalDate.parse(row.text("acquiredFrom")),
                    LocalDate.parse(row.text("acquiredUntil")),
                    LocalDate.parse(row.text("placedFrom")),
                    LocalDate.parse(row.text("placedUntil")),
                    new BigDecimal(row.text("percent")),
                    row.text("citation")))
            .toList();

    private SpecialAllowance() {}

    /**
     * The law between two pairs of days.
     *
     * @param percent 0 to 100
     * @param citation its source
     */
    public record Span(
            LocalDate acquiredFrom,
            LocalDate acquiredUntil,
            LocalDate placedFrom,
            LocalDate placedUntil,
            BigDecimal percent,
            String citation) {
        boolean holds(LocalDate acquired, LocalDate placed) {
            return !acquired.isBefore(acquiredFrom)
                    && !acquired.isAfter(acquiredUntil)
                    && !placed.isBefore(placedFrom)
                    && !placed.isAfter(placedUntil);
        }
    }

    /** The percentage of property acquired and placed in service on these days. */
    public static BigDecimal percent(LocalDate acquired, LocalDate placed) {
        return SPANS.stream()
                .filter(span -> span.holds(acquired, placed))
                .map(Span::percent)
                .findFirst()
                .orElse(BigDecimal.ZERO);
    }
}
