package undersaw.authority;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import undersaw.authority.Submissions.Kept;

/** Takes filings in and answers about them. */
final class Desk {
    private static final String NAMESPACE = "urn:undersaw:acknowledgement:1";

    private final Submissions submissions;
    private final Mood mood;
    private final BusinessRules rules;
    private final Clock clock;

    Desk(Submissions submissions, Mood mood, Clock clock) {
        this.clock = clock;
        this.submissions = submissions;
        this.mood = mood;
        rules = new BusinessRules(submissions);
    }

    /** An HTTP status and an acknowledgement. */
    record Answer(int status, String text) {}

    /** Takes a filing in once; the same again changes nothing, and other content under the same id is refused. */
    synchronized Answer take(String id, byte[] bytes) {
        String digest = digest(bytes);
        Optional<Kept> before = submissions.find(id);
        if (before.isPresent()) {
            return before.get().digest().equals(digest)
                    ? about(id)
                    : new Answer(
                            409,
                            acknowledgement(
                                    id,
                                    "rejected",
                                    "",
                                    List.of(new Reason(
                                            "R-0002", "", "Another filing was sent under this submission id."))));
        }
        FiledReturn.Reading reading = FiledReturn.read(bytes);
        FiledReturn filed = reading.filed();
        if (filed == null || !filed.submission().equals(id)) {
            String why = reading.faults().isEmpty()
                    ? "The submission id in the file is not the one in the address."
                    : String.join(" ", reading.faults());
            return new Answer(400, acknowledgement(id, "rejected", "", List.of(new Reason("R-0001", "", why))));
        }
        keep(filed, digest);
        return new Answer(202, acknowledgement(id, "received", "", List.of()));
    }

    private void keep(FiledReturn filed, String digest) {
        List<Reason> reasons = mood.rejectsNow()
                ? List.of(new Reason("R-0901", "1120/30", "Rejected because the stand-in was told to reject."))
                : rules.examine(filed);
        Instant now = clock.instant();
        boolean accepted = reasons.isEmpty();
        submissions.keep(
                filed,
                new Kept(
                        filed.submission(),
                        digest,
                        filed.number(),
                        filed.form(),
                        now.plus(mood.answersAfter()),
                        accepted ? "accepted" : "rejected",
                        accepted ? confirmation(digest, now) : "",
                        now),
                reasons);
    }

    /** What is known about a submission. */
    Answer about(String id) {
        Optional<Kept> kept = submissions.find(id);
        if (kept.isEmpty()) {
            return new Answer(404, "");
        }
        if (clock.instant().isBefore(kept.get().answered())) {
            return new Answer(200, acknowledgement(id, "received", "", List.of()));
        }
        return new Answer(
                200, acknowledgement(id, kept.get().state(), kept.get().confirmation(), submissions.reasons(id)));
    }

    private static String confirmation(String digest, Instant now) {
        String day = DateTimeFormatter.ofPattern("yyyyMMdd", Locale.ROOT)
                .withZone(ZoneOffset.UTC)
                .format(now);
        return "SIM-" + day + "-" + digest.substring(0, 8).toUpperCase(Locale.ROOT);
    }

    private String acknowledgement(String id, String state, String confirmation, List<Reason> reasons) {
        StringBuilder xml = new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n");
        xml.append("<acknowledgement xmlns=\"").append(NAMESPACE).append('"');
        attribute(xml, "submission", id);
        attribute(xml, "state", state);
        attribute(xml, "at", clock.instant().toString());
        if (!confirmation.isEmpty()) {
            attribute(xml, "confirmation", confirmation);
        }
        xml.append('>');
        for (Reason reason : reasons) {
            xml.append("<fault");
            attribute(xml, "code", reason.code());
            if (!reason.line().isEmpty()) {
                attribute(xml, "line", reason.line());
            }
            xml.append('>').append(Face.escaped(reason.message())).append("</fault>");
        }
        return xml.append("</acknowledgement>\n").toString();
    }

    private static void attribute(StringBuilder xml, String name, String value) {
        xml.append(' ').append(name).append("=\"").append(Face.escaped(value)).append('"');
    }

    private static String digest(byte[] bytes) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(bytes));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java platform has SHA-256", e);
        }
    }
}
