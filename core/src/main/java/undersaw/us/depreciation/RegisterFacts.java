package undersaw.us.depreciation;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import undersaw.assets.AssetRegister;
import undersaw.form.formula.Figures;
import undersaw.form.formula.Input;
import undersaw.law.calendar.Period;
import undersaw.line.LineId;
import undersaw.us.depreciation.AssetFacts.Deducted;
import undersaw.us.depreciation.PropertyClass.Pattern;

/** The facts of the asset that is being looked at, and the law of its year, as register and return hold them. */
final class RegisterFacts {
    private static final int YEARS_OF_USE = 8;
    private static final String SHORT_YEAR = "(\\d{4}-\\d{2}-\\d{2})/(\\d{4}-\\d{2}-\\d{2})";

    private final AssetRegister register;
    private final List<UseBefore> uses;

    RegisterFacts(AssetRegister register) {
        this.register = register;
        uses = IntStream.rangeClosed(1, YEARS_OF_USE).mapToObj(UseBefore::new).toList();
    }

    /** The asset; nothing where its class or the day of service is not known. */
    Optional<AssetFacts> asset(Figures figures, long elected) {
        Optional<PropertyClass> type = PropertyClass.of(figures.answer(TaxColumns.CLASS));
        LocalDate placed = figures.day(register.placed.id());
        if (type.isEmpty() || placed == null) {
            return Optional.empty();
        }
        LocalDate acquired = figures.day(register.acquired.id());
        boolean ofThisYear = figures.period().contains(placed);
        return Optional.of(new AssetFacts(
                type.get(),
                acquired == null ? placed : acquired,
                placed,
                dollars(figures, register.cost.id()),
                // of land all is land, whatever the column says
                dollars(figures, type.get().recovery() == Pattern.NONE ? register.cost.id() : register.land.id()),
                use(figures),
                figures.answer(TaxColumns.METHOD),
                ofThisYear ? null : convention(figures),
                elected,
                figures.answer(TaxColumns.BONUS),
                prior(figures),
                figures.day(register.disposed.id()),
                figures.answer(TaxColumns.SAFE_HARBOUR).equals("yes")));
    }

    private static @Nullable Convention convention(Figures figures) {
        return Convention.of(figures.answer(TaxColumns.CONVENTION)).orElse(null);
    }

    private static Deducted prior(Figures figures) {
        return new Deducted(
                dollars(figures, TaxColumns.PRIOR_179),
                dollars(figures, TaxColumns.PRIOR_BONUS),
                dollars(figures, TaxColumns.PRIOR_REGULAR));
    }

    static long dollars(Figures figures, LineId line) {
        return figures.amount(line).roundedToDollars().dollars();
    }

    private Use use(Figures figures) {
        Map<Integer, Long> before = new HashMap<>();
        for (UseBefore each : uses) {
            long part = figures.part(each);
            if (part > 0) {
                before.put(figures.period().lawYear() - each.back(), part - 1);
            }
        }
        return new Use(Use.parse(figures.answer(TaxColumns.USE)), before);
    }

    /** What the year brings to all assets alike. */
    YearLaw law(Figures figures) {
        return new YearLaw(
                years(figures),
                figures.answer(DepreciationLines.MID_QUARTER).equals("yes") ? Convention.MQ : Convention.HY,
                figures.part(new ElectedOut()) > 0 ? Set.of(electedClass(figures)) : Set.of(),
                figures.answer(DepreciationLines.FORTY).equals("yes"),
                figures.law().amount(DepreciationLaw.FIRST_YEAR_COSTS).dollars(),
                figures.law().amount(DepreciationLaw.FIRST_YEAR_THRESHOLD).dollars());
    }

    private static String electedClass(Figures figures) {
        return PropertyClass.of(figures.answer(TaxColumns.CLASS))
                .map(PropertyClass::electedWith)
                .orElse("");
    }

    private static TaxYears years(Figures figures) {
        String known = figures.answer(DepreciationLines.SHORT_YEAR);
        List<Period> shorter = known.matches(SHORT_YEAR)
                ? List.of(new Period(LocalDate.parse(known.substring(0, 10)), LocalDate.parse(known.substring(11))))
                : List.of();
        return new TaxYears(figures.period(), figures.day(DepreciationLines.BEGAN), shorter);
    }

    /** What the asset's year depends on, beside what counts of its election. */
    Set<Input> reads() {
        Set<Input> reads = new HashSet<>();
        List.of(
                        TaxColumns.CLASS,
                        TaxColumns.USE,
                        TaxColumns.METHOD,
                        TaxColumns.CONVENTION,
                        TaxColumns.BONUS,
                        TaxColumns.PRIOR_179,
                        TaxColumns.PRIOR_BONUS,
                        TaxColumns.PRIOR_REGULAR,
                        TaxColumns.SAFE_HARBOUR,
                        register.placed.id(),
                        register.acquired.id(),
                        register.disposed.id(),
                        register.cost.id(),
                        register.land.id())
                .forEach(line -> reads.add(new Input.OfLine(line)));
        uses.forEach(each -> reads.add(new Input.OfDivision(each)));
        reads.add(new Input.OfHeading());
        return reads;
    }

    /** What the law of the year depends on. */
    Set<Input> readsOfLaw() {
        return Set.of(
                new Input.OfHeading(),
                new Input.OfDivision(new ElectedOut()),
                new Input.OfLine(DepreciationLines.MID_QUARTER),
                new Input.OfLine(DepreciationLines.FORTY),
                new Input.OfLine(DepreciationLines.SHORT_YEAR),
                new Input.OfLine(DepreciationLines.BEGAN),
                new Input.OfLaw(DepreciationLaw.FIRST_YEAR_COSTS),
                new Input.OfLaw(DepreciationLaw.FIRST_YEAR_THRESHOLD));
    }

    /** The lines that a rule reads, for its words. */
    static String named(Set<Input> reads) {
        return reads.stream()
                .flatMap(input -> input instanceof Input.OfDivision part
                        ? Stream.of(part.division().line())
                        : input.lines().stream())
                .map(LineId::text)
                .distinct()
                .sorted()
                .collect(Collectors.joining(", "));
    }

    /** A percentage as it is written. */
    static String written(BigDecimal percent) {
        return percent.stripTrailingZeros().toPlainString();
    }
}
