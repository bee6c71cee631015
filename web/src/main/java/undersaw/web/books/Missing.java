package undersaw.web.books;

import java.util.ArrayList;
import java.util.List;
import undersaw.calc.Calculation;
import undersaw.engagement.Client;
import undersaw.engagement.Station;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.Part;
import undersaw.web.desk.OpenEngagement;

/**
 * Something that no trial balance holds.
 *
 * @param what its name
 * @param missing how much of it is still missing, in words
 * @param done whether nothing is
 * @param address where it is given
 */
public record Missing(String what, String missing, boolean done, String address) {
    /** Everything of an engagement that its books cannot give, told by the return's own forms. */
    static List<Missing> of(OpenEngagement open) {
        String here = "/e/" + open.id();
        List<Missing> list = new ArrayList<>();
        int facts = unknown(open.heading().client());
        list.add(new Missing(
                "Client's facts", facts == 0 ? "all given" : facts + " not given", facts == 0, here + "/books/client"));
        Calculation calculation = open.calculation();
        for (Part part : calculation.plan().parts()) {
            if (calculation.holds(part) && (!part.isWorksheet() || part.station() != Station.RETURN)) {
                questions(calculation, part, here, list);
                rows(calculation, part, here, list);
            }
        }
        if (calculation.plan().readsLists()) {
            payments(open, here, list);
        }
        return list;
    }

    private static void payments(OpenEngagement open, String here, List<Missing> list) {
        int payments = open.snapshot().lists().payments().size();
        list.add(new Missing(
                "Estimated and other payments",
                payments == 0 ? "none entered" : payments + " entered",
                payments > 0,
                here + "/return/lists"));
        int carryovers = open.snapshot().lists().carryovers().size();
        list.add(new Missing(
                "Losses and the like from earlier years",
                carryovers == 0 ? "none entered" : carryovers + " entered",
                carryovers > 0 || open.snapshot().prior().isKnown(),
                here + "/return/lists"));
    }

    private static int unknown(Client client) {
        int unknown = 0;
        for (String fact : List.of(
                client.address().line1(),
                client.address().city(),
                client.activity().code(),
                client.activity().activity(),
                client.contact().name(),
                client.formedIn())) {
            unknown += fact.isBlank() ? 1 : 0;
        }
        return client.formed() == null ? unknown + 1 : unknown;
    }

    private static void questions(Calculation calculation, Part part, String here, List<Missing> list) {
        List<Line> asked = calculation.plan().linesOf(part).stream()
                .filter(line -> line.isTyped() && !line.isRepeating() && line.kind() == LineKind.YES_NO)
                .toList();
        long open = asked.stream()
                .filter(line -> calculation.value(line.id()).isEmpty())
                .count();
        if (!asked.isEmpty()) {
            list.add(new Missing(
                    "Questions: " + part.title(),
                    open == 0 ? "all answered" : open + " of " + asked.size() + " open",
                    open == 0,
                    here + "/return?sheet=" + part.code()));
        }
    }

    private static void rows(Calculation calculation, Part part, String here, List<Missing> list) {
        List<Line> repeating = calculation.plan().linesOf(part).stream()
                .filter(Line::isRepeating)
                .toList();
        if (!repeating.isEmpty()) {
            long rows = repeating.stream()
                    .flatMap(line -> calculation.instances(line.id()).stream())
                    .distinct()
                    .count();
            list.add(new Missing(
                    "Rows: " + part.title(),
                    rows == 0 ? "none entered" : rows + " entered",
                    rows > 0,
                    part.station() == Station.RETURN
                            ? here + "/return?sheet=" + part.code()
                            : here + "/" + part.station().path()));
        }
    }
}
