package undersaw.web.person;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;

/**
 * What a password must be: long, not made of the same few characters, not the sign-in name, and none that everybody
 * tries first (length and the list of common ones after NIST SP 800-63B, section 3.1.1.2; from memory).
 */
public final class PasswordRule {
    private static final int SHORTEST = 10;
    /** More bytes than these are not looked at by the way in which passwords are kept. */
    private static final int LONGEST = 72;

    private static final int FEWEST_CHARACTERS = 5;
    private static final List<String> TRIED_FIRST = List.of(
            "password",
            "passwort",
            "qwerty",
            "asdfgh",
            "letmein",
            "welcome",
            "iloveyou",
            "admin",
            "1234567",
            "abcdef",
            "changeme",
            "undersaw");

    private PasswordRule() {}

    /** Why it cannot be the password; empty where it can. */
    public static String problem(String login, String password) {
        if (password.length() < SHORTEST || password.getBytes(StandardCharsets.UTF_8).length > LONGEST) {
            return "A password has at least 10 characters, and at most 72.";
        }
        String small = password.toLowerCase(Locale.ROOT);
        if (small.chars().distinct().count() < FEWEST_CHARACTERS || small.contains(login)) {
            return "A password has at least 5 different characters, and does not hold the sign-in name.";
        }
        return TRIED_FIRST.stream().anyMatch(small::contains)
                ? "This password holds a word that is tried first. Take several words that do not belong together."
                : "";
    }
}
