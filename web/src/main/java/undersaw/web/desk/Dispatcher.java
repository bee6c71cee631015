package undersaw.web.desk;

import jakarta.annotation.PreDestroy;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import undersaw.files.pdf.PrintMark;
import undersaw.files.pdf.ReturnPdf;
import undersaw.files.xml.AcknowledgementXml;
import undersaw.filing.DispatchState;
import undersaw.store.Filings;
import undersaw.store.Filings.Kept;
import undersaw.store.Filings.Step;

/**
 * Sends sealed filings to the authority and fetches its answers.
 *
 * <p>The state "sending" is committed before the first byte leaves, and the submission's id never changes, so a
 * time-out or a lost answer leads to asking, and to sending the very same filing again only where the authority does
 * not know it. It can never be filed twice.
 */
@Component
public class Dispatcher {
    private static final Logger LOG = LoggerFactory.getLogger(Dispatcher.class);
    private static final String MACHINE = "Undersaw";
    private static final int AT_ONCE = 4;
    private static final int WHOLE_EXCHANGE = 2;

    private final Filings filings;
    private final Clock clock;
    private final URI authority;
    private final Duration timeout;
    private final HttpClient http;
    private final Set<Long> busy = ConcurrentHashMap.newKeySet();
    private final ExecutorService threads = Executors.newFixedThreadPool(AT_ONCE, work -> {
        Thread thread = new Thread(work, "authority");
        thread.setDaemon(true);
        return thread;
    });

    Dispatcher(Filings filings, Clock clock, @Value("${undersaw.authority}") String authority, Settings settings) {
        this.filings = filings;
        this.clock = clock;
        this.authority = URI.create(authority);
        timeout = settings.timeout();
        http = HttpClient.newBuilder().connectTimeout(timeout).build();
    }

    /** How long to wait. */
    @Component
    record Settings(@Value("${undersaw.authority.timeout}") Duration timeout) {}

    /** The address of the authority. */
    public String address() {
        return authority.toString();
    }

    /** Sends a sealed filing; a filing that is not sealed any more stays as it is. */
    public void send(Kept filing, String person) {
        if (filing.dispatchState() == DispatchState.SEALED && busy.add(filing.id())) {
            try {
                if (filings.move(filing, Step.to(DispatchState.SENDING), person, clock.instant())) {
                    filings.find(filing.id()).ifPresent(this::deliver);
                }
            } finally {
                busy.remove(filing.id());
            }
        }
    }

    /**
     * Asks about everything that waits for an answer, each filing by itself, and makes the copies of what was accepted
     * that a stop has left unmade.
     */
    @Scheduled(fixedDelayString = "${undersaw.authority.poll:PT2S}")
    public void poll() {
        filings.underWay().forEach(filing -> aside(filing, this::ask));
        filings.withoutCopy().forEach(filing -> aside(filing, this::copy));
    }

    /** One slow or broken filing holds up no other. */
    private void aside(Kept filing, Consumer<Kept> work) {
        if (busy.add(filing.id())) {
            threads.execute(() -> {
                try {
                    work.accept(filing);
                } catch (RuntimeException failed) {
                    LOG.warn("filing {} is tried again", filing.submission(), failed);
                } finally {
                    busy.remove(filing.id());
                }
            });
        }
    }

    @PreDestroy
    void stop() {
        threads.shutdownNow();
    }

    private void deliver(Kept filing) {
        byte[] xml = filings.document(filing.id(), Filings.Document.XML);
        HttpRequest request = HttpRequest.newBuilder(place(filing))
                .timeout(timeout)
                .header("Content-Type", "application/xml")
                .PUT(BodyPublishers.ofByteArray(xml))
                .build();
        call(filing, request);
    }

    private void ask(Kept filing) {
        HttpRequest request =
                HttpRequest.newBuilder(place(filing)).timeout(timeout).GET().build();
        call(filing, request);
    }

    private URI place(Kept filing) {
        return authority.resolve("/submissions/" + filing.submission());
    }

    /** The whole exchange is bounded, the answer's last byte included. */
    private void call(Kept filing, HttpRequest request) {
        CompletableFuture<HttpResponse<byte[]>> exchange = http.sendAsync(request, BodyHandlers.ofByteArray());
        try {
            HttpResponse<byte[]> response = exchange.get(WHOLE_EXCHANGE * timeout.toMillis(), TimeUnit.MILLISECONDS);
            answered(filing, request.method(), response);
        } catch (ExecutionException | TimeoutException lost) {
            exchange.cancel(true);
            trouble(
                    filing,
                    "The authority could not be reached, or its answer was lost. The filing keeps its "
                            + "submission number; the authority is asked again by itself.");
        } catch (InterruptedException stopping) {
            exchange.cancel(true);
            Thread.currentThread().interrupt();
        }
    }

    private void answered(Kept filing, String method, HttpResponse<byte[]> response) {
        int status = response.statusCode();
        if (status == 404 && method.equals("GET") && filing.dispatchState() == DispatchState.SENDING) {
            // the authority does not know it: what was sent never arrived
            deliver(filing);
        } else if (status == 200 || status == 202 || status == 400 || status == 409) {
            acknowledged(filing, response.body());
        } else {
            trouble(filing, "The authority answers with " + status + ". It is asked again by itself.");
        }
    }

    private void acknowledged(Kept filing, byte[] body) {
        AcknowledgementXml answer;
        try {
            answer = AcknowledgementXml.read(body);
        } catch (IllegalArgumentException unreadable) {
            doubted(filing, "The authority's answer cannot be read: " + unreadable.getMessage(), body);
            return;
        }
        Optional<String> doubt = doubt(filing, answer);
        if (doubt.isPresent()) {
            doubted(filing, "The authority's answer is not believed: " + doubt.get(), body);
        } else if (answer.state() != filing.dispatchState() || !filing.trouble().isEmpty()) {
            Step step = new Step(answer.state(), answer.confirmation(), "", answer.faults());
            filings.move(filing, step, MACHINE, clock.instant());
            filings.find(filing.id()).ifPresent(this::copy);
        }
    }

    /** Why an answer says nothing of a filing; absent where it does. */
    private static Optional<String> doubt(Kept filing, AcknowledgementXml answer) {
        if (!answer.submission().equals(filing.submission())) {
            return Optional.of("it speaks of submission " + answer.submission() + ", and this one is "
                    + filing.submission() + ".");
        }
        if (answer.state() == DispatchState.ACCEPTED && answer.confirmation().isBlank()) {
            return Optional.of("it accepts the filing and gives no confirmation number.");
        }
        if (answer.state() == DispatchState.REJECTED && answer.faults().isEmpty()) {
            return Optional.of("it rejects the filing and gives no reason.");
        }
        return Optional.empty();
    }

    /** What is not believed is kept as evidence, shown, and asked again. */
    private void doubted(Kept filing, String words, byte[] body) {
        if (!filing.trouble().equals(words)) {
            filings.keepUnbelieved(filing, words, body, clock.instant());
        }
        trouble(filing, words + " It was kept as it came; the authority is asked again by itself.");
    }

    /** The sealed pages of an accepted filing with date and confirmation number on every one. */
    private void copy(Kept filing) {
        if (filing.dispatchState() == DispatchState.ACCEPTED) {
            PrintMark mark = PrintMark.accepted(
                    LocalDate.ofInstant(Instant.parse(filing.changedAt()), clock.getZone())
                            .toString(),
                    filing.confirmation());
            filings.keepAcceptedCopy(filing.id(), ReturnPdf.print(filings.pages(filing.id()), mark));
        }
    }

    private void trouble(Kept filing, String words) {
        if (!filing.trouble().equals(words)) {
            LOG.warn("filing {}: {}", filing.submission(), words);
            filings.move(filing, Step.trouble(filing.dispatchState(), words), MACHINE, clock.instant());
        }
    }
}
