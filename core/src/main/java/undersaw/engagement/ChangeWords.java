package undersaw.engagement;

import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
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
            return new ChangeWords("Client and period", words(before.heading()), words(set.heading()));
        }
        if (change instanceof Change.BooksReplaced replaced) {
            return new ChangeWords(
                    "Trial balance",
                    before.accounts().size() + " accounts",
                    replaced.accounts().size() + " accounts");
        }
        if (change instanceof Change.AccountSet set) {
            return new ChangeWords(
                    "Account " + set.account().number(),
                    String.valueOf(before.accounts().get(set.account().number())),
                    set.account().toString());
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
        Change.EntriesSet set = (Change.EntriesSet) change;
        return new ChangeWords(
                "Entries",
                before.lists().entries().size() + " entries",
                set.entries().size() + " entries");
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
            old.put(key.toString(), words(before.facts().get(key)));
            now.put(key.toString(), words(fact));
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
                : mapping.line() + " " + mapping.treatment() + (mapping.confirmed() ? "" : " (suggested)");
    }

    private static String words(@Nullable Fact fact) {
        return fact == null ? "nothing" : fact.value() + (fact.reason().isEmpty() ? "" : " (" + fact.reason() + ")");
    }

    /** Taxpayer numbers stay masked in the trail; a change of one still shows. */
    private static String words(Heading heading) {
        return heading.client().name() + ", " + heading.client().number().masked() + ", "
                + heading.client().address() + ", " + heading.period() + ", " + heading.method() + ", "
                + heading.flags();
    }

    private static String cut(String words) {
        return words.length() <= LONGEST ? words : words.substring(0, LONGEST) + "…";
    }
}
