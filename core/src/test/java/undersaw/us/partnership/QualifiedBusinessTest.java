package undersaw.us.partnership;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.owners.OwnerStatements;

/**
 * The statement for the owners' deduction for qualified business income: each item as the line that it belongs to (IRC
 * 199A, Reg. 1.199A-6(b), from memory; amounts worked by rule).
 */
class QualifiedBusinessTest {
    private static final List<String> ITEMS =
            List.of("qbi-ordinary", "qbi-rental", "qbi-section179", "w2-wages", "ubia");

    private final SampleReturns sample = SampleReturns.partnership()
            .partner("a", 1, "general", "60")
            .partner("b", 2, "limited", "40")
            .income("4000", "1065/1a", "full", "10001");

    private static long at(Calculation year, String place) {
        return year.value(LineKey.parse("1065/" + place))
                .map(value -> value.amount().dollars())
                .orElse(0L);
    }

    @Test
    void theOnlyBusinessHasAllOrdinaryIncome() {
        Calculation year = sample.fact("1065/199A/w2-wages@main", "500").calculate();
        assertThat(at(year, "199A/qbi-ordinary@main")).isEqualTo(10_001);
        assertThat(at(year, "K-1/20/Z/qbi-ordinary@a")).isEqualTo(at(year, "K-1/1@a"));
        assertThat(at(year, "K-1/20/Z/qbi-ordinary@b")).isEqualTo(4_000);
        assertThat(at(year, "K-1/20/Z/w2-wages@b")).isEqualTo(200);
    }

    @Test
    void anotherBusinessTakesItsPartAndAPropertyItsOwn() {
        Calculation year = sample.fact("1065/199A/ordinary@bakery", "3000")
                .fact("1065/199A/outside", "1")
                .income("4500", "8825/2a@mill", "rental-real-estate", "700")
                .income("4501", "8825/2a@barn", "rental-real-estate", "50")
                .fact("8825/activity@mill", "mill")
                .fact("1065/199A/name@mill", "Mill let")
                .calculate();
        assertThat(at(year, "199A/qbi-ordinary@main")).isEqualTo(7_000);
        assertThat(at(year, "K-1/20/Z/qbi-ordinary@a:bakery")).isEqualTo(1_800);
        assertThat(at(year, "199A/qbi-rental@mill")).isEqualTo(700);
        assertThat(at(year, "K-1/20/Z/qbi-rental@b:mill")).isEqualTo(280);
        assertThat(OwnerStatements.amounts(year, "K-1"))
                .extracting(box -> box.owner() + " " + box.number())
                .contains("b:mill 20 Z/qbi-rental", "a 20 Z/qbi-ordinary");
    }

    /** Where income goes by special allocation, what belongs to it goes the same way. */
    @Test
    void itemsFollowASpecialAllocationOfTheirLine() {
        Calculation year = sample.fact("ALLOCATIONS/line@1", "1065/K/1")
                .fact("ALLOCATIONS/owner@1", "b")
                .fact("ALLOCATIONS/percent@1", "100")
                .fact("1065/199A/w2-wages@main", "500")
                .calculate();
        assertThat(at(year, "K-1/20/Z/qbi-ordinary@b")).isEqualTo(10_001);
        assertThat(at(year, "K-1/20/Z/w2-wages@b")).isEqualTo(500);
        assertThat(at(year, "K-1/20/Z/w2-wages@a")).isZero();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void ownersPartsComeToEachActivity(long seed) {
        Random chance = new Random(seed);
        sample.fact("1065/K/12", String.valueOf(chance.nextInt(900)));
        for (String activity : List.of("main", "bakery", "mill")) {
            sample.fact("1065/199A/w2-wages@" + activity, String.valueOf(chance.nextInt(9_000)))
                    .fact("1065/199A/ubia@" + activity, String.valueOf(chance.nextInt(9_000)))
                    .fact("1065/199A/ordinary@" + activity, String.valueOf(chance.nextInt(30_000) - 9_000));
        }
        Calculation year = sample.calculate();
        for (String item : ITEMS) {
            assertThat(year.rowTotal(LineId.of("1065/K-1/20/Z/" + item)))
                    .as(item)
                    .isEqualTo(year.rowTotal(LineId.of("1065/199A/" + item)));
        }
        assertThat(year.rowTotal(LineId.of("1065/199A/qbi-ordinary"))).isEqualTo(year.amount(LineId.of("1065/K/1")));
    }
}
