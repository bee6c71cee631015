package undersaw.line;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Order of numbers and names; common practice, no source. */
class NaturalOrderTest {
    private static List<String> sorted(String... texts) {
        return Stream.of(texts).sorted(NaturalOrder.COUNTED).toList();
    }

    @Test
    void rowsCountFromTwoToTen() {
        assertThat(sorted("officer-10", "officer-11", "officer-1", "officer-2"))
                .containsExactly("officer-1", "officer-2", "officer-10", "officer-11");
    }

    @Test
    void questionsStandAsOnTheForm() {
        assertThat(sorted("1120/K/14", "1120/K/15a", "1120/K/30a", "1120/K/3", "1120/K/15b", "1120/K/2"))
                .containsExactly("1120/K/2", "1120/K/3", "1120/K/14", "1120/K/15a", "1120/K/15b", "1120/K/30a");
    }

    @Test
    void accountNumbersOfDifferentLengthCount() {
        assertThat(sorted("10100", "1010.20", "999", "1010.3", "1010"))
                .containsExactly("999", "1010", "1010.3", "1010.20", "10100");
    }

    @Test
    void onlyEqualTextsAreEqual() {
        assertThat(NaturalOrder.COUNTED.compare("7", "07")).isNotZero();
        assertThat(NaturalOrder.COUNTED.compare("07", "7")).isEqualTo(-NaturalOrder.COUNTED.compare("7", "07"));
        assertThat(NaturalOrder.COUNTED.compare("a7", "a7")).isZero();
    }

    @Test
    void manyDigitsDoNotOverflow() {
        assertThat(sorted("9".repeat(60), "1" + "0".repeat(60))).containsExactly("9".repeat(60), "1" + "0".repeat(60));
    }

    @Test
    void anyTextsHaveOneOrder() {
        Random random = new Random(7);
        for (int round = 0; round < 300; round++) {
            List<String> texts = new ArrayList<>();
            for (int i = 0; i < 9; i++) {
                StringBuilder text = new StringBuilder();
                int length = random.nextInt(5);
                for (int at = 0; at < length; at++) {
                    text.append("0129a-/".charAt(random.nextInt(7)));
                }
                texts.add(text.toString());
            }
            List<String> once = texts.stream().sorted(NaturalOrder.COUNTED).toList();
            List<String> mixed = new ArrayList<>(texts);
            java.util.Collections.shuffle(mixed, random);
            assertThat(mixed.stream().sorted(NaturalOrder.COUNTED).toList()).isEqualTo(once);
        }
    }
}
