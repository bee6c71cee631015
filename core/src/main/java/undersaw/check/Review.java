package undersaw.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import undersaw.engagement.SetAside;
import undersaw.engagement.Snapshot;

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
    /** Keeps its own copies. */
    public Review {
        diagnostics = List.copyOf(diagnostics);
        tieOuts = List.copyOf(tieOuts);
    }

    /** What the rules of the whole return and those of single accounts found, stops first, by rule and place. */
    public static Review of(
            List<Diagnostic> found, AccountFindings ofAccounts, List<TieOut> tieOuts, Examination examination) {
        List<Diagnostic> sorted = new ArrayList<>(found);
        sorted.sort(Diagnostic.BY_PLACE);
        return new Review(merged(sorted, ofAccounts.asked(examination)), ofAccounts, tieOuts, examination.snapshot());
    }

    /** Two lists in order as one: thousands of accounts are not sorted anew for each look. */
    private static List<Diagnostic> merged(List<Diagnostic> few, List<Diagnostic> many) {
        List<Diagnostic> merged = new ArrayList<>(few.size() + many.size());
        int at = 0;
        for (Diagnostic next : many) {
            while (at < few.size() && Diagnostic.BY_PLACE.compare(few.get(at), next) <= 0) {
                merged.add(few.get(at++));
            }
            merged.add(next);
        }
        merged.addAll(few.subList(at, few.size()));
        return merged;
    }

    /** The same with findings from elsewhere. */
    public Review and(List<Diagnostic> more) {
        List<Diagnostic> sorted = new ArrayList<>(more);
        sorted.sort(Diagnostic.BY_PLACE);
        return more.isEmpty() ? this : new Review(merged(sorted, diagnostics), ofAccounts, tieOuts, snapshot);
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
