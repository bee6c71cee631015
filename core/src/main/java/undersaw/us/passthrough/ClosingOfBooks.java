package undersaw.us.passthrough;

import java.util.HashMap;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.line.LineId;
import undersaw.owners.Convention;
import undersaw.owners.YearCut;
import undersaw.us.passthrough.OwnersItems.Boxed;

/**
 * What each part of the year brought, where the books are closed as owners change, and what belongs to a single day
 * (Reg. 1.706-4; IRC 1377(a)(2), Reg. 1.1368-1(g); from memory).
 */
public final class ClosingOfBooks extends Form {
    private final Map<LineId, YearCut> cuts = new HashMap<>();
    /** Whether days or closed books count. */
    public final Line method;

    private final @Nullable Line convention;

    /**
     * Which of the two laws cuts the year.
     *
     * @param code the part's code, after the section of the law
     * @param title of the part
     * @param citation its law
     * @param byAgreement whether a convention can be chosen, and days out of the ordinary stand by themselves
     */
    public record Way(String code, String title, String citation, boolean byAgreement) {
        /** Partners who come, go or change what they hold. */
        public static final Way OF_PARTNERS =
                new Way("706", "Interim closing of the books", "IRC 706(d); Reg. 1.706-4", true);

        /** Shareholders who agree to it. */
        public static final Way OF_SHAREHOLDERS =
                new Way("1377", "Election to close the books", "IRC 1377(a)(2); Reg. 1.1368-1(g)", false);
    }

    /** The lines of a return whose Schedule K this is. */
    public ClosingOfBooks(String form, Way way, OwnersItems items) {
        super(form, way.title());
        partByNeed(way.code(), way.title(), way.citation(), "owners changed within the year closing books parts")
                .list(YearCut.PARTS.name(), "part")
                .byLine()
                .membersAcross()
                .ofTheYear()
                .help("What this part of the year brought of the line of the same number of Schedule K; parts are "
                        + "numbered from 1 and end where shares changed.");
        method = line(way.code() + "/method", "How the year is divided where owners changed")
                .oneOf(YearCut.PRORATED, YearCut.CLOSED)
                .ofTheYear()
                .once()
                .help("Proration gives each day the same; an interim closing takes each part of the year as it was.");
        convention = way.byAgreement() ? convention(way) : null;
        for (Boxed each : items.boxed()) {
            Line part = line(way.code() + "/" + number(each.line()), each.line().caption());
            LineId day = LineId.of(form + "/" + way.code() + "/extraordinary/" + number(each.line()));
            cuts.put(
                    each.line().id(),
                    new YearCut(
                            method.id(),
                            convention == null ? null : convention.id(),
                            part.id(),
                            way.byAgreement() ? day : null));
        }
        if (way.byAgreement()) {
            days(way, items);
        }
    }

    private Line convention(Way way) {
        return line(way.code() + "/convention", "On which day a change counts")
                .oneOf(Stream.of(Convention.values()).map(Convention::word).toArray(String[]::new))
                .ofTheYear()
                .once()
                .help("For an interim closing only: calendar-day, or the middle or end of a month.");
    }

    private void days(Way way, OwnersItems items) {
        partByNeed(
                        way.code() + "-days",
                        "Items of a single day",
                        "Reg. 1.706-4(e)",
                        "extraordinary items sale of assets settlement")
                .list(YearCut.DAYS.name(), "day")
                .byLine()
                .membersAcross()
                .ofTheYear()
                .help("What this day brought of the line of the same number of Schedule K, as a sale of the business "
                        + "or a settlement does: it goes to those who held shares on that day.");
        for (Boxed each : items.boxed()) {
            line(
                    way.code() + "/extraordinary/" + number(each.line()),
                    each.line().caption());
        }
    }

    /** The line's number on Schedule K. */
    private static String number(Line line) {
        return line.id().within().substring(line.id().within().indexOf('/') + 1);
    }

    /** Where the parts of a line of Schedule K stand. */
    public YearCut of(Line line) {
        return Objects.requireNonNull(cuts.get(line.id()), line::toString);
    }
}
