package undersaw.us.nonprofit;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.List;
import undersaw.check.Check;
import undersaw.check.Examination;
import undersaw.law.LawKey;
import undersaw.line.LineId;
import undersaw.money.Money;

/** Whether this is the form to file, and its heading complete (Instructions for Form 990-EZ, from memory). */
final class SizeChecks {
    private static final String RECEIPTS = "990-EZ/hdr/L";
    private static final String ASSETS = "990-EZ/25/B";
    private static final String STATUS = "990-EZ/hdr/J";

    private SizeChecks() {}

    static List<Check> all() {
        return List.of(
                when(
                        "N-0201",
                        STOP,
                        look -> reaches(look, RECEIPTS, NonprofitLaw.RECEIPTS_LIMIT),
                        look -> onLine(
                                RECEIPTS,
                                "Gross receipts are " + look.amount(RECEIPTS).printed() + ", and from "
                                        + look.law()
                                                .amount(NonprofitLaw.RECEIPTS_LIMIT)
                                                .printed()
                                        + " on the full Form 990 is due. Prepare that instead.")),
                when(
                        "N-0202",
                        STOP,
                        look -> reaches(look, ASSETS, NonprofitLaw.ASSETS_LIMIT),
                        look -> onLine(
                                ASSETS,
                                "Total assets are " + look.amount(ASSETS).printed() + ", and from "
                                        + look.law()
                                                .amount(NonprofitLaw.ASSETS_LIMIT)
                                                .printed()
                                        + " on the full Form 990 is due. Prepare that instead.")),
                when(
                        "N-0203",
                        NOTE,
                        look -> !look.snapshot().accounts().isEmpty()
                                && !isAbove(look, RECEIPTS, NonprofitLaw.NOTICE_RECEIPTS),
                        look -> onLine(
                                RECEIPTS,
                                "Gross receipts are " + look.amount(RECEIPTS).printed() + "; where they are normally "
                                        + look.law()
                                                .amount(NonprofitLaw.NOTICE_RECEIPTS)
                                                .printed()
                                        + " or less, the electronic notice 990-N will do.")),
                when(
                        "N-0204",
                        STOP,
                        look -> !look.has(STATUS),
                        look -> onLine(STATUS, "State under which section the organization is exempt.")),
                when(
                        "N-0205",
                        STOP,
                        look -> look.says(STATUS, "501(c)") && !look.has("990-EZ/hdr/J/number"),
                        look -> onLine("990-EZ/hdr/J/number", "Enter the number of the subsection of 501(c).")),
                when(
                        "N-0206",
                        STOP,
                        look -> !look.has("990-EZ/hdr/K"),
                        look -> onLine("990-EZ/hdr/K", "State the form of organization.")),
                when(
                        "N-0207",
                        QUERY,
                        look -> look.says("990-EZ/hdr/B/pending", "yes") && look.has("990-EZ/hdr/F"),
                        look -> onLine(
                                "990-EZ/hdr/F",
                                "A group exemption number and a pending application exclude each other. Keep one.")),
                when(
                        "N-0208",
                        QUERY,
                        look -> look.has("990-EZ/hdr/F")
                                && !look.calculation()
                                        .answer(line("990-EZ/hdr/F"))
                                        .matches("\\d{4}"),
                        look -> onLine("990-EZ/hdr/F", "A group exemption number has four digits. Correct it.")),
                when(
                        "N-0209",
                        STOP,
                        look -> look.amount("990-EZ/9").isZero()
                                && look.amount("990-EZ/17").isZero()
                                && !look.snapshot().accounts().isEmpty(),
                        look -> onLine("990-EZ/9", "There is neither revenue nor expense. Are the accounts mapped?")));
    }

    private static LineId line(String line) {
        return LineId.of(line);
    }

    private static boolean reaches(Examination look, String line, LawKey limit) {
        return look.amount(line).compareTo(look.law().amount(limit)) >= 0;
    }

    private static boolean isAbove(Examination look, String line, LawKey limit) {
        Money amount = look.amount(line);
        return amount.compareTo(look.law().amount(limit)) > 0;
    }
}
