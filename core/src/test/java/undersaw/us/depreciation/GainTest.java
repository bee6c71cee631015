package undersaw.us.depreciation;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.us.depreciation.AssetFacts.Deducted;

/** What giving up property brings (IRC 1231, 1239, 1245, 1250, 291; from memory), worked by hand beside each case. */
final class GainTest {
    private static final Gain.Taxpayer CORPORATION = new Gain.Taxpayer(BigDecimal.valueOf(20), true, 100_000);
    private static final Gain.Taxpayer PARTNERSHIP = new Gain.Taxpayer(BigDecimal.ZERO, false, 100_000);

    private static Sale sold(long price) {
        return sale(Sale.Kind.SOLD, price);
    }

    private static Sale sale(Sale.Kind kind, long price) {
        return new Sale(kind, LocalDate.of(2025, 8, 20), price, 0, null);
    }

    /** Cost 10,000, deducted 7,120: a gain up to that is ordinary, above it section 1231, a loss section 1231. */
    @ParameterizedTest
    @CsvSource({"6000,3120,3120,0", "12000,9120,7120,2000", "2000,-880,0,-880"})
    void equipment(long price, long total, long ordinary, long section1231) {
        Gain gain = Gain.of(Assets.of("5", 10_000, "2022-05-01"), new Deducted(0, 0, 7_120), sold(price), CORPORATION);
        assertThat(gain.total()).isEqualTo(total);
        assertThat(gain.ordinary()).isEqualTo(ordinary);
        assertThat(gain.section1231()).isEqualTo(section1231);
    }

    /** Of 150,000 on a building a corporation has 20 percent of the depreciation of 100,000 as ordinary. */
    @Test
    void building() {
        AssetFacts building = Assets.of("39", 400_000, "2016-05-01");
        Deducted taken = new Deducted(0, 0, 100_000);
        Gain gain = Gain.of(building, taken, sold(450_000), CORPORATION);
        assertThat(gain.total()).isEqualTo(150_000);
        assertThat(gain.ofCorporation()).isEqualTo(20_000);
        assertThat(gain.section1231()).isEqualTo(130_000);
        Gain ofPartners = Gain.of(building, taken, sold(450_000), PARTNERSHIP);
        assertThat(ofPartners.ordinary()).isZero();
        assertThat(ofPartners.unrecaptured()).isEqualTo(100_000);
    }

    /** Paving with the special allowance: 60,000 above a straight line of 12,000 is additional depreciation. */
    @Test
    void additionalDepreciation() {
        AssetFacts paving = Assets.of("15", 100_000, "2022-05-01");
        Gain gain = Gain.of(
                paving,
                new Deducted(0, 60_000, 12_000),
                sold(110_000),
                new Gain.Taxpayer(BigDecimal.valueOf(20), true, 20_000));
        // 26a 72,000 less 20,000; 26f 20 percent of 72,000 less 52,000
        assertThat(gain.additional()).isEqualTo(52_000);
        assertThat(gain.ofCorporation()).isEqualTo(4_000);
        assertThat(gain.ordinary()).isEqualTo(56_000);
        assertThat(gain.section1231()).isEqualTo(26_000);
    }

    /** Held a year or less, sold to a related person, abandoned: all of it is ordinary, or not allowed. */
    @Test
    void ordinaryAsAWhole() {
        AssetFacts machine = Assets.of("7", 10_000, "2022-05-01");
        Deducted taken = new Deducted(0, 0, 4_000);
        assertThat(Gain.of(Assets.of("7", 10_000, "2024-08-20"), taken, sold(9_000), CORPORATION)
                        .part())
                .isEqualTo(Gain.Part.TWO);
        assertThat(Gain.of(Assets.of("7", 10_000, "2024-08-19"), taken, sold(9_000), CORPORATION)
                        .part())
                .isEqualTo(Gain.Part.THREE);
        assertThat(Gain.of(machine, taken, sale(Sale.Kind.RELATED, 20_000), CORPORATION)
                        .ordinary())
                .isEqualTo(14_000);
        assertThat(Gain.of(machine, taken, sale(Sale.Kind.RELATED, 1_000), CORPORATION)
                        .total())
                .isZero();
        assertThat(Gain.of(machine, taken, sale(Sale.Kind.SCRAPPED, 0), CORPORATION)
                        .ordinary())
                .isEqualTo(-6_000);
    }

    /** Land and building of one row: the land is section 1231 as a whole, and shares the price by cost. */
    @Test
    void landInOneRow() {
        AssetFacts both = new AssetFacts(
                PropertyClass.of("39").orElseThrow(),
                LocalDate.of(2015, 6, 15),
                LocalDate.of(2015, 6, 15),
                500_000,
                100_000,
                Use.whole(),
                "",
                Convention.MM,
                0,
                "",
                Deducted.NOTHING,
                null,
                false);
        Gain gain = Gain.of(both, new Deducted(0, 0, 100_000), sold(700_000), CORPORATION);
        assertThat(gain.landGain()).isEqualTo(40_000);
        assertThat(gain.gain()).isEqualTo(260_000);
        assertThat(gain.ordinary()).isEqualTo(20_000);
        Sale typed = new Sale(Sale.Kind.SOLD, LocalDate.of(2025, 8, 20), 700_000, 0, 90_000L);
        assertThat(Gain.of(both, new Deducted(0, 0, 100_000), typed, CORPORATION)
                        .landGain())
                .isEqualTo(-10_000);
    }

    @Test
    void whereNoGainArises() {
        AssetFacts machine = Assets.of("7", 10_000, "2022-05-01");
        Deducted taken = new Deducted(0, 0, 4_000);
        assertThat(Gain.of(machine, taken, sale(Sale.Kind.CONTRIBUTED, 9_000), CORPORATION))
                .isEqualTo(Gain.NOTHING);
        assertThat(Gain.of(machine, taken, sale(Sale.Kind.DISTRIBUTED, 9_000), PARTNERSHIP))
                .isEqualTo(Gain.NOTHING);
        assertThat(Gain.of(machine, taken, sale(Sale.Kind.DISTRIBUTED, 9_000), CORPORATION)
                        .total())
                .isEqualTo(3_000);
    }
}
