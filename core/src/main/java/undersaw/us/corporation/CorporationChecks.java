package undersaw.us.corporation;

import java.util.List;
import java.util.stream.Stream;
import undersaw.check.AccountCheck;
import undersaw.check.BooksChecks;
import undersaw.check.Check;
import undersaw.check.ClientChecks;
import undersaw.us.depreciation.DepreciationChecks;
import undersaw.us.forms.TreatmentTable;

/** Every check of a corporation, one group after another. Codes and conditions from the rulebook, from memory. */
final class CorporationChecks {
    private CorporationChecks() {}

    static List<Check> all(TreatmentTable treatments) {
        return Stream.of(
                        new ClientChecks("C").all(),
                        HeadingChecks.all(),
                        books(treatments).all(),
                        LineChecks.all(),
                        LimitChecks.all(),
                        AccountChecks.all(),
                        AgreementChecks.all(),
                        DeductionChecks.all(),
                        PropertyChecks.all(),
                        DepreciationChecks.ofTaxpayer(),
                        CarryoverChecks.all(),
                        OwnershipChecks.all(),
                        BalanceChecks.all(),
                        DeadlineChecks.all(),
                        PaymentChecks.all(),
                        QuestionChecks.all())
                .flatMap(List::stream)
                .toList();
    }

    static List<AccountCheck> ofAccounts(TreatmentTable treatments) {
        return Stream.concat(books(treatments).ofAccounts().stream(), AccountChecks.ofAccounts().stream())
                .toList();
    }

    private static BooksChecks books(TreatmentTable treatments) {
        return new BooksChecks(BooksChecks.lettered("C"), plan -> plan.forms().get(0), treatments::find);
    }
}
