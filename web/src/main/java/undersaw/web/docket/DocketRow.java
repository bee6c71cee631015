package undersaw.web.docket;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import undersaw.law.calendar.DueDate;
import undersaw.returns.ReturnKind.Vital;
import undersaw.store.Notes;
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
 * @param done whether nothing is left to do
 * @param withClient whether the client was asked for something that has not come
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
        boolean late,
        boolean done,
        boolean withClient)
        implements Comparable<DocketRow> {
    static DocketRow of(OpenEngagement open, Progress progress, Optional<Notes.Asked> asked, LocalDate today) {
        DueDate dates = open.kind().due(open.heading().period());
        boolean extended = open.kind().isExtended(open.calculation());
        LocalDate due = extended ? dates.extended() : dates.due();
        long days = ChronoUnit.DAYS.between(today, due);
        boolean done = progress.isDone();
        boolean filed = progress.isAccepted();
        return new DocketRow(
                open.id(),
                open.heading().client().name(),
                open.heading().client().number().masked(),
                open.heading().form(),
                open.heading().period().start() + " to "
                        + open.heading().period().end(),
                due,
                progress.caption(),
                waitsFor(progress, asked),
                open.snapshot().accounts().isEmpty() ? "" : comesTo(open),
                filed ? "" : (days < 0 ? -days + " days late" : days + " days left") + (extended ? ", extended" : ""),
                !filed && days < 0,
                done,
                asked.isPresent());
    }

    private static String waitsFor(Progress progress, Optional<Notes.Asked> asked) {
        String work = progress.drift().isEmpty() ? progress.waitsFor() : progress.drift() + ": " + progress.waitsFor();
        return asked.map(each ->
                        (each.count() == 1 ? "the client, 1 answer" : "the client, " + each.count() + " answers")
                                + " since " + each.since() + "; " + work)
                .orElse(work);
    }

    private static String comesTo(OpenEngagement open) {
        List<Vital> vitals = open.kind().vitals(open.calculation());
        Vital last = vitals.get(vitals.size() - 1);
        return last.caption() + " " + Figure.text(open.calculation().amount(last.line()));
    }

    @Override
    public int compareTo(DocketRow other) {
        return Comparator.comparing(DocketRow::done)
                .thenComparing(DocketRow::due)
                .thenComparing(DocketRow::client)
                .compare(this, other);
    }
}
