package undersaw.owners;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import undersaw.calc.Calculation;
import undersaw.form.Part;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.MemberFigures;
import undersaw.line.Dimension;
import undersaw.line.LineId;

/**
 * What owners held, read from the register and from the changes of ownership.
 *
 * @param measure of the positions
 * @param span the days that count
 */
public record Positions(Measure measure, Span span) {
    private static final int DECIMALS = 6;
    static final Dimension OWNERS = OwnerRegister.ROWS;

    /** What each owner counts, in the order of the register. */
    List<BigInteger> weights(Figures figures, MemberFigures members) {
        return members.once(this, () -> span.weights(holdings(figures, members), measure));
    }

    /** The owners in the order of the register. */
    static List<String> inOrder(MemberFigures members) {
        return members.once(
                OWNERS,
                () -> members.of(OWNERS).stream()
                        .sorted(Comparator.comparingLong(
                                owner -> Part.place(members.answer(OwnerRegister.PLACE, owner))))
                        .toList());
    }

    /** What owners held on each day of a computed year; nothing where the return keeps no changes. */
    public static Optional<Holdings> of(Calculation year, Measure measure) {
        return year.plan().line(OwnershipChanges.OWNER).isPresent()
                ? Optional.of(year.ofMembers(new Positions(measure, Span.YEAR)::holdings))
                : Optional.empty();
    }

    /** What owners held on each day. */
    Holdings holdings(Figures figures, MemberFigures members) {
        return holdings(figures, members, Convention.CALENDAR_DAY);
    }

    /** What is kept of a run. */
    private record Kept(Measure measure, Convention convention) {}

    /** The same where changes count by a convention. */
    Holdings holdings(Figures figures, MemberFigures members, Convention convention) {
        return members.once(new Kept(measure, convention), () -> {
            List<String> owners = inOrder(members);
            Map<String, BigDecimal> opening = new HashMap<>();
            List<Holdings.Change> changes = new ArrayList<>();
            for (String row : members.of(OwnershipChanges.ROWS)) {
                Optional<BigDecimal> position = number(members.answer(measure.changed(), row));
                LocalDate date = members.day(OwnershipChanges.DATE, row);
                if (position.isPresent() && date != null) {
                    changes.add(new Holdings.Change(
                            members.answer(OwnershipChanges.OWNER, row), convention.counts(date), position.get()));
                }
            }
            boolean moved =
                    changes.stream().anyMatch(change -> OwnershipChanges.isWithin(figures.period(), change.date()));
            LineId begin = measure.opening();
            LineId end = measure.closing();
            if (begin != null && end != null) {
                // without a change in the year both are the same, and either may be left empty
                owners.forEach(owner -> number(members.answer(moved ? begin : end, owner))
                        .or(() -> number(members.answer(begin, owner)))
                        .ifPresent(held -> opening.put(owner, held)));
            }
            return Holdings.of(figures.period(), owners, opening, changes);
        });
    }

    /** What a member held from day to day, as far as it counts. */
    List<String> steps(Figures figures, MemberFigures members, String member) {
        List<Holdings.Segment> segments = holdings(figures, members).segments();
        List<Holdings.Segment> counted = switch (span) {
            case YEAR -> segments;
            case BEGIN -> segments.subList(0, 1);
            case END -> segments.subList(segments.size() - 1, segments.size());
        };
        return counted.stream().map(segment -> told(segment, member)).toList();
    }

    /** What a member held in one stretch of days. */
    String told(Holdings.Segment segment, String member) {
        return segment.from() + " to " + segment.to() + ", " + segment.days()
                + (segment.days() == 1 ? " day: " : " days: ")
                + plain(segment.positions().getOrDefault(member, 0L)) + " of " + plain(segment.total()) + " "
                + measure.unit();
    }

    private static String plain(long millionths) {
        return BigDecimal.valueOf(millionths, DECIMALS).stripTrailingZeros().toPlainString();
    }

    private static Optional<BigDecimal> number(String text) {
        try {
            return text.isEmpty() ? Optional.empty() : Optional.of(new BigDecimal(text));
        } catch (NumberFormatException words) {
            return Optional.empty();
        }
    }

    String words() {
        return measure.words() + " " + span.words();
    }

    Set<Input> reads() {
        Set<Input> reads = new HashSet<>(Set.of(
                new Input.OfHeading(),
                new Input.OfLine(OwnerRegister.PLACE),
                new Input.OfLine(OwnershipChanges.OWNER),
                new Input.OfLine(OwnershipChanges.DATE),
                new Input.OfLine(measure.changed())));
        Stream.of(measure.opening(), measure.closing())
                .filter(Objects::nonNull)
                .forEach(line -> reads.add(new Input.OfLine(line)));
        return reads;
    }
}
