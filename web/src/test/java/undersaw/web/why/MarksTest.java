package undersaw.web.why;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;

/** Why figures changed since the times that people mean. */
@ExtendWith(Office.class)
class MarksTest {
    private Visitor tern;
    private Visitor quill;
    private FreshClient client;

    @BeforeEach
    void begin(Office.Running office) {
        tern = Visitor.as(office, "tern");
        quill = Visitor.as(office, "quill");
        client = FreshClient.begin(office, "Marks " + System.nanoTime());
    }

    private static String since(String page, String words) {
        Matcher link =
                Pattern.compile("href=\"([^\"]*why[^\"]*)\"[^>]*>" + words).matcher(page);
        assertThat(link.find()).isTrue();
        return link.group(1).replace("&amp;", "&");
    }

    private void type(Visitor who, String line, String value) {
        who.post(client.at("return/line"), "key", line, "value", value, "reason", "typed");
    }

    @Test
    void aPersonsOwnLastLookIsRemembered() {
        quill.get(client.at("why"));
        type(tern, "1120/10", "700");
        String page = quill.get(client.at("why")).body();
        String answer = quill.get(since(page, "since you last looked here")).body();
        assertThat(answer).contains("1120/10").contains("700");
        // tern has not looked before, and quill has now
        assertThat(tern.get(client.at("why")).body()).doesNotContain("since you last looked here");
        String again = quill.get(client.at("why")).body();
        assertThat(quill.get(since(again, "since you last looked here")).body()).contains("Nothing moved since then");
    }

    @Test
    void whatEndsWhereItBeganIsLeftOut() {
        quill.get(client.at("why"));
        type(tern, "1120/10", "700");
        type(tern, "1120/10", "");
        type(tern, "1120/22", "90");
        String page = quill.get(client.at("why")).body();
        String answer = quill.get(since(page, "since you last looked here")).body();
        assertThat(answer).contains("1120/22").doesNotContain("line=1120/10\"");
    }

    @Test
    void whatWasTakenOutIsNoCause() {
        quill.get(client.at("why"));
        type(tern, "1120/10", "700");
        tern.download(client.at("return.xlsx"));
        String page = quill.get(client.at("why")).body();
        assertThat(quill.get(since(page, "since you last looked here")).body())
                .contains("Typed figures")
                .doesNotContain("Taken out");
    }

    @Test
    void theTrailNamesLinesByTheirCaptions() {
        type(tern, "1120/10", "700");
        assertThat(tern.get(client.at("trail")).body()).contains("1120/10 (Other income) 700");
    }
}
