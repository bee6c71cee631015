package undersaw.web.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.check.Diagnostic;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Place;
import undersaw.check.Severity;
import undersaw.engagement.HeadingField;
import undersaw.engagement.Station;
import undersaw.filing.DispatchState;
import undersaw.filing.Fault;
import undersaw.form.Line;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.store.Filings;
import undersaw.store.Filings.Kept;

/**
 * What the authority said against the last filing, as diagnostics of the return.
 *
 * <p>A rejection that names a line is a stop until that line holds something else than what was rejected, or a person
 * says, with a reason, that it was checked and is right: the authority's register may have been mended meanwhile. One
 * that names no line is a query, to be answered with a reason.
 */
@Component
public class Rejections {
    /** The numbers of the authority's rules. */
    private static final Pattern REJECTION = Pattern.compile("(?:PT-)?R-?\\d{2,4}");

    private final Filings filings;
    private final SealedReturns sealedReturns;

    Rejections(Filings filings, SealedReturns sealedReturns) {
        this.filings = filings;
        this.sealedReturns = sealedReturns;
    }

    /** The open rejections of the latest filing. */
    List<Diagnostic> of(long engagement, Calculation calculation) {
        Optional<Kept> latest = filings.of(engagement).stream().findFirst();
        if (latest.isEmpty() || latest.get().dispatchState() != DispatchState.REJECTED) {
            return List.of();
        }
        List<Fault> faults = filings.faults(latest.get().id());
        Optional<Calculation> sealed = sealedReturns.of(latest.get().id());
        List<Diagnostic> found = new ArrayList<>();
        for (Fault fault : faults) {
            Optional<LineKey> place = place(fault);
            boolean named = place.isPresent();
            if (named && sealed.isPresent() && hasMoved(place.get(), calculation, sealed.get())) {
                continue;
            }
            found.add(new Diagnostic(
                    fault.code(),
                    named ? Severity.STOP : Severity.QUERY,
                    place.map(key -> place(key, calculation)).orElse(new Place.AtStation(Station.FILE, "filings")),
                    "The authority rejected the filing: " + fault.message() + " (Filing "
                            + latest.get()
                                    .submission()
                                    .substring(
                                            0,
                                            Math.min(
                                                    8, latest.get().submission().length()))
                            + ".)",
                    named ? Answer.CHECKED : Answer.GO_THERE));
        }
        return found;
    }

    static boolean isRejection(Diagnostic diagnostic) {
        return REJECTION.matcher(diagnostic.code()).matches();
    }

    /** The line that the authority names, and whose where it stands once an owner. */
    private static Optional<LineKey> place(Fault fault) {
        String line = fault.line().split("@", 2)[0];
        return LineId.isShaped(line) ? Optional.of(LineKey.parse(fault.line())) : Optional.empty();
    }

    private static Place place(LineKey key, Calculation calculation) {
        return isNumber(calculation, key.line()) ? Place.heading("number") : new Place.OnLine(key);
    }

    /** Name and number are rejected together, so either may be the one that was wrong. */
    private static boolean hasMoved(LineKey line, Calculation now, Calculation sealed) {
        boolean renamed = !name(sealed).equals(name(now));
        String then = sealed.value(line).map(Rejections::plain).orElse("");
        return isNumber(now, line.line()) && renamed
                || !then.equals(now.value(line).map(Rejections::plain).orElse(""));
    }

    /** Whether the line repeats the client's number. */
    private static boolean isNumber(Calculation calculation, LineId line) {
        return calculation
                .plan()
                .line(line)
                .flatMap(Line::headingField)
                .filter(HeadingField.NUMBER::equals)
                .isPresent();
    }

    private static String name(Calculation calculation) {
        return calculation.snapshot().heading().client().name();
    }

    private static String plain(LineValue value) {
        return value.value().plain();
    }
}
