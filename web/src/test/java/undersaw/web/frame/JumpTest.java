package undersaw.web.frame;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;

/** The jump box: lines by number, caption or words; accounts, findings, stations, clients. */
@ExtendWith(Office.class)
class JumpTest {
    private FreshClient client;
    private Visitor tern;

    @BeforeEach
    void begin(Office.Running office) {
        client = FreshClient.begin(office, "Jumpwater Rope " + System.nanoTime());
        tern = Visitor.as(office, "tern");
    }

    private String jump(String words) {
        return tern.get("/jump?in=" + client.id() + "&q=" + words.replace(" ", "+"))
                .body();
    }

    @ParameterizedTest
    @CsvSource({
        "1120/26, Other deductions, return?line=1120/26",
        "26, Other deductions, return?line=1120/26",
        "J 12, Total tax, return?line=1120/J/12",
        "taxable income, Taxable income, return?line=1120/30",
        "officers, Form 1125-E, return?sheet=1125-E",
        "late payment, Form 2220, return?sheet=2220",
        "6010, Wages, map#account-6010",
        "wages, 6010 Wages, map#account-6010",
        "check, Check, check",
        "digital assets, C-0117, check",
    })
    void findsWithinTheEngagement(String words, String shown, String address) {
        assertThat(jump(words)).contains(shown).contains(client.at(address));
    }

    @Test
    void aLineByItsNumberComesFirst() {
        String found = jump("1120/30");
        assertThat(found.indexOf("1120/30 ")).isPositive();
        assertThat(found.substring(0, found.indexOf("1120/30 "))).doesNotContain("<li>\\s*<li>");
        assertThat(found.indexOf("line=1120/30\"")).isEqualTo(found.indexOf("return?line=") + "return?".length());
    }

    @Test
    void clientsAreFoundFromAnywhere() {
        assertThat(tern.get("/jump?q=jumpwater").body())
                .contains("Jumpwater Rope")
                .contains(client.at("books"));
        assertThat(jump("gannet row")).contains("Gannet Row Cannery, Inc., 1120 2025");
    }

    @Test
    void wordsMayComeInAnyOrderAndUnfinished() {
        assertThat(jump("deduc other")).contains("1120/26");
        assertThat(jump("receip gross")).contains("1120/1a");
    }

    @Test
    void nothingFoundIsSaidWithWhatWasAsked() {
        assertThat(jump("zzqqx")).contains("Nothing is called").contains("zzqqx");
        assertThat(jump("%3Cb%3E")).doesNotContain("<b>");
        assertThat(jump("")).doesNotContain("Nothing is called \"\"");
    }
}
