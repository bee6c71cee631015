package undersaw.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpClient.Redirect;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceLock;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.files.folder.EngagementFolder;
import undersaw.files.folder.ReadFolder;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.registry.Returns;
import undersaw.store.AuditTrail;
import undersaw.store.Backup;
import undersaw.store.Database;
import undersaw.store.Engagements;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Workspace;

/** The pages without a browser: who may do what, what is refused, and that nothing is lost. */
@ResourceLock("authority")
@ExtendWith(Office.class)
class DeskTest {
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" content=\"([^\"]+)\"");
    private static final long CANNERY = 2;

    private Office.Running office;
    private HttpClient http;

    @BeforeEach
    void signIn(Office.Running running) throws Exception {
        office = running;
        http = session("tern");
    }

    private HttpClient session(String login) throws IOException, InterruptedException {
        HttpClient client = HttpClient.newBuilder()
                .cookieHandler(new CookieManager())
                .followRedirects(Redirect.NORMAL)
                .build();
        HttpResponse<String> page = get(client, "/sign-in");
        post(client, "/sign-in", token(page), Map.of("username", login, "password", "harbor-demo"));
        return client;
    }

    private HttpResponse<String> get(HttpClient client, String path) throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(office.address() + path))
                        .header("Accept", "text/html")
                        .build(),
                BodyHandlers.ofString());
    }

    private HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return get(http, path);
    }

    private static String token(HttpResponse<String> page) {
        Matcher matcher = TOKEN.matcher(page.body());
        assertThat(matcher.find()).isTrue();
        return matcher.group(1);
    }

    private HttpResponse<String> post(HttpClient client, String path, String token, Map<String, String> fields)
            throws IOException, InterruptedException {
        String body = fields.entrySet().stream()
                .map(each -> each.getKey() + "=" + URLEncoder.encode(each.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
        return client.send(
                HttpRequest.newBuilder(URI.create(office.address() + path))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .header("X-CSRF-TOKEN", token)
                        .POST(BodyPublishers.ofString(body))
                        .build(),
                BodyHandlers.ofString());
    }

    private HttpResponse<String> post(String path, Map<String, String> fields)
            throws IOException, InterruptedException {
        return post(http, path, token(get("/")), fields);
    }

    private OpenEngagement cannery() {
        return office.bean(Workspace.class).open(CANNERY);
    }

    @Test
    void nothingIsOpenWithoutSigningIn() throws Exception {
        HttpClient stranger = HttpClient.newHttpClient();
        for (String path : List.of("/", "/e/2/books", "/e/2/return", "/e/2/return.pdf", "/firm", "/jump?q=a")) {
            HttpResponse<String> answer = get(stranger, path);
            assertThat(answer.statusCode()).as(path).isEqualTo(302);
            assertThat(answer.headers().firstValue("Location"))
                    .as(path)
                    .get()
                    .asString()
                    .contains("/sign-in");
        }
    }

    @Test
    void aPostWithoutTheTokenOfItsSessionIsRefused() throws Exception {
        assertThat(post(http, "/e/2/return/line", "forged", Map.of("key", "1120/37", "value", "5"))
                        .statusCode())
                .isEqualTo(403);
    }

    @Test
    void everyPageForbidsWhatItDoesNotShip() throws Exception {
        for (String path :
                List.of("/", "/e/2/books", "/e/2/books/client", "/e/2/map", "/e/2/return", "/e/2/check", "/e/2/file")) {
            HttpResponse<String> page = get(path);
            assertThat(page.statusCode()).as(path).isEqualTo(200);
            assertThat(page.headers().firstValue("Content-Security-Policy"))
                    .get()
                    .asString()
                    .startsWith("default-src 'none'; script-src 'self'")
                    .doesNotContain("unsafe");
            assertThat(page.body())
                    .as(path)
                    .doesNotContain("style=\"")
                    .doesNotContain("onclick=")
                    .doesNotContainPattern("<script[^>]*>[^<]");
        }
    }

    @Test
    void onlyAnAdministratorSeesTheFirm() throws Exception {
        assertThat(get("/firm").statusCode()).isEqualTo(403);
        HttpResponse<String> firm = get(session("orrin"), "/firm");
        assertThat(firm.statusCode()).isEqualTo(200);
        assertThat(firm.body()).contains("The trail holds").doesNotContain("harbor-demo");
    }

    @Test
    void anAdministratorTakesABackupThatOpens() throws Exception {
        HttpClient orrin = session("orrin");
        HttpResponse<byte[]> backup = orrin.send(
                HttpRequest.newBuilder(URI.create(office.address() + "/firm/backup"))
                        .header("X-CSRF-TOKEN", token(get(orrin, "/firm")))
                        .POST(BodyPublishers.noBody())
                        .build(),
                BodyHandlers.ofByteArray());
        Path folder = Files.createTempDirectory("restored");
        Backup.unpack(new ByteArrayInputStream(backup.body()), folder);
        try (Database restored = Database.open(folder.resolve("undersaw.db"))) {
            AuditTrail trail = new AuditTrail(restored);
            assertThat(new Engagements(restored, trail).open(CANNERY)).isPresent();
            assertThat(trail.firstFault())
                    .as("the key is kept apart")
                    .get()
                    .asString()
                    .contains("another key");
        }
    }

    @Test
    void taxpayerNumbersAreMaskedOnTheDocket() throws Exception {
        assertThat(get("/").body())
                .contains("••-•••")
                .doesNotContain("004417236")
                .doesNotContain("00-4417236");
    }

    @Test
    void whatIsTypedIsEscaped() throws Exception {
        post("/e/2/return/line", Map.of("key", "1120/K/7b", "value", "<script>alert(1)</script>"));
        assertThat(get("/e/2/return?sheet=K").body())
                .contains("&lt;script&gt;alert(1)")
                .doesNotContain("<script>alert");
        post("/e/2/return/line", Map.of("key", "1120/K/7b", "value", ""));
    }

    @Test
    void aStaleFigureIsRefusedWithBothValues() throws Exception {
        post("/e/2/return/line", Map.of("key", "1120/J/5c", "value", "4650", "was", ""));
        HttpResponse<String> second = post("/e/2/return/line", Map.of("key", "1120/J/5c", "value", "4400", "was", ""));
        assertThat(second.statusCode()).isEqualTo(409);
        assertThat(second.body())
                .contains("4,650")
                .contains("4400, was not saved")
                .contains("R. Tern");
        assertThat(cannery().calculation().amount(LineId.of("1120/J/5c")).dollars())
                .isEqualTo(4650);
        post("/e/2/return/line", Map.of("key", "1120/J/5c", "value", "", "was", "4650"));
    }

    @Test
    void aWrongFigureIsAnsweredInWords() throws Exception {
        assertThat(post("/e/2/return/line", Map.of("key", "1120/J/5c", "value", "12x"))
                        .body())
                .contains("expected a plain amount");
        assertThat(post("/e/2/return/line", Map.of("key", "1120/26", "value", "5"))
                        .body())
                .contains("Give a reason");
        assertThat(post("/e/2/return/line", Map.of("key", "1120/99", "value", "5"))
                        .statusCode())
                .isEqualTo(404);
        assertThat(get("/e/999/books").statusCode()).isEqualTo(404);
        assertThat(get("/e/999/books").body()).contains("There is nothing here");
    }

    @Test
    void aDoubleClickMakesOneRevision() throws Exception {
        long before = cannery().revision();
        Map<String, String> fields = Map.of("key", "1120/K/7c", "value", "3");
        post("/e/2/return/line", fields);
        post("/e/2/return/line", fields);
        assertThat(cannery().revision()).isEqualTo(before + 1);
        post("/e/2/return/line", Map.of("key", "1120/K/7c", "value", ""));
    }

    @Test
    void theLastChangeCanBeTakenBack() throws Exception {
        String before = cannery().calculation().answer(LineId.of("1120/K/10"));
        post("/e/2/return/line", Map.of("key", "1120/K/10", "value", "77"));
        post("/e/2/undo", Map.of());
        assertThat(cannery().calculation().answer(LineId.of("1120/K/10"))).isEqualTo(before);
    }

    @Test
    void stopsCannotBeSetAside() throws Exception {
        assertThat(post("/e/2/check/set-aside", Map.of("key", "C-0117.1120/K/27", "reason", "because"))
                        .body())
                .contains("stops cannot");
    }

    @Test
    void whatTheFolderHoldsComputesToTheLinesOnThePage() throws Exception {
        HttpResponse<byte[]> zip = http.send(
                HttpRequest.newBuilder(URI.create(office.address() + "/e/2/folder.zip"))
                        .build(),
                BodyHandlers.ofByteArray());
        ReadFolder read = EngagementFolder.readZip(zip.body());
        assertThat(read.faults()).isEmpty();
        Calculation prepared = Returns.calculate(read.engagement().orElseThrow());
        assertThat(prepared.printed().stream().map(DeskTest::shown).toList())
                .isEqualTo(cannery().calculation().printed().stream()
                        .map(DeskTest::shown)
                        .toList());
        assertThat(Returns.review(prepared, office.bean(Workspace.class).today())
                        .diagnostics())
                .isEqualTo(cannery().review().diagnostics());
    }

    private static String shown(LineValue value) {
        return value.key() + " " + value.value().plain() + " " + value.source();
    }

    @Test
    void theJumpBoxFindsLinesAccountsAndClients() throws Exception {
        assertThat(get("/jump?q=other+deduc&in=2").body()).contains("1120/26 Other deductions");
        assertThat(get("/jump?q=7060&in=2").body()).contains("Crew and customer meals");
        assertThat(get("/jump?q=gannet").body()).contains("Gannet Row Cannery");
        assertThat(get("/jump?q=zzzz").body()).contains("Nothing is called");
    }

    @Test
    void twoPeopleAtOnceLoseNothing() throws Exception {
        Workspace workspace = office.bean(Workspace.class);
        long before = cannery().revision();
        List<Thread> people = new ArrayList<>();
        for (int person = 0; person < 4; person++) {
            String name = "officer-" + person;
            people.add(new Thread(() -> {
                for (int i = 1; i <= 10; i++) {
                    Fact fact = Fact.of(String.valueOf(i));
                    workspace.change(
                            CANNERY,
                            name,
                            open -> new Change.FactsSet(Map.of(LineKey.parse("1125-E/1/e@" + name), fact)));
                }
            }));
        }
        people.forEach(Thread::start);
        for (Thread person : people) {
            person.join();
        }
        assertThat(cannery().revision()).isEqualTo(before + 40);
        for (int person = 0; person < 4; person++) {
            LineKey key = LineKey.parse("1125-E/1/e@officer-" + person);
            assertThat(cannery().snapshot().fact(key)).map(Fact::value).contains("10");
            workspace.change(CANNERY, "test", open -> new Change.FactsSet(Collections.singletonMap(key, null)));
        }
    }
}
