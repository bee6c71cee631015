package undersaw.us.scorporation;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.QUERY;

import java.util.List;
import undersaw.check.Check;
import undersaw.line.LineId;
import undersaw.us.forms.BusinessLaw;

/** Checks of the officers' pay. */
final class OfficerChecks {
    private OfficerChecks() {}

    static List<Check> all() {
        return List.of(
                when(
                        "S-0104",
                        QUERY,
                        look -> look.amount("1120-S/7").isZero()
                                && look.amount("1120-S/K/16d").isPositive()
                                && look.amount("1120-S/22").isPositive(),
                        look -> onLine(
                                "1120-S/7",
                                "No officer pay, but "
                                        + look.amount("1120-S/K/16d").printed()
                                        + " was distributed. Check reasonable pay.")),
                when(
                        "S-0108",
                        QUERY,
                        look -> look.amount("1120-S/W-B/1").compareTo(look.law().amount(BusinessLaw.OFFICERS_SCHEDULE))
                                        >= 0
                                && !look.amount("1120-S/7").isZero()
                                && look.calculation()
                                        .instances(LineId.of("1125-E/1/f"))
                                        .isEmpty(),
                        look -> onLine("1125-E/1/f", "Form 1125-E is required. List each officer with the pay.")));
    }
}
