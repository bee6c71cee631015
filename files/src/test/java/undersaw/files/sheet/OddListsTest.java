package undersaw.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import undersaw.files.sheet.ListReader.Read;
import undersaw.form.RowList;
import undersaw.registry.Returns;

/**
 * Lists under the headings that offices and brokers use (common practice, no source): each cell of the first row where
 * it belongs, and each column that is not taken named.
 */
class OddListsTest {
    static Stream<Arguments> lists() {
        try (InputStream stream = OddListsTest.class.getResourceAsStream("odd/lists.txt")) {
            String all = new String(stream.readAllBytes(), StandardCharsets.UTF_8);
            return Stream.of(all.split("(?m)^== ", -1)).skip(1).map(each -> {
                String[] title = each.substring(0, each.indexOf('\n')).split(" => ", 2);
                return Arguments.of(title[0], title[1], each.substring(each.indexOf('\n') + 1));
            });
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static RowList list(String name) {
        return name.equals("payments")
                ? PaymentReader.LIST
                : Stream.of("1120", "990-EZ")
                        .flatMap(form -> Returns.find(form).orElseThrow().plan(2025).list(name).stream())
                        .findFirst()
                        .orElseThrow();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("lists")
    void isReadRightlyAndNothingGoesUnnamed(String title, String wanted, String text) {
        RowList list = list(title.split(" \\| ")[0]);
        Read read = ListReader.read(SourceFile.of("rows.csv", text.getBytes(StandardCharsets.UTF_8)), list);
        int rows = Integer.parseInt(wanted.split(" ")[0]);
        String all = String.join("\n", read.problems());
        if (rows > 0) {
            assertThat(all).isEmpty();
            assertThat(read.rows()).hasSize(rows);
        }
        for (String each : wanted.split(" ")) {
            String[] pair = each.split(":", 2);
            if (pair.length == 2) {
                String what = pair[1].replace('_', ' ');
                switch (pair[0]) {
                    case "problem" -> assertThat(all).contains(what);
                    case "left" -> assertThat(read.leftOut()).hasSize(Integer.parseInt(what));
                    case "note" -> assertThat(String.join("\n", read.notes())).contains(what);
                    case "nottaken" ->
                        assertThat(String.join("\n", read.notTaken())).contains(what);
                    default -> assertThat(cell(read, pair[0])).isEqualTo(plain(what));
                }
            }
        }
        assertThat(wanted.contains("nottaken")
                        || wanted.startsWith("0")
                        || read.notTaken().isEmpty())
                .as("%s", read.notTaken())
                .isTrue();
    }

    private static String cell(Read read, String column) {
        return read.rows().get(0).cells().entrySet().stream()
                .filter(each -> each.getKey().column().equals(column))
                .map(Map.Entry::getValue)
                .map(OddListsTest::plain)
                .findFirst()
                .orElse("");
    }

    private static String plain(String text) {
        return text.matches("-?\\d+(\\.\\d+)?")
                ? new BigDecimal(text).stripTrailingZeros().toPlainString()
                : text;
    }
}
