package undersaw.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions.IsVisibleOptions;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.ResourceLock;

/** The whole path by documented keys alone: no click, no selector that a person could not reach by a key. */
@ResourceLock("authority")
@ExtendWith(Office.class)
class KeyboardJourneyTest {
    private static final Path FILES = Path.of("../demo/bilge-and-sons-plumbing-2025/client-files");
    private static final String NAME = "Wren & Daughter Heating, Inc.";

    @Test
    void fromSignInToNextYear(Office.Running office) throws IOException {
        office.authority().enrol("006021451", NAME);
        try (Browser browser = new Browser(office.address())) {
            Page page = browser.stranger();
            Keyboard keys = new Keyboard(page);
            begin(page, keys);
            books(page, keys);
            client(page, keys);
            map(page, keys);
            entry(page, keys);
            owners(page, keys);
            questions(page, keys);
            undone(page, keys);
            file(page, keys);
            nextYear(page, keys);
        }
    }

    private static void begin(Page page, Keyboard keys) {
        keys.type("tern").press("Tab").type("harbor-demo").enter("**/");
        keys.tabTo("a[href$='/engagements/new']").enter("**/engagements/new");
        keys.type(NAME).press("Tab").type("00-6021451").press("Tab").type("00-6021451");
        keys.tabTo("#year").press("Control+a").type("2025").enter("**/books");
        assertThat(page.locator("h1").first()).hasText(NAME);
    }

    /** The rows as a spreadsheet would give them. */
    private static String rows(String file) throws IOException {
        StringBuilder rows = new StringBuilder();
        for (String line : Files.readAllLines(FILES.resolve(file))) {
            boolean quoted = false;
            for (char each : line.toCharArray()) {
                quoted ^= each == '"';
                rows.append(each == '"' ? "" : each == ',' && !quoted ? "\t" : String.valueOf(each));
            }
            rows.append('\n');
        }
        return rows.toString();
    }

    private static void books(Page page, Keyboard keys) throws IOException {
        assertThat(keys.isOn("#rows")).isTrue();
        keys.paste(rows("tb dec 2025.csv")).press("Tab").enter("**/books/staged**");
        keys.tabTo("form[action$='/staged/commit'] button").enter("**/books");
        assertThat(page.locator("tfoot")).containsText("in balance");
        keys.jump("paste rows", "**/books#rows");
        assertThat(keys.isOn("#rows")).isTrue();
        keys.paste(rows("tb dec 2024.csv")).press("Tab").enter("**/books/staged**");
        keys.tabTo("form[action$='/staged/openings'] button").enter("**/books/openings");
        assertThat(page.locator("#openings-total")).containsText("–");
        // down the column: Enter keeps and goes to the next account
        keys.tabTo("[aria-label='Opening balance of 1010 Petty cash']")
                .press("Control+a")
                .type("299");
        keys.press("Enter");
        assertThat(page.locator("#openings-total")).containsText("(1.00)");
        assertThat(keys.isOn("[aria-label='Opening balance of 1100 A/R customers']"))
                .isTrue();
        keys.press("Escape", "u");
        assertThat(page.locator("#openings-total")).containsText("–");
    }

    private static void client(Page page, Keyboard keys) {
        keys.tabTo("a[href$='/books/client']").enter("**/books/client");
        Map<String, String> facts = new LinkedHashMap<>();
        facts.put("#line1", "3 Boiler Row");
        facts.put("#city", "Marrow Bay");
        facts.put("#region", "ME");
        facts.put("#postalCode", "04999");
        facts.put("#formed", "3/15/2010");
        facts.put("#formedIn", "ME");
        facts.put("#activityCode", "238220");
        facts.put("#activity", "Heating contractor");
        facts.put("#product", "Boilers");
        keys.fill(facts);
        keys.tabTo("#method").press("a");
        Map<String, String> contact = new LinkedHashMap<>();
        contact.put("#contactName", "Ada Wren");
        contact.put("#contactTitle", "President");
        keys.fill(contact);
        keys.press("Enter");
        assertThat(page.locator("#said")).containsText("saved");
    }

    private static void map(Page page, Keyboard keys) {
        keys.press("Escape").go("2", "**/map");
        keys.tabTo("form[action$='/map/accept'] button.act").press("Enter");
        assertThat(page.locator("#map-bar form[action$='/map/accept']")).hasCount(0);
        Locator waiting = page.locator("#map-rows tr.suggested");
        for (int row = 0; row < 60 && waiting.count() > 0; row++) {
            keys.press("j");
            Locator at = page.locator("#map-rows tr.at");
            if (at.getAttribute("class").contains("suggested")) {
                String number = at.getAttribute("data-number");
                keys.press("Enter");
                assertThat(page.locator("#account-" + number + ".confirmed")).isVisible();
                // the focus stays on the row whose answer came
                assertThat(keys.isOn("#account-" + number + " *")).isTrue();
            }
        }
        assertThat(page.locator("#map-bar")).containsText("0 to confirm");
    }

    private static void entry(Page page, Keyboard keys) {
        keys.go("3", "**/adjust");
        assertThat(keys.isOn("[name=memo]")).isTrue();
        keys.type("Power bill of December").tabTo("[aria-label='Account of row 1']");
        keys.type("6410").press("Tab").type("120").press("Tab", "Tab");
        keys.type("2000").press("Tab", "Tab").type("120").tabTo(".entry-form button.act");
        keys.press("Enter");
        assertThat(page.locator("#entry-1")).containsText("Power bill of December");
    }

    private static void owners(Page page, Keyboard keys) {
        keys.press("Escape").go("5", "**/owners");
        keys.tabTo(".add-row input:not([type=hidden])");
        keys.type("Ada Wren").tabTo(".add-row button").press("Enter");
        assertThat(page.locator("tr[id^='row-']")).hasCount(1);
        keys.jump("1125-E", "**sheet=1125-E**");
        keys.tabTo(".add-row input:not([type=hidden])")
                .type("Ada Wren")
                .press("Tab", "Tab")
                .type("100");
        keys.press("Tab").type("100").press("Tab", "Tab").type("62000");
        keys.tabTo(".add-row button").press("Enter");
        assertThat(page.locator("tr[id^='row-']")).hasCount(1);
    }

    private static void questions(Page page, Keyboard keys) {
        keys.press("Escape").jump("K/3", "**line=1120/K/3**");
        // j leads from question to question, and y and n answer
        keys.press("n");
        assertThat(chosen(page, "K/3", "no")).isVisible();
        keys.press("j");
        for (int i = 0; i < 3 && !keys.isOn("[data-swap='figure-1120/K/4a'] *"); i++) {
            keys.press("j");
        }
        keys.press("n");
        assertThat(chosen(page, "K/4a", "no")).isVisible();
        assertThat(keys.isOn("[data-swap='figure-1120/K/4a'] *")).isTrue();
        keys.jump("Schedule K: questions", "**sheet=K**");
        keys.tabTo("a[href*='rest-no']").enter("**/rest-no**");
        keys.tabTo("main form button.act").enter("**/return*sheet=K");
        for (String answer : List.of("K/4b n", "K/7 n", "K/15a n", "K/19 n", "K/27 n", "K/29c y")) {
            String[] parts = answer.split(" ", -1);
            keys.press("Escape").jump(parts[0], "**line=1120/" + parts[0] + "**");
            keys.press(parts[1]);
            assertThat(chosen(page, parts[0], parts[1].equals("y") ? "yes" : "no"))
                    .isVisible();
        }
    }

    private static Locator chosen(Page page, String question, String answer) {
        return page.locator("form[data-swap='figure-1120/" + question + "'] button[value='" + answer + "'].chosen");
    }

    private static void undone(Page page, Keyboard keys) {
        keys.press("u");
        assertThat(page.locator("#said")).containsText("Taken back: Typed figures");
        assertThat(chosen(page, "K/29c", "yes")).hasCount(0);
        keys.press("Shift+U");
        assertThat(page.locator("#said")).containsText("Made again: Typed figures");
        assertThat(chosen(page, "K/29c", "yes")).isVisible();
    }

    private static void file(Page page, Keyboard keys) {
        keys.go("7", "**/check");
        assertThat(page.locator(".severity.stop")).containsText("None.");
        keys.press("n");
        assertThat(page.locator(".finding.at")).isVisible();
        keys.go("8", "**/file");
        keys.tabTo("form[action$='/file/seal'] button").press("Enter");
        assertThat(page.locator(".dispatch.sealed")).isVisible();
        keys.tabTo("form[action$='/file/send'] button").press("Enter");
        assertThat(page.locator(".dispatch.accepted")).isVisible(new IsVisibleOptions().setTimeout(20_000));
    }

    private static void nextYear(Page page, Keyboard keys) {
        keys.go("1", "**/books");
        keys.tabTo("a[href$='/carried']").enter("**/carried");
        keys.tabTo("form[action$='/roll-forward'] button").press("Enter");
        assertThat(page.locator("#said")).containsText("The next year is begun");
    }
}
