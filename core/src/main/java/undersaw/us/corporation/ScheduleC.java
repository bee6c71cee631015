package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.util.ArrayList;
import java.util.List;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.Section;
import undersaw.form.formula.Formula;
import undersaw.form.formula.LawPercent;
import undersaw.law.LawKey;
import undersaw.ledger.Side;

/** Form 1120, Schedule C: dividends, inclusions and special deductions (2024 form, from memory). */
final class ScheduleC extends Form {
    private final DividendPayers payers;
    private final List<Line> columnA = new ArrayList<>();
    private final List<Line> limitedDividends;
    private final List<Line> limitedDeductions;
    final Line large;
    final Line largeDeduction;
    final Line utilityLargeDeduction;
    final Line foreignLargeDeduction;
    final Line whollyOwnedDeduction;
    final Line debtFinancedLarge;
    final Line debtFinancedLargeDeduction;
    final Line utilityLarge;
    final Line foreignLarge;
    final Line whollyOwned;
    final Line smallBusinessInvestment;
    final Line affiliated;
    final Line certainForeign;
    final Line foreignSource;
    final Line utilityPaid;
    final Line section250;
    final Line limited;
    final Line totalDividends;
    final Line totalSpecial;

    ScheduleC(CorporationForms all) {
        super("1120", "Schedule C");
        payers = all.payers;
        section(Section.OTHER_INCOME);
        partByNeed(
                "C",
                "Schedule C: dividends, inclusions, special deductions",
                "IRC 243 to 246, 250",
                "dividends received stock subpart F");
        Line small = dividends("1", "Domestic, holdings under 20%");
        large = dividends("2", "Domestic, holdings of 20% or more");
        Line debtFinanced = dividends("3", "Debt-financed stock");
        debtFinancedLarge = line("C/3/a20", "Debt-financed stock: part from holdings of 20% or more");
        Line utilitySmall = dividends("4", "Utility preferred stock, under 20%");
        utilityLarge = dividends("5", "Utility preferred stock, 20% or more");
        Line foreignSmall = dividends("6", "Foreign corporations, under 20%");
        foreignLarge = dividends("7", "Foreign corporations, 20% or more");
        whollyOwned = dividends("8", "Wholly owned foreign subsidiaries");
        limitedDividends = List.of(
                small, large, debtFinanced, utilitySmall, utilityLarge, foreignSmall, foreignLarge, whollyOwned);

        Line smallDeduction = deduction("1", small, CorporationLaw.DIVIDENDS_SMALL_HOLDING);
        largeDeduction = deduction("2", large, CorporationLaw.DIVIDENDS_LARGE_HOLDING);
        Line debtFinancedDeduction =
                line("C/3/c", "Debt-financed stock: deduction").cites("IRC 246A");
        debtFinancedLargeDeduction = line("C/3/c20", "Debt-financed stock: deduction for holdings of 20% or more");
        Line utilitySmallDeduction = deduction("4", utilitySmall, CorporationLaw.DIVIDENDS_UTILITY_SMALL);
        utilityLargeDeduction = deduction("5", utilityLarge, CorporationLaw.DIVIDENDS_UTILITY_LARGE);
        Line foreignSmallDeduction = deduction("6", foreignSmall, CorporationLaw.DIVIDENDS_SMALL_HOLDING);
        foreignLargeDeduction = deduction("7", foreignLarge, CorporationLaw.DIVIDENDS_LARGE_HOLDING);
        whollyOwnedDeduction = deduction("8", whollyOwned, CorporationLaw.DIVIDENDS_WHOLE);
        limitedDeductions = List.of(
                smallDeduction,
                largeDeduction,
                debtFinancedDeduction,
                utilitySmallDeduction,
                utilityLargeDeduction,
                foreignSmallDeduction,
                foreignLargeDeduction,
                whollyOwnedDeduction);

        Line subtotal = line("C/9/a", "Subtotal of dividends, lines 1 to 8").is(sum(limitedDividends));
        limited = line("C/9/c", "Deduction for lines 1 to 8, limited")
                .is(() -> all.dividendLimit.allowed)
                .cites("IRC 246(b)");
        Line investment = dividends("10", "Received by a small business investment company");
        Line group = dividends("11", "Affiliated group members");
        Line foreignSales = dividends("12", "Certain foreign sales corporations");
        Line foreign = dividends("13", "Foreign-source part, specified 10%-owned foreign corporations");
        List<Line> undeducted = List.of(
                dividends("14", "Other foreign corporations"),
                dividends("16a", "Subpart F inclusions, sale of lower-tier stock"),
                dividends("16b", "Subpart F inclusions, hybrid dividends"),
                dividends("16c", "Other subpart F inclusions"),
                dividends("17", "Global intangible low-taxed income"),
                dividends("18", "Gross-up for foreign taxes deemed paid"),
                dividends("19", "Former DISC and interest-charge DISC"),
                dividends("20", "Other dividends"));
        smallBusinessInvestment = deduction("10", investment, CorporationLaw.DIVIDENDS_WHOLE);
        affiliated = deduction("11", group, CorporationLaw.DIVIDENDS_WHOLE);
        certainForeign = deduction("12", foreignSales, CorporationLaw.DIVIDENDS_WHOLE);
        foreignSource = deduction("13", foreign, CorporationLaw.DIVIDENDS_WHOLE);
        utilityPaid =
                line("C/21/c", "Dividends paid on utility preferred stock").cites("IRC 247");
        section250 = line("C/22/c", "Section 250 deduction").cites("IRC 250");
        List<Line> more = new ArrayList<>(List.of(subtotal, investment, group, foreignSales, foreign));
        more.addAll(undeducted);
        totalDividends = line("C/23/a", "Total dividends and inclusions").is(sum(more));
        totalSpecial = line("C/24/c", "Total special deductions").is(limited.plus(unlimited()));
        line("C/hold", "Each stock was held more than 45 days")
                .as(LineKind.YES_NO)
                .ofTheYear()
                .cites("IRC 246(c)");
    }

    /** What the accounts bring, or, once dividends are listed by payer, what the list says. */
    private Line dividends(String number, String caption) {
        Line line = line("C/" + number + "/a", caption);
        mappable(line, Side.CREDIT);
        columnA.add(line);
        Formula listed = payers.onLine(number);
        return line.fromBooksAnd(() -> when(payers.total.isNotZero(), listed, line.fromAccounts()));
    }

    /** What accounts bring to all lines of column a. */
    Formula dividendsOfBooks() {
        return sum(columnA.stream().map(Line::fromAccounts).toList());
    }

    private Line deduction(String number, Line dividends, LawKey share) {
        line("C/" + number + "/b", dividends.caption() + ": percent")
                .isRatio(() -> new LawPercent(share).onlyWhen(dividends.isNotZero()));
        return line("C/" + number + "/c", dividends.caption() + ": deduction").is(dividends.times(share));
    }

    /** Dividends of lines 1 to 8. */
    Formula limitedDividends() {
        return sum(limitedDividends);
    }

    /** Deductions of lines 1 to 8 before the income limit. */
    Formula fullDeduction() {
        return sum(limitedDeductions);
    }

    /** Special deductions that the income limit does not cut: lines 10 to 22. */
    Formula unlimited() {
        return sum(smallBusinessInvestment, affiliated, certainForeign, foreignSource, utilityPaid, section250);
    }
}
