package undersaw.us.scorporation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Divided;
import undersaw.form.formula.Term;
import undersaw.line.NaturalOrder;
import undersaw.owners.ByHoldings;
import undersaw.owners.Measure;
import undersaw.owners.OwnerRegister;
import undersaw.owners.Positions;
import undersaw.owners.Span;
import undersaw.owners.Weighed;
import undersaw.us.passthrough.OwnersItems.Boxed;

/**
 * Schedule K-1 (Form 1120-S), once a shareholder: each line of Schedule K by shares and days; distributions and loans
 * repaid as they were recorded (IRC 1377(a)(1); 2024 form, from memory).
 */
final class ScheduleK1 extends Form {
    private final Map<String, Line> byBox = new LinkedHashMap<>();

    ScheduleK1(SCorporationForms all) {
        super("1120-S", "Schedule K-1");
        part(
                        "K-1",
                        "K-1: what each shareholder takes up",
                        "IRC 1366(a), 1377(a)(1); Instructions for Schedule K-1 (Form 1120-S)")
                .per(OwnerRegister.ROWS)
                .membersAcross();
        line("K-1/final", "Final Schedule K-1").as(LineKind.BOX).ofTheYear();
        List<Boxed> boxes = new ArrayList<>(all.scheduleK.boxed());
        boxes.add(new Boxed(all.scheduleK.distributions, "16/D", true));
        boxes.add(new Boxed(all.scheduleK.repaid, "16/E", true));
        boxes.sort(Comparator.comparing(Boxed::box, NaturalOrder.COUNTED));
        for (Boxed each : boxes) {
            Line box = line("K-1/" + each.box(), each.line().caption());
            box.is(() -> part(all, each)).cites("IRC 1366(a), 1377(a)(1)");
            byBox.put(each.box(), box);
        }
        line("K-1/18", "More than one activity for at-risk purposes").as(LineKind.BOX);
        line("K-1/19", "More than one activity for passive purposes").as(LineKind.BOX);
    }

    /** How a box that is divided is divided. */
    Weighed weighed(String box) {
        return (Weighed) ((Divided) box(box).rule().orElseThrow()).division();
    }

    /** The line of a box. */
    Line box(String box) {
        return Objects.requireNonNull(byBox.get(box), box);
    }

    /** The lines of a box with codes: of those named, or of all. */
    List<Line> boxes(String box, String... codes) {
        List<String> named = List.of(codes);
        return byBox.entrySet().stream()
                .filter(each -> each.getKey().startsWith(box + "/"))
                .filter(each -> named.isEmpty() || named.contains(each.getKey().substring(box.length() + 1)))
                .map(Map.Entry::getValue)
                .toList();
    }

    /** By shares and days; what was recorded for each goes as it was recorded. */
    private static Term part(SCorporationForms all, Boxed each) {
        return switch (each.box()) {
            case "16/D" -> all.distributions.net;
            case "16/E" -> all.loans.box(each.line());
            default ->
                new Divided(new ByHoldings(
                        each.line().id(),
                        new Positions(Measure.SHARES, Span.YEAR),
                        all.shares.rounding.id(),
                        all.closing.of(each.line())));
        };
    }
}
