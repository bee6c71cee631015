package undersaw.files.sheet;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import undersaw.files.sheet.AmountColumns.Reading;
import undersaw.files.sheet.AmountHeading.Column;
import undersaw.files.sheet.AmountHeading.When;

/** Three or more months of one year: movements to be added up, or the balance at each month's end. */
final class MonthColumns {
    private static final int FEWEST = 3;

    private final Map<Integer, AmountHeading> headings;
    private final Sample sample;
    private final @Nullable LocalDate end;
    private final List<Integer> months;
    private final List<Integer> openings;
    private final List<Reading> readings = new ArrayList<>();
    private final List<String> assumptions = new ArrayList<>();

    MonthColumns(Map<Integer, AmountHeading> headings, Sample sample, @Nullable LocalDate end) {
        this.headings = headings;
        this.sample = sample;
        this.end = end;
        months = headings.keySet().stream().filter(this::isMonth).toList();
        openings = headings.keySet().stream()
                .filter(at -> headings.get(at).when() == When.OPENING
                        && headings.get(at).side() == Column.ONE)
                .limit(1)
                .toList();
        if (isFound()) {
            read();
        }
    }

    boolean isFound() {
        return months.size() >= FEWEST;
    }

    List<Reading> readings() {
        return readings;
    }

    List<String> assumptions() {
        return assumptions;
    }

    private boolean isMonth(int at) {
        HeadingDate date = headings.get(at).date();
        return date != null
                && date.month() > 0
                && headings.get(at).side() == Column.ONE
                && (date.year() == 0
                        || end == null
                        || !date.end(0).isAfter(end) && date.end(0).isAfter(end.minusYears(1)));
    }

    private void read() {
        List<Integer> totals = headings.keySet().stream()
                .filter(at -> !months.contains(at) && headings.get(at).side() == Column.ONE)
                .filter(at -> List.of(When.TOTAL, When.PLAIN, When.CLOSING)
                        .contains(headings.get(at).when()))
                .toList();
        for (int total : totals) {
            if (isTotal(total)) {
                return;
            }
        }
        int last = months.get(months.size() - 1);
        String opened = openings.isEmpty() ? "" : ", to the opening balance";
        readings.add(new Reading("The months are movements and are added up" + opened, added()));
        readings.add(new Reading(
                "Each month's column is the balance at its end: the last one, "
                        + headings.get(last).called() + ", closes",
                opening(Map.of(last, ColumnKind.AMOUNT))));
        totals.forEach(at -> readings.add(new Reading(
                headings.get(at).called() + " is the closing balance", new TreeMap<>(Map.of(at, ColumnKind.AMOUNT)))));
    }

    private Map<Integer, ColumnKind> added() {
        Map<Integer, ColumnKind> added = new TreeMap<>();
        months.forEach(at -> added.put(at, ColumnKind.MOVEMENT));
        return opening(added);
    }

    private Map<Integer, ColumnKind> opening(Map<Integer, ColumnKind> kinds) {
        Map<Integer, ColumnKind> all = new TreeMap<>(kinds);
        openings.forEach(at -> all.put(at, ColumnKind.OPENING));
        return all;
    }

    /** Whether a column is the sum of the months, with the opening balance or without. */
    private boolean isTotal(int total) {
        List<Integer> parts = new ArrayList<>(months);
        parts.addAll(openings);
        List<Integer> ones = parts.stream().map(at -> 1).toList();
        boolean whole = sample.isSum(total, parts, ones);
        if (!whole && !sample.isSum(total, months, ones.subList(0, months.size()))) {
            return false;
        }
        if (whole || openings.isEmpty()) {
            assumptions.add(
                    headings.get(total).called() + " is the sum of the months and was taken for the year's balance.");
            readings.add(new Reading("The total", opening(Map.of(total, ColumnKind.AMOUNT))));
        } else {
            readings.add(new Reading("The months are added up, to the opening balance", added()));
        }
        return true;
    }
}
