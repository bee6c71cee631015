package undersaw.assets;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import undersaw.calc.Calculation;
import undersaw.line.LineId;
import undersaw.money.Money;

/** How a country's law writes off what stands in the register. */
public interface AssetLaw {
    /** What the year of the return deducts, asset by asset; assets of which nothing is found are left out. */
    List<WrittenOff> ofTheYear(Calculation year);

    /** One asset over its life to come, by the law of today; the first row sums up earlier years, if there were any. */
    List<WrittenOff> life(Calculation year, String asset);

    /** All assets together in this year and the next ones, by year. */
    List<WrittenOff> ahead(Calculation year, int years);

    /** The assets of which something is found, by their classes in the order of the law. */
    List<Group> schedule(Calculation year);

    /** The columns of a schedule of them; none where nothing is listed. */
    List<LineId> columns(Calculation year);

    /** The line of an asset's year whose steps tell how it is found. */
    LineId found();

    /** What can be chosen otherwise for an asset, to see what it would bring. */
    List<LineId> toTry();

    /**
     * Assets of one class.
     *
     * @param caption the class
     * @param assets their names
     */
    record Group(String caption, List<String> assets) {}

    /** What may be elected this year, and for which assets; nothing where the law knows no such choice. */
    Optional<Choice> choice(Calculation year);

    /**
     * An amount that may be deducted at once and is divided among assets by hand.
     *
     * @param caption what it is
     * @param limit the most in all
     * @param column the line of the register on which it is typed
     * @param assets those that it is open to, slowest recovery first
     */
    record Choice(String caption, Money limit, LineId column, List<Open> assets) {
        /** What is elected in all. */
        public Money elected() {
            return Money.sum(assets.stream().map(Open::elected).toList());
        }

        /** What is elected above the limit. */
        public Money over() {
            return elected().minus(limit).notBelowZero();
        }
    }

    /**
     * An asset that may take part.
     *
     * @param asset its name
     * @param words what it is
     * @param most what the law allows for it alone
     * @param elected what is typed for it
     * @param recovery how its cost is recovered otherwise, in words
     */
    record Open(String asset, String words, Money most, Money elected, String recovery) {}

    /** The choice put where recovery is slowest first, by asset; nothing left out. */
    static Map<String, Money> slowestFirst(Choice choice) {
        Map<String, Money> division = new LinkedHashMap<>();
        Money left = choice.limit();
        for (Open open : choice.assets()) {
            Money part = open.most().min(left);
            division.put(open.asset(), part);
            left = left.minus(part);
        }
        return division;
    }
}
