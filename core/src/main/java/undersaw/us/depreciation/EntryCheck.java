package undersaw.us.depreciation;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.check.Severity;
import undersaw.line.LineId;
import undersaw.us.depreciation.AssetBook.Entry;

/** Checks that look at each asset by itself. */
final class EntryCheck {
    private EntryCheck() {}

    /**
     * A check of each asset.
     *
     * @param column where a finding sends a person
     * @param words what is wrong; empty where nothing is
     */
    static Check each(String code, Severity severity, LineId column, Function<Entry, String> words) {
        return new Check(code, severity, look -> found(look, column, words));
    }

    /** The same of assets that are placed in service this year, have a class and are found. */
    static Check known(String code, Severity severity, LineId column, Function<Known, String> words) {
        return each(
                code,
                severity,
                column,
                entry -> entry.facts()
                        .map(facts -> words.apply(new Known(entry, facts, entry.law())))
                        .orElse(""));
    }

    /**
     * An asset whose year is found.
     *
     * @param entry its row
     * @param facts what is known of it
     * @param law its year's
     */
    record Known(Entry entry, AssetFacts facts, YearLaw law) {
        boolean isNew() {
            return law.years().year().contains(facts.placed());
        }

        boolean isGone() {
            return facts.disposed() != null && law.years().year().contains(facts.disposed());
        }

        AssetYear year() {
            return YearOfAsset.of(facts, law);
        }

        String words() {
            return entry.words();
        }
    }

    private static List<Found> found(Examination look, LineId column, Function<Entry, String> words) {
        Optional<AssetBook> book = AssetBook.of(look.calculation());
        return book.stream()
                .flatMap(each -> each.entries().stream())
                .flatMap(entry -> Optional.of(words.apply(entry))
                        .filter(text -> !text.isEmpty())
                        .map(text -> Found.at(new Place.OnLine(column.in(entry.name())), text))
                        .stream())
                .toList();
    }
}
