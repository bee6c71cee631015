package undersaw.registry;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import undersaw.calc.Calculation;
import undersaw.check.AccountCheck;
import undersaw.check.AccountFindings;
import undersaw.check.Check;
import undersaw.check.Diagnostic;
import undersaw.check.Examination;
import undersaw.check.Review;
import undersaw.engagement.Snapshot;
import undersaw.returns.ReturnKind;
import undersaw.us.corporation.CorporationReturn;
import undersaw.us.nonprofit.NonprofitReturn;
import undersaw.us.partnership.PartnershipReturn;
import undersaw.us.scorporation.SCorporationReturn;

/** Every kind of return that can be prepared. */
public final class Returns {
    private static final List<ReturnKind> ALL =
            List.of(new CorporationReturn(), new NonprofitReturn(), new SCorporationReturn(), new PartnershipReturn());

    private static final List<Check> GENERAL = GeneralChecks.all();
    private static final List<AccountCheck> GENERAL_OF_ACCOUNTS = GeneralChecks.ofAccounts();

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
        List<AccountCheck> ofAccounts = Stream.concat(kind.accountChecks().stream(), GENERAL_OF_ACCOUNTS.stream())
                .toList();
        return review(new Examination(calculation, today), AccountFindings.all(ofAccounts, calculation));
    }

    /** The same for a return computed out of one that was reviewed: accounts that did not move keep their findings. */
    public static Review review(Calculation calculation, LocalDate today, Review before) {
        return review(new Examination(calculation, today), before.ofAccounts().after(calculation));
    }

    private static Review review(Examination examination, AccountFindings ofAccounts) {
        ReturnKind kind = of(examination.snapshot());
        List<Diagnostic> found = Stream.concat(kind.checks().stream(), GENERAL.stream())
                .flatMap(check -> check.examine(examination).stream())
                .toList();
        return Review.of(found, ofAccounts, kind.tieOuts(examination), examination);
    }
}
