package undersaw.store;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A table whose rows are kept with each revision, as JSON by the names of their columns.
 *
 * @param name the table
 * @param key the columns that tell its rows apart, in their order
 * @param columns all that are kept, in the order of the table
 * @param defaults what stands in a column that rows kept by an earlier version lack, as SQL
 */
record KeptTable(String name, List<String> key, List<String> columns, Map<String, String> defaults) {
    private record Column(
            String name, boolean key, @Nullable String otherwise) {}

    /** A table as it is in the database; the counter of revisions is none of what a revision changes. */
    static KeptTable of(Database database, String name) {
        List<Column> all =
                database.read().sql("""
                        select name, pk > 0 as key, dflt_value as otherwise from pragma_table_info(?)
                        where name <> 'revision' order by cid""").param(name).query(Column.class).list();
        return new KeptTable(
                name,
                all.stream().filter(Column::key).map(Column::name).toList(),
                all.stream().map(Column::name).toList(),
                all.stream()
                        .filter(column -> column.otherwise() != null)
                        .collect(Collectors.toMap(Column::name, Column::otherwise)));
    }

    /** Puts back a row that went; its one parameter is the row as it is kept. */
    String insert() {
        return "insert into " + name + " (" + String.join(", ", columns) + ") values ("
                + columns.stream().map(this::kept).collect(Collectors.joining(", ")) + ")";
    }

    /** Takes out a row that came; its one parameter is the row as it is kept. */
    String delete() {
        return "delete from " + name + " where " + isRow();
    }

    /** Puts a row that changed back; its one parameter is the row as it is to be. */
    String update() {
        Stream<String> rest = columns.stream().filter(column -> !key.contains(column));
        return "update " + name + " set " + equal(rest, ", ") + " where " + isRow();
    }

    /** A row as it is kept, out of the table itself. */
    String json() {
        return columns.stream()
                .map(column -> "'" + column + "', " + column)
                .collect(Collectors.joining(", ", "json_object(", ")"));
    }

    /** Where a row stands in the table, as kept changes name it. */
    String place() {
        return String.join(" || '|' || ", key);
    }

    private String isRow() {
        return equal(key.stream(), " and ");
    }

    private String equal(Stream<String> columns, String between) {
        return columns.map(column -> column + " = " + kept(column)).collect(Collectors.joining(between));
    }

    private String kept(String column) {
        String value = "json_extract(?1, '$." + column + "')";
        return defaults.containsKey(column) ? "ifnull(" + value + ", " + defaults.get(column) + ")" : value;
    }
}
