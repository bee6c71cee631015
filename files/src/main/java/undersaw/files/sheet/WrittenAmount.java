package undersaw.files.sheet;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import undersaw.money.Money;

/**
 * Amounts as people and programs write them: grouped, in parentheses, with a trailing minus, CR or DR.
 *
 * @param decimalComma whether the comma parts the cents and the point groups thousands
 */
record WrittenAmount(boolean decimalComma) {
    private static final Pattern SHAPE = Pattern.compile(
            "(?<open>\\(?)(?<minus>[-+]?)(?<digits>\\d{1,3}([,']\\d{3})+|\\d{1,13})?(\\.(?<cents>\\d{1,2})0*)?"
                    + "(?<trailing>-?)(?<close>\\)?)(?<side>(cr|dr|c|d)?)");
    private static final Pattern PLAIN = Pattern.compile("-?\\d{1,13}(\\.\\d{1,2})?");
    private static final Pattern NOISE = Pattern.compile("[\\s\\u00A0\\u202F$€£¥]|usd|eur|gbp|cad");

    /** The amount, debit positive; nothing for an empty cell or a dash; absent where the text is no amount. */
    Optional<Money> read(String text) {
        if (!decimalComma && PLAIN.matcher(text).matches()) {
            return Optional.of(Money.parse(text));
        }
        String plain = NOISE.matcher(text.strip().toLowerCase(Locale.ROOT)).replaceAll("");
        if (text.isBlank() || plain.equals("-") || plain.equals("–") || plain.equals("—")) {
            return Optional.of(Money.ZERO);
        }
        // the minus of typesetters is not the one of keyboards
        String swapped =
                (decimalComma ? pointed(plain) : plain).replace('\u2212', '-').replace('–', '-');
        Matcher matcher = SHAPE.matcher(swapped);
        if (!matcher.matches() || matcher.group("digits") == null && matcher.group("cents") == null) {
            return Optional.empty();
        }
        boolean inParentheses = !matcher.group("open").isEmpty();
        if (inParentheses == matcher.group("close").isEmpty()) {
            return Optional.empty();
        }
        String digits = matcher.group("digits") == null
                ? "0"
                : matcher.group("digits").replace(",", "").replace("'", "");
        String cents = matcher.group("cents") == null ? "" : "." + matcher.group("cents");
        boolean negative = inParentheses
                || matcher.group("minus").equals("-")
                || !matcher.group("trailing").isEmpty()
                || matcher.group("side").startsWith("c");
        Money amount = Money.parse(digits + cents);
        return Optional.of(negative ? amount.negated() : amount);
    }

    private static String pointed(String text) {
        return text.replace('.', '\'').replace(',', '.');
    }
}
