package undersaw.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A client's odd ledger, brought in by hand, split, adjusted, rolled forward and confirmed, in the real pages. */
@ExtendWith(Office.class)
class BooksJourneyTest {
    private static final String LEDGER = """
            Kittiwake Chandlery, Inc.;;;;;
            Ledger 2024;;;;;
            when;what;ledger acct;who;plus;minus
            01.01.2024;opening;1010 Cash in bank;;1.000,00;
            31.12.2023;opening;1010 Cash in bank;;500,00;
            31.12.2023;opening;3010 Common stock;;;500,00
            01.01.2024;opening;4010 Sales;;;1.000,00
            15.06.2024;rent;6310 Rent of quay and shop;x;400,00;
            15.06.2024;rent;1010 Cash in bank;x;;400,00
            """;

    @Test
    void aLedgerIsReadByHandSplitAdjustedAndRolledForward(Office.Running office) {
        try (Browser browser = new Browser(office.address())) {
            Page page = browser.signIn("tern");
            begin(page);
            importByHand(browser, page);
            split(page);
            entry(page);
            notes(page);
            rollForward(browser, page);
        }
    }

    private static void begin(Page page) {
        page.click("text=New engagement");
        page.fill("#name", "Kittiwake Chandlery, Inc.");
        page.fill("#number", "00-5550110");
        page.fill("#numberAgain", "00-5550110");
        page.fill("#year", "2024");
        page.click("button:has-text('Begin')");
        assertThat(page.locator("h1").first()).hasText("Kittiwake Chandlery, Inc.");
        page.click(".ridge a[data-station='1']");
    }

    private static void importByHand(Browser browser, Page page) {
        page.setInputFiles("#file", new FilePayload("ledger.csv", "text/csv", LEDGER.getBytes(StandardCharsets.UTF_8)));
        page.click("button:has-text('Import')");
        // headings that nobody could know: what stands in the columns was guessed, as balances
        assertThat(page.locator("h2").first()).hasText("How ledger.csv is read");
        assertThat(page.locator("input[name=header]")).hasValue("0");
        page.locator("select[name=column]").nth(0).selectOption("DATE");
        page.locator("select[name=column]").nth(2).selectOption("NUMBER_AND_NAME");
        page.locator("select[name=column]").nth(3).selectOption("IGNORED");
        page.locator("select[name=column]").nth(4).selectOption("DEBIT");
        page.locator("select[name=column]").nth(5).selectOption("CREDIT");
        page.locator("input[name=header]").fill("3");
        page.locator("input[name=header]").press("Tab");
        page.selectOption("select[name=decimal]", "comma");
        page.selectOption("select[name=shape]", "TRANSACTIONS");
        assertThat(page.locator("main")).containsText("the sums of 6 transactions");
        browser.isClean(page);
        page.click("button:has-text('Replace the books')");
        assertThat(page.locator("tfoot").first()).containsText("in balance");
        assertThat(page.locator("tfoot").first()).containsText("600.00");
        page.click("tbody a:has-text('1010')");
        assertThat(page.locator("main")).containsText("2024-06-15");
        assertThat(page.locator("dl.strip")).containsText("1,100.00");
    }

    private static void split(Page page) {
        page.click(".ridge a[data-station='2']");
        page.locator("#account-6310 input.line").fill("1120/16");
        page.locator("#account-6310 input.line").press("Enter");
        assertThat(page.locator("#account-6310")).hasClass(Pattern.compile("confirmed"));
        page.locator("#account-6310 a.num").click();
        page.locator("[aria-label='Line of a new part']").fill("1120/26");
        page.locator("[aria-label='New part']").fill("25%");
        page.click("button:has-text('Keep the parts')");
        assertThat(page.locator("tr.rest")).containsText("300.00");
        page.locator("[aria-label='Line of a new part']").fill("1120/22");
        page.locator("[aria-label='New part']").fill("many");
        page.click("button:has-text('Keep the parts')");
        assertThat(page.locator("main")).containsText("expected a part such as 40% or an amount");
        page.goBack();
        page.click(".ridge a[data-station='2']");
        page.click("button:has-text('Confirm all')");
        assertThat(page.locator("#map-bar")).containsText("0 to confirm");
    }

    private static void entry(Page page) {
        page.click(".ridge a[data-station='3']");
        page.fill("input[name=memo]", "Rent of December");
        page.fill("[aria-label='Account of row 1']", "6310");
        page.fill("[aria-label='Debit of row 1']", "20*2");
        page.fill("[aria-label='Account of row 2']", "1010");
        page.fill("[aria-label='Credit of row 2']", "30");
        assertThat(page.locator("#entry-effect")).containsText("debits are 10.00 more");
        page.click("button:has-text('Keep the entry')");
        assertThat(page.locator("#said")).containsText("Nothing was kept");
        page.fill("[aria-label='Credit of row 2']", "40");
        assertThat(page.locator("#entry-effect")).containsText("→ 560");
        page.selectOption("select[name=repeats]", "recurring");
        page.click("button:has-text('Keep the entry')");
        assertThat(page.locator("#entry-1")).containsText("Rent of December");
        page.click("text=Adjusted trial balance");
        assertThat(page.locator("tfoot")).containsText("560.00");
        Download csv = page.waitForDownload(() -> page.click("main a:has-text('CSV')"));
        Assertions.assertThat(csv.suggestedFilename())
                .isEqualTo("kittiwake-chandlery-inc-2024-adjusted-trial-balance.csv");
        page.click("text=Statements");
        Download pdf = page.waitForDownload(() -> page.click("main a:has-text('PDF')"));
        Assertions.assertThat(pdf.suggestedFilename()).endsWith("statements.pdf");
        page.click("button:has-text('Mark final')");
        assertThat(page.locator("main")).containsText("Final, marked by R. Tern");
    }

    private static void notes(Page page) {
        page.click(".ridge a[data-station='1']");
        page.click("tbody a:has-text('6310')");
        String account = page.url();
        page.fill("input[name=words]", "Ask for the lease");
        page.click("button:has-text('Pin')");
        assertThat(page.locator(".notes-list")).containsText("Ask for the lease");
        page.click(".notes-list button:has-text('Settle')");
        assertThat(page.locator(".notes-list")).containsText("settled by R. Tern");
        page.setInputFiles(
                ".pin input[type=file]",
                new FilePayload("lease.txt", "text/plain", "Lease".getBytes(StandardCharsets.UTF_8)));
        page.click("button:has-text('Attach')");
        assertThat(page.locator(".notes-list")).containsText("lease.txt");
        page.setInputFiles(
                ".pin input[type=file]",
                new FilePayload("lease.pdf", "application/pdf", "MZ not a document".getBytes(StandardCharsets.UTF_8)));
        page.click("button:has-text('Attach')");
        assertThat(page.locator("main")).containsText("is not of a kind that is kept here");
        page.navigate(account.replaceAll("(/e/\\d+).*", "$1/carried"));
    }

    private static void rollForward(Browser browser, Page page) {
        page.click("button:has-text('Roll forward')");
        assertThat(page.locator("main")).containsText("Map: 4 of 4 to confirm");
        page.locator("button[aria-label^='Confirm 1010 Cash in bank opens with 1,060.00']")
                .click();
        assertThat(page.locator("main")).containsText("Books: 3 of 4 to confirm");
        page.click("button:has-text('Confirm all at Map')");
        assertThat(page.locator("h1").first()).hasText("Kittiwake Chandlery, Inc.");
        page.click(".ridge a:has-text('Check')");
        assertThat(page.locator("main")).containsText("3 figures at Books came from last year");
        assertThat(page.locator("main")).not().containsText("at Map came from last year");
        page.click(".ridge a:has-text('Adjust')");
        assertThat(page.locator("#entry-1")).containsText("2025-12-31");
        // the old year is corrected; the new one asks
        page.navigate(page.url().replaceAll("/e/.*", "/"));
        page.locator("tr:has-text('Kittiwake') >> a:has-text('Kittiwake')")
                .first()
                .click();
        String home = page.url().replaceAll("(/e/\\d+).*", "$1");
        page.navigate(home + "/carried");
        if (page.locator("text=It is begun").count() == 0) {
            page.navigate(page.url().replaceAll("/e/.*", "/"));
            page.locator("tr:has-text('Kittiwake') >> a:has-text('Kittiwake')")
                    .last()
                    .click();
            home = page.url().replaceAll("(/e/\\d+).*", "$1");
        }
        page.navigate(home + "/adjust");
        page.click("[aria-label='Remove entry 1']");
        page.navigate(home + "/carried");
        page.click("text=It is begun");
        assertThat(page.locator("main")).containsText("Last year was changed");
        browser.isClean(page);
        page.click("[aria-label='Take over opening/1010']");
        assertThat(page.locator("main")).containsText("1010 Cash in bank opens with 1,100.00");
    }
}
