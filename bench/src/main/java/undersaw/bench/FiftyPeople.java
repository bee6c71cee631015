package undersaw.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.Stream;

/**
 * Fifty people on one engagement of 2,000 accounts, each opening a page every three seconds on average, among them
 * somebody who only signs in: each page's time against the sign-in page's, in one run. Then a firm of a thousand
 * engagements, and one edit on books of any size.
 *
 * <p>Runs against a server with demo data; the engagements are brought in through the pages themselves. The server's
 * own time comes from its access log (microseconds and path, a line a request).
 */
public final class FiftyPeople {
    private static final int ACCOUNTS = 2_000;
    private static final int PEOPLE = 50;
    private static final int PAGES_EACH = 28;
    /** How often each page is opened before time is taken, as a server that runs all season has long done. */
    private static final int WARM = 60;

    private static final int ENGAGEMENTS = 1_000;
    private static final int THOUGHT = 3_000;
    private static final String SIGN_IN = "/sign-in";
    private static final List<String> JUMPS =
            List.of("1120/26", "other+deductions", "tideway+client+77", "M-1", "supplies+3", "C-0109", "late+payment");
    private static final List<String> PLACES = List.of(
            "/books",
            "/map",
            "/adjust",
            "/adjust/trial-balance",
            "/adjust/bridge",
            "/adjust/balance",
            "/assets",
            "/return",
            "/check",
            "/file",
            "/trail",
            "/books/account?number=6100");

    private FiftyPeople() {}

    /** Prints the times; the arguments are the server's address and the folder of its access log. */
    public static void main(String[] arguments) throws IOException, InterruptedException, ExecutionException {
        HttpPerson first = new HttpPerson(arguments[0]).signedIn();
        EditToAnswer.measure(first);
        String engagement = first.bring("Two Thousand Accounts", "00-7770110", ACCOUNTS);
        for (int i = 0; i < WARM; i++) {
            first.time("/");
            first.time(SIGN_IN);
            for (String place : PLACES) {
                first.time(engagement + place);
            }
        }
        together(arguments[0], Path.of(arguments[1]), engagement);
        firm(first, engagement);
    }

    private static void together(String server, Path log, String engagement)
            throws IOException, InterruptedException, ExecutionException {
        List<HttpPerson> office = new ArrayList<>();
        for (int i = 0; i < PEOPLE; i++) {
            office.add(new HttpPerson(server).signedIn());
        }
        int before = lines(log).size();
        ExecutorService people = Executors.newFixedThreadPool(PEOPLE);
        List<Future<Boolean>> work = new ArrayList<>();
        for (int i = 0; i < PEOPLE; i++) {
            int at = i;
            work.add(people.submit(() -> person(office.get(at), new HttpPerson(server), engagement, at)));
        }
        for (Future<Boolean> each : work) {
            each.get();
        }
        people.shutdown();
        Map<String, List<Long>> times = new LinkedHashMap<>();
        for (String line : lines(log).subList(before, lines(log).size())) {
            String[] parts = line.split(" ", 2);
            String page = parts[1].replace(engagement + "/", "");
            times.computeIfAbsent(page, unused -> new ArrayList<>()).add(Long.parseLong(parts[0]));
        }
        double signIn = percentile(times.get(SIGN_IN));
        Bench.say(
                "%d people on %,d accounts, server's own time at the 95th percentile; sign-in %.1f ms",
                PEOPLE, ACCOUNTS, signIn / 1e3);
        times.forEach((page, all) -> Bench.say(
                "  %-22s %.1f ms, %.1f times the sign-in page's (%d times)",
                page, percentile(all) / 1e3, percentile(all) / signIn, all.size()));
    }

    private static double percentile(List<Long> times) {
        List<Long> sorted = new ArrayList<>(times);
        Collections.sort(sorted);
        return sorted.get(sorted.size() * 95 / 100);
    }

    private static boolean person(HttpPerson person, HttpPerson stranger, String engagement, int at)
            throws IOException, InterruptedException {
        int choices = PLACES.size() + 2;
        for (int i = 0; i < PAGES_EACH; i++) {
            Thread.sleep(THOUGHT / 2 + (at * 37L + i * 91L) % THOUGHT);
            int choice = (at + i) % choices;
            if (choice == PLACES.size()) {
                stranger.time(SIGN_IN);
            } else {
                person.time(choice > PLACES.size() ? "/" : engagement + PLACES.get(choice));
            }
        }
        return true;
    }

    private static List<String> lines(Path folder) throws IOException {
        List<String> lines = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.sorted().toList()) {
                lines.addAll(Files.readAllLines(file));
            }
        }
        return lines;
    }

    /** The docket and the jump box among a thousand engagements with books, with a larger one open. */
    private static void firm(HttpPerson person, String engagement) throws IOException, InterruptedException {
        for (int i = 0; i < ENGAGEMENTS; i++) {
            person.bring("Tideway Client " + i, "00-88%05d".formatted(i), 60);
        }
        List<Long> jumps = new ArrayList<>();
        List<Long> dockets = new ArrayList<>();
        for (int round = 0; round < WARM; round++) {
            dockets.add(person.time("/"));
            for (String words : JUMPS) {
                jumps.add(person.time("/jump?in=" + engagement.substring("/e/".length()) + "&q=" + words));
            }
        }
        Bench.say(
                "%,d engagements with books: the docket %.0f ms, the jump box %.0f ms at the 95th percentile",
                ENGAGEMENTS, percentile(dockets) / 1e6, percentile(jumps) / 1e6);
    }
}
