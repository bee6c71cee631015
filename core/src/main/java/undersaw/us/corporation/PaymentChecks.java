package undersaw.us.corporation;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.time.LocalDate;
import java.util.List;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.engagement.Heading.Flag;
import undersaw.law.calendar.DueDate;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;
import undersaw.money.Money;

/** Checks of payments, credits, refund and amount owed. */
final class PaymentChecks {
    private static final String WEIGHTS = "371371371";

    private PaymentChecks() {}

    static List<Check> all() {
        return List.of(
                when(
                        "C-0601",
                        NOTE,
                        look -> look.amount("1120/J/12").isPositive()
                                && look.amount("1120/J/12").compareTo(threshold(look)) < 0,
                        look -> onLine(
                                "1120/34",
                                "No estimated-tax penalty: tax of "
                                        + look.amount("1120/J/12").printed() + " is under "
                                        + threshold(look).printed() + ".")),
                when(
                        "C-0602",
                        QUERY,
                        look -> look.amount("1120/J/12").compareTo(threshold(look)) >= 0
                                && !look.snapshot().heading().is(Flag.INITIAL)
                                && !look.has("2220/4"),
                        look -> new Found(
                                Place.line("2220/4"),
                                "Type last year's tax; otherwise 100% of this year's tax is assumed.",
                                Answer.TYPE)),
                when(
                        "C-0603",
                        QUERY,
                        look -> look.amount("2220/38").isPositive(),
                        look -> onLine(
                                "1120/34",
                                "Penalty of " + look.amount("2220/38").printed()
                                        + ". Check the payment dates or another method.")),
                when(
                        "C-0604",
                        STOP,
                        look -> look.amount("1120/37").compareTo(look.amount("1120/36")) > 0,
                        look -> onLine(
                                "1120/37",
                                "The credit to next year of "
                                        + look.amount("1120/37").printed() + " exceeds the overpayment of "
                                        + look.amount("1120/36").printed() + ".")),
                when(
                        "C-0629",
                        QUERY,
                        look -> look.amount("1120/M-1/2").isPositive()
                                && look.snapshot().lists().payments().isEmpty(),
                        look -> Found.at(
                                Place.line("1120/J/14"),
                                "The books have federal income tax of "
                                        + look.amount("1120/M-1/2").printed()
                                        + ", and no payment is listed. List what was paid in the year.")),
                new Check("C-0605", QUERY, PaymentChecks::outsideTheWindow),
                when(
                        "C-0607",
                        STOP,
                        look -> look.amount("1120/J/6").compareTo(look.amount("1120/J/4")) > 0,
                        look -> onLine(
                                "1120/J/6",
                                "Credits of " + look.amount("1120/J/6").printed() + " exceed tax of "
                                        + look.amount("1120/J/4").printed() + ".")),
                when(
                        "C-0608",
                        QUERY,
                        look -> look.amount("1120/K/9").isPositive()
                                && look.amount("1120/18").isPositive()
                                && look.calculation()
                                        .books()
                                        .treated("interest-265-none")
                                        .isEmpty(),
                        look -> onLine("1120/18", "Was money borrowed to hold exempt bonds? Disallow that interest.")),
                when(
                        "C-0610",
                        QUERY,
                        look -> look.amount("1120/L/25/d").compareTo(look.amount("1120/W-O/1")) > 0
                                && !look.has("1120/M-2/5a"),
                        look -> onLine(
                                "1120/L/25/d",
                                "Possible accumulated earnings tax: "
                                        + look.amount("1120/L/25/d").printed()
                                        + " kept, no dividends. Note the reason for keeping earnings.")),
                when(
                        "C-0613",
                        QUERY,
                        look -> look.amount("1120/37r").isPositive()
                                && (!look.has("bank/routing") || !look.has("bank/account")),
                        look -> onLine(
                                "bank/routing",
                                "A refund of " + look.amount("1120/37r").printed()
                                        + " has no bank account. Enter one, or accept a slower refund.")),
                when(
                        "C-0614",
                        STOP,
                        PaymentChecks::bankMistyped,
                        look -> onLine(
                                "bank/routing", "The routing number is mistyped. Check it against a bank paper.")),
                when(
                        "C-0615",
                        QUERY,
                        look -> look.amount("1120/35").isPositive()
                                && !look.says("bank/use", "withdrawal")
                                && !look.says("bank/other", "yes"),
                        look -> new Found(
                                Place.line("bank/other"),
                                look.amount("1120/35").printed()
                                        + " is owed. Choose withdrawal with a date, or confirm another way of paying.",
                                Answer.YES_OR_NO)),
                when(
                        "C-0618",
                        STOP,
                        PaymentChecks::withdrawnLate,
                        look -> onLine(
                                "bank/date",
                                "The withdrawal is dated after the due date of "
                                        + DueDate.ofCorporation(look.period()).due()
                                        + ". Choose that day or an earlier one.")),
                when(
                        "C-0617",
                        QUERY,
                        look -> look.snapshot().prior().isKnown()
                                && !look.snapshot()
                                        .prior()
                                        .amount(LineId.of("1120/37"))
                                        .orElse(Money.ZERO)
                                        .equals(look.amount("1120/J/13")),
                        look -> onLine(
                                "1120/J/13",
                                "Last year credited "
                                        + look.snapshot()
                                                .prior()
                                                .amount(LineId.of("1120/37"))
                                                .orElse(Money.ZERO)
                                                .printed()
                                        + " to this year, here stands "
                                        + look.amount("1120/J/13").printed() + ".")),
                when(
                        "C-0811",
                        QUERY,
                        look -> look.snapshot().heading().is(Flag.FINAL)
                                && look.amount("1120/37").isPositive(),
                        look -> onLine("1120/37", "A last return has no next year to credit. Ask for the refund.")));
    }

    private static Money threshold(Examination look) {
        return look.law().amount(CorporationLaw.ESTIMATE_THRESHOLD);
    }

    private static List<Found> outsideTheWindow(Examination look) {
        LocalDate start = look.snapshot().heading().period().start();
        DueDate due = DueDate.ofCorporation(look.snapshot().heading().period());
        return look.snapshot().lists().payments().stream()
                .filter(payment ->
                        payment.date().isBefore(start) || payment.date().isAfter(last(payment, due)))
                .map(payment -> onLine(
                        "1120/J/14",
                        "The payment of " + payment.amount().printed() + " on " + payment.date()
                                + " lies outside the window. Check its date."))
                .toList();
    }

    private static LocalDate last(Payment payment, DueDate due) {
        return payment.kind() == PaymentKind.EXTENSION ? due.extended() : due.due();
    }

    private static boolean bankMistyped(Examination look) {
        String routing = look.calculation().answer(LineId.of("bank/routing"));
        String account = look.calculation().answer(LineId.of("bank/account"));
        return !routing.isEmpty() && !checks(routing) || account.length() > 17;
    }

    private static boolean withdrawnLate(Examination look) {
        String date = look.calculation().answer(LineId.of("bank/date"));
        return look.says("bank/use", "withdrawal")
                && !date.isEmpty()
                && LocalDate.parse(date)
                        .isAfter(DueDate.ofCorporation(look.period()).due());
    }

    /** Weights 3, 7 and 1 in turn; the sum is divisible by ten (common practice, no source). */
    static boolean checks(String routing) {
        if (!routing.matches("\\d{9}")) {
            return false;
        }
        int sum = 0;
        for (int i = 0; i < routing.length(); i++) {
            sum += (routing.charAt(i) - '0') * (WEIGHTS.charAt(i) - '0');
        }
        return sum % 10 == 0;
    }
}
