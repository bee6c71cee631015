package undersaw.web.sheets;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import undersaw.engagement.Fact;
import undersaw.files.sheet.ListReader;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.frame.Figure;
import undersaw.web.frame.TypedArithmetic;

/** Checks a figure that a person typed onto the return. */
@Component
class TypedFigure {
    private static final int LONGEST_REASON = 200;
    private static final int LONGEST_AMOUNT = 13;

    /**
     * What came with the form.
     *
     * @param key the line and its instance
     * @param value the text as typed; empty takes the figure away
     * @param was the value that the page showed
     * @param reason why a computed figure is replaced
     */
    public record Typing(
            String key,
            String value,
            @Nullable String was,
            @Nullable String reason) {}

    /**
     * A figure that can be kept, or the problem with it.
     *
     * @param key the place
     * @param value plain text; empty to take it away
     * @param reason the reason given
     * @param problem what is wrong; empty where nothing is
     * @param status the problem's kind
     */
    record Checked(LineKey key, String value, String reason, String problem, HttpStatus status) {
        @Nullable
        Fact fact(String by) {
            return value.isEmpty() ? null : new Fact(value, reason, by);
        }

        static Checked problem(HttpStatus status, String problem) {
            return new Checked(LineId.of("none/none").alone(), "", "", problem, status);
        }
    }

    Checked check(OpenEngagement open, Typing typing) {
        Optional<Checked> misplaced = misplaced(open, typing);
        if (misplaced.isPresent()) {
            return misplaced.get();
        }
        LineKey key = LineKey.parse(typing.key());
        Optional<Line> line = open.calculation().plan().line(key.line());
        String now = plain(open, key);
        boolean hidden =
                line.filter(each -> each.kind() == LineKind.TAXPAYER_NUMBER).isPresent();
        if (!hidden && typing.was() != null && !typing.was().equals(now)) {
            return Checked.problem(HttpStatus.CONFLICT, conflict(open, key, now, typing.value()));
        }
        String reason = typing.reason() == null ? "" : typing.reason().strip();
        if (typing.value() == null || typing.value().isBlank()) {
            return new Checked(key, "", "", "", HttpStatus.OK);
        }
        if (line.flatMap(Line::headingField).isPresent()) {
            return Checked.problem(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Line " + key + " repeats what stands at Books, Client and year. Change it there.");
        }
        Optional<String> value = line.isPresent() ? read(line.get(), typing.value()) : amount(typing.value());
        if (value.isEmpty()) {
            return Checked.problem(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Line " + key + ": found \"" + typing.value() + "\", expected "
                            + line.map(Line::expected).orElse("a plain amount such as 12500")
                            + (isHuge(typing.value()) ? ", of at most 13 digits before the point" : "") + ".");
        }
        if (line.isPresent() && !line.get().isFilledIn() && (reason.isEmpty() || reason.length() > LONGEST_REASON)) {
            return Checked.problem(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Line " + key + " is computed. Give a reason, up to 200 characters, to type over it.");
        }
        return new Checked(key, value.get(), reason, "", HttpStatus.OK);
    }

    /** A place that this return does not have. */
    private static Optional<Checked> misplaced(OpenEngagement open, Typing typing) {
        String typed = typing.key() == null ? "" : typing.key();
        if (!LineId.isShaped(typed.split("@", 2)[0])) {
            return Optional.of(Checked.problem(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    typed.isEmpty()
                            ? "No line was named."
                            : "\"" + typed + "\" is no line; one is written such as 1120/26."));
        }
        LineKey key = LineKey.parse(typed);
        Optional<Line> line = open.calculation().plan().line(key.line());
        boolean ofAccount = key.line().form().equals("TREAT");
        if (line.isEmpty() && ofAccount && !open.snapshot().accounts().containsKey(key.instance())) {
            return Optional.of(Checked.problem(HttpStatus.NOT_FOUND, "There is no account for " + key + "."));
        }
        if (line.isEmpty() && !ofAccount) {
            return Optional.of(Checked.problem(HttpStatus.NOT_FOUND, "There is no line " + key + " on this return."));
        }
        boolean once = line.isPresent() && !line.get().isRepeating();
        return once && !key.instance().isEmpty()
                ? Optional.of(Checked.problem(
                        HttpStatus.NOT_FOUND,
                        "Line " + key.line() + " stands once; it has no row \"" + key.instance() + "\"."))
                : Optional.empty();
    }

    private static Optional<String> read(Line line, String typed) {
        return line.kind().isNumber() ? amount(typed) : ListReader.cell(line, typed);
    }

    private static Optional<String> amount(String typed) {
        return TypedArithmetic.read(typed).filter(Money::isPlain);
    }

    private static boolean isHuge(String typed) {
        return typed.replaceAll("\\D", "").length() > LONGEST_AMOUNT;
    }

    private static String plain(OpenEngagement open, LineKey key) {
        return open.calculation()
                .value(key)
                .map(value -> value.value().plain())
                .or(() -> open.snapshot().fact(key).map(Fact::value))
                .orElse("");
    }

    private static String conflict(OpenEngagement open, LineKey key, String now, String yours) {
        String by = open.snapshot()
                .fact(key)
                .map(Fact::by)
                .filter(each -> !each.isEmpty())
                .orElse("a change elsewhere");
        String shown = Money.isPlain(now) ? Figure.text(Money.parse(now)) : now.isEmpty() ? "nothing" : now;
        return "Line " + key + " now holds " + shown + ", by " + by + ". Yours, " + yours
                + ", was not saved. Keep theirs, or load the page and save yours over it.";
    }
}
