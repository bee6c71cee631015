package undersaw.store;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;

/**
 * All that a firm keeps as one zip file: the database, and the files that people brought.
 *
 * <p>Unpacked into an empty folder it is what {@code serve} opens, so that restoring takes no tool of ours.
 */
public final class Backup {
    private static final String DATABASE = "undersaw.db";
    private static final String HEAD = DATABASE + ".head";
    private static final String FILES = DATABASE + "-files/";

    private Backup() {}

    /**
     * Writes database, files and where the trail ends as they stand; work goes on meanwhile. The trail's key is left
     * out: it is to be kept apart.
     */
    public static void write(Database database, Vault vault, OutputStream target) throws IOException {
        Path folder = Files.createTempDirectory("undersaw-backup");
        Path copy = folder.resolve(DATABASE);
        try (ZipOutputStream zip = new ZipOutputStream(target)) {
            // the head first: a copy that goes further than it is right, one that ends before it is not
            Path head = TrailSeal.head(database.file());
            if (Files.exists(head)) {
                add(zip, HEAD, head);
            }
            database.backUp(copy);
            add(zip, DATABASE, copy);
            for (Path file : files(vault)) {
                add(zip, FILES + file.getFileName(), file);
            }
        } finally {
            Files.deleteIfExists(copy);
            Files.delete(folder);
        }
    }

    /** Files in the making have other names, and belong to no revision yet. */
    private static List<Path> files(Vault vault) throws IOException {
        try (Stream<Path> all = Files.list(vault.folder())) {
            return all.filter(file -> Vault.isDigest(file.getFileName().toString()))
                    .sorted()
                    .toList();
        }
    }

    private static void add(ZipOutputStream zip, String name, Path file) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        Files.copy(file, zip);
        zip.closeEntry();
    }

    /**
     * Unpacks a backup into a folder.
     *
     * @throws IOException when it holds anything but a database and its files
     */
    public static void unpack(InputStream backup, Path folder) throws IOException {
        try (ZipInputStream zip = new ZipInputStream(backup)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                String name = entry.getName();
                boolean file = name.startsWith(FILES) && Vault.isDigest(name.substring(FILES.length()));
                if (!file && !name.equals(DATABASE) && !name.equals(HEAD)) {
                    throw new IOException(
                            "found \"" + name + "\" in the backup, expected " + DATABASE + " and " + FILES);
                }
                Path target = folder.resolve(name);
                Files.createDirectories(target.getParent());
                Files.copy(zip, target);
            }
        }
    }
}
