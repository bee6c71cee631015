package undersaw.web.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;

/**
 * What people get wrong on an ordinary day: the answer says what it found and where, and what was expected or what to
 * do; it is no error of the server, and figures stay what they were.
 */
@ExtendWith(Office.class)
class TypicalMistakesTest {
    private Visitor tern;
    private FreshClient client;

    @BeforeEach
    void begin(Office.Running office) {
        tern = Visitor.as(office, "tern");
        client = FreshClient.begin(office, "Mistakes " + System.nanoTime())
                .fact("OWNERS/name@wren", "A. Wren")
                .fact("OWNERS/capitalEnd@wren", "100");
    }

    @ParameterizedTest(name = "{0}")
    @CsvFileSource(resources = "mistakes.csv", numLinesToSkip = 1, maxCharsPerColumn = 4000)
    void theAnswerSaysWhatWhereAndWhatToDo(
            String mistake, String address, String fields, int status, String found, String todo) {
        long before = client.amount("1120/30");
        HttpResponse<String> answer = send(address, fields);

        assertThat(answer.statusCode()).as(mistake).isEqualTo(status);
        String page = answer.body()
                .replace("&quot;", "\"")
                .replace("&#39;", "'")
                .replace("&amp;", "&")
                .replaceAll("\\s+", " ");
        assertThat(page).as(mistake).contains(found).contains(todo);
        assertThat(client.amount("1120/30")).as(mistake).isEqualTo(before);
    }

    /** A form by its fields, parted by bars; a file by its name and text, parted by a colon; or a page. */
    private HttpResponse<String> send(String address, String fields) {
        if (fields == null) {
            return tern.get(client.at(address));
        }
        if (fields.startsWith("file:")) {
            String[] file = fields.split(":", 3);
            return tern.upload(client.at(address), file[1], file[2].replace("\\n", "\n"));
        }
        List<String> pairs = new ArrayList<>();
        for (String pair : fields.split("\\|", -1)) {
            pairs.add(pair.substring(0, pair.indexOf('=')));
            pairs.add(pair.substring(pair.indexOf('=') + 1));
        }
        return tern.post(client.at(address), pairs.toArray(String[]::new));
    }
}
