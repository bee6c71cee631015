package undersaw.web.desk;

import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.ResponseStatus;

/** There is no engagement of that number. */
@ResponseStatus(HttpStatus.NOT_FOUND)
public class NoSuchEngagement extends RuntimeException {
    private static final long serialVersionUID = 1L;

    NoSuchEngagement(long id) {
        super("There is no engagement " + id + ".");
    }
}
