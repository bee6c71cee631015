package undersaw.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Every address of the application, asked for with too little and with rubbish: answered, never a failure. */
@ExtendWith(Office.class)
class EveryAddressTest {
    /** What signs out, works for the whole office that other tests share, or takes back a change when asked plainly. */
    private static final List<String> LEFT_OUT =
            List.of("/sign-out", "/firm/batch", "/firm/backup", "/error", "/e/{id}/undo");

    private Office.Running office;
    private FreshClient client;
    private Visitor tern;
    private Visitor orrin;

    @BeforeEach
    void begin(Office.Running running) {
        office = running;
        client = FreshClient.begin(office, "Addresses " + System.nanoTime());
        tern = Visitor.as(office, "tern");
        orrin = Visitor.as(office, "orrin");
    }

    private List<String> addresses(RequestMethod method, String elsewhere) {
        List<String> found = new ArrayList<>();
        for (RequestMappingInfo mapping : office.bean(RequestMappingHandlerMapping.class)
                .getHandlerMethods()
                .keySet()) {
            if (mapping.getMethodsCondition().getMethods().contains(method)) {
                mapping.getPatternValues().stream()
                        .filter(pattern -> LEFT_OUT.stream().noneMatch(pattern::startsWith))
                        .map(pattern -> pattern.replace("{id}", String.valueOf(client.id()))
                                .replace("{ending:csv|xlsx}", "csv")
                                .replaceAll("\\{[^}]*}", elsewhere))
                        .forEach(found::add);
            }
        }
        assertThat(found).hasSizeGreaterThan(10);
        return found;
    }

    private static Map<String, Integer> failures(Map<String, Integer> answers) {
        Map<String, Integer> failed = new TreeMap<>(answers);
        failed.values().removeIf(status -> status < 500);
        return failed;
    }

    @Test
    void aPageAskedForWithNothingIsAnswered() {
        Map<String, Integer> answers = new TreeMap<>();
        for (String address : addresses(RequestMethod.GET, "none")) {
            answers.put(address, tern.get(address).statusCode());
        }
        assertThat(failures(answers)).isEmpty();
    }

    @Test
    void aPageAskedForWithRubbishIsAnswered() {
        Map<String, Integer> answers = new TreeMap<>();
        String rubbish = "?line=%00%3Cx%3E&sheet=../..&q=%25%25&page=-1&from=-5&since=9999999999999&key=@@"
                + "&number=%27%22&threshold=9999999999&diagnostic=..";
        for (String address : addresses(RequestMethod.GET, "7")) {
            answers.put(address, orrin.get(address + rubbish).statusCode());
        }
        assertThat(failures(answers)).isEmpty();
    }

    @Test
    void aFormSentEmptyIsAnsweredAndChangesNoFigure() {
        long owed = client.amount("1120/35");
        Map<String, Integer> answers = new TreeMap<>();
        for (String address : addresses(RequestMethod.POST, "none")) {
            answers.put(address, tern.post(address).statusCode());
        }
        assertThat(failures(answers)).isEmpty();
        assertThat(client.amount("1120/35")).isEqualTo(owed);
    }

    @Test
    void aFormSentWithRubbishIsAnswered() {
        Map<String, Integer> answers = new TreeMap<>();
        String[] rubbish = {
            "key", "@@", "value", "\u0000", "line", "<x>", "date", "32.13.", "kind", "?", "amount", "1e9", "year",
                    "abc",
            "place", "-1", "was", "", "part", "..", "on", "true", "row", "%", "pasted", "\u0001\t\u0002", "number", "'",
            "sheet", "..", "reason", "", "name", "", "text", "", "account", "-", "treatment", "x", "measure", "200%"
        };
        for (String address : addresses(RequestMethod.POST, "7")) {
            answers.put(address, tern.post(address, rubbish).statusCode());
        }
        assertThat(failures(answers)).isEmpty();
    }

    @Test
    void anEngagementThatIsNotThereIsNotFoundAnywhere() {
        Map<String, Integer> answers = new TreeMap<>();
        String own = "/e/" + client.id();
        for (String address : addresses(RequestMethod.GET, "none")) {
            if (address.startsWith(own)) {
                answers.put(address, tern.get(address.replace(own, "/e/424242")).statusCode());
            }
        }
        assertThat(failures(answers)).isEmpty();
        assertThat(answers.values()).doesNotContain(200);
    }

    @Test
    void nothingOfTheFirmIsOpenToAPreparerOrAStranger() {
        Visitor stranger = Visitor.stranger(office);
        for (String address : addresses(RequestMethod.GET, "none")) {
            if (!address.equals("/sign-in") && !address.startsWith("/error")) {
                assertThat(stranger.get(address).statusCode()).as(address).isEqualTo(302);
            }
            if (address.startsWith("/firm")) {
                assertThat(tern.get(address).statusCode()).as(address).isEqualTo(403);
            }
        }
    }
}
