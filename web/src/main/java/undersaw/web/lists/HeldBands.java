package undersaw.web.lists;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import undersaw.calc.Calculation;
import undersaw.owners.Holdings;
import undersaw.owners.Measure;
import undersaw.owners.OwnerRegister;
import undersaw.owners.Positions;

/**
 * What each owner held through the year, drawn: one column a stretch of days, as wide as it is long, one band an owner.
 *
 * @param stretches in the order of the year
 */
public record HeldBands(List<Stretch> stretches) {
    private static final int WIDTH = 800;
    private static final int HEIGHT = 120;
    private static final int MOST = 40;
    private static final int DECIMALS = 6;

    /** Days between two changes. */
    public record Stretch(String from, String to, int at, int width, List<Band> bands) {}

    /** One owner's part of them. */
    public record Band(int place, String name, String held, int at, int height) {}

    /** Nothing where nobody holds shares by date, or where there are too many to draw. */
    static Optional<HeldBands> of(Calculation year) {
        Optional<Holdings> holdings = Positions.of(year, Measure.SHARES);
        if (holdings.isEmpty()
                || holdings.get().owners().size() > MOST
                || holdings.get().segments().stream().allMatch(each -> each.total() == 0)) {
            return Optional.empty();
        }
        List<Stretch> stretches = new ArrayList<>();
        long days = holdings.get().segments().stream()
                .mapToLong(Holdings.Segment::days)
                .sum();
        long before = 0;
        for (Holdings.Segment segment : holdings.get().segments()) {
            stretches.add(new Stretch(
                    segment.from().toString(),
                    segment.to().toString(),
                    (int) (before * WIDTH / days),
                    (int) (segment.days() * WIDTH / days),
                    bands(year, holdings.get().owners(), segment)));
            before += segment.days();
        }
        return Optional.of(new HeldBands(stretches));
    }

    private static List<Band> bands(Calculation year, List<String> owners, Holdings.Segment segment) {
        List<Band> bands = new ArrayList<>();
        long below = 0;
        for (int place = 0; place < owners.size(); place++) {
            long held = segment.positions().getOrDefault(owners.get(place), 0L);
            if (held > 0) {
                bands.add(new Band(
                        place,
                        OwnerRegister.name(year, owners.get(place)),
                        BigDecimal.valueOf(held, DECIMALS).stripTrailingZeros().toPlainString(),
                        (int) (below * HEIGHT / segment.total()),
                        (int) Math.max(1, held * HEIGHT / segment.total())));
            }
            below += held;
        }
        return bands;
    }
}
