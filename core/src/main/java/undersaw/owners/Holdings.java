package undersaw.owners;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import undersaw.law.calendar.Period;

/**
 * What each owner held on each day of a year, in one measure.
 *
 * <p>A change counts at the end of its day: the old position has that day, the new one begins with the day after
 * (Reg. 1.1377-1(a)(2)(ii), 1.706-4(c)(1)(i); from memory).
 *
 * @param owners in their order
 * @param segments the parts of the year between changes, in order
 */
public record Holdings(List<String> owners, List<Segment> segments) {
    private static final int DECIMALS = 6;

    /** Keeps its own copies. */
    public Holdings {
        owners = List.copyOf(owners);
        segments = List.copyOf(segments);
    }

    /**
     * Days on which nobody's position changed.
     *
     * @param from the first of them
     * @param to the last of them
     * @param positions what each owner held, in millionths; owners without any are left out
     */
    public record Segment(LocalDate from, LocalDate to, Map<String, Long> positions) {
        /** Keeps its own copy. */
        public Segment {
            positions = Map.copyOf(positions);
        }

        public long days() {
            return ChronoUnit.DAYS.between(from, to) + 1;
        }

        /** What all owners held together, in millionths. */
        public long total() {
            return positions.values().stream().mapToLong(Long::longValue).sum();
        }
    }

    /**
     * A position after a day.
     *
     * @param owner whose
     * @param date the day at whose end it began
     * @param position up to six decimals, not below zero
     */
    public record Change(String owner, LocalDate date, BigDecimal position) {}

    /**
     * The holdings of a year.
     *
     * @param opening the positions on the first day of those that no change dated on or before it tells
     * @param changes in any order; those after the year are passed over
     */
    public static Holdings of(Period year, List<String> owners, Map<String, BigDecimal> opening, List<Change> changes) {
        Map<String, Long> now = new LinkedHashMap<>();
        opening.forEach((owner, position) -> now.put(owner, millionths(position)));
        TreeMap<LocalDate, List<Change>> later = new TreeMap<>();
        changes.stream()
                .sorted((left, right) -> left.date().compareTo(right.date()))
                .forEach(change -> {
                    if (!change.date().isAfter(year.start())) {
                        now.put(change.owner(), millionths(change.position()));
                    } else if (OwnershipChanges.isWithin(year, change.date())) {
                        later.computeIfAbsent(change.date(), unused -> new ArrayList<>())
                                .add(change);
                    }
                });
        List<Segment> segments = new ArrayList<>();
        LocalDate from = year.start();
        for (Map.Entry<LocalDate, List<Change>> each : later.entrySet()) {
            segments.add(new Segment(from, each.getKey(), now));
            each.getValue().forEach(change -> now.put(change.owner(), millionths(change.position())));
            from = each.getKey().plusDays(1);
        }
        segments.add(new Segment(from, year.end(), now));
        return new Holdings(owners, segments);
    }

    private static long millionths(BigDecimal position) {
        return position.movePointRight(DECIMALS).longValueExact();
    }

    /** Which segment a day lies in; -1 for a day outside of the year. */
    int segmentOf(LocalDate day) {
        for (int i = 0; i < segments.size(); i++) {
            Segment segment = segments.get(i);
            if (!day.isBefore(segment.from()) && !day.isAfter(segment.to())) {
                return i;
            }
        }
        return -1;
    }

    /** The positions of one segment, in the order of the owners. */
    List<BigInteger> on(int segment) {
        Map<String, Long> positions = segments.get(segment).positions();
        return owners.stream()
                .map(owner -> BigInteger.valueOf(positions.getOrDefault(owner, 0L)))
                .toList();
    }

    /** Position times days, in the order of the owners; percentages that always come to the same total. */
    public List<BigInteger> byDays() {
        return weights(false);
    }

    /** Part of the day's total times days: as each day has a total of its own where shares are issued or redeemed. */
    public List<BigInteger> byDaysOfTheirTotal() {
        return weights(true);
    }

    /** Exact: fractions of different totals are brought to one denominator. */
    private List<BigInteger> weights(boolean ofTheirTotal) {
        BigInteger common = BigInteger.ONE;
        if (ofTheirTotal) {
            for (Segment segment : segments) {
                BigInteger total = BigInteger.valueOf(Math.max(1, segment.total()));
                common = common.multiply(total).divide(common.gcd(total));
            }
        }
        Map<String, BigInteger> sums = new LinkedHashMap<>();
        owners.forEach(owner -> sums.put(owner, BigInteger.ZERO));
        for (Segment segment : segments) {
            BigInteger each = BigInteger.valueOf(segment.days());
            BigInteger factor = ofTheirTotal
                    ? each.multiply(common.divide(BigInteger.valueOf(Math.max(1, segment.total()))))
                    : each;
            segment.positions()
                    .forEach((owner, position) -> sums.computeIfPresent(
                            owner, (unused, sum) -> sum.add(factor.multiply(BigInteger.valueOf(position)))));
        }
        return List.copyOf(sums.values());
    }
}
