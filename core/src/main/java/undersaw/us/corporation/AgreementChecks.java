package undersaw.us.corporation;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.ArrayList;
import java.util.List;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.SameAmount;
import undersaw.money.Money;

/** Checks that the parts of the return agree with one another. */
final class AgreementChecks {
    private static final Money BALANCE_TOLERANCE = Money.ofDollars(5);
    private static final Money INCOME_TOLERANCE = Money.ofDollars(10);

    private AgreementChecks() {}

    /** What a difference equals; the change of inventory is already in the cost of sales of perpetual books. */
    private static String sameAs(Examination look, Money difference) {
        return SameAmount.words(
                look.calculation(),
                difference,
                account -> look.snapshot()
                        .mapping(account.number())
                        .filter(mapping -> mapping.line().text().equals("1120/L/3"))
                        .map(mapping -> ": books that post cost of sales as they sell take the treatment "
                                + "cost-of-sales-perpetual")
                        .orElse(""));
    }

    static List<Check> all() {
        return List.of(
                new Check("C-0501", STOP, AgreementChecks::balanceSheet),
                when(
                        "C-0502",
                        STOP,
                        look -> schedules(look) && rollsBy(look).abs().compareTo(BALANCE_TOLERANCE) > 0,
                        look -> onLine(
                                "1120/M-2/8",
                                "Retained earnings do not roll: Schedule M-2 ends "
                                        + rollsBy(look).printed()
                                        + " from Schedule L line 25. Look for an entry on equity."
                                        + sameAs(look, rollsBy(look)))),
                when(
                        "C-0503",
                        STOP,
                        look -> schedules(look) && missesBy(look).abs().compareTo(INCOME_TOLERANCE) > 0,
                        look -> onLine(
                                "1120/M-1/10",
                                "Book and tax income do not reconcile: Schedule M-1 misses line 28 by "
                                        + missesBy(look).printed() + "."
                                        + sameAs(look, missesBy(look)))),
                when(
                        "C-0517",
                        STOP,
                        AgreementChecks::missesM3,
                        look -> onLine(
                                "1120/M-3/II/30/d",
                                "Schedule M-3 does not reconcile: line 30 shows "
                                        + look.amount("1120/M-3/II/30/a").printed() + " for the books and "
                                        + look.amount("1120/M-3/II/30/d").printed()
                                        + " for the return; line 11 of Part I holds "
                                        + look.amount("1120/M-3/I/11").printed() + ", line 28 "
                                        + look.amount("1120/28").printed() + ".")),
                when(
                        "C-0518",
                        QUERY,
                        look -> isM3Due(look) && !look.has("1120/M-3/I/4b"),
                        look -> onLine(
                                "1120/M-3/I/4b",
                                "State in Schedule M-3, Part I, which accounting standard the statements follow, and "
                                        + "answer its questions.")),
                new Check("C-0504", NOTE, AgreementChecks::roundings),
                when(
                        "C-0505",
                        NOTE,
                        look -> look.says("1120/K/13", "yes"),
                        look -> onLine(
                                "1120/K/13", "Schedules L, M-1, M-2 are not required. Answer no to give them anyway.")),
                when(
                        "C-0506",
                        STOP,
                        AgreementChecks::saysSmall,
                        look -> onLine(
                                "1120/K/13",
                                "Question 13 cannot be yes: receipts are "
                                        + LineChecks.receipts(look).printed() + " and assets "
                                        + look.amount("1120/L/15/d").printed() + ".")),
                when(
                        "C-0508",
                        QUERY,
                        look -> look.amount("1120/M-2/5a").isPositive()
                                && look.amount("1120/L/25/d").isNegative(),
                        look -> onLine(
                                "1120/K/6",
                                "Distributions of " + look.amount("1120/M-2/5a").printed()
                                        + " go beyond earnings. Consider Form 5452.")),
                when(
                        "C-0511",
                        QUERY,
                        look -> !look.amount("1120/W-M2/1").isZero(),
                        look -> onLine(
                                "1120/M-2/3",
                                "Retained earnings moved by "
                                        + look.amount("1120/W-M2/1").printed()
                                        + " without net income. Name the entry for Schedule M-2."
                                        + sameAs(look, look.amount("1120/W-M2/1")))));
    }

    private static boolean schedules(Examination look) {
        return !look.says("1120/K/13", "yes");
    }

    private static Money rollsBy(Examination look) {
        return look.amount("1120/M-2/8").minus(look.amount("1120/L/25/d"));
    }

    private static Money missesBy(Examination look) {
        return look.amount("1120/M-1/10").minus(look.amount("1120/28"));
    }

    private static List<Found> balanceSheet(Examination look) {
        List<Found> found = new ArrayList<>();
        for (String column : List.of("b", "d")) {
            Money difference = look.amount("1120/L/15/" + column).minus(look.amount("1120/L/28/" + column));
            if (schedules(look) && difference.abs().compareTo(BALANCE_TOLERANCE) > 0) {
                found.add(onLine(
                        "1120/L/28/" + column,
                        "The " + (column.equals("b") ? "opening" : "closing") + " balance sheet is out by "
                                + difference.printed() + "." + sameAs(look, difference)));
            }
        }
        return found;
    }

    private static List<Found> roundings(Examination look) {
        List<Found> found = new ArrayList<>();
        rounding(look, "1120/W-L/2", "1120/L/18/b", found);
        rounding(look, "1120/W-L/4", "1120/L/18/d", found);
        rounding(look, "1120/W-M1/17", "1120/M-1/10", found);
        rounding(look, "1120/W-M2/5", "1120/M-2/8", found);
        return found;
    }

    private static void rounding(Examination look, String worksheet, String line, List<Found> found) {
        if (!look.amount(worksheet).isZero()) {
            found.add(onLine(line, look.amount(worksheet).printed() + " of rounding stands on " + line + "."));
        }
    }

    private static boolean saysSmall(Examination look) {
        Money limit = look.law().amount(CorporationLaw.SCHEDULES_EXCUSED);
        return look.says("1120/K/13", "yes")
                && (LineChecks.receipts(look).compareTo(limit) >= 0
                        || look.amount("1120/L/15/d").compareTo(limit) >= 0);
    }

    private static boolean isM3Due(Examination look) {
        return look.says("1120/hdr/A4", "yes");
    }

    private static boolean missesM3(Examination look) {
        return isM3Due(look)
                && (!look.amount("1120/M-3/II/30/a").equals(look.amount("1120/M-3/I/11"))
                        || !look.amount("1120/M-3/II/30/d").equals(look.amount("1120/28")));
    }
}
