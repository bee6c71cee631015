package undersaw.web.payments;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.web.servlet.ModelAndView;
import undersaw.web.frame.Answers;

/**
 * A row that a person takes out of a list, by its place and by what they saw there.
 *
 * <p>Where somebody else was faster, or the button was pressed twice, another row may stand at that place by now; then
 * nothing is removed.
 */
final class RowRemoval<T> {
    private final int place;
    private final String was;
    private boolean found;

    RowRemoval(int place, String was) {
        this.place = place;
        this.was = was;
    }

    /** The list without the row; nothing where the row is not there any more. */
    Optional<List<T>> from(List<T> rows) {
        found = place >= 0 && place < rows.size() && rows.get(place).toString().equals(was);
        if (!found) {
            return Optional.empty();
        }
        List<T> left = new ArrayList<>(rows);
        left.remove(place);
        return Optional.of(left);
    }

    ModelAndView answer(long id, Answers answers) {
        return found
                ? PaymentsPage.again(id)
                : answers.refuse(
                        HttpStatus.CONFLICT,
                        "The list has changed since the page was shown. Nothing was removed; open the page again.");
    }
}
