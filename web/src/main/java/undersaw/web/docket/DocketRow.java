package undersaw.web.docket;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.Optional;
import undersaw.engagement.TaxpayerNumber;
import undersaw.store.Notes;
import undersaw.store.Standings.Entry;
import undersaw.store.Standings.Standing;
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
 * @param old whether it is being looked at again, and this is how it stood before
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
        boolean withClient,
        boolean old)
        implements Comparable<DocketRow> {
    static DocketRow of(Entry entry, Optional<Notes.Asked> asked, LocalDate today) {
        Standing standing = entry.standing().orElseThrow();
        Progress progress = Progress.of(standing);
        long days = ChronoUnit.DAYS.between(today, standing.due());
        boolean filed = progress.isAccepted();
        return new DocketRow(
                entry.id(),
                entry.client(),
                TaxpayerNumber.masked(entry.number()),
                entry.form(),
                entry.start() + " to " + entry.until(),
                standing.due(),
                progress.caption(),
                waitsFor(progress, asked),
                standing.books() ? standing.vital() + " " + Figure.text(standing.amount()) : "",
                filed
                        ? ""
                        : (days < 0 ? -days + " days late" : days + " days left")
                                + (standing.extended() ? ", extended" : ""),
                !filed && days < 0,
                progress.isDone(),
                asked.isPresent(),
                !entry.fresh());
    }

    private static String waitsFor(Progress progress, Optional<Notes.Asked> asked) {
        String work = progress.drift().isEmpty() ? progress.waitsFor() : progress.drift() + ": " + progress.waitsFor();
        return asked.map(each ->
                        (each.count() == 1 ? "the client, 1 answer" : "the client, " + each.count() + " answers")
                                + " since " + each.since() + "; " + work)
                .orElse(work);
    }

    @Override
    public int compareTo(DocketRow other) {
        return Comparator.comparing(DocketRow::done)
                .thenComparing(DocketRow::due)
                .thenComparing(DocketRow::client)
                .compare(this, other);
    }
}
