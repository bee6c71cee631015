package undersaw.us.depreciation;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.stream.LongStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;
import undersaw.law.calendar.Period;

/** What holds of any asset over its life (IRC 168(b)(1): the basis is recovered, no more and no less). */
final class LifetimeTest {
    private static final List<String> CLASSES = List.of(
            "3",
            "5",
            "5-auto",
            "5-suv",
            "5-listed",
            "7",
            "10",
            "15",
            "qip",
            "20",
            "25",
            "27.5",
            "39",
            "39-179",
            "software",
            "197",
            "195",
            "248",
            "709",
            "174");

    private static AssetFacts any(Random random) {
        String type = CLASSES.get(random.nextInt(CLASSES.size()));
        LocalDate placed = LocalDate.of(2022, 1, 1).plusDays(random.nextInt(365));
        int most = type.equals("5-auto") ? 150_000 : 3_000_000;
        AssetFacts asset = Assets.of(type, 1 + random.nextInt(most), placed.toString());
        AssetFacts acquired = random.nextBoolean() ? Assets.acquired(asset, placed.toString()) : asset;
        return asset.type().mayElect() && random.nextBoolean()
                ? Assets.elected(acquired, random.nextLong(asset.cost() + 1))
                : acquired;
    }

    private static YearLaw year(Random random) {
        YearLaw plain = random.nextBoolean() ? Assets.year(2022) : Assets.midQuarter(2022);
        return random.nextInt(4) > 0
                ? plain
                : plain.in(new TaxYears(
                        new Period(LocalDate.of(2022, 1, 1), LocalDate.of(2022, 12, 31)),
                        LocalDate.of(2022, 1, 1),
                        List.of()));
    }

    @RepeatedTest(400)
    void theWholeBasisIsRecovered(RepetitionInfo turn) {
        Random random = new Random(turn.getCurrentRepetition());
        AssetFacts asset = any(random);
        List<AssetYear> life = Life.ahead(asset, year(random), 200);
        long sum = life.stream().mapToLong(each -> each.allowed().total()).sum();
        assertThat(sum).as("%s", asset).isEqualTo(asset.cost());
        assertThat(life).allSatisfy(each -> assertThat(each.allowed().regular()).isNotNegative());
    }

    /** Two halves of an asset deduct what the whole does, but for a dollar of rounding each. */
    @RepeatedTest(100)
    void splittingChangesNoMoreThanRounding(RepetitionInfo turn) {
        Random random = new Random(1_000L + turn.getCurrentRepetition());
        String type = List.of("5", "7", "15", "39", "27.5").get(random.nextInt(5));
        long cost = 100 + random.nextInt(500_000);
        long part = 1 + random.nextLong(cost - 1);
        for (AssetYear year : Life.ahead(Assets.of(type, cost, "2022-04-01"), Assets.year(2022), 3)) {
            long split = LongStream.of(part, cost - part)
                    .map(each -> Life.ahead(Assets.of(type, each, "2022-04-01"), Assets.year(2022), 3)
                            .get(year.number() - 1)
                            .allowed()
                            .total())
                    .sum();
            assertThat(split)
                    .isBetween(year.allowed().total() - 1, year.allowed().total() + 1);
        }
    }

    /** Earlier years found anew are those that were deducted year by year. */
    @RepeatedTest(100)
    void whatWasDeductedIsWhatWasAllowable(RepetitionInfo turn) {
        Random random = new Random(2_000L + turn.getCurrentRepetition());
        AssetFacts now = any(random);
        TaxYears years = TaxYears.upTo(Period.calendarYear(2022));
        for (int at = 0; at < 4; at++) {
            AssetYear done = YearOfAsset.of(now, YearLaw.plain(years));
            now = now.after(done, years.year().lawYear());
            years = years.next();
            assertThat(Life.allowable(now, YearLaw.plain(years)).total())
                    .as("%s in %s", now, years.year())
                    .isEqualTo(now.prior().total());
        }
    }

    /** An automobile never deducts above its limit, whatever is elected and allowed (IRC 280F(a)). */
    @Test
    void automobilesStayWithinTheirLimit() {
        for (long cost = 10_000; cost < 200_000; cost += 7_000) {
            AssetFacts car =
                    Assets.elected(Assets.acquired(Assets.of("5-auto", cost, "2023-05-01"), "2023-05-01"), cost / 3);
            assertThat(Life.ahead(car, Assets.year(2023), 60))
                    .allSatisfy(year -> assertThat(year.allowed().total()).isLessThanOrEqualTo(year.limit()));
        }
    }
}
