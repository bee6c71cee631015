package undersaw.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Mapping by range, words and drag, registers and lists, in the real pages of a client of its own. */
@ExtendWith(Office.class)
class ListsJourneyTest {
    private static final String BOOKS = """
            account,name,opening,closing
            1010,Cash,500,900
            1500,Press,1000,1000
            1590,Depreciation to date,-300,-400
            3010,Stock,-1200,-1200
            4000,Sales,,-900
            6400,Truck things,,200
            6410,More truck things,,300
            6420,Depreciation,,100
            """;

    @Test
    void accountsAreMappedByRangeWordsAndDragAndListsAreKept(Office.Running office) throws IOException {
        try (Browser browser = new Browser(office.address())) {
            Page page = browser.signIn("tern");
            begin(page);
            map(page);
            drag(page);
            assets(browser, page);
            sales(browser, page);
            owners(page);
            questions(browser, page);
        }
    }

    private static void begin(Page page) {
        page.click("text=New engagement");
        page.fill("#name", "Whimbrel Press, Inc.");
        page.fill("#number", "00-5550220");
        page.fill("#numberAgain", "00-5550220");
        page.fill("#year", "2025");
        page.click("button:has-text('Begin')");
        page.click(".ridge a[data-station='1']");
        page.setInputFiles("#file", new FilePayload("b.csv", "text/csv", BOOKS.getBytes(StandardCharsets.UTF_8)));
        page.click("button:has-text('Import')");
        page.click("button:has-text('Replace the books')");
        page.click(".ridge a[data-station='2']");
    }

    private static void map(Page page) {
        page.waitForLoadState();
        page.fill(".range input[name=from]", "6400");
        page.fill(".range input[name=to]", "6419");
        page.click(".range button");
        assertThat(page.locator(".many-count")).hasText("2 accounts");
        // plain words find the line
        page.locator("#many input[name=line]").pressSequentially("repairs");
        assertThat(page.locator("#lines option[value^='1120/14']").first()).isAttached();
        page.fill("#many input[name=line]", "1120/14");
        page.click("#many button:has-text('Map these')");
        assertThat(page.locator("#account-6400.confirmed")).isVisible();
        assertThat(page.locator("#account-6410.confirmed")).isVisible();
        assertThat(page.locator(".targets li[data-line='1120/14'] .amount")).hasText("500");
        page.locator("main h1, body").first().press("u");
        assertThat(page.locator("#account-6410.confirmed")).hasCount(0);
        assertThat(page.locator("#account-6400.confirmed")).hasCount(0);
    }

    private static void drag(Page page) {
        page.locator("#account-4000 input.line").fill("1120/1a");
        page.locator("#account-4000 input.line").press("Enter");
        assertThat(page.locator("#account-4000.confirmed")).isVisible();
        page.dragAndDrop("#account-6400 th[scope=row]", ".targets li[data-line='1120/1a']");
        assertThat(page.locator("#account-6400.confirmed input.line")).hasValue("1120/1a");
        typedWhileAnAnswerComes(page);
        // a number alone is the line's, and the field shows the line once it is taken
        page.locator("#account-6420 input.line").fill("18");
        page.locator("#account-6420 input.line").press("Enter");
        assertThat(page.locator("#account-6420.confirmed input.line")).hasValue("1120/18");
        page.locator("#account-6420 input.line").press("Escape");
        page.locator("body").press("u");
        assertThat(page.locator("#account-6420.confirmed")).hasCount(0);
        for (String[] pair : new String[][] {{"1500", "1120/L/10a"}, {"1590", "1120/L/10b"}}) {
            page.locator("#account-" + pair[0] + " input.line").fill(pair[1]);
            page.locator("#account-" + pair[0] + " input.line").press("Enter");
            assertThat(page.locator("#account-" + pair[0] + ".confirmed")).isVisible();
        }
    }

    /** The page that undo brings is slow: what is typed and sent meanwhile is not lost, nor shown as it was before. */
    private static void typedWhileAnAnswerComes(Page page) {
        page.evaluate("""
                () => {
                  const real = window.fetch;
                  window.fetch = async (address, options) => {
                    const answer = await real(address, options);
                    if (address === location.href) {
                      window.answered = true;
                      await new Promise((go) => setTimeout(go, 1500));
                    }
                    return answer;
                  };
                }""");
        page.locator("body").press("u");
        page.waitForFunction("() => window.answered");
        page.locator("#account-1010 input.line").fill("1120/L/1");
        page.locator("#account-1010 input.line").press("Enter");
        page.locator("#account-3010 input.line").fill("1120/L/22b");
        assertThat(page.locator("#account-6400.confirmed")).hasCount(0);
        assertThat(page.locator("#account-1010.confirmed input.line")).hasValue("1120/L/1");
        assertThat(page.locator("#account-3010 input.line")).hasValue("1120/L/22b");
        assertThat(page.locator("#account-3010 input.line")).isFocused();
        page.locator("#account-3010 input.line").press("Enter");
        assertThat(page.locator("#account-3010.confirmed")).isVisible();
    }

    private static void field(Page page, String caption, String text) {
        page.locator(".add-row label:has-text('" + caption + "') input:not([type=hidden])")
                .first()
                .fill(text);
    }

    private static void assets(Browser browser, Page page) {
        page.click(".ridge a[data-station='4']");
        assertThat(page.locator("main")).containsText("1,000.00");
        field(page, "Description", "Press");
        field(page, "Account", "1500");
        field(page, "Cost", "500*2");
        field(page, "Depreciated before", "300");
        field(page, "This year", "ninety");
        page.click(".add-row button");
        assertThat(page.locator("#said")).containsText("This year: found \"ninety\"");
        field(page, "This year", "90");
        page.click(".add-row button");
        assertThat(page.locator("#row-press")).containsText("1,000");
        assertThat(page.locator(".ties")).containsText("differs by 10");
        // in place, and the page follows
        page.locator("#row-press a[data-lineage='ASSETS/book@press']").dblclick();
        page.locator("input.in-place").fill("100");
        page.locator("input.in-place").press("Enter");
        assertThat(page.locator("#row-press a[data-lineage='ASSETS/accumulated@press'] .amount"))
                .hasText("400");
        page.reload();
        assertThat(page.locator(".ties")).not().containsText("differs");
        browser.isClean(page);
    }

    private static void sales(Browser browser, Page page) throws IOException {
        page.navigate(page.url().replace("/assets", "/return?sheet=8949"));
        page.click("summary:has-text('Paste')");
        page.fill(
                "textarea[name=pasted]",
                "Description\tAcquired\tSold\tProceeds\tCost\nReef shares\t1/5/2020\tsoon\t$9,000.00\t4,000");
        page.click("button:has-text('Look at these rows')");
        assertThat(page.locator(".refusal")).containsText("found \"soon\", expected a date");
        assertThat(page.locator("textarea[name=pasted]"))
                .hasValue(Pattern.compile("Reef shares.*soon", Pattern.DOTALL));
        page.fill(
                "textarea[name=pasted]",
                "Security\tDate acquired\tDate sold\tSales price\tCost basis\tBroker\n"
                        + "Reef shares\t1/5/2020\t2/1/2025\t$9,000.00\t4,000\tWren\nTotal\t\t\t9,000.00\t4,000\t");
        page.click("button:has-text('Look at these rows')");
        assertThat(page.locator("main")).containsText("Columns that are not taken Broker");
        browser.isClean(page);
        page.click("button:has-text('Add this row')");
        assertThat(page.locator("tfoot")).containsText("5,000");
        page.click("summary:has-text('Read a file')");
        page.setInputFiles(
                ".paste-rows input[type=file]",
                new FilePayload(
                        "more.csv",
                        "text/csv",
                        "Bay shares;01.02.2025;03.03.2025;100;250;;\n".getBytes(StandardCharsets.UTF_8)));
        page.click("button:has-text('Look at it')");
        page.click("button:has-text('Add this row')");
        assertThat(page.locator("tfoot")).containsText("4,850");
        assertThat(page.locator("#row-00002")).containsText("(150)");
        browser.isClean(page);
        Download csv = page.waitForDownload(() -> page.click("text=Save as CSV"));
        Assertions.assertThat(Files.readString(csv.path())).contains("Bay shares,2025-02-01,2025-03-03,100");
        page.click("#row-00001 button:has-text('Remove')");
        assertThat(page.locator("h2:has-text('1 row')")).isVisible();
    }

    private static void owners(Page page) {
        page.click(".ridge a[data-station='5']");
        field(page, "Name", "Wren Tully");
        field(page, "Taxpayer number", "000-12-9876");
        field(page, "Capital % at end", "60%");
        page.click(".add-row button");
        assertThat(page.locator("#row-wren-tully")).containsText("••-•••9876");
        Assertions.assertThat(page.content()).doesNotContain("000-12-9876");
        page.click(".ridge a[data-station='7']");
        assertThat(page.locator("main")).containsText("come to 60 percent, not 100");
    }

    private static void questions(Browser browser, Page page) {
        page.navigate(page.url().replace("/check", "/return?sheet=K"));
        page.click("text=Answer the rest No");
        assertThat(page.locator("main")).containsText("are left to you");
        assertThat(page.locator("main")).containsText("IRC 6721");
        browser.isClean(page);
        page.click("button:has-text('Answer these No')");
        assertThat(page.locator("text=Answer the rest No")).containsText("(6 open)");
    }
}
