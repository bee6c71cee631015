package undersaw.authority;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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

    private static final Map<String, FormRules> BY_FORM = Map.of(
            "1120", new CorporationRules(),
            "990-EZ", new NonprofitRules(),
            "1120-S", new SCorporationRules(),
            "1065", new PartnershipRules());

    private final Submissions submissions;

    /** The rules of one form: where its number stands, and what must foot. */
    interface FormRules {
        /** The line that repeats the filer's number. */
        String numberLine();

        /** Whether it takes the place of a return that was accepted. */
        default boolean amends(FiledReturn filed) {
            return false;
        }

        /** Adds every reason to reject. */
        void examine(FiledReturn filed, List<Reason> reasons);
    }

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
        Optional<FormRules> known = Optional.ofNullable(BY_FORM.get(filed.form()));
        boolean amends = known.filter(rules -> rules.amends(filed)).isPresent();
        boolean accepted = submissions.isAcceptedAlready(filed);
        if (accepted && !amends) {
            reasons.add(
                    new Reason("R-0301", "", "A return of this filer for this form and period was accepted already."));
        }
        if (amends && !accepted) {
            reasons.add(new Reason("R-0302", "", "Nothing was accepted yet that this return could amend."));
        }
        known.ifPresent(rules -> rules.examine(filed, reasons));
        return reasons;
    }

    private void nameAndNumber(FiledReturn filed, List<Reason> reasons) {
        FormRules rules = BY_FORM.get(filed.form());
        String numberLine = rules == null ? "" : rules.numberLine();
        Optional<String> onFile = submissions.nameOf(filed.number());
        if (onFile.isEmpty()) {
            reasons.add(new Reason(
                    "R-0101",
                    numberLine,
                    "The number " + printed(filed.number())
                            + " is not on file. Check it against the client's papers."));
        } else if (!fold(onFile.get()).equals(fold(filed.name()))) {
            reasons.add(new Reason(
                    "R-0102",
                    numberLine,
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

    /** The lines of a form added up. */
    static long sum(FiledReturn filed, String... lines) {
        long sum = 0;
        for (String line : lines) {
            sum += filed.amount(filed.form() + "/" + line);
        }
        return sum;
    }

    /** Adds a reason where a line is not what others make. */
    static void foots(FiledReturn filed, List<Reason> reasons, String line, long expected) {
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
