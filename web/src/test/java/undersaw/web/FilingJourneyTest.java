package undersaw.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceLock;

/** A corporation from its trial balance to an accepted filing, in the real pages. */
@ResourceLock("authority")
@ExtendWith(Office.class)
class FilingJourneyTest {
    private static final String BOOKS = """
            account,name,opening,closing
            1010,Checking account,20000.00,61500.00
            1100,Accounts receivable,30000.00,36000.00
            3010,Common stock,-10000.00,-10000.00
            3900,Retained earnings,-40000.00,-40000.00
            4010,Rope sales,,-280000.00
            6010,Officer compensation,,90000.00
            6110,Salaries and wages,,70000.00
            6310,Rent expense,,24000.00
            7060,Client meals,,3000.00
            7070,Fines and penalties,,500.00
            7500,Zzyzx,,45000.00
            """;

    private static FilePayload csv(String text) {
        return new FilePayload("books.csv", "text/csv", text.getBytes(StandardCharsets.UTF_8));
    }

    @Test
    void fromTrialBalanceToAcceptance(Office.Running office) throws IOException {
        try (Browser browser = new Browser(office.address())) {
            Page page = browser.signIn("tern");
            browser.isClean(page);
            begin(browser, page);
            client(browser, page);
            books(browser, page);
            map(browser, page);
            figures(browser, page);
            clear(browser, page);
            rejectedOnce(browser, page, office);
            accepted(browser, page);
        }
    }

    private static void begin(Browser browser, Page page) {
        page.click("text=New engagement");
        browser.isClean(page);
        page.fill("#name", "Harrow Slip Ropeworks, Inc.");
        page.fill("#number", "00-314159");
        page.fill("#numberAgain", "00-3141592");
        page.click("button:has-text('Begin')");
        assertThat(page.locator(".problem").first()).containsText("nine digits");
        page.fill("#number", "00-3141529");
        page.click("button:has-text('Begin')");
        assertThat(page.locator(".problem").first()).containsText("The two numbers differ");
        // both typed alike, both wrong: only the authority can know
        page.fill("#numberAgain", "00-3141529");
        page.click("button:has-text('Begin')");
        assertThat(page.locator("h1").first()).hasText("Harrow Slip Ropeworks, Inc.");
        page.navigate(page.url().replaceAll("/e/.*", "/engagements/new"));
        page.fill("#number", "003141529");
        page.fill("#numberAgain", "003141529");
        page.click("button:has-text('Begin')");
        assertThat(page.locator(".problem").first()).containsText("There is an engagement for this client");
        page.navigate(page.url().replaceAll("/engagements.*", "/"));
        page.fill(".filters input", "harrow");
        assertThat(page.locator(".filters .shown")).hasText(Pattern.compile("1 of \\d+ shown"));
        page.click("text=Harrow Slip Ropeworks, Inc.");
    }

    private static void client(Browser browser, Page page) {
        page.click("text=Client and year");
        browser.isClean(page);
        page.fill("#line1", "2 Slip Lane");
        page.fill("#city", "Marrow Bay");
        page.fill("#region", "ME");
        page.fill("#postalCode", "04999");
        page.fill("#formed", "2011-02-30");
        page.fill("#formedIn", "ME");
        page.fill("#activityCode", "rope");
        page.locator(".found-codes button").first().click();
        assertThat(page.locator("#activityCode")).hasValue("314994");
        page.fill("#activity", "Rope making");
        page.fill("#product", "Rope");
        page.selectOption("#method", "accrual");
        page.fill("#contactName", "Ida Quoin");
        page.fill("#contactTitle", "Treasurer");
        page.click("button:has-text('Save')");
        assertThat(page.locator(".problem")).hasText("Enter a date such as 2025-12-31 or 3/15/2010.");
        assertThat(page.locator("#line1")).hasValue("2 Slip Lane");
        page.fill("#formed", "2011-02-28");
        page.click("button:has-text('Save')");
        assertThat(page.locator("#said")).containsText("saved");
    }

    private static void books(Browser browser, Page page) {
        page.click("text=Trial balance");
        browser.isClean(page);
        page.setInputFiles("#file", csv(BOOKS.replace("61500.00", "61500.01")));
        page.click("button:has-text('Import')");
        assertThat(page.locator(".refusal")).containsText("differ by 0.01");
        page.click("text=Trial balance");
        page.setInputFiles("#file", csv(BOOKS));
        page.click("button:has-text('Import')");
        assertThat(page.locator("h2").first()).hasText("How books.csv is read");
        browser.isClean(page);
        page.click("button:has-text('Replace the books')");
        assertThat(page.locator("tfoot")).containsText("in balance");
        assertThat(page.locator("tfoot")).containsText("47,500.00");
        browser.isClean(page);
    }

    private static void map(Browser browser, Page page) {
        page.click(".ridge a[data-station='2']");
        assertThat(page.locator("#map-rows tr").first()).hasClass(Pattern.compile("suggested|unmapped"));
        assertThat(page.locator("#account-7060 .why")).containsText("suggested, named like \"Client meals\"");
        assertThat(page.locator("#account-7500 .why")).containsText("only by its number");
        browser.isClean(page);
        page.locator("#account-7500 input.line").fill("1120/16");
        page.locator("#account-7500 input.line").press("Enter");
        assertThat(page.locator("#map-bar")).containsText("Taxable income stays at");
        page.locator("#account-7500 input.line").fill("nowhere");
        page.locator("#account-7500 input.line").press("Enter");
        assertThat(page.locator("#said")).containsText("is no line that this account can feed");
        page.click("button:has-text('Confirm all')");
        assertThat(page.locator("#map-bar form[action$='/map/accept']")).hasCount(0);
        // the refusal is no news any more
        assertThat(page.locator("#said.trouble")).hasCount(0);
        assertThat(page.locator("#map-bar")).containsText(" · 0 to confirm");
        treat(page, "meals-hal");
        assertThat(page.locator("#said")).containsText("is no treatment. Type one such as meals-half");
        treat(page, "full");
        assertThat(page.locator("#map-bar")).containsText("Taxable income went from 49,500 to 48,000");
        treat(page, "meals-half");
        assertThat(page.locator("#map-bar")).containsText("to 49,500");
    }

    private static void treat(Page page, String treatment) {
        page.locator("#account-7060 input.treat").fill(treatment);
        page.locator("#account-7060 input.treat").press("Enter");
    }

    private static void figures(Browser browser, Page page) {
        page.click(".ridge a[data-station='6']");
        page.click(".sheets a:has-text('Deductions')");
        page.locator(".sheet-main [data-lineage='1120/26']").click();
        assertThat(page.locator("#drawer .tree")).containsText("7060");
        assertThat(page.locator("#drawer")).containsText("IRC 162");
        browser.isClean(page);
        page.fill("#drawer .type input[name='value']", "1400+200");
        page.click("#drawer .type button:has-text('Keep')");
        assertThat(page.locator("#said")).containsText("Give a reason");
        page.fill("#drawer .type input[name='reason']", "two bills came late");
        page.click("#drawer .type button:has-text('Keep')");
        assertThat(page.locator(".sheet-main [data-lineage='1120/26']")).containsText("1,600");
        assertThat(page.locator(".sheet-main [data-lineage='1120/26']")).containsText("⊘");
        assertThat(page.locator(".vitals")).containsText("49,400");
        page.click("#drawer .type button:has-text('Take away')");
        assertThat(page.locator(".vitals")).containsText("49,500");
        inPlace(browser, page);
        for (String sheet : List.of("K", "L", "J", "M-1")) {
            page.locator(".sheets a", new Page.LocatorOptions())
                    .getByText(sheet, new Locator.GetByTextOptions().setExact(true))
                    .click();
            browser.isClean(page);
        }
        for (String form : List.of("1125-E", "G-II", "W-M1")) {
            page.click(".add-form summary");
            page.click(".add-form a[href$='sheet=" + form + "']");
            browser.isClean(page);
        }
        page.click(".sheets a[href$='/lists']");
        page.fill("form[action$='/payments'] input[name='date']", "2025-04-15");
        page.fill("form[action$='/payments'] input[name='amount']", "9000");
        page.click("text=Add payment");
        assertThat(page.locator(".vitals")).containsText("1,395");
        browser.isClean(page);
    }

    private static void inPlace(Browser browser, Page page) {
        String base = page.url().replaceAll("/return.*", "");
        page.navigate(base + "/return?sheet=2220");
        Locator figure = page.locator(".sheet-main [data-lineage='2220/4']");
        Page other = browser.another(page);
        other.navigate(base + "/return?sheet=2220");
        figure.focus();
        figure.press("Enter");
        page.locator("input.in-place").fill("750*12");
        page.locator("input.in-place").press("Enter");
        assertThat(page.locator(".sheet-main [data-lineage='2220/4']")).containsText("9,000");
        other.locator(".sheet-main [data-lineage='2220/4']").focus();
        other.keyboard().press("Enter");
        other.locator("input.in-place").fill("8888");
        other.locator("input.in-place").press("Enter");
        assertThat(other.locator("#said")).containsText("now holds 9,000, by R. Tern");
        assertThat(other.locator("input.in-place")).hasValue("8888");
        other.close();
    }

    private static void clear(Browser browser, Page page) {
        page.keyboard().press("7");
        page.waitForURL("**/check");
        browser.isClean(page);
        page.keyboard().press("n");
        assertThat(page.locator(".finding.at")).isVisible();
        Locator query = page.locator("article[id='C-0109.1120/K/16']");
        query.locator("summary").click();
        query.locator("input[name='reason']").fill("known to the client");
        query.locator("details button").click();
        assertThat(page.locator(".severity.aside")).containsText("known to the client · R. Tern, 2026-03-09");
        page.locator("article[id='C-0615.bank/other'] button[value='yes']").click();
        assertThat(page.locator("article[id='C-0615.bank/other']")).hasCount(0);
        page.locator("article[id='C-0619.est/told'] button[value='yes']").click();
        assertThat(page.locator("article[id='C-0619.est/told']")).hasCount(0);
        answerNo(page);
        assertThat(page.locator(".severity.stop")).containsText("None.");
        assertThat(page.locator(".ties li.differs")).hasCount(0);
        browser.isClean(page);
    }

    /** Every open question answered No, but for the safe harbour, where a no calls for a form. */
    static void answerNo(Page page) {
        Locator answers = page.locator(".finding button[value='no']");
        while (answers.count() > 0) {
            Locator finding = answers.first().locator("xpath=ancestor::article");
            String key = finding.getAttribute("id");
            finding.locator("button[value='" + (key.endsWith("1120/K/29c") ? "yes" : "no") + "']")
                    .click();
            assertThat(page.locator("article[id='" + key + "'] button[value='no']"))
                    .hasCount(0);
            page.waitForLoadState();
        }
    }

    private static void seal(Page page) {
        page.click(".ridge a[data-station='8']");
        page.click("button:has-text('Seal the return')");
        page.click("button:has-text('Send')");
    }

    private static void rejectedOnce(Browser browser, Page page, Office.Running office) {
        seal(page);
        assertThat(page.locator(".dispatch.rejected")).isVisible(new IsVisibleOptions().setTimeout(20_000));
        assertThat(page.locator(".faults")).containsText("R-0101");
        assertThat(page.locator(".faults")).containsText("00-3141529 is not on file");
        browser.isClean(page);
        page.click("text=Mend it at Check");
        Locator finding = page.locator(".severity.stop article");
        assertThat(finding).containsText("The authority rejected the filing");
        finding.locator("a.go").click();
        page.waitForURL("**/client#number");
        page.fill("#number", "00-3141592");
        page.click("button:has-text('Save')");
        assertThat(page.locator("#said")).containsText("saved");
        long before = office.authority().accepted();
        office.authority().behave("losing");
        seal(page);
        // the lost answer is asked for again at once, and may have come before the page did
        assertThat(page.locator(".dispatch .trouble:has-text('its answer was lost'), .dispatch.accepted")
                        .first())
                .isVisible();
        browser.isClean(page);
        office.authority().behave("prompt");
        assertThat(page.locator(".dispatch.accepted")).isVisible(new IsVisibleOptions().setTimeout(20_000));
        assertThat(office.authority().accepted()).isEqualTo(before + 1);
    }

    private static void accepted(Browser browser, Page page) throws IOException {
        browser.isClean(page);
        String confirmation = page.locator(".dispatch.accepted strong").first().innerText();
        assertThat(confirmation).startsWith("SIM-");
        assertThat(page.locator("button:has-text('Seal the return')")).hasCount(0);
        Download download = page.waitForDownload(
                () -> page.locator(".dispatch.accepted a:has-text('PDF')").click());
        try (PDDocument pdf = Loader.loadPDF(Files.readAllBytes(download.path()))) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("confirmation " + confirmation)
                    .doesNotContain("Draft");
        }
        Download draft = page.waitForDownload(() ->
                page.locator("a:has-text('PDF of the return as it stands')").click());
        try (PDDocument pdf = Loader.loadPDF(Files.readAllBytes(draft.path()))) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Draft, not filed");
        }
        page.click(".engagement a:has-text('trail')");
        assertThat(page.locator(".trail")).containsText("Return sealed");
        browser.isClean(page);
    }
}
