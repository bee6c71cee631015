package undersaw.web;

import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.LoadState;
import java.util.Map;

/** Somebody who has a keyboard and nothing else. */
final class Keyboard {
    private static final int MOST_TABS = 60;

    private final Page page;

    Keyboard(Page page) {
        this.page = page;
    }

    /** Presses keys, one after the other. */
    Keyboard press(String... keys) {
        for (String key : keys) {
            page.keyboard().press(key);
        }
        return this;
    }

    Keyboard type(String text) {
        page.keyboard().type(text);
        return this;
    }

    /** What a clipboard holds goes into the field that has the focus. */
    Keyboard paste(String text) {
        page.keyboard().insertText(text);
        return this;
    }

    /** Presses Tab until the focus is on what a selector names. */
    Keyboard tabTo(String selector) {
        for (int i = 0; i < MOST_TABS; i++) {
            if (isOn(selector)) {
                return this;
            }
            page.keyboard().press("Tab");
        }
        throw new AssertionError(MOST_TABS + " Tabs do not reach " + selector + " on " + page.url());
    }

    /** Whether what a selector names has the focus. */
    boolean isOn(String selector) {
        return Boolean.TRUE.equals(page.evaluate("selector => document.activeElement.matches(selector)", selector));
    }

    /** Presses Enter and waits for the page that it leads to. */
    Keyboard enter(String address) {
        page.keyboard().press("Enter");
        page.waitForURL(address);
        page.waitForLoadState(LoadState.LOAD);
        return this;
    }

    /** A key that leads to another page. */
    Keyboard go(String key, String address) {
        page.keyboard().press(key);
        page.waitForURL(address);
        page.waitForLoadState(LoadState.LOAD);
        return this;
    }

    /** Jumps to what words name: the first hit is taken. */
    Keyboard jump(String words, String address) {
        page.keyboard().press("/");
        page.keyboard().type(words);
        return enter(address);
    }

    /** Fields by the selector of each, reached by Tab in the order of the page. */
    Keyboard fill(Map<String, String> fields) {
        fields.forEach((selector, text) -> {
            tabTo(selector);
            page.keyboard().press("Control+a");
            page.keyboard().type(text);
        });
        return this;
    }
}
