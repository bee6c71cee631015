package undersaw.us.corporation;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.List;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.us.forms.BusinessLaw;

/** Checks of single lines of page 1 and of cost of goods sold. */
final class LineChecks {
    private static final Money NO_OFFICER_RECEIPTS = Money.ofDollars(250_000);
    private static final List<String> NOT_NEGATIVE = List.of(
            "1a", "5", "6", "7", "12", "13", "14", "15", "16", "17", "18", "19", "20", "21", "22", "23", "24", "25");

    private LineChecks() {}

    static List<Check> all() {
        return List.of(
                when(
                        "C-0201",
                        QUERY,
                        look -> look.amount("1120/1b").compareTo(look.amount("1120/1a")) > 0,
                        look -> onLine("1120/1b", "Returns exceed sales. Check both accounts.")),
                when(
                        "C-0202",
                        QUERY,
                        LineChecks::salesAndStockApart,
                        look -> onLine(
                                "1125-A/8", "Cost of goods sold and inventory do not go together. Check the mapping.")),
                when(
                        "C-0203",
                        STOP,
                        look -> look.amount("1125-A/7").compareTo(look.amount("1125-A/6")) > 0,
                        look -> onLine(
                                "1125-A/7",
                                "Closing inventory of "
                                        + look.amount("1125-A/7").printed()
                                        + " exceeds everything that went in, "
                                        + look.amount("1125-A/6").printed()
                                        + ". Correct purchases or inventory.")),
                when(
                        "C-0204",
                        STOP,
                        LineChecks::officersMissing,
                        look -> onLine(
                                "1125-E/1/f",
                                "Officer pay of " + look.amount("1120/12").printed()
                                        + " needs its schedule. Enter each officer on Form 1125-E.")),
                when(
                        "C-0205",
                        QUERY,
                        look -> look.amount("1120/12").isZero()
                                && receipts(look).compareTo(NO_OFFICER_RECEIPTS) >= 0,
                        look -> onLine("1120/12", "No officer pay. Confirm that no officer was paid.")),
                when(
                        "C-0212",
                        QUERY,
                        look -> !look.amount("1120/W-M1/1").isZero()
                                && look.amount("4562/22").isZero()
                                && !look.isTyped("4562/22"),
                        look -> new Found(
                                Place.line("4562/22"),
                                "The books have depreciation of "
                                        + look.amount("1120/W-M1/1").printed()
                                        + ", the return has none. Type the total of Form 4562.",
                                Answer.TYPE)),
                when(
                        "C-0233",
                        QUERY,
                        look -> !look.amount("1120/W-M1/2").isZero()
                                && look.amount("4562/44").isZero()
                                && !look.isTyped("4562/43"),
                        look -> new Found(
                                Place.line("4562/43"),
                                "The books have amortization of "
                                        + look.amount("1120/W-M1/2").printed()
                                        + ", the return has none. Type what the law allows, or 0.",
                                Answer.TYPE)),
                when(
                        "C-0213",
                        QUERY,
                        look -> look.amount("1120/15").isPositive() && look.says("1120/K/1", "cash"),
                        look -> onLine("1120/15", "Cash-basis receivables cannot be written off. Check bad debts.")),
                when(
                        "C-0215",
                        QUERY,
                        LineChecks::interestWithoutDebt,
                        look -> onLine(
                                "1120/18",
                                "Interest of " + look.amount("1120/18").printed()
                                        + " without debt. Check the mapping.")),
                new Check("C-0221", QUERY, LineChecks::negatives),
                when(
                        "C-0224",
                        QUERY,
                        look -> look.has("1125-A/8")
                                && (!look.has("1125-A/9e") || !look.has("1125-A/9f") || !methodTicked(look)),
                        look -> onLine(
                                methodTicked(look) ? look.has("1125-A/9e") ? "1125-A/9f" : "1125-A/9e" : "1125-A/9a/i",
                                "Answer how inventory is valued and whether the method changed.")),
                new Check("C-0226", NOTE, LineChecks::typedOverBooks));
    }

    static Money receipts(Examination look) {
        Money total = Money.ZERO;
        for (String line : List.of("1a", "4", "5", "6", "7", "8", "9", "10")) {
            total = total.plus(look.amount("1120/" + line));
        }
        return total;
    }

    private static boolean salesAndStockApart(Examination look) {
        boolean stock = !look.amount("1120/L/3/b").isZero()
                || !look.amount("1120/L/3/d").isZero();
        return !look.amount("1120/2").isZero() != stock;
    }

    private static boolean officersMissing(Examination look) {
        return receipts(look).compareTo(look.law().amount(BusinessLaw.OFFICERS_SCHEDULE)) >= 0
                && !look.amount("1120/12").isZero()
                && look.calculation().instances(LineId.of("1125-E/1/f")).isEmpty();
    }

    private static boolean interestWithoutDebt(Examination look) {
        return look.amount("1120/18").isPositive()
                && List.of("17", "19", "20").stream()
                        .allMatch(line -> look.amount("1120/L/" + line + "/b").isZero()
                                && look.amount("1120/L/" + line + "/d").isZero());
    }

    private static List<Found> negatives(Examination look) {
        return NOT_NEGATIVE.stream()
                .filter(line -> look.amount("1120/" + line).isNegative())
                .map(line -> onLine(
                        "1120/" + line,
                        "A negative amount of "
                                + look.amount("1120/" + line).printed()
                                + " stands where none belongs. Check sign or mapping."))
                .toList();
    }

    private static boolean methodTicked(Examination look) {
        return look.says("1125-A/9a/i", "yes") || look.says("1125-A/9a/ii", "yes") || look.says("1125-A/9a/iii", "yes");
    }

    private static List<Found> typedOverBooks(Examination look) {
        return look.snapshot().facts().keySet().stream()
                .filter(key -> key.instance().isEmpty())
                .sorted()
                .flatMap(key -> look.calculation().value(key).stream())
                .filter(value -> value.replacedAmount().isPresent())
                .filter(value -> !look.calculation().posted(value.key().line()).isZero())
                .map(value -> Found.at(
                        new Place.OnLine(value.key()),
                        "Line " + value.key() + " is typed "
                                + value.amount().printed() + "; the books hold "
                                + value.unreplaced().printed()
                                + "; the difference is on Schedule M-1."))
                .toList();
    }
}
