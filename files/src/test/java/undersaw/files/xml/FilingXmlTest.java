package undersaw.files.xml;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import undersaw.calc.Calculation;
import undersaw.calc.Statement;
import undersaw.files.DemoEngagement;
import undersaw.filing.DispatchState;
import undersaw.filing.FilingContent;
import undersaw.money.Money;

class FilingXmlTest {
    private static final String ID = "0d3c0f5e-93c5-4a3f-8b6e-2f1f7f0c9a11";
    private static final Calculation RETURN = DemoEngagement.calculation();
    private static final FilingContent CONTENT = FilingContent.of(RETURN, "R. Tern", "Pell & Orrin");

    @Test
    void isValidAgainstThePublishedSchema() {
        assertThat(FilingXml.validate(FilingXml.write(CONTENT, ID))).isEmpty();
    }

    @Test
    void theSchemaCatchesWhatItShould() {
        String good = new String(FilingXml.write(CONTENT, ID), StandardCharsets.UTF_8);
        String sales = CONTENT.lines().stream()
                .filter(value -> value.key().line().text().equals("1120/1a"))
                .map(value -> value.value().plain())
                .findFirst()
                .orElseThrow();
        assertThat(FilingXml.validate(good.replace("004417263", "44172").getBytes(StandardCharsets.UTF_8)))
                .isNotEmpty();
        assertThat(FilingXml.validate(
                        good.replace("form=\"1120\"", "form=\"none\"").getBytes(StandardCharsets.UTF_8)))
                .isNotEmpty();
        assertThat(FilingXml.validate(
                        good.replace(">" + sales + "<", ">" + sales + ".50<").getBytes(StandardCharsets.UTF_8)))
                .isNotEmpty();
        assertThat(FilingXml.validate("<!DOCTYPE x [<!ENTITY e SYSTEM \"file:///etc/passwd\">]><x>&e;</x>"
                        .getBytes(StandardCharsets.UTF_8)))
                .isNotEmpty();
    }

    @Test
    void theSameContentAlwaysHasTheSameDigest() {
        String digest = FilingXml.digest(FilingXml.write(CONTENT, ID));
        assertThat(FilingXml.digest(FilingXml.write(CONTENT, ID)))
                .isEqualTo(digest)
                .hasSize(64);
        assertThat(FilingXml.digest(FilingXml.write(CONTENT, ID.replace("11", "12"))))
                .isNotEqualTo(digest);
    }

    @Test
    void sendsEveryPrintedLineButOurOwnWorksheets() {
        String xml = FilingXml.text(FilingXml.write(CONTENT, ID));
        assertThat(xml)
                .contains("id=\"1120/1a\"")
                .contains("id=\"1125-E/1/f\" instance=\"ada-finch\"")
                .doesNotContain("W-");
    }

    @Test
    void everyStatementAddsUpToItsLine() {
        assertThat(CONTENT.statements())
                .hasSizeGreaterThan(5)
                .allSatisfy(statement -> assertThat(Money.sum(statement.rows().stream()
                                .map(Statement.Row::amount)
                                .toList()))
                        .as("%s", statement.line())
                        .isEqualTo(RETURN.amount(statement.line())));
    }

    @Test
    void readsWhatTheAuthorityAnswers() {
        AcknowledgementXml answer =
                AcknowledgementXml.read(("<acknowledgement xmlns=\"urn:undersaw:acknowledgement:1\" "
                                + "submission=\"" + ID + "\" state=\"rejected\" at=\"2026-03-09T10:00:00Z\">"
                                + "<fault code=\"R-0101\" line=\"1120/hdr/B\">Not on file.</fault>"
                                + "</acknowledgement>")
                        .getBytes(StandardCharsets.UTF_8));
        assertThat(answer.state()).isEqualTo(DispatchState.REJECTED);
        assertThat(answer.faults()).singleElement().satisfies(fault -> {
            assertThat(fault.code()).isEqualTo("R-0101");
            assertThat(fault.line()).isEqualTo("1120/hdr/B");
        });
        assertThatThrownBy(() -> AcknowledgementXml.read("<html>".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> AcknowledgementXml.read("<other/>".getBytes(StandardCharsets.UTF_8)))
                .hasMessageContaining("expected <acknowledgement>");
    }
}
