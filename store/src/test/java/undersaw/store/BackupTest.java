package undersaw.store;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class BackupTest {
    @TempDir
    Path folder;

    private static ByteArrayInputStream zipOf(String name) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            zip.putNextEntry(new ZipEntry(name));
            zip.write("x".getBytes(UTF_8));
        }
        return new ByteArrayInputStream(bytes.toByteArray());
    }

    @Test
    void databaseAndFilesComeBackAsTheyWere() throws IOException {
        Path file = Files.createDirectory(folder.resolve("old")).resolve("undersaw.db");
        Vault vault = Vault.beside(file);
        String digest = vault.keep(new ByteArrayInputStream("a letter".getBytes(UTF_8)));
        ByteArrayOutputStream backup = new ByteArrayOutputStream();
        try (Database database = Database.open(file)) {
            new Preferences(database).set("tern", "threshold", "50");
            Backup.write(database, vault, backup);
        }

        Path back = Files.createDirectory(folder.resolve("new"));
        Backup.unpack(new ByteArrayInputStream(backup.toByteArray()), back);

        Path restored = back.resolve("undersaw.db");
        assertThat(Vault.beside(restored).path(digest)).hasContent("a letter");
        try (Database database = Database.open(restored)) {
            assertThat(new Preferences(database).find("tern", "threshold")).contains("50");
        }
    }

    @Test
    void aFileStillArrivingIsLeftOut() throws IOException {
        Path file = folder.resolve("undersaw.db");
        Vault vault = Vault.beside(file);
        Files.writeString(folder.resolve("undersaw.db-files").resolve("arriving123"), "half");
        ByteArrayOutputStream backup = new ByteArrayOutputStream();
        try (Database database = Database.open(file)) {
            Backup.write(database, vault, backup);
        }
        Path back = Files.createDirectory(folder.resolve("new"));
        Backup.unpack(new ByteArrayInputStream(backup.toByteArray()), back);
        assertThat(back).isDirectoryNotContaining("glob:**arriving*");
    }

    @Test
    void nothingIsWrittenOutsideTheFolder() throws IOException {
        ByteArrayInputStream hostile = zipOf("undersaw.db-files/../../evil");
        Path back = Files.createDirectory(folder.resolve("new"));
        assertThatThrownBy(() -> Backup.unpack(hostile, back))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("evil");
        assertThat(folder).isDirectoryNotContaining("glob:**evil");
    }

    @Test
    void anotherZipIsNoBackup() throws IOException {
        ByteArrayInputStream other = zipOf("holiday.jpg");
        assertThatThrownBy(() -> Backup.unpack(other, folder)).hasMessageContaining("expected undersaw.db");
    }
}
