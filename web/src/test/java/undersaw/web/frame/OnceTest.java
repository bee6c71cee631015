package undersaw.web.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import undersaw.store.Notes;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;

/** A form that is sent twice is done once. */
@ExtendWith(Office.class)
class OnceTest {
    private static final Pattern ONCE = Pattern.compile("name=\"_once\" value=\"([^\"]+)\"");

    private FreshClient client;
    private Visitor tern;
    private Notes kept;

    @BeforeEach
    void begin(Office.Running office) {
        client = FreshClient.begin(office, "Once, Inc. " + System.nanoTime());
        tern = Visitor.as(office, "tern");
        kept = office.bean(Notes.class);
    }

    private String token() {
        Matcher matcher = ONCE.matcher(tern.get(client.at("adjust")).body());
        assertThat(matcher.find()).isTrue();
        return matcher.group(1);
    }

    private HttpResponse<String> note(String once, String words) {
        return tern.post(
                client.at("notes"), "_once", once, "place", "engagement", "words", words, "back", client.at("adjust"));
    }

    private long notes(String words) {
        return kept.of(client.id()).stream()
                .filter(note -> note.words().equals(words))
                .count();
    }

    @Test
    void everyFormHasATokenOfItsOwn() {
        List<String> tokens = ONCE.matcher(tern.get(client.at("adjust")).body())
                .results()
                .map(found -> found.group(1))
                .toList();
        assertThat(tokens).hasSizeGreaterThan(1).doesNotHaveDuplicates();
    }

    @Test
    void aDoubleClickIsOneClickAndLeadsToTheSamePlace() {
        String once = token();
        HttpResponse<String> first = note(once, "Ask for the lease.");
        HttpResponse<String> second = note(once, "Ask for the lease.");
        assertThat(second.uri()).isEqualTo(first.uri()).hasPath(client.at("adjust"));
        assertThat(notes("Ask for the lease.")).isEqualTo(1);
    }

    @Test
    void manyAtOnceAreOne() {
        String once = token();
        List<CompletableFuture<HttpResponse<String>>> sent = IntStream.range(0, 6)
                .mapToObj(i -> CompletableFuture.supplyAsync(() -> note(once, "Call the bank.")))
                .toList();
        assertThat(sent.stream().map(each -> each.join().uri().getPath())).containsOnly(client.at("adjust"));
        assertThat(notes("Call the bank.")).isEqualTo(1);
    }

    @Test
    void aFormFilledInAnewAfterGoingBackIsDone() {
        String once = token();
        note(once, "First words.");
        note(once, "Other words.");
        note(token(), "First words.");
        assertThat(notes("Other words.")).isEqualTo(1);
        assertThat(notes("First words.")).isEqualTo(2);
    }

    @Test
    void whatWasRefusedMayBeSentAgain() {
        String once = token();
        HttpResponse<String> first = tern.post(
                "/engagements", "_once", once, "form", "1120", "name", "", "number", "", "numberAgain", "", "year", "");
        HttpResponse<String> second = tern.post(
                "/engagements", "_once", once, "form", "1120", "name", "", "number", "", "numberAgain", "", "year", "");
        assertThat(second.statusCode()).isEqualTo(first.statusCode());
        assertThat(second.uri()).hasPath("/engagements");
        assertThat(second.body()).contains("Enter the client&#39;s legal name.");
    }
}
