package undersaw.us.corporation;

import java.math.BigDecimal;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import undersaw.calc.Calculation;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.owners.OwnerRegister;

/**
 * Who holds the votes, as Schedule G asks it: entities in Part I, individuals and estates in Part II, each with 20
 * percent or more held directly (Instructions for Form 1120, Schedule K questions 4a and 4b; from memory).
 */
final class ScheduleG {
    private static final BigDecimal NAMED = BigDecimal.valueOf(20);
    private static final LineId ENTITY = LineId.of("1120/G/I/1/a");
    private static final LineId INDIVIDUAL = LineId.of("1120/G/II/1/a");
    private static final List<String> INDIVIDUALS = List.of("individual", "estate", "");
    private static final String SOURCE = "owner register";

    private ScheduleG() {}

    /**
     * An owner of the register whom Schedule G has to name.
     *
     * @param owner the row of the register
     * @param name the owner's name
     * @param percent the share at the end of the year
     * @param listed whether Schedule G names the owner
     */
    record Holder(String owner, String name, BigDecimal percent, boolean listed) {}

    /** The owners with a share that has to be named, in the order of the register. */
    static List<Holder> holders(Calculation year) {
        List<String> listed = Stream.of(ENTITY, INDIVIDUAL)
                .flatMap(line -> year.rowValues(line).stream())
                .map(row -> row.value().plain())
                .toList();
        return year.rowValues(OwnerRegister.CAPITAL_END).stream()
                .map(share -> {
                    String owner = share.key().instance();
                    String name = said(year, "name", owner);
                    return new Holder(owner, name, new BigDecimal(share.value().plain()), listed.contains(name));
                })
                .filter(holder -> holder.percent().compareTo(NAMED) >= 0)
                .toList();
    }

    /** Rows for the holders that Schedule G does not name yet; nothing where it names them all. */
    static Optional<Change.FactsSet> fromOwners(Calculation year) {
        Map<LineKey, @Nullable Fact> rows = new HashMap<>();
        for (Holder holder : holders(year)) {
            if (!holder.listed()) {
                boolean individual = INDIVIDUALS.contains(said(year, "kind", holder.owner()));
                rows.putAll(row(year, holder, individual));
            }
        }
        return rows.isEmpty() ? Optional.empty() : Optional.of(new Change.FactsSet(rows));
    }

    private static Map<LineKey, Fact> row(Calculation year, Holder holder, boolean individual) {
        String part = individual ? "1120/G/II/1/" : "1120/G/I/1/";
        // where somebody lives says nothing of citizenship, so that column is left to be asked for
        String country = individual ? "" : said(year, "country", holder.owner());
        Map<String, String> columns = new HashMap<>(Map.of(
                "a",
                holder.name(),
                "b",
                said(year, "tin", holder.owner()),
                individual ? "c" : "d",
                country,
                individual ? "d" : "e",
                holder.percent().toPlainString()));
        if (!individual) {
            columns.put("c", said(year, "kind", holder.owner()));
        }
        Map<LineKey, Fact> facts = new HashMap<>();
        columns.forEach((column, text) -> {
            if (!text.isEmpty()) {
                facts.put(LineId.of(part + column).in(holder.owner()), new Fact(text, "", SOURCE));
            }
        });
        return facts;
    }

    private static String said(Calculation year, String column, String owner) {
        return year.value(LineId.of("OWNERS/" + column).in(owner))
                .map(value -> value.value().plain())
                .orElse("");
    }
}
