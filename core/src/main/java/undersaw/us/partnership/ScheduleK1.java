package undersaw.us.partnership;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Supplier;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Divided;
import undersaw.form.formula.Formulas;
import undersaw.form.formula.Term;
import undersaw.line.NaturalOrder;
import undersaw.owners.ByAgreement;
import undersaw.owners.ByAgreement.Within;
import undersaw.owners.OwnerRegister;
import undersaw.owners.Weighed;
import undersaw.us.forms.Form8825;
import undersaw.us.passthrough.OwnersItems.Boxed;

/**
 * Schedule K-1 (Form 1065), once a partner: each line of Schedule K by special allocation, or by profit and
 * loss; guaranteed
 * payments, draws and the like as they were recorded (IRC 704; 2024 form, from memory).
 */
final class ScheduleK1 extends Form {
    private final Map<String, Line> byBox = new LinkedHashMap<>();

    /** A box with the rule that finds it. */
    private record Box(String number, String caption, Supplier<? extends Term> rule) {}

    ScheduleK1(PartnershipForms all) {
        super("1065", "Schedule K-1");
        part("K-1", "K-1: what each partner takes up", "IRC 702(a), 704; Instructions for Schedule K-1 (Form 1065)")
                .per(OwnerRegister.ROWS)
                .membersAcross();
        line("K-1/final", "Final Schedule K-1").as(LineKind.BOX).ofTheYear();
        List<Box> boxes = new ArrayList<>();
        for (Boxed each : all.scheduleK.boxed()) {
            boxes.add(new Box(each.box(), each.line().caption(), () -> divided(all, each)));
        }
        recorded(all, boxes);
        boxes.sort(Comparator.comparing(Box::number, NaturalOrder.COUNTED));
        for (Box each : boxes) {
            Line line = line("K-1/" + each.number(), each.caption());
            line.is(each.rule()).cites("IRC 702(a), 704(b)");
            byBox.put(each.number(), line);
        }
        line("K-1/22", "More than one activity for at-risk purposes").as(LineKind.BOX);
        line("K-1/23", "More than one activity for passive purposes").as(LineKind.BOX);
    }

    private void recorded(PartnershipForms all, List<Box> boxes) {
        ScheduleK k = all.scheduleK;
        Recorded recorded = all.recorded;
        boxes.add(new Box("4a", k.services.caption(), () -> Recorded.box(k.services, recorded.services)));
        boxes.add(new Box("4b", k.capital.caption(), () -> Recorded.box(k.capital, recorded.capital)));
        boxes.add(new Box("4c", k.guaranteed.caption(), () -> Formulas.sum(box("4a"), box("4b"))));
        boxes.add(new Box("13/M", k.insurance.caption(), () -> Recorded.box(k.insurance, recorded.insurance)));
        boxes.add(new Box("13/R", k.retirement.caption(), () -> Recorded.box(k.retirement, recorded.retirement)));
        boxes.add(new Box("14/A", "Net earnings from self-employment", () -> all.selfEmployment.earnings));
        boxes.add(new Box("19/A", k.cashDrawn.caption(), () -> Recorded.box(k.cashDrawn, recorded.drawn)));
        boxes.add(new Box(
                "19/C", k.propertyDrawn.caption(), () -> Recorded.box(k.propertyDrawn, recorded.propertyDrawn)));
    }

    private static Divided divided(PartnershipForms all, Boxed each) {
        Line decides = each.bySign() ? each.line() : all.analysis.withoutGuaranteed;
        return new Divided(new ByAgreement(
                each.line().id(),
                decides.id(),
                all.percentages.rounding.id(),
                all.closing.of(each.line()),
                within(all, each)));
    }

    /** Depreciation can be allocated apart from the rest of the income, one property apart from the others. */
    private static List<Within> within(PartnershipForms all, Boxed each) {
        return switch (each.box()) {
            case "1" -> List.of(new Within(all.page1.written.id(), all.page1.depreciation.id(), null, true));
            case "2" -> List.of(new Within(all.form8825.net.id(), all.form8825.net.id(), Form8825.PROPERTIES, false));
            default -> List.of();
        };
    }

    /** How a box that is divided is divided. */
    Weighed weighed(String box) {
        return (Weighed) ((Divided) box(box).rule().orElseThrow()).division();
    }

    /** The line of a box. */
    Line box(String box) {
        return Objects.requireNonNull(byBox.get(box), box);
    }

    /** The lines of a box with codes, but for those named. */
    List<Line> boxesBut(String box, String... codes) {
        List<String> left = List.of(codes);
        return byBox.entrySet().stream()
                .filter(each -> each.getKey().startsWith(box + "/"))
                .filter(each -> !left.contains(each.getKey().substring(box.length() + 1)))
                .map(Map.Entry::getValue)
                .toList();
    }
}
