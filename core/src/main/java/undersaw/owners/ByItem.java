package undersaw.owners;

import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import undersaw.form.formula.Division;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.MemberFigures;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * Divides an amount of each activity among the owners as the item that it belongs to is divided, in whole units that
 * come to the amount.
 *
 * @param members the activities of each owner
 * @param line the amount of an activity
 * @param item how the item is divided
 * @param rounding the line that names the owner who takes what rounding leaves
 */
public record ByItem(Dimension members, LineId line, Weighed item, LineId rounding) implements Division {
    private Dimension activities() {
        return members.path().get(1);
    }

    private WholeParts of(Figures figures, MemberFigures all, Money amount) {
        return new WholeParts(Positions.inOrder(all), item.weights(figures, all, amount));
    }

    @Override
    public Map<String, Long> parts(Figures figures, MemberFigures all) {
        Map<String, Long> parts = new HashMap<>();
        for (String activity : all.of(activities())) {
            Money amount = all.amount(line, activity);
            if (!amount.isZero()) {
                ofOwners(figures, all, amount).forEach((owner, part) -> parts.put(members.pair(owner, activity), part));
            }
        }
        return parts;
    }

    /** The whole item goes exactly as its line did, though some may gain what others lose. */
    private Map<String, Long> ofOwners(Figures figures, MemberFigures all, Money amount) {
        return amount.equals(figures.amount(item.line()))
                ? item.parts(figures, all)
                : of(figures, all, amount).of(amount, OddUnits.of(figures, rounding));
    }

    @Override
    public List<String> steps(Figures figures, MemberFigures all, String member) {
        String activity = Objects.requireNonNull(members.of(activities(), member));
        String owner = Objects.requireNonNull(members.of(Positions.OWNERS, member));
        Money amount = all.amount(line, activity);
        if (amount.equals(figures.amount(item.line()))) {
            return item.steps(figures, all, owner);
        }
        return of(figures, all, amount).steps(amount, OddUnits.of(figures, rounding), owner);
    }

    @Override
    public String words() {
        return "the owner's part of line " + line + " as line " + item.line() + " is divided";
    }

    @Override
    public Set<Input> reads() {
        Set<Input> reads = new HashSet<>(item.reads());
        reads.add(new Input.OfLine(line));
        reads.add(new Input.OfLine(rounding));
        return reads;
    }
}
