package undersaw.suggestions;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import undersaw.registry.Returns;

/** The lists themselves, split in five; common practice, no source. The bench prints the same figures. */
class HeldOutTest {
    private static final Suggestions ALL = Returns.find("1120").orElseThrow().suggestions();
    private static final HeldOut BY_NAME = HeldOut.of(ALL, HeldOut.Split.BY_NAME);
    private static final HeldOut BY_MEANING = HeldOut.of(ALL, HeldOut.Split.BY_MEANING);

    @Test
    void nineOfTenNamesNeverSeenAreRightAtFirstPlace() {
        assertThat(BY_NAME.names()).isGreaterThan(3_000);
        assertThat(BY_NAME.first() * 100).as(BY_NAME.words()).isGreaterThanOrEqualTo(BY_NAME.names() * 90);
        assertThat(BY_NAME.three() * 100).as(BY_NAME.words()).isGreaterThanOrEqualTo(BY_NAME.names() * 97);
    }

    @Test
    void whatIsSaidToBeSureIsRightNineteenTimesInTwenty() {
        assertThat(BY_NAME.sure() * 100).as(BY_NAME.words()).isGreaterThan(BY_NAME.names() * 50);
        assertThat(BY_NAME.sureRight() * 100).as(BY_NAME.words()).isGreaterThanOrEqualTo(BY_NAME.sure() * 95);
    }

    /** The harder question: no name of the same meaning was ever seen. */
    @Test
    void threeOfFourMeaningsNeverSeenAreRightAtFirstPlace() {
        assertThat(BY_MEANING.first() * 100).as(BY_MEANING.words()).isGreaterThanOrEqualTo(BY_MEANING.names() * 77);
        assertThat(BY_MEANING.three() * 100).as(BY_MEANING.words()).isGreaterThanOrEqualTo(BY_MEANING.names() * 93);
        assertThat(BY_MEANING.sureRight() * 100).as(BY_MEANING.words()).isGreaterThanOrEqualTo(BY_MEANING.sure() * 92);
    }
}
