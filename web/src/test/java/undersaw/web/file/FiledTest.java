package undersaw.web.file;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import undersaw.check.Severity;
import undersaw.engagement.Change;
import undersaw.engagement.Heading;
import undersaw.files.folder.EngagementFolder;
import undersaw.filing.DispatchState;
import undersaw.store.Filings;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Workspace;

/** A return that no longer is what was sealed or filed says so wherever it is looked at. */
@ExtendWith(Office.class)
class FiledTest {
    private Visitor tern;
    private FreshClient client;
    private Filings filings;
    private Workspace workspace;
    private String name;

    @BeforeEach
    void seal(Office.Running office) {
        tern = Visitor.as(office, "tern");
        filings = office.bean(Filings.class);
        workspace = office.bean(Workspace.class);
        name = "Filed " + System.nanoTime();
        client = FreshClient.begin(office, name);
        OpenEngagement open = workspace.open(client.id());
        byte[] none = {};
        Filings.Content content = new Filings.Content(
                client.id(),
                open.revision(),
                "sub-" + name,
                "digest-of-the-filing-of-this-test",
                none,
                none,
                "",
                EngagementFolder.writeZip(open.snapshot()));
        assertThat(filings.seal(content, "R. Tern", Instant.parse("2026-03-09T10:00:00Z")))
                .isPresent();
    }

    private Filings.Kept filing() {
        return filings.of(client.id()).get(0);
    }

    private void accept() {
        filings.move(filing(), Filings.Step.to(DispatchState.SENDING), "test", Instant.now());
        Filings.Step accepted = new Filings.Step(DispatchState.ACCEPTED, "SIM-7", "", List.of());
        filings.move(filing(), accepted, "test", Instant.now());
    }

    private String row() {
        String page = tern.get("/").body();
        String row = page.substring(page.indexOf(">" + name + "<"));
        return row.substring(0, row.indexOf("</tr>")).replaceAll("<[^>]*>", " ").replaceAll("\\s+", " ");
    }

    private void change() {
        tern.post(client.at("return/line"), "key", "1120/10", "value", "700", "reason", "a bill that came late");
    }

    @Test
    void asSealedNothingIsSaid() {
        assertThat(tern.get(client.at("file")).body()).doesNotContain("from what was sealed");
    }

    @Test
    void changedAfterTheSealItSaysSoBeforeItIsSent() {
        change();
        assertThat(tern.get(client.at("file")).body())
                .contains("from what was sealed")
                .contains("What waits to be sent is what was sealed")
                .contains("1120/10");
        assertThat(row()).contains("from what was sealed: sealing anew");
    }

    @Test
    void acceptedAndUnchangedNothingIsLeftToDo() {
        accept();
        assertThat(workspace.open(client.id()).review().open(Severity.STOP)).isNotEmpty();
        assertThat(row()).contains("Accepted nothing");
        assertThat(tern.get(client.at("file")).body())
                .contains("The return is accepted")
                .contains("the form that amends it is not prepared here")
                .doesNotContain("visually-hidden\"> open");
    }

    @Test
    void acceptedAndChangedDocketHeadAndFileSaySo() {
        accept();
        change();
        assertThat(row()).containsPattern("Accepted \\d+ figures differ from what was filed");
        assertThat(tern.get(client.at("return")).body()).contains("figures differ from what was filed");
        assertThat(tern.get(client.at("file")).body()).contains("What was filed stays as it is");
        tern.post(client.at("undo"));
        assertThat(row()).contains("Accepted nothing");
    }

    @Test
    void theFiguresAsTheyWereSealedCanBeLookedAt() {
        change();
        assertThat(tern.get(client.at("file/" + filing().id() + "/figures")).body())
                .contains("Sealed by R. Tern");
        assertThat(tern.get(client.at("file/999999/figures")).statusCode()).isEqualTo(404);
    }

    @Test
    void anExtensionMovesTheDueDate() {
        assertThat(row()).contains("2026-04-15");
        Heading heading = workspace.open(client.id()).heading();
        Set<Heading.Flag> flags = EnumSet.of(Heading.Flag.EXTENDED);
        client.change(new Change.HeadingSet(
                new Heading(heading.form(), heading.client(), heading.period(), heading.method(), flags)));
        // six months after the fifteenth of the fourth month (IRC 6081; from memory)
        assertThat(row()).contains("2026-10-15").contains("extended");
    }
}
