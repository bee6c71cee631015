package undersaw.registry;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import undersaw.calc.Calculation;
import undersaw.check.Check;
import undersaw.check.Diagnostic;
import undersaw.check.Examination;
import undersaw.check.Review;
import undersaw.engagement.Snapshot;
import undersaw.returns.ReturnKind;
import undersaw.us.corporation.CorporationReturn;
import undersaw.us.nonprofit.NonprofitReturn;

/** Every kind of return that can be prepared. */
public final class Returns {
    private static final List<ReturnKind> ALL = List.of(new CorporationReturn(), new NonprofitReturn());

    private static final List<Check> GENERAL = GeneralChecks.all();

    private Returns() {}

    public static List<ReturnKind> all() {
        return ALL;
    }

    public static Optional<ReturnKind> find(String code) {
        return ALL.stream().filter(kind -> kind.code().equals(code)).findFirst();
    }

    /**
     * The kind of return that an engagement is for.
     *
     * @throws IllegalArgumentException when no such return is held
     */
    public static ReturnKind of(Snapshot snapshot) {
        String form = snapshot.heading().form();
        return find(form).orElseThrow(() -> new IllegalArgumentException("no return \"" + form + "\" is held"));
    }

    /** The return of a snapshot, every line evaluated. */
    public static Calculation calculate(Snapshot snapshot) {
        return Calculation.of(of(snapshot).plan(snapshot.heading().period().lawYear()), snapshot);
    }

    /** All findings on a computed return as of a day. */
    public static Review review(Calculation calculation, LocalDate today) {
        ReturnKind kind = of(calculation.snapshot());
        Examination examination = new Examination(calculation, today);
        List<Diagnostic> found = Stream.concat(kind.checks().stream(), GENERAL.stream())
                .flatMap(check -> check.examine(examination).stream())
                .toList();
        return new Review(found, kind.tieOuts(examination), calculation.snapshot());
    }
}
