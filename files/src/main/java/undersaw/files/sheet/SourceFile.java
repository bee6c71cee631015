package undersaw.files.sheet;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * A client's file as it came, opened as often as it has to be read.
 *
 * @param name its name, for messages
 * @param size bytes
 * @param opener where its bytes come from
 */
public record SourceFile(String name, long size, Opener opener) {
    /** Gives the file's bytes from the start. */
    @FunctionalInterface
    public interface Opener {
        /** A new stream over the whole file. */
        InputStream open() throws IOException;
    }

    /** A file that is held in memory. */
    public static SourceFile of(String name, byte[] bytes) {
        return new SourceFile(name, bytes.length, () -> new ByteArrayInputStream(bytes));
    }

    /** A file on disk. */
    public static SourceFile of(String name, Path path) {
        try {
            return new SourceFile(name, Files.size(path), () -> Files.newInputStream(path));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    InputStream open() {
        try {
            return opener.open();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The first bytes, as many as there are up to a length. */
    byte[] head(int length) {
        try (InputStream stream = open()) {
            return stream.readNBytes(length);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
