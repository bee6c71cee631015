package undersaw.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;

/** The order in which words are looked for, with the corporation's own table on a form made up for the test. */
class HelpTextsTest {
    private static final String TABLE = "undersaw/form/help-sample.csv";

    private static final class Made extends Form {
        final Line exact;
        final Line column;
        final Line plain;

        Made(String code) {
            super(code, "Made up");
            part("P", "Part", "common practice, no source");
            exact = line("1", "One");
            column = line("2/b", "Two, column b");
            plain = line("3", "Three");
        }
    }

    @Test
    void aLineHasItsOwnWordsThenItsRowsThenItsParts() {
        Made made = new Made("X");
        HelpTexts.describe(TABLE, List.of(made));
        assertThat(made.exact.help()).isEqualTo("Words of line 1.");
        assertThat(made.column.help()).isEqualTo("Words of row 2.");
        assertThat(made.plain.help()).isEqualTo("Words of the part.");
    }

    @Test
    void wordsForALineThatIsNotThereAreRefused() {
        assertThatThrownBy(() -> HelpTexts.describe(TABLE, List.of(new Made("Y"))))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("X/1");
    }
}
