package undersaw.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.law.calendar.Period;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.money.Money;

/** Payments as a spreadsheet has them. */
class PaymentReaderTest {
    private static final Period YEAR = new Period(LocalDate.of(2025, 1, 1), LocalDate.of(2025, 12, 31));

    private static ListReader.Read read(String text) {
        return ListReader.read(SourceFile.of("Pasted", text.getBytes(StandardCharsets.UTF_8)), PaymentReader.LIST);
    }

    private static List<String> problems(String text) {
        ListReader.Read read = read(text);
        List<String> problems = new ArrayList<>(read.problems());
        problems.addAll(PaymentReader.problems(read, "Pasted", YEAR));
        return problems;
    }

    @Test
    void pastedColumnsAreReadInOrder() {
        assertThat(problems("4/15/2025\testimated\t33,000.00\n2025-06-16\tWithheld\t(1)\n"))
                .hasSize(1);
        assertThat(PaymentReader.payments(read("4/15/2025\testimated\t$33,000.00\n")))
                .containsExactly(
                        new Payment(LocalDate.of(2025, 4, 15), PaymentKind.ESTIMATED, Money.ofDollars(33_000)));
    }

    @Test
    void aHeaderPutsTheColumnsInAnyOrder() {
        assertThat(PaymentReader.payments(read("Amount paid,Paid on,Type\n12.50,\"Sept 15, 2025\",extension\n")))
                .containsExactly(new Payment(LocalDate.of(2025, 9, 15), PaymentKind.EXTENSION, Money.parse("12.50")));
    }

    @ParameterizedTest
    @CsvSource({
        "Q1,estimated",
        "3rd quarter 2025,estimated",
        "Form 7004,extension",
        "backup withholding,withheld",
        "last year's overpayment,overpayment-applied",
    })
    void kindsGoByTheWordsOfTheTrade(String word, String kind) {
        assertThat(PaymentReader.payments(read("date,kind,amount\n2025-04-15,\"" + word + "\",10\n")))
                .singleElement()
                .satisfies(payment -> assertThat(payment.kind().word()).isEqualTo(kind));
    }

    @Test
    void whatCannotBeReadIsNamed() {
        assertThat(problems("15 Apr,estimated,10\n").get(0)).contains("Date", "15 Apr");
        assertThat(problems("2025-04-15,gift,10\n").get(0)).contains("gift", "estimated");
        assertThat(problems("2025-04-15,estimated,\n").get(0)).contains("positive amount");
        assertThat(problems("1999-04-15,estimated,10\n").get(0))
                .contains("1999-04-15")
                .contains("2025-12-31");
    }
}
