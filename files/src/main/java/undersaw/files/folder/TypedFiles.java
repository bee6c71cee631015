package undersaw.files.folder;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Function;
import org.pcollections.HashTreePMap;
import undersaw.calc.Plan;
import undersaw.engagement.Fact;
import undersaw.engagement.PriorYear;
import undersaw.engagement.SetAside;
import undersaw.engagement.Snapshot;
import undersaw.files.FileFault;
import undersaw.files.folder.CsvTable.Row;
import undersaw.form.Line;
import undersaw.ledger.Carryover;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.registry.Returns;

/** {@code facts.csv}, {@code payments.csv}, {@code carryovers.csv}, answered queries and last year's lines. */
final class TypedFiles {
    static final String FACTS = "facts.csv";
    static final String PAYMENTS = "payments.csv";
    static final String CARRYOVERS = "carryovers.csv";
    static final String SET_ASIDES = "set-asides.csv";
    static final String PRIOR_LINES = "prior-lines.csv";
    private static final List<String> FACT_COLUMNS = List.of("line", "instance", "value");
    private static final List<String> PAYMENT_COLUMNS = List.of("date", "kind", "amount");
    private static final List<String> CARRYOVER_COLUMNS = List.of("kind", "year", "amount");
    private static final List<String> SET_ASIDE_COLUMNS = List.of("diagnostic", "reason", "by", "saying");
    private static final List<String> PRIOR_COLUMNS = List.of("line", "amount");

    private TypedFiles() {}

    static Snapshot read(Snapshot snapshot, Map<String, FolderFile> files, List<FileFault> faults) {
        Map<LineKey, Fact> facts = new HashMap<>();
        List<Payment> payments = new ArrayList<>();
        List<Carryover> carryovers = new ArrayList<>();
        Map<String, SetAside> setAsides = new HashMap<>();
        Map<LineId, Money> prior = new HashMap<>();
        Plan plan = Returns.of(snapshot).plan(snapshot.heading().period().lawYear());
        each(files, FACTS, FACT_COLUMNS, faults).forEach(row -> fact(row, plan, facts));
        each(files, PAYMENTS, PAYMENT_COLUMNS, faults).forEach(row -> payment(row, payments));
        each(files, CARRYOVERS, CARRYOVER_COLUMNS, faults).forEach(row -> carryover(row, carryovers));
        each(files, SET_ASIDES, SET_ASIDE_COLUMNS, faults)
                .forEach(row -> setAsides.put(
                        row.text("diagnostic"), new SetAside(row.text("reason"), row.text("by"), row.text("saying"))));
        each(files, PRIOR_LINES, PRIOR_COLUMNS, faults)
                .forEach(row -> amount(row)
                        .filter(amount -> LineId.isShaped(row.text("line")))
                        .ifPresent(amount -> prior.put(LineId.of(row.text("line")), amount)));
        LocalDate before =
                prior.isEmpty() ? null : snapshot.heading().period().start().minusDays(1);
        return snapshot.withFacts(HashTreePMap.from(facts))
                .withLists(snapshot.lists().withPayments(payments).withCarryovers(carryovers))
                .withSetAsides(HashTreePMap.from(setAsides))
                .withPrior(new PriorYear(before, prior));
    }

    private static List<Row> each(
            Map<String, FolderFile> files, String name, List<String> columns, List<FileFault> faults) {
        List<Row> rows = new ArrayList<>();
        if (files.containsKey(name)) {
            CsvTable.read(files.get(name), columns, faults, rows::add);
        }
        return rows;
    }

    private static void fact(Row row, Plan plan, Map<LineKey, Fact> facts) {
        String line = row.text("line");
        if (!LineId.isShaped(line)) {
            row.fault("line", "expected a line such as 1120/J/5c");
            return;
        }
        LineId id = LineId.of(line);
        Optional<Line> known = plan.line(id);
        if (line.startsWith("BOOKS/")) {
            facts.put(id.in(row.text("instance")), Fact.of(row.text("value")));
            return;
        }
        Optional<String> value = known.isPresent()
                ? known.get().read(row.text("value"))
                : Optional.of(row.text("value")).filter(Money::isPlain);
        if (known.isEmpty() && !line.startsWith("TREAT/")) {
            row.fault("line", "expected a line of the return, or TREAT/ and a treatment");
        } else if (value.isEmpty()) {
            row.fault("value", "expected " + known.map(Line::expected).orElse("a plain amount"));
        } else {
            facts.put(id.in(row.text("instance")), new Fact(value.get(), "", ""));
        }
    }

    private static void payment(Row row, List<Payment> payments) {
        Optional<PaymentKind> kind = PaymentKind.parse(row.text("kind"));
        Optional<Money> amount = amount(row);
        if (kind.isEmpty()) {
            row.fault("kind", "expected estimated, extension, withheld or overpayment-applied");
        }
        try {
            LocalDate date = LocalDate.parse(row.text("date"));
            if (kind.isPresent() && amount.isPresent()) {
                payments.add(new Payment(date, kind.get(), amount.get()));
            }
        } catch (DateTimeParseException notADate) {
            row.fault("date", "expected a date such as 2025-04-15");
        }
    }

    private static void carryover(Row row, List<Carryover> carryovers) {
        Optional<CarryoverKind> kind = CarryoverKind.parse(row.text("kind"));
        Optional<Money> amount = amount(row);
        if (kind.isEmpty()) {
            row.fault("kind", "expected nol, charitable, capital-loss, 163j, general-credit or section-179");
        } else if (!row.text("year").matches("\\d{4}")) {
            row.fault("year", "expected a year of four digits");
        } else if (amount.isPresent()) {
            carryovers.add(new Carryover(kind.get(), Integer.parseInt(row.text("year")), amount.get()));
        }
    }

    private static Optional<Money> amount(Row row) {
        String text = row.text("amount");
        if (!Money.isPlain(text)) {
            row.fault("amount", "expected a plain decimal such as 12500.00");
            return Optional.empty();
        }
        return Optional.of(Money.parse(text));
    }

    static List<FolderFile> write(Snapshot snapshot) {
        List<FolderFile> files = new ArrayList<>();
        Map<LineKey, Fact> facts = new TreeMap<>(snapshot.facts());
        facts.keySet().removeAll(ListFiles.held(snapshot));
        Map<String, SetAside> answers = new TreeMap<>(snapshot.setAsides());
        Map<LineId, Money> prior = new TreeMap<>(snapshot.prior().lines());
        CsvTable.add(files, FACTS, FACT_COLUMNS, rows(facts.keySet(), key -> row(key, facts.get(key))));
        CsvTable.add(files, PAYMENTS, PAYMENT_COLUMNS, rows(snapshot.lists().payments(), TypedFiles::row));
        CsvTable.add(files, CARRYOVERS, CARRYOVER_COLUMNS, rows(snapshot.lists().carryovers(), TypedFiles::row));
        CsvTable.add(files, SET_ASIDES, SET_ASIDE_COLUMNS, rows(answers.keySet(), key -> row(key, answers.get(key))));
        CsvTable.add(files, PRIOR_LINES, PRIOR_COLUMNS, rows(prior.keySet(), line -> row(line, prior.get(line))));
        return files;
    }

    private static List<String> row(LineKey key, Fact fact) {
        return List.of(key.line().text(), key.instance(), fact.value());
    }

    private static List<String> row(Payment payment) {
        return List.of(
                payment.date().toString(),
                payment.kind().word(),
                payment.amount().toString());
    }

    private static List<String> row(Carryover carryover) {
        return List.of(
                carryover.kind().word(),
                String.valueOf(carryover.year()),
                carryover.amount().toString());
    }

    private static List<String> row(LineId line, Money amount) {
        return List.of(line.text(), amount.toString());
    }

    private static <T> List<List<String>> rows(Collection<T> items, Function<T, List<String>> row) {
        return items.stream().map(row).toList();
    }

    private static List<String> row(String diagnostic, SetAside aside) {
        return List.of(diagnostic, aside.reason(), aside.by(), aside.saying());
    }
}
