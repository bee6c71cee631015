package undersaw.files.sheet;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import undersaw.money.Money;

/** An amount as people and programs write it: grouped, in parentheses, with a trailing minus, CR or DR. */
final class WrittenAmount {
    private static final Pattern SHAPE = Pattern.compile(
            "(?<open>\\(?)(?<minus>-?)\\$?(?<digits>\\d{1,3}(,\\d{3})+|\\d{1,13})?(\\.(?<cents>\\d{1,2}))?"
                    + "(?<trailing>-?)(?<close>\\)?)(?<side>(cr|dr)?)");

    private WrittenAmount() {}

    /** The amount, debit positive; nothing for an empty cell or a dash; absent where the text is no amount. */
    static Optional<Money> read(String text) {
        String plain = text.strip()
                .toLowerCase(Locale.ROOT)
                .replace(" ", "")
                .replace("\u00A0", "")
                .replace("usd", "");
        if (plain.isEmpty() || plain.equals("-") || plain.equals("–")) {
            return Optional.of(Money.ZERO);
        }
        Matcher matcher = SHAPE.matcher(plain);
        if (!matcher.matches() || (matcher.group("digits") == null && matcher.group("cents") == null)) {
            return Optional.empty();
        }
        boolean inParentheses = !matcher.group("open").isEmpty();
        if (inParentheses == matcher.group("close").isEmpty()) {
            return Optional.empty();
        }
        String digits =
                matcher.group("digits") == null ? "0" : matcher.group("digits").replace(",", "");
        String cents = matcher.group("cents") == null ? "" : "." + matcher.group("cents");
        Money amount = Money.parse(digits + cents);
        boolean negative = inParentheses
                || !matcher.group("minus").isEmpty()
                || !matcher.group("trailing").isEmpty()
                || matcher.group("side").equals("cr");
        return Optional.of(negative ? amount.negated() : amount);
    }
}
