package undersaw.web.desk;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/**
 * A change that cannot be made out of the engagement as it stands now.
 *
 * <p>Thrown within {@link Workspace#change}, where the engagement cannot move between the look and the change; the page
 * gets the words and nothing is kept.
 */
public final class Refused extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final HttpStatus status;

    public Refused(HttpStatus status, String words) {
        super(words, null, false, false);
        this.status = status;
    }

    public HttpStatus status() {
        return status;
    }

    public String words() {
        return String.valueOf(getMessage());
    }

    /** What a page shows of a value, short enough for a hidden field: the same for the same value, on any day. */
    public static String seen(Object value) {
        try {
            byte[] digest =
                    MessageDigest.getInstance("SHA-256").digest(value.toString().getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest, 0, 8);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    /**
     * Refuses to write over what somebody else has put there since the page was loaded.
     *
     * @param seen what the page showed, as {@link #seen} writes it; null where a request does not say
     * @param now what stands there now
     * @param words what stands there now, and what was not saved, for the person
     */
    public static void unlessSeen(@Nullable String seen, Object now, String words) {
        if (seen != null && !seen.isEmpty() && !seen.equals(seen(now))) {
            throw new Refused(HttpStatus.CONFLICT, words);
        }
    }
}
