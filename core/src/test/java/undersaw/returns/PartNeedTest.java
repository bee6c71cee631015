package undersaw.returns;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.ledger.CarryoverKind;
import undersaw.line.LineId;

/** Forms join a return when something feeds them, say what, and leave only when nothing does. */
class PartNeedTest {
    private static PartNeed need(Calculation year, String part) {
        return PartNeed.of(year).stream()
                .filter(each -> each.part().code().equals(part))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void anEmptyReturnHasTheFormsThatEveryReturnHas() {
        Calculation year = SampleReturns.corporation().calculate();
        assertThat(need(year, "1").isJoined()).isTrue();
        assertThat(need(year, "C").isJoined()).isFalse();
        assertThat(need(year, "W-DRD").isJoined()).isFalse();
    }

    @Test
    void anAccountBringsItsScheduleAndTheScheduleItsWorksheet() {
        Calculation year = SampleReturns.corporation()
                .income("4610", "1120/C/1/a", "full", "700")
                .calculate();
        assertThat(need(year, "C").feeds()).extracting(PartNeed.Feed::words).containsExactly("account 4610");
        assertThat(need(year, "W-DRD").isJoined()).isTrue();
    }

    @Test
    void rowsAndTypedFiguresBringTheirForm() {
        Calculation year = SampleReturns.corporation()
                .fact("8949/proceeds@1", "10")
                .fact("8949/proceeds@2", "10")
                .fact("2220/4", "900")
                .calculate();
        assertThat(need(year, "8949").feeds()).extracting(PartNeed.Feed::words).containsExactly("2 rows listed");
        assertThat(need(year, "2220").isJoined()).isTrue();
        assertThat(need(year, "D").feeds()).extracting(PartNeed.Feed::words).anyMatch(words -> words.contains("8949"));
    }

    @Test
    void aPartThatTheSizeCallsForStaysAwayFromASmallReturn() {
        SampleReturns small = SampleReturns.corporation().income("4000", "1120/1a", "full", "700");
        assertThat(need(small.calculate(), "M-3-II").isJoined()).isFalse();
        Calculation large = SampleReturns.corporation()
                .balance("1500", "1120/L/6", "0", "10000000")
                .calculate();
        assertThat(need(large, "M-3-II").isJoined()).isTrue();
    }

    @Test
    void whatAConditionFindsFilledIsNamedAndLedTo() {
        Calculation year = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "90000")
                .expense("6610", "1120/19", "charitable", "400")
                .carried(CarryoverKind.NOL, 2022, "7000")
                .calculate();
        assertThat(need(year, "W-NOL").feeds())
                .extracting(PartNeed.Feed::words)
                .startsWith("Net operating loss carried from earlier years")
                .contains("line 1120/28, 89,600");
        assertThat(need(year, "W-CHAR").feeds())
                .filteredOn(feed -> feed.words().equals("line 1120/W-CHAR/1, 400"))
                .extracting(PartNeed.Feed::line)
                .containsExactly(LineId.of("1120/W-CHAR/1").alone());
    }

    @Test
    void anAnswerBringsItsTable() {
        Calculation yes = SampleReturns.nonprofit().fact("990-EZ/50", "yes").calculate();
        Calculation no = SampleReturns.nonprofit().fact("990-EZ/50", "no").calculate();
        assertThat(need(yes, "50").isJoined()).isTrue();
        assertThat(need(no, "50").isJoined()).isFalse();
    }

    @Test
    void whatIsAddedByHandLeavesOnlyWhenNothingFeedsIt() {
        Calculation bare = SampleReturns.corporation().fact("1120/add/D", "yes").calculate();
        assertThat(need(bare, "D").isRemovable()).isTrue();
        Calculation fed = SampleReturns.corporation()
                .fact("1120/add/D", "yes")
                .fact("1120/D/4", "12")
                .calculate();
        assertThat(need(fed, "D").isJoined()).isTrue();
        assertThat(need(fed, "D").isRemovable()).isFalse();
    }

    @Test
    void formsAnswerToTheirNumberAndToPlainWords() {
        Calculation year = SampleReturns.corporation().calculate();
        assertThat(need(year, "1125-E").answersTo("officers")).isTrue();
        assertThat(need(year, "1125-E").answersTo("1125")).isTrue();
        assertThat(need(year, "2220").answersTo("late payments")).isTrue();
        assertThat(need(year, "4797").answersTo("rental")).isTrue();
        assertThat(need(year, "4797").answersTo("officers")).isFalse();
    }
}
