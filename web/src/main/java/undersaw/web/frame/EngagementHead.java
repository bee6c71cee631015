package undersaw.web.frame;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import undersaw.check.Diagnostic;
import undersaw.check.Place;
import undersaw.check.Review;
import undersaw.check.Severity;
import undersaw.engagement.Heading;
import undersaw.engagement.Station;
import undersaw.returns.ReturnKind.Vital;
import undersaw.rollforward.RollForward;
import undersaw.study.Kind;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Progress;

/**
 * What stands above every station of an engagement.
 *
 * @param id the engagement
 * @param revision the revision shown
 * @param client the client's name
 * @param title form and year
 * @param state how far the engagement has come
 * @param compared whether its kind of entity is compared with others
 * @param drift what stands otherwise than it was filed or sealed; empty where nothing does
 * @param vitals the figures that follow every edit
 * @param ridge one tooth a station
 * @param carried how much came from last year to each station and is not confirmed
 */
public record EngagementHead(
        long id,
        long revision,
        String client,
        String title,
        String state,
        boolean compared,
        String drift,
        List<VitalFigure> vitals,
        List<Tooth> ridge,
        Map<Station, Integer> carried) {
    /** How much came from last year to a station and is not confirmed. */
    public int carriedAt(String station) {
        return carried.getOrDefault(Station.valueOf(station), 0);
    }

    /**
     * A vital figure.
     *
     * @param caption what it is
     * @param figure the figure
     */
    public record VitalFigure(String caption, Figure figure) {}

    /**
     * A station on the ridge.
     *
     * @param caption the station's name
     * @param path its address within the engagement
     * @param open how much is open there; 0 where the tooth is cut
     * @param here whether it is the station shown
     * @param number its key on the keyboard
     */
    public record Tooth(String caption, String path, int open, boolean here, int number) {}

    /** The head of an engagement at one of its stations. */
    public static EngagementHead of(OpenEngagement open, Progress progress, Station here) {
        Heading heading = open.heading();
        List<VitalFigure> vitals = new ArrayList<>();
        for (Vital vital : open.kind().vitals(open.calculation())) {
            open.calculation()
                    .plan()
                    .line(vital.line())
                    .ifPresent(line -> vitals.add(new VitalFigure(
                            vital.caption(),
                            Figure.of(
                                    line, line.id().alone(), open.calculation().value(line.id())))));
        }
        Map<Station, Integer> waiting = waiting(open, progress);
        List<Tooth> ridge = new ArrayList<>();
        for (Station station : open.kind().stations()) {
            ridge.add(new Tooth(
                    station.caption(),
                    station.path(),
                    waiting.getOrDefault(station, 0),
                    station == here,
                    ridge.size() + 1));
        }
        return new EngagementHead(
                open.id(),
                open.revision(),
                heading.client().name(),
                "Form " + heading.form() + ", " + heading.period().lawYear(),
                open.isStudy() ? "Study, never sealed" : progress.caption(),
                Kind.of(heading.form()).isPresent(),
                open.isStudy() ? "" : progress.drift(),
                vitals,
                ridge,
                RollForward.open(open.snapshot()));
    }

    /** How much is open at each station; nothing of a return that is done. */
    private static Map<Station, Integer> waiting(OpenEngagement open, Progress progress) {
        Map<Station, Integer> counts = new EnumMap<>(Station.class);
        if (progress.isDone()) {
            return counts;
        }
        Review review = open.review();
        int all = 0;
        for (Severity severity : List.of(Severity.STOP, Severity.QUERY)) {
            for (Diagnostic diagnostic : review.open(severity)) {
                counts.merge(stationOf(diagnostic.place()), 1, Integer::sum);
                all++;
            }
        }
        if (open.snapshot().accounts().isEmpty()) {
            counts.merge(Station.BOOKS, 1, Integer::sum);
        }
        counts.put(Station.CHECK, all);
        counts.put(Station.FILE, 1);
        return counts;
    }

    /** The station that a diagnostic sends a person to. */
    public static Station stationOf(Place place) {
        if (place instanceof Place.OnAccount) {
            return Station.MAP;
        }
        if (place instanceof Place.AtStation at) {
            return at.station();
        }
        return Station.RETURN;
    }
}
