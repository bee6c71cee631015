package undersaw.web.pinned;

import java.util.List;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import undersaw.store.Attachments;
import undersaw.store.Attachments.Attachment;
import undersaw.store.Notes;
import undersaw.store.Notes.Note;

/** What is pinned to one place, put into the model of the page that shows it. */
@Component
public class Pinned {
    private final Notes notes;
    private final Attachments attachments;

    Pinned(Notes notes, Attachments attachments) {
        this.notes = notes;
        this.attachments = attachments;
    }

    /**
     * The notes and files of a place.
     *
     * @param place what they are pinned to, such as {@code account-1010}, a line, or a finding's key
     */
    public record AtPlace(String place, List<Note> notes, List<Attachment> files) {}

    /** Puts the notes and files of a place into the model as {@code pinned}. */
    public void show(long engagement, String place, Model model) {
        model.addAttribute("pinned", at(engagement, place));
    }

    /** The notes and files of a place. */
    public AtPlace at(long engagement, String place) {
        return new AtPlace(
                place,
                notes.at(engagement, place),
                attachments.of(engagement).stream()
                        .filter(file -> file.place().equals(place))
                        .toList());
    }
}
