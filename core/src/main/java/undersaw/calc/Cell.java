package undersaw.calc;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import undersaw.form.Line;
import undersaw.line.Value;
import undersaw.money.Money;

/**
 * How what stands in one cell of a row is kept as one number: cents of an amount, the number of a day, 1 for yes,
 * the place of a word in its line's short list. Other words are kept with what was typed.
 */
final class Cell {
    /** Words that no number stands for. */
    static final long WORDS = Long.MIN_VALUE;

    private Cell() {}

    /** The number for what was typed. */
    static long ofTyped(Line line, String text) {
        if (!line.choices().isEmpty()) {
            int choice = line.choices().indexOf(text);
            return choice < 0 ? WORDS : choice;
        }
        return switch (line.kind()) {
            case AMOUNT ->
                Money.isPlain(text) ? rounded(line, Money.parse(text)).cents() : WORDS;
            case YES_NO, BOX -> answer(text);
            case DATE, DATE_OR_WORD -> day(text);
            default -> WORDS;
        };
    }

    /** Amounts that are typed are kept in the unit of their line. */
    static Money rounded(Line line, Money amount) {
        return line.isInCents() ? amount : amount.roundedToDollars();
    }

    private static long answer(String text) {
        return switch (text) {
            case "yes" -> 1;
            case "no" -> 0;
            default -> WORDS;
        };
    }

    private static long day(String text) {
        try {
            return LocalDate.parse(text).toEpochDay();
        } catch (DateTimeParseException words) {
            return WORDS;
        }
    }

    /** What the number stands for; not asked where it stands for no words. */
    static Value value(Line line, long number) {
        if (!line.choices().isEmpty()) {
            return Value.of(line.choices().get((int) number));
        }
        return switch (line.kind()) {
            case YES_NO, BOX -> Value.of(number == 1 ? "yes" : "no");
            case DATE, DATE_OR_WORD -> Value.of(LocalDate.ofEpochDay(number).toString());
            default -> Value.of(Money.ofCents(number));
        };
    }
}
