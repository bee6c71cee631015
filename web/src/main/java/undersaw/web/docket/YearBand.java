package undersaw.web.docket;

import java.time.LocalDate;
import java.time.format.TextStyle;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * A year as a band of weeks with every due date on it.
 *
 * @param months where each month begins
 * @param marks one mark a due date
 * @param today where today stands
 */
public record YearBand(List<Month> months, List<Mark> marks, int today) {
    private static final int WEEK = 20;
    private static final int WEEKS = 53;

    /** A month's name and its place. */
    public record Month(String name, int x) {}

    /**
     * A due date.
     *
     * @param x its place
     * @param date the day
     * @param label what is due, in words
     * @param count how many engagements
     * @param open how many of them are not done
     */
    public record Mark(int x, LocalDate date, String label, int count, int open) {}

    static YearBand of(List<DocketRow> rows, LocalDate today) {
        LocalDate first = LocalDate.of(today.getYear(), 1, 1);
        List<Month> months = new ArrayList<>();
        for (int month = 1; month <= 12; month++) {
            LocalDate begins = first.withMonth(month);
            months.add(new Month(begins.getMonth().getDisplayName(TextStyle.SHORT, Locale.US), place(first, begins)));
        }
        Map<LocalDate, List<DocketRow>> byDate = new LinkedHashMap<>();
        for (DocketRow row : rows) {
            if (row.due().getYear() == today.getYear()) {
                byDate.computeIfAbsent(row.due(), unused -> new ArrayList<>()).add(row);
            }
        }
        List<Mark> marks = new ArrayList<>();
        byDate.forEach((date, due) -> marks.add(new Mark(
                place(first, date),
                date,
                String.join(", ", due.stream().map(DocketRow::client).toList()),
                due.size(),
                (int) due.stream().filter(row -> !row.done()).count())));
        return new YearBand(months, marks, place(first, today));
    }

    private static int place(LocalDate first, LocalDate date) {
        return (int) (ChronoUnit.DAYS.between(first, date) * WEEK / 7);
    }

    public int width() {
        return WEEK * WEEKS;
    }

    /** Where each week begins. */
    public List<Integer> weeks() {
        List<Integer> weeks = new ArrayList<>();
        for (int week = 0; week < WEEKS; week++) {
            weeks.add(week * WEEK);
        }
        return weeks;
    }
}
