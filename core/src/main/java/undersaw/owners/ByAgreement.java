package undersaw.owners;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import undersaw.form.formula.Division;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.MemberFigures;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * Divides a line of a partnership among its partners: by special allocations of that line where there are any, else by
 * their shares of profit, or of loss where the deciding line is below zero (IRC 704; which shares serve an item is the
 * agreement's affair, this is the house's way).
 *
 * <p>Amounts are given as they stand; percentages divide what they leave, and without any what is left goes nowhere.
 *
 * @param line what is divided
 * @param decides whose sign decides between profit and loss: the line itself, or the partnership's income
 * @param rounding the line that names the owner who takes what rounding leaves
 */
public record ByAgreement(LineId line, LineId decides, LineId rounding) implements Division {
    private static final Positions PROFIT = new Positions(Measure.PROFIT, Span.YEAR);
    private static final Positions LOSS = new Positions(Measure.LOSS, Span.YEAR);
    private static final int DECIMALS = 6;

    @Override
    public Dimension members() {
        return Positions.OWNERS;
    }

    /** The special allocations of one line, by owner. */
    private record Special(Map<String, Money> amounts, Map<String, BigInteger> percents) {
        boolean isNone() {
            return amounts.isEmpty() && percents.isEmpty();
        }
    }

    private Special special(MemberFigures members) {
        Map<LineId, Special> all = members.once(Allocations.ROWS, () -> read(members));
        return all.getOrDefault(line, new Special(Map.of(), Map.of()));
    }

    private static Map<LineId, Special> read(MemberFigures members) {
        Map<LineId, Special> all = new HashMap<>();
        for (String row : members.of(Allocations.ROWS)) {
            String named = members.answer(Allocations.LINE, row);
            String owner = members.answer(Allocations.OWNER, row);
            if (!LineId.isShaped(named) || owner.isEmpty()) {
                continue;
            }
            Special special =
                    all.computeIfAbsent(LineId.of(named), unused -> new Special(new HashMap<>(), new HashMap<>()));
            String percent = members.answer(Allocations.PERCENT, row);
            if (!percent.isEmpty()) {
                special.percents()
                        .merge(
                                owner,
                                new BigDecimal(percent).movePointRight(DECIMALS).toBigInteger(),
                                BigInteger::add);
            } else if (!members.answer(Allocations.AMOUNT, row).isEmpty()) {
                special.amounts().merge(owner, members.amount(Allocations.AMOUNT, row), Money::plus);
            }
        }
        return all;
    }

    private ByHoldings byShares(Figures figures) {
        return new ByHoldings(line, figures.amount(decides).isNegative() ? LOSS : PROFIT, rounding);
    }

    @Override
    public Map<String, Long> parts(Figures figures, MemberFigures members) {
        List<String> owners = Positions.inOrder(members);
        Special special = special(members);
        Money whole = figures.amount(line);
        if (special.isNone()) {
            return byShares(figures).parts(figures, members);
        }
        Money given = Money.sum(special.amounts().values());
        Map<String, Long> parts = new HashMap<>(
                byPercent(owners, special).of(whole.minus(given), figures.unit(), figures.answer(rounding)));
        special.amounts().forEach((owner, amount) -> parts.merge(owner, amount.cents(), Long::sum));
        return parts;
    }

    private static WholeParts byPercent(List<String> owners, Special special) {
        return new WholeParts(
                owners,
                owners.stream()
                        .map(owner -> special.percents().getOrDefault(owner, BigInteger.ZERO))
                        .toList());
    }

    @Override
    public List<String> steps(Figures figures, MemberFigures members, String member) {
        List<String> owners = Positions.inOrder(members);
        Special special = special(members);
        Money whole = figures.amount(line);
        List<String> steps = new ArrayList<>();
        if (special.isNone()) {
            return byShares(figures).steps(figures, members, member);
        }
        Money given = Money.sum(special.amounts().values());
        steps.add("special allocations of this line: amounts of " + given.printed() + " first, what is left is "
                + whole.minus(given).printed());
        Money own = special.amounts().get(member);
        if (own != null) {
            steps.add("an amount of " + own.printed());
        }
        steps.addAll(
                byPercent(owners, special).steps(whole.minus(given), figures.unit(), figures.answer(rounding), member));
        return steps;
    }

    @Override
    public String words() {
        return "the partner's part of line " + line + " by special allocation, or by profit and loss and days held";
    }

    @Override
    public Set<Input> reads() {
        Set<Input> reads = new HashSet<>(PROFIT.reads());
        reads.addAll(LOSS.reads());
        Allocations.READ.forEach(each -> reads.add(new Input.OfLine(each)));
        reads.add(new Input.OfLine(line));
        reads.add(new Input.OfLine(decides));
        reads.add(new Input.OfLine(rounding));
        return reads;
    }
}
