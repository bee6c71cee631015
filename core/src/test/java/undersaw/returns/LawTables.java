package undersaw.returns;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/** The law tables as they ship, to be amended by tests. */
final class LawTables {
    private LawTables() {}

    static String shipped(int year, String table) {
        try (InputStream stream = LawTables.class.getResourceAsStream("/undersaw/law/" + year + "/" + table + ".csv")) {
            return new String(stream.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
