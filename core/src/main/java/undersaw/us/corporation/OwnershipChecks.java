package undersaw.us.corporation;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.QUERY;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import undersaw.calc.LineValue;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.engagement.AccountingMethod;
import undersaw.engagement.Station;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.money.Percent;
import undersaw.owners.OwnerRegister;
import undersaw.us.forms.BusinessLaw;

/** Checks of who owns the corporation and what it owns. */
final class OwnershipChecks {
    private static final Percent FIVE = Percent.of("500");
    private static final Percent THREE = Percent.of("300");
    private static final BigDecimal FOREIGN = BigDecimal.valueOf(25);
    private static final List<String> HOME = List.of("us", "usa", "united states", "");

    private static final List<Holder> HOLDERS = List.of(
            new Holder("1120/G/I/1/a", "1120/G/I/1/d", "1120/G/I/1/e"),
            new Holder("1120/G/II/1/a", "1120/G/II/1/c", "1120/G/II/1/d"));

    private OwnershipChecks() {}

    static List<Check> all() {
        return List.of(
                when(
                        "C-0113",
                        QUERY,
                        look -> look.heading().method() == AccountingMethod.CASH
                                && QuestionChecks.aboveReceipts(look)
                                && !look.says("1120/hdr/A3", "yes"),
                        look -> onLine(
                                "1120/K/1",
                                "Average receipts of "
                                        + look.amount("448c/average").printed()
                                        + " are above the limit of the cash method, "
                                        + look.law()
                                                .amount(BusinessLaw.SMALL_BUSINESS_RECEIPTS)
                                                .printed() + ". Change the method (Form 3115), or explain.")),
                new Check("C-0507", QUERY, OwnershipChecks::unnamedOwners),
                when(
                        "C-0609",
                        QUERY,
                        look -> look.says("1120/K/4b", "yes") && !look.has("1120/hdr/A2") && isMostlyPassive(look),
                        look -> new Found(
                                Place.line("1120/hdr/A2"),
                                "Dividends, interest, rents and royalties of "
                                        + passive(look).printed() + " are 60% or more of income of "
                                        + income(look).printed()
                                        + ": possibly a personal holding company. Test it, and answer item A2.",
                                Answer.YES_OR_NO)),
                when(
                        "C-0802",
                        QUERY,
                        look -> look.says("1120/K/5a", "no")
                                && largeHoldings(look).isPositive(),
                        look -> new Found(
                                Place.line("1120/K/5a"),
                                "Dividends of " + largeHoldings(look).printed()
                                        + " come from holdings of 20% or more; question 5a says none.",
                                Answer.YES_OR_NO)),
                when(
                        "C-0631",
                        QUERY,
                        look -> distributed(look).isPositive()
                                && !look.calculation().hasRows(OwnerRegister.LIST),
                        look -> Found.at(
                                new Place.AtStation(Station.OWNERS, OwnerRegister.LIST),
                                "Distributions of " + distributed(look).printed()
                                        + " were paid to owners, and no owner is listed. List them, and give each a "
                                        + "Form 1099-DIV.")),
                new Check("C-0519", QUERY, OwnershipChecks::holdersWithoutCountry),
                new Check("C-0803", QUERY, OwnershipChecks::foreignOwners),
                when(
                        "C-0804",
                        QUERY,
                        look -> look.says("1120/K/3", "yes") && look.says("1120/K/4a", "no"),
                        look -> new Found(
                                Place.line("1120/K/4a"),
                                "A subsidiary has a corporate owner. Check questions 3 and 4a.",
                                Answer.YES_OR_NO)),
                when(
                        "C-0808",
                        QUERY,
                        look -> look.says("1125-A/9e", "no") && QuestionChecks.aboveReceipts(look),
                        look -> new Found(
                                Place.line("1125-A/9e"),
                                "Average receipts of "
                                        + look.amount("448c/average").printed()
                                        + " are above the small business limit: inventory costs must be capitalized "
                                        + "(section 263A).",
                                Answer.YES_OR_NO)));
    }

    /** Three fifths of ordinary gross income (IRC 542(a)(1)). */
    private static boolean isMostlyPassive(Examination look) {
        return passive(look).times(FIVE).compareTo(income(look).times(THREE)) >= 0;
    }

    private static Money passive(Examination look) {
        return Money.sum(List.of(
                look.amount("1120/C/23/a"), look.amount("1120/5"), look.amount("1120/6"), look.amount("1120/7")));
    }

    private static Money distributed(Examination look) {
        return look.amount("1120/M-2/5a").plus(look.amount("1120/M-2/5c"));
    }

    private static Money income(Examination look) {
        return look.amount("1120/11").plus(look.amount("1120/2"));
    }

    private static Money largeHoldings(Examination look) {
        return Money.sum(List.of("2", "5", "7", "8", "11").stream()
                .map(line -> look.amount("1120/C/" + line + "/a"))
                .toList());
    }

    /** Question 4 unanswered beside a large holder, or a large holder whom Schedule G leaves out. */
    private static List<Found> unnamedOwners(Examination look) {
        boolean told = look.says("1120/K/4a", "yes") || look.says("1120/K/4b", "yes");
        List<ScheduleG.Holder> unnamed = ScheduleG.holders(look.calculation()).stream()
                .filter(holder -> !told || !holder.listed())
                .toList();
        if (unnamed.isEmpty()) {
            return List.of();
        }
        String held = unnamed.stream()
                .map(holder -> holder.name() + " holds "
                        + holder.percent().stripTrailingZeros().toPlainString() + " percent")
                .collect(Collectors.joining(", "));
        return List.of(
                told
                        ? onLine(
                                "1120/G/II/1/a",
                                held + ", and Schedule G does not say so. Take the holders there from Owners.")
                        : onLine("1120/K/4b", held + ". Answer question 4a or 4b and give Schedule G."));
    }

    /** Schedule G asks for each holder's country, and no register knows a citizenship. */
    private static List<Found> holdersWithoutCountry(Examination look) {
        List<Found> found = new ArrayList<>();
        for (Holder holder : HOLDERS) {
            for (LineValue row : look.rows(holder.name())) {
                if (look.inRow(holder.country(), row).isEmpty()) {
                    found.add(new Found(
                            new Place.OnLine(
                                    LineId.of(holder.country()).in(row.key().instance())),
                            "Schedule G names " + row.value().plain()
                                    + " without a country of citizenship or organization. "
                                    + "Ask for it, and give it here.",
                            Answer.TYPE));
                }
            }
        }
        return found;
    }

    private static List<Found> foreignOwners(Examination look) {
        return look.says("1120/K/7", "no")
                ? HOLDERS.stream()
                        .flatMap(holder -> foreign(look, holder).stream())
                        .toList()
                : List.of();
    }

    private static List<Found> foreign(Examination look, Holder holder) {
        List<Found> found = new ArrayList<>();
        for (LineValue row : look.rows(holder.share())) {
            String place = look.inRow(holder.country(), row);
            boolean abroad = !HOME.contains(place.toLowerCase(Locale.ROOT));
            if (abroad && percent(row).compareTo(FOREIGN) >= 0) {
                found.add(onLine(
                        "1120/K/7",
                        look.inRow(holder.name(), row) + " (" + place + ") holds "
                                + percent(row).stripTrailingZeros().toPlainString()
                                + " percent: a foreign owner of 25% or more. Check question 7."));
            }
        }
        return found;
    }

    /** The columns of a part of Schedule G. */
    private record Holder(String name, String country, String share) {}

    private static BigDecimal percent(LineValue row) {
        return new BigDecimal(row.value().plain());
    }
}
