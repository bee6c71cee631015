package undersaw.suggestions;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import undersaw.registry.Returns;

/** The lists themselves, split in five; common practice, no source. The bench prints the same figures. */
class HeldOutTest {
    private static final HeldOut RESULT =
            HeldOut.of(Returns.find("1120").orElseThrow().suggestions());

    @Test
    void threeOfFourNamesNeverSeenAreRightAtFirstPlace() {
        assertThat(RESULT.names()).isGreaterThan(1_200);
        assertThat(RESULT.first() * 100).as(RESULT.words()).isGreaterThanOrEqualTo(RESULT.names() * 75);
        assertThat(RESULT.three() * 100).as(RESULT.words()).isGreaterThanOrEqualTo(RESULT.names() * 89);
    }

    @Test
    void whatIsSaidToBeSureIsRightNineteenTimesInTwenty() {
        assertThat(RESULT.sure() * 100).as(RESULT.words()).isGreaterThan(RESULT.names() * 25);
        assertThat(RESULT.sureRight() * 100).as(RESULT.words()).isGreaterThanOrEqualTo(RESULT.sure() * 95);
    }
}
