package undersaw.check;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import undersaw.engagement.SetAside;
import undersaw.engagement.Snapshot;
import undersaw.line.NaturalOrder;

/**
 * All findings on one return, the answered ones apart.
 *
 * @param diagnostics every finding, stops first
 * @param ofAccounts what the rules of single accounts found, kept for the next look
 * @param tieOuts every pair of figures that must agree
 * @param snapshot where answers are kept
 */
public record Review(
        List<Diagnostic> diagnostics, AccountFindings ofAccounts, List<TieOut> tieOuts, Snapshot snapshot) {
    /** Sorts by severity, then code. */
    public Review {
        List<Diagnostic> sorted = new ArrayList<>(diagnostics);
        sorted.sort(Comparator.comparing(Diagnostic::severity)
                .thenComparing(Diagnostic::code)
                .thenComparing(diagnostic -> diagnostic.place().word(), NaturalOrder.COUNTED));
        diagnostics = List.copyOf(sorted);
        tieOuts = List.copyOf(tieOuts);
    }

    /** The same with findings from elsewhere. */
    public Review and(List<Diagnostic> more) {
        return more.isEmpty()
                ? this
                : new Review(
                        Stream.concat(diagnostics.stream(), more.stream()).toList(), ofAccounts, tieOuts, snapshot);
    }

    /** The answer to a query, or to a stop that may have one, as long as it still says what was answered. */
    public Optional<SetAside> answer(Diagnostic diagnostic) {
        if (!diagnostic.isAnswerable() || snapshot.setAsides().isEmpty()) {
            return Optional.empty();
        }
        return Optional.ofNullable(snapshot.setAsides().get(diagnostic.key()))
                .filter(aside -> aside.saying().equals(diagnostic.message()));
    }

    /** Findings of a severity that nobody has answered. */
    public List<Diagnostic> open(Severity severity) {
        return diagnostics.stream()
                .filter(diagnostic -> diagnostic.severity() == severity)
                .filter(diagnostic -> answer(diagnostic).isEmpty())
                .toList();
    }

    /** What a person has answered. */
    public List<Diagnostic> setAside() {
        return diagnostics.stream()
                .filter(diagnostic -> answer(diagnostic).isPresent())
                .toList();
    }

    public boolean isFileable() {
        return open(Severity.STOP).isEmpty();
    }
}
