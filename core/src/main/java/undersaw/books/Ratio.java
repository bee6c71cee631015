package undersaw.books;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import undersaw.calc.Calculation;
import undersaw.form.Section;
import undersaw.money.Money;
import undersaw.money.Percent;

/**
 * A ratio of the adjusted balances (common practice, no source).
 *
 * @param caption its name
 * @param value this year, in words
 * @param lastYear last year, in words; empty where it is not known
 * @param made how it is made
 */
public record Ratio(String caption, String value, String lastYear, String made) {
    private static final int DAYS = 365;

    /** The strip of ratios of a year, beside last year's. */
    public static List<Ratio> of(Calculation year, Optional<Calculation> lastYear) {
        List<Ratio> ratios = new ArrayList<>();
        Sums now = new Sums(year);
        Optional<Sums> before = lastYear.map(Sums::new);
        ratios.add(new Ratio(
                "Gross margin",
                now.margin(),
                before.map(Sums::margin).orElse(""),
                "revenue less cost of sales, in percent of revenue"));
        ratios.add(new Ratio(
                "Days of sales outstanding",
                now.days(),
                before.map(Sums::days).orElse(""),
                "receivables less their allowance, over a day's revenue"));
        ratios.add(new Ratio(
                "Effective tax rate",
                now.rate(),
                before.map(Sums::rate).orElse(""),
                "income taxes in percent of income before them"));
        ratios.add(new Ratio(
                "Current ratio",
                now.current(),
                before.map(Sums::current).orElse(""),
                "current assets over current liabilities"));
        return ratios;
    }

    /** Sums by section, each in its natural sign. */
    private record Sums(Calculation year) {
        private Money sum(Section section) {
            return Money.sum(year.snapshot().accounts().values().stream()
                    .filter(account -> FinancialStatements.sectionOf(year, account) == section)
                    .map(year::adjusted)
                    .toList());
        }

        String margin() {
            Money revenue = sum(Section.REVENUE).negated();
            return revenue.isZero()
                    ? "–"
                    : Percent.ratio(revenue.minus(sum(Section.COST_OF_SALES)), revenue)
                            .toString();
        }

        String days() {
            Money revenue = sum(Section.REVENUE).negated();
            Money receivables = sum(Section.RECEIVABLES);
            return revenue.isZero() ? "–" : over(Money.ofCents(receivables.cents() * DAYS), revenue, 0);
        }

        String rate() {
            Money taxes = sum(Section.INCOME_TAXES);
            Money before = WorkingBalance.netIncome(year).plus(taxes);
            return before.isPositive() ? Percent.ratio(taxes, before).toString() : "–";
        }

        String current() {
            Money liabilities = sum(Section.CURRENT_LIABILITIES).negated();
            Money assets =
                    sum(Section.CURRENT_ASSETS).plus(sum(Section.RECEIVABLES)).plus(sum(Section.CASH));
            return liabilities.isZero() ? "–" : over(assets, liabilities, 2);
        }

        private static String over(Money part, Money whole, int decimals) {
            return BigDecimal.valueOf(part.cents())
                    .divide(BigDecimal.valueOf(whole.cents()), decimals, RoundingMode.HALF_UP)
                    .toPlainString();
        }
    }
}
