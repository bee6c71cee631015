package undersaw.files.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** The odd files of the demo's clients do what their READMEs say; their figures are nobody's check values. */
class DemoFilesTest {
    private static SourceFile file(String path) {
        return SourceFile.of(Path.of(path).getFileName().toString(), Path.of("../demo", path));
    }

    private static StagedBooks read(SourceFile file, String sheet) {
        return BooksReader.read(file, BooksReader.look(file, sheet).plan(), Books.NEW_CLIENT, each -> {});
    }

    @Test
    void theJournalOfTheNetWorksAddsUp() {
        StagedBooks staged = read(file("saltbox-net-works-2025/client-files/journal-2025.csv"), "");
        assertThat(staged.faults()).isEmpty();
        assertThat(staged.transactions()).isGreaterThan(200);
        assertThat(staged.leftOut()).hasSize(2).allMatch(each -> each.contains("dated after the year's end"));
        assertThat(staged.notes()).anyMatch(note -> note.contains("windows-1252"));
    }

    @Test
    void theWorkbookOfTheMarineSupplyIsReadFromItsSecondSheet() {
        SourceFile file = file("otter-point-marine-supply-2025/client-files/trial-balance.xlsx");
        assertThat(BooksReader.look(file, "").sheets()).containsExactly("Cover", "TB");
        StagedBooks staged = read(file, "TB");
        assertThat(staged.faults()).isEmpty();
        assertThat(staged.accounts()).hasSize(31);
        assertThat(staged.leftOut()).hasSize(8);
        assertThat(staged.notes()).anyMatch(note -> note.contains("Workings"));
    }

    @Test
    void theOtherFilesAreRefusedOrDoubted() {
        assertThat(Books.fault(read(file("otter-point-marine-supply-2025/client-files/out-of-balance.csv"), "")))
                .contains("6110 Sales salaries may have two digits changed about");
        assertThat(read(file("otter-point-marine-supply-2025/client-files/other-client.tsv"), "")
                        .notes())
                .anyMatch(note -> note.contains("Puffin Lane Bakehouse LLC"))
                .anyMatch(note -> note.contains("2023"));
    }
}
