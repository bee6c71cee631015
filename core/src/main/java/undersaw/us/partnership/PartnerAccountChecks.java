package undersaw.us.partnership;

import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.List;
import java.util.Set;
import undersaw.check.AccountCheck;
import undersaw.check.AccountLook;
import undersaw.check.Check.Found;
import undersaw.ledger.Mapping;

/** Checks of single accounts that name a partner, or should. */
final class PartnerAccountChecks {
    private static final Set<String> PAID =
            Set.of("guaranteed-payment", "guaranteed-payment-capital", "owner-health-insurance");
    private static final Set<String> FLOWS = Set.of("owner-draw", "owner-contribution", "owner-retirement");

    private PartnerAccountChecks() {}

    static List<AccountCheck> all() {
        return List.of(
                new AccountCheck("P-0103", STOP, PartnerAccountChecks::wages),
                new AccountCheck("P-0104", STOP, PartnerAccountChecks::paidToNobody),
                new AccountCheck("P-0304", QUERY, PartnerAccountChecks::splitByRatio));
    }

    private static String instance(AccountLook look) {
        return look.mapping().map(Mapping::instance).orElse("");
    }

    private static boolean isTreated(AccountLook look, Set<String> treatments) {
        return treatments.stream().anyMatch(look::isTreated);
    }

    private static List<Found> wages(AccountLook look) {
        return look.isTreated("officer-compensation")
                ? look.found(
                        look.quoted() + " pays a partner. Treat it as a guaranteed payment; partners have no wages.")
                : List.of();
    }

    private static List<Found> paidToNobody(AccountLook look) {
        return isTreated(look, PAID) && instance(look).isEmpty() && !look.isEmpty()
                ? look.found("Say which partner " + look.quoted() + " was paid to: type 1065/10@ and the partner.")
                : List.of();
    }

    private static List<Found> splitByRatio(AccountLook look) {
        return isTreated(look, FLOWS) && instance(look).isEmpty() && !look.isEmpty()
                ? look.found(look.quoted()
                        + " was split by ratio. Record what each partner received or put in: type the line, @ and "
                        + "the partner.")
                : List.of();
    }
}
