package undersaw.web.sheets;

import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.ui.Model;
import undersaw.calc.Calculation;
import undersaw.engagement.Station;
import undersaw.form.Part;
import undersaw.returns.PartNeed;

/** The forms of a return as its station shows them: those that are in, and those that can be added. */
final class FormsPage {
    private FormsPage() {}

    /** A part that can be opened. */
    public record Tab(String code, String label, String title, boolean active, boolean worksheet) {}

    /** A part that is not in the return. */
    public record Offer(String code, String title, String words, boolean addable) {}

    /**
     * Why the part on show is in the return.
     *
     * @param feeds what feeds it
     * @param added whether somebody added it
     * @param change what can be done about it; null where nothing can
     */
    public record Need(
            List<PartNeed.Feed> feeds,
            boolean added,
            @Nullable String change) {}

    static void show(Calculation calculation, Part shown, Model model) {
        List<PartNeed> needs = PartNeed.of(calculation).stream()
                .filter(each -> each.part().station() == Station.RETURN)
                .toList();
        model.addAttribute(
                "tabs",
                needs.stream()
                        .filter(each -> each.isJoined() || each.part() == shown)
                        .map(each -> tab(each.part(), shown))
                        .toList());
        model.addAttribute(
                "offered",
                needs.stream()
                        .filter(each -> !each.isJoined() && each.part() != shown)
                        .filter(each -> each.part().needed().isEmpty()
                                || each.part().added().isPresent())
                        .map(FormsPage::offer)
                        .toList());
        needs.stream()
                .filter(each -> each.part() == shown && !each.isAlways())
                .findFirst()
                .ifPresent(need -> model.addAttribute("need", need(need)));
    }

    private static Tab tab(Part part, Part shown) {
        return new Tab(part.code(), label(part), part.title(), part == shown, part.isWorksheet());
    }

    private static Offer offer(PartNeed need) {
        Part part = need.part();
        String words = (part.code() + " " + part.title() + " " + part.plainWords()).toLowerCase(Locale.ROOT);
        return new Offer(part.code(), part.title(), words, part.added().isPresent());
    }

    private static Need need(PartNeed need) {
        boolean addable = need.part().added().isPresent() && need.feeds().isEmpty() && !need.addedByHand();
        return new Need(need.feeds(), need.addedByHand(), need.isRemovable() ? "Remove" : addable ? "Add" : null);
    }

    /** Forms and schedules go by their number or letter, parts that have none by the beginning of their name. */
    private static String label(Part part) {
        int colon = part.title().indexOf(':');
        boolean numbered = !part.code().equals(part.code().toLowerCase(Locale.ROOT))
                || Character.isDigit(part.code().charAt(0));
        if (part.isWorksheet() || colon > 0 && numbered) {
            return part.code();
        }
        return colon > 0 ? part.title().substring(0, colon) : part.title();
    }
}
