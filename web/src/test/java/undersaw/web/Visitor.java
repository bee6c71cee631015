package undersaw.web;

import static org.assertj.core.api.Assertions.assertThat;

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
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Somebody at the pages without a browser: signs in, opens pages, sends forms as a page would. */
public final class Visitor {
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" content=\"([^\"]+)\"");
    private static final String BOUNDARY = "----undersaw-test";
    /** A page with a token that costs nothing, however many engagements there are. */
    private static final String LIGHT = "/password";

    private final String address;
    private final HttpClient client;

    private Visitor(String address, boolean follows) {
        this.address = address;
        client = HttpClient.newBuilder()
                .cookieHandler(new CookieManager())
                .followRedirects(follows ? Redirect.NORMAL : Redirect.NEVER)
                .build();
    }

    /** Nobody who has signed in; redirections are not followed. */
    public static Visitor stranger(Office.Running office) {
        return new Visitor(office.address(), false);
    }

    /** A person of the demo practice, signed in. */
    public static Visitor as(Office.Running office, String login) {
        Visitor visitor = new Visitor(office.address(), true);
        visitor.send("/sign-in", token(visitor.get("/sign-in")), "username", login, "password", "harbor-demo");
        return visitor;
    }

    /** Somebody with a password of their own; redirections are not followed. */
    public static Visitor as(Office.Running office, String login, String password) {
        Visitor visitor = new Visitor(office.address(), false);
        visitor.signIn(login, password);
        return visitor;
    }

    /** Where a try to sign in leads. */
    public static String tries(Office.Running office, String login, String password) {
        return new Visitor(office.address(), false)
                .signIn(login, password)
                .headers()
                .firstValue("Location")
                .orElse("");
    }

    private HttpResponse<String> signIn(String login, String password) {
        return send("/sign-in", token(get("/sign-in")), "username", login, "password", password);
    }

    public HttpResponse<String> get(String path) {
        return answer(
                HttpRequest.newBuilder(URI.create(address + path))
                        .header("Accept", "text/html")
                        .build(),
                BodyHandlers.ofString());
    }

    public HttpResponse<byte[]> download(String path) {
        return answer(HttpRequest.newBuilder(URI.create(address + path)).build(), BodyHandlers.ofByteArray());
    }

    /** Fields by name and value, one after the other; a name may come twice. */
    public HttpResponse<String> post(String path, String... fields) {
        return send(path, token(get(LIGHT)), fields);
    }

    public HttpResponse<byte[]> postForBytes(String path) {
        return answer(
                HttpRequest.newBuilder(URI.create(address + path))
                        .header("X-CSRF-TOKEN", token(get(LIGHT)))
                        .POST(BodyPublishers.noBody())
                        .build(),
                BodyHandlers.ofByteArray());
    }

    /** A form of one page, sent as a browser without script sends it. */
    public HttpResponse<String> postFrom(String page, String path, String... fields) {
        return answer(
                form(path, token(get(page)), fields)
                        .header("Referer", address + page)
                        .build(),
                BodyHandlers.ofString());
    }

    /** The same with a token of one's own choosing. */
    public HttpResponse<String> send(String path, String token, String... fields) {
        return answer(form(path, token, fields).build(), BodyHandlers.ofString());
    }

    private HttpRequest.Builder form(String path, String token, String... fields) {
        StringBuilder body = new StringBuilder();
        for (int i = 0; i < fields.length; i += 2) {
            body.append(i == 0 ? "" : "&")
                    .append(fields[i])
                    .append('=')
                    .append(URLEncoder.encode(fields[i + 1], StandardCharsets.UTF_8));
        }
        return HttpRequest.newBuilder(URI.create(address + path))
                .header("Accept", "text/html")
                .header("Content-Type", "application/x-www-form-urlencoded")
                .header("X-CSRF-TOKEN", token)
                .POST(BodyPublishers.ofString(body.toString()));
    }

    /** A form with one file among its fields. */
    public HttpResponse<String> upload(String path, String file, String text, String... fields) {
        Map<String, String> parts = new LinkedHashMap<>();
        for (int i = 0; i < fields.length; i += 2) {
            parts.put("form-data; name=\"" + fields[i] + "\"", fields[i + 1]);
        }
        parts.put("form-data; name=\"file\"; filename=\"" + file + "\"\r\nContent-Type: text/csv", text);
        String body = parts.entrySet().stream()
                .map(part -> "--" + BOUNDARY + "\r\nContent-Disposition: " + part.getKey() + "\r\n\r\n"
                        + part.getValue() + "\r\n")
                .collect(Collectors.joining("", "", "--" + BOUNDARY + "--\r\n"));
        return answer(
                HttpRequest.newBuilder(URI.create(address + path))
                        .header("Content-Type", "multipart/form-data; boundary=" + BOUNDARY)
                        .header("X-CSRF-TOKEN", token(get(LIGHT)))
                        .POST(BodyPublishers.ofString(body))
                        .build(),
                BodyHandlers.ofString());
    }

    /** A form with nothing but one file, byte for byte. */
    public HttpResponse<String> upload(String path, String file, byte[] bytes) {
        byte[] head = ("--" + BOUNDARY + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"" + file
                        + "\"\r\nContent-Type: application/octet-stream\r\n\r\n")
                .getBytes(StandardCharsets.UTF_8);
        byte[] foot = ("\r\n--" + BOUNDARY + "--\r\n").getBytes(StandardCharsets.UTF_8);
        return answer(
                HttpRequest.newBuilder(URI.create(address + path))
                        .header("Accept", "text/html")
                        .header("Content-Type", "multipart/form-data; boundary=" + BOUNDARY)
                        .header("X-CSRF-TOKEN", token(get(LIGHT)))
                        .POST(BodyPublishers.concat(
                                BodyPublishers.ofByteArray(head),
                                BodyPublishers.ofByteArray(bytes),
                                BodyPublishers.ofByteArray(foot)))
                        .build(),
                BodyHandlers.ofString());
    }

    private static String token(HttpResponse<String> page) {
        Matcher matcher = TOKEN.matcher(page.body());
        assertThat(matcher.find()).isTrue();
        return matcher.group(1);
    }

    private <T> HttpResponse<T> answer(HttpRequest request, HttpResponse.BodyHandler<T> body) {
        try {
            return client.send(request, body);
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
