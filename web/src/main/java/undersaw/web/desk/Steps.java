package undersaw.web.desk;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.function.Supplier;
import undersaw.engagement.Change;

/** The ways back from the last changes of one engagement, and the ways forward again from those taken back. */
final class Steps {
    private static final int REMEMBERED = 50;

    private final Deque<Step> made = new ArrayDeque<>();
    private final Deque<Step> takenBack = new ArrayDeque<>();
    private boolean walking;

    /**
     * The way back from one change.
     *
     * @param revision the revision after the change
     * @param inverse what takes it back
     * @param person whose it was
     * @param what what it did, in words
     */
    record Step(long revision, Change inverse, String person, String what) {}

    /** A change was made; what was taken back before a new one cannot come again. */
    void made(Step step) {
        made.push(step);
        if (!walking) {
            takenBack.clear();
        }
        if (made.size() > REMEMBERED) {
            made.removeLast();
        }
    }

    /** A change that only walks back or forward along what was made before. */
    <T> T walk(Supplier<T> change) {
        walking = true;
        try {
            return change.get();
        } finally {
            walking = false;
        }
    }

    /** The last change, as long as nothing but taking back came after it. */
    Optional<Step> last(long revision) {
        return Optional.ofNullable(made.peek()).filter(step -> step.revision() <= revision);
    }

    Optional<Step> lastTakenBack() {
        return Optional.ofNullable(takenBack.peek());
    }

    /** The last change made was the way back from this one: its own way back is the way forward now. */
    void takenBack(Step step) {
        Step forward = made.pop();
        made.pop();
        takenBack.push(new Step(forward.revision(), forward.inverse(), step.person(), step.what()));
    }

    /** The last change made was this way forward: it can be taken back under its own words. */
    void madeAgain(Step step) {
        takenBack.pop();
        Step again = made.pop();
        made.push(new Step(again.revision(), again.inverse(), again.person(), step.what()));
    }
}
