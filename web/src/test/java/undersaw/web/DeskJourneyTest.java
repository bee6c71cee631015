package undersaw.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions.ContainsTextOptions;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Isolated;
import undersaw.law.Law;
import undersaw.web.desk.Workspace;

/** What every return shares: forms by need, payments, why a figure changed, the jump box, all computed anew. */
@Isolated
@ExtendWith(Office.class)
class DeskJourneyTest {
    private static final String KAYAKS = "/e/7";

    @Test
    void theDeskServesEveryReturn(Office.Running office) throws IOException {
        try (Browser browser = new Browser(office.address())) {
            Page page = browser.signIn("tern");
            forms(browser, page, office.address() + KAYAKS);
            payments(browser, page, office.address() + KAYAKS);
            why(browser, page, office.address() + KAYAKS);
            jump(page);
        }
        try (Browser browser = new Browser(office.address())) {
            all(browser, browser.signIn("orrin"), office.address());
        } finally {
            Law.restore();
            office.bean(Workspace.class).forget();
        }
    }

    private static void forms(Browser browser, Page page, String base) {
        page.navigate(base + "/return");
        assertThat(page.locator(".sheets a[href$='sheet=8949']:visible")).hasCount(0);
        page.click(".add-form summary");
        browser.isClean(page);
        page.locator(".add-form input[type=search]").pressSequentially("whales");
        assertThat(page.locator(".add-form [role=status]")).containsText("No form");
        page.fill(".add-form input[type=search]", "sale stock");
        assertThat(page.locator(".add-form li:visible")).hasCount(2);
        page.locator(".add-form input[type=search]").press("Enter");
        page.waitForURL("**sheet=8949");
        assertThat(page.locator(".fed-by")).containsText("Added by hand; nothing feeds it.");
        field(page, "Description", "40 shares");
        field(page, "Acquired", "2025-09-10");
        field(page, "Sold", "2025-12-01");
        field(page, "Proceeds", "900");
        field(page, "Cost", "700");
        page.click(".add-row button");
        assertThat(page.locator("tr[id^='row-']")).hasCount(1);
        page.navigate(base + "/return?sheet=D");
        assertThat(page.locator(".fed-by")).containsText("1 row on 8949");
        page.navigate(base + "/return?sheet=8949");
        assertThat(page.locator(".fed-by")).containsText("1 row listed");
        assertThat(page.locator(".fed-by button")).hasCount(0);
        page.click("tr[id^='row-'] button:has-text('Remove')");
        assertThat(page.locator("tr[id^='row-']")).hasCount(0);
        page.navigate(base + "/return?sheet=8949");
        page.click(".fed-by button:has-text('Remove')");
        page.waitForURL("**/return");
        assertThat(page.locator(".sheets > a[href$='sheet=8949']")).hasCount(0);
    }

    private static void field(Page page, String caption, String text) {
        page.locator(".add-row label:has-text('" + caption + "') input:not([type=hidden])")
                .first()
                .fill(text);
    }

    private static void payments(Browser browser, Page page, String base) {
        page.navigate(base + "/return/lists");
        browser.isClean(page);
        page.click("summary:has-text('Paste')");
        page.fill("textarea[name=pasted]", "15 December\testimated\t60");
        page.click("button:has-text('Look at these rows')");
        assertThat(page.locator(".refusal").first()).containsText(Pattern.compile("15 December.*expected a date"));
        page.fill("textarea[name=pasted]", "12/15/2025\testimated\t$60.00\n2025-12-31\twithheld\t15");
        page.click("button:has-text('Look at these rows')");
        browser.isClean(page);
        page.click("button:has-text('Add these 2 rows')");
        assertThat(page.locator("tfoot td").first()).hasText("75");
        page.click("button:has-text('Adjust the books by 1')");
        assertThat(page.locator("main")).containsText("They agree.");
    }

    private static void why(Browser browser, Page page, String base) {
        page.navigate(base + "/why?line=1120/33");
        browser.isClean(page);
        assertThat(page.locator("h2").first()).hasText("Why 1120/33, Total payments and credits changed");
        assertThat(page.locator(".step tr:has-text('1120/J/14')").first()).containsText("+60");
        assertThat(page.locator(".step tr:has-text('1120/J/18')").first()).containsText("+15");
        assertThat(page.locator(".step tr:has-text('1120/M-1/1')")).hasCount(0);
    }

    private static void jump(Page page) {
        page.fill("#jump", "officers salary");
        page.click(".jump-found a:has-text('Form 1125-E')");
        page.waitForURL("**sheet=1125-E");
        page.fill("#jump", "line 19");
        assertThat(page.locator(".jump-found a").first()).containsText("1120/19 Charitable contributions");
        page.fill("#jump", "gannet 2024");
        page.click(".jump-found a:has-text('Gannet Row Cannery')");
        page.waitForURL("**/e/1/books");
    }

    private static void all(Browser browser, Page page, String base) throws IOException {
        Path shipped = Path.of("../core/src/main/resources/undersaw/law/2024/corporation.csv");
        String table = Files.readString(shipped);
        page.navigate(base + "/firm/batch");
        browser.isClean(page);
        load(page, table.replaceFirst("corporate-rate,21,percent,[^\\n]*", "corporate-rate,20,percent,,"));
        assertThat(page.locator(".refusal").first()).containsText("no citation");
        page.navigate(base + "/firm/batch");
        load(page, table.replaceFirst("corporate-rate,21,", "corporate-rate,20,"));
        computed(page);
        assertThat(page.locator("#batch section:has-text('Gannet Row') tr:has-text('1120/J/1a')")
                        .first())
                .containsText("the corporate rate was 21, is 20");
        browser.isClean(page);
        load(page, table);
        computed(page);
        assertThat(page.locator("#batch section:has-text('Gannet Row') tr:has-text('1120/J/1a')")
                        .first())
                .containsText("the corporate rate was 20, is 21");
        page.selectOption("form:has(button:has-text('Compute all')) select", "2024");
        page.click("button:has-text('Compute all')");
        computed(page);
        assertThat(page.locator("#batch")).containsText("No figure moved.");
    }

    /** However many engagements other tests have left, and however busy the machine is. */
    private static void computed(Page page) {
        assertThat(page.locator("#batch"))
                .containsText(Pattern.compile("(\\d+) of \\1 computed"), new ContainsTextOptions().setTimeout(120_000));
    }

    private static void load(Page page, String table) {
        page.selectOption("form[enctype] select[name=year]", "2024");
        page.setInputFiles(
                "form[enctype] input[type=file]",
                new FilePayload("corporation.csv", "text/csv", table.getBytes(StandardCharsets.UTF_8)));
        page.click("button:has-text('Load and compute')");
        page.waitForLoadState();
    }
}
