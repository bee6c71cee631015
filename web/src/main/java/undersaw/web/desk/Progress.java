package undersaw.web.desk;

import java.util.List;
import java.util.Optional;
import undersaw.filing.DispatchState;
import undersaw.store.Standings.Standing;

/**
 * How far an engagement has come, and what it waits for, in words.
 *
 * @param caption the state in a word or two
 * @param waitsFor what has to happen next
 * @param state where its latest filing stands; empty where nothing is sealed
 * @param moved how many figures stand otherwise now than they were sealed
 */
public record Progress(String caption, String waitsFor, Optional<DispatchState> state, int moved) {
    /** The progress of an engagement that stands so. */
    public static Progress of(Standing standing) {
        Optional<DispatchState> state = standing.filing();
        if (state.isEmpty() || state.get() == DispatchState.WITHDRAWN) {
            return new Progress(standing.books() ? "In work" : "New", work(standing), state, 0);
        }
        return new Progress(state.get().caption(), next(state.get(), standing), state, standing.moved());
    }

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

    private static String next(DispatchState state, Standing standing) {
        return switch (state) {
            case SEALED -> standing.moved() == 0 ? "sending" : "sealing anew";
            case SENDING, RECEIVED -> "the authority's answer";
            case ACCEPTED -> standing.moved() == 0 ? "nothing" : "amending, or undoing";
            default -> "mending: " + work(standing);
        };
    }

    private static String work(Standing standing) {
        if (!standing.books()) {
            return "its trial balance";
        }
        List<String> parts =
                List.of(count(standing.stops(), "stop", "stops"), count(standing.queries(), "query", "queries"));
        String words =
                String.join(", ", parts.stream().filter(part -> !part.isEmpty()).toList());
        return words.isEmpty() ? "sealing" : words;
    }

    private static String count(int count, String one, String many) {
        return count == 0 ? "" : count + " " + (count == 1 ? one : many);
    }
}
