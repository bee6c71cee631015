package undersaw.us.corporation;

import static undersaw.check.Severity.QUERY;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import undersaw.check.AccountCheck;
import undersaw.check.AccountLook;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.engagement.PriorYear;
import undersaw.ledger.Account;
import undersaw.ledger.Mapping;
import undersaw.ledger.Treatment;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.money.Percent;

/** Checks of how single accounts are called and treated, of signs, and of the margin against last year. */
final class AccountChecks {
    private static final Money WORTH_ASKING = Money.ofDollars(10_000);
    private static final int MARGIN_POINTS = 10;
    private static final List<String> MEALS = List.of("meal");
    private static final List<String> FINES = List.of("fine", "penalt");
    private static final List<String> CONTRACTORS = List.of("contract", "consult", "legal", "attorney", "rent");
    private static final LineId TAXES = LineId.of("1120/17");
    private static final LineId OWED_AT_END = LineId.of("TREAT/related-accrual/end");
    private static final Set<String> TIMING = CorporationReturn.treatmentTable().all().stream()
            .filter(each -> switch (each.reach()) {
                case TYPED, BEGIN_END, AHEAD -> true;
                default -> false;
            })
            .map(Treatment::id)
            .collect(Collectors.toUnmodifiableSet());

    private static final List<String> LIABILITIES_AND_EQUITY = List.of("16", "17", "18", "19", "20", "21");
    private static final List<String> ASSETS = List.of("1", "3", "4", "5", "6", "7", "8", "9", "12", "14");

    private AccountChecks() {}

    static List<Check> all() {
        return List.of(
                new Check("C-0408", QUERY, AccountChecks::wrongSigns),
                new Check("C-0411", QUERY, AccountChecks::marginMoved));
    }

    static List<AccountCheck> ofAccounts() {
        return List.of(
                new AccountCheck("C-0214", QUERY, AccountChecks::taxThatIsNot),
                new AccountCheck(
                        "C-0218",
                        QUERY,
                        look -> deductedInFull(
                                look,
                                MEALS,
                                "is deducted in full. Meals are usually half deductible: confirm the treatment.")),
                new AccountCheck("C-0220", QUERY, AccountChecks::owedToOwners),
                new AccountCheck("C-0222", QUERY, AccountChecks::undecidedTiming),
                new AccountCheck(
                        "C-0229",
                        QUERY,
                        look -> deductedInFull(
                                look,
                                FINES,
                                "is deducted in full. Fines to a government are not deductible: check the treatment.")),
                new AccountCheck(
                        "C-0809", QUERY, look -> look.says("1120/K/15a", "no"), AccountChecks::paymentsToReport));
    }

    private static List<Found> taxThatIsNot(AccountLook look) {
        String name = look.account().name().toLowerCase(Locale.ROOT);
        if (!name.contains("federal income") && !name.contains("penalt")) {
            return List.of();
        }
        return look.postings(TAXES).stream()
                .flatMap(posting -> look
                        .found(look.quoted() + " brings " + posting.amount().printed()
                                + " to line 17. Federal tax and penalties are not deductible: change the treatment.")
                        .stream())
                .toList();
    }

    /** An income-statement account deducted in full whose name has a word that speaks against it. */
    private static List<Found> deductedInFull(AccountLook look, List<String> beginnings, String message) {
        Account account = look.account();
        boolean speaks =
                account.onIncomeStatement() && look.isTreated("full") && AccountWords.begin(account, beginnings);
        return speaks ? look.found(look.quoted() + " of " + account.closing().printed() + " " + message) : List.of();
    }

    private static List<Found> owedToOwners(AccountLook look) {
        if (!look.isTreated("related-accrual")) {
            return List.of();
        }
        Money end = look.fact(OWED_AT_END)
                .filter(fact -> Money.isPlain(fact.value()))
                .map(fact -> Money.parse(fact.value()))
                .orElse(Money.ZERO);
        return end.isPositive()
                ? look.found("Account " + look.account().number() + " owes " + end.printed()
                        + " to a cash-basis owner at year end. It is deducted when paid: confirm.")
                : List.of();
    }

    private static List<Found> undecidedTiming(AccountLook look) {
        Account account = look.account();
        Optional<LineId> asked = look.mapping()
                .map(Mapping::treatment)
                .filter(TIMING::contains)
                .map(treatment -> LineId.of("TREAT/" + treatment));
        boolean open = asked.isPresent() && !account.closing().isZero() && !isDecided(look, asked.get());
        return open
                ? List.of(new Found(
                        new Place.OnLine(asked.get().in(account.number())),
                        "Say what the tax amount of " + look.quoted() + " is; the books hold "
                                + account.closing().abs().printed() + ".",
                        Answer.TYPE))
                : List.of();
    }

    private static boolean isDecided(AccountLook look, LineId line) {
        return look.fact(line).isPresent()
                || look.fact(line.column("begin")).isPresent()
                || look.fact(line.column("end")).isPresent();
    }

    private static List<Found> paymentsToReport(AccountLook look) {
        Account account = look.account();
        boolean suggests = account.onIncomeStatement()
                && account.closing().compareTo(look.law().amount(CorporationLaw.INFORMATION_RETURN)) >= 0
                && AccountWords.begin(account, CONTRACTORS);
        return suggests
                ? List.of(Found.onLine(
                        "1120/K/15a",
                        look.quoted() + " of " + account.closing().printed()
                                + " suggests payments to report. Check question 15a."))
                : List.of();
    }

    private static List<Found> wrongSigns(Examination look) {
        List<Found> found = new ArrayList<>();
        ASSETS.forEach(line -> wrongSign(look, line, "An asset stands on the credit side", found));
        LIABILITIES_AND_EQUITY.forEach(line -> wrongSign(look, line, "A liability stands on the debit side", found));
        return found;
    }

    private static void wrongSign(Examination look, String line, String words, List<Found> found) {
        LineId closing = LineId.of("1120/L/" + line + "/d");
        Money amount = look.calculation().amount(closing);
        if (amount.isNegative()) {
            found.add(Found.at(
                    Place.line(closing),
                    words + ": Schedule L line " + line + " is " + amount.printed()
                            + ". Reclassify it (an overdraft belongs to liabilities)."));
        }
    }

    private static List<Found> marginMoved(Examination look) {
        PriorYear prior = look.snapshot().prior();
        Optional<Money> sales = prior.amount(LineId.of("1120/1c"));
        Optional<Money> profit = prior.amount(LineId.of("1120/3"));
        if (sales.isEmpty() || profit.isEmpty() || look.amount("1120/1c").isZero()) {
            return List.of();
        }
        Percent before = Percent.ratio(profit.get(), sales.get());
        Percent now = Percent.ratio(look.amount("1120/3"), look.amount("1120/1c"));
        boolean far = before.value().subtract(now.value()).abs().intValue() >= MARGIN_POINTS;
        return far
                ? List.of(Found.at(
                        Place.line("1120/3"),
                        "Gross margin moved from " + before + " to " + now + ". Check inventory and purchases."))
                : List.of();
    }
}
