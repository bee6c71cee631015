package undersaw.check;

import undersaw.engagement.Station;
import undersaw.line.LineId;
import undersaw.line.LineKey;

/** Where a diagnostic sends a person. */
public sealed interface Place {
    /** A line of the return. */
    record OnLine(LineKey key) implements Place {}

    /** An account at Map. */
    record OnAccount(String number) implements Place {}

    /** A station, and the field there. */
    record AtStation(Station station, String field) implements Place {}

    static Place line(LineId line) {
        return new OnLine(line.alone());
    }

    static Place line(String line) {
        return line(LineId.of(line));
    }

    static Place heading(String field) {
        return new AtStation(Station.BOOKS, field);
    }

    /** The place as one word, to tell two findings of one code apart. */
    default String word() {
        if (this instanceof OnLine line) {
            return line.key().toString();
        }
        if (this instanceof OnAccount account) {
            return "account-" + account.number();
        }
        AtStation at = (AtStation) this;
        return at.station().path() + "-" + at.field();
    }
}
