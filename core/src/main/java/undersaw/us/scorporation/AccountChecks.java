package undersaw.us.scorporation;

import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import undersaw.check.AccountCheck;
import undersaw.check.AccountLook;
import undersaw.check.Check.Found;
import undersaw.ledger.Mapping;
import undersaw.ledger.Treatment;
import undersaw.ledger.Treatment.Reach;
import undersaw.line.LineId;
import undersaw.us.forms.TreatmentTable;

/** Checks of single accounts of an S corporation. */
final class AccountChecks {
    private AccountChecks() {}

    static List<AccountCheck> all(TreatmentTable treatments) {
        return List.of(
                new AccountCheck("S-0103", QUERY, AccountChecks::insurance),
                new AccountCheck("S-0105", STOP, AccountChecks::guaranteed),
                new AccountCheck("S-0109", QUERY, AccountChecks::portfolio),
                new AccountCheck("S-0113", QUERY, AccountChecks::mealsInFull),
                new AccountCheck("S-0115", QUERY, look -> untyped(look, treatments)),
                new AccountCheck("S-0304", QUERY, AccountChecks::paidToNobody));
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

    private static List<Found> portfolio(AccountLook look) {
        String name = look.account().name().toLowerCase(Locale.ROOT);
        boolean onPage1 = look.mapping()
                .filter(mapping -> mapping.line().text().equals("1120-S/5"))
                .isPresent();
        return onPage1 && (name.contains("interest") || name.contains("dividend"))
                ? look.found(look.quoted() + " looks like portfolio income. It belongs on Schedule K.")
                : List.of();
    }

    private static List<Found> mealsInFull(AccountLook look) {
        return look.isTreated("meals-full") && !look.adjusted().isZero()
                ? look.found(
                        look.quoted() + " is deducted in full. Confirm that an exception to the half limit applies.")
                : List.of();
    }

    /** A treatment that waits for a tax amount; without one the book amount is used. */
    private static List<Found> untyped(AccountLook look, TreatmentTable treatments) {
        Optional<Treatment> treatment =
                look.mapping().map(Mapping::treatment).flatMap(treatments::find).filter(AccountChecks::asks);
        return treatment.isEmpty() || look.adjusted().isZero() || isTyped(look, treatment.get())
                ? List.of()
                : look.found("Say what the tax amount of " + look.quoted() + " is; its book amount was used.");
    }

    private static boolean asks(Treatment treatment) {
        return List.of(Reach.TYPED, Reach.BEGIN_END, Reach.AHEAD).contains(treatment.reach());
    }

    private static boolean isTyped(AccountLook look, Treatment treatment) {
        String address = "TREAT/" + treatment.id();
        return List.of(address, address + "/begin", address + "/end").stream()
                        .anyMatch(each -> look.fact(LineId.of(each)).isPresent())
                || look.mapping().filter(each -> !each.partner().isEmpty()).isPresent();
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
