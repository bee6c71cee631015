package undersaw.web.frame;

import java.util.List;
import java.util.Locale;
import java.util.function.Function;

/**
 * The rows of a long table that one page shows.
 *
 * @param rows the rows shown
 * @param at the page, from 1
 * @param pages how many pages there are
 * @param total how many rows were found
 * @param query what was looked for; empty for all
 */
public record Slice<T>(List<T> rows, int at, int pages, int total, String query) {
    private static final int ON_A_PAGE = 100;

    /** The page of those rows whose text holds every word of the query. */
    public static <T> Slice<T> of(List<T> all, String query, int page, Function<T, String> text) {
        List<String> words = List.of(query.strip().toLowerCase(Locale.ROOT).split("\\s+", -1));
        List<T> found = query.isBlank()
                ? all
                : all.stream()
                        .filter(row -> {
                            String plain = text.apply(row).toLowerCase(Locale.ROOT);
                            return words.stream().allMatch(plain::contains);
                        })
                        .toList();
        int pages = Math.max(1, (found.size() + ON_A_PAGE - 1) / ON_A_PAGE);
        int at = Math.max(1, Math.min(page, pages));
        List<T> shown = found.subList((at - 1) * ON_A_PAGE, Math.min(found.size(), at * ON_A_PAGE));
        return new Slice<>(shown, at, pages, found.size(), query);
    }

    public boolean isLong() {
        return pages > 1 || !query.isBlank();
    }

    /** The same page with its rows made into something else; only the rows shown are made. */
    public <R> Slice<R> map(Function<T, R> made) {
        return new Slice<>(rows.stream().map(made).toList(), at, pages, total, query);
    }
}
