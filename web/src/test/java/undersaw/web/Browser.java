package undersaw.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.AxeResults;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType.LaunchOptions;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Debian's Chromium with one person signed in; keeps what the console says. */
final class Browser implements AutoCloseable {
    private final Playwright playwright;
    private final com.microsoft.playwright.Browser chromium;
    private final List<String> console = new ArrayList<>();
    private final String address;

    Browser(String address) {
        this.address = address;
        playwright = Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
        chromium = playwright
                .chromium()
                .launch(new LaunchOptions()
                        .setExecutablePath(Path.of(System.getProperty("undersaw.chromium", "/usr/bin/chromium")))
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-background-networking",
                                "--disable-quic",
                                "--no-first-run",
                                "--disable-component-update",
                                "--disable-sync")));
    }

    /** A page of a person's own session. */
    Page signIn(String login) {
        BrowserContext context = chromium.newContext(
                new com.microsoft.playwright.Browser.NewContextOptions().setViewportSize(1280, 800));
        Page page = watched(context.newPage());
        page.navigate(address + "/sign-in");
        page.fill("#username", login);
        page.fill("#password", "harbor-demo");
        page.click("main button");
        assertThat(page.url()).isEqualTo(address + "/");
        return page;
    }

    /** A page on which nobody has signed in. */
    Page stranger() {
        Page page = watched(
                chromium.newContext(new com.microsoft.playwright.Browser.NewContextOptions().setViewportSize(1280, 800))
                        .newPage());
        page.navigate(address + "/sign-in");
        return page;
    }

    /** Another tab of the same session. */
    Page another(Page page) {
        return watched(page.context().newPage());
    }

    private Page watched(Page page) {
        page.onConsoleMessage(message -> {
            // a refused change is answered with 409 or 422 and shown on the page
            boolean refused = message.text().contains("409") || message.text().contains("422");
            if (List.of("error", "warning").contains(message.type()) && !refused) {
                console.add(message.text() + " at " + page.url());
            }
        });
        page.onPageError(error -> console.add(error));
        return page;
    }

    /** Fails where the accessibility rules find anything, or the console has said anything. */
    void isClean(Page page) {
        page.waitForLoadState();
        AxeResults results = new AxeBuilder(page).analyze();
        assertThat(results.getViolations())
                .as("accessibility of %s", page.url())
                .extracting(rule -> rule.getId() + ": " + rule.getHelp() + " "
                        + rule.getNodes().stream()
                                .map(node -> node.getHtml())
                                .limit(3)
                                .toList())
                .isEmpty();
        assertThat(console).as("console").isEmpty();
    }

    @Override
    public void close() {
        chromium.close();
        playwright.close();
    }
}
