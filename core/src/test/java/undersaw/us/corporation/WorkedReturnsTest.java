package undersaw.us.corporation;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.law.calendar.DueDate;
import undersaw.law.calendar.Period;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.registry.Returns;

/**
 * Whole returns worked by hand, line after line, from invented books under the law of their year (IRC sections named
 * at each; from memory). The figures were put down with pencil and paper, not taken from the code.
 */
class WorkedReturnsTest {
    /** The lines named, each as line and amount, one after the other. */
    private static void stands(Calculation year, Object... linesAndAmounts) {
        Map<String, Long> expected = new TreeMap<>();
        Map<String, Long> found = new TreeMap<>();
        for (int i = 0; i < linesAndAmounts.length; i += 2) {
            String line = (String) linesAndAmounts[i];
            expected.put(line, ((Number) linesAndAmounts[i + 1]).longValue());
            found.put(line, year.amount(LineId.of(line)).dollars());
        }
        assertThat(found).isEqualTo(expected);
    }

    private static Payment paid(int year, int month, int day, PaymentKind kind, long dollars) {
        return new Payment(LocalDate.of(year, month, day), kind, Money.ofDollars(dollars));
    }

    private static SampleReturns retailer() {
        return SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "1250000")
                .expense("4090", "1120/1b", "full", "14300.40")
                .balance("1200", "1120/L/3", "118400", "131250")
                .balance("3100", "1120/L/22b", "-118400", "-118400")
                .expense("5000", "1125-A/2", "full", "702150.25")
                .expense("5100", "1125-A/5", "full", "12480.60")
                .noncash("5900", "1125-A/7", "inventory-change", "-12850")
                .income("4500", "1120/5", "full", "820.33")
                .income("4520", "1120/5", "interest-exempt", "1900")
                .expense("6000", "1120/12", "full", "96000")
                .expense("6010", "1120/13", "full", "171300.75")
                .expense("6020", "1120/14", "full", "8215.10")
                .expense("6030", "1120/15", "full", "2300")
                .expense("6040", "1120/16", "full", "48000")
                .expense("6050", "1120/17", "full", "23410.35")
                .expense("6060", "1120/18", "full", "6120")
                .expense("6070", "1120/19", "charitable", "4000")
                .noncash("6080", "1120/20", "depreciation-books", "22000")
                .balance("1590", "1120/L/10b", "0", "-22000")
                .expense("6090", "1120/22", "full", "15600")
                .expense("6100", "1120/23", "full", "9000")
                .expense("6110", "1120/24", "full", "13750")
                .expense("6120", "1120/26", "meals-half", "3215.50")
                .expense("6130", "1120/26", "fines-none", "450")
                .expense("6140", "1120/26", "full", "2780")
                .expense("8000", "1120/M-1/2", "federal-tax", "40000")
                .fact("4562/22", "31500")
                .paid(paid(2025, 4, 15, PaymentKind.ESTIMATED, 5_000))
                .paid(paid(2025, 6, 16, PaymentKind.ESTIMATED, 5_000))
                .paid(paid(2025, 9, 15, PaymentKind.ESTIMATED, 5_000))
                .paid(paid(2025, 12, 15, PaymentKind.ESTIMATED, 5_000));
    }

    /** Gross receipts to taxable income: IRC 61, 162, 163, 164, 166, 170(b)(2), 274(n), 471. */
    @Test
    void aRetailerFromSalesToTaxableIncome() {
        Calculation year = retailer().calculate();
        // 118,400 + 702,150 + 12,481 (12,480.60) = 833,031; less 131,250
        stands(year, "1125-A/1", 118_400, "1125-A/2", 702_150, "1125-A/5", 12_481, "1125-A/6", 833_031);
        stands(year, "1125-A/7", 131_250, "1125-A/8", 701_781, "1120/2", 701_781);
        stands(year, "1120/1a", 1_250_000, "1120/1b", 14_300, "1120/1c", 1_235_700, "1120/3", 533_919);
        stands(year, "1120/5", 820, "1120/11", 534_739);
        stands(year, "1120/12", 96_000, "1120/13", 171_301, "1120/14", 8_215, "1120/15", 2_300, "1120/16", 48_000);
        stands(year, "1120/17", 23_410, "1120/18", 6_120, "1120/19", 4_000, "1120/20", 31_500, "1120/22", 15_600);
        // half of 3,215.50 is 1,607.75, with 2,780 it is 4,387.75
        stands(year, "1120/23", 9_000, "1120/24", 13_750, "1120/26", 4_388, "1120/27", 433_584);
        stands(year, "1120/28", 101_155, "1120/29c", 0, "1120/30", 101_155);
        // the limit on gifts is 10 percent of 105,155, income before them: 10,515.50
        stands(year, "1120/W-CHAR/T", 105_155, "1120/W-CHAR/4", 10_516, "1120/W-CHAR/10", 0);
    }

    /** Tax and payments: IRC 11(b), 6655. 21 percent of 101,155 is 21,242.55. */
    @Test
    void theRetailerOwesWhatItsEstimatesLeave() {
        Calculation year = retailer().calculate();
        stands(year, "1120/J/1a", 21_243, "1120/J/12", 21_243, "1120/31", 21_243, "1120/J/14", 20_000);
        // a quarter of 21,243 is 5,311 (5,310.75): each payment cures what is oldest, so the shortfall grows by 311
        stands(year, "2220/10/a", 5_311, "2220/17/a", 311, "2220/17/b", 622, "2220/17/c", 933, "2220/17/d", 1_244);
        // 311 for 62 days, 622 and 933 for 91, 1,244 for 16 and 90 at 7 percent, for 15 at 6 percent: 56.12 and 3.07
        stands(year, "2220/38", 59, "1120/34", 59, "1120/33", 20_000, "1120/35", 1_302, "1120/36", 0);
    }

    /** Books to tax: IRC 103, 162(f), 168, 274(n), 275(a)(1). */
    @Test
    void theRetailersBooksComeToItsTaxableIncome() {
        Calculation year = retailer().calculate();
        stands(year, "1120/M-1/1", 70_497, "1120/M-1/2", 40_000, "1120/M-1/5a", 0, "1120/M-1/5c", 1_608);
        stands(year, "1120/M-1/5d", 450, "1120/M-1/6", 112_555, "1120/M-1/7a", 1_900, "1120/M-1/8a", 9_500);
        stands(year, "1120/M-1/9", 11_400, "1120/M-1/10", 101_155, "1120/K/9", 1_900);
        stands(year, "1120/M-2/1", 0, "1120/M-2/2", 70_497, "1120/M-2/8", 70_497, "1120/L/25/d", 70_497);
        assertThat(year.amount(LineId.of("1120/L/15/d"))).isEqualTo(year.amount(LineId.of("1120/L/28/d")));
    }

    /** IRC 172(a)(2), 243(c), 246(b): 110,000 with 50,000 of dividends from a 20 percent holding. */
    @Test
    void aHoldingCompanyWithOldAndLaterLosses() {
        Calculation year = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "60000")
                .income("4600", "1120/C/2/a", "full", "50000")
                .carried(CarryoverKind.NOL, 2016, "10000")
                .carried(CarryoverKind.NOL, 2020, "30000")
                .calculate();
        stands(year, "1120/4", 50_000, "1120/11", 110_000, "1120/28", 110_000);
        stands(year, "1120/W-DRD/4", 71_500, "1120/W-DRD/5", 32_500, "1120/C/9/c", 32_500, "1120/29b", 32_500);
        stands(year, "1120/W-NOL/1", 77_500, "1120/W-NOL/4", 10_000, "1120/W-NOL/5", 67_500);
        stands(year, "1120/W-NOL/6", 54_000, "1120/W-NOL/8", 30_000, "1120/29a", 40_000, "1120/W-NOL/10", 0);
        stands(year, "1120/30", 37_500, "1120/31", 7_875, "1120/K/12", 40_000);
    }

    /** IRC 246(b)(2): the full deduction enlarges a loss; IRC 172(b): it is carried on without end. */
    @Test
    void aYearOfLossWithDividends() {
        Calculation year = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "300000")
                .income("4600", "1120/C/1/a", "full", "20000")
                .expense("6010", "1120/13", "full", "360000")
                .calculate();
        stands(year, "1120/28", -40_000, "1120/29b", 10_000, "1120/30", -50_000, "1120/J/1a", 0, "1120/31", 0);
        stands(year, "1120/W-NOL/11", 50_000, "1120/W-NOL/10", 50_000, "1120/29a", 0, "1120/M-1/10", -40_000);
    }

    /** IRC 1211(a), 1212(a), 1222: a loss of 2021 is short-term now; one of 2019 has ended. */
    @Test
    void capitalGainsMeetALossOfAnEarlierYear() {
        Calculation year = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "10000")
                .fact("8949/proceeds@1", "9000")
                .fact("8949/cost@1", "5000")
                .fact("8949/term@1", "short")
                .fact("8949/proceeds@2", "30000")
                .fact("8949/cost@2", "21000")
                .fact("8949/term@2", "long")
                .carried(CarryoverKind.CAPITAL_LOSS, 2021, "3000")
                .carried(CarryoverKind.CAPITAL_LOSS, 2019, "1000")
                .calculate();
        stands(year, "1120/D/3/h", 4_000, "1120/D/6", -3_000, "1120/D/7", 1_000, "1120/D/10/h", 9_000);
        stands(year, "1120/D/15", 9_000, "1120/D/16", 1_000, "1120/D/17", 9_000, "1120/D/18", 10_000);
        stands(year, "1120/W-CAP/1", 3_000, "1120/W-CAP/3", 3_000, "1120/W-CAP/4", 0, "1120/8", 10_000);
        stands(year, "1120/11", 20_000, "1120/31", 4_200);
    }

    /** IRC 1211(a): a net capital loss lowers no other income, and is a difference from the books. */
    @Test
    void aNetCapitalLossStaysOutOfTheReturn() {
        Calculation year = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "50000")
                .expense("7100", "1120/8", "capital-books", "5000")
                .fact("8949/proceeds@1", "8000")
                .fact("8949/cost@1", "6000")
                .fact("8949/term@1", "short")
                .fact("8949/proceeds@2", "10000")
                .fact("8949/cost@2", "17000")
                .fact("8949/term@2", "long")
                .calculate();
        stands(year, "1120/D/7", 2_000, "1120/D/15", -7_000, "1120/D/18", 0, "1120/8", 0, "1120/28", 50_000);
        stands(year, "1120/W-CAP/2", -5_000, "1120/W-CAP/4", 5_000, "1120/M-1/3", 5_000, "1120/W-CAP/5", 5_000);
        stands(year, "1120/M-1/1", 45_000, "1120/M-1/10", 50_000);
    }

    /** Fiscal year to 30 June: rates by its beginning; IRC 6072(a) as amended by P.L. 114-41 sec. 2006(a)(3). */
    @Test
    void aJuneYearIsDueInTheThirdMonthAndPaysOnItsOwnDates() {
        Period june = new Period(LocalDate.of(2024, 7, 1), LocalDate.of(2025, 6, 30));
        Calculation year = SampleReturns.corporation()
                .during(june)
                .income("4000", "1120/1a", "full", "80000")
                .paid(paid(2024, 10, 15, PaymentKind.ESTIMATED, 4_200))
                .paid(paid(2024, 12, 16, PaymentKind.ESTIMATED, 4_200))
                .paid(paid(2025, 3, 17, PaymentKind.ESTIMATED, 4_200))
                .paid(paid(2025, 6, 16, PaymentKind.ESTIMATED, 4_200))
                .calculate();
        stands(year, "1120/31", 16_800, "2220/10/a", 4_200, "2220/17/a", 0, "2220/17/d", 0, "2220/38", 0);
        stands(year, "1120/33", 16_800, "1120/35", 0, "1120/36", 0);
        DueDate due = Returns.of(year.snapshot()).due(june);
        assertThat(due).isEqualTo(new DueDate(LocalDate.of(2025, 9, 15), LocalDate.of(2026, 4, 15)));
    }

    /** Form 1120, Schedule K, question 13: receipts and assets under 250,000 excuse Schedules L, M-1 and M-2. */
    @Test
    void aSmallCorporationGivesNoBalanceSheet() {
        Calculation small = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "249999")
                .expense("6010", "1120/13", "full", "200000")
                .calculate();
        assertThat(small.answer(LineId.of("1120/K/13"))).isEqualTo("yes");
        assertThat(small.printed()).noneMatch(value -> value.key().line().text().matches("1120/(L|M-1|M-2)/.*"));
        stands(small, "1120/hdr/D", 49_999, "1120/30", 49_999, "1120/31", 10_500);

        Calculation larger = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "250000")
                .expense("6010", "1120/13", "full", "200000")
                .calculate();
        assertThat(larger.answer(LineId.of("1120/K/13"))).isEqualTo("no");
        assertThat(larger.printed()).anyMatch(value -> value.key().line().text().equals("1120/L/15/d"));
    }

    /** IRC 6655(d)(2): a large corporation may rest its first instalment on last year's tax and makes up the second. */
    @Test
    void aLargeCorporationCatchesUpInItsSecondInstalment() {
        Calculation year = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "2000000")
                .fact("2220/large", "yes")
                .fact("2220/4", "80000")
                .calculate();
        stands(year, "2220/3", 420_000, "2220/5", 420_000);
        stands(year, "2220/10/a", 20_000, "2220/10/b", 190_000, "2220/10/c", 105_000, "2220/10/d", 105_000);
        assertThat(Stream.of("a", "b", "c", "d")
                        .mapToLong(column ->
                                year.amount(LineId.of("2220/10/" + column)).dollars())
                        .sum())
                .isEqualTo(420_000);
    }

    /** IRC 38(c)(1): net income tax less a quarter of what exceeds 25,000. */
    @Test
    void creditsLowerTheTaxLineByLine() {
        Calculation year = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "500000")
                .fact("1120/J/5a", "5000")
                .fact("1120/J/5c", "60000")
                .fact("1120/J/9b", "1200")
                .calculate();
        stands(year, "1120/J/2", 105_000, "1120/J/4", 105_000, "1120/J/6", 65_000, "1120/J/7", 40_000);
        stands(year, "1120/J/10", 1_200, "1120/J/11a", 41_200, "1120/J/12", 41_200, "1120/31", 41_200);
    }
}
