package undersaw.calc;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import undersaw.engagement.Fact;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Input;
import undersaw.form.formula.Rule;
import undersaw.form.formula.Total;
import undersaw.form.formula.Worked;
import undersaw.law.LawValue;
import undersaw.ledger.Account;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.line.LineSource;
import undersaw.line.Value;
import undersaw.money.Money;

/**
 * What a figure is made of, what it feeds, and the law behind it.
 *
 * @param line the definition of the line
 * @param value what stands there; null where the line is empty
 * @param formula the rule in words; empty for typed lines
 * @param parts the lines that the rule reads
 * @param steps how a part of what is divided was found; empty for other rules
 * @param accounts the accounts that feed it
 * @param uses the lines that read it
 * @param law the figures of the law that the rule uses
 */
public record Lineage(
        Line line,
        @Nullable LineValue value,
        String formula,
        List<LinePart> parts,
        List<String> steps,
        List<AccountPart> accounts,
        List<LinePart> uses,
        List<LawValue> law) {

    /**
     * Another line in the make-up.
     *
     * @param line the definition
     * @param key the place that is read
     * @param value what stands there; null where it is empty
     * @param members of a total, what its members bring, the greatest first; empty otherwise
     */
    public record LinePart(Line line, LineKey key, @Nullable LineValue value, List<MemberPart> members) {}

    /**
     * What one member brings to a total.
     *
     * @param key its cell
     * @param words what the member is called; empty where it has no words
     * @param amount what it brings
     */
    public record MemberPart(LineKey key, String words, Money amount) {}

    /**
     * An account in the make-up.
     *
     * @param account the account
     * @param amount what it brings, exact cents in the line's natural sign
     * @param why the reason in words; empty for the plain balance
     */
    public record AccountPart(Account account, Money amount, String why) {}

    private static final Pattern LINE_WORDS = Pattern.compile("line (\\S+?)/(\\S+)");

    /** Lineage of a place on the return; nothing when no such line stands this year. */
    public static Optional<Lineage> of(Calculation calculation, LineKey key) {
        return calculation.plan().line(key.line()).map(line -> {
            Optional<Rule> formula = line.rule();
            List<Input> reads = new ArrayList<>(formula.map(Rule::reads).orElse(Set.of()));
            line.yesWhen().ifPresent(condition -> reads.addAll(condition.reads()));
            MadeOf made = new MadeOf(calculation, key);
            reads.forEach(made::add);
            formula.filter(Worked.class::isInstance)
                    .map(rule -> ((Worked) rule).rule())
                    .ifPresent(rule -> made.steps.addAll(rule.steps(calculation.seenFrom(key))));
            List<LinePart> uses = calculation.plan().uses(key.line()).stream()
                    .filter(other -> isFound(calculation, other))
                    .map(other -> part(calculation, other, key))
                    .toList();
            return new Lineage(
                    line,
                    calculation.value(key).orElse(null),
                    words(line, formula),
                    made.parts(),
                    List.copyOf(made.steps),
                    List.copyOf(made.accounts),
                    uses,
                    law(calculation, reads));
        });
    }

    /** What a rule reads, gathered input by input. */
    private static final class MadeOf {
        private final Calculation calculation;
        private final LineKey key;
        private final List<LinePart> parts = new ArrayList<>();
        private final List<AccountPart> accounts = new ArrayList<>();
        private final List<String> steps = new ArrayList<>();

        MadeOf(Calculation calculation, LineKey key) {
            this.calculation = calculation;
            this.key = key;
        }

        void add(Input input) {
            if (input instanceof Input.OfTotal read) {
                Total total = read.total();
                calculation.plan().line(total.line()).ifPresent(other -> parts.add(total(calculation, total, other)));
            } else if (input instanceof Input.OfLine read) {
                calculation
                        .plan()
                        .line(read.line())
                        .filter(other -> isFound(calculation, other))
                        .ifPresent(other -> parts.add(part(calculation, other, key)));
            } else if (input instanceof Input.OfDivision read) {
                calculation
                        .plan()
                        .line(read.division().line())
                        .filter(whole -> !whole.isRepeating())
                        .ifPresent(whole -> parts.add(part(calculation, whole, key)));
                String member = calculation.member(key, read.division().members());
                if (!member.isEmpty()) {
                    steps.addAll(calculation.steps(read.division(), member));
                }
            } else if (input instanceof Input.OfAccounts read) {
                accounts.addAll(accounts(calculation, fed(calculation, read.line(), key)));
            }
        }

        List<LinePart> parts() {
            parts.sort(Comparator.comparingInt(part -> calculation.plan().place(part.line())));
            return List.copyOf(parts);
        }
    }

    /** Whether the line's part is found at all in this return. */
    private static boolean isFound(Calculation calculation, Line line) {
        return line.part().gate().map(calculation::holds).orElse(true);
    }

    public Optional<LineValue> shown() {
        return Optional.ofNullable(value);
    }

    /** What was typed here, with reason and person. */
    public Optional<Fact> typed() {
        return shown().flatMap(LineValue::typedFact);
    }

    /** Within a row, other columns mean the same row; from outside, a column is its total. */
    private static LinePart part(Calculation calculation, Line line, LineKey from) {
        if (!line.isRepeating()) {
            LineKey key = line.id().alone();
            return new LinePart(line, key, calculation.value(key).orElse(null), List.of());
        }
        LineKey key = calculation.read(from, line);
        LineValue value = key.instance().isEmpty()
                ? LineValue.computed(key, Value.of(calculation.rowTotal(line.id())), LineSource.COMPUTED)
                : calculation.value(key).orElse(null);
        return new LinePart(line, key, value, List.of());
    }

    /** What the members that count bring in all, and each of them. */
    private static LinePart total(Calculation calculation, Total total, Line line) {
        Optional<Line> named = line.scope().flatMap(scope -> naming(calculation, scope));
        List<MemberPart> members = calculation.instances(line.id()).stream()
                .map(member -> new MemberPart(
                        line.id().in(member),
                        named.flatMap(words -> calculation.value(words.id().in(member)))
                                .map(value -> value.value().plain())
                                .orElse(""),
                        calculation.part(total, member)))
                .filter(member -> !member.amount().isZero())
                .sorted(Comparator.comparing(
                                (MemberPart member) -> member.amount().abs())
                        .reversed())
                .toList();
        LineKey key = line.id().alone();
        return new LinePart(
                line, key, LineValue.computed(key, Value.of(calculation.total(total)), LineSource.COMPUTED), members);
    }

    /** The first column of words in the list that a person fills in. */
    private static Optional<Line> naming(Calculation calculation, Dimension scope) {
        return calculation.plan().list(scope.name()).stream()
                .flatMap(list -> list.typed().stream())
                .filter(line -> line.kind() == LineKind.TEXT && line.choices().isEmpty())
                .findFirst();
    }

    /** Within a row, accounts of the same row are meant. */
    private static LineKey fed(Calculation calculation, LineId line, LineKey from) {
        return calculation
                .plan()
                .line(line)
                .map(other -> calculation.read(from, other))
                .orElse(line.alone());
    }

    private static List<AccountPart> accounts(Calculation calculation, LineKey place) {
        return calculation.postings(place).stream()
                .map(posting -> new AccountPart(
                        calculation.snapshot().accounts().get(posting.account()), posting.amount(), posting.why()))
                .toList();
    }

    private static String words(Line line, Optional<Rule> formula) {
        if (formula.isEmpty()) {
            return line.yesWhen()
                    .map(condition -> "yes when " + home(condition.words(), line))
                    .orElse("");
        }
        return home(formula.get().words(), line);
    }

    /** Lines of the same form are named without it. */
    private static String home(String words, Line line) {
        Matcher matcher = LINE_WORDS.matcher(words);
        return matcher.replaceAll(found -> found.group(1).equals(line.id().form())
                ? "line " + found.group(2)
                : Matcher.quoteReplacement(found.group(1) + " line " + found.group(2)));
    }

    private static List<LawValue> law(Calculation calculation, List<Input> reads) {
        return reads.stream()
                .filter(Input.OfLaw.class::isInstance)
                .map(input -> calculation.law().value(((Input.OfLaw) input).key()))
                .sorted(Comparator.comparing(value -> value.key().key()))
                .toList();
    }
}
