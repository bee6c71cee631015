package undersaw.us.scorporation;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import undersaw.calc.LineValue;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.engagement.Station;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.owners.Holdings;
import undersaw.owners.Measure;
import undersaw.owners.OwnerRegister;
import undersaw.owners.OwnershipChanges;
import undersaw.owners.Positions;
import undersaw.us.passthrough.ClosingChecks;
import undersaw.us.passthrough.OwnerNumbers;

/** Checks of who holds the shares, of changes within the year, and of basis. */
final class ShareholderChecks {
    private static final int MOST = 100;
    private static final int SOON = 30;
    private static final String METHOD = "1120-S/1377/method";
    private static final Set<String> BARRED = Set.of("partnership", "corporation");

    private ShareholderChecks() {}

    static List<Check> all() {
        return List.of(
                when(
                        "S-0301",
                        STOP,
                        look -> !anyShares(look),
                        look -> onLine(
                                "1120-S/K-1/G",
                                "No shares are outstanding in the year. List the shareholders' "
                                        + "shares at Owners, under changes of ownership.")),
                when(
                        "S-0303",
                        STOP,
                        look -> anyShares(look)
                                && look.rows("1120-S/K-1/H/begin").stream().allMatch(ShareholderChecks::isNothing),
                        look -> onLine("1120-S/K-1/H/begin", "Record who held the shares at the start of the year.")),
                new Check("S-0305", STOP, ShareholderChecks::barred),
                SCorporationTieOuts.BOXES.check("S-0306"),
                new Check("S-0307", QUERY, ShareholderChecks::soldOut),
                new Check("S-0308", QUERY, ShareholderChecks::largeSale),
                new ClosingChecks("S-0314").check(),
                new Check("S-0309", QUERY, ShareholderChecks::onTheFirstDay),
                new Check("S-0310", QUERY, ShareholderChecks::section179Lost),
                new OwnerNumbers("S-0311", "1120-S/K-1/G").check(),
                new Check("S-0401", QUERY, ShareholderChecks::basisMissing),
                new Check("S-0402", NOTE, look -> kept(look, "7/gain", "exceed stock basis by %s: capital gain.")),
                new Check("S-0403", NOTE, look -> kept(look, "47/e", "carry %s of loss forward for lack of basis.")),
                new Check(
                        "S-0404",
                        NOTE,
                        look -> kept(look, "34", "bring %s of income: a loan of lower basis was repaid.")));
    }

    private static boolean anyShares(Examination look) {
        return look.rows("1120-S/K-1/G").stream().anyMatch(row -> !isNothing(row));
    }

    private static boolean isNothing(LineValue row) {
        return new BigDecimal(row.value().plain()).signum() == 0;
    }

    private static List<Found> barred(Examination look) {
        List<Found> found = new ArrayList<>();
        for (LineValue kind : look.rows("OWNERS/kind")) {
            if (BARRED.contains(kind.value().plain())) {
                found.add(Found.at(
                        new Place.OnLine(kind.key()),
                        OwnerRegister.name(look.calculation(), kind.key().instance())
                                + " may not hold stock in an S corporation. Check the election."));
            }
        }
        String families = look.calculation().answer(LineId.of("1120-S/hdr/I/families"));
        String holders = families.isEmpty() ? look.calculation().answer(LineId.of("1120-S/hdr/I")) : families;
        if (holders.matches("\\d{1,9}") && Integer.parseInt(holders) > MOST) {
            found.add(onLine(
                    "1120-S/hdr/I/families",
                    holders + " shareholders are more than 100. Count each family as one, or check the election."));
        }
        return found;
    }

    /** Changes of ownership within the year, by row. */
    private record Change(String owner, LocalDate date, BigDecimal shares) {}

    private static List<Change> changes(Examination look) {
        List<Change> changes = new ArrayList<>();
        for (LineValue owner : look.rows("OWNERSHIP/owner")) {
            String date = look.inRow("OWNERSHIP/date", owner);
            String shares = look.inRow("OWNERSHIP/shares", owner);
            if (!date.isEmpty() && !shares.isEmpty()) {
                changes.add(new Change(owner.value().plain(), LocalDate.parse(date), new BigDecimal(shares)));
            }
        }
        return changes;
    }

    private static List<Found> soldOut(Examination look) {
        String sold = look.has(METHOD)
                ? ""
                : changes(look).stream()
                        .filter(change -> OwnershipChanges.isWithin(look.period(), change.date())
                                && change.shares().signum() == 0)
                        .map(change -> OwnerRegister.name(look.calculation(), change.owner()) + " on " + change.date())
                        .collect(Collectors.joining(", "));
        return sold.isEmpty()
                ? List.of()
                : List.of(new Found(
                        Place.line(METHOD),
                        "All shares were sold: " + sold + ". Closing the books can be elected (section 1377(a)(2)); "
                                + "confirm days with the word proration, or type interim and what each part of the "
                                + "year brought.",
                        Answer.TYPE));
    }

    /** A fifth of the stock sold, or a quarter issued to new ones, within 30 days (Reg. 1.1368-1(g); from memory). */
    private static List<Found> largeSale(Examination look) {
        if (look.has(METHOD)) {
            return List.of();
        }
        List<Holdings.Segment> days =
                Positions.of(look.calculation(), Measure.SHARES).orElseThrow().segments();
        for (int from = 0; from < days.size(); from++) {
            for (int to = from + 1; to < days.size(); to++) {
                boolean near =
                        !days.get(to - 1).to().isAfter(days.get(from).to().plusDays(SOON));
                if (near && isLarge(days.get(from), days.get(to))) {
                    return List.of(new Found(
                            Place.line(METHOD),
                            "Within 30 days to " + days.get(to - 1).to()
                                    + " a fifth of the stock was disposed of, or a quarter issued to new holders: the "
                                    + "election to close the books is open. Type proration or interim.",
                            Answer.TYPE));
                }
            }
        }
        return List.of();
    }

    private static boolean isLarge(Holdings.Segment before, Holdings.Segment after) {
        long total = before.total();
        boolean sold = before.positions().entrySet().stream()
                .anyMatch(held -> (held.getValue() - after.positions().getOrDefault(held.getKey(), 0L)) * 5 >= total);
        long issued = Math.max(0, after.total() - total);
        long ofNew = after.positions().entrySet().stream()
                .filter(held -> before.positions().getOrDefault(held.getKey(), 0L) == 0)
                .mapToLong(Map.Entry::getValue)
                .sum();
        return total > 0 && (sold || Math.min(issued, ofNew) * 4 >= total);
    }

    private static List<Found> onTheFirstDay(Examination look) {
        return changes(look).stream()
                .filter(change -> change.date().equals(look.period().start()))
                .map(change -> Found.at(
                        new Place.AtStation(Station.OWNERS, "ownership"),
                        "The change of " + OwnerRegister.name(look.calculation(), change.owner())
                                + " on the first day was read as the opening position. Confirm it."))
                .toList();
    }

    private static List<Found> section179Lost(Examination look) {
        if (!look.amount("1120-S/K/11").isPositive()) {
            return List.of();
        }
        return look.rows("OWNERS/kind").stream()
                .filter(kind -> Set.of("estate", "trust").contains(kind.value().plain()))
                .map(kind -> onLine(
                        "1120-S/K/11",
                        "Section 179 is lost to "
                                + OwnerRegister.name(
                                        look.calculation(), kind.key().instance())
                                + ": lower line 11 by that share; it stays in the asset's basis."))
                .toList();
    }

    private static List<Found> basisMissing(Examination look) {
        List<Found> found = new ArrayList<>();
        for (LineValue percent : look.rows("1120-S/K-1/G")) {
            String owner = percent.key().instance();
            boolean asked = amount(look, "1120-S/K-1/16/D", owner).isPositive()
                    || amount(look, "1120-S/K-1/1", owner).isNegative();
            LineKey opening = LineId.of("7203/1").in(owner);
            if (asked && look.calculation().value(opening).isEmpty()) {
                found.add(new Found(
                        new Place.OnLine(opening),
                        "Type " + OwnerRegister.name(look.calculation(), owner) + "'s opening basis.",
                        Answer.TYPE));
            }
        }
        return found;
    }

    private static Money amount(Examination look, String line, String owner) {
        return look.calculation()
                .value(LineId.of(line).in(owner))
                .map(LineValue::amount)
                .orElse(Money.ZERO);
    }

    /** What the basis worksheets say of each shareholder. */
    private static List<Found> kept(Examination look, String line, String words) {
        return look.rows("7203/" + line).stream()
                .filter(value -> value.amount().isPositive())
                .map(value -> Found.at(
                        new Place.OnLine(value.key()),
                        "Amounts of "
                                + OwnerRegister.name(
                                        look.calculation(), value.key().instance()) + " "
                                + words.formatted(value.amount().printed())))
                .toList();
    }
}
