package undersaw.us.corporation;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import undersaw.calc.LineValue;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.form.formula.HeldOverAYear;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.us.depreciation.DepreciationLaw;

/** Checks of property: depreciation, section 179, and what was sold. */
final class PropertyChecks {
    private static final List<String> LONG_BOXES = List.of("D", "E", "F", "J", "K", "L");
    private static final List<String> DIGITAL_BOXES = List.of("G", "H", "I", "J", "K", "L");

    private PropertyChecks() {}

    static List<Check> all() {
        return List.of(
                when(
                        "C-0210",
                        STOP,
                        look -> look.amount("4562/12").compareTo(section179Allowed(look)) > 0,
                        look -> onLine(
                                "4562/12",
                                "Section 179 of " + look.amount("4562/12").printed()
                                        + " exceeds business income. Reduce it to "
                                        + section179Allowed(look).printed() + "; the rest carries on.")),
                when(
                        "C-0211",
                        STOP,
                        look -> look.amount("4562/12").compareTo(yearlyLimit(look)) > 0,
                        look -> onLine(
                                "4562/12",
                                "Section 179 of " + look.amount("4562/12").printed() + " exceeds the yearly limit of "
                                        + yearlyLimit(look).printed() + ".")),
                when(
                        "C-0228",
                        QUERY,
                        look -> look.amount("4562/22").isPositive()
                                && !look.has("4562/22/cogs")
                                && depreciationInCost(look),
                        look -> new Found(
                                Place.line("4562/22/cogs"),
                                "An account of book depreciation sits in cost of goods sold. Say how much of the tax "
                                        + "depreciation of "
                                        + look.amount("4562/22").printed() + " belongs there.",
                                Answer.TYPE)),
                when(
                        "C-0231",
                        QUERY,
                        look -> look.isTyped("4562/22")
                                && !look.amount("4562/22/rest").isZero()
                                && !look.amount("4562/22")
                                        .equals(look.amount("4562/22/rest").plus(look.amount("4562/12"))),
                        look -> onLine(
                                "4562/22",
                                "Line 22 is typed " + look.amount("4562/22").printed()
                                        + "; its parts come to "
                                        + look.amount("4562/22/rest")
                                                .plus(look.amount("4562/12"))
                                                .printed() + ". Take the typed total off, or correct a part.")),
                new Check("C-0310", STOP, PropertyChecks::incompleteSales),
                new Check("C-0311", QUERY, PropertyChecks::datesAgainstBoxes),
                when(
                        "C-0317",
                        NOTE,
                        look -> look.amount("4562/13").isPositive(),
                        look -> onLine(
                                "4562/13",
                                "Section 179 of " + look.amount("4562/13").printed() + " is carried on.")),
                when(
                        "C-0706",
                        QUERY,
                        look -> (look.isTyped("4797/17") || look.isTyped("4797/7"))
                                && look.rows("4797/row/description").isEmpty(),
                        look -> onLine(
                                "4797/17", "Form 4797 has totals and no rows. List the property that was sold.")),
                when(
                        "C-0805",
                        QUERY,
                        look -> look.says("1120/K/27", "no")
                                && look.rows("8949/box").stream()
                                        .anyMatch(box -> DIGITAL_BOXES.contains(
                                                box.value().plain())),
                        look -> new Found(
                                Place.line("1120/K/27"),
                                "Sales of digital assets are listed (boxes G to L), question 27 says none. Check it.",
                                Answer.YES_OR_NO)));
    }

    /** The eight steps on the return as it stands (Publication 946, "Two different taxable income limits"). */
    private static Money section179Allowed(Examination look) {
        Money taken = look.amount("4562/12");
        Money before = look.amount("1120/28").plus(look.amount("1120/19")).plus(taken);
        Money rest = before.minus(taken.min(before.notBelowZero()));
        Money gifts = look.amount("1120/W-CHAR/A")
                .min(rest.notBelowZero().timesInDollars(look.law().percent(CorporationLaw.CHARITABLE_SHARE)));
        return before.minus(gifts).notBelowZero();
    }

    /** The dollar limit, less what costs above the threshold take from it. */
    private static Money yearlyLimit(Examination look) {
        return look.amount("4562/elected").isZero()
                ? look.law().amount(DepreciationLaw.SECTION_179_LIMIT)
                : look.amount("4562/5").plus(look.amount("4562/10"));
    }

    private static boolean depreciationInCost(Examination look) {
        return look.calculation().books().treated("depreciation-books").stream()
                .flatMap(number -> look.snapshot().mapping(number).stream())
                .anyMatch(mapping -> mapping.line().text().startsWith("1125-A/"));
    }

    private static List<Found> incompleteSales(Examination look) {
        List<Found> found = new ArrayList<>();
        for (LineValue row : look.rows("8949/gain")) {
            boolean known = !look.inRow("8949/box", row).isEmpty()
                    || !look.inRow("8949/term", row).isEmpty()
                    || !look.inRow("8949/acquired", row).isEmpty()
                            && !look.inRow("8949/sold", row).isEmpty();
            boolean amounts = !look.inRow("8949/proceeds", row).isEmpty()
                    && !look.inRow("8949/cost", row).isEmpty();
            if (!known || !amounts) {
                found.add(Found.at(
                        new Place.OnLine(LineId.of("8949/proceeds").in(row.key().instance())),
                        "Complete the sale of \"" + look.inRow("8949/description", row)
                                + "\": proceeds, cost, and dates or box."));
            }
        }
        return found;
    }

    private static List<Found> datesAgainstBoxes(Examination look) {
        List<Found> found = new ArrayList<>();
        for (LineValue box : look.rows("8949/box")) {
            String acquired = look.inRow("8949/acquired", box);
            String sold = look.inRow("8949/sold", box);
            if (!acquired.isEmpty() && !sold.isEmpty()) {
                boolean longHeld = HeldOverAYear.between(LocalDate.parse(acquired), LocalDate.parse(sold));
                if (longHeld != LONG_BOXES.contains(box.value().plain())) {
                    found.add(Found.at(
                            new Place.OnLine(box.key()),
                            "\"" + look.inRow("8949/description", box) + "\" was held from " + acquired + " to " + sold
                                    + "; box " + box.value().plain() + " is for property held "
                                    + (longHeld ? "a year or less." : "more than a year.")));
                }
            }
        }
        return found;
    }
}
