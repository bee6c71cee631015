package undersaw.files.folder;

import java.math.BigDecimal;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import org.pcollections.HashTreePMap;
import undersaw.calc.Plan;
import undersaw.engagement.Carried;
import undersaw.engagement.Snapshot;
import undersaw.engagement.WorksheetRow;
import undersaw.files.FileFault;
import undersaw.files.folder.CsvTable.Columns;
import undersaw.files.folder.CsvTable.Row;
import undersaw.ledger.Entry;
import undersaw.ledger.Mapping;
import undersaw.ledger.Repeats;
import undersaw.ledger.Split;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.money.Percent;
import undersaw.registry.Returns;

/**
 * What preparers add to the books: split accounts ({@code splits.csv}), accounts read together ({@code pairs.csv}),
 * entries that come again ({@code repeats.csv}), rows behind lines ({@code worksheets.csv}) and figures from last year
 * ({@code carried.csv}). Additions of ours to the format; absent files mean none.
 */
final class WorkFiles {
    static final String SPLITS = "splits.csv";
    static final String PAIRS = "pairs.csv";
    static final String REPEATS = "repeats.csv";
    static final String WORKSHEETS = "worksheets.csv";
    static final String CARRIED = "carried.csv";
    private static final List<String> SPLIT_COLUMNS = List.of("account", "line", "treatment", "percent", "amount");
    private static final List<String> SPLIT_WRITTEN =
            List.of("account", "line", "instance", "treatment", "percent", "amount");
    private static final List<String> PAIR_COLUMNS = List.of("account", "partner");
    private static final List<String> REPEAT_COLUMNS = List.of("entry", "repeats");
    private static final List<String> WORKSHEET_COLUMNS =
            List.of("line", "instance", "description", "amount", "date", "note");
    private static final List<String> CARRIED_COLUMNS = List.of("place", "value", "confirmed");

    private WorkFiles() {}

    static Snapshot read(Snapshot snapshot, Map<String, FolderFile> files, List<FileFault> faults) {
        Map<String, Mapping> mappings = new TreeMap<>(snapshot.mappings());
        Map<String, Repeats> repeats = new HashMap<>();
        Map<LineKey, List<WorksheetRow>> worksheets = new HashMap<>();
        Map<String, Carried> carried = new HashMap<>();
        Reading reading = new Reading(files, faults);
        Plan plan = Returns.of(snapshot).plan(snapshot.heading().period().lawYear());
        reading.each(SPLITS, new Columns(SPLIT_COLUMNS, SPLIT_WRITTEN), row -> split(row, plan, mappings));
        reading.each(PAIRS, PAIR_COLUMNS, row -> pair(row, snapshot, mappings));
        reading.each(
                REPEATS,
                REPEAT_COLUMNS,
                row -> Repeats.parse(row.text("repeats"))
                        .ifPresentOrElse(
                                word -> repeats.put(row.text("entry"), word),
                                () -> row.fault("repeats", "expected once, recurring or reversing")));
        reading.each(WORKSHEETS, WORKSHEET_COLUMNS, row -> worksheet(row, plan, worksheets));
        reading.each(
                CARRIED,
                CARRIED_COLUMNS,
                row -> carried.put(row.text("place"), new Carried(row.text("value"), row.text("confirmed"))));
        List<Entry> entries = snapshot.lists().entries().stream()
                .map(entry -> new Entry(
                        entry.number(),
                        entry.kind(),
                        entry.date(),
                        entry.memo(),
                        entry.postings(),
                        repeats.getOrDefault(entry.number(), Repeats.ONCE)))
                .toList();
        return snapshot.withMappings(HashTreePMap.from(mappings))
                .withLists(snapshot.lists().withEntries(entries))
                .withWorksheets(HashTreePMap.from(worksheets))
                .withCarried(HashTreePMap.from(carried));
    }

    /** The folder's files while they are read. */
    private record Reading(Map<String, FolderFile> files, List<FileFault> faults) {
        void each(String name, List<String> columns, Consumer<Row> take) {
            each(name, new Columns(columns, columns), take);
        }

        void each(String name, Columns columns, Consumer<Row> take) {
            if (files.containsKey(name)) {
                CsvTable.read(files.get(name), columns, faults, take);
            }
        }
    }

    private static void split(Row row, Plan plan, Map<String, Mapping> mappings) {
        Mapping mapping = mappings.get(row.text("account"));
        String line = row.text("line");
        Optional<Split> split = measured(row);
        if (mapping == null) {
            row.fault("account", "expected an account that stands in mapping.csv, where its rest goes");
        } else if (!LineId.isShaped(line) || plan.target(LineId.of(line)).isEmpty()) {
            row.fault("line", "expected a line that accounts can feed, such as 1120/26");
        } else if (split.isEmpty()) {
            row.fault("percent", "expected either a percentage from 0 to 100 or an amount");
        } else {
            List<Split> splits = new ArrayList<>(mapping.splits());
            splits.add(split.get());
            mappings.put(row.text("account"), mapping.withSplits(splits));
        }
    }

    private static Optional<Split> measured(Row row) {
        String percent = row.text("percent");
        String amount = row.text("amount");
        LineId line = LineId.isShaped(row.text("line")) ? LineId.of(row.text("line")) : LineId.of("1/1");
        if (amount.isEmpty() && percent.matches("\\d{1,3}(\\.\\d{1,6})?")) {
            Percent share = Percent.of(percent);
            return share.value().compareTo(BigDecimal.valueOf(100)) > 0
                    ? Optional.empty()
                    : Optional.of(new Split(line, row.text("instance"), row.text("treatment"), share, null));
        }
        return percent.isEmpty() && Money.isPlain(amount)
                ? Optional.of(new Split(line, row.text("instance"), row.text("treatment"), null, Money.parse(amount)))
                : Optional.empty();
    }

    private static void pair(Row row, Snapshot snapshot, Map<String, Mapping> mappings) {
        Mapping mapping = mappings.get(row.text("account"));
        if (mapping == null || !snapshot.accounts().containsKey(row.text("partner"))) {
            row.fault("partner", "expected two accounts of the trial balance, the first of them mapped");
        } else {
            mappings.put(row.text("account"), mapping.withPartner(row.text("partner")));
        }
    }

    private static void worksheet(Row row, Plan plan, Map<LineKey, List<WorksheetRow>> worksheets) {
        String line = row.text("line");
        if (!LineId.isShaped(line) || plan.line(LineId.of(line)).isEmpty()) {
            row.fault("line", "expected a line of the return");
        } else if (!Money.isPlain(row.text("amount"))) {
            row.fault("amount", "expected a plain decimal such as 12500.00");
        } else {
            try {
                LocalDate date = row.text("date").isEmpty() ? null : LocalDate.parse(row.text("date"));
                worksheets
                        .computeIfAbsent(LineId.of(line).in(row.text("instance")), unused -> new ArrayList<>())
                        .add(new WorksheetRow(
                                row.text("description"), Money.parse(row.text("amount")), date, row.text("note")));
            } catch (DateTimeException notADate) {
                row.fault("date", "expected a date such as 2025-12-31");
            }
        }
    }

    static List<FolderFile> write(Snapshot snapshot) {
        List<List<String>> splits = new ArrayList<>();
        List<List<String>> pairs = new ArrayList<>();
        new TreeMap<>(snapshot.mappings()).forEach((account, mapping) -> {
            mapping.splits().forEach(split -> splits.add(row(account, split)));
            if (!mapping.partner().isEmpty()) {
                pairs.add(List.of(account, mapping.partner()));
            }
        });
        List<List<String>> repeats = snapshot.lists().entries().stream()
                .filter(entry -> entry.repeats() != Repeats.ONCE)
                .map(entry -> List.of(entry.number(), entry.repeats().word()))
                .toList();
        List<List<String>> worksheets = new ArrayList<>();
        new TreeMap<>(snapshot.worksheets())
                .forEach((key, rows) -> rows.forEach(row -> worksheets.add(List.of(
                        key.line().text(),
                        key.instance(),
                        row.description(),
                        row.amount().toString(),
                        row.date() == null ? "" : row.date().toString(),
                        row.note()))));
        List<List<String>> carried = new ArrayList<>();
        new TreeMap<>(snapshot.carried())
                .forEach((place, mark) -> carried.add(List.of(place, mark.value(), mark.confirmed())));
        List<FolderFile> files = new ArrayList<>();
        CsvTable.add(files, SPLITS, SPLIT_WRITTEN, splits);
        CsvTable.add(files, PAIRS, PAIR_COLUMNS, pairs);
        CsvTable.add(files, REPEATS, REPEAT_COLUMNS, repeats);
        CsvTable.add(files, WORKSHEETS, WORKSHEET_COLUMNS, worksheets);
        CsvTable.add(files, CARRIED, CARRIED_COLUMNS, carried);
        return files;
    }

    private static List<String> row(String account, Split split) {
        return List.of(
                account,
                split.line().text(),
                split.instance(),
                split.treatment(),
                split.percent() == null ? "" : split.percent().value().toPlainString(),
                split.amount() == null ? "" : split.amount().toString());
    }
}
