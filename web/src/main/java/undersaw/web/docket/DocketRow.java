package undersaw.web.docket;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import undersaw.returns.ReturnKind.Vital;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Progress;
import undersaw.web.frame.Figure;

/**
 * One engagement on the docket.
 *
 * @param id the engagement
 * @param client the client's name
 * @param number the taxpayer number, masked
 * @param form the form's code
 * @param period first and last day
 * @param due when it is due
 * @param state how far it has come
 * @param waitsFor what has to happen next
 * @param comesTo the figure that the return ends with, and what it is; empty where there are no books yet
 * @param urgency in words: how many days are left
 * @param late whether it is overdue and not accepted
 */
public record DocketRow(
        long id,
        String client,
        String number,
        String form,
        String period,
        LocalDate due,
        String state,
        String waitsFor,
        String comesTo,
        String urgency,
        boolean late)
        implements Comparable<DocketRow> {
    static DocketRow of(OpenEngagement open, Progress progress, LocalDate today) {
        LocalDate due = open.kind().due(open.heading().period()).due();
        long days = ChronoUnit.DAYS.between(today, due);
        boolean done = progress.isAccepted();
        return new DocketRow(
                open.id(),
                open.heading().client().name(),
                open.heading().client().number().masked(),
                open.heading().form(),
                open.heading().period().start() + " to "
                        + open.heading().period().end(),
                due,
                progress.caption(),
                progress.waitsFor(),
                open.snapshot().accounts().isEmpty() ? "" : comesTo(open),
                done ? "" : days < 0 ? -days + " days late" : days + " days left",
                !done && days < 0);
    }

    private static String comesTo(OpenEngagement open) {
        List<Vital> vitals = open.kind().vitals(open.calculation());
        Vital last = vitals.get(vitals.size() - 1);
        return last.caption() + " " + Figure.text(open.calculation().amount(last.line()));
    }

    @Override
    public int compareTo(DocketRow other) {
        return Comparator.comparing((DocketRow row) -> row.state().equals("Accepted"))
                .thenComparing(DocketRow::due)
                .thenComparing(DocketRow::client)
                .compare(this, other);
    }
}
