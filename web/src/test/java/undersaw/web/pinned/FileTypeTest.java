package undersaw.web.pinned;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** First bytes of formats, from their specifications (from memory). */
class FileTypeTest {
    private static byte[] bytes(String head) {
        return head.getBytes(StandardCharsets.ISO_8859_1);
    }

    @ParameterizedTest
    @CsvSource({
        "a.pdf,%PDF-1.7,application/pdf",
        "a.png,\u0089PNG,image/png",
        "a.jpg,\u00FF\u00D8\u00FF\u00E0,image/jpeg",
        "a.txt,plain words,text/plain;charset=UTF-8",
        "renamed.exe,%PDF-1.4,application/pdf"
    })
    void isToldByContent(String name, String head, String type) {
        assertThat(FileType.of(name, bytes(head))).contains(type);
    }

    @ParameterizedTest
    @CsvSource({"a.pdf,MZ program", "a.html,<script>", "a.svg,<svg>", "a.zip,PK\u0003\u0004", "a.exe,MZ", "a,words"})
    void whatCouldRunOrHideIsNotLetIn(String name, String head) {
        assertThat(FileType.of(name, bytes(head))).isEmpty();
    }

    @Test
    void textWithZerosIsNoText() {
        assertThat(FileType.of("a.txt", new byte[] {65, 0, 66})).isEmpty();
        assertThat(FileType.of("a.txt", new byte[0])).isPresent();
    }
}
