package undersaw.web.desk;

import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.Executors;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import undersaw.SampleReturns;
import undersaw.filing.DispatchState;
import undersaw.store.AuditTrail;
import undersaw.store.Database;
import undersaw.store.Engagements;
import undersaw.store.Filings;
import undersaw.store.Filings.Document;
import undersaw.store.Filings.Kept;
import undersaw.store.Filings.Step;

/** What an authority may answer, and what is believed of it. */
class DispatcherTest {
    private static final Instant NOW = Instant.parse("2026-03-09T10:00:00Z");
    private static final String PAGES = "<html lang=\"en\"><head><title>t</title>"
            + "<meta name=\"description\" content=\"d\"/></head><body>"
            + "<div id=\"mark\"></div><p>Return</p></body></html>";

    @TempDir
    Path folder;

    private Database database;
    private Filings filings;
    private Engagements engagements;
    private HttpServer authority;
    private Dispatcher dispatcher;
    private final Map<String, String> answers = new ConcurrentHashMap<>();
    private int year = 2022;

    @BeforeEach
    void open() throws IOException {
        database = Database.open(folder.resolve("undersaw.db"));
        AuditTrail trail = new AuditTrail(database);
        engagements = new Engagements(database, trail);
        filings = new Filings(database, trail);
        authority = HttpServer.create(new InetSocketAddress("localhost", 0), 0);
        authority.setExecutor(Executors.newCachedThreadPool());
        authority.createContext("/submissions/", exchange -> {
            String id = exchange.getRequestURI().getPath().substring("/submissions/".length());
            exchange.getRequestBody().readAllBytes();
            String answer = answers.getOrDefault(id, "");
            exchange.sendResponseHeaders(200, 0);
            if (answer.equals("drip")) {
                for (int i = 0; i < 600; i++) {
                    exchange.getResponseBody().write(' ');
                    exchange.getResponseBody().flush();
                    pause();
                }
            }
            exchange.getResponseBody().write(answer.getBytes(StandardCharsets.UTF_8));
            exchange.close();
        });
        authority.start();
        dispatcher = new Dispatcher(
                filings,
                Clock.fixed(NOW, ZoneOffset.UTC),
                "http://localhost:" + authority.getAddress().getPort(),
                new Dispatcher.Settings(Duration.ofMillis(500)));
    }

    private static void pause() {
        try {
            Thread.sleep(100);
        } catch (InterruptedException stopping) {
            Thread.currentThread().interrupt();
        }
    }

    @AfterEach
    void close() {
        dispatcher.stop();
        authority.stop(0);
        database.close();
    }

    private Kept sealed(String submission) {
        byte[] bytes = {1, 2, 3};
        long engagement = engagements.begin(SampleReturns.heading(year++), "R. Tern", NOW);
        return filings.seal(
                        new Filings.Content(engagement, 1, submission, "digest", bytes, bytes, PAGES, bytes),
                        "R. Tern",
                        NOW)
                .flatMap(filings::find)
                .orElseThrow();
    }

    private Kept now(Kept filing) {
        return filings.find(filing.id()).orElseThrow();
    }

    private static String said(String submission, String rest) {
        return "<acknowledgement xmlns=\"urn:undersaw:acknowledgement:1\" submission=\"" + submission + "\" " + rest
                + "/>";
    }

    /** Asks again until something holds; an authority has all the time it wants, a test half a minute. */
    private void until(BooleanSupplier holds) {
        Instant end = Instant.now().plusSeconds(30);
        while (!holds.getAsBoolean() && Instant.now().isBefore(end)) {
            dispatcher.poll();
            pause();
        }
        assertThat(holds.getAsBoolean()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "other|state='accepted' at='2026-03-09T10:00:00Z' confirmation='SIM-1'",
                "mine|state='accepted' at='2026-03-09T10:00:00Z' confirmation=''",
                "mine|state='accepted' at='2026-03-09T10:00:00Z'",
                "mine|state='rejected' at='2026-03-09T10:00:00Z'",
                "mine|state='withdrawn' at='2026-03-09T10:00:00Z'",
                "mine|state='sealed' at='2026-03-09T10:00:00Z'",
                "mine|state='accepted' at='yesterday' confirmation='SIM-1'",
                "mine|state='accepted' at='2026-03-09T10:00:00' confirmation='SIM-1'",
                "mine|at='2026-03-09T10:00:00Z'",
            })
    void whatIsNotAnAnswerToThisSubmissionIsKeptAndNotBelieved(String answer) {
        String[] parts = answer.split("\\|");
        answers.put("mine", said(parts[0], parts[1].replace('\'', '"')));
        Kept filing = sealed("mine");
        dispatcher.send(filing, "R. Tern");
        assertThat(now(filing).dispatchState()).isEqualTo(DispatchState.SENDING);
        assertThat(now(filing).trouble()).contains("It was kept as it came");
        assertThat(filings.unbelieved(filing.id())).hasSize(1);
        // the same again is no further evidence, and the truth is believed when it comes
        answers.put("mine", said("mine", "state=\"accepted\" at=\"2026-03-09T10:00:00Z\" confirmation=\"SIM-2\""));
        until(() -> now(filing).dispatchState() == DispatchState.ACCEPTED);
        assertThat(now(filing).confirmation()).isEqualTo("SIM-2");
        assertThat(now(filing).trouble()).isEmpty();
    }

    @Test
    void oneSlowOrBrokenAnswerHoldsUpNoOtherFiling() {
        Kept slow = sealed("slow");
        Kept broken = sealed("broken");
        Kept good = sealed("good");
        for (Kept each : List.of(slow, broken, good)) {
            filings.move(each, Step.to(DispatchState.SENDING), "R. Tern", NOW);
        }
        answers.put("slow", "drip");
        answers.put("broken", said("broken", "state=\"accepted\" at=\"never\" confirmation=\"SIM-1\""));
        answers.put("good", said("good", "state=\"accepted\" at=\"2026-03-09T10:00:00Z\" confirmation=\"SIM-3\""));
        until(() -> now(good).dispatchState() == DispatchState.ACCEPTED);
        // the exchange is bounded to its last byte
        until(() -> now(slow).trouble().contains("could not be reached, or its answer was lost"));
        assertThat(now(broken).dispatchState()).isEqualTo(DispatchState.SENDING);
    }

    @Test
    void askingAgainWhileNothingIsNewWritesNothing() {
        answers.put("mine", said("mine", "state=\"received\" at=\"2026-03-09T10:00:00Z\""));
        Kept filing = sealed("mine");
        dispatcher.send(filing, "R. Tern");
        Kept received = now(filing);
        assertThat(received.dispatchState()).isEqualTo(DispatchState.RECEIVED);
        for (int i = 0; i < 5; i++) {
            dispatcher.poll();
            pause();
        }
        assertThat(now(filing)).isEqualTo(received);
    }

    @Test
    void anAcceptedCopyLeftUnmadeIsMadeLaterAndWhatWasSealedStays() {
        Kept filing = sealed("mine");
        filings.move(filing, Step.to(DispatchState.SENDING), "R. Tern", NOW);
        // the process ended between the acceptance and its copy
        filings.move(now(filing), new Step(DispatchState.ACCEPTED, "SIM-4", "", List.of()), "Undersaw", NOW);
        assertThat(filings.document(filing.id(), Document.PDF)).isEqualTo(new byte[] {1, 2, 3});
        until(() -> filings.document(filing.id(), Document.PDF).length > 3);
        assertThat(filings.document(filing.id(), Document.SEALED_PDF)).isEqualTo(new byte[] {1, 2, 3});
        assertThat(filings.withoutCopy()).isEmpty();
    }
}
