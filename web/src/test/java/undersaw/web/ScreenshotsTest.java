package undersaw.web;

import com.microsoft.playwright.Page;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.extension.ExtendWith;

/** One current picture of each main view, from demo data: {@code ./undersaw shots}. */
@ExtendWith(Office.class)
@EnabledIfSystemProperty(named = "undersaw.shots", matches = ".+")
class ScreenshotsTest {
    private static final Path TARGET = Path.of("..", System.getProperty("undersaw.shots", ""));

    @Test
    void everyMainView(Office.Running office) {
        try (Browser browser = new Browser(office.address())) {
            Page page = browser.signIn("tern");
            shot(page, "docket");
            String base = office.address() + "/e/2";
            books(page, base);
            page.navigate(base + "/adjust");
            page.fill("[aria-label='Account of row 1']", "6310");
            page.fill("[aria-label='Debit of row 1']", "1200");
            page.fill("[aria-label='Account of row 2']", "2210");
            page.fill("[aria-label='Credit of row 2']", "1200");
            page.waitForTimeout(1000);
            shot(page, "adjust");
            open(page, base + "/adjust/bridge", "bridge");
            open(page, base + "/adjust/statements", "statements");
            open(page, base + "/why", "why");
            page.navigate(office.address() + "/e/4/books");
            page.setInputFiles(
                    "#file", Path.of("../demo/otter-point-marine-supply-2025/client-files/out-of-balance.csv"));
            page.click("button:has-text('Import')");
            page.waitForTimeout(500);
            shot(page, "import");
            page.navigate(base + "/carried");
            page.click("button:has-text('Roll forward')");
            page.waitForTimeout(500);
            shot(page, "from-last-year");
            page.navigate(base + "/return?sheet=2");
            page.locator(".sheet-main [data-lineage='1120/26']").click();
            page.waitForSelector(".lineage");
            shot(page, "return-lineage");
            open(page, base + "/return?sheet=L", "return-balance-sheet");
            open(page, base + "/assets/tax", "assets");
            passThroughs(page, office.address());
            nonprofit(page, office.address() + "/e/5/return");
            open(page, base + "/check", "check");
            open(page, base + "/file", "file");
            page.navigate(office.authority().address());
            shot(page, "authority");
        }
    }

    private static void books(Page page, String base) {
        open(page, base + "/books", "books");
        open(page, base + "/map", "map");
    }

    private static void passThroughs(Page page, String office) {
        owners(page, office + "/e/11");
        study(page, office + "/e/12/study");
    }

    private static void owners(Page page, String boatworks) {
        open(page, boatworks + "/owners", "owners");
        open(page, boatworks + "/return?line=1120-S/K-1/1@tove", "owners-k1");
    }

    private static void study(Page page, String address) {
        page.navigate(address);
        page.fill("input[name=r]", "24");
        page.fill("input[name=rd]", "15");
        page.click("button:has-text('Compare')");
        page.waitForSelector(".taxes-by-kind");
        shot(page, "study");
    }

    private static void nonprofit(Page page, String address) {
        open(page, address + "?sheet=A-III", "nonprofit-support");
    }

    private static void open(Page page, String address, String name) {
        page.navigate(address);
        page.waitForTimeout(500);
        shot(page, name);
    }

    private static void shot(Page page, String name) {
        page.screenshot(new Page.ScreenshotOptions().setPath(TARGET.resolve(name + ".png")));
    }
}
