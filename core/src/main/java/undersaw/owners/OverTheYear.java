package undersaw.owners;

import java.math.BigInteger;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;
import undersaw.form.formula.Figures;
import undersaw.form.formula.MemberFigures;
import undersaw.money.Money;

/**
 * How an amount of the year goes to its owners: by the days on which they held, or part by part where the books were
 * closed as they changed.
 *
 * @param cut where the parts of the year stand; null where days alone count
 * @param positions what counts for an amount: shares of profit, or of loss where it is below zero
 */
record OverTheYear(@Nullable YearCut cut, Function<Money, Positions> positions) {
    Pieces pieces(Figures figures, MemberFigures members, Money whole) {
        return pieces(figures, members, whole, whole);
    }

    /**
     * The same for what is left of a line of which something is allocated apart: it goes as the parts of the whole line
     * go.
     */
    Pieces pieces(Figures figures, MemberFigures members, Money left, Money line) {
        List<String> owners = Positions.inOrder(members);
        List<Pieces.Piece> pieces = new ArrayList<>();
        Money rest = left;
        Money whole = line;
        if (cut != null) {
            for (Map.Entry<LocalDate, Money> day : cut.extraordinary(members).entrySet()) {
                int at = held(figures, members, day.getValue()).segmentOf(day.getKey());
                if (at >= 0) {
                    pieces.add(onePart(figures, members, at, day.getValue()).on(day.getKey()));
                    rest = rest.minus(day.getValue());
                    whole = whole.minus(day.getValue());
                }
            }
            Map<Integer, Money> parts = cut.isClosed(figures) ? cut.parts(members) : Map.of();
            if (!parts.isEmpty() && isWhole(figures, members, parts, whole)) {
                scaled(parts, rest, whole)
                        .forEach((number, amount) -> pieces.add(
                                onePart(figures, members, number - 1, amount).piece()));
                return new Pieces(owners, pieces);
            }
        }
        if (pieces.isEmpty() || !rest.isZero()) {
            pieces.add(byDays(figures, members, rest));
        }
        return new Pieces(owners, pieces);
    }

    /** What each owner weighs for an amount that goes the way of an item; by days where the item tells nothing. */
    List<BigInteger> weights(Figures figures, MemberFigures members, Money item, Money amount) {
        Pieces pieces = pieces(figures, members, item);
        return item.isZero() || !pieces.isOfOneSign()
                ? positions.apply(amount).weights(figures, members)
                : pieces.weights();
    }

    /** Parts of another amount in the same proportion; the last takes what rounding leaves. */
    private static Map<Integer, Money> scaled(Map<Integer, Money> parts, Money to, Money from) {
        if (to.equals(from) || from.isZero()) {
            return parts;
        }
        Map<Integer, Money> scaled = new TreeMap<>();
        Money left = to;
        int last = 0;
        for (Map.Entry<Integer, Money> part : parts.entrySet()) {
            Money amount = Money.ofCents(part.getValue()
                    .toDecimal()
                    .multiply(to.toDecimal())
                    .divide(from.toDecimal(), 2, RoundingMode.HALF_UP)
                    .movePointRight(2)
                    .longValueExact());
            scaled.put(part.getKey(), amount);
            left = left.minus(amount);
            last = part.getKey();
        }
        scaled.merge(last, left, Money::plus);
        return scaled;
    }

    private boolean isWhole(Figures figures, MemberFigures members, Map<Integer, Money> parts, Money rest) {
        return Money.sum(parts.values()).equals(rest)
                && parts.entrySet().stream()
                        .allMatch(part -> part.getKey() >= 1
                                && part.getKey()
                                        <= held(figures, members, part.getValue())
                                                .segments()
                                                .size());
    }

    private Holdings held(Figures figures, MemberFigures members, Money amount) {
        YearCut where = Objects.requireNonNull(cut);
        Convention convention = where.isClosed(figures) ? where.convention(figures) : Convention.CALENDAR_DAY;
        return positions.apply(amount).holdings(figures, members, convention);
    }

    private Pieces.Piece byDays(Figures figures, MemberFigures members, Money amount) {
        Positions of = positions.apply(amount);
        return new Pieces.Piece(
                "The year by days", amount, of.weights(figures, members), owner -> of.steps(figures, members, owner));
    }

    private OnePart onePart(Figures figures, MemberFigures members, int at, Money amount) {
        Holdings holdings = held(figures, members, amount);
        return new OnePart(holdings, at, amount, positions.apply(amount));
    }

    /** What one part of the year, or a day within it, brought. */
    private record OnePart(Holdings holdings, int at, Money amount, Positions of) {
        Pieces.Piece piece() {
            return piece("Part " + (at + 1) + " of the year");
        }

        Pieces.Piece on(LocalDate day) {
            return piece("On " + day);
        }

        private Pieces.Piece piece(String when) {
            List<BigInteger> weights = holdings.on(at);
            return new Pieces.Piece(
                    when,
                    amount,
                    weights,
                    owner -> List.of(of.told(holdings.segments().get(at), owner)));
        }
    }
}
