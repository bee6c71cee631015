package undersaw.bench;

import java.io.IOException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * One edit from the request to the answer that shows its effect, on books of a growing number of accounts: a typed
 * figure, and an account's balance on the line that most accounts feed.
 */
final class EditToAnswer {
    private static final List<Integer> SIZES = List.of(50, 500, 2_000, 5_000);
    private static final int WARM = 300;
    private static final int TIMED = 200;

    private final HttpPerson person;
    private final Map<Integer, Long> figure = new LinkedHashMap<>();
    private final Map<Integer, Long> balance = new LinkedHashMap<>();

    private EditToAnswer(HttpPerson person) {
        this.person = person;
    }

    static void measure(HttpPerson person) throws IOException, InterruptedException {
        EditToAnswer bench = new EditToAnswer(person);
        for (int size : SIZES) {
            bench.on(size);
        }
        say("a typed figure", bench.figure);
        say("an account's balance", bench.balance);
    }

    private void on(int accounts) throws IOException, InterruptedException {
        String engagement = person.bring("Edited " + accounts, "00-66%05d".formatted(accounts), accounts);
        String token = person.token(engagement + "/books");
        List<Long> figures = new ArrayList<>();
        List<Long> balances = new ArrayList<>();
        for (int i = 0; i < WARM + TIMED; i++) {
            long one = person.timePost(
                    engagement + "/return/line",
                    token + "&key=2220/4&value=" + (1_001 + i) + "&was=" + (i == 0 ? "" : 1_000 + i));
            long other = person.timePost(
                    engagement + "/books/account/balance", token + "&number=6100&closing=" + (6 + i % 2));
            if (i >= WARM) {
                figures.add(one);
                balances.add(other);
            }
        }
        figure.put(accounts, median(figures));
        balance.put(accounts, median(balances));
    }

    private static long median(List<Long> times) {
        Collections.sort(times);
        return times.get(times.size() / 2);
    }

    private static void say(String what, Map<Integer, Long> medians) {
        StringBuilder line = new StringBuilder();
        medians.forEach((accounts, nanos) -> line.append("%,d accounts %.1f ms; ".formatted(accounts, nanos / 1e6)));
        Bench.say(
                "%s, from request to answer: %s%.2f times as long on 5,000 accounts as on 500",
                what, line, (double) medians.get(5_000) / medians.get(500));
    }
}
