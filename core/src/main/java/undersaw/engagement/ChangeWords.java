package undersaw.engagement;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import undersaw.ledger.Account;
import undersaw.ledger.BooksSource;
import undersaw.ledger.Carryover;
import undersaw.ledger.Entry;
import undersaw.ledger.Mapping;
import undersaw.ledger.Payment;

/**
 * A change in words, for the audit trail.
 *
 * @param what what was changed
 * @param before what stood there
 * @param after what stands there now
 */
public record ChangeWords(String what, String before, String after) {
    /** Of lists of thousands of rows the trail names so many, and says how many more there are. */
    private static final int NAMED = 400;

    /** The words of a change against the snapshot before it. */
    public static ChangeWords of(Change change, Snapshot before) {
        if (change instanceof Change.HeadingSet set) {
            return headings(before.heading(), set.heading());
        }
        if (change instanceof Change.Several several) {
            return several(several, before);
        }
        if (change instanceof Change.BooksReplaced replaced) {
            return new ChangeWords(
                    "Trial balance",
                    before.accounts().size() + " accounts" + from(before.source()),
                    replaced.accounts().size() + " accounts" + from(replaced.source()));
        }
        if (change instanceof Change.AccountSet set) {
            return new ChangeWords(
                    "Account " + set.account().number(),
                    words(before.accounts().get(set.account().number())),
                    words(set.account()));
        }
        if (change instanceof Change.AccountRemoved gone) {
            return new ChangeWords(
                    "Account " + gone.number(), words(before.accounts().get(gone.number())), "removed");
        }
        if (change instanceof Change.MappingsSet set) {
            return mappings(set, before);
        }
        if (change instanceof Change.FactsSet set) {
            return facts(set, before);
        }
        if (change instanceof Change.QuerySetAside aside) {
            return new ChangeWords(
                    "Query " + aside.diagnostic(),
                    before.setAsides().containsKey(aside.diagnostic()) ? "set aside" : "open",
                    aside.answer() == null
                            ? "open"
                            : "set aside: " + aside.answer().reason());
        }
        return lists(change, before);
    }

    private static String from(BooksSource source) {
        return source.file().isEmpty() ? "" : " from " + source.file();
    }

    private static ChangeWords several(Change.Several several, Snapshot before) {
        List<ChangeWords> each = new ArrayList<>();
        Snapshot snapshot = before;
        for (Change change : several.changes()) {
            each.add(of(change, snapshot));
            snapshot = change.applyTo(snapshot);
        }
        return new ChangeWords(
                each.stream().map(ChangeWords::what).distinct().collect(Collectors.joining(", ")),
                each.stream().map(ChangeWords::before).collect(Collectors.joining("; ")),
                each.stream().map(ChangeWords::after).collect(Collectors.joining("; ")));
    }

    private static ChangeWords lists(Change change, Snapshot before) {
        if (change instanceof Change.PaymentsSet set) {
            return new ChangeWords(
                    "Payments",
                    listed(before.lists().payments(), ChangeWords::words),
                    listed(set.payments(), ChangeWords::words));
        }
        if (change instanceof Change.CarryoversSet set) {
            return new ChangeWords(
                    "Carryovers",
                    listed(before.lists().carryovers(), ChangeWords::words),
                    listed(set.carryovers(), ChangeWords::words));
        }
        if (change instanceof Change.WorksheetSet set) {
            return new ChangeWords(
                    "Worksheet of " + set.key(),
                    listed(before.worksheets().getOrDefault(set.key(), List.of()), ChangeWords::words),
                    listed(set.rows(), ChangeWords::words));
        }
        if (change instanceof Change.CarriedSet set) {
            return carried(set);
        }
        if (change instanceof Change.PriorSet set) {
            return new ChangeWords(
                    "Last year's figures",
                    before.prior().lines().size() + " lines",
                    set.prior().lines().size() + " lines");
        }
        Change.EntriesSet set = (Change.EntriesSet) change;
        return entries(before.lists().entries(), set.entries());
    }

    private static String words(@Nullable Account account) {
        return account == null
                ? "none"
                : account.name() + ", "
                        + (account.onIncomeStatement()
                                ? "income statement"
                                : "balance sheet, opens with "
                                        + account.opening().printedWithCents())
                        + ", " + account.closing().printedWithCents();
    }

    private static String words(Payment payment) {
        return payment.kind().caption() + " " + payment.date() + " "
                + payment.amount().printedWithCents();
    }

    private static String words(Carryover carryover) {
        return carryover.kind().caption() + " of " + carryover.year() + " "
                + carryover.amount().printedWithCents();
    }

    private static String words(WorksheetRow row) {
        return row.description() + " " + row.amount().printedWithCents();
    }

    private static <T> String listed(List<T> all, Function<T, String> words) {
        return all.isEmpty() ? "none" : all.stream().map(words).collect(Collectors.joining("; "));
    }

    private static ChangeWords carried(Change.CarriedSet set) {
        long confirmed = set.byPlace().values().stream()
                .filter(mark -> mark != null && !mark.isOpen())
                .count();
        return new ChangeWords(
                "From last year",
                set.byPlace().size() == 1
                        ? set.byPlace().keySet().iterator().next()
                        : set.byPlace().size() + " places",
                confirmed + " confirmed");
    }

    /** Only the entries that differ. */
    private static ChangeWords entries(List<Entry> before, List<Entry> after) {
        List<Entry> gone = new ArrayList<>(before);
        gone.removeAll(after);
        List<Entry> come = new ArrayList<>(after);
        come.removeAll(before);
        return new ChangeWords("Entries", words(gone), words(come));
    }

    private static String words(List<Entry> entries) {
        return entries.isEmpty()
                ? "none"
                : entries.stream()
                        .map(entry -> entry.number() + " " + entry.kind().word() + " " + entry.memo() + " "
                                + entry.postings().stream()
                                        .map(posting -> posting.account() + " "
                                                + posting.amount().printed())
                                        .toList())
                        .collect(Collectors.joining("; "));
    }

    private static ChangeWords mappings(Change.MappingsSet set, Snapshot before) {
        Map<String, String> old = new TreeMap<>();
        Map<String, String> now = new TreeMap<>();
        set.byAccount().forEach((account, mapping) -> {
            old.put(account, words(before.mappings().get(account)));
            now.put(account, words(mapping));
        });
        return new ChangeWords("Mapping", joined(old), joined(now));
    }

    private static ChangeWords facts(Change.FactsSet set, Snapshot before) {
        Map<String, String> old = new TreeMap<>();
        Map<String, String> now = new TreeMap<>();
        set.byKey().forEach((key, fact) -> {
            old.put(key.toString(), TaxpayerNumber.hide(words(before.facts().get(key))));
            now.put(key.toString(), TaxpayerNumber.hide(words(fact)));
        });
        return new ChangeWords("Typed figures", joined(old), joined(now));
    }

    private static String joined(Map<String, String> words) {
        int more = words.size() - NAMED;
        return words.entrySet().stream()
                        .limit(NAMED)
                        .map(each -> each.getKey() + " " + each.getValue())
                        .collect(Collectors.joining("; "))
                + (more > 0 ? "; and " + more + " more" : "");
    }

    private static String words(@Nullable Mapping mapping) {
        return mapping == null
                ? "nowhere"
                : mapping.place() + " " + mapping.treatment()
                        + mapping.splits().stream()
                                .map(split ->
                                        " and " + split.words() + " to " + split.place() + " " + split.treatment())
                                .collect(Collectors.joining())
                        + (mapping.partner().isEmpty() ? "" : " with " + mapping.partner())
                        + (mapping.confirmed() ? "" : " (suggested)");
    }

    private static String words(@Nullable Fact fact) {
        return fact == null ? "nothing" : fact.value() + (fact.reason().isEmpty() ? "" : " (" + fact.reason() + ")");
    }

    /** Only the facts that differ. */
    private static ChangeWords headings(Heading before, Heading after) {
        Map<String, String> old = facts(before);
        Map<String, String> now = facts(after);
        now.entrySet().removeIf(each -> each.getValue().equals(old.get(each.getKey())));
        old.keySet().retainAll(now.keySet());
        return new ChangeWords("Client and period", joined(old), joined(now));
    }

    /** Taxpayer numbers stay masked in the trail; a change of one still shows. */
    private static Map<String, String> facts(Heading heading) {
        Client client = heading.client();
        Address address = client.address();
        Map<String, String> facts = new TreeMap<>();
        facts.put("name", client.name());
        facts.put("number", client.number().masked());
        facts.put(
                "address",
                String.join(
                        " ",
                        address.line1(),
                        address.line2(),
                        address.city(),
                        address.region(),
                        address.postalCode(),
                        address.country()));
        facts.put("formed", client.formed() + " " + client.formedIn());
        facts.put("activity", client.activity().code() + " " + client.activity().activity());
        facts.put("product", client.activity().product());
        facts.put("signer", client.contact().name() + " " + client.contact().title());
        facts.put("contact", client.contact().phone() + " " + client.contact().email());
        facts.put("period", heading.period().start() + " to " + heading.period().end());
        facts.put("method", heading.text(HeadingField.METHOD));
        facts.put(
                "special",
                heading.flags().stream()
                        .map(Heading.Flag::words)
                        .sorted()
                        .toList()
                        .toString());
        return facts;
    }
}
