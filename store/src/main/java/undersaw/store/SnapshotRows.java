package undersaw.store;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.pcollections.HashTreePMap;
import undersaw.engagement.Carried;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.Heading;
import undersaw.engagement.PriorYear;
import undersaw.engagement.SetAside;
import undersaw.engagement.Snapshot;
import undersaw.engagement.WorksheetRow;
import undersaw.ledger.Account;
import undersaw.ledger.Carryover;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.Entry;
import undersaw.ledger.EntryKind;
import undersaw.ledger.EntryPosting;
import undersaw.ledger.Mapping;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.ledger.Repeats;
import undersaw.ledger.Split;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.money.Percent;

/** A snapshot in its tables: read whole, written change by change. */
final class SnapshotRows {
    private final Database database;
    private final AccountRows accounts = new AccountRows();

    SnapshotRows(Database database) {
        this.database = database;
    }

    private record MappingRow(
            String account,
            String line,
            String instance,
            String treatment,
            boolean confirmed,
            int confidence,
            String reason,
            String partner) {}

    private record SplitRow(
            String account,
            String line,
            String instance,
            String treatment,
            @Nullable String percent,
            @Nullable Long amount) {
        Split split() {
            return new Split(
                    LineId.of(line),
                    instance,
                    treatment,
                    percent == null ? null : Percent.of(percent),
                    amount == null ? null : Money.ofCents(amount));
        }
    }

    private record WorksheetLine(
            String line,
            String instance,
            String description,
            long amount,
            @Nullable String dated,
            String note) {
        WorksheetRow row() {
            return new WorksheetRow(
                    description, Money.ofCents(amount), dated == null ? null : LocalDate.parse(dated), note);
        }
    }

    private record PriorRow(String line, long amount) {}

    private record CarriedRow(String place, String value, String confirmed) {}

    private record FactRow(String line, String instance, String value, String reason, String typedBy, boolean waits) {}

    private record PaymentRow(String paid, String kind, long amount) {}

    private record CarryoverRow(String kind, int year, long amount) {}

    private record EntryRow(
            String entry, String kind, String dated, String memo, String account, long amount, String repeats) {}

    private record SetAsideRow(String diagnostic, String reason, String answeredBy, String saying) {}

    Snapshot read(long id, Heading heading) {
        Map<String, Account> byNumber = accounts.read(database.read(), id).stream()
                .collect(Collectors.toMap(Account::number, Function.identity()));
        return Snapshot.empty(heading)
                .withAccounts(byNumber)
                .withMappings(HashTreePMap.from(mappings(id)))
                .withFacts(HashTreePMap.from(facts(id)))
                .withSetAsides(HashTreePMap.from(setAsides(id)))
                .withWorksheets(HashTreePMap.from(worksheets(id)))
                .withCarried(HashTreePMap.from(carried(id)))
                .withPrior(prior(id))
                .withLists(new Snapshot.Lists(entries(id), payments(id), carryovers(id)));
    }

    private <T> List<T> rows(String sql, long id, Class<T> type) {
        return database.read().sql(sql).param(id).query(type).list();
    }

    private Map<String, Mapping> mappings(long id) {
        Map<String, List<Split>> splits = rows("""
                        select account, line, instance, treatment, percent, amount from mapping_split
                        where engagement = ? order by account, place""", id, SplitRow.class).stream()
                .collect(Collectors.groupingBy(
                        SplitRow::account, Collectors.mapping(SplitRow::split, Collectors.toList())));
        return rows("select * from mapping where engagement = ?", id, MappingRow.class).stream()
                .collect(Collectors.toMap(
                        MappingRow::account,
                        row -> new Mapping(
                                LineId.of(row.line()),
                                row.instance(),
                                row.treatment(),
                                splits.getOrDefault(row.account(), List.of()),
                                row.partner(),
                                row.confirmed(),
                                row.confidence(),
                                row.reason())));
    }

    private Map<LineKey, List<WorksheetRow>> worksheets(long id) {
        return rows("""
                        select line, instance, description, amount, dated, note from worksheet_row
                        where engagement = ? order by line, instance, place""", id, WorksheetLine.class).stream()
                .collect(Collectors.groupingBy(
                        row -> LineId.of(row.line()).in(row.instance()),
                        Collectors.mapping(WorksheetLine::row, Collectors.toList())));
    }

    private Map<String, Carried> carried(long id) {
        return rows("select place, value, confirmed from carried where engagement = ?", id, CarriedRow.class).stream()
                .collect(Collectors.toMap(CarriedRow::place, row -> new Carried(row.value(), row.confirmed())));
    }

    private Map<LineKey, Fact> facts(long id) {
        return rows(
                        "select line, instance, value, reason, typed_by, waits from fact where engagement = ?",
                        id,
                        FactRow.class)
                .stream()
                .collect(Collectors.toMap(
                        row -> LineId.of(row.line()).in(row.instance()),
                        row -> new Fact(row.value(), row.reason(), row.typedBy(), row.waits())));
    }

    private Map<String, SetAside> setAsides(long id) {
        return rows(
                        "select diagnostic, reason, answered_by, saying from set_aside where engagement = ?",
                        id,
                        SetAsideRow.class)
                .stream()
                .collect(Collectors.toMap(
                        SetAsideRow::diagnostic, row -> new SetAside(row.reason(), row.answeredBy(), row.saying())));
    }

    private List<Payment> payments(long id) {
        return rows("select paid, kind, amount from payment where engagement = ? order by place", id, PaymentRow.class)
                .stream()
                .map(row -> new Payment(
                        LocalDate.parse(row.paid()),
                        PaymentKind.parse(row.kind()).orElseThrow(),
                        Money.ofCents(row.amount())))
                .toList();
    }

    private List<Carryover> carryovers(long id) {
        return rows(
                        "select kind, year, amount from carryover where engagement = ? order by place",
                        id,
                        CarryoverRow.class)
                .stream()
                .map(row -> new Carryover(
                        CarryoverKind.parse(row.kind()).orElseThrow(), row.year(), Money.ofCents(row.amount())))
                .toList();
    }

    private List<Entry> entries(long id) {
        Map<String, List<EntryRow>> byEntry = new LinkedHashMap<>();
        rows("""
                        select entry, kind, dated, memo, account, amount, repeats from entry_posting
                        where engagement = ? order by place""", id, EntryRow.class)
                .forEach(row -> byEntry.computeIfAbsent(row.entry(), unused -> new ArrayList<>())
                        .add(row));
        return byEntry.values().stream().map(SnapshotRows::entry).toList();
    }

    private static Entry entry(List<EntryRow> rows) {
        EntryRow first = rows.get(0);
        return new Entry(
                first.entry(),
                EntryKind.parse(first.kind()).orElseThrow(),
                LocalDate.parse(first.dated()),
                first.memo(),
                rows.stream()
                        .map(row -> new EntryPosting(row.account(), Money.ofCents(row.amount())))
                        .toList(),
                Repeats.parse(first.repeats()).orElse(Repeats.ONCE));
    }

    /** Writes what a change changes, within the transaction of its revision. */
    void write(long id, Change change) {
        if (change instanceof Change.BooksReplaced replaced) {
            accounts.replace(database.write(), id, replaced.accounts());
            run(
                    "update engagement set source_file = ?, source_ledger = ? where id = ?",
                    replaced.source().file(),
                    replaced.source().ledger(),
                    id);
        } else if (change instanceof Change.AccountSet set) {
            accounts.put(database.write(), id, set.account());
        } else if (change instanceof Change.AccountRemoved gone) {
            accounts.remove(database.write(), id, gone.number());
        } else if (change instanceof Change.MappingsSet set) {
            set.byAccount().forEach((account, mapping) -> mapping(id, account, mapping));
        } else if (change instanceof Change.FactsSet set) {
            facts(id, set);
        } else if (change instanceof Change.QuerySetAside aside) {
            setAside(id, aside.diagnostic(), aside.answer());
        } else {
            lists(id, change);
        }
    }

    private void lists(long id, Change change) {
        if (change instanceof Change.PaymentsSet set) {
            clear("payment", id);
            for (int i = 0; i < set.payments().size(); i++) {
                Payment each = set.payments().get(i);
                run(
                        "insert into payment (engagement, place, paid, kind, amount) values (?, ?, ?, ?, ?)",
                        id,
                        i,
                        each.date().toString(),
                        each.kind().word(),
                        each.amount().cents());
            }
        } else if (change instanceof Change.CarryoversSet set) {
            clear("carryover", id);
            for (int i = 0; i < set.carryovers().size(); i++) {
                Carryover each = set.carryovers().get(i);
                run(
                        "insert into carryover (engagement, place, kind, year, amount) values (?, ?, ?, ?, ?)",
                        id,
                        i,
                        each.kind().word(),
                        each.year(),
                        each.amount().cents());
            }
        } else if (change instanceof Change.EntriesSet set) {
            entries(id, set.entries());
        } else if (change instanceof Change.WorksheetSet set) {
            worksheet(id, set);
        } else if (change instanceof Change.CarriedSet set) {
            set.byPlace().forEach((place, mark) -> carried(id, place, mark));
        } else if (change instanceof Change.PriorSet set) {
            prior(id, set.prior());
        } else {
            throw new IllegalArgumentException(
                    "nothing keeps " + change.getClass().getSimpleName());
        }
    }

    private PriorYear prior(long id) {
        Map<LineId, Money> lines =
                rows("select line, amount from prior_line where engagement = ?", id, PriorRow.class).stream()
                        .collect(Collectors.toMap(row -> LineId.of(row.line()), row -> Money.ofCents(row.amount())));
        return lines.isEmpty()
                ? PriorYear.none()
                : new PriorYear(
                        database.read()
                                .sql("select prior_end from engagement where id = ?")
                                .param(id)
                                .query(String.class)
                                .optional()
                                .map(LocalDate::parse)
                                .orElse(null),
                        lines);
    }

    private void prior(long id, PriorYear prior) {
        clear("prior_line", id);
        run(
                "update engagement set prior_end = ? where id = ?",
                prior.end() == null ? null : prior.end().toString(),
                id);
        prior.lines()
                .forEach((line, amount) -> run(
                        "insert into prior_line (engagement, line, amount) values (?, ?, ?)",
                        id,
                        line.text(),
                        amount.cents()));
    }

    private void entries(long id, List<Entry> entries) {
        clear("entry_posting", id);
        int place = 0;
        for (Entry entry : entries) {
            for (EntryPosting posting : entry.postings()) {
                run(
                        """
                        insert into entry_posting
                        (engagement, place, entry, kind, dated, memo, account, amount, repeats)
                        values (?, ?, ?, ?, ?, ?, ?, ?, ?)""",
                        id,
                        place++,
                        entry.number(),
                        entry.kind().word(),
                        entry.date().toString(),
                        entry.memo(),
                        posting.account(),
                        posting.amount().cents(),
                        entry.repeats().word());
            }
        }
    }

    private void mapping(long id, String account, @Nullable Mapping mapping) {
        run("delete from mapping_split where engagement = ? and account = ?", id, account);
        if (mapping == null) {
            run("delete from mapping where engagement = ? and account = ?", id, account);
        } else {
            run(
                    """
                    insert into mapping
                    (engagement, account, line, instance, treatment, confirmed, confidence, reason, partner)
                    values (?, ?, ?, ?, ?, ?, ?, ?, ?)
                    on conflict (engagement, account) do update set line = excluded.line,
                      instance = excluded.instance, treatment = excluded.treatment, confirmed = excluded.confirmed,
                      confidence = excluded.confidence, reason = excluded.reason, partner = excluded.partner""",
                    id,
                    account,
                    mapping.line().text(),
                    mapping.instance(),
                    mapping.treatment(),
                    mapping.confirmed() ? 1 : 0,
                    mapping.confidence(),
                    mapping.reason(),
                    mapping.partner());
            splits(id, account, mapping.splits());
        }
    }

    private void splits(long id, String account, List<Split> splits) {
        for (int i = 0; i < splits.size(); i++) {
            Split split = splits.get(i);
            run(
                    """
                    insert into mapping_split (engagement, account, place, line, instance, treatment, percent, amount)
                    values (?, ?, ?, ?, ?, ?, ?, ?)""",
                    id,
                    account,
                    i,
                    split.line().text(),
                    split.instance(),
                    split.treatment(),
                    split.percent() == null ? null : split.percent().value().toPlainString(),
                    split.amount() == null ? null : split.amount().cents());
        }
    }

    private void worksheet(long id, Change.WorksheetSet set) {
        LineKey key = set.key();
        run(
                "delete from worksheet_row where engagement = ? and line = ? and instance = ?",
                id,
                key.line().text(),
                key.instance());
        for (int i = 0; i < set.rows().size(); i++) {
            WorksheetRow row = set.rows().get(i);
            run(
                    """
                    insert into worksheet_row (engagement, line, instance, place, description, amount, dated, note)
                    values (?, ?, ?, ?, ?, ?, ?, ?)""",
                    id,
                    key.line().text(),
                    key.instance(),
                    i,
                    row.description(),
                    row.amount().cents(),
                    row.date() == null ? null : row.date().toString(),
                    row.note());
        }
        write(id, set.asFact());
    }

    private void carried(long id, String place, @Nullable Carried mark) {
        run("delete from carried where engagement = ? and place = ?", id, place);
        if (mark != null) {
            run(
                    "insert into carried (engagement, place, value, confirmed) values (?, ?, ?, ?)",
                    id,
                    place,
                    mark.value(),
                    mark.confirmed());
        }
    }

    private void facts(long id, Change.FactsSet set) {
        List<Object[]> gone = new ArrayList<>();
        List<Object[]> typed = new ArrayList<>();
        set.byKey().forEach((key, fact) -> {
            if (fact == null) {
                gone.add(new Object[] {id, key.line().text(), key.instance()});
            } else {
                typed.add(new Object[] {
                    id, key.line().text(), key.instance(), fact.value(), fact.reason(), fact.by(), fact.waits() ? 1 : 0
                });
            }
        });
        database.writeMany("delete from fact where engagement = ? and line = ? and instance = ?", gone);
        database.writeMany("""
                insert into fact (engagement, line, instance, value, reason, typed_by, waits)
                values (?, ?, ?, ?, ?, ?, ?)
                on conflict (engagement, line, instance) do update set value = excluded.value,
                  reason = excluded.reason, typed_by = excluded.typed_by, waits = excluded.waits""", typed);
    }

    private void setAside(long id, String diagnostic, @Nullable SetAside answer) {
        run("delete from set_aside where engagement = ? and diagnostic = ?", id, diagnostic);
        if (answer != null) {
            run("""
                    insert into set_aside (engagement, diagnostic, reason, answered_by, saying)
                    values (?, ?, ?, ?, ?)""", id, diagnostic, answer.reason(), answer.by(), answer.saying());
        }
    }

    private void clear(String table, long id) {
        run("delete from " + table + " where engagement = ?", id);
    }

    private void run(String sql, @Nullable Object... values) {
        database.write().sql(sql).params(values).update();
    }
}
