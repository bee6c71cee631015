package undersaw.us.depreciation;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import undersaw.table.Table;

/** The class that an asset's words propose; never more than a proposal (common practice, no source). */
public final class SuggestedClass {
    private static final List<Word> WORDS =
            Table.read("undersaw/us/depreciation/class-words.csv", List.of("word", "class")).stream()
                    .map(row -> new Word(row.text("word"), row.text("class")))
                    .toList();

    private record Word(String word, String type) {}

    private SuggestedClass() {}

    /** The class of the first word that is met, in the order of the table. */
    public static Optional<PropertyClass> of(String description) {
        String text = " " + description.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9-]+", " ") + " ";
        return WORDS.stream()
                .filter(each -> text.contains(" " + each.word()))
                .findFirst()
                .flatMap(each -> PropertyClass.of(each.type()));
    }
}
