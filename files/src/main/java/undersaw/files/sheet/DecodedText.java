package undersaw.files.sheet;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import undersaw.files.FileFault;

/**
 * A text file's words, whatever encoding it came in.
 *
 * <p>A byte-order mark decides; without one UTF-16 is known by its zero bytes, UTF-8 by being valid, and all else is
 * read as Windows-1252. Spreadsheets, archives and other binary files are refused by name.
 *
 * @param text the words; empty where the file is refused
 * @param encoding how they were written
 * @param fault why the file is refused; null where it is not
 */
record DecodedText(String text, String encoding, @Nullable FileFault fault) {
    private static final Charset WINDOWS = Charset.forName("windows-1252");
    private static final int LOOKED_AT = 4000;

    static DecodedText of(String file, byte[] bytes) {
        if (bytes.length == 0) {
            return refused(file, "The file is empty. Export the trial balance again and choose that file.");
        }
        if (bytes.length > 3 && bytes[0] == 'P' && bytes[1] == 'K') {
            return refused(
                    file,
                    "This is a spreadsheet or an archive, whatever its name says. "
                            + "Save the sheet as CSV and choose that file.");
        }
        if (startsWith(bytes, 0xD0, 0xCF, 0x11, 0xE0) || startsWith(bytes, '%', 'P', 'D', 'F')) {
            return refused(
                    file,
                    "This is not a text file, whatever its name says. "
                            + "Save the trial balance as CSV and choose that file.");
        }
        Optional<Charset> marked = byMark(bytes).or(() -> byZeros(bytes));
        if (marked.isPresent()) {
            return decoded(new String(bytes, marked.get()), marked.get());
        }
        if (hasZeros(bytes)) {
            return refused(file, "This is not a text file. Save the trial balance as CSV and choose that file.");
        }
        return utf8(bytes)
                .map(text -> decoded(text, StandardCharsets.UTF_8))
                .orElseGet(() -> decoded(new String(bytes, WINDOWS), WINDOWS));
    }

    private static DecodedText refused(String file, String why) {
        return new DecodedText("", "", FileFault.whole(file, why));
    }

    private static DecodedText decoded(String text, Charset charset) {
        String plain = text.startsWith("\uFEFF") ? text.substring(1) : text;
        return new DecodedText(plain, charset.displayName(), null);
    }

    private static Optional<Charset> byMark(byte[] bytes) {
        if (startsWith(bytes, 0xEF, 0xBB, 0xBF)) {
            return Optional.of(StandardCharsets.UTF_8);
        }
        if (startsWith(bytes, 0xFF, 0xFE)) {
            return Optional.of(StandardCharsets.UTF_16LE);
        }
        return startsWith(bytes, 0xFE, 0xFF) ? Optional.of(StandardCharsets.UTF_16BE) : Optional.empty();
    }

    private static Optional<Charset> byZeros(byte[] bytes) {
        int even = 0;
        int odd = 0;
        int length = Math.min(bytes.length, LOOKED_AT) / 2 * 2;
        for (int i = 0; i < length; i++) {
            if (bytes[i] == 0 && i % 2 == 0) {
                even++;
            } else if (bytes[i] == 0) {
                odd++;
            }
        }
        int most = length / 2 * 7 / 10;
        if (odd > most && even == 0) {
            return Optional.of(StandardCharsets.UTF_16LE);
        }
        return even > most && odd == 0 ? Optional.of(StandardCharsets.UTF_16BE) : Optional.empty();
    }

    private static boolean hasZeros(byte[] bytes) {
        for (int i = 0; i < Math.min(bytes.length, LOOKED_AT); i++) {
            if (bytes[i] == 0) {
                return true;
            }
        }
        return false;
    }

    private static Optional<String> utf8(byte[] bytes) {
        try {
            return Optional.of(StandardCharsets.UTF_8
                    .newDecoder()
                    .onMalformedInput(CodingErrorAction.REPORT)
                    .onUnmappableCharacter(CodingErrorAction.REPORT)
                    .decode(ByteBuffer.wrap(bytes))
                    .toString());
        } catch (CharacterCodingException notUtf8) {
            return Optional.empty();
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
