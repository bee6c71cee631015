package undersaw.web.books;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;

/** What the client was asked for stands wherever somebody looks for it, until it has come. */
@ExtendWith(Office.class)
class AskedTest {
    private static final Pattern NOTE = Pattern.compile("id=\"asked-(\\d+)\"");

    private Visitor tern;
    private FreshClient client;
    private String name;

    @BeforeEach
    void begin(Office.Running office) {
        tern = Visitor.as(office, "tern");
        name = "Asked " + System.nanoTime();
        client = FreshClient.begin(office, name);
        tern.post(client.at("books/asked"), "words", "The bank statement of December");
    }

    private String docketRow() {
        String page = tern.get("/").body();
        String row = page.substring(page.indexOf(">" + name + "<"));
        return row.substring(0, row.indexOf("</tr>"));
    }

    private String note() {
        Matcher matcher = NOTE.matcher(tern.get(client.at("books/asked")).body());
        assertThat(matcher.find()).isTrue();
        return matcher.group(1);
    }

    @Test
    void docketCheckAndSearchSayWhoWaitsForWhom() {
        assertThat(docketRow()).contains("the client, 1 answer since 2026-03-09");
        assertThat(tern.get(client.at("check")).body())
                .contains("Asked of the client")
                .contains("The bank statement of December");
        assertThat(tern.get("/jump?q=bank%20statement&in=" + client.id()).body())
                .contains("books/asked#asked-");
    }

    @Test
    void whatCameIsAwaitedNoMoreAndCanBeAskedForAgain() {
        tern.post(client.at("books/asked/came"), "note", note());
        assertThat(docketRow()).doesNotContain("the client, 1");
        assertThat(tern.get(client.at("books/asked")).body())
                .contains("Awaited: 0")
                .contains("Come: 1");
        tern.post(client.at("books/asked/again"), "note", note());
        assertThat(docketRow()).contains("the client, 1 answer");
    }

    @Test
    void theListIsALetterAndATable() {
        assertThat(tern.get(client.at("books/asked")).body())
                .contains("Dear P. Test,")
                .contains("1. The bank statement of December (asked on 2026-03-09)")
                .contains("mailto:");
        String csv = new String(tern.download(client.at("books/asked.csv")).body(), StandardCharsets.UTF_8);
        assertThat(csv).contains(name).contains("The bank statement of December,2026-03-09,");
    }

    @Test
    void aNoteOnAnAccountCanAskToo() {
        tern.post(client.at("notes"), "place", "account-1010", "words", "Which bank is this?", "asks", "true");
        assertThat(docketRow()).contains("the client, 2 answers");
        assertThat(tern.get(client.at("books/account?number=1010")).body())
                .contains("asked of the client on 2026-03-09");
    }

    @Test
    void nothingToAskForIsRefused() {
        assertThat(tern.post(client.at("books/asked"), "words", "  ").statusCode())
                .isEqualTo(422);
    }
}
