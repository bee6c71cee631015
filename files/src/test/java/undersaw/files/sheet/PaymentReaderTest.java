package undersaw.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.money.Money;

/** Payments as a spreadsheet has them. */
class PaymentReaderTest {
    private static PaymentReader.Read read(String text) {
        return PaymentReader.read(SourceFile.of("Pasted", text.getBytes(StandardCharsets.UTF_8)));
    }

    @Test
    void pastedColumnsAreReadInOrder() {
        assertThat(read("4/15/2025\testimated\t33,000.00\n2025-06-16\tWithheld\t(1)\n")
                        .problems())
                .hasSize(1);
        assertThat(read("4/15/2025\testimated\t$33,000.00\n").payments())
                .containsExactly(
                        new Payment(LocalDate.of(2025, 4, 15), PaymentKind.ESTIMATED, Money.ofDollars(33_000)));
    }

    @Test
    void aHeaderPutsTheColumnsInAnyOrder() {
        assertThat(read("Amount,Date,Kind\n12.50,2025-04-15,extension\n").payments())
                .containsExactly(new Payment(LocalDate.of(2025, 4, 15), PaymentKind.EXTENSION, Money.parse("12.50")));
    }

    @Test
    void whatCannotBeReadIsNamed() {
        assertThat(read("15 Apr,estimated,10\n").problems().get(0)).contains("Date", "15 Apr");
        assertThat(read("2025-04-15,gift,10\n").problems().get(0)).contains("gift", "estimated");
        assertThat(read("2025-04-15,estimated,\n").problems().get(0)).contains("positive amount");
    }
}
