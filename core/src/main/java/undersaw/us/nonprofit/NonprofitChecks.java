package undersaw.us.nonprofit;

import java.util.List;
import java.util.stream.Stream;
import undersaw.check.AccountCheck;
import undersaw.check.BooksChecks;
import undersaw.check.Check;
import undersaw.check.ClientChecks;

/** Every check of a small nonprofit's return. */
final class NonprofitChecks {
    private static final BooksChecks BOOKS =
            new BooksChecks(BooksChecks.lettered("N"), plan -> plan.forms().get(1), TreatmentsNonprofit::find);

    private NonprofitChecks() {}

    static List<Check> all() {
        return Stream.of(
                        new ClientChecks("N").all(),
                        BOOKS.all(),
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

    static List<AccountCheck> ofAccounts() {
        return BOOKS.ofAccounts();
    }
}
