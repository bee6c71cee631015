package undersaw.us.passthrough;

import static undersaw.check.Severity.STOP;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.owners.YearCut;

/**
 * Whether the parts of a year whose books were closed come to each line of Schedule K (Reg. 1.706-4(a)(3); from
 * memory).
 *
 * @param code of the check
 * @param form the return's form
 * @param section of the law, as the addresses of its lines begin
 */
public record ClosingChecks(String code, String form, String section) {
    /** The check itself. */
    public Check check() {
        return new Check(code, STOP, this::apart);
    }

    private List<Found> apart(Examination look) {
        LineId method = LineId.of(form + "/" + section + "/method");
        if (!look.says(method.text(), YearCut.CLOSED)) {
            return List.of();
        }
        List<Found> found = new ArrayList<>();
        parts(look).forEach((number, parts) -> {
            Money whole = whole(look, number);
            if (!whole.equals(parts)) {
                found.add(Found.at(
                        Place.line(onSchedule(look, number)),
                        "Parts of the year of line " + number + " add to " + parts.printed() + ", Schedule K shows "
                                + whole.printed() + ". Type what each part brought, under interim closing."));
            }
        });
        return found;
    }

    /** What the parts of the year come to, days out of the ordinary with them, line by line. */
    private Map<String, Money> parts(Examination look) {
        String of = section + "/";
        String days = section + "/extraordinary/";
        Map<String, Money> sums = new HashMap<>();
        look.calculation().plan().parts().stream()
                .filter(part -> part.code().equals(section) || part.code().equals(section + "-days"))
                .flatMap(part -> look.calculation().plan().linesOf(part).stream())
                .filter(line -> line.isRepeating() && line.kind().isNumber())
                .forEach(line -> {
                    String within = line.id().within();
                    String number = within.substring((within.startsWith(days) ? days : of).length());
                    sums.merge(number, look.calculation().rowTotal(line.id()), Money::plus);
                });
        return sums;
    }

    private LineId onSchedule(Examination look, String number) {
        LineId worked = LineId.of(form + "/W-K/" + number);
        return look.calculation().plan().line(worked).isPresent() ? worked : LineId.of(form + "/K/" + number);
    }

    private Money whole(Examination look, String number) {
        return look.calculation().amount(onSchedule(look, number));
    }
}
