package undersaw.us.scorporation;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.time.LocalDate;
import java.util.List;
import undersaw.check.Check;
import undersaw.check.Examination;
import undersaw.line.LineId;

/** Checks of the corporation's own tax and of the election. */
final class TaxChecks {
    private TaxChecks() {}

    static List<Check> all() {
        return List.of(
                when(
                        "S-0506",
                        QUERY,
                        look -> look.amount("1120-S/M-2/6/c").isPositive()
                                && look.amount("1120-S/ENPI/2").compareTo(look.amount("1120-S/ENPI/3")) > 0,
                        look -> onLine(
                                "1120-S/23a",
                                "Passive income exceeds a quarter of receipts. In the third year in a row the election "
                                        + "ends.")),
                when(
                        "S-0507",
                        QUERY,
                        look -> look.amount("1120-S/B/8").isPositive()
                                && (!look.amount("1120-S/K/9").isZero()
                                        || !look.amount("1120-S/4").isZero())
                                && !look.has("1120-S/D/16"),
                        look -> onLine(
                                "1120-S/23b", "Sale inside the recognition period: check the built-in gains tax.")),
                when(
                        "S-0213",
                        STOP,
                        look -> uncovered(look),
                        look -> onLine(
                                "1120-S/hdr/A",
                                "No election covers this year: type its first day, or say at item G that it begins "
                                        + "with this year.")));
    }

    private static boolean uncovered(Examination look) {
        String elected = look.calculation().answer(LineId.of("1120-S/hdr/A"));
        return (elected.isEmpty()
                        || LocalDate.parse(elected).isAfter(look.period().start()))
                && !look.says("1120-S/hdr/G", "yes");
    }
}
