package undersaw.web.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class SliceTest {
    private static final List<String> ROWS =
            IntStream.rangeClosed(1, 250).mapToObj(i -> "Account " + i).toList();

    private static Slice<String> slice(String query, int page) {
        return Slice.of(ROWS, query, page, row -> row);
    }

    @Test
    void pagesHoldAHundredRows() {
        assertThat(slice("", 1).rows()).hasSize(100).first().isEqualTo("Account 1");
        assertThat(slice("", 3).rows()).hasSize(50).last().isEqualTo("Account 250");
        assertThat(slice("", 1).pages()).isEqualTo(3);
    }

    @Test
    void aPageThatIsNotThereIsTheNearestOne() {
        assertThat(slice("", 99).at()).isEqualTo(3);
        assertThat(slice("", -4).at()).isEqualTo(1);
        assertThat(Slice.of(List.<String>of(), "", 1, row -> row).pages()).isEqualTo(1);
    }

    @Test
    void everyWordMustBeFound() {
        assertThat(slice("  250 ACCOUNT ", 1).rows()).containsExactly("Account 250");
        assertThat(slice("nothing", 1).total()).isZero();
        assertThat(slice("nothing", 1).isLong()).isTrue();
    }

    @Test
    void onlyTheRowsShownAreMadeIntoSomethingElse() {
        int[] made = new int[1];
        slice("", 1).map(row -> made[0]++);
        assertThat(made[0]).isEqualTo(100);
    }
}
