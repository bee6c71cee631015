package undersaw;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.pcollections.HashTreePMap;
import undersaw.calc.Calculation;
import undersaw.engagement.AccountingMethod;
import undersaw.engagement.Activity;
import undersaw.engagement.Address;
import undersaw.engagement.Client;
import undersaw.engagement.Contact;
import undersaw.engagement.Fact;
import undersaw.engagement.Heading;
import undersaw.engagement.Snapshot;
import undersaw.engagement.TaxpayerNumber;
import undersaw.law.calendar.Period;
import undersaw.ledger.Account;
import undersaw.ledger.Carryover;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.Mapping;
import undersaw.ledger.Payment;
import undersaw.ledger.StatementKind;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.registry.Returns;

/** Small returns for tests, put together a few accounts at a time. */
public final class SampleReturns {
    private final Map<String, Account> accounts = new HashMap<>();
    private final Map<String, Mapping> mappings = new HashMap<>();
    private final Map<LineKey, Fact> facts = new HashMap<>();
    private final List<Payment> payments = new ArrayList<>();
    private final List<Carryover> carryovers = new ArrayList<>();
    private Heading heading = heading(2025);
    private int changes;
    private String cashLine = "1120/L/1";

    private SampleReturns() {}

    /** A corporation with no accounts yet. */
    public static SampleReturns corporation() {
        return new SampleReturns();
    }

    /** Complete heading of a calendar year. */
    public static Heading heading(int year) {
        Client client = new Client(
                "Test Harbor Corporation",
                new TaxpayerNumber("001234567"),
                new Address("1 Quay", "", "Marrow Bay", "ME", "04999", "US"),
                LocalDate.of(2001, 3, 1),
                "ME",
                new Activity("311710", "Canning", "Fish"),
                new Contact("P. Test", "President", "", ""));
        return new Heading("1120", client, Period.calendarYear(year), AccountingMethod.ACCRUAL, Set.of());
    }

    /** A small nonprofit with no accounts yet. */
    public static SampleReturns nonprofit() {
        Heading ours = heading(2025);
        SampleReturns sample = new SampleReturns();
        sample.cashLine = "990-EZ/22";
        return sample.with(new Heading("990-EZ", ours.client(), ours.period(), AccountingMethod.CASH, Set.of()));
    }

    /** An S corporation since its first day, with no accounts yet. */
    public static SampleReturns sCorporation() {
        Heading ours = heading(2025);
        SampleReturns sample = new SampleReturns();
        sample.cashLine = "1120-S/L/1";
        sample.fact("1120-S/hdr/A", "2001-03-01");
        return sample.with(new Heading("1120-S", ours.client(), ours.period(), AccountingMethod.ACCRUAL, Set.of()));
    }

    /** A partnership with no accounts yet. */
    public static SampleReturns partnership() {
        Heading ours = heading(2025);
        SampleReturns sample = new SampleReturns();
        sample.cashLine = "1065/L/1";
        return sample.with(new Heading("1065", ours.client(), ours.period(), AccountingMethod.ACCRUAL, Set.of()));
    }

    /** A partner with the same percentage of profit, loss and capital all year. */
    public SampleReturns partner(String name, int place, String role, String percent) {
        for (String measure : List.of("profit", "loss", "capital")) {
            fact("OWNERS/" + measure + "End@" + name, percent);
        }
        return owner(name, place).fact("OWNERS/role@" + name, role);
    }

    /** The percentages of profit, loss and capital that a partner held after a day. */
    public SampleReturns changed(String owner, String date, String percent) {
        String row = "%05d".formatted(++changes);
        for (String measure : List.of("profit", "loss", "capital")) {
            fact("OWNERSHIP/" + measure + "@" + row, percent);
        }
        return fact("OWNERSHIP/owner@" + row, owner).fact("OWNERSHIP/date@" + row, date);
    }

    /** Shares that somebody held after a day. */
    public SampleReturns shares(String owner, String date, String shares) {
        String row = "%05d".formatted(++changes);
        return fact("OWNERSHIP/owner@" + row, owner)
                .fact("OWNERSHIP/date@" + row, date)
                .fact("OWNERSHIP/shares@" + row, shares);
    }

    /** An owner with a place in the register. */
    public SampleReturns owner(String name, int place) {
        return fact("OWNERS/name@" + name, name)
                .fact("OWNERS/place@" + name, String.valueOf(place))
                .fact("OWNERS/kind@" + name, "individual")
                .fact("OWNERS/tin@" + name, "000-00-%04d".formatted(place));
    }

    public SampleReturns with(Heading newHeading) {
        heading = newHeading;
        return this;
    }

    /** The same return for another period. */
    public SampleReturns during(Period period) {
        return with(new Heading(heading.form(), heading.client(), period, heading.method(), heading.flags()));
    }

    /** An income-statement account, amount in the natural sign of its line; cash takes the other side. */
    public SampleReturns income(String number, String line, String treatment, String amount) {
        return onIncomeStatement(number, line, treatment, Money.parse(amount).negated());
    }

    /** An expense account; cash takes the other side. */
    public SampleReturns expense(String number, String line, String treatment, String amount) {
        return onIncomeStatement(number, line, treatment, Money.parse(amount));
    }

    /** A balance-sheet account that cash was paid out of, such as distributions. */
    public SampleReturns paidOut(String number, String line, String treatment, String amount) {
        return against(
                new Account(number, "Account " + number, StatementKind.BALANCE_SHEET, Money.ZERO, Money.parse(amount)),
                line,
                treatment);
    }

    private SampleReturns onIncomeStatement(String number, String line, String treatment, Money debit) {
        return against(
                new Account(number, "Account " + number, StatementKind.INCOME_STATEMENT, Money.ZERO, debit),
                line,
                treatment);
    }

    private SampleReturns against(Account account, String line, String treatment) {
        put(account, line, treatment);
        Account cash = accounts.getOrDefault(
                "1000", new Account("1000", "Cash", StatementKind.BALANCE_SHEET, Money.ZERO, Money.ZERO));
        put(
                new Account(
                        "1000",
                        "Cash",
                        StatementKind.BALANCE_SHEET,
                        cash.opening(),
                        cash.closing().minus(account.closing())),
                cashLine,
                "");
        return this;
    }

    /** An income-statement account that moves no cash, debit positive. */
    public SampleReturns noncash(String number, String line, String treatment, String debit) {
        put(
                new Account(
                        number, "Account " + number, StatementKind.INCOME_STATEMENT, Money.ZERO, Money.parse(debit)),
                line,
                treatment);
        return this;
    }

    /** A balance-sheet account, debit positive. */
    public SampleReturns balance(String number, String line, String opening, String closing) {
        put(
                new Account(
                        number,
                        "Account " + number,
                        StatementKind.BALANCE_SHEET,
                        Money.parse(opening),
                        Money.parse(closing)),
                line,
                "");
        return this;
    }

    /** A balance-sheet account under a treatment. */
    public SampleReturns balance(String number, String line, String treatment, String... balances) {
        balance(number, line, balances[0], balances[1]);
        mappings.put(number, new Mapping(LineKey.parse(line), treatment, true, "test"));
        return this;
    }

    /** The treatment of an account, where it is not the usual one. */
    public SampleReturns treated(String number, String treatment) {
        Mapping mapping = mappings.get(number);
        mappings.put(number, new Mapping(mapping.line(), treatment, true, "test"));
        return this;
    }

    /** The name of an account, where its name matters. */
    public SampleReturns named(String number, String name) {
        Account account = accounts.get(number);
        accounts.put(number, new Account(number, name, account.statement(), account.opening(), account.closing()));
        return this;
    }

    private void put(Account account, String line, String treatment) {
        accounts.put(account.number(), account);
        mappings.put(account.number(), new Mapping(LineKey.parse(line), treatment, true, "test"));
    }

    public SampleReturns fact(String key, String value) {
        facts.put(LineKey.parse(key), Fact.of(value));
        return this;
    }

    /** The same return with nothing typed there. */
    public SampleReturns without(String key) {
        facts.remove(LineKey.parse(key));
        return this;
    }

    public SampleReturns carried(CarryoverKind kind, int year, String amount) {
        carryovers.add(new Carryover(kind, year, Money.parse(amount)));
        return this;
    }

    public SampleReturns paid(Payment payment) {
        payments.add(payment);
        return this;
    }

    public Snapshot snapshot() {
        return Snapshot.empty(heading)
                .withAccounts(accounts)
                .withMappings(HashTreePMap.from(mappings))
                .withFacts(HashTreePMap.from(facts))
                .withLists(new Snapshot.Lists(List.of(), payments, carryovers));
    }

    public Calculation calculate() {
        return Returns.calculate(snapshot());
    }
}
