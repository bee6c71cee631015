package undersaw.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A register from a spreadsheet with headings of its own to depreciation, a division of section 179 and a sale. */
@ExtendWith(Office.class)
class AssetsJourneyTest {
    @Test
    void columnsByHandThenDivisionThenSale(Office.Running office) throws IOException {
        try (Browser browser = new Browser(office.address())) {
            Page page = browser.signIn("tern");
            String engagement = begin(page);
            register(browser, page, engagement);
            schedule(browser, page, engagement);
            division(browser, page, engagement);
            sale(browser, page, engagement);
        }
    }

    private static String begin(Page page) {
        page.click("text=New engagement");
        page.fill("#name", "Curlew Pipe Works, Inc.");
        page.fill("#number", "00-5550227");
        page.fill("#numberAgain", "00-5550227");
        page.fill("#year", "2025");
        page.click("button:has-text('Begin')");
        return page.url().replaceAll("(/e/\\d+).*", "$1");
    }

    /** A column whose heading says nothing is chosen by hand, and the choice is remembered. */
    private static void register(Browser browser, Page page, String engagement) throws IOException {
        Path list = Files.createTempFile("property", ".csv");
        Files.writeString(list, """
                What,Bought,In service,Cost,Kind
                Pipe bender,2025-02-10,2025-03-03,60000,7 yr
                Panel van,2025-02-11,2025-04-04,40000,MACRS 5
                Threading machine,2022-05-05,2022-05-05,10000,7
                """, StandardCharsets.UTF_8);
        page.navigate(engagement + "/assets");
        page.click("summary:has-text('Read a file')");
        page.setInputFiles("input[type=file]", list);
        page.click("button:has-text('Look at it')");
        page.locator("table.raw select").nth(0).selectOption("description");
        page.click("button:has-text('Read it this way')");
        page.locator("table.raw select").nth(4).selectOption("propertyClass");
        page.click("button:has-text('Read it this way')");
        browser.isClean(page);
        page.click("button:has-text('Add these 3 rows')");
        assertThat(page.locator("body")).containsText("3 rows are kept");
        Files.delete(list);
    }

    private static void schedule(Browser browser, Page page, String engagement) throws IOException {
        page.click("nav[aria-label='Assets'] a:has-text('Tax depreciation')");
        assertThat(page.locator(".schedule tbody")).not().hasCount(0);
        browser.isClean(page);
        Download table = page.waitForDownload(() -> page.click("text=Save as CSV"));
        Assertions.assertThat(Files.readString(table.path())).contains("Pipe bender", "Deducted this year");
        page.click("a:has-text('Pipe bender')");
        assertThat(page.locator(".steps-list")).containsText("Cost 60,000, used 100 percent for business");
        page.fill("input[name=bonus]", "none");
        page.click("button:has-text('Show what it would bring')");
        assertThat(page.locator("figcaption:has-text('The same as tried')")).isVisible();
        // 14.29 percent of 60,000 in place of the whole cost
        assertThat(page.locator("table.list")).containsText("8,574");
        browser.isClean(page);
    }

    private static void division(Browser browser, Page page, String engagement) {
        page.navigate(engagement + "/assets/division");
        page.fill("input[aria-label='Elected for Panel van']", "25000");
        page.click("button:has-text('Show the effect')");
        assertThat(page.locator("dl.strip")).containsText("25,000");
        page.click("button:has-text('Keep this division')");
        assertThat(page.locator("#said")).containsText("The division is kept");
        browser.isClean(page);
        page.click("text=Try slowest recovery first");
        assertThat(page.locator("input[aria-label='Elected for Pipe bender']")).hasValue("60000");
        page.navigate(engagement + "/assets/division");
        page.fill("input[aria-label='Elected for Panel van']", "41000");
        page.click("button:has-text('Keep this division')");
        page.navigate(engagement + "/check");
        assertThat(page.locator("main")).containsText("section 179 elected of 41,000, at most 40,000");
        page.navigate(engagement + "/assets/division");
        page.fill("input[aria-label='Elected for Panel van']", "");
        page.click("button:has-text('Keep this division')");
        page.navigate(engagement + "/check");
        assertThat(page.locator("main")).not().containsText("section 179 elected of 41,000");
    }

    /** A sale is typed in the register, stands on Form 4797, and is taken back. */
    private static void sale(Browser browser, Page page, String engagement) {
        Stations.type(page, engagement, "ASSETS/disposed@threading-machine", "2025-06-30");
        page.navigate(engagement + "/return?line=ASSETS/proceeds@threading-machine");
        page.locator(".lineage form.type input[name=value]").fill("9000");
        page.locator(".lineage form.type button:has-text('Keep')").click();
        assertThat(page.locator(".lineage .big")).containsText("9,000");
        page.navigate(engagement + "/return?line=4797/24@threading-machine");
        assertThat(page.locator(".lineage ol.steps")).containsText("Price 9,000");
        browser.isClean(page);
        page.click("button:has-text('undo')");
        assertThat(page.locator("#said")).containsText("Taken back");
        page.navigate(engagement + "/return?line=4797/24@threading-machine");
        assertThat(page.locator(".lineage")).not().containsText("Price 9,000");
    }
}
