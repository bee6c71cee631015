package undersaw.us.states;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.calc.Lineage;
import undersaw.line.LineId;
import undersaw.line.LineKey;

/** Property, payroll and sales by state (UDITPA, from memory; amounts worked by its rules). */
class ApportionmentTest {
    private int rows;

    private final SampleReturns sample = SampleReturns.partnership()
            .partner("a", 1, "general", "75")
            .partner("b", 2, "limited", "25")
            .income("4000", "1065/1a", "full", "100001")
            .fact("ST/state/taxable@ME", "yes")
            .fact("ST/state/taxable@NH", "outside");

    private ApportionmentTest sale(String from, String to, String kind, String amount) {
        String row = "%05d".formatted(++rows);
        sample.fact("ST/sales/to@" + row, to).fact("ST/sales/kind@" + row, kind).fact("ST/sales/amount@" + row, amount);
        if (!from.isEmpty()) {
            sample.fact("ST/sales/from@" + row, from);
        }
        return this;
    }

    private ApportionmentTest item(String state, String item, String... amounts) {
        String row = "%05d".formatted(++rows);
        sample.fact("ST/item/state@" + row, state).fact("ST/item/item@" + row, item);
        if (amounts.length == 1) {
            sample.fact("ST/item/amount@" + row, amounts[0]);
        } else {
            sample.fact("ST/item/opening@" + row, amounts[0]).fact("ST/item/closing@" + row, amounts[1]);
        }
        return this;
    }

    private static String factor(Calculation year, String state) {
        return year.value(LineKey.parse("ST/APP/F@" + state))
                .map(value -> value.value().plain())
                .orElse("");
    }

    private static long dollars(Calculation year, String place) {
        return year.value(LineKey.parse(place))
                .map(value -> value.amount().dollars())
                .orElse(0L);
    }

    private ApportionmentTest threeFactors() {
        return sale("ME", "ME", "goods", "600000")
                .sale("ME", "NH", "goods", "300000")
                .sale("", "ME", "service", "100000")
                .item("ME", "property-owned", "400000", "600000")
                .item("*", "property-owned", "700000", "900000")
                .item("ME", "rent", "25000")
                .item("*", "rent", "25000")
                .item("ME", "payroll", "90000")
                .item("*", "payroll", "120000");
    }

    /** Sales 70 %; property 700,000 of 1,000,000 with eight years' rent; payroll three quarters. */
    @ParameterizedTest
    @CsvSource({"'', 70", "sales, 70", "thirds, 71.6667", "double-sales, 71.25"})
    void factorsCountByTheirWeights(String weighting, String factor) {
        threeFactors();
        if (!weighting.isEmpty()) {
            sample.fact("ST/state/weighting@ME", weighting);
        }
        Calculation year = sample.calculate();
        assertThat(factor(year, "ME")).isEqualTo(factor);
    }

    /** Income is shared to the dollar, and each state's among the owners. */
    @Test
    void eachOwnerHasAPartOfEachState() {
        Calculation year = threeFactors().sample.calculate();
        assertThat(dollars(year, "ST/APP/share@ME")).isEqualTo(70_001);
        assertThat(dollars(year, "ST/OWN/income@a:ME")).isEqualTo(52_501);
        assertThat(dollars(year, "ST/OWN/income@b:ME")).isEqualTo(17_500);
        assertThat(dollars(year, "ST/OWN/income@a:NH")).isEqualTo(22_500);
        assertThat(Lineage.of(year, LineKey.parse("ST/OWN/income@a:ME"))
                        .orElseThrow()
                        .steps())
                .anyMatch(step -> step.contains("75 percent of 70,001"));
    }

    /** Goods to where the entity is not taxable come back to the state of shipment, abroad by its own row. */
    @Test
    void salesAreThrownBackOrOut() {
        sale("ME", "ME", "goods", "500").sale("ME", "VT", "goods", "300").sale("ME", "ZZ-DE", "goods", "200");
        assertThat(factor(sample.calculate(), "ME")).isEqualTo("50");
        Calculation back = sample.fact("ST/state/throwback@ME", "yes").calculate();
        assertThat(factor(back, "ME")).isEqualTo("100");
        Calculation abroad = sample.fact("ST/state/taxable@ZZ", "yes").calculate();
        assertThat(factor(abroad, "ME")).isEqualTo("80");
        Calculation out = sample.without("ST/state/throwback@ME")
                .fact("ST/state/throwout@ME", "yes")
                .calculate();
        assertThat(factor(out, "ME")).isEqualTo("71.4286");
    }

    /** Sales to the United States count where they go, or come back to where they are shipped from. */
    @Test
    void salesToTheGovernmentCountAsTheStateSays() {
        sale("ME", "NH", "government", "400").sale("ME", "ME", "goods", "600");
        assertThat(factor(sample.calculate(), "NH")).isEqualTo("40");
        Calculation origin = sample.fact("ST/state/government@NH", "origin")
                .fact("ST/state/government@ME", "origin")
                .fact("ST/state/throwback@ME", "yes")
                .calculate();
        assertThat(factor(origin, "NH")).isEqualTo("0");
        assertThat(factor(origin, "ME")).isEqualTo("100");
    }

    @Test
    void aFactorWithNothingEverywhereDoesNotCount() {
        sale("ME", "ME", "goods", "400").sale("ME", "NH", "goods", "600");
        assertThat(factor(sample.fact("ST/state/weighting@ME", "thirds").calculate(), "ME"))
                .isEqualTo("40");
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3})
    void ownersPartsComeToEachState(long seed) {
        Random chance = new Random(seed);
        for (int i = 0; i < 6; i++) {
            sale("ME", i % 2 == 0 ? "ME" : "NH", "goods", String.valueOf(chance.nextInt(900_000)));
        }
        Calculation year = sample.calculate();
        assertThat(year.rowTotal(LineId.of("ST/OWN/income"))).isEqualTo(year.rowTotal(LineId.of("ST/APP/share")));
    }
}
