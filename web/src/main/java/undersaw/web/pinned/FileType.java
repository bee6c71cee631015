package undersaw.web.pinned;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;

/** What kind of file something is, told by its first bytes; only kinds that cannot run are let in. */
final class FileType {
    private FileType() {}

    /** The media type; nothing for a kind that is not let in. */
    static Optional<String> of(String name, byte[] head) {
        if (begins(head, "%PDF-")) {
            return Optional.of("application/pdf");
        }
        if (begins(head, "\u0089PNG")) {
            return Optional.of("image/png");
        }
        if (begins(head, "\u00FF\u00D8\u00FF")) {
            return Optional.of("image/jpeg");
        }
        String ending = name.substring(name.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT);
        if (begins(head, "PK")) {
            return switch (ending) {
                case "xlsx" -> Optional.of("application/vnd.openxmlformats-officedocument.spreadsheetml.sheet");
                case "docx" -> Optional.of("application/vnd.openxmlformats-officedocument.wordprocessingml.document");
                case "ods" -> Optional.of("application/vnd.oasis.opendocument.spreadsheet");
                default -> Optional.empty();
            };
        }
        boolean text = ending.equals("txt") || ending.equals("csv") || ending.equals("xml");
        return text && isText(head) ? Optional.of("text/plain;charset=UTF-8") : Optional.empty();
    }

    private static boolean begins(byte[] head, String magic) {
        byte[] bytes = magic.getBytes(StandardCharsets.ISO_8859_1);
        if (head.length < bytes.length) {
            return false;
        }
        for (int i = 0; i < bytes.length; i++) {
            if (head[i] != bytes[i]) {
                return false;
            }
        }
        return true;
    }

    private static boolean isText(byte[] head) {
        for (byte each : head) {
            if (each == 0) {
                return false;
            }
        }
        return true;
    }
}
