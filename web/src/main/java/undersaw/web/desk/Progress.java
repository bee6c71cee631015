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
 */
public record Progress(String caption, String waitsFor, Optional<DispatchState> state) {
    /** Whether the authority has accepted the return. */
    public boolean isAccepted() {
        return state.filter(each -> each == DispatchState.ACCEPTED).isPresent();
    }

    /** Tells the progress of engagements. */
    @Component
    public static class Teller {
        private final Filings filings;

        Teller(Filings filings) {
            this.filings = filings;
        }

        /** The progress of an engagement. */
        public Progress of(OpenEngagement open) {
            Optional<DispatchState> state =
                    filings.of(open.id()).stream().findFirst().map(Kept::dispatchState);
            if (state.isEmpty() || state.get() == DispatchState.WITHDRAWN) {
                return new Progress(open.snapshot().accounts().isEmpty() ? "New" : "In work", work(open), state);
            }
            return new Progress(state.get().caption(), next(state.get(), open), state);
        }

        private static String next(DispatchState state, OpenEngagement open) {
            return switch (state) {
                case SEALED -> "sending";
                case SENDING, RECEIVED -> "the authority's answer";
                case ACCEPTED -> "nothing";
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
