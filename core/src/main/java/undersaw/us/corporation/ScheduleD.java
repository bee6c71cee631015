package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.dollars;
import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.Section;
import undersaw.form.formula.Carried;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Formula;
import undersaw.form.formula.HeldOverAYear;
import undersaw.form.formula.YearSpan;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.Side;
import undersaw.line.LineId;

/** Schedule D (Form 1120), capital gains and losses, from Form 8949 and typed totals of sales (from memory). */
final class ScheduleD extends Form {
    private static final int CARRIED_YEARS = 5;
    /** Of Form 8949; each six in the order of the groups, the second six for digital assets. */
    private static final String[] BOXES = {"A", "B", "C", "D", "E", "F", "G", "H", "I", "J", "K", "L"};
    /** The lines of Schedule D that take the rows of Form 8949, in their order. */
    private static final List<String> GROUPS = List.of("1b", "2", "3", "8b", "9", "10");
    /** The group of a sale with neither box, nor term, nor dates. */
    private static final int UNSAID = 2;
    /** The first long-term group, counted from 1. */
    private static final int LONG = 4;

    private static final List<String> KINDS =
            List.of("Sales with basis reported", "Sales with basis not reported", "Sales not on a 1099-B");

    final Line fromForm4797;
    final Line distributions;
    final Line toPage1;
    final Line netOfTheYear;
    final Line lossUsed;
    final Line lossOfTheYear;
    final Line lossCarriedOn;

    ScheduleD(CorporationForms all) {
        super("1120", "Schedule D");
        partByNeed(
                        "8949",
                        "Form 8949: sales of capital property",
                        "IRC 1001, 1222; Form 8949",
                        "sale of stock securities bonds investments land")
                .list("sales")
                .ofTheYear();
        row("description", "Description").as(LineKind.TEXT);
        Line acquired = row("acquired", "Acquired").as(LineKind.DATE_OR_WORD);
        Line sold = row("sold", "Sold").as(LineKind.DATE);
        Line proceeds = row("proceeds", "Proceeds");
        Line cost = row("cost", "Cost or other basis");
        Line adjustment = row("adjustment", "Adjustment");
        Line term = row("term", "Term").oneOf("short", "long");
        Line box = row("box", "Box")
                .oneOf(BOXES)
                .help("A to C and G to I short-term, D to F and J to L long-term; G to L for digital assets.");
        Line gain = row("gain", "Gain or loss").is(sum(proceeds, adjustment).minus(cost));
        Line group = row("group", "Which of the six groups of Schedule D, in their order")
                .as(LineKind.COUNT)
                .is(group(term, box, new HeldOverAYear(acquired.id(), sold.id())))
                .notTotalled()
                .aside();
        Line longGain = row("long", "Of this, long-term").is(when(group.isAtLeast(dollars(LONG)), gain, NOTHING));
        row("short", "Of this, short-term").is(gain.minus(longGain));
        List<List<Line>> sales = new ArrayList<>();
        for (int i = 0; i < GROUPS.size(); i++) {
            Condition inGroup = group.isAtLeast(numbered(i)).and(group.isAtMost(numbered(i)));
            String line = GROUPS.get(i);
            sales.add(Stream.of(proceeds, cost, adjustment, gain)
                    .map(column -> ofGroup(column, line, inGroup))
                    .toList());
        }
        partByNeed(
                "D",
                "Schedule D: capital gains and losses",
                "IRC 1201 to 1222; Schedule D (Form 1120)",
                "capital gain sale stock");
        List<Line> shortTerm = sales("short-term", "1a", sales.subList(0, LONG - 1));
        Line shortInstallments =
                line("D/4", "Short-term gain from installment sales").cites("IRC 453");
        Line shortExchanges =
                line("D/5", "Short-term gain or loss from like-kind exchanges").cites("IRC 1031");
        Line carried = line("D/6", "Unused capital loss carryover").cites("IRC 1212(a)");
        Line netShort = line("D/7", "Net short-term capital gain or loss")
                .is(sum(sum(shortTerm), shortInstallments, shortExchanges, carried));
        List<Line> longTerm = sales("long-term", "8a", sales.subList(LONG - 1, sales.size()));
        fromForm4797 = line("D/11", "Gain from Form 4797")
                .is(() -> all.form4797.toScheduleD)
                .cites("IRC 1231");
        Line longInstallments =
                line("D/12", "Long-term gain from installment sales").cites("IRC 453");
        Line longExchanges =
                line("D/13", "Long-term gain or loss from like-kind exchanges").cites("IRC 1031");
        section(Section.OTHER_INCOME);
        distributions =
                booksLine("D/14", "Capital gain distributions", Side.CREDIT).cites("IRC 852(b)(3)");
        Line netLong = line("D/15", "Net long-term capital gain or loss")
                .is(sum(sum(longTerm), fromForm4797, longInstallments, longExchanges, distributions));
        Line shortLeft = line("D/16", "Net short-term gain over net long-term loss")
                .is(netShort.plus(least(netLong, NOTHING)).notBelowZero());
        Line longLeft = line("D/17", "Net capital gain")
                .is(netLong.plus(least(netShort, NOTHING)).notBelowZero());
        toPage1 = line("D/18", "Lines 16 and 17").is(sum(shortLeft, longLeft));

        part("W-CAP", "Capital loss limit", "IRC 1211(a), 1212(a)").worksheet();
        Line available = line("W-CAP/1", "Capital losses carried from the last five years")
                .is(new Carried(CarryoverKind.CAPITAL_LOSS, YearSpan.last(CARRIED_YEARS)));
        carried.is(NOTHING.minus(available));
        netOfTheYear = line("W-CAP/2", "Net gain or loss of this year")
                .is(sum(netShort, netLong).minus(carried));
        lossUsed = line("W-CAP/3", "Carried losses used").is(least(available, netOfTheYear.notBelowZero()));
        lossOfTheYear = line("W-CAP/4", "Loss of this year")
                .is(NOTHING.minus(netOfTheYear).notBelowZero());
        List<Line> carriedBack = carriedBack();
        lossCarriedOn = line("W-CAP/5", "Loss of this year, carried to the next five years")
                .is(lossOfTheYear.minus(sum(carriedBack)));
    }

    /** The loss meets the gains of the three years before, the oldest first (Form 1139). */
    private List<Line> carriedBack() {
        List<String> years = List.of("three years before", "two years before", "last year");
        List<Line> used = new ArrayList<>();
        for (int i = 0; i < years.size(); i++) {
            Line gain = line("W-CAP/G" + (i + 1), "Capital gain net income, " + years.get(i))
                    .help("So much of it as a loss carried there may use without making a net operating loss.")
                    .cites("IRC 1212(a)(1)(A)");
            List<Line> before = List.copyOf(used);
            used.add(line("W-CAP/B" + (i + 1), "Loss carried back, " + years.get(i))
                    .is(least(gain, before.isEmpty() ? lossOfTheYear : lossOfTheYear.minus(sum(before)))));
        }
        return used;
    }

    private Line row(String column, String caption) {
        return line(LineId.of("8949/" + column), caption).column(column).repeating();
    }

    /** By the box where there is one; else with no 1099-B, long or short by the term or by the dates. */
    private static Formula group(Line term, Line box, Condition heldOverAYear) {
        Formula longOnes = numbered(GROUPS.size() - 1);
        Formula shortOnes = numbered(UNSAID);
        Formula byBox = longOnes;
        for (int i = GROUPS.size() - 2; i >= 0; i--) {
            byBox = when(box.isNotAnyOf(BOXES[i], BOXES[i + GROUPS.size()]), byBox, numbered(i));
        }
        Formula byTerm = when(
                term.answered("long"),
                longOnes,
                when(term.answered("short"), shortOnes, when(heldOverAYear, longOnes, shortOnes)));
        return when(box.isNotAnyOf(BOXES), byTerm, byBox);
    }

    /** A sale of which nothing is said has no number, which counts as 0: short-term, not on a 1099-B. */
    private static Formula numbered(int place) {
        return place == UNSAID ? NOTHING : dollars(place + 1L);
    }

    /** A column of the sales that belong to one line of Schedule D. */
    private Line ofGroup(Line column, String line, Condition inGroup) {
        return row(column.column() + "-" + line, column.caption() + " on line " + line)
                .is(when(inGroup, column, NOTHING))
                .aside();
    }

    /** The four groups of sales of one term, column h of each: typed totals, and the rows by box. */
    private List<Line> sales(String term, String totals, List<List<Line>> listed) {
        Line typedProceeds = line("D/" + totals + "/d", "Totals reported, " + term);
        Line typedCost = line("D/" + totals + "/e", "Totals reported, " + term);
        List<Line> gains = new ArrayList<>();
        gains.add(line("D/" + totals + "/h", "Totals reported, " + term).is(typedProceeds.minus(typedCost)));
        for (int i = 0; i < listed.size(); i++) {
            List<Line> columns = listed.get(i);
            String number = "D/" + columns.get(0).column().replaceAll(".*-", "");
            String caption = KINDS.get(i) + ", " + term;
            line(number + "/d", caption).is(columns.get(0).rowTotal());
            line(number + "/e", caption).is(columns.get(1).rowTotal());
            line(number + "/g", caption).is(columns.get(2).rowTotal());
            gains.add(line(number + "/h", caption).is(columns.get(3).rowTotal()));
        }
        return gains;
    }
}
