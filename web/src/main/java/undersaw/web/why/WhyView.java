package undersaw.web.why;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import undersaw.calc.Movement;
import undersaw.calc.Plan;
import undersaw.form.Line;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.returns.WhyMoved;
import undersaw.store.AuditTrail;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.frame.Figure;
import undersaw.web.why.WhyController.Since;

/** What moved, as its page shows it. */
final class WhyView {
    private static final int CAUSES = 4;
    private static final int SECONDS = 19;

    private WhyView() {}

    /** A line that moved, with what moved it. */
    public record Row(
            String line,
            String caption,
            String before,
            String after,
            String change,
            List<String> causes,
            List<String> through) {}

    /** A figure that one change moved. */
    public record Moved(String line, String caption, String before, String after, String change) {}

    /** One change of the engagement with the figures it moved. */
    public record Step(long revision, String when, String who, String what, String words, List<Moved> moved) {}

    static List<Since> choices(Optional<OpenEngagement> lastYear, List<AuditTrail.Line> changes) {
        List<Since> choices = new ArrayList<>();
        lastYear.ifPresent(year -> choices.add(
                new Since("year", "last year, " + year.heading().period().lawYear())));
        for (AuditTrail.Line each : changes) {
            String when = each.happened().substring(0, SECONDS).replace('T', ' ');
            choices.add(
                    new Since(String.valueOf(each.revision() - 1), "before " + when + ", " + shortened(each.what())));
        }
        return choices;
    }

    private static String shortened(String words) {
        int most = 60;
        return words.length() <= most ? words : words.substring(0, most) + " …";
    }

    static List<Row> rows(List<WhyMoved> moved) {
        return moved.stream().map(WhyView::row).toList();
    }

    private static Row row(WhyMoved moved) {
        List<String> causes = moved.causes().stream()
                .limit(CAUSES)
                .map(cause -> cause.words()
                        + (cause.change().isZero()
                                ? ""
                                : " (" + signed(cause.change().roundedToDollars()) + ")"))
                .collect(Collectors.toCollection(ArrayList::new));
        if (moved.causes().size() > CAUSES) {
            causes.add("and " + (moved.causes().size() - CAUSES) + " more");
        }
        return new Row(
                moved.line().id().text(),
                moved.line().caption(),
                Figure.text(moved.before()),
                Figure.text(moved.after()),
                signed(moved.change()),
                causes,
                moved.through().stream().map(LineId::text).toList());
    }

    private static String signed(Money change) {
        return (change.isNegative() ? "" : "+") + Figure.text(change);
    }

    static List<Moved> net(OpenEngagement open, Optional<LineId> target, List<Movement> moved) {
        Plan plan = open.calculation().plan();
        Optional<Set<LineId>> behind = target.map(plan::behind);
        return moved.stream()
                .filter(each -> plan.line(each.key().line()).isPresent())
                .filter(each ->
                        behind.map(set -> set.contains(each.key().line())).orElse(true))
                .sorted((left, right) -> Integer.compare(place(plan, left), place(plan, right)))
                .map(each -> moved(plan.line(each.key().line()).orElseThrow(), each))
                .toList();
    }

    private static int place(Plan plan, Movement moved) {
        return plan.place(plan.line(moved.key().line()).orElseThrow());
    }

    private static Moved moved(Line line, Movement each) {
        return new Moved(
                each.key().toString(),
                line.caption(),
                shown(line, each.before()),
                shown(line, each.after()),
                line.kind().isNumber() ? each.change().map(WhyView::signed).orElse("") : "");
    }

    private static String shown(Line line, String plain) {
        return plain.isEmpty() ? "–" : line.kind().isNumber() ? Figure.text(Money.parse(plain)) : plain;
    }

    static Step step(OpenEngagement open, Optional<LineId> target, AuditTrail.Line change, List<Movement> moved) {
        String words = change.before().isEmpty() && change.after().isEmpty()
                ? ""
                : (change.before().isEmpty() ? "" : shortened(change.before()) + " → ") + shortened(change.after());
        return new Step(
                change.revision(),
                change.happened().substring(0, SECONDS).replace('T', ' '),
                change.person(),
                change.what(),
                words,
                net(open, target, moved));
    }
}
