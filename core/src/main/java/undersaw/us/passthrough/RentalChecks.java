package undersaw.us.passthrough;

import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import undersaw.calc.LineValue;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.us.forms.Form8825;

/**
 * Checks of rental properties, the same for partnerships and S corporations.
 *
 * @param letter the letter before the numbers
 */
public record RentalChecks(String letter) {
    private static final int PERSONAL_DAYS = 14;
    private static final int TENTH = 10;

    /** The checks, in the order of their numbers. */
    public List<Check> all() {
        return List.of(
                each("0701", "1d", RentalChecks::personalUse),
                new Check(letter + "-0702", STOP, RentalChecks::unnamed),
                each("0703", "2a", RentalChecks::withoutRent),
                each("0704", "1b", RentalChecks::rentedToOneself),
                new Check(letter + "-0705", STOP, look -> found(look, "1a", RentalChecks::undescribed)));
    }

    private Check each(String number, String line, Function<Property, String> words) {
        return new Check(letter + "-" + number, QUERY, look -> found(look, line, words));
    }

    /** One property of a return. */
    private record Property(Examination look, String name) {
        String answer(String line) {
            return look.calculation()
                    .value(LineId.of("8825/" + line).in(name))
                    .map(value -> value.value().plain())
                    .orElse("");
        }

        Money amount(String line) {
            return look.calculation()
                    .value(LineId.of("8825/" + line).in(name))
                    .map(LineValue::amount)
                    .orElse(Money.ZERO);
        }

        int days(String line) {
            String days = answer(line);
            return days.matches("\\d{1,9}") ? Integer.parseInt(days) : 0;
        }
    }

    /** What is said of each property; empty words say nothing. */
    private static List<Found> found(Examination look, String line, Function<Property, String> words) {
        List<Found> found = new ArrayList<>();
        for (String name : look.calculation().members(Form8825.PROPERTIES)) {
            String said = name.equals(PassthroughPostings.UNNAMED) ? "" : words.apply(new Property(look, name));
            if (!said.isEmpty()) {
                found.add(Found.at(new Place.OnLine(LineId.of("8825/" + line).in(name)), said));
            }
        }
        return found;
    }

    private static String personalUse(Property property) {
        int most = Math.max(PERSONAL_DAYS, property.days("1c") / TENTH);
        return property.days("1d") > most
                ? "Personal use of " + property.name() + " on " + property.days("1d")
                        + " days limits its loss (section 280A)."
                : "";
    }

    private static List<Found> unnamed(Examination look) {
        List<Found> found = new ArrayList<>();
        look.snapshot().mappings().forEach((number, mapping) -> {
            boolean rental = look.calculation()
                    .plan()
                    .target(mapping.line())
                    .filter(target -> target.members())
                    .isPresent();
            if (rental && mapping.instance().isEmpty()) {
                found.add(Found.at(
                        new Place.OnAccount(number),
                        "Say which property account " + number + " belongs to: type " + mapping.line()
                                + "@ and the property's name."));
            }
        });
        return found;
    }

    private static String withoutRent(Property property) {
        return property.amount("2c").isZero() && property.amount("16").isPositive()
                ? property.name() + " has expenses of " + property.amount("16").printed()
                        + " and no rent. Check the mapping."
                : "";
    }

    private static String rentedToOneself(Property property) {
        return property.answer("1b").equals("7")
                ? property.name() + " is rented to the owners' own business: they take its income up otherwise. "
                        + "Mark the activity."
                : "";
    }

    private static String undescribed(Property property) {
        boolean there =
                !property.amount("2c").isZero() || !property.amount("16").isZero();
        return there
                        && (property.answer("1a").isEmpty()
                                || property.answer("1b").isEmpty())
                ? "Give the address and the kind of " + property.name() + "."
                : "";
    }
}
