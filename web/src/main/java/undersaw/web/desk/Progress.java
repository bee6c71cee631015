package undersaw.web.desk;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import undersaw.check.Review;
import undersaw.check.Severity;
import undersaw.filing.DispatchState;
import undersaw.store.Filings;
import undersaw.store.Filings.Kept;

/**
 * How far an engagement has come, and what it waits for.
 *
 * @param caption the state in a word or two
 * @param waitsFor what has to happen next
 * @param state where its latest filing stands; empty where nothing is sealed
 * @param moved how many figures stand otherwise now than they were sealed
 */
public record Progress(String caption, String waitsFor, Optional<DispatchState> state, int moved) {
    /** Whether the authority has accepted the return. */
    public boolean isAccepted() {
        return state.filter(each -> each == DispatchState.ACCEPTED).isPresent();
    }

    /** Whether nothing is left to do: accepted, and every figure as it was filed. */
    public boolean isDone() {
        return isAccepted() && moved == 0;
    }

    /** What stands otherwise than it was filed or sealed, in words; empty where nothing does. */
    public String drift() {
        if (moved == 0) {
            return "";
        }
        String figures = moved == 1 ? "1 figure differs" : moved + " figures differ";
        return figures
                + (state.filter(each -> each == DispatchState.SEALED).isPresent()
                        ? " from what was sealed"
                        : " from what was filed");
    }

    /** Tells the progress of engagements. */
    @Component
    public static class Teller {
        private final Filings filings;
        private final SealedReturns sealed;

        Teller(Filings filings, SealedReturns sealed) {
            this.filings = filings;
            this.sealed = sealed;
        }

        /** The progress of an engagement. */
        public Progress of(OpenEngagement open) {
            Optional<Kept> latest = filings.of(open.id()).stream().findFirst();
            Optional<DispatchState> state = latest.map(Kept::dispatchState);
            if (state.isEmpty() || state.get() == DispatchState.WITHDRAWN) {
                return new Progress(open.snapshot().accounts().isEmpty() ? "New" : "In work", work(open), state, 0);
            }
            boolean stands = state.get() != DispatchState.REJECTED;
            int moved = stands ? sealed.moved(latest.get(), open).size() : 0;
            return new Progress(state.get().caption(), next(state.get(), moved, open), state, moved);
        }

        private static String next(DispatchState state, int moved, OpenEngagement open) {
            return switch (state) {
                case SEALED -> moved == 0 ? "sending" : "sealing anew";
                case SENDING, RECEIVED -> "the authority's answer";
                case ACCEPTED -> moved == 0 ? "nothing" : "amending, or undoing";
                default -> "mending: " + work(open);
            };
        }

        private static String work(OpenEngagement open) {
            if (open.snapshot().accounts().isEmpty()) {
                return "its trial balance";
            }
            Review review = open.review();
            List<String> parts = List.of(
                    count(review.open(Severity.STOP).size(), "stop"),
                    count(review.open(Severity.QUERY).size(), "query"));
            String words = String.join(
                    ", ", parts.stream().filter(part -> !part.isEmpty()).toList());
            return words.isEmpty() ? "sealing" : words;
        }

        private static String count(int count, String word) {
            if (count == 0) {
                return "";
            }
            String plural = word.equals("query") ? "queries" : word + "s";
            return count + " " + (count == 1 ? word : plural);
        }
    }
}
