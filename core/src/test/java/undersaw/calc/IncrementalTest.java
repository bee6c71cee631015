package undersaw.calc;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import undersaw.SampleReturns;
import undersaw.check.Review;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.Snapshot;
import undersaw.engagement.Touch;
import undersaw.ledger.Account;
import undersaw.ledger.Mapping;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.registry.Returns;

class IncrementalTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 3, 9);

    private static final List<String> EXPENSE_LINES = List.of("1120/13", "1120/14", "1120/26", "1125-A/5", "1120/22");
    private static final List<String> TREATMENTS = List.of("full", "meals-half", "fines-none", "bonus-accrual");
    private static final List<String> TYPED =
            List.of("4562/22", "1120/J/5c", "1120/37", "1120/26", "1125-A/8", "1120/27");

    private static SampleReturns sample() {
        SampleReturns sample = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "500000")
                .balance("1400", "1120/L/3", "10000", "12000")
                .balance("3000", "1120/L/22b", "-10000", "-12000");
        for (int i = 0; i < 40; i++) {
            sample.expense(
                    String.valueOf(6000 + i), EXPENSE_LINES.get(i % 5), "full", String.valueOf(1000 + i * 7) + ".37");
        }
        return sample;
    }

    @Test
    void anEditOfOneAccountEvaluatesOnlyWhatDependsOnIt() {
        Calculation before = sample().calculate();
        Change change = larger(before.snapshot(), "6001", "500");

        Calculation after = before.after(change.applyTo(before.snapshot()), change.touches());

        assertThat(after.amount(LineId.of("1120/14")))
                .isEqualTo(before.amount(LineId.of("1120/14")).plus(Money.ofDollars(500)));
        assertThat(after.evaluatedLines()).isBetween(10, before.plan().size() / 4);
    }

    @Test
    void anAccountThatFeedsOnlyTheBalanceSheetTouchesNoTax() {
        Calculation before = sample().calculate();
        Account stock = before.snapshot().accounts().get("3000");
        Change change = new Change.AccountSet(
                new Account(stock.number(), stock.name(), stock.statement(), stock.opening(), Money.ofDollars(-13000)));

        Calculation after = before.after(change.applyTo(before.snapshot()), change.touches());

        assertThat(after.evaluatedLines()).isLessThan(20);
        assertThat(after.amount(LineId.of("1120/L/22b/d"))).isEqualTo(Money.ofDollars(13000));
        assertThat(after.amount(LineId.of("1120/30"))).isEqualTo(before.amount(LineId.of("1120/30")));
    }

    @Test
    void assetsMoveNothingOfScheduleM3UntilTheyCrossTheAmountThatCallsForIt() {
        Calculation before =
                sample().balance("1500", "1120/L/9", "0", "11000000").calculate();
        assertThat(before.value(LineId.of("1120/M-3/II/30/d"))).isPresent();

        Calculation within = assets(before, 12_000_000);
        assertThat(within.evaluatedLines()).isLessThan(20);

        Calculation below = assets(within, 2_000_000);
        assertThat(below.value(LineId.of("1120/M-3/II/30/d"))).isEmpty();
        assertThat(below.differences(Returns.calculate(below.snapshot()))).isEmpty();
    }

    private static Calculation assets(Calculation before, long dollars) {
        Account old = before.snapshot().accounts().get("1500");
        Change change = new Change.AccountSet(
                new Account("1500", old.name(), old.statement(), old.opening(), Money.ofDollars(dollars)));
        return before.after(change.applyTo(before.snapshot()), change.touches());
    }

    @Test
    void whetherAPartIsNeededIsNoMovement() {
        Calculation before = sample().calculate();
        Change gifts = new Change.FactsSet(Map.of(LineId.of("1120/W-CHAR/1").alone(), Fact.of("500")));
        Calculation after = before.after(gifts.applyTo(before.snapshot()), gifts.touches());
        assertThat(Movement.between(before, after))
                .extracting(moved -> moved.key().line().text())
                .contains("1120/W-CHAR/9", "1120/19")
                .noneMatch(line -> line.contains("/need/"));
        assertThat(Lineage.of(after, LineId.of("1120/W-CHAR/1").alone())
                        .orElseThrow()
                        .uses())
                .noneMatch(use -> use.line().id().text().contains("/need/"));
    }

    @Test
    void theWorkDoesNotGrowWithTheNumberOfAccounts() {
        SampleReturns large = sample();
        for (int i = 0; i < 1960; i++) {
            large.expense(String.valueOf(10_000 + i), "1120/26", "full", "10");
        }
        Calculation small = sample().calculate();
        Calculation many = large.calculate();

        assertThat(edited(many).evaluatedLines()).isEqualTo(edited(small).evaluatedLines());
    }

    private static Calculation edited(Calculation before) {
        Change change = larger(before.snapshot(), "6001", "500");
        return before.after(change.applyTo(before.snapshot()), change.touches());
    }

    @Test
    void aChangeThatAltersNothingStopsAtOnce() {
        Calculation before = sample().calculate();
        Change change = larger(before.snapshot(), "6001", "0.01");

        Calculation after = before.after(change.applyTo(before.snapshot()), change.touches());

        assertThat(after.evaluatedLines()).isBetween(1, 12);
        assertThat(after.differences(before)).isEmpty();
        assertThat(after.differences(Returns.calculate(before.snapshot()))).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void anySequenceOfChangesEndsWhereAFullCalculationEnds(long seed) {
        Random random = new Random(seed);
        Calculation calculation = sample().calculate();
        for (int step = 0; step < 60; step++) {
            Snapshot before = calculation.snapshot();
            Change change = change(before, random);
            calculation = told(calculation, change.applyTo(before), change.touches());
            if (random.nextInt(4) == 0) {
                calculation = told(calculation, before, change.touches());
                assertThat(calculation.snapshot()).isEqualTo(before);
            }
        }
        Calculation full = Returns.calculate(calculation.snapshot());
        assertThat(calculation.differences(full)).isEmpty();
    }

    /** The calculation after a change, which tells the figures that moved as a look at all of them finds them. */
    private static Calculation told(Calculation before, Snapshot next, Set<Touch> touches) {
        Calculation after = before.after(next, touches);
        Calculation stranger = Returns.calculate(before.snapshot());
        assertThat(after.differences(before))
                .isEqualTo(after.differences(stranger))
                .isEqualTo(before.differences(after));
        Review reviewed = Returns.review(before, TODAY);
        assertThat(Returns.review(after, TODAY, reviewed).diagnostics())
                .isEqualTo(Returns.review(after, TODAY).diagnostics());
        return after;
    }

    private static Change larger(Snapshot snapshot, String number, String by) {
        Account old = snapshot.accounts().get(number);
        return new Change.AccountSet(new Account(
                number,
                old.name(),
                old.statement(),
                old.opening(),
                old.closing().plus(Money.parse(by))));
    }

    private static Change change(Snapshot snapshot, Random random) {
        String number = String.valueOf(6000 + random.nextInt(40));
        String amount = random.nextInt(90_000) + "." + (10 + random.nextInt(90));
        return switch (random.nextInt(6)) {
            case 0 -> larger(snapshot, number, amount);
            case 1 ->
                new Change.MappingsSet(Map.of(
                        number,
                        new Mapping(
                                LineId.of(EXPENSE_LINES.get(random.nextInt(5))),
                                TREATMENTS.get(random.nextInt(4)),
                                true,
                                "test")));
            case 2 ->
                new Change.FactsSet(
                        Map.of(LineKey.parse(TYPED.get(random.nextInt(TYPED.size()))), new Fact(amount, "test", "")));
            case 3 ->
                new Change.FactsSet(Map.of(LineId.of("TREAT/bonus-accrual/end").in(number), Fact.of(amount)));
            case 4 ->
                new Change.FactsSet(
                        Map.of(LineId.of("1125-E/1/f").in("officer-" + random.nextInt(3)), Fact.of(amount)));
            default -> payments(snapshot, amount);
        };
    }

    private static Change payments(Snapshot snapshot, String amount) {
        List<Payment> payments = new ArrayList<>(snapshot.lists().payments());
        payments.add(new Payment(LocalDate.of(2025, 6, 16), PaymentKind.ESTIMATED, Money.parse(amount)));
        return new Change.PaymentsSet(payments);
    }
}
