package undersaw.web.frame;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;
import java.util.Optional;
import undersaw.money.Money;

/** An amount typed as a small sum, such as {@code 1200*12} or {@code (4,650 - 450) / 2}. */
public final class TypedArithmetic {
    private static final int LONGEST = 100;

    private final String text;
    private int place;

    private TypedArithmetic(String text) {
        this.text = text;
    }

    /** The result as a plain decimal with at most two places; nothing where the text is no sum. */
    public static Optional<String> read(String typed) {
        String text = typed.replaceAll("[\\s,$]", "");
        if (text.isEmpty() || text.length() > LONGEST || !text.matches("[0-9.+*/()-]+")) {
            return Optional.empty();
        }
        try {
            TypedArithmetic reading = new TypedArithmetic(text);
            BigDecimal result = reading.sum();
            return reading.place == text.length()
                    ? Optional.of(plain(result.setScale(2, RoundingMode.HALF_UP)))
                    : Optional.empty();
        } catch (ArithmeticException | NumberFormatException notASum) {
            return Optional.empty();
        }
    }

    /** The result as an amount above zero; nothing where the text is none. */
    public static Optional<Money> positive(String typed) {
        return read(typed).filter(Money::isPlain).map(Money::parse).filter(Money::isPositive);
    }

    private static String plain(BigDecimal amount) {
        return amount.stripTrailingZeros().scale() <= 0
                ? amount.setScale(0, RoundingMode.UNNECESSARY).toPlainString()
                : amount.toPlainString();
    }

    private BigDecimal sum() {
        BigDecimal total = product();
        while (at('+') || at('-')) {
            char sign = text.charAt(place++);
            BigDecimal next = product();
            total = sign == '+' ? total.add(next) : total.subtract(next);
        }
        return total;
    }

    private BigDecimal product() {
        BigDecimal total = factor();
        while (at('*') || at('/')) {
            char sign = text.charAt(place++);
            BigDecimal next = factor();
            total = sign == '*' ? total.multiply(next) : total.divide(next, MathContext.DECIMAL64);
        }
        return total;
    }

    private BigDecimal factor() {
        if (at('-')) {
            place++;
            return factor().negate();
        }
        if (at('(')) {
            place++;
            BigDecimal inner = sum();
            if (!at(')')) {
                throw new NumberFormatException("a bracket is not closed");
            }
            place++;
            return inner;
        }
        int start = place;
        while (place < text.length() && (Character.isDigit(text.charAt(place)) || text.charAt(place) == '.')) {
            place++;
        }
        return new BigDecimal(text.substring(start, place));
    }

    private boolean at(char sign) {
        return place < text.length() && text.charAt(place) == sign;
    }
}
