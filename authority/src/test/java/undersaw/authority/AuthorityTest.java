package undersaw.authority;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class AuthorityTest {
    private static final String FILING = """
            <?xml version="1.0" encoding="UTF-8"?>
            <filing xmlns="urn:undersaw:filing:1" submission="ID" form="1120" year="2025">
            <filer><name>Harrow Slip Ropeworks, Inc.</name><number>003141592</number><line1>2 Slip Lane</line1>
            <city>Marrow Bay</city><postalCode>04999</postalCode><country>US</country></filer>
            <period start="2025-01-01" end="2025-12-31"/><signer name="I. Quoin" title="Treasurer"/>
            <preparer name="R. Tern" firm="Pell"/>
            <lines><amount id="1120/1a">1000</amount><amount id="1120/1c">1000</amount><amount id="1120/3">1000</amount>
            <amount id="1120/11">1000</amount><amount id="1120/13">400</amount><amount id="1120/27">400</amount>
            <amount id="1120/28">600</amount><amount id="1120/29c">0</amount><amount id="1120/30">600</amount>
            <amount id="1120/J/12">126</amount><amount id="1120/31">126</amount><amount id="1120/33">0</amount>
            <amount id="1120/35">126</amount><amount id="1120/36">0</amount></lines></filing>
            """;

    @TempDir
    Path folder;

    private final HttpClient http = HttpClient.newHttpClient();
    private AuthorityServer authority;

    @BeforeEach
    void open() {
        authority = AuthorityServer.start(0, folder.resolve("authority.db").toString());
        authority.enrolDemo();
    }

    @AfterEach
    void close() {
        authority.close();
    }

    private HttpResponse<String> put(String id, String filing) throws IOException, InterruptedException {
        return http.send(
                HttpRequest.newBuilder(URI.create(authority.address() + "/submissions/" + id))
                        .timeout(Duration.ofSeconds(5))
                        .PUT(BodyPublishers.ofString(filing.replace("ID", id)))
                        .build(),
                BodyHandlers.ofString());
    }

    private String get(String path) throws IOException, InterruptedException {
        return http.send(
                        HttpRequest.newBuilder(URI.create(authority.address() + path))
                                .build(),
                        BodyHandlers.ofString())
                .body();
    }

    private String answer(String id) throws IOException, InterruptedException {
        for (int i = 0; i < 100; i++) {
            String text = get("/submissions/" + id);
            if (!text.contains("received")) {
                return text;
            }
            Thread.onSpinWait();
            http.send(
                    HttpRequest.newBuilder(URI.create(authority.address() + "/"))
                            .build(),
                    BodyHandlers.discarding());
        }
        return awaited(id);
    }

    private String awaited(String id) throws IOException, InterruptedException {
        long end = System.nanoTime() + Duration.ofSeconds(10).toNanos();
        String text = get("/submissions/" + id);
        while (text.contains("received") && System.nanoTime() < end) {
            text = get("/submissions/" + id);
        }
        return text;
    }

    private static String id() {
        return UUID.randomUUID().toString();
    }

    @Test
    void answersLaterWithAConfirmationNumber() throws Exception {
        String id = id();
        assertThat(put(id, FILING).statusCode()).isEqualTo(202);
        assertThat(get("/submissions/" + id)).contains("state=\"received\"");
        assertThat(answer(id))
                .contains("state=\"accepted\"")
                .containsPattern("confirmation=\"SIM-\\d{8}-[0-9A-F]{8}\"");
    }

    @Test
    void theSameSubmissionSentAgainIsTheSameSubmission() throws Exception {
        String id = id();
        put(id, FILING);
        String first = answer(id);
        assertThat(put(id, FILING).body()).contains("accepted");
        assertThat(authority.accepted()).isEqualTo(1);
        assertThat(answer(id))
                .contains(first.substring(first.indexOf("confirmation="), first.indexOf("confirmation=") + 30));
        assertThat(put(id, FILING.replace(">400<", ">401<")).statusCode()).isEqualTo(409);
    }

    @Test
    void aSecondReturnForThePeriodIsADuplicate() throws Exception {
        String first = id();
        put(first, FILING);
        answer(first);
        String second = id();
        put(second, FILING);
        assertThat(answer(second)).contains("rejected").contains("R-0301");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "003141592;003141529;R-0101;1120/hdr/B",
                "Harrow Slip Ropeworks, Inc.;Harrow Slip Bakery, Inc.;R-0102;1120/hdr/B",
                "\"1120/28\">600<;\"1120/28\">650<;R-0401;1120/28",
                "\"1120/31\">126<;\"1120/31\">12<;R-0401;1120/31",
                "\"1120/35\">126<;\"1120/35\">0<;R-0401;1120/35"
            })
    void rejectsWithCodeAndLine(String from, String to, String code, String line) throws Exception {
        String id = id();
        put(id, FILING.replace(from, to));
        assertThat(answer(id)).contains("state=\"rejected\"").contains("code=\"" + code + "\" line=\"" + line + "\"");
    }

    private static final String SMALL_NONPROFIT = """
            <?xml version="1.0" encoding="UTF-8"?>
            <filing xmlns="urn:undersaw:filing:1" submission="ID" form="990-EZ" year="2025">
            <filer><name>Marrow Bay Players</name><number>007310244</number><line1>9 Gallery Lane</line1>
            <city>Marrow Bay</city><postalCode>04999</postalCode><country>US</country></filer>
            <period start="2025-01-01" end="2025-12-31"/><signer name="W. Garrity" title="Treasurer"/>
            <preparer name="R. Tern" firm="Pell"/>
            <lines><answer id="990-EZ/hdr/J">501(c)(3)</answer><amount id="990-EZ/hdr/L">1000</amount>
            <amount id="990-EZ/1">1000</amount><amount id="990-EZ/9">1000</amount><amount id="990-EZ/16">400</amount>
            <amount id="990-EZ/17">400</amount><amount id="990-EZ/18">600</amount><amount id="990-EZ/19">50</amount>
            <amount id="990-EZ/21">650</amount><amount id="990-EZ/22/A">80</amount><amount id="990-EZ/22/B">650</amount>
            <amount id="990-EZ/25/A">80</amount><amount id="990-EZ/26/A">30</amount><amount id="990-EZ/27/A">50</amount>
            <amount id="990-EZ/25/B">650</amount><amount id="990-EZ/27/B">650</amount></lines></filing>
            """;

    @Test
    void aSmallNonprofitIsAccepted() throws Exception {
        String id = id();
        assertThat(put(id, SMALL_NONPROFIT).statusCode()).isEqualTo(202);
        assertThat(answer(id)).contains("state=\"accepted\"");
    }

    @Test
    void anAmendedReturnTakesThePlaceOfOneThatWasAcceptedAndOfNothingElse() throws Exception {
        String amended = SMALL_NONPROFIT.replace("<lines>", "<lines><answer id=\"990-EZ/hdr/B/amended\">yes</answer>");
        String early = id();
        put(early, amended);
        assertThat(answer(early)).contains("rejected").contains("R-0302");
        String first = id();
        put(first, SMALL_NONPROFIT);
        assertThat(answer(first)).contains("accepted");
        String second = id();
        put(second, amended);
        assertThat(answer(second)).contains("accepted");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "007310244;007310242;R-0101;990-EZ/hdr/D",
                "\"990-EZ/9\">1000<;\"990-EZ/9\">900<;R-0401;990-EZ/9",
                "\"990-EZ/17\">400<;\"990-EZ/17\">420<;R-0401;990-EZ/17",
                "\"990-EZ/19\">50<;\"990-EZ/19\">60<;R-0503;990-EZ/27/A",
                "\"990-EZ/27/B\">650<;\"990-EZ/27/B\">640<;R-0503;990-EZ/27/B",
                "\"990-EZ/hdr/L\">1000<;\"990-EZ/hdr/L\">200000<;R-0501;990-EZ/hdr/L"
            })
    void aSmallNonprofitIsRejectedWithCodeAndLine(String from, String to, String code, String line) throws Exception {
        String id = id();
        put(id, SMALL_NONPROFIT.replace(from, to));
        assertThat(answer(id)).contains("state=\"rejected\"").contains("code=\"" + code + "\" line=\"" + line + "\"");
    }

    @Test
    void aFormTakesOnlyItsOwnLines() throws Exception {
        assertThat(put(id(), SMALL_NONPROFIT.replace("990-EZ/16", "1120/26")).statusCode())
                .isEqualTo(400);
        assertThat(put(id(), SMALL_NONPROFIT.replace("990-EZ/16", "990-EZ/W-BK/1"))
                        .statusCode())
                .isEqualTo(400);
        assertThat(get("/schema/filing-990-EZ-1.xsd")).contains("redefine");
    }

    @Test
    void aYearThatIsNotOpenIsRejected() throws Exception {
        String id = id();
        put(id, FILING.replace("year=\"2025\"", "year=\"2022\"").replace("2025-", "2022-"));
        assertThat(answer(id)).contains("R-0201");
    }

    @Test
    void whatBreaksThePublishedFormatIsRefusedAtOnce() throws Exception {
        assertThat(put(id(), FILING.replace("<city>Marrow Bay</city>", "")).statusCode())
                .isEqualTo(400);
        assertThat(put(id(), "not xml").body()).contains("R-0001");
        assertThat(put(id(), FILING.replace("submission=\"ID\"", "submission=\"" + id() + "\""))
                        .statusCode())
                .isEqualTo(400);
        assertThat(get("/schema/filing-1.xsd")).contains("urn:undersaw:filing:1");
    }

    @Test
    void canBeToldToRejectToBeDownAndToLoseItsAnswers() throws Exception {
        authority.behave("rejecting");
        String first = id();
        put(first, FILING);
        assertThat(answer(first)).contains("R-0901");
        authority.behave("down");
        assertThat(put(id(), FILING).statusCode()).isEqualTo(503);
        authority.behave("losing");
        String lost = id();
        assertThatThrownBy(() -> put(lost, FILING)).isInstanceOf(IOException.class);
        authority.behave("prompt");
        assertThat(answer(lost)).contains("accepted");
    }

    @Test
    void saysOnItsFaceThatItIsSimulated() throws Exception {
        assertThat(get("/"))
                .contains("Simulated tax authority")
                .contains("Nothing here is real")
                .contains("Harrow Slip");
    }

    /** A return of two owners, sixty and forty hundredths; what its form says of them follows. */
    private static String ofOwners(String form, String lines) {
        return """
            <?xml version="1.0" encoding="UTF-8"?>
            <filing xmlns="urn:undersaw:filing:1" submission="ID" form="FORM" year="2025">
            <filer><name>Harrow Slip Ropeworks, Inc.</name><number>003141592</number><line1>2 Slip Lane</line1>
            <city>Marrow Bay</city><postalCode>04999</postalCode><country>US</country></filer>
            <period start="2025-01-01" end="2025-12-31"/><signer name="I. Quoin" title="Owner"/>
            <preparer name="R. Tern" firm="Pell"/>
            <owners><owner id="ada" name="Ada Quoin" number="000112222" kind="individual"/>
            <owner id="bo" name="Bo Quoin" number="000113333" kind="individual"/></owners>
            <lines>LINES
            <amount id="FORM/1a">1000</amount><amount id="FORM/1c">1000</amount><amount id="FORM/3">1000</amount>
            <amount id="FORM/K/1">600</amount>
            <amount id="FORM/K-1/1" instance="ada">360</amount><amount id="FORM/K-1/1" instance="bo">240</amount>
            </lines></filing>
            """.replace("LINES", lines).replace("FORM", form);
    }

    private static final Map<String, String> OF_OWNERS =
            Map.of("1120-S", ofOwners("1120-S", """
            <answer id="1120-S/hdr/A">2020-01-01</answer><answer id="1120-S/hdr/I">2</answer>
            <amount id="1120-S/6">1000</amount><amount id="1120-S/8">400</amount><amount id="1120-S/21">400</amount>
            <amount id="1120-S/22">600</amount><amount id="1120-S/K/18">600</amount>
            <amount id="1120-S/M-1/8">600</amount>
            <answer id="1120-S/K-1/G" instance="ada">60</answer><answer id="1120-S/K-1/G" instance="bo">40</answer>"""), "1065", ofOwners("1065", """
            <answer id="1065/hdr/I">2</answer><answer id="1065/B/31">yes</answer>
            <amount id="1065/8">1000</amount><amount id="1065/9">400</amount><amount id="1065/22">400</amount>
            <amount id="1065/23">600</amount><amount id="1065/ANI/1">600</amount>
            <amount id="1065/M-1/9">600</amount>"""));

    @ParameterizedTest
    @ValueSource(strings = {"1120-S", "1065"})
    void aReturnWithOwnersIsAccepted(String form) throws Exception {
        String id = id();
        assertThat(put(id, OF_OWNERS.get(form)).statusCode()).isEqualTo(202);
        assertThat(answer(id)).contains("state=\"accepted\"");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "1120-S;instance=\"bo\">240<;instance=\"bo\">241<;PT-R05;1120-S/K-1/1@ada",
                "1120-S;number=\"000113333\";number=\"000112222\";PT-R10;OWNERS/tin@bo",
                "1120-S;333\" kind=\"individual\";333\" kind=\"partnership\";PT-R15;OWNERS/kind@bo",
                "1120-S;instance=\"bo\">40<;instance=\"bo\">41<;PT-R15;1120-S/K-1/G",
                "1120-S;>2020-01-01<;>2025-02-01<;PT-R16;1120-S/hdr/A",
                "1120-S;\"1120-S/hdr/I\">2<;\"1120-S/hdr/I\">1<;PT-R03;1120-S/hdr/I",
                "1120-S;\"1120-S/K/18\">600<;\"1120-S/K/18\">601<;PT-R08;1120-S/M-1/8",
                "1120-S;\"1120-S/K/1\">600<;\"1120-S/K/1\">601<;PT-R06;1120-S/K/1",
                "1065;instance=\"bo\">240<;instance=\"bo\">241<;PT-R05;1065/K-1/1@ada",
                "1065;number=\"000113333\";number=\"000112222\";PT-R10;OWNERS/tin@bo",
                "1065;\"1065/hdr/I\">2<;\"1065/hdr/I\">3<;PT-R03;1065/hdr/I",
                "1065;\"1065/B/31\">yes<;\"1065/B/31\">no<;PT-R11;1065/B/31",
                "1065;333\" kind=\"individual\";333\" kind=\"partnership\";PT-R11;1065/B/31",
                "1065;\"1065/ANI/1\">600<;\"1065/ANI/1\">601<;PT-R08;1065/M-1/9",
                "1065;\"1065/K/1\">600<;\"1065/K/1\">601<;PT-R06;1065/K/1"
            })
    void aRejectionNamesTheOwnerAtFault(String form, String right, String wrong, String code, String line)
            throws Exception {
        String id = id();
        String filing = OF_OWNERS.get(form);
        assertThat(filing).contains(right);
        put(id, filing.replace(right, wrong));
        assertThat(answer(id)).contains("rejected").contains(code).contains("line=\"" + line + "\"");
    }
}
