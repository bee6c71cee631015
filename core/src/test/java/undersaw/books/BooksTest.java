package undersaw.books;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.books.StatementRow.Kind;
import undersaw.books.Variance.Thresholds;
import undersaw.calc.Calculation;
import undersaw.calc.Statement;
import undersaw.engagement.Change;
import undersaw.engagement.Snapshot;
import undersaw.engagement.WorksheetRow;
import undersaw.ledger.Account;
import undersaw.ledger.Entry;
import undersaw.ledger.EntryKind;
import undersaw.ledger.EntryPosting;
import undersaw.ledger.Mapping;
import undersaw.ledger.Split;
import undersaw.ledger.StatementKind;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.money.Percent;
import undersaw.registry.Returns;
import undersaw.returns.ReturnKind;

/** Worked by hand from small books; the arithmetic of double entry, common practice, no source. */
class BooksTest {
    private static final ReturnKind KIND = Returns.find("1120").orElseThrow();

    /** Cash 30, machine 100 less 20, loan 40; sales 90, rent 30, meals 10, depreciation 20; stock 10, earnings 30. */
    private static Snapshot books() {
        return SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "90")
                .expense("6000", "1120/16", "full", "30")
                .expense("6100", "1120/26", "meals-half", "10")
                .expense("6200", "1120/20", "depreciation-books", "20")
                .balance("1500", "1120/L/10a", "60", "100")
                .balance("1600", "1120/L/10b", "0", "-20")
                .balance("2500", "1120/L/20", "-20", "-40")
                .balance("3000", "1120/L/22b", "-10", "-10")
                .balance("3900", "1120/L/25", "-30", "-30")
                .snapshot();
    }

    private static Calculation with(Entry... entries) {
        return Returns.calculate(new Change.EntriesSet(List.of(entries)).applyTo(books()));
    }

    private static Entry entry(EntryKind kind, String debit, String credit, String amount) {
        return new Entry(
                "1",
                kind,
                LocalDate.of(2025, 12, 31),
                "memo",
                List.of(
                        new EntryPosting(debit, Money.parse(amount)),
                        new EntryPosting(credit, Money.parse(amount).negated())));
    }

    private static WorkingBalance row(Calculation year, String number) {
        return WorkingBalance.of(year, Optional.empty()).stream()
                .filter(each -> each.account().number().equals(number))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void anAdjustingEntryMovesTheBooksAndATaxEntryOnlyTheTaxBasis() {
        Calculation adjusted = with(entry(EntryKind.ADJUSTING, "6000", "2500", "5"));
        assertThat(row(adjusted, "6000").adjusted()).isEqualTo(Money.parse("35"));
        assertThat(row(adjusted, "6000").entries()).isEqualTo(Money.parse("5"));
        assertThat(WorkingBalance.netIncome(adjusted)).isEqualTo(Money.parse("25"));
        Calculation tax = with(entry(EntryKind.TAX, "6000", "2500", "5"));
        assertThat(row(tax, "6000").adjusted()).isEqualTo(Money.parse("30"));
        assertThat(row(tax, "6000").taxBasis()).isEqualTo(Money.parse("35"));
        assertThat(WorkingBalance.netIncome(tax)).isEqualTo(Money.parse("30"));
        assertThat(tax.amount(LineId.of("1120/16"))).isEqualTo(Money.parse("35"));
    }

    @Test
    void theBridgeArrivesAtTheReturnsOwnLine() {
        Calculation year = Returns.calculate(books());
        Bridge bridge = Bridge.of(year, KIND);
        assertThat(bridge.bookIncome()).isEqualTo(Money.parse("30"));
        assertThat(bridge.taxableIncome()).isEqualTo(year.amount(LineId.of("1120/M-1/10")));
        assertThat(bridge.bookIncome().plus(bridge.total(true)).plus(bridge.total(false)))
                .isEqualTo(bridge.taxableIncome());
        assertThat(bridge.total(true)).isEqualTo(Money.parse("5"));
        assertThat(bridge.total(false)).isEqualTo(Money.parse("20"));
        assertThat(bridge.steps())
                .anyMatch(step -> step.permanent()
                        && step.caption().equals("Meals, half")
                        && step.accounts().equals(List.of("6100")));
    }

    @Test
    void theBalanceSheetBalancesAndCashFlowsEndAtCash() {
        Calculation year = Returns.calculate(books());
        FinancialStatements statements = new FinancialStatements(year, Optional.empty());
        assertThat(total(statements.balance(), "Total assets"))
                .isEqualTo(total(statements.balance(), "Total liabilities and equity"));
        assertThat(total(statements.income(), "Net income")).isEqualTo(Money.parse("30"));
        FinancialStatement flows = statements.all().get(2);
        // net income 30 and depreciation 20, less the machine's 40, plus 20 borrowed
        assertThat(total(flows, "Cash from operating activities")).isEqualTo(Money.parse("50"));
        assertThat(total(flows, "Cash from investing activities")).isEqualTo(Money.parse("-40"));
        assertThat(total(flows, "Cash from financing activities")).isEqualTo(Money.parse("20"));
        Money cash = Money.sum(year.snapshot().accounts().values().stream()
                .filter(account -> account.name().equals("Cash"))
                .map(year::adjusted)
                .toList());
        assertThat(total(flows, "Cash at the end of the year")).isEqualTo(cash);
    }

    /** A machine of 60, written off by 9, is sold for 54.20, with a gain of 3.20; worked by hand. */
    @Test
    void whatPropertyWasSoldForIsInvestingAndTheYearsChargeIsWhatWasWrittenOff() {
        Calculation year = Returns.calculate(SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "90")
                .income("4900", "1120/9", "disposal-books", "3.20")
                .expense("6200", "1120/20", "depreciation-books", "30.46")
                .balance("1500", "1120/L/10a", "100", "40")
                .balance("1600", "1120/L/10b", "-20", "-41.46")
                .balance("1700", "1120/L/13a", "12", "12")
                .balance("1001", "1120/L/1", "0", "81.46")
                .balance("3000", "1120/L/22b", "-92", "-92")
                .snapshot());
        FinancialStatements statements = new FinancialStatements(year, Optional.empty());
        FinancialStatement flows = statements.all().get(2);
        assertThat(total(flows, "Depreciation and amortization")).isEqualTo(Money.parse("30.46"));
        assertThat(total(flows, "Gain on property sold")).isEqualTo(Money.parse("-3.20"));
        // income 62.74, charge 30.46, gain taken out
        assertThat(total(flows, "Cash from operating activities")).isEqualTo(Money.parse("90"));
        assertThat(total(flows, "Cash from investing activities")).isEqualTo(Money.parse("54.20"));
        assertThat(total(flows, "Cash at the end of the year")).isEqualTo(Money.parse("144.20"));
        FinancialStatement balance = statements.balance();
        // stock 92 and income 62.74
        assertThat(total(balance, "Total equity")).isEqualTo(Money.parse("154.74"));
        assertThat(total(balance, "Total intangible assets")).isEqualTo(Money.parse("12"));
        assertThat(total(balance, "Total assets")).isEqualTo(total(balance, "Total liabilities and equity"));
    }

    @Test
    void aYearWithoutOpeningsHasNoCashFlowsToCompareWith() {
        Calculation year = Returns.calculate(books());
        Calculation unopened = Returns.calculate(SampleReturns.corporation()
                .balance("1500", "1120/L/10a", "0", "60")
                .balance("3000", "1120/L/22b", "0", "-60")
                .snapshot());
        FinancialStatement flows =
                new FinancialStatements(year, Optional.of(unopened)).all().get(2);
        assertThat(flows.period()).contains("last year has no opening balances");
        assertThat(flows.rows()).allMatch(row -> row.lastYear().isEmpty());
    }

    private static Money total(FinancialStatement statement, String caption) {
        return statement.rows().stream()
                .filter(row -> row.caption().equals(caption) && row.kind() != Kind.HEADING)
                .findFirst()
                .orElseThrow()
                .amount()
                .orElseThrow();
    }

    @Test
    void lastYearClosesNetIncomeAndDistributionsIntoRetainedEarnings() {
        Snapshot paid = SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "90")
                .balance("3900", "1120/L/25", "-30", "-30")
                .balance("3950", "1120/M-2/5a", "0", "15")
                .balance("1500", "1120/L/10a", "30", "15")
                .snapshot();
        Map<String, Money> openings = Openings.after(Returns.calculate(paid), KIND);
        assertThat(openings.get("3900")).isEqualTo(Money.parse("-105"));
        assertThat(openings).doesNotContainKeys("4000", "3950");
        assertThat(Money.sum(openings.values())).isEqualTo(Money.ZERO);
    }

    @Test
    void openingDifferencesAreToldAccountByAccount() {
        Calculation last = Returns.calculate(books());
        Snapshot next = SampleReturns.corporation()
                .balance("1500", "1120/L/10a", "100", "100")
                .balance("2500", "1120/L/20", "-39", "-39")
                .snapshot();
        assertThat(Openings.differences(Returns.calculate(next), last, KIND))
                .filteredOn(each -> List.of("1500", "2500").contains(each.number()))
                .singleElement()
                .satisfies(each -> assertThat(each.amount()).isEqualTo(Money.parse("1")));
    }

    @Test
    void aGapNamesTheAccountThatIsTheDifference() {
        Snapshot books = books();
        Snapshot out = books.withAccounts(books.accounts().minus("2500"));
        BalanceGap gap = BalanceGap.of(Returns.calculate(out), false);
        assertThat(gap.difference()).isEqualTo(Money.parse("40"));
        assertThat(BalanceGap.of(Returns.calculate(books), false).isOpen()).isFalse();
        Entry order = new Entry(
                "B1",
                EntryKind.BALANCING,
                LocalDate.of(2025, 12, 31),
                "ordered",
                List.of(new EntryPosting("3900", Money.parse("-40"))));
        Calculation mended = Returns.calculate(new Change.EntriesSet(List.of(order)).applyTo(out));
        assertThat(BalanceGap.of(mended, false).isOpen()).isFalse();
        assertThat(Returns.review(mended, LocalDate.of(2026, 3, 1)).diagnostics())
                .anyMatch(each -> each.code().equals("G-0101") && each.message().contains("40.00"));
    }

    @Test
    void anOrderDatedBeforeTheYearMovesOnlyTheOpeningBalance() {
        Entry order = new Entry(
                "B1",
                EntryKind.BALANCING,
                LocalDate.of(2024, 12, 31),
                "ordered",
                List.of(new EntryPosting("3900", Money.parse("-7"))));
        Calculation year = with(order);
        assertThat(row(year, "3900").opening()).isEqualTo(Money.parse("-37"));
        assertThat(row(year, "3900").adjusted()).isEqualTo(Money.parse("-30"));
        assertThat(year.amount(LineId.of("1120/L/25/b"))).isEqualTo(Money.parse("37"));
    }

    private static Snapshot split(Split... parts) {
        Snapshot books = books();
        Mapping mapping = books.mappings().get("6000").withSplits(List.of(parts));
        return books.withMappings(books.mappings().plus("6000", mapping));
    }

    @Test
    void aSplitAccountIsAlwaysExhausted() {
        Split third = new Split(LineId.of("1120/26"), "", "full", Percent.of("33.333333"), null);
        Split some = new Split(LineId.of("1120/17"), "", "full", null, Money.parse("7.01"));
        Calculation year = Returns.calculate(split(third, some));
        assertThat(year.posted(LineId.of("1120/16"))
                        .plus(year.posted(LineId.of("1120/17")))
                        .plus(Money.sum(year.postings(LineId.of("1120/26")).stream()
                                .filter(posting -> posting.account().equals("6000"))
                                .map(posting -> posting.amount())
                                .toList())))
                .isEqualTo(Money.parse("30"));
        assertThat(WorkingBalance.netIncome(year)).isEqualTo(Money.parse("30"));
        assertThat(year.amount(LineId.of("1120/M-1/10"))).isEqualTo(year.amount(LineId.of("1120/28")));
    }

    @Test
    void eachPartOfASplitHasItsOwnTreatment() {
        Split fine = new Split(LineId.of("1120/26"), "", "fines-none", Percent.of("50"), null);
        Calculation year = Returns.calculate(split(fine));
        assertThat(year.amount(LineId.of("1120/16"))).isEqualTo(Money.parse("15"));
        assertThat(Bridge.of(year, KIND).steps())
                .anyMatch(step -> step.caption().equals("Fines and penalties")
                        && step.amount().equals(Money.parse("15")));
    }

    @Test
    void aSplitBeyondTheAccountIsAStop() {
        Calculation year =
                Returns.calculate(split(new Split(LineId.of("1120/26"), "", "full", null, Money.parse("30.01"))));
        assertThat(Returns.review(year, LocalDate.of(2026, 3, 1)).diagnostics())
                .anyMatch(each -> each.code().equals("G-0103"));
    }

    @Test
    void changingASplitAccountEqualsAFullCalculation() {
        Snapshot before = split(new Split(LineId.of("1120/26"), "", "full", Percent.of("40"), null));
        Calculation year = Returns.calculate(before);
        Change back = new Change.MappingsSet(Map.of("6000", books().mappings().get("6000")));
        Snapshot after = back.applyTo(before);
        assertThat(year.after(after, back.touches()).printed())
                .isEqualTo(Returns.calculate(after).printed());
    }

    @Test
    void anAccruedExpenseIsReadTogetherWithItsLiability() {
        Snapshot plain = SampleReturns.corporation()
                .expense("6300", "1120/13", "bonus-accrual", "100")
                .balance("2300", "1120/L/18", "-30", "-45")
                .snapshot();
        Snapshot paired = plain.withMappings(
                plain.mappings().plus("6300", plain.mappings().get("6300").withPartner("2300")));
        Calculation year = Returns.calculate(paired);
        // last year's 30 is deducted now, this year's 45 is not yet
        assertThat(year.amount(LineId.of("1120/13"))).isEqualTo(Money.parse("85"));
        assertThat(year.amount(LineId.of("1120/M-1/5d"))).isEqualTo(Money.parse("15"));
        Change moved = new Change.AccountSet(
                new Account("2300", "Accrued", StatementKind.BALANCE_SHEET, Money.parse("-30"), Money.parse("-40")));
        Snapshot next = moved.applyTo(paired);
        Calculation after = year.after(next, moved.touches());
        assertThat(after.amount(LineId.of("1120/13"))).isEqualTo(Money.parse("90"));
        assertThat(after.printed()).isEqualTo(Returns.calculate(next).printed());
    }

    @Test
    void aWorksheetsRowsFeedTheLineAndPrintAsItsStatement() {
        Change worksheet = new Change.WorksheetSet(
                LineKey.parse("1120/26"),
                List.of(
                        new WorksheetRow("Bank charges", Money.parse("10.60"), null, ""),
                        new WorksheetRow("Postage", Money.parse("20.60"), null, "")),
                "R. Tern");
        Snapshot before = books();
        Snapshot with = worksheet.applyTo(before);
        Calculation year = Returns.calculate(with);
        assertThat(year.amount(LineId.of("1120/26"))).isEqualTo(Money.parse("31"));
        var statement =
                Statement.of(year, year.plan().line(LineId.of("1120/26")).orElseThrow());
        assertThat(statement.rows()).extracting(row -> row.caption()).containsExactly("Bank charges", "Postage");
        assertThat(Money.sum(statement.rows().stream().map(row -> row.amount()).toList()))
                .isEqualTo(Money.parse("31"));
    }

    @Test
    void variancesBeyondBothThresholdsComeFirst() {
        Calculation last = Returns.calculate(books());
        Calculation now = with(entry(EntryKind.ADJUSTING, "6000", "2500", "5"));
        Thresholds low = new Thresholds(Money.parse("5"), Percent.of("10"));
        List<Variance> byAccount = Variance.byAccount(now, last, low);
        assertThat(byAccount).extracting(Variance::place).containsExactlyInAnyOrder("6000", "2500");
        assertThat(byAccount).allMatch(Variance::beyond);
        assertThat(byAccount.stream()
                        .filter(each -> each.place().equals("6000"))
                        .findFirst()
                        .orElseThrow())
                .satisfies(each -> assertThat(each.changePercent()).isEqualTo("16.7%"));
        assertThat(Variance.byLine(now, last, Thresholds.USUAL)).noneMatch(Variance::beyond);
        assertThat(Variance.byLine(now, last, low))
                .anyMatch(each -> each.place().equals("1120/16"));
    }

    @Test
    void ratiosAreMadeOfTheAdjustedBalances() {
        List<Ratio> ratios = Ratio.of(Returns.calculate(books()), Optional.empty());
        assertThat(ratios).extracting(Ratio::caption).contains("Gross margin", "Days of sales outstanding");
        assertThat(ratios.get(0).value()).isEqualTo("100%");
        assertThat(ratios.get(0).lastYear()).isEmpty();
    }

    /** Any order of imports, mappings and entries leaves debits equal to credits. */
    @Test
    void debitsEqualCreditsWhateverIsDone() {
        for (int seed = 0; seed < 40; seed++) {
            Random random = new Random(seed);
            Snapshot snapshot = books();
            for (int step = 0; step < 30; step++) {
                snapshot = chance(random, snapshot).applyTo(snapshot);
                Calculation year = Returns.calculate(snapshot);
                assertThat(BalanceGap.of(year, false).isOpen())
                        .as("seed " + seed)
                        .isFalse();
                assertThat(Money.sum(WorkingBalance.of(year, Optional.empty()).stream()
                                .map(WorkingBalance::taxBasis)
                                .toList()))
                        .isEqualTo(Money.ZERO);
            }
        }
    }

    private static Change chance(Random random, Snapshot snapshot) {
        List<String> numbers = snapshot.accounts().keySet().stream().sorted().toList();
        String one = numbers.get(random.nextInt(numbers.size()));
        String other = numbers.get(random.nextInt(numbers.size()));
        Money amount = Money.ofCents(random.nextInt(100_000));
        switch (random.nextInt(3)) {
            case 0:
                List<Entry> entries = new ArrayList<>(snapshot.lists().entries());
                entries.add(new Entry(
                        "E" + entries.size(),
                        EntryKind.values()[random.nextInt(3)],
                        LocalDate.of(2025, 6, 30),
                        "",
                        List.of(new EntryPosting(one, amount), new EntryPosting(other, amount.negated()))));
                return new Change.EntriesSet(entries);
            case 1:
                return new Change.MappingsSet(Map.of(one, snapshot.mappings().get(other)));
            default:
                List<Account> accounts = new ArrayList<>();
                snapshot.accounts()
                        .values()
                        .forEach(each -> accounts.add(
                                each.number().equals(one)
                                        ? moved(each, amount)
                                        : each.number().equals(other) ? moved(each, amount.negated()) : each));
                return one.equals(other)
                        ? new Change.EntriesSet(snapshot.lists().entries())
                        : new Change.BooksReplaced(accounts, snapshot.source());
        }
    }

    private static Account moved(Account account, Money by) {
        return new Account(
                account.number(),
                account.name(),
                account.statement(),
                account.opening(),
                account.closing().plus(by));
    }
}
