package undersaw.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** XML that is made to occupy a reader ends with a sentence, and long honest files are read. */
class AuditFileBoundsTest {
    private static List<List<String>> rows(String xml) {
        List<List<String>> rows = new ArrayList<>();
        new AuditFileRows(SourceFile.of("audit.xml", xml.getBytes(StandardCharsets.UTF_8)))
                .read(AuditFileRows.ACCOUNTS, (row, cells) -> rows.add(cells));
        return rows;
    }

    private static String account(String id) {
        return "<GeneralLedgerAccounts><Account><AccountID>" + id + "</AccountID><AccountDescription>Cash"
                + "</AccountDescription><ClosingDebitBalance>5</ClosingDebitBalance></Account></GeneralLedgerAccounts>";
    }

    @Test
    void anElementOfTwoHundredThousandAttributesIsRefused() {
        StringBuilder xml = new StringBuilder("<AuditFile");
        for (int i = 0; i < 200_000; i++) {
            xml.append(" a").append(i).append("=''");
        }
        assertThatThrownBy(() -> rows(xml.append(">")
                        .append(account("1"))
                        .append("</AuditFile>")
                        .toString()))
                .isInstanceOf(UnreadableFile.class);
    }

    @Test
    void aTextInManyPiecesIsReadInOnePass() {
        String pieces = "<!-- -->x".repeat(300_000);
        assertThat(rows("<AuditFile><Header>" + pieces + "</Header>" + account("1010") + "</AuditFile>"))
                .hasSize(2)
                .last()
                .asInstanceOf(org.assertj.core.api.InstanceOfAssertFactories.LIST)
                .contains("1010", "Cash");
    }

    @Test
    void elementsWithoutEndAreRefused() {
        assertThatThrownBy(() -> rows("<a>".repeat(5_000)))
                .isInstanceOfSatisfying(
                        UnreadableFile.class,
                        refused -> assertThat(refused.fault().expected()).contains("100 deep"));
    }

    @Test
    void aTextOfMillionsIsRefused() {
        assertThatThrownBy(() -> rows("<AuditFile><Header>" + "x".repeat(3_000_000) + "</Header></AuditFile>"))
                .isInstanceOf(UnreadableFile.class);
    }
}
