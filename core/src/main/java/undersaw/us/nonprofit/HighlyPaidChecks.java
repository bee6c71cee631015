package undersaw.us.nonprofit;

import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.line.LineId;
import undersaw.money.Money;

/** Who is paid more than 100,000 by a charity, lines 50 and 51 (Instructions for Form 990-EZ, from memory). */
final class HighlyPaidChecks {
    private HighlyPaidChecks() {}

    /** A table with the question that calls for it and the line that pays. */
    private record Table(String question, String who, String paidOn, String counted) {}

    private static final List<Table> TABLES =
            List.of(new Table("50", "employee", "12", "50f"), new Table("51", "contractor", "13", "51d"));

    static List<Check> all() {
        return List.of(
                new Check("N-0506", QUERY, each(HighlyPaidChecks::saysNo)),
                new Check("N-0513", STOP, each(HighlyPaidChecks::missing)),
                new Check("N-0514", QUERY, each(HighlyPaidChecks::paidLess)),
                new Check("N-0515", QUERY, each(HighlyPaidChecks::tooMany)));
    }

    private static Function<Examination, List<Found>> each(Look look) {
        return examination -> QuestionChecks.isCharity(examination)
                ? TABLES.stream()
                        .flatMap(table -> look.at(examination, table).stream())
                        .toList()
                : List.of();
    }

    /** What is found in one table. */
    private interface Look {
        List<Found> at(Examination look, Table table);
    }

    private static Money limit(Examination look) {
        return look.law().amount(NonprofitLaw.HIGHLY_PAID);
    }

    private static boolean isAsked(Examination look, Table table) {
        return look.says("990-EZ/" + table.question(), "yes");
    }

    private static List<Found> saysNo(Examination look, Table table) {
        boolean odd = look.amount("990-EZ/" + table.paidOn()).compareTo(limit(look)) > 0
                && look.says("990-EZ/" + table.question(), "no");
        return odd
                ? List.of(Found.onLine(
                        "990-EZ/" + table.question(),
                        "Line " + table.paidOn() + " holds more than "
                                + limit(look).printed() + ". Was any " + table.who() + " not listed in Part IV"
                                + " paid more than that?"))
                : List.of();
    }

    private static List<Found> missing(Examination look, Table table) {
        boolean empty = look.calculation()
                .instances(LineId.of("990-EZ/" + table.question() + "/a/name"))
                .isEmpty();
        return isAsked(look, table) && empty
                ? List.of(Found.onLine(
                        "990-EZ/" + table.question() + "/total",
                        "Question " + table.question() + " says yes. List each " + table.who() + " paid more than "
                                + limit(look).printed() + ", the five highest paid; or answer no."))
                : List.of();
    }

    private static List<Found> paidLess(Examination look, Table table) {
        List<Found> found = new ArrayList<>();
        if (isAsked(look, table)) {
            look.calculation().rowValues(LineId.of("990-EZ/" + table.question() + "/c")).stream()
                    .filter(pay -> pay.amount().compareTo(limit(look)) <= 0)
                    .forEach(pay -> found.add(Found.at(
                            new Place.OnLine(pay.key()),
                            "Pay of " + pay.amount().printed() + " is not more than "
                                    + limit(look).printed() + " and need not be listed.")));
        }
        return found;
    }

    private static List<Found> tooMany(Examination look, Table table) {
        int listed = look.calculation()
                .instances(LineId.of("990-EZ/" + table.question() + "/a/name"))
                .size();
        return isAsked(look, table) && listed > HighlyPaid.NAMED
                ? List.of(Found.onLine(
                        "990-EZ/" + table.counted(),
                        "The table names five and " + listed + " are listed. Keep the five highest paid and count the "
                                + "others on line " + table.counted() + "."))
                : List.of();
    }
}
