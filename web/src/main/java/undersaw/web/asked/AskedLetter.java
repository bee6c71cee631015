package undersaw.web.asked;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.List;
import undersaw.store.Notes.Note;
import undersaw.web.desk.OpenEngagement;

/**
 * What is still awaited, as a message to the client.
 *
 * @param to the client's mail address; empty where none is known
 * @param subject its first line
 * @param text all of it
 */
public record AskedLetter(String to, String subject, String text) {
    static AskedLetter of(OpenEngagement open, List<Note> notes, String from) {
        String person = open.heading().client().contact().name();
        StringBuilder text = new StringBuilder();
        text.append(person.isBlank() ? "Good day," : "Dear " + person + ",").append("\n\n");
        text.append("for the ").append(open.heading().period().lawYear()).append(" return of ");
        text.append(open.heading().client().name()).append(" we still need:\n\n");
        int number = 1;
        for (Note note : notes) {
            if (note.isAwaited()) {
                text.append(number++).append(". ").append(note.words()).append(" (asked on ");
                text.append(note.askedOn()).append(")\n");
            }
        }
        text.append("\nWith thanks,\n").append(from).append('\n');
        return new AskedLetter(
                open.heading().client().contact().email(),
                "Papers for " + open.heading().period().lawYear() + ": "
                        + open.heading().client().name(),
                text.toString());
    }

    /** An address that opens the message in a mail program. */
    public String address() {
        return "mailto:" + encoded(to) + "?subject=" + encoded(subject) + "&body=" + encoded(text);
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8)
                .replace("+", "%20")
                .replace("%40", "@")
                .replace("%0A", "%0D%0A");
    }
}
