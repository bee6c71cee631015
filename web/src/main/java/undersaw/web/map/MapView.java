package undersaw.web.map;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import undersaw.books.AccountOrder;
import undersaw.engagement.Carried;
import undersaw.form.Line;
import undersaw.form.MapTarget;
import undersaw.ledger.Account;
import undersaw.ledger.Mapping;
import undersaw.ledger.StatementKind;
import undersaw.ledger.Treatment;
import undersaw.line.LineKey;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.frame.Figure;
import undersaw.web.frame.Slice;

/**
 * Accounts on the left, the lines they feed on the right.
 *
 * @param slice the rows shown, one an account, those without a confirmed line first
 * @param lines the lines that accounts feed, in the order of the forms
 * @param choices every line an account can go to
 * @param treatments every treatment
 * @param unmapped how many accounts have no line
 * @param suggested how many wait for confirmation
 * @param sure how many of these are sure
 */
public record MapView(
        Slice<Row> slice,
        List<Target> lines,
        List<Choice> choices,
        List<Treatment> treatments,
        int unmapped,
        int suggested,
        int sure) {
    /** Each row is two forms, which weigh more than a row of figures. */
    private static final int ON_A_PAGE = 60;

    /** The rows shown. */
    public List<Row> rows() {
        return slice.rows();
    }

    /**
     * An account and where it goes.
     *
     * @param treated whether its line asks for a treatment
     * @param cents absolute balance in cents, for the thickness of the ribbon
     * @param confidence how sure a suggestion is, in percent; 0 where nobody reckoned it
     */
    public record Row(
            String number,
            String name,
            boolean income,
            boolean treated,
            String balance,
            long cents,
            String line,
            String caption,
            String treatment,
            String state,
            int confidence,
            String reason,
            int parts) {
        /** What stands there, to be sent back with a change. */
        public String was() {
            return line + "|" + treatment + "|" + state;
        }
    }

    /** A line that accounts feed. */
    public record Target(String id, String caption, Figure figure) {}

    /** A line that can be chosen. */
    public record Choice(String id, String caption, boolean income) {}

    static MapView of(OpenEngagement open, String query, int page) {
        return of(open, standings -> Slice.of(standings, query, new Slice.Page(page, ON_A_PAGE), Standing::text));
    }

    /** Only the rows of some accounts, for an answer that replaces what changed. */
    static MapView only(OpenEngagement open, Set<String> accounts) {
        return of(open, standings -> {
            List<Standing> some = standings.stream()
                    .filter(each -> accounts.contains(each.account().number()))
                    .toList();
            return new Slice<>(some, 1, 1, some.size(), "");
        });
    }

    private static MapView of(OpenEngagement open, Function<List<Standing>, Slice<Standing>> chosen) {
        List<Standing> standings = open.snapshot().accounts().values().stream()
                .map(account -> standing(open, account))
                .sorted(Comparator.comparing((Standing each) -> rank(each.state()))
                        .thenComparing(Standing::account, AccountOrder.of(open.calculation())))
                .toList();
        return new MapView(
                chosen.apply(standings).map(each -> row(open, each.account())),
                lines(open, standings),
                open.calculation().plan().targets().stream()
                        .map(target -> new Choice(
                                target.id().text(),
                                target.caption(),
                                target.statement() == StatementKind.INCOME_STATEMENT))
                        .toList(),
                open.kind().treatments(),
                count(standings, each -> each.state().equals("unmapped")),
                count(standings, each -> each.state().equals("suggested")),
                count(standings, each -> each.state().equals("suggested") && each.sure()));
    }

    private static int count(List<Standing> standings, Predicate<Standing> which) {
        return (int) standings.stream().filter(which).count();
    }

    /** What is needed of every account, shown or not. */
    private record Standing(Account account, String line, String state, boolean sure) {
        String text() {
            return account.number() + " " + account.name() + " " + line + " " + state;
        }
    }

    private static Standing standing(OpenEngagement open, Account account) {
        Optional<Mapping> mapping = open.snapshot().mapping(account.number());
        boolean placed = mapping.flatMap(each -> open.calculation().plan().target(each.line()))
                .isPresent();
        return new Standing(
                account,
                placed ? mapping.get().place().toString() : "",
                state(open, account, mapping, placed),
                mapping.map(Mapping::isSure).orElse(false));
    }

    private static String state(OpenEngagement open, Account account, Optional<Mapping> mapping, boolean placed) {
        if (!placed) {
            return "unmapped";
        }
        if (!mapping.orElseThrow().confirmed()) {
            return "suggested";
        }
        Carried carried = open.snapshot().carried().get("map/" + account.number());
        return carried != null && carried.isOpen() ? "from last year" : "confirmed";
    }

    private static int rank(String state) {
        return switch (state) {
            case "unmapped" -> 0;
            case "suggested" -> 1;
            case "from last year" -> 2;
            default -> 3;
        };
    }

    static Row row(OpenEngagement open, Account account) {
        Optional<Mapping> mapping = open.snapshot().mapping(account.number());
        Optional<MapTarget> target =
                mapping.flatMap(each -> open.calculation().plan().target(each.line()));
        String state = state(open, account, mapping, target.isPresent());
        return new Row(
                account.number(),
                account.name(),
                account.onIncomeStatement(),
                account.onIncomeStatement()
                        || target.filter(open.kind()::asksTreatment).isPresent(),
                Figure.balance(open.calculation().adjusted(account)),
                open.calculation().adjusted(account).abs().cents(),
                target.map(each ->
                                each.id().in(mapping.orElseThrow().instance()).toString())
                        .orElse(""),
                target.map(MapTarget::caption).orElse(""),
                mapping.map(Mapping::treatment)
                        .filter(id -> !id.isEmpty())
                        .orElse(account.onIncomeStatement() ? "full" : ""),
                state,
                mapping.map(Mapping::confidence).orElse(0),
                mapping.map(Mapping::reason).orElse("nothing speaks for a line"),
                mapping.map(each -> each.splits().size()).orElse(0));
    }

    private static List<Target> lines(OpenEngagement open, List<Standing> standings) {
        List<Target> lines = new ArrayList<>();
        Map<String, TreeSet<String>> fed = standings.stream()
                .filter(each -> !each.line().isEmpty())
                .map(each -> LineKey.parse(each.line()))
                .collect(Collectors.groupingBy(
                        place -> place.line().text(),
                        Collectors.mapping(LineKey::instance, Collectors.toCollection(TreeSet::new))));
        for (MapTarget target : open.calculation().plan().targets()) {
            Optional<Line> line = open.calculation().plan().line(target.closing());
            line.ifPresent(definition -> fed.getOrDefault(target.id().text(), new TreeSet<>())
                    .forEach(member -> lines.add(target(open, target, definition, member))));
        }
        return lines;
    }

    /** A line with its figure; a member's where it repeats, else the line's whatever member accounts belong to. */
    private static Target target(OpenEngagement open, MapTarget target, Line line, String member) {
        LineKey place = target.id().in(member);
        LineKey shown = target.closing().in(line.isRepeating() ? member : "");
        return new Target(
                place.toString(),
                target.caption() + (member.isEmpty() ? "" : ", " + member),
                Figure.of(line, shown, open.calculation().value(shown)));
    }
}
