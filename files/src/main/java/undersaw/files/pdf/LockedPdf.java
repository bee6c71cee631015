package undersaw.files.pdf;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.security.SecureRandom;
import java.util.HexFormat;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.encryption.AccessPermission;
import org.apache.pdfbox.pdmodel.encryption.StandardProtectionPolicy;

/** A PDF that opens with a password only (ISO 32000-2, AES of 256 bits). */
public final class LockedPdf {
    private static final int KEY_BITS = 256;
    private static final int OWNER_BYTES = 24;
    private static final SecureRandom CHANCE = new SecureRandom();

    private LockedPdf() {}

    /**
     * The same document behind a password; who opens it may read and print it, and nobody may change it.
     *
     * @throws IllegalArgumentException for an empty password
     */
    public static byte[] lock(byte[] pdf, String password) {
        if (password.isEmpty()) {
            throw new IllegalArgumentException("a PDF is locked with a password, and there is none");
        }
        byte[] nobodys = new byte[OWNER_BYTES];
        CHANCE.nextBytes(nobodys);
        AccessPermission reading = new AccessPermission();
        reading.setCanModify(false);
        StandardProtectionPolicy policy =
                new StandardProtectionPolicy(HexFormat.of().formatHex(nobodys), password, reading);
        policy.setEncryptionKeyLength(KEY_BITS);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            document.protect(policy);
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException("the PDF cannot be locked", e);
        }
    }
}
