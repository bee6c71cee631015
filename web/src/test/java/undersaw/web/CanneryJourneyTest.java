package undersaw.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.util.HashMap;
import java.util.Map;
import org.apache.poi.ss.usermodel.CellType;
import org.apache.poi.ss.usermodel.Row;
import org.apache.poi.ss.usermodel.Sheet;
import org.apache.poi.ss.usermodel.Workbook;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceLock;

/**
 * The cannery's return with dividends, a loss carried in, gifts above their limit, instalments and a refund, from the
 * desk to the accepted filing, and its workbook recomputed by another program.
 */
@ResourceLock("authority")
@ExtendWith(Office.class)
class CanneryJourneyTest {
    private static final String CANNERY = "/e/2";
    private static final IsVisibleOptions SOON = new IsVisibleOptions().setTimeout(20_000);

    @Test
    void theCanneryIsFiled(Office.Running office) throws IOException {
        try (Browser browser = new Browser(office.address())) {
            Page page = browser.signIn("tern");
            String base = office.address() + CANNERY;
            figures(browser, page, base);
            workbook(page, base);
            clear(page, base);
            file(page, base);
        }
    }

    /** Every limit of the story shows on its worksheet, with words that say what it means. */
    private static void figures(Browser browser, Page page, String base) {
        page.navigate(base + "/return?sheet=C-payers");
        assertThat(page.locator("tr[id^='row-']")).hasCount(2);
        browser.isClean(page);
        page.navigate(base + "/return?sheet=W-CHAR-B&line=1120/19");
        assertThat(page.locator("#drawer .meaning")).containsText("Gifts to charity within a tenth of income");
        assertThat(page.locator("#drawer")).containsText("IRC 170(b)(2)");
        page.navigate(base + "/return?sheet=W-NOL");
        assertThat(page.locator(".origins tbody tr").first()).containsText("2023");
        page.navigate(base + "/return?line=1120/36");
        assertThat(page.locator("#drawer .big")).not().containsText("–");
    }

    private static void workbook(Page page, String base) throws IOException {
        page.navigate(base + "/return?line=1120/30");
        String onPage = page.locator("#drawer .big span").nth(1).innerText().replace(",", "");
        Download download = page.waitForDownload(
                () -> page.locator("a[href$='/return.xlsx']").first().click());
        Map<String, Double> cells = new HashMap<>();
        try (Workbook book = new XSSFWorkbook(new ByteArrayInputStream(Files.readAllBytes(download.path())))) {
            book.getCreationHelper().createFormulaEvaluator().evaluateAll();
            for (Sheet sheet : book) {
                for (Row row : sheet) {
                    boolean found = row.getCell(2) != null
                            && row.getCell(2).getCellType() == CellType.FORMULA
                            && row.getCell(2).getCachedFormulaResultType() == CellType.NUMERIC;
                    if (found) {
                        cells.put(row.getCell(0).toString(), row.getCell(2).getNumericCellValue());
                    }
                }
            }
        }
        assertThat(cells).hasSizeGreaterThan(300).containsEntry("1120/30", Double.valueOf(onPage));
    }

    private static void clear(Page page, String base) {
        page.navigate(base + "/check");
        page.locator("article[id='C-0619.est/told'] button[value='yes']").click();
        assertThat(page.locator("article[id='C-0619.est/told']")).hasCount(0);
        FilingJourneyTest.answerNo(page);
        assertThat(page.locator(".severity.stop")).containsText("None.");
        assertThat(page.locator(".ties li.differs")).hasCount(0);
    }

    private static void seal(Page page, String base) {
        page.navigate(base + "/file");
        page.click("button:has-text('Seal the return')");
        page.click("button:has-text('Send')");
    }

    private static void file(Page page, String base) {
        seal(page, base);
        assertThat(page.locator(".dispatch.rejected")).isVisible(SOON);
        assertThat(page.locator(".faults")).containsText("R-0101");
        page.click("text=Mend it at Check");
        page.locator(".severity.stop article a.go").click();
        page.waitForURL("**/client#number");
        page.fill("#number", "00-4417236");
        page.click("button:has-text('Save')");
        seal(page, base);
        assertThat(page.locator(".dispatch.accepted")).isVisible(SOON);
        assertThat(page.locator(".dispatch.accepted strong").first()).containsText("SIM-");
    }
}
