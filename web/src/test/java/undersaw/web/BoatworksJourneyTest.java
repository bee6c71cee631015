package undersaw.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceLock;

/** The boatworks' books from the client's file to an accepted return with its Schedules K-1. */
@ResourceLock("authority")
@ExtendWith(Office.class)
class BoatworksJourneyTest {
    private static final Path BOOKS = Path.of("../demo/slipway-nine-boatworks-2025/client-files/yard-books-2025.csv");

    @Test
    void aPropertyAppearsOwnersBearItAndTheReturnIsAccepted(Office.Running office) throws IOException {
        try (Browser browser = new Browser(office.address())) {
            Page page = browser.signIn("tern");
            String engagement = Stations.open(page, "Slipway Nine", "2025-01-01");
            bring(page);
            property(browser, page, engagement);
            owners(browser, page, engagement);
            file(browser, page, engagement);
        }
    }

    private static void bring(Page page) {
        Stations.bring(page, BOOKS);
        page.click("text=Opening balances");
        assertThat(page.locator("button:has-text('Open every account as last year closed')"))
                .hasCount(0);
    }

    /** An account that names a property makes it; a name alone is asked for where there are several. */
    private static void property(Browser browser, Page page, String engagement) {
        page.navigate(engagement + "/map");
        line(page, "6420", "8825/10@boat-shed");
        assertThat(page.locator("#account-6420 input.line")).hasValue("8825/10@boat-shed");
        line(page, "6430", "8825/7");
        assertThat(page.locator("body")).containsText("stands once in each of the properties. Say which");
        browser.isClean(page);
        page.navigate(engagement + "/return?sheet=8825");
        assertThat(page.locator("table.across thead")).containsText("boat-shed");
        page.navigate(engagement + "/check");
        assertThat(page.locator("main")).containsText("Give the address and the kind of boat-shed");
        Stations.type(page, engagement, "8825/1a@boat-shed", "5 Slipway Lane");
        Stations.type(page, engagement, "8825/1b@boat-shed", "4");
        page.navigate(engagement + "/check");
        assertThat(page.locator("main")).not().containsText("Give the address and the kind of boat-shed");
        browser.isClean(page);
    }

    private static void line(Page page, String account, String line) {
        Locator row = page.locator("#account-" + account);
        row.locator("input.line").fill(line);
        row.locator("button.go").click();
    }

    private static void owners(Browser browser, Page page, String engagement) throws IOException {
        page.navigate(engagement + "/owners");
        assertThat(page.locator(".held rect")).not().hasCount(0);
        browser.isClean(page);
        page.click("text=Schedules K-1 side by side");
        assertThat(page.locator("table.across thead")).containsText("Tove Larkin");
        page.locator("a[data-lineage='1120-S/K-1/1@tove']").click();
        assertThat(page.locator(".lineage ol.steps")).containsText("200 of 1000 shares");
        browser.isClean(page);
        page.navigate(engagement + "/owners/statements?owner=tove");
        assertThat(page.locator("main h3")).hasText("Tove Larkin");
        browser.isClean(page);
        Download paper = page.waitForDownload(() -> page.click("text=All as one PDF"));
        try (var pdf = Loader.loadPDF(paper.path().toFile())) {
            Assertions.assertThat(new PDFTextStripper().getText(pdf))
                    .contains("Schedule K-1 (Form 1120-S)", "Bram Oakes")
                    .doesNotContain("000-47-8815");
        }
    }

    private static void file(Browser browser, Page page, String engagement) throws IOException {
        page.navigate(engagement + "/file");
        page.click("button:has-text('Seal the return')");
        page.click("article button:has-text('Send')");
        assertThat(page.locator(".dispatch h3")).containsText("Accepted", new ContainsTextOptions().setTimeout(20_000));
        browser.isClean(page);
        Download xml = page.waitForDownload(
                () -> page.locator(".dispatch a:has-text('XML')").click());
        Assertions.assertThat(Files.readString(xml.path()))
                .containsPattern(Pattern.compile("id=\"1120-S/K-1/1\"[^>]*instance=\"tove\""))
                .contains("<owner id=\"bram\"");
        Stations.type(page, engagement, "1120-S/K-1/rounding-owner", "bram");
        page.navigate(engagement + "/owners/statements");
        assertThat(page.locator("main")).containsText("As sealed");
    }
}
