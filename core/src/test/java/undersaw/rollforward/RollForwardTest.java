package undersaw.rollforward;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.books.BalanceGap;
import undersaw.calc.Calculation;
import undersaw.engagement.Carried;
import undersaw.engagement.Change;
import undersaw.engagement.Snapshot;
import undersaw.engagement.Station;
import undersaw.law.calendar.Period;
import undersaw.ledger.Account;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.Entry;
import undersaw.ledger.EntryKind;
import undersaw.ledger.EntryPosting;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.ledger.Repeats;
import undersaw.ledger.StatementKind;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.registry.Returns;
import undersaw.returns.ReturnKind;

class RollForwardTest {
    private static final ReturnKind KIND = Returns.find("1120").orElseThrow();

    private static SampleReturns lastYear() {
        return SampleReturns.corporation()
                .with(SampleReturns.heading(2024))
                .income("4000", "1120/1a", "full", "90")
                .expense("6300", "1120/13", "bonus-accrual", "20")
                .balance("3900", "1120/L/25", "-30", "-30")
                .balance("1500", "1120/L/10a", "30", "30")
                .fact("1120/K/1", "accrual")
                .fact("1120/K/3", "no")
                .fact("1120/26", "17")
                .fact("TREAT/bonus-accrual/end@6300", "5");
    }

    private static Entry entry(String number, Repeats repeats) {
        return new Entry(
                number,
                EntryKind.ADJUSTING,
                LocalDate.of(2024, 12, 31),
                "memo",
                List.of(new EntryPosting("6300", Money.parse("4")), new EntryPosting("3900", Money.parse("-4"))),
                repeats);
    }

    private static Calculation calculated(Snapshot snapshot, Entry... entries) {
        return Returns.calculate(new Change.EntriesSet(List.of(entries)).applyTo(snapshot));
    }

    private static Snapshot begun(Calculation year) {
        Snapshot empty = Snapshot.empty(RollForward.next(year.snapshot().heading()));
        return RollForward.from(year, KIND).begin(empty).applyTo(empty);
    }

    @Test
    void theNextYearOpensWithWhatThisOneClosedAndBalances() {
        Snapshot next = begun(calculated(lastYear().snapshot()));
        assertThat(next.heading().period().start()).isEqualTo(LocalDate.of(2025, 1, 1));
        assertThat(next.accounts().get("3900").opening()).isEqualTo(Money.parse("-100"));
        assertThat(next.accounts().get("4000").closing()).isEqualTo(Money.ZERO);
        assertThat(BalanceGap.of(Returns.calculate(next), true).isOpen()).isFalse();
    }

    @Test
    void mappingsAnswersAndWhatWasPutOffComeAlongAndYearlyAmountsDoNot() {
        Snapshot next = begun(calculated(lastYear().snapshot()));
        assertThat(next.mappings().get("6300").treatment()).isEqualTo("bonus-accrual");
        assertThat(next.facts().get(LineKey.parse("1120/K/3")).value()).isEqualTo("no");
        assertThat(next.facts()).doesNotContainKey(LineKey.parse("1120/26"));
        assertThat(next.facts()
                        .get(LineKey.parse("TREAT/bonus-accrual/begin@6300"))
                        .value())
                .isEqualTo("5");
    }

    @Test
    void recurringEntriesComeAgainAndReversingOnesTurnRound() {
        Snapshot next = begun(calculated(
                lastYear().snapshot(),
                entry("1", Repeats.ONCE),
                entry("2", Repeats.RECURRING),
                entry("3", Repeats.REVERSING)));
        assertThat(next.lists().entries()).extracting(Entry::number).containsExactly("2", "3-R");
        assertThat(next.lists().entries().get(0).date()).isEqualTo(LocalDate.of(2025, 12, 31));
        Entry reversal = next.lists().entries().get(1);
        assertThat(reversal.date()).isEqualTo(LocalDate.of(2025, 1, 1));
        assertThat(reversal.postings().get(0).amount()).isEqualTo(Money.parse("-4"));
    }

    @Test
    void everythingIsMarkedUntilSomebodyConfirmsIt() {
        Snapshot next = begun(calculated(lastYear().snapshot()));
        assertThat(next.carried().values()).isNotEmpty().allMatch(Carried::isOpen);
        assertThat(Returns.review(Returns.calculate(next), LocalDate.of(2026, 3, 1))
                        .diagnostics())
                .filteredOn(each -> each.code().equals("G-0102"))
                .hasSize(3)
                .anyMatch(each -> each.message().contains("at Map came from last year"));
        assertThat(RollForward.stationOf("fact/1120/K/1")).isEqualTo(Station.RETURN);
    }

    @Test
    void aCorrectedOldYearShowsWhatItWouldGiveToday() {
        Snapshot old = lastYear().snapshot();
        Snapshot next = begun(calculated(old));
        assertThat(RollForward.from(calculated(old), KIND).differences(next)).isEmpty();
        Snapshot corrected = new Change.AccountSet(
                        new Account("4000", "Sales", StatementKind.INCOME_STATEMENT, Money.ZERO, Money.parse("-95")))
                .applyTo(old);
        RollForward today = RollForward.from(calculated(corrected), KIND);
        assertThat(today.differences(next))
                .extracting(each -> each.place() + " " + each.was() + " " + each.now())
                .containsExactlyInAnyOrder("opening/3900 -100 -105", "fact/448c/y1 90 95", "fact/2220/4 12 13");
        Snapshot taken = today.put(next, List.of(today.gift("opening/3900").orElseThrow()))
                .applyTo(next);
        assertThat(taken.accounts().get("3900").opening()).isEqualTo(Money.parse("-105"));
        assertThat(today.differences(taken))
                .extracting(each -> each.place())
                .containsExactlyInAnyOrder("fact/448c/y1", "fact/2220/4");
    }

    @Test
    void lossesAndGiftsLeftUnusedAreCarriedByYear() {
        Calculation loss = SampleReturns.corporation()
                .with(SampleReturns.heading(2024))
                .income("4000", "1120/1a", "full", "100")
                .expense("6000", "1120/16", "full", "400")
                .expense("6500", "1120/19", "charitable", "50")
                .carried(CarryoverKind.NOL, 2021, "70")
                .carried(CarryoverKind.CHARITABLE, 2019, "30")
                .carried(CarryoverKind.CHARITABLE, 2022, "20")
                .calculate();
        assertThat(KIND.carriedForward(loss))
                .extracting(each -> each.kind() + " " + each.year() + " " + each.amount())
                .containsExactlyInAnyOrder("NOL 2021 70", "NOL 2024 300", "CHARITABLE 2022 20", "CHARITABLE 2024 50");
    }

    @Test
    void theOldestLossIsUsedFirst() {
        Calculation gain = SampleReturns.corporation()
                .with(SampleReturns.heading(2024))
                .income("4000", "1120/1a", "full", "100")
                .carried(CarryoverKind.NOL, 2020, "50")
                .carried(CarryoverKind.NOL, 2022, "50")
                .calculate();
        // at most 80 % of income (IRC 172(a)(2)(B), from memory)
        assertThat(gain.amount(LineId.of("1120/29a"))).isEqualTo(Money.parse("80"));
        assertThat(KIND.carriedForward(gain))
                .singleElement()
                .satisfies(each -> assertThat(each.year() + " " + each.amount()).isEqualTo("2022 20"));
    }

    @Test
    void anOverpaymentCreditedForwardIsNextYearsFirstPayment() {
        Snapshot old = lastYear()
                .paid(new Payment(LocalDate.of(2024, 6, 15), PaymentKind.ESTIMATED, Money.parse("500")))
                .fact("1120/37", "100")
                .snapshot();
        assertThat(begun(calculated(old)).lists().paid(PaymentKind.OVERPAYMENT_APPLIED))
                .isEqualTo(Money.parse("100"));
    }

    /** This year's tax and receipts are what the next year calls last year's; a short year says too little. */
    @Test
    void taxAndReceiptsBecomeLastYears() {
        SampleReturns sample = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "500000")
                .expense("4090", "1120/1b", "full", "20000")
                .fact("448c/y1", "410000")
                .fact("448c/y2", "390000");
        Snapshot next = begun(sample.calculate());
        assertThat(value(next, "448c/y1")).isEqualTo("480000");
        assertThat(value(next, "448c/y2")).isEqualTo("410000");
        assertThat(value(next, "448c/y3")).isEqualTo("390000");
        assertThat(value(next, "2220/4")).isEqualTo("100800");
        Period quarter = new Period(LocalDate.of(2025, 10, 1), LocalDate.of(2025, 12, 31));
        assertThat(begun(sample.during(quarter).calculate())
                        .fact(LineId.of("2220/4").alone()))
                .isEmpty();
    }

    @Test
    void answersOfOneYearStayInIt() {
        Snapshot next = begun(SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "500000")
                .fact("est/told", "yes")
                .fact("7004/filed", "yes")
                .fact("1120/C/hold", "yes")
                .fact("1120/K/5a", "no")
                .calculate());
        assertThat(value(next, "1120/K/5a")).isEqualTo("no");
        for (String line : List.of("est/told", "7004/filed", "1120/C/hold")) {
            assertThat(next.fact(LineId.of(line).alone())).as(line).isEmpty();
        }
    }

    private static String value(Snapshot snapshot, String line) {
        return snapshot.fact(LineId.of(line).alone()).orElseThrow().value();
    }
}
