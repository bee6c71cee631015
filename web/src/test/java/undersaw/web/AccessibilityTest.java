package undersaw.web;

import com.microsoft.playwright.Page;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The accessibility rules on the pages that the filing journey does not pass. */
@ExtendWith(Office.class)
class AccessibilityTest {
    @Test
    void everyOtherPageIsCleanToo(Office.Running office) {
        try (Browser browser = new Browser(office.address())) {
            Page page = browser.signIn("orrin");
            for (String path : List.of(
                    "/firm",
                    "/e/1/file",
                    "/e/2/books",
                    "/e/2/books/openings",
                    "/e/2/books/notes",
                    "/e/2/books/account?number=6310",
                    "/e/2/map",
                    "/e/2/carried",
                    "/e/2/adjust",
                    "/e/2/adjust/trial-balance",
                    "/e/2/adjust/bridge",
                    "/e/2/adjust/balance",
                    "/e/2/adjust/statements",
                    "/e/2/adjust/variances",
                    "/e/2/pinned?place=1120/17",
                    "/e/2/trail",
                    "/e/2/assets?wide=true",
                    "/e/2/owners",
                    "/e/2/return?sheet=8949",
                    "/e/2/return/lists")) {
                page.navigate(office.address() + path);
                browser.isClean(page);
            }
            for (String sheet :
                    List.of("hdr", "1", "3", "C", "J-III", "M-2", "1125-A", "D", "4562", "bank", "W-CHAR", "W-NOL")) {
                page.navigate(office.address() + "/e/2/return?sheet=" + sheet);
                browser.isClean(page);
            }
            page.click("text=Sign out");
            page.waitForURL("**/sign-in?out");
            browser.isClean(page);
        }
    }
}
