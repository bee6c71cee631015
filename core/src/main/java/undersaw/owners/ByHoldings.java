package undersaw.owners;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import undersaw.form.formula.Division;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.MemberFigures;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.money.LargestRemainder;
import undersaw.money.Money;

/**
 * Divides a line of the return among its owners by what they held and for how many days, in whole units that come to
 * the line.
 *
 * @param line what is divided
 * @param measure of the positions; shares count as a part of all shares of each day
 * @param rounding the line that names the owner who takes what rounding leaves
 */
public record ByHoldings(LineId line, Measure measure, LineId rounding) implements Division {
    private static final Dimension OWNERS = Dimension.rows(OwnerRegister.LIST);

    @Override
    public Dimension members() {
        return OWNERS;
    }

    @Override
    public Map<String, Money> parts(Figures figures, MemberFigures members) {
        long whole = figures.unit().units(figures.amount(line));
        List<String> owners = List.copyOf(members.of(OWNERS));
        List<BigInteger> weights = members.once(measure, () -> weights(figures, members, owners));
        if (whole == 0 || weights.stream().allMatch(weight -> weight.signum() == 0)) {
            return Map.of();
        }
        int taker = owners.indexOf(figures.answer(rounding));
        long[] parts =
                taker < 0 ? LargestRemainder.parts(whole, weights) : LargestRemainder.parts(whole, weights, taker);
        Map<String, Money> divided = new HashMap<>();
        for (int i = 0; i < parts.length; i++) {
            divided.put(owners.get(i), figures.unit().of(parts[i]));
        }
        return divided;
    }

    private List<BigInteger> weights(Figures figures, MemberFigures members, List<String> owners) {
        Holdings holdings = holdings(figures, members, owners);
        return measure == Measure.SHARES ? holdings.byDaysOfTheirTotal() : holdings.byDays();
    }

    private Holdings holdings(Figures figures, MemberFigures members, List<String> owners) {
        Map<String, BigDecimal> opening = new HashMap<>();
        LineId first = measure.opening();
        if (first != null) {
            owners.forEach(owner -> number(members.answer(first, owner)).ifPresent(held -> opening.put(owner, held)));
        }
        List<Holdings.Change> changes = new ArrayList<>();
        for (String row : members.of(OwnershipChanges.ROWS)) {
            Optional<BigDecimal> position = number(members.answer(measure.changed(), row));
            LocalDate date = members.day(OwnershipChanges.DATE, row);
            if (position.isPresent() && date != null) {
                changes.add(new Holdings.Change(members.answer(OwnershipChanges.OWNER, row), date, position.get()));
            }
        }
        return Holdings.of(figures.period(), owners, opening, changes);
    }

    private static Optional<BigDecimal> number(String text) {
        try {
            return text.isEmpty() ? Optional.empty() : Optional.of(new BigDecimal(text));
        } catch (NumberFormatException words) {
            return Optional.empty();
        }
    }

    @Override
    public String words() {
        return "the owner's part of line " + line + " by " + measure.name().toLowerCase(Locale.ROOT) + " and days held";
    }

    @Override
    public Set<Input> reads() {
        Set<Input> reads = new HashSet<>(Set.of(
                new Input.OfLine(line),
                new Input.OfLine(rounding),
                new Input.OfHeading(),
                new Input.OfLine(OwnershipChanges.OWNER),
                new Input.OfLine(OwnershipChanges.DATE),
                new Input.OfLine(measure.changed())));
        LineId first = measure.opening();
        if (first != null) {
            reads.add(new Input.OfLine(first));
        }
        return reads;
    }
}
