package undersaw.files.folder;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.pcollections.HashTreePMap;
import undersaw.engagement.Fact;
import undersaw.engagement.Snapshot;
import undersaw.files.FileFault;
import undersaw.files.folder.CsvTable.Row;
import undersaw.ledger.Mapping;
import undersaw.line.LineId;
import undersaw.line.LineKey;

/**
 * Who typed a figure and why ({@code typed-by.csv}), who placed an account and whether anybody confirmed it
 * ({@code mapped-by.csv}). Additions of ours to the format; absent files mean that nobody is known.
 */
final class SignedFiles {
    static final String TYPED_BY = "typed-by.csv";
    static final String MAPPED_BY = "mapped-by.csv";
    private static final List<String> TYPED_COLUMNS = List.of("line", "instance", "by", "reason");
    private static final List<String> MAPPED_COLUMNS = List.of("account", "confirmed", "confidence", "by");

    private SignedFiles() {}

    static Snapshot read(Snapshot snapshot, Map<String, FolderFile> files, List<FileFault> faults) {
        Map<LineKey, Fact> facts = new HashMap<>(snapshot.facts());
        Map<String, Mapping> mappings = new HashMap<>(snapshot.mappings());
        if (files.containsKey(TYPED_BY)) {
            CsvTable.read(files.get(TYPED_BY), TYPED_COLUMNS, faults, row -> typed(row, facts));
        }
        if (files.containsKey(MAPPED_BY) && files.containsKey(BooksFiles.MAPPING)) {
            // without the mapping itself every place is a suggestion, whoever confirmed what once stood there
            CsvTable.read(files.get(MAPPED_BY), MAPPED_COLUMNS, faults, row -> mapped(row, mappings));
        }
        return snapshot.withFacts(HashTreePMap.from(facts)).withMappings(HashTreePMap.from(mappings));
    }

    private static void typed(Row row, Map<LineKey, Fact> facts) {
        Optional<LineKey> key = Optional.of(row.text("line"))
                .filter(LineId::isShaped)
                .map(line -> LineId.of(line).in(row.text("instance")))
                .filter(facts::containsKey);
        key.ifPresentOrElse(
                place -> facts.put(place, signed(facts.get(place).value(), row)),
                () -> row.fault("line", "expected a figure that stands in facts.csv or in a list"));
    }

    private static Fact signed(String value, Row row) {
        Fact fact = new Fact(value, row.text("reason"), row.text("by"));
        return fact.by().equals(Fact.LAST_YEAR) ? fact.carried() : fact;
    }

    private static void mapped(Row row, Map<String, Mapping> mappings) {
        Mapping mapping = mappings.get(row.text("account"));
        if (mapping == null) {
            row.fault("account", "expected an account that stands in mapping.csv");
        } else if (!row.text("confidence").matches("\\d{1,3}")) {
            row.fault("confidence", "expected a whole number of percent, 0 where nobody reckoned it");
        } else if (row.text("confirmed").equals("yes")) {
            mappings.put(row.text("account"), mapping.confirmedBecause(row.text("by")));
        } else if (row.text("confirmed").equals("no")) {
            mappings.put(
                    row.text("account"),
                    mapping.suggestedBecause(Integer.parseInt(row.text("confidence")), row.text("by")));
        } else {
            row.fault("confirmed", "expected yes or no");
        }
    }

    static List<FolderFile> write(Snapshot snapshot) {
        List<List<String>> typed = new ArrayList<>();
        new TreeMap<>(snapshot.facts()).forEach((key, fact) -> {
            if (!fact.by().isEmpty() || !fact.reason().isEmpty()) {
                typed.add(List.of(key.line().text(), key.instance(), fact.by(), fact.reason()));
            }
        });
        List<List<String>> mapped = new ArrayList<>();
        new TreeMap<>(snapshot.mappings()).forEach((account, mapping) -> {
            if (!mapping.confirmed() || !mapping.reason().equals(BooksFiles.AS_WRITTEN)) {
                mapped.add(List.of(
                        account,
                        mapping.confirmed() ? "yes" : "no",
                        String.valueOf(mapping.confidence()),
                        mapping.reason()));
            }
        });
        List<FolderFile> files = new ArrayList<>();
        CsvTable.add(files, TYPED_BY, TYPED_COLUMNS, typed);
        CsvTable.add(files, MAPPED_BY, MAPPED_COLUMNS, mapped);
        return files;
    }
}
