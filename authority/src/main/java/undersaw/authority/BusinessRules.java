package undersaw.authority;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * The authority's own rules, beyond the published format.
 *
 * <p>It recomputes totals from the lines as filed, with arithmetic of its own.
 */
final class BusinessRules {
    private static final int FIRST_OPEN_YEAR = 2023;
    private static final int LAST_OPEN_YEAR = 2025;
    private static final long ROUNDING = 1;

    private final Submissions submissions;

    BusinessRules(Submissions submissions) {
        this.submissions = submissions;
    }

    /** Every reason to reject the return; empty when it is accepted. */
    List<Reason> examine(FiledReturn filed) {
        List<Reason> reasons = new ArrayList<>();
        nameAndNumber(filed, reasons);
        if (filed.year() < FIRST_OPEN_YEAR || filed.year() > LAST_OPEN_YEAR) {
            reasons.add(new Reason(
                    "R-0201",
                    "",
                    "Tax year " + filed.year() + " is not open for filing; open are " + FIRST_OPEN_YEAR + " to "
                            + LAST_OPEN_YEAR + "."));
        }
        if (filed.start().getYear() != filed.year() || filed.end().isBefore(filed.start())) {
            reasons.add(new Reason("R-0202", "", "The period does not belong to tax year " + filed.year() + "."));
        }
        if (submissions.isAcceptedAlready(filed)) {
            reasons.add(
                    new Reason("R-0301", "", "A return of this filer for this form and period was accepted already."));
        }
        totals(filed, reasons);
        return reasons;
    }

    private void nameAndNumber(FiledReturn filed, List<Reason> reasons) {
        Optional<String> onFile = submissions.nameOf(filed.number());
        if (onFile.isEmpty()) {
            reasons.add(new Reason(
                    "R-0101",
                    "1120/hdr/B",
                    "The number " + printed(filed.number())
                            + " is not on file. Check it against the client's papers."));
        } else if (!fold(onFile.get()).equals(fold(filed.name()))) {
            reasons.add(new Reason(
                    "R-0102",
                    "1120/hdr/B",
                    "The number " + printed(filed.number()) + " and the name \"" + filed.name()
                            + "\" do not agree with the register."));
        }
    }

    private static String printed(String digits) {
        return digits.substring(0, 2) + "-" + digits.substring(2);
    }

    private static String fold(String name) {
        return name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]", "");
    }

    private static void totals(FiledReturn filed, List<Reason> reasons) {
        foots(filed, reasons, "1120/1c", filed.amount("1120/1a") - filed.amount("1120/1b"));
        foots(filed, reasons, "1120/3", filed.amount("1120/1c") - filed.amount("1120/2"));
        foots(filed, reasons, "1120/11", sum(filed, "3", "4", "5", "6", "7", "8", "9", "10"));
        foots(
                filed,
                reasons,
                "1120/27",
                sum(filed, "12", "13", "14", "15", "16", "17", "18", "19", "20", "21", "22", "23", "24", "25", "26"));
        foots(filed, reasons, "1120/28", filed.amount("1120/11") - filed.amount("1120/27"));
        foots(filed, reasons, "1120/30", filed.amount("1120/28") - filed.amount("1120/29c"));
        foots(filed, reasons, "1120/31", filed.amount("1120/J/12"));
        foots(filed, reasons, "1120/33", filed.amount("1120/J/23"));
        long owed = filed.amount("1120/31") + filed.amount("1120/34") - filed.amount("1120/33");
        foots(filed, reasons, "1120/35", Math.max(0, owed));
        foots(filed, reasons, "1120/36", Math.max(0, -owed));
    }

    private static long sum(FiledReturn filed, String... lines) {
        long sum = 0;
        for (String line : lines) {
            sum += filed.amount("1120/" + line);
        }
        return sum;
    }

    private static void foots(FiledReturn filed, List<Reason> reasons, String line, long expected) {
        long found = filed.amount(line);
        if (Math.abs(found - expected) > ROUNDING) {
            reasons.add(new Reason(
                    "R-0401",
                    line,
                    String.format(
                            Locale.ROOT,
                            "Line %s does not foot: found %,d, the lines above make %,d.",
                            line,
                            found,
                            expected)));
        }
    }
}
