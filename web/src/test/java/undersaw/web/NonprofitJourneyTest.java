package undersaw.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
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

/** The theatre's books from the treasurer's file to an accepted return, its balance sheet mended on the way. */
@ResourceLock("authority")
@ExtendWith(Office.class)
class NonprofitJourneyTest {
    private static final Path BOOKS = Path.of("../demo/marrow-bay-players-2025/client-files/treasurer-2025.csv");

    @Test
    void aDisagreementIsMendedAndTheReturnIsAccepted(Office.Running office) throws IOException {
        try (Browser browser = new Browser(office.address())) {
            Page page = browser.signIn("tern");
            page.click("tr:has-text('Marrow Bay Players'):has-text('2025') a");
            bring(page);
            map(page);
            questions(browser, page);
            mend(browser, page);
            file(browser, page);
        }
    }

    private static void bring(Page page) {
        page.click(".ridge a[data-station='1']");
        page.setInputFiles("#file", BOOKS);
        page.click("button:has-text('Import')");
        assertThat(page.locator("main")).containsText("10 rows left out");
        page.click("button:has-text('Replace the books')");
        assertThat(page.locator("tfoot").first()).containsText("in balance");
        page.click("text=Opening balances");
        page.click("button:has-text('Open every account as last year closed')");
        assertThat(page.locator("main")).containsText("Every account opens as last year closed");
    }

    private static void map(Page page) {
        page.click(".ridge a[data-station='2']");
        page.click("button:has-text('As last year')");
        assertThat(page.locator("#account-6200 .why")).containsText("and 1 more part");
        if (page.locator("button:has-text('Confirm all')").count() > 0) {
            page.click("button:has-text('Confirm all')");
        }
        assertThat(page.locator("#map-bar")).containsText("0 to confirm");
    }

    private static void questions(Browser browser, Page page) {
        page.click(".ridge a[data-station='5']");
        for (String question : new String[] {"990-EZ/33", "990-EZ/51"}) {
            page.locator("article:has-text('question " + question.substring(7) + ":') button:has-text('No')")
                    .first()
                    .click();
            assertThat(page.locator("text=Answer question " + question.substring(7) + ":"))
                    .hasCount(0);
        }
        browser.isClean(page);
    }

    private static void mend(Browser browser, Page page) {
        assertThat(page.locator("main"))
                .containsText(
                        "Line 27, column B, net assets at the end is 49,625, line 21 is 49,213: a difference of 412");
        assertThat(page.locator(".ties li.differs").first()).containsText("differs by 412");
        String check = page.url();
        page.navigate(check.replace("/check", "/return?sheet=I"));
        page.locator(".sheet-main a[data-lineage='990-EZ/20']").click();
        page.locator(".lineage form.type input[name=value]").fill("412");
        page.locator(".lineage form.type input[name=reason]").fill("An old bill written back");
        page.locator(".lineage form.type button:has-text('Keep')").click();
        assertThat(page.locator(".sheet-main a[data-lineage='990-EZ/21'] .amount"))
                .hasText("49,625");
        page.navigate(check.replace("/check", "/return?sheet=O"));
        page.locator(".add-row label:has-text('Line') input:not([type=hidden])")
                .first()
                .fill("20");
        page.locator(".add-row label:has-text('Explanation') input:not([type=hidden])")
                .fill("An old bill of 412 was never presented and is written back.");
        page.click(".add-row button");
        assertThat(page.locator(".row-list tbody")).containsText("written back");
        page.navigate(check.replace("/check", "/return?sheet=A-III"));
        assertThat(page.locator(".years-drawn rect")).not().hasCount(0);
        browser.isClean(page);
        page.navigate(check);
        assertThat(page.locator("main")).not().containsText("Most often liabilities");
        assertThat(page.locator("[data-finding='stop']")).hasCount(0);
    }

    private static void file(Browser browser, Page page) throws IOException {
        page.click(".ridge a[data-station='6']");
        Download copy = page.waitForDownload(() -> page.click("text=Copy for public inspection"));
        try (var pdf = Loader.loadPDF(copy.path().toFile())) {
            String text = new PDFTextStripper().getText(pdf);
            Assertions.assertThat(text).contains("9,000").doesNotContain("Harbor Arts Foundation");
        }
        page.click("button:has-text('Seal the return')");
        page.click("article button:has-text('Send')");
        assertThat(page.locator(".dispatch h3")).containsText("Accepted", new ContainsTextOptions().setTimeout(20_000));
        browser.isClean(page);
        Download xml = page.waitForDownload(
                () -> page.locator(".dispatch a:has-text('XML')").click());
        Assertions.assertThat(Files.readString(xml.path()))
                .containsPattern(Pattern.compile("id=\"990-B/a/name\"[^>]*>Harbor Arts Foundation"));
    }
}
