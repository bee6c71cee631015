package undersaw.us.scorporation;

import static undersaw.us.scorporation.SCorporationLines.LINES;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import undersaw.check.AccountCheck;
import undersaw.check.BooksChecks;
import undersaw.check.Check;
import undersaw.check.ClientChecks;
import undersaw.us.forms.TreatmentTable;
import undersaw.us.passthrough.AccountChecks;
import undersaw.us.passthrough.AmountChecks;
import undersaw.us.passthrough.BalanceChecks;
import undersaw.us.passthrough.LateCheck;
import undersaw.us.passthrough.QuestionChecks;
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
                        OfficerChecks.all(),
                        new AmountChecks(LINES).all(),
                        new QuestionChecks(LINES, Set.of("B/3", "B/11", "B/16")).all(),
                        AnswerChecks.all(),
                        ShareholderChecks.all(),
                        DistributionChecks.all(),
                        TaxChecks.all(),
                        List.of(new LateCheck(LINES).check()),
                        new BalanceChecks(LINES).all(),
                        EquityChecks.all(),
                        new RentalChecks("S").all())
                .flatMap(List::stream)
                .toList();
    }

    static List<AccountCheck> ofAccounts(TreatmentTable treatments) {
        return Stream.of(
                        books(treatments).ofAccounts(),
                        OwnerAccountChecks.all(),
                        new AccountChecks(LINES, treatments).all())
                .flatMap(List::stream)
                .toList();
    }

    private static BooksChecks books(TreatmentTable treatments) {
        return new BooksChecks(
                number -> OWN.getOrDefault(number, "B-" + number),
                plan -> plan.forms().get(0),
                treatments::find);
    }
}
