package undersaw.files.sheet;

import java.io.IOException;
import java.io.InputStream;
import java.util.HashSet;
import java.util.Set;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipArchiveInputStream;

/** Looks through an archive before any part of it is believed: what it holds, and that it does not swell. */
final class ArchiveBounds {
    private static final long MOST_BYTES = 600_000_000;

    private ArchiveBounds() {}

    /**
     * The names of the archive's parts.
     *
     * @throws UnreadableFile for a broken archive and for one that would unpack to more than 600 million bytes
     */
    static Set<String> parts(SourceFile file) {
        Set<String> names = new HashSet<>();
        byte[] buffer = new byte[1 << 16];
        long size = 0;
        try (ZipArchiveInputStream zip = new ZipArchiveInputStream(file.open())) {
            for (ZipArchiveEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                names.add(entry.getName());
                size += drained(zip, buffer, MOST_BYTES - size);
                if (size > MOST_BYTES) {
                    throw new UnreadableFile(
                            file.name(), "The spreadsheet unpacks to more than 600 million bytes. Split it.");
                }
            }
        } catch (IOException | IllegalArgumentException broken) {
            throw new UnreadableFile(
                    file.name(),
                    "The spreadsheet is damaged and cannot be opened. Save it again and choose that file.");
        }
        return names;
    }

    private static long drained(InputStream stream, byte[] buffer, long most) throws IOException {
        long size = 0;
        for (int read = stream.read(buffer); read >= 0; read = stream.read(buffer)) {
            size += read;
            if (size > most) {
                return size;
            }
        }
        return size;
    }
}
