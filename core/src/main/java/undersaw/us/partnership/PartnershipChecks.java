package undersaw.us.partnership;

import static undersaw.us.partnership.PartnershipLines.LINES;

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
import undersaw.us.passthrough.OwnerNumbers;
import undersaw.us.passthrough.QuestionChecks;
import undersaw.us.passthrough.RentalChecks;

/** Every check of a partnership, one group after another. Codes and conditions from the rulebook, from memory. */
final class PartnershipChecks {
    /** Checks of the books that have a number of their own on this return. */
    private static final Map<String, String> OWN = Map.of("0404", "P-0101", "0404/opening", "P-0102", "0402", "P-0106");

    private static final Set<String> MUST = Set.of("B/2a", "B/2b", "B/4", "B/30", "B/31");

    private PartnershipChecks() {}

    static List<Check> all(TreatmentTable treatments) {
        return Stream.of(
                        new ClientChecks("B").all(),
                        books(treatments).all(),
                        new AmountChecks(LINES).all(),
                        new QuestionChecks(LINES, MUST).all(),
                        AnswerChecks.all(),
                        PartnerChecks.all(),
                        List.of(
                                PartnershipTieOuts.BOXES.check("P-0310"),
                                new OwnerNumbers("P-0311", "1065/K-1/W/held").check(),
                                new LateCheck(LINES).check()),
                        CapitalChecks.all(),
                        new BalanceChecks(LINES).all(),
                        new RentalChecks("P").all())
                .flatMap(List::stream)
                .toList();
    }

    static List<AccountCheck> ofAccounts(TreatmentTable treatments) {
        return Stream.of(
                        books(treatments).ofAccounts(),
                        PartnerAccountChecks.all(),
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
