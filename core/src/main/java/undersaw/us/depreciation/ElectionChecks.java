package undersaw.us.depreciation;

import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;
import static undersaw.us.depreciation.EntryCheck.each;
import static undersaw.us.depreciation.EntryCheck.known;
import static undersaw.us.depreciation.FactChecks.printed;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.money.Percent;
import undersaw.us.depreciation.EntryCheck.Known;

/** Checks of what is elected: section 179, the special allowance, and the test of the last quarter. */
final class ElectionChecks {
    private static final String LIMIT = "4562/5";
    private static final LocalDate CHANGED = LocalDate.of(2025, 1, 19);
    private static final LocalDate BEFORE_CHANGE = LocalDate.of(2024, 12, 1);
    private static final int LAST_OF_TWO_LAWS = 2026;

    private ElectionChecks() {}

    static List<Check> all() {
        return List.of(
                new Check("A-0114", NOTE, ElectionChecks::nearTheShare),
                new Check("A-0115", QUERY, ElectionChecks::electionsDecide),
                new Check("A-0120", STOP, ElectionChecks::overTheLimit),
                known("A-0121", STOP, TaxColumns.SECTION_179, ElectionChecks::notEligible),
                known("A-0122", STOP, TaxColumns.SECTION_179, ElectionChecks::overTheAsset),
                Check.when(
                        "A-0123",
                        QUERY,
                        look -> look.amount("4562/11").compareTo(look.amount("4562/9")) < 0,
                        look -> Found.onLine(
                                "4562/11",
                                "Business income allows "
                                        + look.amount("4562/12").printed() + " of "
                                        + look.amount("4562/9").printed() + " of section 179; "
                                        + look.amount("4562/13").printed()
                                        + " is carried to next year. Consider a smaller election.")),
                known("A-0127", QUERY, TaxColumns.SECTION_179, ElectionChecks::electedLate),
                Check.when(
                        "A-0129",
                        QUERY,
                        look -> look.amount("4562/4").isPositive()
                                && look.amount("4562/8").isPositive(),
                        look -> Found.onLine(
                                "4562/4",
                                "Purchases of " + look.amount("4562/2").printed()
                                        + " lower the limit of section 179 to "
                                        + look.amount(LIMIT).printed() + ".")),
                known("A-0130", STOP, TaxColumns.BONUS, ElectionChecks::notQualified),
                known("A-0131", QUERY, FactChecks.ACQUIRED, ElectionChecks::twoLaws),
                new Check("A-0132", STOP, ElectionChecks::halfElectedOut),
                known("A-0133", QUERY, TaxColumns.BONUS, ElectionChecks::otherPercentage),
                each(
                        "A-0134",
                        QUERY,
                        TaxColumns.CLASS,
                        asset -> asset.text(TaxColumns.CLASS).equals("39-qpp")
                                ? "Qualified production property of " + asset.words()
                                        + " needs an election of its own. Confirm dates, use and who builds."
                                : ""),
                known("A-0138", QUERY, TaxColumns.SAFE_HARBOUR, ElectionChecks::automobileAtOnce),
                known("A-0143", QUERY, TaxColumns.PRIOR_BONUS, ElectionChecks::otherBonusBefore),
                new Check("A-0144", STOP, ElectionChecks::evidence),
                known("A-0160", NOTE, TaxColumns.CLASS, ElectionChecks::unsureLimit));
    }

    private static Money line(Examination look, String line) {
        return look.amount(line);
    }

    private static List<Found> nearTheShare(Examination look) {
        Money year = line(look, "ASSETS/MQ/year");
        Money last = line(look, "ASSETS/MQ/quarter");
        if (!year.isPositive()) {
            return List.of();
        }
        BigDecimal percent = Percent.ratio(last, year).value();
        boolean near = percent.compareTo(BigDecimal.valueOf(35)) >= 0 && percent.compareTo(BigDecimal.valueOf(45)) <= 0;
        return near
                ? List.of(Found.onLine(
                        "ASSETS/MQ/quarter",
                        "Purchases of the last quarter are " + percent.toPlainString()
                                + " percent of the year's. A late change of a date can turn the convention."))
                : List.of();
    }

    /** Elections lower the bases that are tested: without them the test might come out otherwise. */
    private static List<Found> electionsDecide(Examination look) {
        if (!line(look, "ASSETS/W/elected-in-all").isPositive()) {
            return List.of();
        }
        AssetBook book = AssetBook.of(look.calculation()).orElseThrow();
        Money year = line(look, "ASSETS/MQ/year");
        Money last = line(look, "ASSETS/MQ/quarter");
        Money plainYear = year;
        Money plainLast = last;
        for (AssetBook.Entry entry : book.entries()) {
            Money counted = entry.amount(book.lines().counted.id());
            boolean tested = entry.amount(LineId.of("ASSETS/MQ/basis")).isPositive() || counted.isPositive();
            boolean quarter = entry.facts()
                    .filter(facts -> YearParts.quarter(look.period(), facts.placed()) == 4)
                    .isPresent();
            plainYear = tested ? plainYear.plus(counted) : plainYear;
            plainLast = tested && quarter ? plainLast.plus(counted) : plainLast;
        }
        boolean before = isAbove(look, plainLast, plainYear);
        boolean after = isAbove(look, last, year);
        return before == after
                ? List.of()
                : List.of(Found.onLine(
                        "ASSETS/MQ",
                        "What is elected under section 179 decides the convention: "
                                + (after ? "mid-quarter" : "half-year") + " with it, "
                                + (before ? "mid-quarter" : "half-year") + " without."));
    }

    private static boolean isAbove(Examination look, Money last, Money year) {
        BigDecimal share = look.law().percent(DepreciationLaw.MID_QUARTER_SHARE).fraction();
        return last.toDecimal().compareTo(year.toDecimal().multiply(share)) > 0;
    }

    private static List<Found> overTheLimit(Examination look) {
        Money elected = line(look, "ASSETS/W/elected-in-all");
        Money limit = line(look, LIMIT);
        return elected.isPositive() && elected.compareTo(limit) > 0
                ? List.of(Found.onLine(
                        "4562/8",
                        "Section 179 elected of " + elected.printed() + " exceeds the limit of " + limit.printed()
                                + " by " + elected.minus(limit).printed()
                                + ". Lower the elections; until then each counts in proportion."))
                : List.of();
    }

    private static String notEligible(Known asset) {
        if (!asset.isNew() || asset.entry().amount(TaxColumns.SECTION_179).isZero()) {
            return "";
        }
        String reason = !asset.facts().type().mayElect()
                ? "its class " + asset.facts().type().code() + " is not open to it"
                : !Use.isMost(asset.facts().use().now())
                        ? "it is used half or less for business"
                        : asset.isGone() ? "it was given up in the same year" : "";
        return reason.isEmpty()
                ? ""
                : asset.words() + " cannot take section 179: " + reason + ". Take the election off.";
    }

    private static String overTheAsset(Known asset) {
        Money typed = asset.entry().amount(TaxColumns.SECTION_179);
        Money most = asset.entry().amount(asset.entry().book().lines().elected.id());
        boolean eligible = asset.isNew()
                && !asset.entry()
                        .amount(asset.entry().book().lines().mayElect.id())
                        .isZero();
        return eligible && typed.compareTo(most) > 0
                ? asset.words() + ": section 179 elected of " + typed.printed() + ", at most " + most.printed() + "."
                : "";
    }

    private static String electedLate(Known asset) {
        Money typed = asset.entry().amount(TaxColumns.SECTION_179);
        return !asset.isNew() && typed.isPositive()
                ? "An election belongs to the year in which " + asset.words() + " was placed in service. Move "
                        + typed.printed() + " to earlier years, or take it off."
                : "";
    }

    private static boolean isTyped(String bonus) {
        return bonus.matches("\\d{1,3}(\\.\\d{1,6})?") && new BigDecimal(bonus).signum() > 0;
    }

    private static String notQualified(Known asset) {
        AssetFacts facts = asset.facts();
        if (!asset.isNew() || !isTyped(facts.bonus())) {
            return "";
        }
        String reason = !facts.type().bonus()
                ? "its class " + facts.type().code() + " is not open to it"
                : facts.type().isListed() && !Use.isMost(facts.use().now())
                        ? "it is listed property used half or less for business"
                        : asset.isGone() ? "it was given up in the same year" : "";
        return reason.isEmpty() ? "" : asset.words() + " cannot take the special allowance: " + reason + ".";
    }

    private static String twoLaws(Known asset) {
        AssetFacts facts = asset.facts();
        boolean open = asset.isNew() && facts.type().bonus() && facts.bonus().isEmpty();
        String acquired = asset.entry().text(FactChecks.ACQUIRED);
        boolean near = !facts.acquired().isBefore(BEFORE_CHANGE)
                && !facts.acquired().isAfter(CHANGED)
                && facts.placed().isAfter(CHANGED);
        boolean unknown = acquired.isEmpty()
                && facts.placed().isAfter(CHANGED)
                && facts.placed().getYear() <= LAST_OF_TWO_LAWS;
        return open && (near || unknown)
                ? "The day of the binding contract of " + asset.words() + " decides between "
                        + RegisterFacts.written(SpecialAllowance.percent(CHANGED, facts.placed())) + " and "
                        + RegisterFacts.written(SpecialAllowance.percent(CHANGED.plusDays(1), facts.placed()))
                        + " percent. Enter or confirm it."
                : "";
    }

    private static List<Found> halfElectedOut(Examination look) {
        Map<String, Set<Boolean>> taken = new TreeMap<>();
        Map<String, String> without = new TreeMap<>();
        AssetBook.of(look.calculation())
                .ifPresent(book -> book.entries()
                        .forEach(entry -> entry.facts()
                                .filter(facts -> look.period().contains(facts.placed())
                                        && facts.type().bonus())
                                .ifPresent(facts -> {
                                    boolean none = facts.bonus().equals(YearOfAsset.NO_BONUS);
                                    String type = facts.type().electedWith();
                                    taken.computeIfAbsent(type, unused -> new HashSet<>())
                                            .add(none);
                                    if (none) {
                                        without.putIfAbsent(type, entry.name());
                                    }
                                })));
        List<Found> found = new ArrayList<>();
        taken.forEach((type, both) -> {
            if (both.size() > 1) {
                found.add(Found.at(
                        new Place.OnLine(TaxColumns.BONUS.in(without.get(type))),
                        "Electing out of the special allowance covers the whole class " + type
                                + ". Make its assets alike, or say in the note why one does not qualify."));
            }
        });
        return found;
    }

    private static String otherPercentage(Known asset) {
        AssetFacts facts = asset.facts();
        if (!asset.isNew() || !isTyped(facts.bonus()) || !facts.type().bonus()) {
            return "";
        }
        BigDecimal law = SpecialAllowance.percent(facts.acquired(), facts.placed());
        return law.compareTo(new BigDecimal(facts.bonus())) == 0
                ? ""
                : asset.words() + " is typed " + facts.bonus() + " percent, the law gives " + RegisterFacts.written(law)
                        + ". Confirm it.";
    }

    private static String automobileAtOnce(Known asset) {
        AssetYear year = asset.year();
        Long limit = year.limit();
        boolean stuck = asset.isNew()
                && limit != null
                && year.bonusPercent().compareTo(BigDecimal.valueOf(100)) == 0
                && year.business() > limit
                && !asset.facts().safeHarbour();
        return stuck
                ? "With the whole special allowance the rest of " + asset.words()
                        + " waits until after the recovery period, unless the safe harbour is used. Choose."
                : "";
    }

    private static String otherBonusBefore(Known asset) {
        AssetFacts facts = asset.facts();
        if (asset.isNew() || facts.prior().bonus() == 0 || facts.type().isAutomobile()) {
            return "";
        }
        BigDecimal law = isTyped(facts.bonus())
                ? new BigDecimal(facts.bonus())
                : SpecialAllowance.percent(facts.acquired(), facts.placed());
        long would = Rounded.percent(facts.depreciable() - facts.prior().section179(), law);
        return Math.abs(would - facts.prior().bonus()) <= 10
                ? ""
                : "The special allowance of " + asset.words() + " in earlier years is "
                        + printed(facts.prior().bonus()) + ", the law gave " + printed(would)
                        + ". What was carried in is used.";
    }

    private static List<Found> evidence(Examination look) {
        boolean listed = AssetBook.of(look.calculation()).stream()
                .flatMap(book -> book.entries().stream())
                .anyMatch(entry -> entry.type().filter(PropertyClass::isListed).isPresent());
        boolean open = !look.has("4562/24a") || !look.has("4562/24b");
        return listed && open
                ? List.of(new Found(
                        Place.line(look.has("4562/24a") ? "4562/24b" : "4562/24a"),
                        "Listed property is in use. Answer whether there is evidence for its business use, and whether "
                                + "it is written.",
                        Answer.YES_OR_NO))
                : List.of();
    }

    private static String unsureLimit(Known asset) {
        boolean automobile = asset.facts().type().isAutomobile();
        AutomobileLimit limit = AutomobileLimit.of(asset.facts().placed().getYear());
        return automobile && asset.isNew() && limit.note().startsWith("unsure")
                ? "The limit of " + printed(limit.withBonus()) + " for " + asset.words()
                        + " is not sure. Check it against " + limit.citation() + "."
                : "";
    }
}
