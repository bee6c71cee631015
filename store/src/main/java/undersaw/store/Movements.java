package undersaw.store;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import undersaw.calc.Movement;
import undersaw.line.LineKey;

/** Which figures each revision moved, and what all figures were when an engagement was last computed whole. */
public final class Movements {
    private final Database database;

    public Movements(Database database) {
        this.database = database;
    }

    /**
     * The figures of an engagement as they were computed whole.
     *
     * @param revision the revision that was computed
     * @param figures every figure, and the law it was computed under, as files write them
     */
    public record Baseline(long revision, Map<LineKey, String> figures) {}

    private record Row(String line, String instance, String before, String after) {
        Movement movement() {
            return new Movement(key(line, instance), before, after);
        }
    }

    private static LineKey key(String line, String instance) {
        return LineKey.parse(instance.isEmpty() ? line : line + "@" + instance);
    }

    /** Keeps what a revision moved; within the transaction of the change itself. */
    void add(long engagement, long revision, List<Movement> moved) {
        List<Object[]> rows = new ArrayList<>();
        for (Movement each : moved) {
            rows.add(new Object[] {
                engagement,
                revision,
                rows.size(),
                each.key().line().text(),
                each.key().instance(),
                each.before(),
                each.after()
            });
        }
        database.writeMany("insert into movement values (?, ?, ?, ?, ?, ?, ?)", rows);
    }

    /** What one revision moved, causes before what they cause. */
    public List<Movement> of(long engagement, long revision) {
        return database.read().sql("""
                        select line, instance, before, after from movement
                        where engagement = ? and revision = ? order by place""").params(engagement, revision).query(Row.class).list().stream()
                .map(Row::movement)
                .toList();
    }

    /** What all revisions after one have moved together; figures that came back to what they were are left out. */
    public List<Movement> since(long engagement, long revision) {
        Map<LineKey, Movement> net = new LinkedHashMap<>();
        List<Row> rows = database.read()
                .sql("""
                        select line, instance, before, after from movement
                        where engagement = ? and revision > ? order by revision, place""")
                .params(engagement, revision)
                .query(Row.class)
                .list();
        rows.stream().map(Row::movement).forEach(each -> net.merge(each.key(), each, Movement::then));
        return net.values().stream()
                .filter(each -> !each.before().equals(each.after()))
                .toList();
    }

    /** Keeps the figures of a whole computation in place of the ones before. */
    public void keep(long engagement, Baseline baseline) {
        List<String> lines = new ArrayList<>();
        baseline.figures().forEach((key, text) -> lines.add(key + "\t" + text.replace('\n', ' ')));
        database.inTransaction(() -> database.write()
                .sql("""
                        insert into baseline values (?, ?, ?) on conflict (engagement) do update set
                          revision = excluded.revision, figures = excluded.figures""")
                .params(engagement, baseline.revision(), String.join("\n", lines))
                .update());
    }

    /** The figures as last kept. */
    public Optional<Baseline> baseline(long engagement) {
        return database.read()
                .sql("select revision, figures from baseline where engagement = ?")
                .param(engagement)
                .query((row, number) -> new Baseline(row.getLong(1), figures(row.getString(2))))
                .optional();
    }

    private static Map<LineKey, String> figures(String text) {
        Map<LineKey, String> figures = new LinkedHashMap<>();
        text.lines().forEach(line -> {
            int tab = line.indexOf('\t');
            figures.put(LineKey.parse(line.substring(0, tab)), line.substring(tab + 1));
        });
        return figures;
    }
}
