package undersaw.web.map;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import undersaw.form.MapTarget;
import undersaw.ledger.StatementKind;
import undersaw.suggestions.Suggestion;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.learn.Suggester;

/**
 * A line that what a person typed may mean.
 *
 * @param id its address
 * @param caption its caption
 * @param treatment the treatment that goes with plain words; empty where none does
 * @param why what speaks for it
 * @param ground how strongly it is meant
 */
public record FoundLine(String id, String caption, String treatment, String why, Ground ground) {
    private static final int MOST = 12;

    /** How strongly words mean a line. */
    public enum Ground {
        /** The line itself is called so. */
        NAMED,
        /** Accounts of that name surely go there. */
        SURE,
        /** Accounts of that name may go there. */
        GUESSED
    }

    /** Lines by number first, then by the words of their captions, then by what such accounts usually are. */
    static List<FoundLine> find(OpenEngagement open, Suggester suggester, String query, boolean income) {
        StatementKind statement = income ? StatementKind.INCOME_STATEMENT : StatementKind.BALANCE_SHEET;
        String plain = query.strip().toLowerCase(Locale.ROOT);
        Map<String, FoundLine> found = new LinkedHashMap<>();
        List<MapTarget> targets = open.calculation().plan().targets().stream()
                .filter(target -> target.statement() == statement)
                .toList();
        for (MapTarget target : targets) {
            String within = target.id().within().toLowerCase(Locale.ROOT);
            if (target.id().text().toLowerCase(Locale.ROOT).startsWith(plain) || within.equals(plain)) {
                add(found, target, "its number");
            }
        }
        for (MapTarget target : targets) {
            if (List.of(plain.split("\\s+", -1)).stream()
                    .allMatch(target.caption().toLowerCase(Locale.ROOT)::contains)) {
                add(found, target, "its caption");
            }
        }
        for (Suggestion suggestion : suggester.places(open.kind(), query, statement)) {
            open.calculation()
                    .plan()
                    .target(suggestion.line())
                    .ifPresent(target -> found.putIfAbsent(
                            target.id().text(),
                            new FoundLine(
                                    target.id().text(),
                                    target.caption(),
                                    suggestion.treatment(),
                                    suggestion.reason(),
                                    suggestion.sure() ? Ground.SURE : Ground.GUESSED)));
        }
        return new ArrayList<>(found.values()).subList(0, Math.min(MOST, found.size()));
    }

    private static void add(Map<String, FoundLine> found, MapTarget target, String why) {
        found.putIfAbsent(
                target.id().text(), new FoundLine(target.id().text(), target.caption(), "", why, Ground.NAMED));
    }
}
