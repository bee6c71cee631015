package undersaw.web.frame;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.multipart.MultipartException;

/** A file that did not arrive whole, or is larger than any that is read. */
@ControllerAdvice
class BrokenUpload {
    @ExceptionHandler(MultipartException.class)
    void answer(MultipartException fault, HttpServletResponse response) throws IOException {
        boolean large = fault instanceof MaxUploadSizeExceededException;
        response.sendError((large ? HttpStatus.CONTENT_TOO_LARGE : HttpStatus.BAD_REQUEST).value());
    }
}
