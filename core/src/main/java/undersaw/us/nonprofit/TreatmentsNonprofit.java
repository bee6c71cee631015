package undersaw.us.nonprofit;

import java.util.List;
import java.util.Optional;
import undersaw.ledger.Treatment;
import undersaw.ledger.Treatment.Reach;
import undersaw.ledger.Treatment.Serves;

/** How a small nonprofit's accounts are taken: what they serve, and what the return leaves out (from memory). */
final class TreatmentsNonprofit {
    static final String FULL = "full";
    static final String PROGRAM = "program";
    static final String MANAGEMENT = "management";
    static final String FUNDRAISING = "fundraising";
    static final String DONATED_SERVICES = "donated-services";
    static final String IN_KIND = "in-kind";
    static final String PLEDGE = "pledge-unreceived";
    static final String UNREALIZED = "unrealized-gain";
    static final String RESTRICTED = "restricted";

    private static final String FUNCTIONS = "ASC 958-720-45; Instructions for Form 990-EZ, Part III";

    private static final List<Treatment> ALL = List.of(
            of(FULL, "As on the books", Reach.WHOLE, "Instructions for Form 990-EZ, Part I"),
            function(PROGRAM, "For program services"),
            function(MANAGEMENT, "For management and general"),
            function(FUNDRAISING, "For fundraising"),
            of(IN_KIND, "Property given, at its fair value", Reach.WHOLE, "Instructions for Form 990-EZ, line 1"),
            of(
                    DONATED_SERVICES,
                    "Donated services or use of facilities: left out",
                    Reach.NONE,
                    "Instructions for Form 990-EZ, line 1"),
            new Treatment(
                    PLEDGE,
                    "Pledge not received: left out on the cash method",
                    Reach.NONE,
                    false,
                    "Instructions for Form 990-EZ, item G",
                    Serves.parse("income")),
            of(UNREALIZED, "Not realized: shown on line 20", Reach.ELSEWHERE, "Instructions for Form 990-EZ, line 20"),
            of(RESTRICTED, "With donor restrictions", Reach.WHOLE, "ASC 958-210-45"));

    private TreatmentsNonprofit() {}

    private static Treatment of(String id, String caption, Reach reach, String citation) {
        return new Treatment(id, caption, reach, true, citation);
    }

    /** What an expense serves. */
    private static Treatment function(String id, String caption) {
        return new Treatment(id, caption, Reach.WHOLE, true, FUNCTIONS, Serves.parse("expense"));
    }

    static List<Treatment> all() {
        return ALL;
    }

    static Optional<Treatment> find(String id) {
        String wanted = id.isEmpty() ? FULL : id;
        return ALL.stream().filter(each -> each.id().equals(wanted)).findFirst();
    }
}
