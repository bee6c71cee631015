package undersaw.books;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import undersaw.calc.Calculation;
import undersaw.calc.Posting;
import undersaw.form.Line;
import undersaw.ledger.Treatment;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.returns.BookLines;
import undersaw.returns.ReturnKind;

/**
 * The walk from book income to taxable income; whole dollars.
 *
 * @param bookIncome where it begins
 * @param steps permanent differences first, then those that turn round
 * @param taxableIncome where it arrives: the return's own line
 */
public record Bridge(Money bookIncome, List<Step> steps, Money taxableIncome) {
    /**
     * One difference.
     *
     * @param caption its name
     * @param amount what it does to income
     * @param permanent whether it never turns round
     * @param line the line that shows it
     * @param accounts the numbers of the accounts behind it; empty where other forms find it
     */
    public record Step(String caption, Money amount, boolean permanent, LineId line, List<String> accounts) {}

    /** Keeps its own copy. */
    public Bridge {
        steps = List.copyOf(steps);
    }

    /** The bridge of a computed return; its steps add up to the return's own line. */
    public static Bridge of(Calculation calculation, ReturnKind kind) {
        BookLines lines = kind.bookLines();
        List<Step> steps = new ArrayList<>();
        for (BookLines.Step line : lines.steps()) {
            steps.addAll(stepsOf(calculation, kind, line));
        }
        Money from = calculation.amount(lines.bookIncome());
        Money to = calculation.amount(lines.taxableIncome());
        Money rest =
                to.minus(from).minus(Money.sum(steps.stream().map(Step::amount).toList()));
        if (!rest.isZero()) {
            steps.add(new Step("Not on the walk", rest, false, lines.taxableIncome(), List.of()));
        }
        List<Step> ordered =
                new ArrayList<>(steps.stream().filter(Step::permanent).toList());
        ordered.addAll(steps.stream().filter(step -> !step.permanent()).toList());
        return new Bridge(from, ordered, to);
    }

    /** A line's accounts by treatment, and what is left of the line under its own caption. */
    private static List<Step> stepsOf(Calculation calculation, ReturnKind kind, BookLines.Step line) {
        Money left = calculation.amount(line.line());
        Map<String, List<Posting>> byTreatment = new LinkedHashMap<>();
        for (Posting posting : calculation.postings(line.line())) {
            byTreatment
                    .computeIfAbsent(posting.treatment(), unused -> new ArrayList<>())
                    .add(posting);
        }
        String caption = calculation.plan().line(line.line()).map(Line::caption).orElse("");
        List<Step> steps = new ArrayList<>();
        for (Map.Entry<String, List<Posting>> each : byTreatment.entrySet()) {
            Money amount = Money.sum(
                            each.getValue().stream().map(Posting::amount).toList())
                    .roundedToDollars();
            left = left.minus(amount);
            Optional<Treatment> treatment = each.getKey().isEmpty() ? Optional.empty() : kind.treatment(each.getKey());
            steps.add(new Step(
                    treatment.map(Treatment::caption).orElse(caption),
                    line.adds() ? amount : amount.negated(),
                    treatment.map(Treatment::permanent).orElse(line.permanent()),
                    line.line(),
                    each.getValue().stream().map(Posting::account).toList()));
        }
        if (!steps.isEmpty() && left.abs().compareTo(Money.ofDollars(steps.size())) <= 0) {
            round(steps, line.adds() ? left : left.negated());
        } else if (!left.isZero()) {
            steps.add(new Step(caption, line.adds() ? left : left.negated(), line.permanent(), line.line(), List.of()));
        }
        return steps;
    }

    /** What rounding each account leaves of a line goes to its largest step. */
    private static void round(List<Step> steps, Money left) {
        Step largest = steps.stream()
                .max(Comparator.comparing(step -> step.amount().abs()))
                .orElseThrow();
        steps.set(
                steps.indexOf(largest),
                new Step(
                        largest.caption(),
                        largest.amount().plus(left),
                        largest.permanent(),
                        largest.line(),
                        largest.accounts()));
    }

    /** The sum of the steps of one kind. */
    public Money total(boolean permanent) {
        return Money.sum(steps.stream()
                .filter(step -> step.permanent() == permanent)
                .map(Step::amount)
                .toList());
    }
}
