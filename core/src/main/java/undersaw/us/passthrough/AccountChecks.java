package undersaw.us.passthrough;

import static undersaw.check.Severity.QUERY;

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
import undersaw.us.passthrough.ReturnLines.Held;

/**
 * Checks of single accounts that partnerships and S corporations share.
 *
 * @param at where the return has what is checked
 * @param treatments of its accounts
 */
public record AccountChecks(ReturnLines at, TreatmentTable treatments) {
    /** The checks, in the order of their numbers. */
    public List<AccountCheck> all() {
        return List.of(
                new AccountCheck(at.check("0109"), QUERY, this::portfolio),
                new AccountCheck(at.check("0113"), QUERY, AccountChecks::mealsInFull),
                new AccountCheck(at.check("0115"), QUERY, this::untyped));
    }

    private List<Found> portfolio(AccountLook look) {
        String name = look.account().name().toLowerCase(Locale.ROOT);
        boolean onPage1 = look.mapping()
                .filter(mapping -> mapping.line().text().equals(at.line(Held.OTHER_INCOME)))
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
    private List<Found> untyped(AccountLook look) {
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
}
