package undersaw.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Somebody at a browser of their own, who opens pages and sends forms. */
final class HttpPerson {
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" (?:content|value)=\"([^\"]+)\"");
    private static final Pattern ENGAGEMENT = Pattern.compile("/e/\\d+");

    private final HttpClient client =
            HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
    private final String server;

    HttpPerson(String server) {
        this.server = server;
    }

    HttpPerson signedIn() throws IOException, InterruptedException {
        post("/sign-in", token("/sign-in") + "&username=tern&password=harbor-demo");
        return this;
    }

    /** Nanoseconds until a page has come whole. */
    long time(String address) throws IOException, InterruptedException {
        long start = System.nanoTime();
        HttpResponse<String> answer = get(address);
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(address + " answered " + answer.statusCode());
        }
        return System.nanoTime() - start;
    }

    /** Nanoseconds until what a form changes has come back, with the page that it may lead to. */
    long timePost(String address, String body) throws IOException, InterruptedException {
        long start = System.nanoTime();
        HttpResponse<String> answer = post(address, body);
        if (answer.statusCode() == 302) {
            String place = answer.headers().firstValue("Location").orElseThrow();
            answer = get(place.startsWith(server) ? place.substring(server.length()) : place);
        }
        if (answer.statusCode() != 200) {
            throw new IllegalStateException(address + " answered " + answer.statusCode() + ": " + answer.body());
        }
        return System.nanoTime() - start;
    }

    HttpResponse<String> get(String address) throws IOException, InterruptedException {
        return client.send(HttpRequest.newBuilder(URI.create(server + address)).build(), BodyHandlers.ofString());
    }

    /** Sends a form as a page with script does, which takes what changed and no more. */
    HttpResponse<String> post(String address, String body) throws IOException, InterruptedException {
        return client.send(
                HttpRequest.newBuilder(URI.create(server + address))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .header("X-Undersaw-Part", "1")
                        .POST(BodyPublishers.ofString(body))
                        .build(),
                BodyHandlers.ofString());
    }

    String token(String address) throws IOException, InterruptedException {
        Matcher matcher = TOKEN.matcher(get(address).body());
        if (!matcher.find()) {
            throw new IllegalStateException("no token at " + address);
        }
        return "_csrf=" + URLEncoder.encode(matcher.group(1), StandardCharsets.UTF_8);
    }

    /** Begins an engagement and pastes books of that many accounts, most of them on one line; its address. */
    String bring(String name, String number, int accounts) throws IOException, InterruptedException {
        String engagement = begin(token("/engagements/new"), name, number);
        StringBuilder rows = new StringBuilder("account\tname\tclosing\n");
        for (int i = 0; i < accounts; i++) {
            String account = i < 40 ? String.valueOf(1000 + i) : 6100 + (i == 40 ? "" : "-" + i);
            String called = i < 40 ? "Cash in bank " + i : "Office supplies " + i;
            rows.append(account).append('\t').append(called).append('\t');
            rows.append(i == 0 ? -(accounts - 1) * 5L : 5).append('\n');
        }
        String pasted = URLEncoder.encode(rows.toString(), StandardCharsets.UTF_8);
        post(engagement + "/books/paste", token(engagement + "/books") + "&rows=" + pasted);
        post(engagement + "/books/staged/commit", token(engagement + "/books/staged"));
        return engagement;
    }

    /** Begins an engagement; its address. */
    String begin(String token, String name, String number) throws IOException, InterruptedException {
        HttpResponse<String> begun = post(
                "/engagements",
                token + "&form=1120&name=" + URLEncoder.encode(name, StandardCharsets.UTF_8) + "&number=" + number
                        + "&numberAgain=" + number + "&year=2025&start=&end=");
        Matcher matcher =
                ENGAGEMENT.matcher(begun.headers().firstValue("Location").orElse(begun.body()));
        if (!matcher.find()) {
            throw new IllegalStateException("the engagement was not begun: " + begun.statusCode());
        }
        return matcher.group();
    }
}
