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

/** The bakehouse's books from the client's file to an accepted return, and a study of it as a corporation. */
@ResourceLock("authority")
@ExtendWith(Office.class)
class BakehouseJourneyTest {
    private static final Path BOOKS = Path.of("../demo/two-ovens-bakehouse-2025/client-files/bakehouse-books-2025.csv");

    @Test
    void aSpecialAllocationUsesUpItsLineAndTheReturnIsAccepted(Office.Running office) throws IOException {
        try (Browser browser = new Browser(office.address())) {
            Page page = browser.signIn("tern");
            String engagement = Stations.open(page, "Two Ovens", "2025-01-01");
            Stations.bring(page, BOOKS);
            allocate(browser, page, engagement);
            answer(browser, page, engagement);
            study(browser, page, engagement);
            file(browser, page, engagement);
        }
    }

    /** What does not come to a hundred is refused until it does. */
    private static void allocate(Browser browser, Page page, String engagement) {
        Stations.type(page, engagement, "ALLOCATIONS/percent@00003", "50");
        page.navigate(engagement + "/check");
        assertThat(page.locator("main")).containsText("Percentages of the special allocation of 1065/16a add to 90");
        page.navigate(engagement + "/file");
        assertThat(page.locator("button:has-text('Seal the return')")).hasCount(0);
        Stations.type(page, engagement, "ALLOCATIONS/percent@00003", "60");
        page.navigate(engagement + "/check");
        assertThat(page.locator("main")).not().containsText("Percentages of the special allocation");
        page.navigate(engagement + "/return?line=1065/K-1/1@crumb");
        assertThat(page.locator(".lineage ol.steps")).containsText("is deducted and allocated by itself");
        browser.isClean(page);
    }

    private static void answer(Browser browser, Page page, String engagement) {
        Stations.type(page, engagement, "1065/706/method", "proration");
        Stations.type(page, engagement, "1065/199A/w2-wages@main", "980");
        page.navigate(engagement + "/return?sheet=199A");
        browser.isClean(page);
        page.navigate(engagement + "/check");
        page.locator(".finding:has-text('P-0801') button:has-text('No')").click();
        assertThat(page.locator("main")).not().containsText("P-0801");
        page.navigate(engagement + "/return?sheet=K-1-199A");
        assertThat(page.locator("table.across thead")).containsText("Maren Voss");
        browser.isClean(page);
    }

    /** The engagement does not move, whatever its study does. */
    private static void study(Browser browser, Page page, String engagement) throws IOException {
        page.navigate(engagement + "/study");
        browser.isClean(page);
        page.fill("input[name=r]", "24");
        page.fill("input[name=rd]", "15");
        page.click("button:has-text('Compare')");
        assertThat(page.locator(".taxes-by-kind tbody tr.total")).containsText("All taxes");
        browser.isClean(page);
        Download paper = page.waitForDownload(() -> page.click("text=One page for the client"));
        try (var pdf = Loader.loadPDF(paper.path().toFile())) {
            Assertions.assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            Assertions.assertThat(new PDFTextStripper().getText(pdf)).contains("Partnership, as it is");
        }
        String income = page.locator(".vitals").textContent();
        page.selectOption("select[name=form]", "1120");
        page.click("button:has-text('Begin the copy')");
        assertThat(page.locator("main")).containsText("Typed, and without a line here");
        browser.isClean(page);
        String study = page.url().replaceAll("/study.*", "");
        page.navigate(study + "/return?line=1120/12");
        assertThat(page.locator(".lineage")).containsText("84,000");
        page.navigate(study + "/file");
        assertThat(page.locator("main")).containsText("A study is never sealed");
        page.navigate(engagement + "/study");
        Assertions.assertThat(page.locator(".vitals").textContent()).isEqualTo(income);
        page.click("button:has-text('Take away')");
        assertThat(page.locator("main")).not().containsText("Take away");
    }

    private static void file(Browser browser, Page page, String engagement) throws IOException {
        page.navigate(engagement + "/file");
        page.click("button:has-text('Seal the return')");
        page.click("article button:has-text('Send')");
        Locator state = page.locator(".dispatch h3");
        assertThat(state).containsText("Accepted", new ContainsTextOptions().setTimeout(20_000));
        browser.isClean(page);
        Download xml = page.waitForDownload(
                () -> page.locator(".dispatch a:has-text('XML')").click());
        Assertions.assertThat(Files.readString(xml.path()))
                .containsPattern(Pattern.compile("id=\"1065/K-1/20/Z/qbi-ordinary\"[^>]*instance=\"maren\""))
                .doesNotContain("study/");
    }
}
