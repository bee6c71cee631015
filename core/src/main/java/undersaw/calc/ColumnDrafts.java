package undersaw.calc;

import java.util.HashMap;
import java.util.Map;
import org.pcollections.PMap;
import undersaw.line.LineId;

/** The columns of many lines while some of them are written; the others are read as they stood. */
final class ColumnDrafts {
    private final PMap<LineId, Column> before;
    private final Map<LineId, Column.Draft> written = new HashMap<>();

    ColumnDrafts(PMap<LineId, Column> before) {
        this.before = before;
    }

    boolean has(LineId line, int place) {
        Column.Draft draft = written.get(line);
        return draft == null ? stood(line).has(place) : draft.has(place);
    }

    long at(LineId line, int place) {
        Column.Draft draft = written.get(line);
        return draft == null ? stood(line).at(place) : draft.at(place);
    }

    /** Whether nobody has anything on the line. */
    boolean isEmpty(LineId line) {
        Column.Draft draft = written.get(line);
        return (draft == null ? stood(line).count() : draft.count()) == 0;
    }

    /** The line's column, to be written. */
    Column.Draft of(LineId line) {
        return written.computeIfAbsent(line, unused -> stood(line).draft());
    }

    private Column stood(LineId line) {
        return before.getOrDefault(line, Column.EMPTY);
    }

    PMap<LineId, Column> done() {
        PMap<LineId, Column> all = before;
        for (Map.Entry<LineId, Column.Draft> each : written.entrySet()) {
            Column column = each.getValue().done();
            all = column.count() == 0 ? all.minus(each.getKey()) : all.plus(each.getKey(), column);
        }
        return all;
    }
}
