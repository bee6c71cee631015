package undersaw.calc;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import org.jspecify.annotations.Nullable;
import undersaw.form.Line;
import undersaw.form.formula.Chosen;
import undersaw.form.formula.Count;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Quantity;
import undersaw.form.formula.Ratio;
import undersaw.form.formula.Rule;
import undersaw.line.Value;
import undersaw.money.Money;

/**
 * How what stands in one cell of a row is kept as one number: cents of an amount, millionths of a percent or of
 * a number of shares, a count, the
 * number of a day, 1 for yes, the place of a word in its line's short list. Other words are kept with what was typed.
 */
final class Cell {
    /** Words that no number stands for. */
    static final long WORDS = Long.MIN_VALUE;

    private static final int DECIMALS = 6;

    private Cell() {}

    /** The number for what was typed. */
    static long ofTyped(Line line, String text) {
        if (!line.choices().isEmpty()) {
            int choice = line.choices().indexOf(text);
            return choice < 0 ? WORDS : choice;
        }
        return switch (line.kind()) {
            case AMOUNT ->
                Money.isPlain(text) ? line.unit().rounded(Money.parse(text)).cents() : WORDS;
            case YES_NO, BOX -> answer(text);
            case DATE, DATE_OR_WORD -> number(day(text));
            default -> WORDS;
        };
    }

    /** The number that a rule finds. */
    static long of(Rule rule, Figures figures) {
        if (rule instanceof Formula formula) {
            return formula.value(figures).cents();
        }
        if (rule instanceof Quantity quantity) {
            return quantity.value(figures).movePointRight(DECIMALS).longValueExact();
        }
        if (rule instanceof Chosen chosen) {
            return chosen.value(figures);
        }
        return rule instanceof Ratio ratio
                ? ratio.value(figures).value().movePointRight(DECIMALS).longValueExact()
                : ((Count) rule).value(figures);
    }

    private static long answer(String text) {
        return switch (text) {
            case "yes" -> 1;
            case "no" -> 0;
            default -> WORDS;
        };
    }

    /** The day that is written; null where it is none. */
    static @Nullable LocalDate day(String text) {
        try {
            return text.isEmpty() ? null : LocalDate.parse(text);
        } catch (DateTimeParseException words) {
            return null;
        }
    }

    private static long number(@Nullable LocalDate day) {
        return day == null ? WORDS : day.toEpochDay();
    }

    /** What the number stands for; not asked where it stands for no words. */
    static Value value(Line line, long number) {
        if (!line.choices().isEmpty()) {
            return Value.of(line.choices().get((int) number));
        }
        return switch (line.kind()) {
            case YES_NO, BOX -> Value.of(number == 1 ? "yes" : "no");
            case DATE, DATE_OR_WORD -> Value.of(LocalDate.ofEpochDay(number).toString());
            case PERCENT -> Value.of(percent(number));
            case COUNT -> Value.of(String.valueOf(number));
            case SHARES ->
                Value.of(BigDecimal.valueOf(number, DECIMALS)
                        .stripTrailingZeros()
                        .toPlainString());
            default -> Value.of(Money.ofCents(number));
        };
    }

    /** Whole percents, or two decimals, or as many as there are. */
    private static String percent(long millionths) {
        BigDecimal value = BigDecimal.valueOf(millionths, DECIMALS).stripTrailingZeros();
        int decimals = value.scale() <= 0 ? 0 : Math.max(2, value.scale());
        return value.setScale(decimals, RoundingMode.UNNECESSARY).toPlainString();
    }
}
