package undersaw.store;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import undersaw.store.AuditTrail.Line;
import undersaw.store.TrailSeal.Head;

/** Holds the trail against itself, its key, its head, the rows of each revision, and these against the tables. */
final class TrailCheck {
    private final Database database;
    private final AuditTrail trail;
    private final TrailSeal seal;

    private String previous = "";
    private boolean signed;
    private long lastLine;
    private @Nullable String fault;
    private final Map<Revision, String> rows = new HashMap<>();
    private final Optional<Head> end;

    private record Revision(long engagement, long revision) {}

    private record Kept(
            long engagement,
            long revision,
            String heldIn,
            String place,
            @Nullable String before,
            @Nullable String after) {}

    TrailCheck(Database database, AuditTrail trail, TrailSeal seal) {
        this.database = database;
        this.trail = trail;
        this.seal = seal;
        end = seal.end();
    }

    /** What is wrong first, in words; nothing while all holds. */
    Optional<String> firstFault() {
        trail.each(this::look);
        return Optional.ofNullable(fault).or(this::atTheEnd).or(this::inTheRows).or(this::inTheTables);
    }

    private void look(Line line) {
        if (fault != null) {
            return;
        }
        boolean unsignedAgain = signed && !line.signed();
        if (unsignedAgain || !trail.fits(line, previous)) {
            fault = "The trail breaks at line " + line.id() + ": it was altered, one before it was removed, or it was "
                    + "signed with another key.";
        }
        boolean head = end.filter(each -> each.line() == line.id()).isPresent();
        if (fault == null && head && !end.orElseThrow().digest().equals(line.digest())) {
            fault = "Line " + line.id() + " is not the one that was written down as the trail's end.";
        }
        if (!line.rows().isEmpty() && line.engagement() != null) {
            rows.put(new Revision(line.engagement(), line.revision()), line.rows());
        }
        previous = line.digest();
        signed = line.signed();
        lastLine = line.id();
    }

    private Optional<String> atTheEnd() {
        if (end.isEmpty()) {
            return signed
                    ? Optional.of("No file says where the trail ends; beside the database one should lie.")
                    : Optional.empty();
        }
        return end.get().line() > lastLine
                ? Optional.of("The trail ends at line " + lastLine + "; it had come to a later one. Lines were removed "
                        + "at its end.")
                : Optional.empty();
    }

    private Optional<String> inTheRows() {
        Map<Revision, RowDigest> found = new HashMap<>();
        try (Stream<Kept> kept = database.read().sql("""
                        select engagement, revision, held_in, place, before, after from row_change
                        where revision > 0 order by id""").query(Kept.class).stream()) {
            kept.forEach(row -> found.computeIfAbsent(
                            new Revision(row.engagement(), row.revision()), unused -> new RowDigest())
                    .add(new RowDigest.Row(row.heldIn(), row.place(), row.before(), row.after())));
        }
        Map<Revision, String> digests = new HashMap<>();
        found.forEach((revision, digest) -> digests.put(revision, digest.text()));
        return Stream.concat(rows.keySet().stream(), digests.keySet().stream())
                .filter(revision -> !rows.getOrDefault(revision, "").equals(digests.getOrDefault(revision, "")))
                .findFirst()
                .map(revision -> "What revision " + revision.revision() + " of engagement " + revision.engagement()
                        + " wrote is not what the trail signed.");
    }

    private Optional<String> inTheTables() {
        List<String> tables = database.read()
                .sql("select distinct held_in from row_change order by held_in")
                .query(String.class)
                .list();
        return tables.stream().flatMap(table -> strangers(table).stream()).findFirst();
    }

    /** Rows that stand otherwise than the last revision that wrote them left them. */
    private Optional<String> strangers(String table) {
        KeptTable kept = KeptTable.of(database, table);
        return database.read()
                .sql("""
                        with standing as (select %s as place, %s as held from %s),
                        written as (select place, after as held from row_change where id in
                          (select max(id) from row_change where held_in = ? group by place))
                        select standing.place from standing left join written on written.place = standing.place
                          where written.held is not standing.held
                        union all select written.place from written
                          left join standing on standing.place = written.place
                          where written.held is not null and standing.held is null
                        limit 1""".formatted(kept.place(), kept.json(), table))
                .param(table)
                .query(String.class)
                .optional()
                .map(found -> "A row of " + table + " (" + found + ") was changed behind the trail's back.");
    }
}
