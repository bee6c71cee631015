package undersaw.owners;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.form.formula.MemberFigures;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * Where one line of the return says what each part of the year brought, when books are closed as owners change, and
 * which amounts belong to a day of their own (Reg. 1.706-4, IRC 1377(a)(2); from memory).
 *
 * @param method the line that says whether days or closed books count
 * @param convention the line that says on which day a change counts; null where it is the day itself
 * @param parts what each part of the year brought, numbered from 1
 * @param extraordinary what each day brought out of the ordinary; null where nothing counts so
 */
public record YearCut(
        LineId method,
        @Nullable LineId convention,
        LineId parts,
        @Nullable LineId extraordinary) {
    /** The parts of the year, numbered from 1. */
    public static final Dimension PARTS = Dimension.rows("parts-of-year");

    /** The days that brought something out of the ordinary. */
    public static final Dimension DAYS = Dimension.rows("extraordinary-days");

    /** The word that closes the books at each change. */
    public static final String CLOSED = "interim";

    /** The word that divides the year by days. */
    public static final String PRORATED = "proration";

    boolean isClosed(Figures figures) {
        return figures.answer(method).equals(CLOSED);
    }

    Convention convention(Figures figures) {
        return convention == null ? Convention.CALENDAR_DAY : Convention.of(figures.answer(convention));
    }

    /** What each part of the year brought, by its number. */
    Map<Integer, Money> parts(MemberFigures members) {
        Map<Integer, Money> found = new TreeMap<>();
        for (String part : members.of(PARTS)) {
            Money amount = members.amount(parts, part);
            if (part.matches("\\d{1,3}") && !amount.isZero()) {
                found.put(Integer.valueOf(part), amount);
            }
        }
        return found;
    }

    /** What single days brought, by the day. */
    Map<LocalDate, Money> extraordinary(MemberFigures members) {
        Map<LocalDate, Money> found = new TreeMap<>();
        if (extraordinary != null) {
            for (String day : members.of(DAYS)) {
                Money amount = members.amount(extraordinary, day);
                if (isDay(day) && !amount.isZero()) {
                    found.put(LocalDate.parse(day), amount);
                }
            }
        }
        return found;
    }

    /** Whether a row is named after a day. */
    private static boolean isDay(String name) {
        try {
            return name.length() == "2025-01-01".length()
                    && LocalDate.parse(name).getYear() > 0;
        } catch (DateTimeParseException words) {
            return false;
        }
    }

    Set<Input> reads() {
        Set<Input> reads = new HashSet<>(Set.of(new Input.OfLine(method), new Input.OfLine(parts)));
        if (convention != null) {
            reads.add(new Input.OfLine(convention));
        }
        if (extraordinary != null) {
            reads.add(new Input.OfLine(extraordinary));
        }
        return reads;
    }
}
