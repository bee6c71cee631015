package undersaw.files.sheet;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import undersaw.money.Money;

/**
 * Amounts as people and programs write them: grouped, in parentheses, with a trailing minus, CR or DR.
 *
 * @param decimalComma whether the comma parts the cents and the point groups thousands
 */
record WrittenAmount(boolean decimalComma) {
    private static final Pattern SHAPE = Pattern.compile(
            "((?<before>cr|dr)\\.?)?(?<open>\\(?)(?<minus>[-+]?)(?<digits>\\d{1,3}([,']\\d{3})+|\\d{1,13})?"
                    + "(\\.(?<cents>\\d{1,2})0*|\\.)?(?<trailing>-?)(?<close>\\)?)(?<side>(cr|dr|c|d)?)\\.?");
    /** Three decimals behind three digits at most: thousands, or an amount to a tenth of a cent. */
    private static final Pattern DOUBTFUL = Pattern.compile("\\(?-?\\d{1,3}\\.\\d{3}\\)?-?");

    private static final int LONGEST_PLAIN = 14;
    private static final Pattern NOISE = Pattern.compile("[\\s\\u00A0\\u202F$€£¥]|usd|eur|gbp|cad");

    /** The amount, debit positive; nothing for an empty cell or a dash; absent where the text is no amount. */
    Optional<Money> read(String text) {
        Money quick = decimalComma ? null : plain(text);
        if (quick != null) {
            return Optional.of(quick);
        }
        String plain = NOISE.matcher(text.strip().toLowerCase(Locale.ROOT)).replaceAll("");
        if (text.isBlank() || plain.equals("-") || plain.equals("–") || plain.equals("—") || plain.equals("-0-")) {
            return Optional.of(Money.ZERO);
        }
        // the minus of typesetters is not the one of keyboards
        String swapped = (decimalComma ? pointed(plain) : plain)
                .replace('\u2212', '-')
                .replace('–', '-')
                .replace('\u2019', '\'')
                .replace('\u2018', '\'')
                .replace('\u00b4', '\'');
        Matcher matcher = SHAPE.matcher(swapped);
        if (!matcher.matches()
                || DOUBTFUL.matcher(swapped).matches()
                || matcher.group("digits") == null && matcher.group("cents") == null) {
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
                || "cr".equals(matcher.group("before"))
                || matcher.group("side").startsWith("c");
        Money amount = Money.parse(digits + cents);
        return Optional.of(negative ? amount.negated() : amount);
    }

    /** Digits with at most one point and two decimals, which most files hold; null for anything else. */
    private static @Nullable Money plain(String text) {
        int length = text.length();
        int start = length > 0 && text.charAt(0) == '-' ? 1 : 0;
        if (length == start || length - start > LONGEST_PLAIN) {
            return null;
        }
        long digits = 0;
        int decimals = -1;
        for (int i = start; i < length; i++) {
            char each = text.charAt(i);
            if (each == '.' && decimals < 0 && i > start) {
                decimals = 0;
            } else if (each >= '0' && each <= '9' && decimals < 2) {
                digits = digits * 10 + each - '0';
                decimals += decimals < 0 ? 0 : 1;
            } else {
                return null;
            }
        }
        if (decimals == 0) {
            return null;
        }
        long cents = decimals == 2 ? digits : decimals == 1 ? digits * 10 : digits * 100;
        return Money.ofCents(start == 1 ? -cents : cents);
    }

    private static String pointed(String text) {
        return text.replace('.', '\'').replace(',', '.');
    }
}
