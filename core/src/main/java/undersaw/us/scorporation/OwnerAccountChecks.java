package undersaw.us.scorporation;

import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.List;
import undersaw.check.AccountCheck;
import undersaw.check.AccountLook;
import undersaw.check.Check.Found;

/** Checks of single accounts that only an S corporation has. */
final class OwnerAccountChecks {
    private OwnerAccountChecks() {}

    static List<AccountCheck> all() {
        return List.of(
                new AccountCheck("S-0103", QUERY, OwnerAccountChecks::insurance),
                new AccountCheck("S-0105", STOP, OwnerAccountChecks::guaranteed),
                new AccountCheck("S-0304", QUERY, OwnerAccountChecks::paidToNobody));
    }

    private static List<Found> insurance(AccountLook look) {
        return look.isTreated("owner-health-insurance") && !look.isEmpty()
                ? look.found("Confirm that the insurance in " + look.quoted()
                        + " is in the Form W-2 of the shareholder whom it covers.")
                : List.of();
    }

    private static List<Found> guaranteed(AccountLook look) {
        return look.isTreated("guaranteed-payment") || look.isTreated("guaranteed-payment-capital")
                ? look.found("A shareholder has no guaranteed payment. Treat " + look.quoted() + " as wages.")
                : List.of();
    }

    private static List<Found> paidToNobody(AccountLook look) {
        boolean nobody = look.mapping()
                .filter(mapping -> mapping.treatment().equals("shareholder-distribution"))
                .filter(mapping -> mapping.instance().isEmpty())
                .isPresent();
        return nobody && !look.isEmpty()
                ? look.found(look.quoted()
                        + " was split by shares. Record what each shareholder received: type 1120-S/L/24@ and "
                        + "the owner.")
                : List.of();
    }
}
