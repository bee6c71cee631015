package undersaw.us.scorporation;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import undersaw.check.AccountCheck;
import undersaw.check.BooksChecks;
import undersaw.check.Check;
import undersaw.check.ClientChecks;
import undersaw.us.forms.TreatmentTable;
import undersaw.us.passthrough.RentalChecks;

/** Every check of an S corporation, one group after another. Codes and conditions from the rulebook, from memory. */
final class SCorporationChecks {
    /** Checks of the books that have a number of their own on this return. */
    private static final Map<String, String> OWN = Map.of("0404", "S-0101", "0404/opening", "S-0102", "0402", "S-0106");

    private SCorporationChecks() {}

    static List<Check> all(TreatmentTable treatments) {
        return Stream.of(
                        new ClientChecks("B").all(),
                        books(treatments).all(),
                        AmountChecks.all(),
                        QuestionChecks.all(),
                        ShareholderChecks.all(),
                        DistributionChecks.all(),
                        TaxChecks.all(),
                        BalanceChecks.all(),
                        new RentalChecks("S").all())
                .flatMap(List::stream)
                .toList();
    }

    static List<AccountCheck> ofAccounts(TreatmentTable treatments) {
        return Stream.concat(books(treatments).ofAccounts().stream(), AccountChecks.all(treatments).stream())
                .toList();
    }

    private static BooksChecks books(TreatmentTable treatments) {
        return new BooksChecks(
                number -> OWN.getOrDefault(number, "B-" + number),
                plan -> plan.forms().get(0),
                treatments::find);
    }
}
