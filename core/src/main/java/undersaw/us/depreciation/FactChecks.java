package undersaw.us.depreciation;

import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;
import static undersaw.us.depreciation.EntryCheck.each;
import static undersaw.us.depreciation.EntryCheck.known;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.engagement.Station;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.us.depreciation.AssetBook.Entry;
import undersaw.us.depreciation.EntryCheck.Known;

/** Checks of what the register says of each asset: class, dates, cost, use, method, convention, earlier years. */
final class FactChecks {
    static final LineId PLACED = LineId.of("ASSETS/placedInService");
    static final LineId ACQUIRED = LineId.of("ASSETS/acquired");
    static final LineId COST = LineId.of("ASSETS/cost");
    static final LineId LAND = LineId.of("ASSETS/land");

    private static final String METHODS = "200DB|150DB|SL|ADS|ADS/\\d{1,2}(\\.\\d)?";
    private static final int MANY = 20;
    private static final int FIRST_YEAR_OF_THE_SYSTEM = 1987;
    private static final long TOLERANCE = 10;
    private static final long TOLERANCE_SHARE = 1000;

    private FactChecks() {}

    static List<Check> all() {
        return List.of(
                each("A-0101", STOP, PLACED, FactChecks::undated),
                each("A-0102", STOP, LAND, FactChecks::landAboveCost),
                new Check("A-0103", QUERY, FactChecks::unclassed),
                known("A-0104", QUERY, LAND, FactChecks::withoutLand),
                each("A-0105", STOP, TaxColumns.METHOD, FactChecks::outside),
                known(
                        "A-0106",
                        STOP,
                        PLACED,
                        asset -> asset.facts()
                                        .placed()
                                        .isAfter(asset.law().years().year().end())
                                ? asset.words()
                                        + " is placed in service after this year ends. Move it to next year, or "
                                        + "correct the date."
                                : ""),
                new Check("A-0110", NOTE, FactChecks::manyOnADay),
                each("A-0111", STOP, ACQUIRED, FactChecks::acquiredLate),
                new Check("A-0112", QUERY, FactChecks::mixedMethods),
                known("A-0113", QUERY, TaxColumns.CONVENTION, FactChecks::conventionUnknown),
                known("A-0116", STOP, TaxColumns.CONVENTION, FactChecks::conventionTyped),
                each("A-0117", STOP, TaxColumns.USE, FactChecks::useOutside),
                known("A-0141", QUERY, TaxColumns.PRIOR_REGULAR, asset -> carried(asset, true)),
                known("A-0142", QUERY, TaxColumns.PRIOR_REGULAR, asset -> carried(asset, false)),
                known("A-0146", QUERY, TaxColumns.USE, FactChecks::usesUnknown),
                known("A-0147", QUERY, TaxColumns.USE, FactChecks::takenBack),
                each("A-0179", STOP, TaxColumns.CLASS, FactChecks::unknownWord));
    }

    private static String undated(Entry asset) {
        return asset.type().isPresent()
                        && !asset.text(TaxColumns.CLASS).equals("land")
                        && asset.text(PLACED).isEmpty()
                ? asset.words() + " has no date placed in service. Enter the day it was ready for use."
                : "";
    }

    private static String landAboveCost(Entry asset) {
        boolean above = asset.amount(LAND).compareTo(asset.amount(COST)) > 0;
        return above || asset.amount(COST).isNegative()
                ? "Land of " + asset.amount(LAND).printed() + " is more than the cost of "
                        + asset.amount(COST).printed() + " of " + asset.words() + ". Correct one of them."
                : "";
    }

    /** A word that is no class, method or convention would leave the asset out in silence. */
    private static String unknownWord(Entry asset) {
        String type = asset.text(TaxColumns.CLASS);
        String method = asset.text(TaxColumns.METHOD);
        String convention = asset.text(TaxColumns.CONVENTION);
        if (!type.isEmpty() && asset.type().isEmpty()) {
            return "\"" + type + "\" of " + asset.words() + " is no property class. Enter one of "
                    + String.join(
                            ", ",
                            PropertyClass.all().stream()
                                    .map(PropertyClass::code)
                                    .toList()) + ".";
        }
        if (!method.isEmpty() && !method.matches(METHODS)) {
            return "\"" + method + "\" of " + asset.words()
                    + " is no tax method. Enter 200DB, 150DB, SL, ADS, ADS and a life such as ADS/9.5, or nothing.";
        }
        return convention.isEmpty() || Convention.of(convention).isPresent()
                ? ""
                : "\"" + convention + "\" of " + asset.words() + " is no convention. Enter HY, MQ, MM, FM, or nothing.";
    }

    /** One finding for all: a register that is only held against the books may have hundreds. */
    private static List<Found> unclassed(Examination look) {
        if (look.isTyped("4562/22")) {
            return List.of();
        }
        List<Entry> without = AssetBook.of(look.calculation()).stream()
                .flatMap(book -> book.entries().stream())
                .filter(entry -> entry.text(TaxColumns.CLASS).isEmpty())
                .toList();
        if (without.isEmpty()) {
            return List.of();
        }
        Entry first = without.get(0);
        String proposed = SuggestedClass.of(first.words())
                .map(type -> "; by its words " + first.words() + " is of class " + type.code() + ", " + type.caption())
                .orElse("");
        return List.of(Found.at(
                new Place.OnLine(TaxColumns.CLASS.in(first.name())),
                without.size() + (without.size() == 1 ? " asset has" : " assets have")
                        + " no property class, and nothing is found for "
                        + (without.size() == 1 ? "it" : "them") + " for tax" + proposed + ". Choose the class."));
    }

    private static String withoutLand(Known asset) {
        boolean building = asset.facts().type().recovery() == PropertyClass.Pattern.REAL;
        boolean land = asset.entry().book().entries().stream()
                .anyMatch(other -> other.text(TaxColumns.CLASS).equals("land")
                        && other.text(PLACED).equals(asset.entry().text(PLACED)));
        return building && asset.isNew() && asset.facts().land() == 0 && !land
                ? asset.words() + " is a building with no land. Enter the land part, or confirm that the land is "
                        + "leased or recorded elsewhere."
                : "";
    }

    private static String outside(Entry asset) {
        String placed = asset.text(PLACED);
        boolean old =
                placed.matches("\\d{4}-.*") && Integer.parseInt(placed.substring(0, 4)) < FIRST_YEAR_OF_THE_SYSTEM;
        boolean accelerated = asset.type().filter(PropertyClass::isAccelerated).isPresent();
        boolean other = asset.text(TaxColumns.CLASS).equals("other");
        boolean typed = !asset.amount(asset.book().lines().regular.id()).isZero();
        return other && !typed || old && accelerated
                ? asset.words() + " is outside the classes that are found here. Put it in class other, and type this "
                        + "year's depreciation."
                : "";
    }

    private static List<Found> manyOnADay(Examination look) {
        Map<String, Integer> days = new TreeMap<>();
        AssetBook.of(look.calculation())
                .ifPresent(book -> book.entries().forEach(entry -> days.merge(entry.text(PLACED), 1, Integer::sum)));
        days.remove("");
        return days.entrySet().stream()
                .filter(day -> day.getValue() > MANY)
                .map(day -> Found.at(
                        new Place.AtStation(Station.ASSETS, "list"),
                        day.getValue() + " assets share " + day.getKey()
                                + ". Check that this is not the day of the purchase of a list."))
                .toList();
    }

    private static String acquiredLate(Entry asset) {
        String acquired = asset.text(ACQUIRED);
        String placed = asset.text(PLACED);
        return !acquired.isEmpty() && !placed.isEmpty() && acquired.compareTo(placed) > 0
                ? asset.words() + " was acquired on " + acquired + ", after it was placed in service on " + placed
                        + ". Correct a date."
                : "";
    }

    /** An election of a method covers all property of a class placed in service in the year. */
    private static List<Found> mixedMethods(Examination look) {
        Map<String, Set<String>> methods = new TreeMap<>();
        Map<String, String> first = new TreeMap<>();
        AssetBook.of(look.calculation())
                .ifPresent(book -> book.entries()
                        .forEach(entry -> entry.facts()
                                .filter(facts -> look.period().contains(facts.placed()))
                                .filter(facts -> facts.type().recovery() == PropertyClass.Pattern.PERSONAL)
                                .ifPresent(facts -> {
                                    String type = facts.type().code();
                                    methods.computeIfAbsent(type, unused -> new TreeSet<>())
                                            .add(facts.method());
                                    first.putIfAbsent(type, entry.name());
                                })));
        List<Found> found = new ArrayList<>();
        methods.forEach((type, used) -> {
            if (used.size() > 1) {
                found.add(Found.at(
                        new Place.OnLine(TaxColumns.METHOD.in(first.get(type))),
                        "Class " + type + " mixes methods; an election covers the whole class of the year."));
            }
        });
        return found;
    }

    private static String conventionUnknown(Known asset) {
        return asset.facts().type().recovery() == PropertyClass.Pattern.PERSONAL
                        && asset.facts().convention() == null
                        && asset.facts()
                                .placed()
                                .isBefore(asset.law().years().year().start())
                ? asset.words() + ": the convention of "
                        + asset.facts().placed().getYear()
                        + " is not known, half-year is taken. Enter the one that was used."
                : "";
    }

    private static String conventionTyped(Known asset) {
        String typed = asset.entry().text(TaxColumns.CONVENTION);
        Convention found = asset.year().convention();
        return asset.isNew() && !typed.isEmpty() && found != null && !typed.equals(found.name())
                ? asset.words() + " is typed " + typed + ", the law gives " + found.name()
                        + ". Take the convention off."
                : "";
    }

    private static String useOutside(Entry asset) {
        String use = asset.text(TaxColumns.USE);
        boolean outside = use.matches("\\d+(\\.\\d+)?") && new BigDecimal(use).compareTo(BigDecimal.valueOf(100)) > 0;
        return outside ? "Business use of " + asset.words() + " is " + use + ". Enter 0 to 100." : "";
    }

    private static String carried(Known asset, boolean less) {
        boolean earlier =
                asset.facts().placed().isBefore(asset.law().years().year().start());
        boolean comparable = earlier
                && asset.facts().type().recovery() != PropertyClass.Pattern.TYPED
                && !asset.facts().type().isListed();
        if (!comparable) {
            return "";
        }
        long taken = asset.facts().prior().total();
        long allowable = Life.allowable(asset.facts(), asset.law()).total();
        long tolerance = Math.max(TOLERANCE, asset.year().basis() / TOLERANCE_SHARE);
        if (Math.abs(taken - allowable) <= tolerance || taken < allowable != less) {
            return "";
        }
        return less
                ? asset.words() + " took " + printed(taken) + ", " + printed(allowable)
                        + " was allowable. Consider a change of method on Form 3115, or an amended return."
                : asset.words() + " took " + printed(taken) + ", the rules give " + printed(allowable)
                        + ". Correct the register, or explain.";
    }

    private static String usesUnknown(Known asset) {
        AssetFacts facts = asset.facts();
        boolean fallen = !Use.isMost(facts.use().now()) && !asset.isNew();
        boolean matters = facts.type().isListed() || facts.prior().section179() > 0;
        return fallen && matters && facts.use().before().isEmpty()
                ? "Enter the business use of earlier years of " + asset.words() + ": what is taken back depends on it."
                : "";
    }

    private static String takenBack(Known asset) {
        AssetYear year = asset.year();
        long amount = year.recapture() + year.listedRecapture();
        return amount > 0
                ? "Business use of " + asset.words() + " fell to "
                        + Use.written(asset.facts().use().now()) + " percent: " + printed(amount)
                        + " is income. See Part IV of Form 4797."
                : "";
    }

    static String printed(long dollars) {
        return Money.ofDollars(dollars).printed();
    }
}
