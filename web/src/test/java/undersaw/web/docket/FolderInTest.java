package undersaw.web.docket;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import undersaw.engagement.Carried;
import undersaw.engagement.Change;
import undersaw.engagement.Client;
import undersaw.engagement.Fact;
import undersaw.engagement.Heading;
import undersaw.engagement.PriorYear;
import undersaw.engagement.SetAside;
import undersaw.engagement.Snapshot;
import undersaw.engagement.TaxpayerNumber;
import undersaw.engagement.WorksheetRow;
import undersaw.files.folder.EngagementFolder;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;
import undersaw.web.desk.Workspace;

/** An engagement folder that comes in through a page is kept whole, or not at all. */
@ExtendWith(Office.class)
class FolderInTest {
    private Visitor tern;
    private Workspace workspace;
    private Snapshot full;

    @BeforeEach
    void fill(Office.Running office) {
        tern = Visitor.as(office, "tern");
        workspace = office.bean(Workspace.class);
        FreshClient client = FreshClient.begin(office, "Folder " + System.nanoTime());
        client.fact("OWNERS/place@wren", "1")
                .fact("OWNERS/name@wren", "A. Wren")
                .fact("OWNERS/capitalEnd@wren", "100")
                .change(new Change.WorksheetSet(
                        LineKey.parse("1120/17"),
                        List.of(new WorksheetRow(
                                "Property tax", Money.parse("812.50"), LocalDate.of(2025, 6, 1), "half")),
                        "R. Tern"))
                .change(new Change.FactsSet(
                        Map.of(LineKey.parse("1120/26"), new Fact("500", "counted by hand", "M. Quill, 2026-02-02"))))
                .change(new Change.QuerySetAside("C-0109.1120/K/16", new SetAside("asked", "R. Tern", "said so")))
                .change(new Change.CarriedSet(Map.of("opening/1010", new Carried("5", ""))))
                .change(new Change.PriorSet(new PriorYear(
                        LocalDate.of(2024, 12, 31), Map.of(LineId.of("1120/1a"), Money.ofDollars(390_000)))));
        full = workspace.open(client.id()).snapshot();
    }

    private static Snapshot renamed(Snapshot snapshot, String name, String number) {
        Heading heading = snapshot.heading();
        Client client = heading.client();
        Client other = new Client(
                name,
                new TaxpayerNumber(number),
                client.address(),
                client.formed(),
                client.formedIn(),
                client.activity(),
                client.contact());
        return snapshot.withHeading(
                new Heading(heading.form(), other, heading.period(), heading.method(), heading.flags()));
    }

    private static String number() {
        return "00" + (1_000_000 + System.nanoTime() % 8_999_999);
    }

    @Test
    void everythingComesBack() {
        Snapshot elsewhere = renamed(full, "Elsewhere " + System.nanoTime(), number());

        var page = tern.upload("/engagements/folder", "elsewhere.zip", EngagementFolder.writeZip(elsewhere));

        assertThat(page.statusCode()).isEqualTo(200);
        long id = Long.parseLong(page.uri().getPath().replaceAll("\\D", ""));
        assertThat(workspace.open(id).snapshot()).isEqualTo(elsewhere);
        assertThat(tern.get("/e/" + id + "/trail").body())
                .contains("Folder taken in")
                .contains("elsewhere.zip");
    }

    @Test
    void aSecondOneForTheSameYearIsRefused() {
        var page = tern.upload("/engagements/folder", "twice.zip", EngagementFolder.writeZip(full));
        assertThat(page.statusCode()).isEqualTo(422);
        assertThat(page.body()).contains("There is an engagement for").contains("Nothing was changed");
    }

    @Test
    void anotherNameForAKnownNumberIsRefused() {
        Snapshot other = renamed(
                full, "Somebody Else, Inc.", full.heading().client().number().digits());
        var page = tern.upload("/engagements/folder", "other.zip", EngagementFolder.writeZip(other));
        assertThat(page.body()).contains("belongs to " + full.heading().client().name());
    }

    @Test
    void whatIsNoFolderSaysWhatIsMissing() {
        byte[] noZip = "account,name".getBytes(java.nio.charset.StandardCharsets.UTF_8);
        assertThat(tern.upload("/engagements/folder", "books.csv", noZip).body())
                .contains("engagement.json: is missing")
                .contains("Nothing of books.csv was kept");
    }
}
