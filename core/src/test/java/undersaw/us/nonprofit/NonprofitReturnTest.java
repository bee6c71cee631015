package undersaw.us.nonprofit;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import undersaw.SampleReturns;
import undersaw.books.Bridge;
import undersaw.calc.Calculation;
import undersaw.law.Law;
import undersaw.law.calendar.DueDate;
import undersaw.law.calendar.Period;
import undersaw.ledger.Mapping;
import undersaw.ledger.Split;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.money.Percent;
import undersaw.registry.Returns;
import undersaw.suggestions.HeldOut;

/** Figures of Form 990-EZ; line rules from the form's own captions (2024 form, from memory). */
class NonprofitReturnTest {
    private static Money line(Calculation year, String within) {
        return year.amount(LineId.of(within.startsWith("990-") ? within : "990-EZ/" + within));
    }

    /** A theatre with one account a line, each amount its own. */
    static SampleReturns theatre() {
        return SampleReturns.nonprofit()
                .income("4010", "990-EZ/1", "full", "30000")
                .income("4020", "990-EZ/2", "full", "42000")
                .income("4030", "990-EZ/3", "full", "1500")
                .income("4040", "990-EZ/4", "full", "210")
                .income("4050", "990-EZ/5a", "full", "900")
                .expense("5050", "990-EZ/5b", "full", "1100")
                .income("4060", "990-EZ/6a", "full", "800")
                .income("4061", "990-EZ/6b", "full", "9000")
                .expense("5060", "990-EZ/6c", "full", "3500")
                .income("4070", "990-EZ/7a", "full", "2600")
                .expense("5070", "990-EZ/7b", "full", "1200")
                .income("4080", "990-EZ/8", "full", "77")
                .expense("6100", "990-EZ/10", "program", "500")
                .expense("6110", "990-EZ/11", "full", "50")
                .expense("6120", "990-EZ/12", "management", "20000")
                .expense("6130", "990-EZ/13", "program", "18000")
                .expense("6140", "990-EZ/14", "full", "15000")
                .expense("6150", "990-EZ/15", "fundraising", "2200")
                .expense("6160", "990-EZ/16", "program", "12346");
    }

    @Test
    void partOneFootsLineByLine() {
        Calculation year = theatre().calculate();
        assertThat(line(year, "5c")).isEqualTo(Money.ofDollars(-200));
        assertThat(line(year, "6d")).isEqualTo(Money.ofDollars(6300));
        assertThat(line(year, "7c")).isEqualTo(Money.ofDollars(1400));
        assertThat(line(year, "9")).isEqualTo(Money.ofDollars(30000 + 42000 + 1500 + 210 - 200 + 6300 + 1400 + 77));
        assertThat(line(year, "17")).isEqualTo(Money.ofDollars(500 + 50 + 20000 + 18000 + 15000 + 2200 + 12346));
        assertThat(line(year, "18")).isEqualTo(line(year, "9").minus(line(year, "17")));
        assertThat(line(year, "21")).isEqualTo(line(year, "18"));
    }

    @Test
    void whatRoundingLeavesIsPutOpenlyToOneLine() {
        Calculation year = SampleReturns.nonprofit()
                .income("4010", "990-EZ/1", "full", "100.50")
                .income("4020", "990-EZ/2", "full", "100.50")
                .income("4030", "990-EZ/3", "full", "100.50")
                .expense("6160", "990-EZ/16", "management", "10.40")
                .calculate();
        assertThat(line(year, "9")).isEqualTo(Money.ofDollars(303));
        assertThat(line(year, "18")).isEqualTo(Money.ofDollars(291)).isEqualTo(line(year, "W-BK/6"));
        assertThat(line(year, "16")).isEqualTo(Money.ofDollars(12)).isEqualTo(line(year, "W-FN/2"));
        assertThat(line(year, "27/B")).isEqualTo(line(year, "21"));
    }

    /** Item L: line 9 with 5b, 6c and 7b added back (Form 990-EZ, item L; from memory). */
    @Test
    void grossReceiptsAddTheCostsBack() {
        Calculation year = theatre().calculate();
        assertThat(line(year, "hdr/L")).isEqualTo(line(year, "9").plus(Money.ofDollars(1100 + 3500 + 1200)));
    }

    @Test
    void theBalanceSheetIsAssetsLessLiabilities() {
        Calculation year = SampleReturns.nonprofit()
                .balance("1000", "990-EZ/22", "500", "700")
                .balance("1200", "990-EZ/23", "9000", "9000")
                .balance("1300", "990-EZ/24", "50", "60")
                .balance("2000", "990-EZ/26", "-1000", "-1100")
                .balance("3000", "990-EZ/27", "-8550", "-8550")
                .calculate();
        assertThat(line(year, "25/A")).isEqualTo(Money.ofDollars(9550));
        assertThat(line(year, "27/A")).isEqualTo(Money.ofDollars(8550)).isEqualTo(line(year, "19"));
        assertThat(line(year, "27/B")).isEqualTo(Money.ofDollars(8660));
    }

    @Test
    void donatedServicesAreInTheBooksAndNotOnTheReturn() {
        Calculation year = SampleReturns.nonprofit()
                .income("4010", "990-EZ/1", "full", "1000")
                .noncash("4015", "990-EZ/1", "donated-services", "-300")
                .noncash("6165", "990-EZ/16", "donated-services", "300")
                .noncash("4090", "990-EZ/20", "unrealized-gain", "-40")
                .balance("1900", "990-EZ/22", "0", "40")
                .calculate();
        assertThat(line(year, "1")).isEqualTo(Money.ofDollars(1000));
        assertThat(line(year, "16")).isEqualTo(Money.ZERO);
        assertThat(line(year, "W-BK/1")).isEqualTo(Money.ofDollars(1040));
        assertThat(line(year, "18")).isEqualTo(Money.ofDollars(1000)).isEqualTo(line(year, "W-BK/6"));
        assertThat(line(year, "20")).isEqualTo(Money.ofDollars(40));
        assertThat(line(year, "21")).isEqualTo(line(year, "27/B"));
        Bridge bridge = Bridge.of(year, Returns.find("990-EZ").orElseThrow());
        assertThat(bridge.bookIncome().plus(bridge.total(true)).plus(bridge.total(false)))
                .isEqualTo(line(year, "18"));
    }

    @Test
    void aSplitAccountSharesItselfOutByFunction() {
        SampleReturns sample = theatre();
        var snapshot = sample.snapshot();
        Mapping rent = snapshot.mappings()
                .get("6140")
                .withSplits(List.of(
                        new Split(LineId.of("990-EZ/14"), "", "program", Percent.of("70"), null),
                        new Split(LineId.of("990-EZ/14"), "", "fundraising", null, Money.parse("1000"))));
        Calculation year =
                Returns.calculate(snapshot.withMappings(snapshot.mappings().plus("6140", rent)));
        assertThat(line(year, "14")).isEqualTo(Money.ofDollars(15000));
        assertThat(line(year, "W-FN/1")).isEqualTo(Money.ofDollars(500 + 18000 + 12346 + 10500));
        assertThat(line(year, "W-FN/3")).isEqualTo(Money.ofDollars(3200));
        assertThat(line(year, "W-FN/4")).isEqualTo(Money.ofDollars(50 + 3500));
        assertThat(line(year, "W-FN/5")).isEqualTo(line(year, "17"));
    }

    @Test
    void restrictedNetAssetsAreKeptApart() {
        Calculation year = SampleReturns.nonprofit()
                .balance("1000", "990-EZ/22", "900", "900")
                .balance("3000", "990-EZ/27", "-600", "-600")
                .balance("3100", "990-EZ/27", "-300", "-300")
                .treated("3100", "restricted")
                .calculate();
        assertThat(line(year, "W-NA/4")).isEqualTo(Money.ofDollars(300));
        assertThat(line(year, "W-NA/5")).isEqualTo(Money.ofDollars(600));
    }

    /** 26 CFR 1.170A-9(f)(2): one third of total support; 1.170A-9(f)(3): ten percent (from memory). */
    @ParameterizedTest
    @CsvSource({"1000,2000,yes,no,33.33", "999,2001,no,yes,33.30", "100,900,no,yes,10", "99,901,no,no,9.90"})
    void theTestUnderSection170(String gifts, String investment, String third, String tenth, String percent) {
        SampleReturns sample = SampleReturns.nonprofit();
        for (int i = 0; i < 4; i++) {
            sample.fact("990-A/years/II/1@" + (2021 + i), i == 0 ? gifts : "0");
            sample.fact("990-A/years/II/8@" + (2021 + i), i == 3 ? investment : "0");
        }
        Calculation year = sample.calculate();
        assertThat(line(year, "990-A/II/11/f")).isEqualTo(Money.parse(gifts).plus(Money.parse(investment)));
        assertThat(year.answer(LineId.of("990-A/II/16a"))).isEqualTo(third);
        assertThat(year.answer(LineId.of("990-A/II/17a"))).isEqualTo(tenth);
        assertThat(year.answer(LineId.of("990-A/II/14"))).isEqualTo(percent);
    }

    /** 26 CFR 1.509(a)-3(a): over a third public support, investment income not over a third (from memory). */
    @ParameterizedTest
    @CsvSource({"100,0,yes", "67,33,yes", "66,34,no", "33,33,no"})
    void theTestUnderSection509(String receipts, String investment, String met) {
        Calculation year = SampleReturns.nonprofit()
                .fact("990-A/years/III/2@2021", receipts)
                .fact("990-A/years/III/10a@2022", investment)
                .calculate();
        assertThat(year.answer(LineId.of("990-A/III/19a"))).isEqualTo(met);
    }

    @Test
    void thisYearsSupportComesFromTheReturn() {
        Calculation year = theatre().calculate();
        assertThat(line(year, "990-A/II/1/e")).isEqualTo(Money.ofDollars(31500));
        assertThat(line(year, "990-A/III/2/e")).isEqualTo(Money.ofDollars(42000 + 2600 + 9000));
    }

    /** IRC 6072(e): the 15th day of the fifth month; IRC 7503: not on a Saturday or Sunday (from memory). */
    @ParameterizedTest
    @CsvSource({
        "2025-01-01,2025-12-31,2026-05-15,2026-11-16",
        "2024-07-01,2025-06-30,2025-11-17,2026-05-15",
        "2024-01-01,2024-12-31,2025-05-15,2025-11-17",
    })
    void itIsDueInTheFifthMonth(LocalDate start, LocalDate end, LocalDate due, LocalDate extended) {
        assertThat(DueDate.ofExemptOrganization(new Period(start, end))).isEqualTo(new DueDate(due, extended));
    }

    @ParameterizedTest
    @ValueSource(ints = {2022, 2023, 2024, 2025, 2026})
    void everyFigureOfTheLawNamesItsAuthority(int year) {
        NonprofitLaw.all()
                .forEach(key -> assertThat(Law.of(year).value(key).citation())
                        .as("%s of %d", key, year)
                        .isNotBlank());
        assertThat(Law.of(year).keys("nonprofit")).hasSameSizeAs(NonprofitLaw.all());
    }

    @Test
    void aHundredNamesOfSmallNonprofitsAreKnown() {
        NonprofitReturn kind = new NonprofitReturn();
        var suggestions = kind.suggestions();
        assertThat(suggestions.names()).hasSizeGreaterThan(500);
        HeldOut result = HeldOut.of(suggestions, HeldOut.Split.BY_NAME);
        assertThat(result.three() * 100).as(result.words()).isGreaterThan(result.names() * 70);
        List<String> unknown = new ArrayList<>();
        suggestions.names().forEach(name -> {
            if (kind.plan(2025).target(name.line()).isEmpty()) {
                unknown.add(name.toString());
            }
        });
        assertThat(unknown).isEmpty();
    }
}
