package undersaw.store;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.InvalidKeyException;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.Optional;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/**
 * What holds the trail from outside the database: a key that signs each line, and a file that says how far it goes.
 *
 * <p>Whoever can write the database but does not have the key cannot make a line that fits; whoever takes lines off its
 * end cannot make the head fit. Key and head lie beside the database unless they are put elsewhere.
 */
public final class TrailSeal {
    private static final String ALGORITHM = "HmacSHA256";
    private static final int KEY_BYTES = 32;

    private final SecretKeySpec key;
    private final Path head;

    /**
     * Where the trail ends.
     *
     * @param line number of its last line
     * @param digest that line's digest
     */
    public record Head(long line, String digest) {}

    /** Reads the key, making it where there is none. */
    public TrailSeal(Path key, Path head) {
        this.key = new SecretKeySpec(read(key), ALGORITHM);
        this.head = head;
    }

    /** Key and head beside the database. */
    public static TrailSeal beside(Path database) {
        return new TrailSeal(Path.of(database + ".key"), head(database));
    }

    /** Where the head of a database is written down. */
    public static Path head(Path database) {
        return Path.of(database + ".head");
    }

    private static byte[] read(Path file) {
        try {
            if (!Files.exists(file)) {
                byte[] fresh = new byte[KEY_BYTES];
                new SecureRandom().nextBytes(fresh);
                Files.writeString(create(file), HexFormat.of().formatHex(fresh));
            }
            return HexFormat.of().parseHex(Files.readString(file).strip());
        } catch (IOException e) {
            throw new UncheckedIOException("the key of the trail, " + file + ", cannot be read", e);
        } catch (IllegalArgumentException e) {
            throw new IllegalStateException("the key of the trail, " + file + ", is not what was written there", e);
        }
    }

    /** Readable for nobody else. */
    private static Path create(Path file) throws IOException {
        boolean posix = FileSystems.getDefault().supportedFileAttributeViews().contains("posix");
        return posix
                ? Files.createFile(
                        file, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")))
                : Files.createFile(file);
    }

    String sign(String text) {
        try {
            Mac mac = Mac.getInstance(ALGORITHM);
            mac.init(key);
            return HexFormat.of().formatHex(mac.doFinal(text.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException | InvalidKeyException e) {
            throw new IllegalStateException("every Java platform has " + ALGORITHM, e);
        }
    }

    /** Writes down where the trail ends by now. */
    void endsAt(Head last) {
        try {
            Path fresh = Path.of(head + ".new");
            Files.writeString(fresh, last.line() + " " + last.digest() + "\n");
            Files.move(fresh, head, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (IOException e) {
            throw new UncheckedIOException("the head of the trail, " + head + ", cannot be written", e);
        }
    }

    /** Where the trail ended when it was last written down; nothing where no file says so. */
    Optional<Head> end() {
        try {
            if (!Files.exists(head)) {
                return Optional.empty();
            }
            String[] parts = Files.readString(head).strip().split(" ", -1);
            return Optional.of(new Head(Long.parseLong(parts[0]), parts[1]));
        } catch (IOException | NumberFormatException | ArrayIndexOutOfBoundsException e) {
            return Optional.of(new Head(Long.MAX_VALUE, ""));
        }
    }
}
