package undersaw.web.frame;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import undersaw.engagement.Heading;
import undersaw.files.sheet.TableFile;

/** Files handed to the browser under a name that says whose and which year they are. */
public final class Download {
    private Download() {}

    /** The file as an attachment; its type goes by the ending. */
    public static ResponseEntity<byte[]> of(Heading heading, String what, String ending, byte[] bytes) {
        String client = heading.client()
                .name()
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        return named(client + "-" + heading.period().lawYear() + "-" + what + "." + ending, type(ending), bytes);
    }

    /** A table as CSV or XLSX. */
    public static ResponseEntity<byte[]> of(Heading heading, String what, String ending, TableFile table) {
        return of(heading, what, ending, ending.equals("csv") ? table.csv(heading) : table.xlsx(heading));
    }

    /** A file under its own name. */
    public static ResponseEntity<byte[]> named(String name, String type, byte[] bytes) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .contentType(MediaType.parseMediaType(type))
                .body(bytes);
    }

    private static String type(String ending) {
        return switch (ending) {
            case "csv" -> "text/csv;charset=UTF-8";
            case "pdf" -> "application/pdf";
            case "docx" -> "application/vnd.openxmlformats-officedocument.wordprocessingml.document";
            default -> "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet";
        };
    }
}
