package undersaw.us.depreciation;

import java.util.List;
import java.util.Optional;
import undersaw.assets.AssetRegister;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.form.Line;
import undersaw.form.formula.Figures;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * The register of a computed return as depreciation sees it, asset by asset.
 *
 * @param year the return
 * @param lines its lines of depreciation
 */
public record AssetBook(Calculation year, DepreciationLines lines) {
    /** The register of a return; nothing where the return finds no depreciation, or no asset is listed. */
    public static Optional<AssetBook> of(Calculation year) {
        return year.plan().forms().stream()
                .filter(DepreciationLines.class::isInstance)
                .map(form -> new AssetBook(year, (DepreciationLines) form))
                .filter(book -> year.hasRows(AssetRegister.LIST))
                .findFirst();
    }

    /** The names of all assets, in order. */
    public List<String> names() {
        return year.members(AssetRegister.ASSETS);
    }

    /** One asset. */
    public Entry entry(String name) {
        return new Entry(this, name);
    }

    public List<Entry> entries() {
        return names().stream().map(this::entry).toList();
    }

    /**
     * One asset of the register.
     *
     * @param book the register
     * @param name the asset's
     */
    public record Entry(AssetBook book, String name) {
        private Figures figures() {
            return book.year.seenFrom(book.lines.regular.id().in(name));
        }

        /** What depreciation is found from; nothing where class or day of service are not known. */
        public Optional<AssetFacts> facts() {
            return book.lines.assets().asset(figures(), dollars(book.lines.counted));
        }

        public YearLaw law() {
            return book.lines.assets().law(figures());
        }

        /** What the year does to it, by its facts. */
        public Optional<AssetYear> found() {
            return facts().map(facts -> YearOfAsset.of(facts, law()));
        }

        /** What stands in a column as it is written; empty where it is empty. */
        public String text(LineId column) {
            return book.year
                    .value(column.in(name))
                    .map(value -> value.value().plain())
                    .orElse("");
        }

        public Money amount(LineId column) {
            return book.year.value(column.in(name)).map(LineValue::amount).orElse(Money.ZERO);
        }

        long dollars(Line line) {
            return amount(line.id()).roundedToDollars().dollars();
        }

        /** Its description, or its name where it has none. */
        public String words() {
            String description = text(book.lines.register().description.id());
            return description.isEmpty() ? name : description;
        }

        Optional<PropertyClass> type() {
            return PropertyClass.of(text(TaxColumns.CLASS));
        }
    }
}
