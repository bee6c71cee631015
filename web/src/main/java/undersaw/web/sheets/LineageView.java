package undersaw.web.sheets;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import undersaw.calc.Lineage;
import undersaw.calc.Lineage.LinePart;
import undersaw.calc.Lineage.MemberPart;
import undersaw.engagement.Fact;
import undersaw.form.Line;
import undersaw.law.LawValue;
import undersaw.line.LineKey;
import undersaw.web.frame.Figure;

/**
 * What the lineage drawer shows of one figure.
 *
 * @param figure the figure
 * @param number the line's address
 * @param caption its caption
 * @param formula the rule in words; empty for typed lines
 * @param citation its authority
 * @param help what the line means, in our own words; empty where nothing is said
 * @param law the figures of the law that the rule uses
 * @param parts what it is made of, the greatest first
 * @param steps how a part of what is divided was found
 * @param accounts the accounts that feed it
 * @param uses what it feeds
 * @param fact what was typed; null where nothing was
 * @param replaced what it would hold had nobody typed over it; empty where nobody did
 * @param expected what a person may type, in words
 * @param hidden whether what stands there is shown in part only
 */
public record LineageView(
        Figure figure,
        String number,
        String caption,
        String formula,
        String citation,
        String help,
        List<LawValue> law,
        List<Part> parts,
        List<String> steps,
        List<Account> accounts,
        List<Part> uses,
        @Nullable Fact fact,
        String replaced,
        String expected,
        boolean hidden) {
    private static final int BAR = 120;
    private static final int MOST_ROWS = 20;

    /**
     * A line above or below in the drawn tree.
     *
     * @param bar its size as a length, up to 120
     * @param rows what the greatest members of a total bring; empty for other lines
     * @param more in words, how many other members there are; empty where all are named
     */
    public record Part(Figure figure, String number, String caption, int bar, List<Row> rows, String more) {}

    /** What one member brings to a total. */
    public record Row(String number, String words, String amount, int bar) {}

    /** An account that feeds the figure. */
    public record Account(String number, String name, String amount, String why, int bar) {}

    static LineageView of(Lineage lineage, LineKey key) {
        Line line = lineage.line();
        long most = Math.max(
                lineage.accounts().stream()
                        .mapToLong(each -> each.amount().abs().cents())
                        .max()
                        .orElse(0),
                lineage.parts().stream().mapToLong(LineageView::size).max().orElse(0));
        List<Account> accounts = new ArrayList<>();
        lineage.accounts().stream()
                .sorted(Comparator.comparing(
                                (Lineage.AccountPart each) -> each.amount().abs())
                        .reversed())
                .forEach(each -> accounts.add(new Account(
                        each.account().number(),
                        each.account().name(),
                        Figure.balance(each.amount()),
                        each.why(),
                        bar(each.amount().abs().cents(), most))));
        return new LineageView(
                Figure.of(line, key, lineage.shown()),
                key.toString(),
                line.caption(),
                lineage.formula(),
                line.citation(),
                line.help(),
                lineage.law(),
                parts(greatestFirst(lineage.parts()), most),
                lineage.steps(),
                accounts,
                parts(lineage.uses(), 0),
                lineage.typed().orElse(null),
                lineage.shown()
                        .flatMap(value -> value.replacedAmount())
                        .map(Figure::text)
                        .orElse(""),
                line.expected(),
                line.holdsTaxpayerNumber() && lineage.shown().isPresent());
    }

    private static List<LinePart> greatestFirst(List<LinePart> parts) {
        return parts.stream()
                .sorted(Comparator.comparingLong(LineageView::size).reversed())
                .toList();
    }

    private static List<Part> parts(List<LinePart> parts, long most) {
        return parts.stream()
                .map(part -> new Part(
                        Figure.of(part.line(), part.key(), Optional.ofNullable(part.value())),
                        part.key().toString(),
                        part.line().caption(),
                        bar(size(part), most),
                        rows(part.members(), most),
                        more(part.members().size())))
                .toList();
    }

    private static List<Row> rows(List<MemberPart> members, long most) {
        return members.stream()
                .limit(MOST_ROWS)
                .map(member -> new Row(
                        member.key().toString(),
                        member.words().isEmpty() ? "row " + member.key().instance() : member.words(),
                        Figure.text(member.amount()),
                        bar(member.amount().abs().cents(), most)))
                .toList();
    }

    private static String more(int members) {
        int more = members - MOST_ROWS;
        return more <= 0 ? "" : "and " + more + (more == 1 ? " smaller one" : " smaller ones");
    }

    private static long size(LinePart part) {
        return part.value() == null ? 0 : part.value().amount().abs().cents();
    }

    private static int bar(long size, long most) {
        return most == 0 ? 0 : (int) Math.max(size == 0 ? 0 : 2, size * BAR / most);
    }

    /** Whether the figure may be taken back to what is computed. */
    public boolean isReplaced() {
        return !replaced.isEmpty();
    }
}
