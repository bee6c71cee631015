package undersaw.us.nonprofit;

import java.util.List;
import java.util.stream.Stream;
import undersaw.check.BooksChecks;
import undersaw.check.Check;
import undersaw.check.ClientChecks;

/** Every check of a small nonprofit's return. */
final class NonprofitChecks {
    private NonprofitChecks() {}

    static List<Check> all() {
        return Stream.of(
                        new ClientChecks("N").all(),
                        new BooksChecks("N", plan -> plan.forms().get(1), TreatmentsNonprofit::find).all(),
                        SizeChecks.all(),
                        NetAssetChecks.all(),
                        QuestionChecks.all(),
                        PeopleChecks.all(),
                        HighlyPaidChecks.all(),
                        GamingChecks.all(),
                        SupportChecks.all())
                .flatMap(List::stream)
                .toList();
    }
}
