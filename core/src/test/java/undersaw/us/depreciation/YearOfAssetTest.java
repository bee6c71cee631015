package undersaw.us.depreciation;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.law.calendar.Period;
import undersaw.us.depreciation.AssetFacts.Deducted;

/** Single years of single assets; where nothing else is said, worked by hand from the rule that is named. */
final class YearOfAssetTest {
    /** Publication 946, Table A-1, from memory: 20, 32, 19.2, 11.52, 11.52 and 5.76 percent of 10,000. */
    @Test
    void fiveYearPropertyByTheTable() {
        List<AssetYear> life = Life.ahead(Assets.of("5", 10_000, "2022-05-01"), Assets.year(2022), 20);
        assertThat(life.stream().map(year -> year.allowed().regular()))
                .containsExactly(2_000L, 3_200L, 1_920L, 1_152L, 1_152L, 576L);
        assertThat(life.get(5).toDate().total()).isEqualTo(10_000);
    }

    /** IRC 179(b), 168(k): what is elected lowers the basis of regular depreciation (from memory). */
    @Test
    void section179LowersTheBasis() {
        AssetFacts asset = Assets.elected(Assets.of("5", 1_500_000, "2022-05-01"), 1_080_000);
        AssetYear year = YearOfAsset.of(asset, Assets.year(2022));
        assertThat(year.basis()).isEqualTo(420_000);
        assertThat(year.allowed()).isEqualTo(new Deducted(1_080_000, 0, 84_000));
    }

    /** Pub. L. 115-97 sec. 13201 and Pub. L. 119-21 sec. 70301, from memory: the day of contract decides. */
    @ParameterizedTest
    @CsvSource({
        "2022-03-01,2022-04-01,100000,0",
        "2023-03-01,2023-04-01,80000,4000",
        "2024-03-01,2024-04-01,60000,8000",
        "2025-01-15,2025-03-01,40000,12000",
        "2025-01-19,2025-12-01,40000,12000",
        "2025-01-20,2025-03-01,100000,0",
        "2025-01-15,2026-03-01,20000,16000",
        "2017-09-01,2022-03-01,0,20000"
    })
    void specialAllowanceByBothDays(String acquired, String placed, long bonus, long regular) {
        AssetFacts asset = Assets.acquired(Assets.of("5", 100_000, placed), acquired);
        AssetYear year =
                YearOfAsset.of(asset, Assets.year(LocalDate.parse(placed).getYear()));
        assertThat(year.allowed()).isEqualTo(new Deducted(0, bonus, regular));
    }

    /** IRC 168(k)(7) and (10), from memory. */
    @Test
    void electionsOutOfTheAllowanceAndDownToForty() {
        AssetFacts asset = Assets.acquired(Assets.of("qip", 100_000, "2025-06-01"), "2025-06-01");
        YearLaw plain = Assets.year(2025);
        YearLaw out = new YearLaw(plain.years(), Convention.HY, Set.of("15"), false, 5_000, 50_000);
        YearLaw forty = new YearLaw(plain.years(), Convention.HY, Set.of(), true, 5_000, 50_000);
        assertThat(YearOfAsset.of(asset, plain).allowed().bonus()).isEqualTo(100_000);
        assertThat(YearOfAsset.of(asset, out).allowed()).isEqualTo(new Deducted(0, 0, 3_330));
        assertThat(YearOfAsset.of(asset, forty).allowed().bonus()).isEqualTo(40_000);
    }

    /** Publication 946, tables and A-7a, from memory. */
    @Test
    void otherTables() {
        assertThat(regular(Assets.of("qip", 90_000, "2024-05-01"), Assets.year(2024)))
                .isEqualTo(2_997);
        assertThat(regular(Assets.of("7", 10_000, "2024-05-01"), Assets.midQuarter(2024)))
                .isEqualTo(1_785);
        AssetFacts building = Assets.of("39", 390_000, "2024-01-10");
        assertThat(regular(building, Assets.year(2024))).isEqualTo(9_598);
        assertThat(regular(Assets.prior(building, 0, 0, 9_598), Assets.year(2025)))
                .isEqualTo(10_000);
        assertThat(regular(Assets.disposed(Assets.prior(building, 0, 0, 9_598), "2025-03-20"), Assets.year(2025)))
                .isEqualTo(2_083);
    }

    /** Reg. 1.168(d)-1(b): half a year, and the middle of the quarter, of disposal (from memory). */
    @Test
    void yearOfDisposal() {
        AssetFacts half = Assets.prior(Assets.of("5", 10_000, "2023-05-01"), 0, 0, 5_200);
        assertThat(regular(Assets.disposed(half, "2025-02-01"), Assets.year(2025)))
                .isEqualTo(960);
        AssetFacts quarter =
                Assets.counted(Assets.prior(Assets.of("5", 10_000, "2023-11-01"), 0, 0, 500 + 3_800), Convention.MQ);
        // 22.80 percent, 1.5, 4.5, 7.5 or 10.5 months of 12
        assertThat(regular(Assets.disposed(quarter, "2025-02-01"), Assets.year(2025)))
                .isEqualTo(285);
        assertThat(regular(Assets.disposed(quarter, "2025-12-01"), Assets.year(2025)))
                .isEqualTo(1_995);
        AssetFacts sameYear = Assets.disposed(Assets.of("5", 10_000, "2025-02-01"), "2025-09-01");
        assertThat(YearOfAsset.of(sameYear, Assets.year(2025)).allowed().total())
                .isZero();
    }

    /** Rev. Proc. 89-15 and Publication 946, chapter 4, from memory. */
    @Test
    void shortYearsAreFoundByFormula() {
        Period first = new Period(LocalDate.of(2022, 3, 15), LocalDate.of(2022, 12, 31));
        YearLaw law = YearLaw.plain(new TaxYears(first, LocalDate.of(2022, 3, 15), List.of()));
        AssetFacts asset = Assets.of("5", 10_000, "2022-08-10");
        assertThat(Life.ahead(asset, law, 20).stream()
                        .map(year -> year.allowed().regular())
                        .limit(3))
                .containsExactly(1_667L, 3_333L, 2_000L);
        YearLaw second = YearLaw.plain(new TaxYears(Period.calendarYear(2023), LocalDate.of(2022, 3, 15), List.of()));
        assertThat(regular(Assets.prior(asset, 0, 0, 1_667), second)).isEqualTo(3_333);
        Period last = new Period(LocalDate.of(2024, 1, 1), LocalDate.of(2024, 4, 30));
        AssetFacts held =
                Assets.disposed(Assets.prior(Assets.of("5", 50_000, "2022-05-01"), 0, 0, 26_000), "2024-04-15");
        assertThat(regular(held, YearLaw.plain(TaxYears.upTo(last)))).isEqualTo(1_600);
    }

    /** IRC 280F(a); Rev. Proc. 2024-13; from memory. */
    @Test
    void automobilesAreCapped() {
        AssetFacts car = Assets.acquired(Assets.of("5-auto", 60_000, "2024-05-01"), "2024-05-01");
        List<AssetYear> life = Life.ahead(car, Assets.year(2024), 30);
        AssetYear first = life.get(0);
        assertThat(first.bonusFull()).isEqualTo(36_000);
        assertThat(first.regularFull()).isEqualTo(4_800);
        assertThat(first.allowed()).isEqualTo(new Deducted(0, 20_400, 0));
        assertThat(life.get(1).allowed().regular()).isEqualTo(7_680);
        // after the recovery period 7,160 a year, until the cost is recovered
        assertThat(life.get(6).allowed().regular()).isEqualTo(7_160);
        assertThat(life.get(life.size() - 1).toDate().total()).isEqualTo(60_000);
    }

    /** Rev. Proc. 2019-13, from memory: the tables go on from what the first year's limit left. */
    @Test
    void safeHarbourOfAutomobiles() {
        AssetFacts car = Assets.acquired(Assets.of("5-auto", 60_000, "2022-05-01"), "2022-05-01");
        AssetFacts safe = new AssetFacts(
                car.type(),
                car.acquired(),
                car.placed(),
                car.cost(),
                0,
                car.use(),
                "",
                null,
                0,
                "",
                Deducted.NOTHING,
                null,
                true);
        List<AssetYear> without = Life.ahead(car, Assets.year(2022), 4);
        List<AssetYear> with = Life.ahead(safe, Assets.year(2022), 4);
        assertThat(without.get(1).allowed().total()).isZero();
        assertThat(with.get(0).allowed().total()).isEqualTo(19_200);
        // 32 percent of 40,800
        assertThat(with.get(1).allowed().total()).isEqualTo(13_056);
    }

    /** IRC 280F(b)(2), from memory: 16,640 taken, 9,600 by the alternative system. */
    @Test
    void listedPropertyWhoseUseFalls() {
        AssetFacts van = Assets.used(Assets.of("5-listed", 40_000, "2023-05-01"), 40, Map.of(2023, 80, 2024, 80));
        AssetYear year = YearOfAsset.of(Assets.prior(van, 0, 0, 16_640), Assets.year(2025));
        assertThat(year.listedRecapture()).isEqualTo(7_040);
        assertThat(year.allowed().regular()).isEqualTo(3_200);
        assertThat(year.toDate().total()).isEqualTo(12_800);
        assertThat(year.alternative()).isTrue();
    }

    /** Publication 946, example of section 179 recapture, from memory: 5,000 less 4,185.20. */
    @Test
    void section179WhoseUseFalls() {
        AssetFacts asset = Assets.used(Assets.of("3", 5_000, "2023-05-01"), 40, Map.of(2023, 100, 2024, 100));
        AssetYear year = YearOfAsset.of(Assets.prior(asset, 5_000, 0, 0), Assets.year(2025));
        assertThat(year.recapture()).isEqualTo(815);
    }

    /** IRC 197, 195, 167(f), 174, from memory: months, the first one counted. */
    @Test
    void amortizationByMonths() {
        AssetFacts goodwill = Assets.of("197", 180_000, "2024-07-20");
        assertThat(regular(goodwill, Assets.year(2024))).isEqualTo(6_000);
        assertThat(regular(Assets.prior(goodwill, 0, 0, 6_000), Assets.year(2025)))
                .isEqualTo(12_000);
        // none for the month of disposal
        assertThat(regular(Assets.disposed(Assets.prior(goodwill, 0, 0, 6_000), "2025-04-30"), Assets.year(2025)))
                .isEqualTo(3_000);
        AssetFacts startUp = Assets.of("195", 52_000, "2024-10-01");
        assertThat(regular(startUp, Assets.year(2024))).isEqualTo(3_000 + 817);
        assertThat(regular(Assets.prior(startUp, 0, 0, 3_817), Assets.year(2025)))
                .isEqualTo(3_267);
        assertThat(regular(Assets.of("software", 3_600, "2024-11-02"), Assets.year(2024)))
                .isEqualTo(200);
        assertThat(regular(Assets.of("174", 60_000, "2024-11-02"), Assets.year(2024)))
                .isEqualTo(6_000);
    }

    /** IRC 168(g)(2), (3), from memory. */
    @Test
    void alternativeSystem() {
        AssetFacts machine = Assets.of("7", 10_000, "2024-05-01").by("ADS");
        assertThat(regular(machine, Assets.year(2024))).isEqualTo(500);
        assertThat(regular(Assets.of("7", 19_000, "2024-05-01").by("ADS/9.5"), Assets.year(2024)))
                .isEqualTo(Rounded.share(19_000, 5_260, 100_000));
        // 40 years for dwellings placed in service before 2018, 30 after
        assertThat(YearOfAsset.of(Assets.of("27.5", 1, "2017-05-01").by("ADS"), Assets.year(2024))
                        .table()
                        .life())
                .isEqualTo(40 * YearParts.YEAR);
    }

    /** IRC 56(a)(1)(A)(ii), from memory: 150 percent where the regular tax takes 200. */
    @Test
    void alternativeMinimumTaxByItsOwnMethod() {
        AssetFacts asset = Assets.prior(Assets.of("5", 10_000, "2014-05-01"), 0, 0, 2_000);
        AssetYear year = Life.by("150DB", asset, Assets.year(2015));
        assertThat(year.allowed().regular()).isEqualTo(2_550);
        assertThat(year.toDate().regular()).isEqualTo(4_050);
    }

    private static long regular(AssetFacts asset, YearLaw law) {
        return YearOfAsset.of(asset, law).allowed().regular();
    }
}
