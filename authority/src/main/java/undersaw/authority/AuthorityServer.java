package undersaw.authority;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Executors;

/**
 * The simulated tax authority: takes filings in, checks them, and answers later.
 *
 * <p>{@code PUT /submissions/ID} takes a filing in; the same id with the same content is the same submission, however
 * often it comes. {@code GET /submissions/ID} gives the acknowledgement. {@code /schema/filing-1.xsd} is the published
 * format. The page at {@code /} says that all of this is simulated, and lets a person set how it behaves.
 */
public final class AuthorityServer implements AutoCloseable {
    private static final int LARGEST = 20_000_000;
    private static final Set<String> PUBLISHED = Set.of("filing-1.xsd", "filing-990-EZ-1.xsd", "acknowledgement-1.xsd");

    private final HttpServer server;
    private final Submissions submissions;
    private final Mood mood = new Mood();
    private final Desk desk;

    private AuthorityServer(int port, String file, Clock clock) {
        try {
            server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
        } catch (IOException e) {
            throw new UncheckedIOException("port " + port + " cannot be opened", e);
        }
        submissions = new Submissions(file);
        desk = new Desk(submissions, mood, clock);
        server.setExecutor(Executors.newFixedThreadPool(4, task -> {
            Thread thread = new Thread(task, "authority");
            thread.setDaemon(true);
            return thread;
        }));
        server.createContext("/submissions/", this::submission);
        server.createContext("/schema/", this::schema);
        server.createContext("/mood", this::mood);
        server.createContext("/register", this::register);
        server.createContext("/", this::face);
    }

    /** Opens the stand-in; port 0 takes any free port. */
    public static AuthorityServer start(int port, String file) {
        return start(port, file, Clock.systemUTC());
    }

    /** Opens the stand-in with a calendar of its own. */
    public static AuthorityServer start(int port, String file, Clock clock) {
        AuthorityServer authority = new AuthorityServer(port, file, clock);
        authority.server.start();
        return authority;
    }

    /** {@code AuthorityServer PORT FILE [TODAY]}. */
    public static void main(String[] args) {
        Clock now = Clock.systemUTC();
        Clock clock = args.length < 3
                ? now
                : Clock.offset(
                        now, Duration.ofDays(ChronoUnit.DAYS.between(LocalDate.now(now), LocalDate.parse(args[2]))));
        AuthorityServer authority = start(Integer.parseInt(args[0]), args[1], clock);
        authority.enrolDemo();
        System.out.println("The simulated authority listens at " + authority.address());
    }

    public String address() {
        return "http://localhost:" + server.getAddress().getPort();
    }

    /** Puts the taxpayers of the demo on the register. */
    public void enrolDemo() {
        submissions.enrol("004417236", "Gannet Row Cannery, Inc.");
        submissions.enrol("007310244", "Marrow Bay Players");
        submissions.enrol("005580121", "Low Tide Kayaks, Inc.");
        submissions.enrol("006230947", "Slackwater Terminal Company");
        submissions.enrol("006021436", "Bilge & Sons Plumbing, Inc.");
        submissions.enrol("005190384", "Slipway Nine Boatworks, Inc.");
        submissions.enrol("006284017", "Two Ovens Bakehouse, LP");
        submissions.enrol("003141592", "Harrow Slip Ropeworks, Inc.");
    }

    /** Puts a taxpayer on the register. */
    public void enrol(String number, String name) {
        submissions.enrol(number, name);
    }

    /** Sets how the stand-in behaves: prompt, slow, down, losing or rejecting. */
    public void behave(String kind) {
        mood.set(Mood.Kind.valueOf(kind.toUpperCase(Locale.ROOT)));
    }

    /** How many filings it has accepted. */
    public long accepted() {
        return submissions.latest().stream()
                .filter(each -> each.state().equals("accepted"))
                .count();
    }

    private void submission(HttpExchange exchange) throws IOException {
        String id = exchange.getRequestURI().getPath().substring("/submissions/".length());
        if (mood.kind() == Mood.Kind.DOWN) {
            answer(exchange, 503, "text/plain", "The simulated authority is down.");
        } else if (exchange.getRequestMethod().equals("PUT")) {
            byte[] body = body(exchange);
            Desk.Answer answer = desk.take(id, body);
            if (mood.kind() == Mood.Kind.LOSING) {
                exchange.close();
            } else {
                answer(exchange, answer.status(), "application/xml", answer.text());
            }
        } else {
            Desk.Answer answer = desk.about(id);
            answer(exchange, answer.status(), "application/xml", answer.text());
        }
    }

    private void schema(HttpExchange exchange) throws IOException {
        String name = exchange.getRequestURI().getPath().substring("/schema/".length());
        boolean known = PUBLISHED.contains(name);
        try (InputStream stream =
                known ? AuthorityServer.class.getResourceAsStream("/undersaw/schema/" + name) : null) {
            if (stream == null) {
                answer(exchange, 404, "text/plain", "No such schema.");
            } else {
                answer(exchange, 200, "application/xml", new String(stream.readAllBytes(), StandardCharsets.UTF_8));
            }
        }
    }

    private void mood(HttpExchange exchange) throws IOException {
        Map<String, String> form = form(exchange);
        if (exchange.getRequestMethod().equals("POST") && form.containsKey("kind")) {
            behave(form.get("kind"));
        }
        home(exchange);
    }

    private void register(HttpExchange exchange) throws IOException {
        Map<String, String> form = form(exchange);
        String number = form.getOrDefault("number", "").replace("-", "");
        if (number.matches("\\d{9}") && !form.getOrDefault("name", "").isBlank()) {
            submissions.enrol(number, form.get("name").strip());
        }
        home(exchange);
    }

    private static void home(HttpExchange exchange) throws IOException {
        exchange.getResponseHeaders().set("Location", "/");
        exchange.sendResponseHeaders(303, -1);
        exchange.close();
    }

    private void face(HttpExchange exchange) throws IOException {
        answer(exchange, 200, "text/html; charset=utf-8", new Face(submissions, mood).html());
    }

    private static byte[] body(HttpExchange exchange) throws IOException {
        return exchange.getRequestBody().readNBytes(LARGEST);
    }

    private static Map<String, String> form(HttpExchange exchange) throws IOException {
        Map<String, String> fields = new HashMap<>();
        for (String pair : new String(body(exchange), StandardCharsets.UTF_8).split("&", -1)) {
            int equals = pair.indexOf('=');
            if (equals > 0) {
                fields.put(
                        pair.substring(0, equals),
                        URLDecoder.decode(pair.substring(equals + 1), StandardCharsets.UTF_8));
            }
        }
        return fields;
    }

    private static void answer(HttpExchange exchange, int status, String type, String text) throws IOException {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        exchange.getResponseHeaders().set("Content-Type", type);
        exchange.getResponseHeaders()
                .set("Content-Security-Policy", "default-src 'none'; style-src 'unsafe-inline'; form-action 'self'");
        exchange.sendResponseHeaders(status, bytes.length);
        exchange.getResponseBody().write(bytes);
        exchange.close();
    }

    @Override
    public void close() {
        server.stop(0);
        submissions.close();
    }
}
