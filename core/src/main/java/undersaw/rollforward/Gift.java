package undersaw.rollforward;

import java.util.function.Function;
import undersaw.engagement.Change;
import undersaw.engagement.Snapshot;
import undersaw.engagement.Station;

/**
 * One thing that a year gives to the next.
 *
 * @param place where it goes, such as {@code opening/1010}, {@code map/1010} or {@code entry/3}
 * @param value what it is, as plain text; another value next time means that last year was changed
 * @param words what it is, for people
 * @param station the station where it is confirmed
 * @param change what puts it in place
 */
public record Gift(String place, String value, String words, Station station, Function<Snapshot, Change> change) {}
