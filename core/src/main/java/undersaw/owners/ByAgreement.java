package undersaw.owners;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.MemberFigures;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;

/**
 * Divides a line of a partnership among its partners: by special allocations of that line where there are any, else by
 * their shares of profit, or of loss where the deciding line is below zero (IRC 704; which shares serve an item is the
 * agreement's affair, this is the house's way).
 *
 * @param line what is divided
 * @param decides whose sign decides between profit and loss: the line itself, or the partnership's income
 * @param rounding the line that names the owner who takes what rounding leaves
 * @param cut where closed books stand; null where days alone count
 * @param within parts of the line that can be allocated specially by themselves
 */
public record ByAgreement(
        LineId line,
        LineId decides,
        LineId rounding,
        @Nullable YearCut cut,
        List<Within> within) implements Weighed {
    private static final Positions PROFIT = new Positions(Measure.PROFIT, Span.YEAR);
    private static final Positions LOSS = new Positions(Measure.LOSS, Span.YEAR);

    /**
     * A part of the line that can be allocated by itself, as depreciation within ordinary income, or one property
     * within rental income.
     *
     * @param line as allocations name it
     * @param amount the line that holds as much of it as the whole counts
     * @param rows what it repeats for; null where it stands once
     * @param deducted whether the line falls as it grows
     */
    public record Within(
            LineId line, LineId amount, @Nullable Dimension rows, boolean deducted) {}

    /** By shares of profit, or of loss by the line's own sign, over the days of the year. */
    public static ByAgreement ofItsSign(LineId line, LineId rounding) {
        return new ByAgreement(line, line, rounding, null, List.of());
    }

    /** Keeps its own copy. */
    public ByAgreement {
        within = List.copyOf(within);
    }

    /** A part with its special allocation, and its amount as it counts in the line. */
    private record Apart(LineKey place, Special special, Money amount, boolean deducted) {
        Money counted() {
            return deducted ? amount.negated() : amount;
        }
    }

    @Override
    public Dimension members() {
        return Positions.OWNERS;
    }

    private List<Apart> apart(Figures figures, MemberFigures members) {
        Map<LineKey, Special> all = Special.all(members);
        List<Apart> found = new ArrayList<>();
        for (Within part : within) {
            if (part.rows() == null) {
                LineKey place = part.line().alone();
                Special special = all.get(place);
                if (special != null) {
                    found.add(new Apart(place, special, figures.amount(part.amount()), part.deducted()));
                }
                continue;
            }
            for (String row : members.of(part.rows())) {
                LineKey place = part.line().in(row);
                Special special = all.get(place);
                if (special != null) {
                    found.add(new Apart(place, special, members.amount(part.amount(), row), part.deducted()));
                }
            }
        }
        return found;
    }

    private @Nullable Special special(MemberFigures members) {
        return Special.all(members).get(line.alone());
    }

    private Function<Money, Positions> positions(Figures figures) {
        return decides.equals(line)
                ? amount -> amount.isNegative() ? LOSS : PROFIT
                : unused -> figures.amount(decides).isNegative() ? LOSS : PROFIT;
    }

    private Pieces byShares(Figures figures, MemberFigures members, Money amount) {
        return new OverTheYear(cut, positions(figures)).pieces(figures, members, amount, figures.amount(line));
    }

    private static Money counted(List<Apart> parts) {
        return Money.sum(parts.stream().map(Apart::counted).toList());
    }

    @Override
    public Map<String, Long> parts(Figures figures, MemberFigures members) {
        List<String> owners = Positions.inOrder(members);
        OddUnits odd = OddUnits.of(figures, rounding);
        Special special = special(members);
        Money whole = figures.amount(line);
        if (special != null) {
            return special.of(owners, whole, odd);
        }
        List<Apart> apart = apart(figures, members);
        Map<String, Long> parts = new HashMap<>(
                byShares(figures, members, whole.minus(counted(apart))).of(odd));
        for (Apart each : apart) {
            each.special()
                    .of(owners, each.amount(), odd)
                    .forEach((owner, part) -> parts.merge(owner, each.deducted() ? -part : part, Long::sum));
        }
        return parts;
    }

    @Override
    public List<String> steps(Figures figures, MemberFigures members, String member) {
        List<String> owners = Positions.inOrder(members);
        OddUnits odd = OddUnits.of(figures, rounding);
        Special special = special(members);
        Money whole = figures.amount(line);
        if (special != null) {
            return special.steps(owners, whole, odd, member);
        }
        List<String> steps = new ArrayList<>();
        List<Apart> apart = apart(figures, members);
        for (Apart each : apart) {
            steps.add("line " + each.place() + ", " + each.amount().printed()
                    + (each.deducted() ? ", is deducted and allocated by itself" : ", is allocated by itself"));
            steps.addAll(each.special().steps(owners, each.amount(), odd, member));
        }
        if (!apart.isEmpty()) {
            steps.add("the rest, " + whole.minus(counted(apart)).printed() + ", goes by shares");
        }
        steps.addAll(byShares(figures, members, whole.minus(counted(apart))).steps(odd, member));
        return steps;
    }

    /** As the line itself went; as an amount of its sign would go where the line tells nothing. */
    @Override
    public List<BigInteger> weights(Figures figures, MemberFigures members, Money amount) {
        boolean special = special(members) != null || !apart(figures, members).isEmpty();
        List<BigInteger> asGiven = special ? ofOneSign(members, parts(figures, members)) : List.of();
        return asGiven.isEmpty()
                ? new OverTheYear(cut, positions(figures)).weights(figures, members, figures.amount(line), amount)
                : asGiven;
    }

    /** Parts as weights, in the order of the register; none where some gain what others lose, or nobody has any. */
    private static List<BigInteger> ofOneSign(MemberFigures members, Map<String, Long> parts) {
        boolean gains = parts.values().stream().anyMatch(part -> part > 0);
        boolean losses = parts.values().stream().anyMatch(part -> part < 0);
        return gains == losses
                ? List.of()
                : Positions.inOrder(members).stream()
                        .map(owner -> BigInteger.valueOf(Math.abs(parts.getOrDefault(owner, 0L))))
                        .toList();
    }

    @Override
    public String words() {
        return "the partner's part of line " + line + " by special allocation, or by profit and loss and days held";
    }

    @Override
    public Set<Input> reads() {
        Set<Input> reads = new HashSet<>(PROFIT.reads());
        reads.addAll(LOSS.reads());
        if (cut != null) {
            reads.addAll(cut.reads());
        }
        Allocations.READ.forEach(each -> reads.add(new Input.OfLine(each)));
        within.forEach(part -> reads.add(new Input.OfLine(part.amount())));
        List.of(line, decides, rounding).forEach(each -> reads.add(new Input.OfLine(each)));
        return reads;
    }
}
