package undersaw.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import undersaw.ledger.Account;
import undersaw.money.Money;

/**
 * Trial balances of one small firm in the shapes that offices send (common practice, no source): right figures, a
 * question, or a sentence that names what is wrong; none silently thinner.
 */
class OddKindsTest {
    private static final Map<String, String> CLOSING = Map.of(
            "cash", "1250.50",
            "equipment", "4000",
            "accumulated depreciation", "-1000",
            "accounts payable", "-750.25",
            "capital stock", "-2000",
            "retained earnings", "-500",
            "sales", "-9000",
            "cost of goods sold", "5000",
            "rent expense", "2999.75");
    private static final List<String> INCOME = List.of("sales", "cost of goods sold", "rent expense");

    private static final List<String> CASH =
            List.of("checking", "savings", "bank accounts:checking", "bank accounts:savings", "cash till", "cash");

    static Stream<Arguments> files() {
        return Stream.of("amount-columns", "rows", "cells", "statements", "layout")
                .flatMap(OddKindsTest::files);
    }

    private static Stream<Arguments> files(String kind) {
        try (InputStream stream = OddKindsTest.class.getResourceAsStream("odd/" + kind + ".txt")) {
            String all = new String(stream.readAllBytes(), StandardCharsets.UTF_8);
            return Stream.of(all.split("(?m)^== ", -1)).skip(1).map(each -> {
                String[] title = each.substring(0, each.indexOf('\n')).split(" => ", 2);
                String wanted = title.length == 1 ? "" : title[1];
                return Arguments.of(kind + ": " + title[0], wanted, each.substring(each.indexOf('\n') + 1));
            });
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("files")
    void isReadRightlyOrAsked(String what, String wanted, String text) {
        StagedBooks staged = Books.read(text);
        if (wanted.equals("asks")) {
            assertThat(staged.faults()).first().asString().contains("Choose one");
        } else if (wanted.startsWith("refused: ")) {
            assertThat(Books.fault(staged)).contains(wanted.substring("refused: ".length()));
        } else {
            assertThat(staged.faults()).isEmpty();
            int scale = wanted.equals("thousands") ? 1000 : 1;
            staged.accounts().forEach(account -> right(account, scale, wanted, isSplit(text)));
            assertThat(Money.sum(staged.accounts().stream()
                                    .map(Account::closing)
                                    .toList())
                            .isZero())
                    .isTrue();
            if (!wanted.startsWith("holds: ")) {
                assertThat(staged.accounts()).hasSize(isSplit(text) ? 10 : 9);
            }
        }
    }

    private static boolean isSplit(String text) {
        return text.contains("Checking") || text.contains("till");
    }

    /** Each of the nine accounts as it should be; a file of other accounts names one that it holds. */
    private static void right(Account account, int scale, String wanted, boolean split) {
        String name = account.name()
                .toLowerCase(Locale.ROOT)
                .replace("totally clean ", "")
                .strip();
        assertThat(account.onIncomeStatement()).as(account.name()).isEqualTo(INCOME.contains(name));
        if (wanted.startsWith("holds: ")) {
            String[] held = wanted.substring("holds: ".length()).split("=");
            assertThat(name.equals(held[0]) && !account.closing().equals(Money.parse(held[1])))
                    .isFalse();
        } else if (!split || !CASH.contains(name)) {
            assertThat(CLOSING).containsKey(name);
            Money closing = Money.ofCents(Money.parse(CLOSING.get(name)).cents() * scale);
            assertThat(account.closing()).as(name).isEqualTo(closing);
        }
    }
}
