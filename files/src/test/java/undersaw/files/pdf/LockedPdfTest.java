package undersaw.files.pdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.encryption.InvalidPasswordException;
import org.junit.jupiter.api.Test;

/** A locked PDF opens with its password and no other (ISO 32000-2, read by PDFBox). */
class LockedPdfTest {
    private static byte[] page() throws IOException {
        try (PDDocument document = new PDDocument()) {
            document.addPage(new PDPage());
            ByteArrayOutputStream bytes = new ByteArrayOutputStream();
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    @Test
    void itOpensWithItsPasswordOnly() throws IOException {
        byte[] locked = LockedPdf.lock(page(), "000314402");
        assertThatThrownBy(() -> Loader.loadPDF(locked)).isInstanceOf(InvalidPasswordException.class);
        assertThatThrownBy(() -> Loader.loadPDF(locked, "000314403")).isInstanceOf(InvalidPasswordException.class);
        try (PDDocument opened = Loader.loadPDF(locked, "000314402")) {
            assertThat(opened.getNumberOfPages()).isEqualTo(1);
            assertThat(opened.getCurrentAccessPermission().canModify()).isFalse();
        }
    }

    @Test
    void anEmptyPasswordLocksNothing() {
        assertThatThrownBy(() -> LockedPdf.lock(page(), "")).isInstanceOf(IllegalArgumentException.class);
    }
}
