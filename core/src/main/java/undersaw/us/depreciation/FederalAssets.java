package undersaw.us.depreciation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import undersaw.assets.AssetLaw;
import undersaw.assets.WrittenOff;
import undersaw.calc.Calculation;
import undersaw.form.Line;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.us.depreciation.AssetBook.Entry;
import undersaw.us.depreciation.AssetFacts.Deducted;

/** What federal tax writes off the register of a return, this year and in the years to come. */
public final class FederalAssets implements AssetLaw {
    private static final LineId DISPOSED = LineId.of("ASSETS/disposed");
    private static final LineId REGULAR = LineId.of("ASSETS/W/regular");
    private static final LineId LIMIT = LineId.of("4562/5");
    private static final int LONGEST = 60;

    @Override
    public List<WrittenOff> ofTheYear(Calculation year) {
        return AssetBook.of(year).stream()
                .flatMap(book -> book.entries().stream())
                .filter(entry -> entry.facts().isPresent())
                .map(FederalAssets::asItStands)
                .toList();
    }

    /** As the lines hold it, with whatever was typed over them. */
    private static WrittenOff asItStands(Entry entry) {
        DepreciationLines lines = entry.book().lines();
        Money accumulated = entry.amount(lines.accumulated.id());
        return new WrittenOff(
                entry.name(),
                entry.book().year().plan().year(),
                entry.amount(lines.section179.id()),
                entry.amount(lines.special.id()),
                entry.amount(lines.regular.id()),
                accumulated,
                entry.amount(FactChecks.COST).roundedToDollars().minus(accumulated),
                given(entry));
    }

    private static Optional<WrittenOff.Given> given(Entry entry) {
        return entry.text(DISPOSED).isEmpty()
                ? Optional.empty()
                : Optional.of(new WrittenOff.Given(
                        entry.amount(LineId.of("4797/W/gain")),
                        entry.amount(LineId.of("4797/W/ordinary")),
                        entry.amount(LineId.of("4797/W/1231"))));
    }

    @Override
    public List<WrittenOff> life(Calculation year, String asset) {
        return AssetBook.of(year)
                .map(book -> book.entry(asset))
                .filter(entry -> entry.facts().isPresent())
                .map(FederalAssets::life)
                .orElse(List.of());
    }

    private static List<WrittenOff> life(Entry entry) {
        AssetFacts facts = entry.facts().orElseThrow();
        List<WrittenOff> life = new ArrayList<>();
        int first = entry.book().year().plan().year();
        if (facts.prior().total() > 0) {
            life.add(row(facts, first - 1, facts.prior(), facts.prior()));
        }
        int at = first;
        for (AssetYear year : Life.ahead(facts, entry.law(), LONGEST)) {
            life.add(row(facts, at, year.allowed(), year.toDate()));
            at++;
        }
        return life;
    }

    private static WrittenOff row(AssetFacts facts, int year, Deducted deducted, Deducted toDate) {
        return new WrittenOff(
                "",
                year,
                Money.ofDollars(deducted.section179()),
                Money.ofDollars(deducted.bonus()),
                Money.ofDollars(deducted.regular()),
                Money.ofDollars(toDate.total()),
                Money.ofDollars(facts.cost() - toDate.total()),
                Optional.empty());
    }

    @Override
    public List<WrittenOff> ahead(Calculation year, int years) {
        Map<Integer, Deducted> sums = new TreeMap<>();
        int first = year.plan().year();
        AssetBook.of(year)
                .ifPresent(book -> book.entries()
                        .forEach(entry -> entry.facts().ifPresent(facts -> {
                            List<AssetYear> found = Life.ahead(facts, entry.law(), years);
                            for (int at = 0; at < found.size(); at++) {
                                sums.merge(first + at, found.get(at).allowed(), Deducted::plus);
                            }
                        })));
        return sums.entrySet().stream()
                .map(sum -> new WrittenOff(
                        "",
                        sum.getKey(),
                        Money.ofDollars(sum.getValue().section179()),
                        Money.ofDollars(sum.getValue().bonus()),
                        Money.ofDollars(sum.getValue().regular()),
                        Money.ZERO,
                        Money.ZERO,
                        Optional.empty()))
                .toList();
    }

    @Override
    public List<Group> schedule(Calculation year) {
        Map<String, List<String>> groups = new LinkedHashMap<>();
        PropertyClass.all().forEach(type -> groups.put(type.code(), new ArrayList<>()));
        AssetBook.of(year)
                .ifPresent(book -> book.entries()
                        .forEach(entry -> entry.type()
                                .ifPresent(type -> groups.get(type.code()).add(entry.name()))));
        return groups.entrySet().stream()
                .filter(group -> !group.getValue().isEmpty())
                .map(group -> new Group(
                        PropertyClass.of(group.getKey()).orElseThrow().caption() + ", class " + group.getKey(),
                        group.getValue()))
                .toList();
    }

    @Override
    public List<LineId> columns(Calculation year) {
        return AssetBook.of(year)
                .map(AssetBook::lines)
                .map(lines -> Stream.of(
                                lines.register().placed,
                                lines.register().cost,
                                lines.section179,
                                lines.special,
                                lines.basis,
                                lines.convention,
                                lines.regular,
                                lines.total,
                                lines.accumulated,
                                lines.adjusted,
                                lines.minimumTax)
                        .map(Line::id)
                        .toList())
                .orElse(List.of());
    }

    @Override
    public LineId found() {
        return REGULAR;
    }

    @Override
    public List<LineId> toTry() {
        return List.of(TaxColumns.SECTION_179, TaxColumns.BONUS, TaxColumns.METHOD, TaxColumns.CLASS);
    }

    @Override
    public Optional<Choice> choice(Calculation year) {
        Optional<AssetBook> book = AssetBook.of(year);
        if (book.isEmpty()) {
            return Optional.empty();
        }
        DepreciationLines lines = book.get().lines();
        List<Open> open = book.get().entries().stream()
                .filter(entry -> entry.amount(lines.mayElect.id()).isPositive())
                .sorted(Comparator.comparingInt((Entry entry) ->
                                entry.facts().orElseThrow().type().life())
                        .reversed())
                .map(entry -> new Open(
                        entry.name(),
                        entry.words(),
                        most(entry, lines),
                        entry.amount(TaxColumns.SECTION_179),
                        recovery(entry)))
                .toList();
        return open.isEmpty()
                ? Optional.empty()
                : Optional.of(new Choice("Section 179", dollarLimit(year), TaxColumns.SECTION_179, open));
    }

    private static Money most(Entry entry, DepreciationLines lines) {
        Money cost = entry.amount(lines.mayElect.id());
        return entry.facts().orElseThrow().type().isSportUtility()
                ? cost.min(entry.book().year().law().amount(DepreciationLaw.SECTION_179_SUV))
                : cost;
    }

    private static Money dollarLimit(Calculation year) {
        return year.amount(LIMIT);
    }

    private static String recovery(Entry entry) {
        PropertyClass type = entry.facts().orElseThrow().type();
        return type.caption() + ", " + type.life() / YearParts.YEAR + " years";
    }
}
