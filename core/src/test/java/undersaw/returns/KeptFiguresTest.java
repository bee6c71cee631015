package undersaw.returns;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.calc.Movement;
import undersaw.law.Law;
import undersaw.line.LineKey;

/** Figures as they were kept are held against a new computation, and what moved is explained. */
class KeptFiguresTest {
    private static SampleReturns sample() {
        return SampleReturns.corporation()
                .income("4010", "1120/1a", "full", "100000")
                .expense("6100", "1120/22", "full", "40000");
    }

    @AfterEach
    void theLawAsItShips() {
        Law.restore();
    }

    @Test
    void theSameBooksUnderTheSameLawMoveNothing() {
        assertThat(KeptFigures.of(sample().calculate()).against(sample().calculate()))
                .isEmpty();
    }

    @Test
    void anAmendedRateIsNamedAndFollowedThroughTheReturn() {
        KeptFigures kept = KeptFigures.of(sample().calculate());
        Law.amend(
                2025,
                "corporation",
                LawTables.shipped(2025, "corporation").replaceFirst("corporate-rate,21,", "corporate-rate,20,"));
        List<KeptFigures.Shift> shifts = kept.against(sample().calculate());
        assertThat(shifts.get(0).moved()).isEqualTo(new Movement(LineKey.parse("1120/J/1a"), "12600", "12000"));
        assertThat(shifts.get(0).why()).containsExactly("the law: the corporate rate was 21, is 20");
        assertThat(shifts)
                .filteredOn(each -> each.moved().key().toString().equals("1120/31"))
                .singleElement()
                .satisfies(each -> assertThat(each.why()).containsExactly("through 1120/J/12"));
    }

    @Test
    void whatWasChangedSinceIsNotLaidToTheLaw() {
        Calculation before = sample().calculate();
        Calculation after = sample().income("4020", "1120/1a", "full", "500").calculate();
        KeptFigures kept = KeptFigures.of(before).with(Movement.between(before, after));
        assertThat(kept.against(after)).isEmpty();
    }

    @Test
    void aRuleThatIsNoLongerWhatItWasIsNamedAsTheFormsOwn() {
        Calculation now = sample().calculate();
        Map<LineKey, String> older = new LinkedHashMap<>(KeptFigures.of(now).byKey());
        older.put(LineKey.parse("1120/11"), "99000");
        assertThat(new KeptFigures(older).against(now)).singleElement().satisfies(shift -> {
            assertThat(shift.moved().after()).isEqualTo("100000");
            assertThat(shift.why()).containsExactly("the form's own rule");
        });
    }
}
