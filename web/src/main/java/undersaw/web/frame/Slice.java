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
        return of(all, query, new Page(page, ON_A_PAGE), text);
    }

    /**
     * Which page, and how many rows one shows.
     *
     * @param at from 1
     * @param rows fewer where each row is a form of its own
     */
    public record Page(int at, int rows) {}

    /** The same with as many rows on a page as is said. */
    public static <T> Slice<T> of(List<T> all, String query, Page page, Function<T, String> text) {
        List<String> words = List.of(query.strip().toLowerCase(Locale.ROOT).split("\\s+", -1));
        List<T> found = query.isBlank()
                ? all
                : all.stream()
                        .filter(row -> {
                            String plain = text.apply(row).toLowerCase(Locale.ROOT);
                            return words.stream().allMatch(plain::contains);
                        })
                        .toList();
        int pages = Math.max(1, (found.size() + page.rows() - 1) / page.rows());
        int at = Math.max(1, Math.min(page.at(), pages));
        List<T> shown = found.subList((at - 1) * page.rows(), Math.min(found.size(), at * page.rows()));
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
