package undersaw.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Twenty people on one engagement of 5,000 accounts, each opening a page every three seconds on average.
 *
 * <p>Runs against a server with demo data; the engagement is brought in through the pages themselves. The server's own
 * time comes from its access log (microseconds and path, a line a request), the whole time is what the client waited.
 */
public final class TwentyPeople {
    private static final int ACCOUNTS = 5_000;
    private static final int PEOPLE = 20;
    private static final int PAGES_EACH = 20;
    /** How often each page is opened before time is taken, as a server that runs all season has long done. */
    private static final int WARM = 25;

    private static final int ENGAGEMENTS = 1_000;
    private static final List<String> JUMPS =
            List.of("1120/26", "other+deductions", "tideway+client+77", "M-1", "supplies+3", "C-0109", "late+payment");

    private static final int THOUGHT = 3_000;
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" (?:content|value)=\"([^\"]+)\"");
    private static final List<String> PLACES = List.of(
            "books",
            "books?page=7",
            "books?q=supplies",
            "map",
            "map?page=3",
            "adjust",
            "adjust/trial-balance",
            "adjust/bridge",
            "adjust/balance",
            "return",
            "return?sheet=3",
            "check",
            "books/account?number=6100");

    private final HttpClient client =
            HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
    private final String server;

    private TwentyPeople(String server) {
        this.server = server;
    }

    /** Prints the times; the arguments are the server's address and the folder of its access log. */
    public static void main(String[] arguments) throws IOException, InterruptedException, ExecutionException {
        TwentyPeople first = new TwentyPeople(arguments[0]);
        first.signIn();
        String engagement = first.bring();
        for (int i = 0; i < WARM; i++) {
            for (String place : PLACES) {
                first.time(engagement + "/" + place);
            }
        }
        ExecutorService people = Executors.newFixedThreadPool(PEOPLE);
        List<Future<List<Long>>> work = new ArrayList<>();
        for (int i = 0; i < PEOPLE; i++) {
            int at = i;
            work.add(people.submit(() -> person(arguments[0], engagement, at)));
        }
        List<Long> times = new ArrayList<>();
        for (Future<List<Long>> each : work) {
            times.addAll(each.get());
        }
        people.shutdown();
        say("whole time", times);
        say("server time", logged(Path.of(arguments[1]), engagement, times.size()));
        first.jump(engagement);
    }

    /** The jump box among a thousand engagements, with the largest of them open. */
    private void jump(String engagement) throws IOException, InterruptedException {
        String token = token("/engagements/new");
        for (int i = 0; i < ENGAGEMENTS; i++) {
            String number = "00-88%05d".formatted(i);
            post(
                    "/engagements",
                    token + "&form=1120&name=Tideway+Client+" + i + "&number=" + number + "&numberAgain=" + number
                            + "&year=2025&start=&end=");
        }
        List<Long> times = new ArrayList<>();
        for (int round = 0; round < WARM; round++) {
            for (String words : JUMPS) {
                long took = time("/jump?in=" + engagement.substring("/e/".length()) + "&q=" + words);
                if (round > 0) {
                    times.add(took);
                }
            }
        }
        long docket = time("/");
        Collections.sort(times);
        Bench.say(
                "jump box on %,d engagements, %d searches: median %.0f ms, 95th percentile %.0f ms; the docket %.0f ms",
                ENGAGEMENTS,
                times.size(),
                times.get(times.size() / 2) / 1e6,
                times.get(times.size() * 95 / 100) / 1e6,
                docket / 1e6);
    }

    private static void say(String what, List<Long> nanos) {
        List<Long> times = new ArrayList<>(nanos);
        Collections.sort(times);
        Bench.say(
                "%d people on %,d accounts, %d pages, %s: median %.0f ms, 95th percentile %.0f ms, slowest %.0f ms",
                PEOPLE,
                ACCOUNTS,
                times.size(),
                what,
                times.get(times.size() / 2) / 1e6,
                times.get(times.size() * 95 / 100) / 1e6,
                times.get(times.size() - 1) / 1e6);
    }

    /** The last requests of the engagement as the server timed them, in nanoseconds. */
    private static List<Long> logged(Path folder, String engagement, int requests) throws IOException {
        List<Long> times = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.toList()) {
                Files.readAllLines(file).stream()
                        .map(line -> line.split(" ", 2))
                        .filter(parts -> parts.length == 2 && parts[1].startsWith(engagement + "/"))
                        .forEach(parts -> times.add(Long.parseLong(parts[0]) * 1_000));
            }
        }
        return times.subList(Math.max(0, times.size() - requests), times.size());
    }

    private static List<Long> person(String server, String engagement, int at)
            throws IOException, InterruptedException {
        TwentyPeople person = new TwentyPeople(server);
        person.signIn();
        List<Long> times = new ArrayList<>();
        for (int i = 0; i < PAGES_EACH; i++) {
            Thread.sleep(THOUGHT / 2 + (at * 37L + i * 91L) % THOUGHT);
            times.add(person.time(engagement + "/" + PLACES.get((at + i) % PLACES.size())));
        }
        return times;
    }

    private long time(String address) throws IOException, InterruptedException {
        long start = System.nanoTime();
        HttpResponse<String> answer = get(address);
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(address + " answered " + answer.statusCode());
        }
        return System.nanoTime() - start;
    }

    private HttpResponse<String> get(String address) throws IOException, InterruptedException {
        return client.send(HttpRequest.newBuilder(URI.create(server + address)).build(), BodyHandlers.ofString());
    }

    private HttpResponse<String> post(String address, String body) throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(server + address))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(BodyPublishers.ofString(body))
                        .build(),
                BodyHandlers.ofString());
    }

    private String token(String address) throws IOException, InterruptedException {
        Matcher matcher = TOKEN.matcher(get(address).body());
        if (!matcher.find()) {
            throw new IllegalStateException("no token at " + address);
        }
        return "_csrf=" + URLEncoder.encode(matcher.group(1), StandardCharsets.UTF_8);
    }

    private void signIn() throws IOException, InterruptedException {
        post("/sign-in", token("/sign-in") + "&username=tern&password=harbor-demo");
    }

    private String bring() throws IOException, InterruptedException {
        HttpResponse<String> begun = post(
                "/engagements",
                token("/engagements/new")
                        + "&form=1120&name=Five+Thousand+Lines&number=00-7770110"
                        + "&numberAgain=00-7770110&year=2025&start=&end=");
        String place = begun.headers().firstValue("Location").orElse("");
        Matcher matcher = Pattern.compile("/e/\\d+").matcher(place);
        if (!matcher.find()) {
            throw new IllegalStateException("the engagement was not begun: " + begun.statusCode());
        }
        String engagement = matcher.group();
        StringBuilder rows = new StringBuilder("account\tname\tclosing\n");
        for (int i = 0; i < ACCOUNTS; i++) {
            String number = i < 40 ? String.valueOf(1000 + i) : 6100 + (i == 40 ? "" : "-" + i);
            String name = i < 40 ? "Cash in bank " + i : "Office supplies " + i;
            rows.append(number).append('\t').append(name).append('\t');
            rows.append(i == 0 ? -(ACCOUNTS - 1) * 5L : 5).append('\n');
        }
        String pasted = URLEncoder.encode(rows.toString(), StandardCharsets.UTF_8);
        post(engagement + "/books/paste", token(engagement + "/books") + "&rows=" + pasted);
        post(engagement + "/books/staged/commit", token(engagement + "/books/staged"));
        return engagement;
    }
}
