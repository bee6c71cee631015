package undersaw.files.sheet;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Locale;
import java.util.Optional;

/** The headings of a statement that are open while its rows are read: a total closes the one it names. */
final class Sections {
    private record Open(String words, AccountNature nature) {}

    private final Deque<Open> open = new ArrayDeque<>();

    void heading(String words) {
        AccountNature.ofSection(words).ifPresent(nature -> open.push(new Open(plain(words), nature)));
    }

    void total(String words) {
        String named = plain(words).replaceAll("^(sub ?)?totals? (of )?|^net | (sub ?)?totals?$", "");
        if (open.stream().anyMatch(each -> each.words().equals(named))) {
            while (!open.pop().words().equals(named)) {
                // what stands within the section that ends here ends with it
            }
        } else {
            AccountNature.ofSection(named).ifPresent(nature -> open.removeIf(each -> each.nature() == nature));
        }
    }

    private static String plain(String words) {
        return words.toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", " ").strip();
    }

    /** The innermost one. */
    Optional<AccountNature> now() {
        return Optional.ofNullable(open.peek()).map(Open::nature);
    }
}
