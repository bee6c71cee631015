package undersaw.returns;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.calc.Movement;
import undersaw.law.Law;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;

/** What moved between two calculations, in order of cause. */
class WhyMovedTest {
    private static Calculation sales(String amount) {
        return SampleReturns.corporation()
                .income("4010", "1120/1a", "full", amount)
                .expense("6100", "1120/22", "full", "40000")
                .calculate();
    }

    @AfterEach
    void theLawAsItShips() {
        Law.restore();
    }

    @Test
    void aLineNamesTheAccountThatMovedItAndTheLinesItMovedThrough() {
        List<WhyMoved> moved = WhyMoved.between(sales("100000"), sales("110000"));
        WhyMoved receipts = find(moved, "1120/1a");
        assertThat(receipts.causes()).hasSize(1);
        assertThat(receipts.causes().get(0).words()).startsWith("account 4010");
        assertThat(receipts.causes().get(0).change()).isEqualTo(Money.ofDollars(10_000));
        WhyMoved tax = find(moved, "1120/J/1a");
        assertThat(tax.change()).isEqualTo(Money.ofDollars(2_100));
        assertThat(tax.causes()).isEmpty();
        assertThat(tax.through()).contains(LineId.of("1120/30"));
    }

    @Test
    void causesComeBeforeWhatTheyCause() {
        List<LineId> order = WhyMoved.between(sales("100000"), sales("110000")).stream()
                .map(each -> each.line().id())
                .toList();
        assertThat(order)
                .containsSubsequence(
                        LineId.of("1120/1a"),
                        LineId.of("1120/1c"),
                        LineId.of("1120/11"),
                        LineId.of("1120/28"),
                        LineId.of("1120/30"),
                        LineId.of("1120/J/1a"),
                        LineId.of("1120/31"));
    }

    @Test
    void onlyWhatBearsOnALineIsBehindIt() {
        List<WhyMoved> moved = WhyMoved.between(sales("100000"), sales("110000"));
        List<WhyMoved> behind = WhyMoved.behind(LineId.of("1120/11"), moved);
        assertThat(behind).extracting(each -> each.line().id().text()).contains("1120/1a", "1120/11");
        assertThat(behind).extracting(each -> each.line().id().text()).doesNotContain("1120/31", "1120/M-1/1");
    }

    @Test
    void typedFiguresAndRowsAreNamed() {
        Calculation before = SampleReturns.corporation().fact("1120/J/5a", "10").calculate();
        Calculation after = SampleReturns.corporation()
                .fact("1120/J/5a", "25")
                .fact("8949/proceeds@1", "700")
                .calculate();
        List<WhyMoved> moved = WhyMoved.between(before, after);
        assertThat(find(moved, "1120/J/5a").causes())
                .extracting(WhyMoved.Cause::words)
                .containsExactly("typed 25, before 10");
        assertThat(find(moved, "8949/proceeds").causes())
                .extracting(WhyMoved.Cause::words)
                .containsExactly("1 row, before 0");
    }

    @Test
    void anAmendedLawIsNamedWhereItMovesALine() {
        Calculation before = sales("100000");
        String table = LawTables.shipped(2025, "corporation").replaceFirst("corporate-rate,21,", "corporate-rate,20,");
        assertThat(Law.amend(2025, "corporation", table))
                .extracting(Law.Amendment::key)
                .containsExactly("corporate-rate");
        List<WhyMoved> moved = WhyMoved.between(before, sales("100000"));
        assertThat(find(moved, "1120/J/1a").causes().get(0).words()).contains("21, now 20");
        assertThat(find(moved, "1120/J/1a").change()).isEqualTo(Money.ofDollars(-600));
    }

    @Test
    void movementsOfOneFigureAddUp() {
        LineKey key = LineKey.parse("1120/31");
        Movement both = new Movement(key, "10", "25").then(new Movement(key, "25", "7"));
        assertThat(both).isEqualTo(new Movement(key, "10", "7"));
        assertThat(both.change()).contains(Money.ofDollars(-3));
        assertThat(new Movement(key, "yes", "no").change()).isEmpty();
    }

    private static WhyMoved find(List<WhyMoved> moved, String line) {
        return moved.stream()
                .filter(each -> each.line().id().text().equals(line))
                .findFirst()
                .orElseThrow();
    }
}
