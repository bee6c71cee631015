package undersaw.us.passthrough;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import undersaw.calc.LineValue;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.check.Severity;
import undersaw.line.LineId;
import undersaw.owners.OwnerRegister;

/**
 * The check that each owner of the year has a taxpayer number of its own.
 *
 * @param code the check's code
 * @param held a line that is not nothing for each owner of the year
 */
public record OwnerNumbers(String code, String held) {
    /** The check itself. */
    public Check check() {
        return new Check(code, Severity.STOP, this::missing);
    }

    private List<Found> missing(Examination look) {
        List<Found> found = new ArrayList<>();
        Map<String, String> seen = new HashMap<>();
        Map<String, String> numbers = new TreeMap<>();
        look.rows("OWNERS/tin")
                .forEach(tin ->
                        numbers.put(tin.key().instance(), tin.value().plain().replace("-", "")));
        for (LineValue part : look.rows(held)) {
            String owner = part.key().instance();
            if (new BigDecimal(part.value().plain()).signum() == 0) {
                continue;
            }
            String number = numbers.getOrDefault(owner, "");
            if (number.isEmpty() || seen.put(number, owner) != null) {
                found.add(Found.at(
                        new Place.OnLine(LineId.of("OWNERS/tin").in(owner)),
                        "The taxpayer number of " + OwnerRegister.name(look.calculation(), owner)
                                + " is missing or repeated."));
            }
        }
        return found;
    }
}
