package undersaw.web.frame;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TypedArithmeticTest {
    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "1200*12;14400",
                "(4,650 - 450) / 2;2100",
                "-5;-5",
                "1+2*3;7",
                "10/4;2.50",
                "2*(3+(4-1));12",
                "0.1+0.2;0.30",
                "$1,000;1000",
                "10-3-2;5",
                "100/3;33.33",
                "--5;5"
            })
    void worksOutASmallSum(String typed, String result) {
        assertThat(TypedArithmetic.read(typed)).contains(result);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "12x", "1+", "(1", "1)", "1/0", "1..2", "()", "5 5+", "T(java.lang.Runtime)"})
    void refusesWhatIsNone(String typed) {
        assertThat(TypedArithmetic.read(typed)).isEmpty();
    }
}
