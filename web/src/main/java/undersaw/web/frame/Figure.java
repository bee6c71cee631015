package undersaw.web.frame;

import java.util.Locale;
import java.util.Optional;
import undersaw.calc.LineValue;
import undersaw.engagement.Fact;
import undersaw.engagement.TaxpayerNumber;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.line.LineKey;
import undersaw.line.LineSource;
import undersaw.line.Value;
import undersaw.money.Money;

/**
 * A figure as every page draws it.
 *
 * @param key its place on the return
 * @param text what is shown: thousands separated, negatives in parentheses, nothing as a dash
 * @param plain the value as files write it; empty where the line is empty
 * @param mark the small sign of its source; empty where the line is empty
 * @param source the source in words, for screen readers
 * @param kind what the line can hold, as a word
 * @param label what it is, for screen readers
 * @param direct whether a person types it with no reason asked
 */
public record Figure(
        String key, String text, String plain, String mark, String source, String kind, String label, boolean direct) {

    private static final String NOT_ANSWERED = "not answered";
    private static final String FROM_LAST_YEAR = "from last year, not confirmed";

    /** The figure of a line as it stands; an empty typed line shows its pencil, so that it can be found. */
    public static Figure of(Line line, LineKey key, Optional<LineValue> value) {
        if (line.holdsTaxpayerNumber()) {
            return masked(line, key, value);
        }
        if (value.flatMap(LineValue::typedFact).filter(Fact::waits).isPresent()) {
            return fromLastYear(line, key, value.get());
        }
        return new Figure(
                key.toString(),
                value.map(Figure::text).orElse(line.isTyped() && !line.kind().isNumber() ? NOT_ANSWERED : "–"),
                value.map(each -> each.value().plain()).orElse(""),
                value.map(each -> each.source().mark()).orElse(line.isTyped() ? LineSource.TYPED.mark() : ""),
                value.map(each -> each.source().word()).orElse(line.isTyped() ? "to be typed" : "empty"),
                line.kind().name().toLowerCase(Locale.ROOT),
                line.id() + " " + line.caption(),
                line.isFilledIn());
    }

    /** A taxpayer number shows its last four digits and gives the page no more. */
    private static Figure masked(Line line, LineKey key, Optional<LineValue> value) {
        String shown =
                TaxpayerNumber.masked(value.map(each -> each.value().plain()).orElse(""));
        return new Figure(
                key.toString(),
                shown.isEmpty() ? NOT_ANSWERED : shown,
                "",
                value.map(each -> each.source().mark()).orElse(LineSource.TYPED.mark()),
                value.map(each -> each.source().word()).orElse("to be typed"),
                "text",
                line.id() + " " + line.caption(),
                line.isFilledIn());
    }

    private static Figure fromLastYear(Line line, LineKey key, LineValue value) {
        return new Figure(
                key.toString(),
                text(value),
                value.value().plain(),
                LineSource.CARRIED.mark(),
                FROM_LAST_YEAR,
                line.kind().name().toLowerCase(Locale.ROOT),
                line.id() + " " + line.caption(),
                line.isFilledIn());
    }

    /** Whether it came from last year and nobody has confirmed it. */
    public boolean isFromLastYear() {
        return source.equals(FROM_LAST_YEAR);
    }

    private static String text(LineValue value) {
        return value.value() instanceof Value.Amount amount
                ? text(amount.money())
                : value.value().plain();
    }

    /** The same figure where an empty cell says enough by being empty. */
    public Figure inGrid() {
        return text.equals(NOT_ANSWERED) ? new Figure(key, "–", plain, "", source, kind, label, direct) : this;
    }

    /** An amount as pages show it. */
    public static String text(Money amount) {
        return amount.isZero() ? "–" : amount.printed();
    }

    /** A balance of the books as pages show it: always with cents. */
    public static String balance(Money amount) {
        return amount.isZero() ? "–" : amount.printedWithCents();
    }

    /** The element that carries the figure on a page. */
    public String element() {
        return "figure-" + key;
    }

    public boolean isNumber() {
        return kind.equals(LineKind.AMOUNT.name().toLowerCase(Locale.ROOT));
    }

    /** Whether it is answered with yes or no. */
    public boolean isAnswer() {
        return direct && (kind.equals("yes_no") || kind.equals("box"));
    }

    public boolean isOverridden() {
        return source.equals(LineSource.OVERRIDDEN.word());
    }
}
