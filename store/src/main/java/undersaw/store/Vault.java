package undersaw.store;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.HexFormat;
import java.util.Set;
import java.util.stream.Stream;

/**
 * Files that people brought, in a folder beside the database, each named by the digest of its bytes. A file that is
 * there is never changed; the same bytes are kept once.
 */
public final class Vault {
    private static final String ARRIVING = "arriving";

    private final Path folder;

    private Vault(Path folder) {
        this.folder = folder;
    }

    /** The vault beside a database file. */
    public static Vault beside(Path database) {
        Path folder = database.toAbsolutePath().resolveSibling(database.getFileName() + "-files");
        try {
            return new Vault(Files.createDirectories(folder));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Keeps the bytes and gives their digest (SHA-256, hexadecimal). */
    public String keep(InputStream bytes) {
        try {
            MessageDigest sha = MessageDigest.getInstance("SHA-256");
            Path arriving = Files.createTempFile(folder, ARRIVING, "");
            try (InputStream digested = new DigestInputStream(bytes, sha);
                    OutputStream target = Files.newOutputStream(arriving)) {
                digested.transferTo(target);
            }
            String digest = HexFormat.of().formatHex(sha.digest());
            Files.move(arriving, path(digest), StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
            return digest;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /**
     * Where the bytes of a digest lie.
     *
     * @throws IllegalArgumentException for anything that is no digest
     */
    public Path path(String digest) {
        if (!isDigest(digest)) {
            throw new IllegalArgumentException("no digest: " + digest);
        }
        return folder.resolve(digest);
    }

    /**
     * Removes what nothing refers to any more, and what never arrived whole.
     *
     * @param kept the digests that something refers to
     * @param before only what is older, since a file arrives before anything refers to it
     * @return how many files are gone
     */
    public int sweep(Set<String> kept, Instant before) {
        int gone = 0;
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.filter(Files::isRegularFile).toList()) {
                String name = file.getFileName().toString();
                boolean ours = isDigest(name) || name.startsWith(ARRIVING);
                boolean old = Files.getLastModifiedTime(file).toInstant().isBefore(before);
                gone += ours && old && !kept.contains(name) && Files.deleteIfExists(file) ? 1 : 0;
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return gone;
    }

    static boolean isDigest(String name) {
        return name.matches("[0-9a-f]{64}");
    }

    Path folder() {
        return folder;
    }
}
