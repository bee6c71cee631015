package undersaw.us.passthrough;

import static undersaw.check.Severity.STOP;

import java.util.ArrayList;
import java.util.List;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.owners.Weighed;
import undersaw.owners.YearCut;

/**
 * Whether the parts of a year whose books were closed come to each line of Schedule K (Reg. 1.706-4(a)(3); from
 * memory).
 *
 * @param code of the check
 */
public record ClosingChecks(String code) {
    /** The check itself. */
    public Check check() {
        return new Check(code, STOP, ClosingChecks::apart);
    }

    private static List<Found> apart(Examination look) {
        List<Found> found = new ArrayList<>();
        for (Weighed division : K1Boxes.divisions(look)) {
            YearCut cut = division.cut();
            if (cut != null && look.says(cut.method().text(), YearCut.CLOSED)) {
                Money whole = look.calculation().amount(division.line());
                Money parts = parts(look, cut);
                if (!whole.equals(parts)) {
                    found.add(apart(division.line(), parts, whole));
                }
            }
        }
        return found;
    }

    /** What the parts of the year come to, days out of the ordinary with them. */
    private static Money parts(Examination look, YearCut cut) {
        LineId days = cut.extraordinary();
        Money parts = look.calculation().rowTotal(cut.parts());
        return days == null ? parts : parts.plus(look.calculation().rowTotal(days));
    }

    private static Found apart(LineId line, Money parts, Money whole) {
        String number = line.within().substring(line.within().indexOf('/') + 1);
        return Found.at(
                Place.line(line),
                "Parts of the year of line " + number + " add to " + parts.printed() + ", Schedule K shows "
                        + whole.printed() + ". Type what each part brought, under interim closing.");
    }
}
