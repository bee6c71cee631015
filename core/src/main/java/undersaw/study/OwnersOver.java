package undersaw.study;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import undersaw.calc.Calculation;
import undersaw.engagement.Fact;
import undersaw.form.RowList;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.LargestRemainder;
import undersaw.owners.Holdings;
import undersaw.owners.Measure;
import undersaw.owners.OwnerRegister;
import undersaw.owners.Positions;

/** What owners hold, told as another kind of entity tells it: percentages of profit, or shares. */
final class OwnersOver {
    private static final int DECIMALS = 6;
    private static final long WHOLE = 100_000_000L;
    private static final String HELD = "OWNERSHIP/";

    private final Calculation year;
    private final Map<LineKey, Fact> facts;

    private OwnersOver(Calculation year, Map<LineKey, Fact> facts) {
        this.year = year;
        this.facts = facts;
    }

    /** Puts into the facts of a study what its owners hold. */
    static void put(Calculation year, Kind from, Kind to, Map<LineKey, Fact> facts) {
        if (from == to) {
            return;
        }
        OwnersOver over = new OwnersOver(year, facts);
        List<Stretch> held = from == Kind.CORPORATION ? over.ofRegister() : over.ofChanges(from);
        facts.keySet().removeIf(key -> key.line().form().equals("OWNERSHIP"));
        if (to == Kind.S_CORPORATION) {
            over.inShares(held);
        } else {
            over.inPercentages(held, to);
        }
    }

    /** Percentages in millionths from a day on. */
    private record Stretch(LocalDate from, Map<String, Long> percents) {}

    private List<Stretch> ofRegister() {
        Map<String, Long> percents = new TreeMap<>();
        year.rowValues(OwnerRegister.CAPITAL_END)
                .forEach(value -> percents.put(
                        value.key().instance(),
                        new BigDecimal(value.value().plain())
                                .movePointRight(DECIMALS)
                                .longValue()));
        return List.of(new Stretch(start(), percents));
    }

    private LocalDate start() {
        return year.snapshot().heading().period().start();
    }

    private List<Stretch> ofChanges(Kind from) {
        Measure measure = from == Kind.S_CORPORATION ? Measure.SHARES : Measure.PROFIT;
        return Positions.of(year, measure).map(Holdings::segments).orElse(List.of()).stream()
                .map(segment -> new Stretch(segment.from(), percents(segment)))
                .toList();
    }

    /** In percent of the day's total, which come to a hundred. */
    private static Map<String, Long> percents(Holdings.Segment segment) {
        Map<String, Long> percents = new TreeMap<>();
        List<String> owners = segment.positions().keySet().stream().sorted().toList();
        List<BigInteger> weights = owners.stream()
                .map(owner -> BigInteger.valueOf(segment.positions().get(owner)))
                .toList();
        if (segment.total() > 0) {
            long[] parts = LargestRemainder.parts(WHOLE, weights);
            for (int i = 0; i < parts.length; i++) {
                percents.put(owners.get(i), parts[i]);
            }
        }
        return percents;
    }

    /** A share for each percent, from the first day on, and at each change for those who changed. */
    private void inShares(List<Stretch> held) {
        int row = 0;
        for (int i = 0; i < held.size(); i++) {
            for (String owner : owners(held, i)) {
                change(++row, owner, held.get(i), "shares");
            }
        }
    }

    private void inPercentages(List<Stretch> held, Kind to) {
        List<String> measures = to == Kind.CORPORATION ? List.of("capital") : List.of("profit", "loss", "capital");
        for (String measure : measures) {
            held.get(0).percents().forEach((owner, held0) -> register(owner, measure + "Begin", held0));
            held.get(held.size() - 1).percents().forEach((owner, last) -> register(owner, measure + "End", last));
        }
        if (to == Kind.PARTNERSHIP) {
            int row = 0;
            for (int i = 1; i < held.size(); i++) {
                for (String owner : owners(held, i)) {
                    change(++row, owner, held.get(i), measures.toArray(String[]::new));
                }
            }
        }
    }

    /** The owners whose position is another than before. */
    private static List<String> owners(List<Stretch> held, int at) {
        Map<String, Long> before = at == 0 ? Map.of() : held.get(at - 1).percents();
        Map<String, Long> now = held.get(at).percents();
        return Stream.concat(before.keySet().stream(), now.keySet().stream())
                .distinct()
                .filter(owner -> !before.getOrDefault(owner, 0L).equals(now.getOrDefault(owner, 0L)))
                .sorted()
                .toList();
    }

    private void register(String owner, String column, long millionths) {
        facts.put(LineId.of("OWNERS/" + column).in(owner), Fact.of(plain(millionths)));
    }

    /** A change counts at the end of its day; the first position is dated on the first. */
    private void change(int number, String owner, Stretch stretch, String... columns) {
        String row = RowList.numbered(number);
        LocalDate day =
                stretch.from().equals(start()) ? start() : stretch.from().minusDays(1);
        facts.put(LineId.of(HELD + "owner").in(row), Fact.of(owner));
        facts.put(LineId.of(HELD + "date").in(row), Fact.of(day.toString()));
        for (String column : columns) {
            facts.put(
                    LineId.of(HELD + column).in(row),
                    Fact.of(plain(stretch.percents().getOrDefault(owner, 0L))));
        }
    }

    private static String plain(long millionths) {
        BigDecimal percent = BigDecimal.valueOf(millionths, DECIMALS).stripTrailingZeros();
        return percent.scale() < 0 ? percent.setScale(0).toPlainString() : percent.toPlainString();
    }
}
