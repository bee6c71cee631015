package undersaw.engagement;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import undersaw.ledger.BooksSource;
import undersaw.ledger.Entry;
import undersaw.ledger.Mapping;

/**
 * A change in words, for the audit trail.
 *
 * @param what what was changed
 * @param before what stood there
 * @param after what stands there now
 */
public record ChangeWords(String what, String before, String after) {
    private static final int LONGEST = 2000;

    /** Cuts very long words. */
    public ChangeWords {
        before = cut(before);
        after = cut(after);
    }

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
                    String.valueOf(before.accounts().get(set.account().number())),
                    set.account().toString());
        }
        if (change instanceof Change.AccountRemoved gone) {
            return new ChangeWords(
                    "Account " + gone.number(), String.valueOf(before.accounts().get(gone.number())), "removed");
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
                    before.lists().payments().toString(),
                    set.payments().toString());
        }
        if (change instanceof Change.CarryoversSet set) {
            return new ChangeWords(
                    "Carryovers",
                    before.lists().carryovers().toString(),
                    set.carryovers().toString());
        }
        if (change instanceof Change.WorksheetSet set) {
            return new ChangeWords(
                    "Worksheet of " + set.key(),
                    before.worksheets().getOrDefault(set.key(), List.of()).toString(),
                    set.rows().toString());
        }
        if (change instanceof Change.CarriedSet set) {
            return carried(set);
        }
        Change.EntriesSet set = (Change.EntriesSet) change;
        return entries(before.lists().entries(), set.entries());
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
        return words.entrySet().stream()
                .map(each -> each.getKey() + " " + each.getValue())
                .collect(Collectors.joining("; "));
    }

    private static String words(@Nullable Mapping mapping) {
        return mapping == null
                ? "nowhere"
                : mapping.line() + " " + mapping.treatment()
                        + mapping.splits().stream()
                                .map(split -> " and " + split.words() + " to " + split.line() + " " + split.treatment())
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

    private static String cut(String words) {
        return words.length() <= LONGEST ? words : words.substring(0, LONGEST) + "…";
    }
}
