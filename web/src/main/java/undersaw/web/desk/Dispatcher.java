package undersaw.web.desk;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.time.Clock;
import java.time.Duration;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import undersaw.calc.Calculation;
import undersaw.files.folder.EngagementFolder;
import undersaw.files.pdf.PrintMark;
import undersaw.files.pdf.ReturnPdf;
import undersaw.files.xml.AcknowledgementXml;
import undersaw.filing.DispatchState;
import undersaw.filing.FilingContent;
import undersaw.registry.Returns;
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

    private final Filings filings;
    private final Clock clock;
    private final URI authority;
    private final Duration timeout;
    private final String firm;
    private final HttpClient http;

    Dispatcher(Filings filings, Clock clock, @Value("${undersaw.authority}") String authority, Settings settings) {
        this.filings = filings;
        this.clock = clock;
        this.authority = URI.create(authority);
        timeout = settings.timeout();
        firm = settings.firm();
        http = HttpClient.newBuilder().connectTimeout(timeout).build();
    }

    /** How long to wait, and for whom to sign. */
    @Component
    record Settings(
            @Value("${undersaw.authority.timeout}") Duration timeout,
            @Value("${undersaw.firm}") String firm) {}

    /** The address of the authority. */
    public String address() {
        return authority.toString();
    }

    /** Sends a sealed filing; a filing that is not sealed any more stays as it is. */
    public void send(Kept filing, String person) {
        if (filing.dispatchState() == DispatchState.SEALED
                && filings.move(filing, Step.to(DispatchState.SENDING), person, clock.instant())) {
            filings.find(filing.id()).ifPresent(this::deliver);
        }
    }

    /** Asks about everything that waits for an answer. */
    @Scheduled(fixedDelayString = "${undersaw.authority.poll:PT2S}")
    public void poll() {
        filings.underWay().forEach(this::ask);
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

    private void call(Kept filing, HttpRequest request) {
        try {
            HttpResponse<byte[]> response = http.send(request, BodyHandlers.ofByteArray());
            answered(filing, request.method(), response);
        } catch (IOException lost) {
            trouble(
                    filing,
                    "The authority could not be reached, or its answer was lost. The filing keeps its "
                            + "submission number; the authority is asked again by itself.");
        } catch (InterruptedException stopping) {
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
            trouble(filing, "The authority's answer cannot be read: " + unreadable.getMessage());
            return;
        }
        Step step = new Step(answer.state(), answer.confirmation(), "", answer.faults());
        boolean moved = filings.move(filing, step, MACHINE, clock.instant());
        if (moved && answer.state() == DispatchState.ACCEPTED) {
            stamp(filing, answer);
        }
    }

    /** The readable return of an accepted filing carries date and confirmation number on every page. */
    private void stamp(Kept filing, AcknowledgementXml answer) {
        EngagementFolder.readZip(filings.document(filing.id(), Filings.Document.FOLDER))
                .engagement()
                .ifPresent(snapshot -> {
                    Calculation calculation = Returns.calculate(snapshot);
                    FilingContent content = FilingContent.of(calculation, filing.sealedBy(), firm);
                    PrintMark mark =
                            PrintMark.accepted(answer.at().toLocalDate().toString(), answer.confirmation());
                    filings.replacePdf(filing.id(), ReturnPdf.write(content, calculation.plan(), mark));
                });
    }

    private void trouble(Kept filing, String words) {
        if (!filing.trouble().equals(words)) {
            LOG.warn("filing {}: {}", filing.submission(), words);
            filings.move(filing, Step.trouble(filing.dispatchState(), words), MACHINE, clock.instant());
        }
    }
}
