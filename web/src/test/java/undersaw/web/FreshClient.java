package undersaw.web;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import undersaw.calc.Calculation;
import undersaw.engagement.AccountingMethod;
import undersaw.engagement.Activity;
import undersaw.engagement.Address;
import undersaw.engagement.Change;
import undersaw.engagement.Client;
import undersaw.engagement.Contact;
import undersaw.engagement.Fact;
import undersaw.engagement.Heading;
import undersaw.engagement.TaxpayerNumber;
import undersaw.law.calendar.Period;
import undersaw.ledger.Account;
import undersaw.ledger.BooksSource;
import undersaw.ledger.Mapping;
import undersaw.ledger.StatementKind;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.web.desk.Workspace;

/** An engagement of a test's own, so that tests do not meet on the demo's. */
public final class FreshClient {
    private final Workspace workspace;
    private final long id;

    private FreshClient(Workspace workspace, long id) {
        this.workspace = workspace;
        this.id = id;
    }

    /** A corporation that sold 400,000 and spent 150,000 in cash in 2025; its books are mapped and balance. */
    public static FreshClient begin(Office.Running office, String name) {
        Workspace workspace = office.bean(Workspace.class);
        Client client = new Client(
                name,
                new TaxpayerNumber("00" + String.format("%07d", Math.abs(name.hashCode()) % 10_000_000)),
                new Address("1 Quay", "", "Marrow Bay", "ME", "04999", "US"),
                LocalDate.of(2001, 3, 1),
                "ME",
                new Activity("311710", "Canning", "Fish"),
                new Contact("P. Test", "President", "", ""));
        Heading heading = new Heading("1120", client, Period.calendarYear(2025), AccountingMethod.ACCRUAL, Set.of());
        FreshClient fresh = new FreshClient(workspace, workspace.begin(heading, "test"));
        fresh.change(new Change.BooksReplaced(
                List.of(
                        balance("1010", "Cash", 250_000),
                        result("4010", "Sales", -400_000),
                        result("6010", "Wages", 150_000)),
                BooksSource.NONE));
        Map<String, @Nullable Mapping> mappings = new TreeMap<>();
        mappings.put("1010", mapping("1120/L/1", ""));
        mappings.put("4010", mapping("1120/1a", "full"));
        mappings.put("6010", mapping("1120/13", "full"));
        fresh.change(new Change.MappingsSet(mappings));
        return fresh;
    }

    private static Account balance(String number, String name, long dollars) {
        return new Account(number, name, StatementKind.BALANCE_SHEET, Money.ZERO, Money.ofDollars(dollars));
    }

    private static Account result(String number, String name, long dollars) {
        return new Account(number, name, StatementKind.INCOME_STATEMENT, Money.ZERO, Money.ofDollars(dollars));
    }

    private static Mapping mapping(String line, String treatment) {
        return new Mapping(LineId.of(line), treatment, true, "test");
    }

    /** Keeps a change as somebody's edit would. */
    public FreshClient change(Change change) {
        workspace.change(id, "test", open -> change);
        return this;
    }

    public FreshClient fact(String key, String value) {
        return change(new Change.FactsSet(Map.of(LineKey.parse(key), Fact.of(value))));
    }

    public long id() {
        return id;
    }

    /** The address of a page of this engagement. */
    public String at(String page) {
        return "/e/" + id + "/" + page;
    }

    public Calculation calculation() {
        return workspace.open(id).calculation();
    }

    public long amount(String line) {
        return calculation().amount(LineId.of(line)).dollars();
    }

    public long revision() {
        return workspace.open(id).revision();
    }
}
