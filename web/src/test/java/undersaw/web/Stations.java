package undersaw.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Page;
import java.nio.file.Path;

/** What a person does at the stations of an engagement in more than one journey. */
final class Stations {
    private Stations() {}

    /** Opens a client's year from the docket; gives its address. */
    static String open(Page page, String client, String start) {
        page.click("tr:has-text('%s'):has-text('%s') a".formatted(client, start));
        return page.url().replaceAll("/books.*", "");
    }

    /** Takes a client's file in the place of the books that stand. */
    static void bring(Page page, Path books) {
        page.click(".ridge a[data-station='1']");
        page.setInputFiles("#file", books);
        page.click("button:has-text('Import')");
        page.click("button:has-text('Replace the books')");
        assertThat(page.locator("tfoot").first()).containsText("in balance");
    }

    /** Types what stands on a line, in its lineage. */
    static void type(Page page, String engagement, String key, String value) {
        page.navigate(engagement + "/return?line=" + key);
        page.locator(".lineage form.type input[name=value]").fill(value);
        page.locator(".lineage form.type button:has-text('Keep')").click();
        assertThat(page.locator(".lineage .big")).containsText(value);
    }
}
