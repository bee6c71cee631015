package undersaw.authority;

import java.time.Duration;
import java.util.concurrent.atomic.AtomicReference;

/** How the stand-in behaves, as it was told: prompt, slow, down, losing its answers, or rejecting the next filing. */
final class Mood {
    /** What the stand-in can be told to be. */
    enum Kind {
        PROMPT("answers after a second"),
        SLOW("answers after half a minute"),
        DOWN("refuses every call"),
        LOSING("takes a filing in and loses its answer"),
        REJECTING("rejects the next filing, then is prompt again");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    private static final Duration PROMPT_AFTER = Duration.ofSeconds(1);
    private static final Duration SLOW_AFTER = Duration.ofSeconds(30);

    private final AtomicReference<Kind> kind = new AtomicReference<>(Kind.PROMPT);

    Kind kind() {
        return kind.get();
    }

    void set(Kind newKind) {
        kind.set(newKind);
    }

    Duration answersAfter() {
        return kind.get() == Kind.SLOW ? SLOW_AFTER : PROMPT_AFTER;
    }

    /** Whether to reject what comes now; asked once a filing. */
    boolean rejectsNow() {
        return kind.compareAndSet(Kind.REJECTING, Kind.PROMPT);
    }
}
