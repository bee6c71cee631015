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
            open(page, base + "/books", "books");
            open(page, base + "/books/client", "client");
            open(page, base + "/map", "map");
            page.navigate(base + "/return?sheet=2");
            page.locator(".sheet-main [data-lineage='1120/26']").click();
            page.waitForSelector(".lineage");
            shot(page, "return-lineage");
            open(page, base + "/return?sheet=L", "return-balance-sheet");
            open(page, base + "/check", "check");
            open(page, base + "/file", "file");
            page.navigate(office.authority().address());
            shot(page, "authority");
        }
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
