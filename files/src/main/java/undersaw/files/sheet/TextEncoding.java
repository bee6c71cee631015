package undersaw.files.sheet;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.CharBuffer;
import java.nio.charset.Charset;
import java.nio.charset.CharsetDecoder;
import java.nio.charset.CoderResult;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.Optional;

/**
 * How the text of a file is encoded.
 *
 * <p>A byte-order mark decides; without one UTF-16 is known by its zero bytes, UTF-8 by being valid from the first byte
 * to the last, and all else is read as Windows-1252.
 */
final class TextEncoding {
    private static final Charset WINDOWS = Charset.forName("windows-1252");
    private static final int LOOKED_AT = 4000;
    private static final int CHUNK = 1 << 16;

    private TextEncoding() {}

    /**
     * The encoding.
     *
     * @throws UnreadableFile for an empty file and for one that holds no text
     */
    static Charset of(SourceFile file) {
        byte[] head = file.head(LOOKED_AT);
        if (head.length == 0) {
            throw new UnreadableFile(
                    file.name(), "The file is empty. Export the trial balance again and choose that file.");
        }
        if (startsWith(head, '%', 'P', 'D', 'F')
                || startsWith(head, 0xD0, 0xCF, 0x11, 0xE0)
                || startsWith(head, 0x1F, 0x8B)) {
            throw notText(file);
        }
        return byMark(head).or(() -> byZeros(head)).orElseGet(() -> byContent(file, head));
    }

    private static UnreadableFile notText(SourceFile file) {
        return new UnreadableFile(
                file.name(),
                "This is not a text file or a spreadsheet that can be read, whatever its name says. "
                        + "Save it as XLSX, ODS or CSV and choose that file.");
    }

    private static Charset byContent(SourceFile file, byte[] head) {
        for (byte each : head) {
            if (each == 0) {
                throw notText(file);
            }
        }
        return isUtf8(file) ? StandardCharsets.UTF_8 : WINDOWS;
    }

    private static Optional<Charset> byMark(byte[] head) {
        if (startsWith(head, 0xEF, 0xBB, 0xBF)) {
            return Optional.of(StandardCharsets.UTF_8);
        }
        if (startsWith(head, 0xFF, 0xFE)) {
            return Optional.of(StandardCharsets.UTF_16LE);
        }
        return startsWith(head, 0xFE, 0xFF) ? Optional.of(StandardCharsets.UTF_16BE) : Optional.empty();
    }

    private static Optional<Charset> byZeros(byte[] head) {
        int even = 0;
        int odd = 0;
        int length = head.length / 2 * 2;
        for (int i = 0; i < length; i++) {
            if (head[i] == 0 && i % 2 == 0) {
                even++;
            } else if (head[i] == 0) {
                odd++;
            }
        }
        int most = length / 2 * 7 / 10;
        if (odd > most && even == 0) {
            return Optional.of(StandardCharsets.UTF_16LE);
        }
        return even > most && odd == 0 ? Optional.of(StandardCharsets.UTF_16BE) : Optional.empty();
    }

    private static boolean isUtf8(SourceFile file) {
        CharsetDecoder decoder = StandardCharsets.UTF_8
                .newDecoder()
                .onMalformedInput(CodingErrorAction.REPORT)
                .onUnmappableCharacter(CodingErrorAction.REPORT);
        ByteBuffer bytes = ByteBuffer.allocate(CHUNK);
        CharBuffer characters = CharBuffer.allocate(CHUNK);
        try (InputStream stream = file.open()) {
            boolean more = true;
            while (more) {
                int read = stream.read(bytes.array(), bytes.position(), bytes.remaining());
                more = read >= 0;
                bytes.position(bytes.position() + Math.max(read, 0));
                bytes.flip();
                CoderResult result = decoder.decode(bytes, characters, !more);
                if (result.isError()) {
                    return false;
                }
                bytes.compact();
                characters.clear();
            }
            return true;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static boolean startsWith(byte[] bytes, int... head) {
        if (bytes.length < head.length) {
            return false;
        }
        for (int i = 0; i < head.length; i++) {
            if ((bytes[i] & 0xFF) != head[i]) {
                return false;
            }
        }
        return true;
    }
}
