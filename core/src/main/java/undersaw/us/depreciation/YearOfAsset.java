package undersaw.us.depreciation;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import undersaw.law.calendar.Period;
import undersaw.us.depreciation.AssetFacts.Deducted;
import undersaw.us.depreciation.PropertyClass.Pattern;

/**
 * Depreciation of one asset in one tax year: section 179, then the special allowance, then regular depreciation on what
 * is left, within the limits of automobiles (IRC 167, 168, 179, 197, 280F; Publication 946; from memory).
 */
public final class YearOfAsset {
    /** No special allowance is taken. */
    public static final String NO_BONUS = "none";

    private static final String ALTERNATIVE = "ADS";
    private static final BigDecimal WHOLE = BigDecimal.valueOf(100);
    private static final BigDecimal FORTY = BigDecimal.valueOf(40);
    private static final int ONE_AND_A_HALF = 150;
    private static final int RESEARCH_FIRST_MONTHS = 6;

    private final AssetFacts asset;
    private final YearLaw law;
    private final List<Period> years;
    private final boolean anyShort;

    private YearOfAsset(AssetFacts asset, YearLaw law, List<Period> years) {
        this.asset = asset;
        this.law = law;
        this.years = years;
        anyShort = years.stream().anyMatch(Period::isShort);
    }

    /** What the year does to the asset. */
    public static AssetYear of(AssetFacts asset, YearLaw law) {
        return of(asset, law, law.years().since(asset.placed()));
    }

    /** The same where the tax years from the one of service to this one are known. */
    static AssetYear of(AssetFacts asset, YearLaw law, List<Period> years) {
        return new YearOfAsset(asset, law, years).find();
    }

    private AssetYear find() {
        PropertyClass type = asset.type();
        if (years.isEmpty() || type.recovery() == Pattern.NONE || isGoneBefore()) {
            return idle(years.size(), asset.prior());
        }
        if (isFirst() && isGoneThisYear()) {
            return idle(1, Deducted.NOTHING);
        }
        long business = Use.part(asset.depreciable(), use(thisYear()));
        long section179 =
                isFirst() ? Math.min(asset.elected(), business) : asset.prior().section179();
        BigDecimal percent = bonusPercent();
        long firstBasis = Math.max(0, Use.part(asset.depreciable(), use(years.get(0))) - section179);
        long bonus = bonus(firstBasis, percent);
        long basis = basis(business, section179, bonus);
        Convention convention = convention();
        boolean alternative = isAlternative();
        Recovery.Key table = type.isAccelerated() ? table(alternative, convention) : null;
        Regular regular = table == null ? null : regular(table, convention);
        long full = regular == null ? byMonths(basis) : regular(regular, basis, business);
        Long limit = type.isAutomobile() ? limit(bonus > 0) : null;
        Deducted wanted = new Deducted(isFirst() ? section179 : 0, isFirst() ? bonus : 0, full);
        return new AssetYear(
                years.size(),
                convention,
                alternative,
                regular != null && regular.isByFormula(),
                table,
                regular == null ? 0 : regular.rate(),
                business,
                percent,
                bonus,
                basis,
                full,
                limit,
                limit == null ? wanted : wanted.atMost(limit),
                asset.prior(),
                recaptured(table),
                listedRecapture());
    }

    private Regular regular(Recovery.Key table, Convention convention) {
        return new Regular(
                table, years, anyShort, convention, goneThisYear(), asset.type().isAutomobile());
    }

    private AssetYear idle(int number, Deducted before) {
        return new AssetYear(
                number,
                asset.convention(),
                false,
                false,
                null,
                0,
                0,
                BigDecimal.ZERO,
                0,
                0,
                0,
                null,
                Deducted.NOTHING,
                before,
                0,
                0);
    }

    private boolean isFirst() {
        return years.size() == 1;
    }

    private Period thisYear() {
        return law.years().year();
    }

    private boolean isGoneBefore() {
        return asset.disposed() != null && asset.disposed().isBefore(thisYear().start());
    }

    private boolean isGoneThisYear() {
        return goneThisYear() != null;
    }

    private @Nullable LocalDate goneThisYear() {
        return asset.disposed() != null && thisYear().contains(asset.disposed()) ? asset.disposed() : null;
    }

    private long use(Period year) {
        return year.equals(thisYear()) ? asset.use().now() : asset.use().in(year.lawYear());
    }

    /** Half-year or mid-quarter is the year's for what is new, and kept from then on. */
    private Convention convention() {
        return switch (asset.type().recovery()) {
            case REAL -> Convention.MM;
            case MONTHS, FIRST_COSTS, MIDPOINT -> Convention.FM;
            default -> asset.convention() != null ? asset.convention() : isFirst() ? law.convention() : Convention.HY;
        };
    }

    /** Listed property that was used for business by half or less in any year stays on the alternative system. */
    private boolean isListedFallen() {
        return asset.type().isListed() && years.stream().anyMatch(year -> !Use.isMost(use(year)));
    }

    private boolean isAlternative() {
        return asset.method().startsWith(ALTERNATIVE) || isListedFallen();
    }

    private Recovery.Key table(boolean alternative, Convention convention) {
        int first = convention.first(years.get(0), asset.placed());
        if (alternative) {
            return alternative(first);
        }
        PropertyClass type = asset.type();
        int factor = switch (asset.method()) {
            case "SL" -> 0;
            case "150DB" -> Math.min(ONE_AND_A_HALF, type.factor());
            default -> type.factor();
        };
        return new Recovery.Key(type.life(), factor, first);
    }

    private Recovery.Key alternative(int first) {
        String own =
                asset.method().startsWith(ALTERNATIVE + "/") ? asset.method().substring(ALTERNATIVE.length() + 1) : "";
        int life = own.isEmpty() ? asset.type().ads(asset.placed()) : PropertyClass.years(own);
        return new Recovery.Key(life, 0, first);
    }

    /** The special allowance's percentage; what was not taken in the first year is not made up for later. */
    private BigDecimal bonusPercent() {
        PropertyClass type = asset.type();
        boolean barred = !type.bonus()
                || asset.bonus().equals(NO_BONUS)
                || type.isListed() && !Use.isMost(use(years.get(0)))
                || !isFirst() && asset.prior().bonus() == 0;
        if (barred) {
            return BigDecimal.ZERO;
        }
        if (asset.bonus().matches("\\d{1,3}(\\.\\d{1,6})?")) {
            return new BigDecimal(asset.bonus()).min(WHOLE);
        }
        boolean out = isFirst()
                && (law.electedOut().contains(type.code()) || law.electedOut().contains(type.electedWith()));
        BigDecimal percent = out ? BigDecimal.ZERO : SpecialAllowance.percent(asset.acquired(), asset.placed());
        return isFirst() && law.forty() && percent.compareTo(WHOLE) == 0 ? FORTY : percent;
    }

    /** What was carried in counts, except of automobiles, of which the limit may have cut it. */
    private long bonus(long firstBasis, BigDecimal percent) {
        return isFirst() || asset.type().isAutomobile()
                ? Rounded.percent(firstBasis, percent)
                : asset.prior().bonus();
    }

    private long basis(long business, long section179, long bonus) {
        boolean safe = asset.safeHarbour() && asset.type().isAutomobile() && bonus > 0 && section179 == 0;
        long first = safe ? Use.part(limits().of(1, true), use(years.get(0))) : section179 + bonus;
        return Math.max(0, business - first);
    }

    private AutomobileLimit limits() {
        return AutomobileLimit.of(asset.placed().getYear());
    }

    /** The year's limit; a short year has its months' part (Temp. Reg. 1.280F-2T(i); from memory, unsure). */
    private long limit(boolean bonus) {
        long whole = limits().of(years.size(), bonus);
        return Use.part(Rounded.share(whole, YearParts.of(thisYear()), YearParts.YEAR), use(thisYear()));
    }

    private long regular(Regular regular, long basis, long business) {
        PropertyClass type = asset.type();
        if (isListedFallen()) {
            long left = Math.max(0, business - asset.prior().total() + listedRecapture());
            return Math.min(left, regular.of(business, 0));
        }
        if (type.isAutomobile() && years.size() > regular.reach()) {
            return Math.max(0, business - asset.prior().total());
        }
        boolean safeFirst = asset.safeHarbour() && isFirst();
        return safeFirst ? 0 : regular.of(basis, asset.prior().regular());
    }

    private long byMonths(long basis) {
        PropertyClass type = asset.type();
        int months = type.life() / YearParts.MONTH;
        int first = Convention.FM.first(years.get(0), asset.placed()) / YearParts.MONTH;
        return switch (type.recovery()) {
            case MONTHS ->
                new ByMonths(months, first, years, goneThisYear())
                        .of(basis, asset.prior().regular());
            case MIDPOINT ->
                new ByMonths(
                                months,
                                Math.min(RESEARCH_FIRST_MONTHS, YearParts.of(years.get(0)) / YearParts.MONTH / 2),
                                years,
                                null)
                        .of(basis, asset.prior().regular());
            case FIRST_COSTS -> firstCosts(basis, new ByMonths(months, first, years, goneThisYear()));
            default -> 0;
        };
    }

    private long firstCosts(long basis, ByMonths rest) {
        long atOnce = atOnce(basis, law);
        long taken = asset.prior().regular();
        return (isFirst() ? atOnce : 0) + rest.of(basis - atOnce, isFirst() ? 0 : taken - atOnce);
    }

    /** What of start-up or organization costs is deducted in the first year beside the monthly part. */
    static long atOnce(long costs, YearLaw law) {
        return Math.min(costs, Math.max(0, law.firstCosts() - Math.max(0, costs - law.firstCostsAbove())));
    }

    /** Section 179 above what regular depreciation would have allowed, in the year in which use falls. */
    private long recaptured(Recovery.@Nullable Key table) {
        boolean falls = !isFirst()
                && table != null
                && asset.prior().section179() > 0
                && !asset.type().isListed()
                && fallsNow()
                && years.size() <= Recovery.of(table).years();
        if (!falls) {
            return 0;
        }
        Recovery rates = Recovery.of(Objects.requireNonNull(table));
        BigDecimal allowed = BigDecimal.ZERO;
        for (int year = 1; year <= years.size(); year++) {
            allowed = allowed.add(
                    BigDecimal.valueOf(rates.rate(year)).multiply(BigDecimal.valueOf(use(years.get(year - 1)))));
        }
        long would = Rounded.percent(
                asset.prior().section179(),
                allowed.divide(BigDecimal.valueOf(Use.WHOLE)).movePointLeft(3));
        return Math.max(0, asset.prior().section179() - would);
    }

    private boolean fallsNow() {
        return !Use.isMost(use(thisYear()))
                && years.subList(0, years.size() - 1).stream().allMatch(year -> Use.isMost(use(year)));
    }

    /** What earlier years took above the alternative system, in the year in which use of listed property falls. */
    private long listedRecapture() {
        if (isFirst() || !asset.type().isListed() || !fallsNow()) {
            return 0;
        }
        Recovery rates = Recovery.of(alternative(convention().first(years.get(0), asset.placed())));
        long would = 0;
        for (int year = 1; year < years.size(); year++) {
            long use = use(years.get(year - 1));
            long amount = Rounded.share(Use.part(asset.depreciable(), use), rates.rate(year), Recovery.WHOLE);
            would += asset.type().isAutomobile() ? Math.min(amount, Use.part(limits().of(year, false), use)) : amount;
        }
        return Math.max(0, asset.prior().total() - would);
    }
}
