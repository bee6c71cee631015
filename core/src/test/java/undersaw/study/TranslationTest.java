package undersaw.study;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.engagement.Heading;
import undersaw.engagement.Snapshot;
import undersaw.form.MapTarget;
import undersaw.law.calendar.Period;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.registry.Returns;
import undersaw.returns.ReturnKind;

/** An engagement as another kind of entity: accounts, owners and answers (rulebook of the house; no source). */
class TranslationTest {
    private static ReturnKind kind(Kind kind) {
        return Returns.find(kind.form()).orElseThrow();
    }

    private static Calculation as(Kind kind, SampleReturns sample) {
        return as(kind, sample, 2025);
    }

    private static Calculation as(Kind kind, SampleReturns sample, int year) {
        Calculation own = sample.calculate();
        Heading old = own.snapshot().heading();
        Heading heading = new Heading(kind.form(), old.client(), Period.calendarYear(year), old.method(), old.flags());
        Snapshot study = Translation.of(own, kind(kind), heading);
        return Returns.calculate(study);
    }

    private static long dollars(Calculation year, String line) {
        return year.amount(LineId.of(line)).dollars();
    }

    private static SampleReturns partnership() {
        return SampleReturns.partnership()
                .partner("a", 1, "general", "60")
                .partner("b", 2, "limited", "40")
                .income("4000", "1065/1a", "full", "10000")
                .income("4200", "1065/K/5", "portfolio-interest", "300")
                .income("4300", "1065/K/18a", "interest-exempt", "50")
                .income("4500", "8825/2a@mill", "rental-real-estate", "900")
                .expense("6000", "1065/10@a", "guaranteed-payment", "4000")
                .expense("6100", "1065/21", "meals-half", "200")
                .expense("6200", "1065/K/13a", "charitable", "100")
                .paidOut("3100", "1065/L/21@a", "owner-draw", "700")
                .fact("1065/B/1c", "yes");
    }

    @Test
    void aPartnershipAsACorporation() {
        Calculation study = as(Kind.CORPORATION, partnership());
        assertThat(dollars(study, "1120/1a")).isEqualTo(10_000);
        assertThat(dollars(study, "1120/5")).isEqualTo(300);
        assertThat(dollars(study, "1120/6")).isEqualTo(900);
        assertThat(dollars(study, "1120/12")).isEqualTo(4_000);
        assertThat(dollars(study, "1120/26")).isEqualTo(100);
        assertThat(dollars(study, "1120/M-2/5a")).isEqualTo(700);
        assertThat(dollars(study, "1120/M-1/1")).isEqualTo(6_950);
        assertThat(Unplaced.of(study, partnership().calculate()))
                .extracting(each -> each.key().toString())
                .contains("1065/B/1c");
    }

    @Test
    void aPartnershipAsAnSCorporation() {
        Calculation study = as(Kind.S_CORPORATION, partnership());
        assertThat(dollars(study, "1120-S/7")).isEqualTo(4_000);
        assertThat(dollars(study, "1120-S/K/16a")).isEqualTo(50);
        assertThat(dollars(study, "1120-S/K/16c")).isEqualTo(100);
        assertThat(dollars(study, "8825/21")).isEqualTo(900);
        assertThat(study.value(LineKey.parse("1120-S/K-1/G@a"))
                        .orElseThrow()
                        .value()
                        .plain())
                .isEqualTo("60");
        assertThat(study.value(LineKey.parse("1120-S/K-1/16/D@a"))
                        .orElseThrow()
                        .amount()
                        .dollars())
                .isEqualTo(700);
    }

    /** Shares sold within the year become percentages that change on the same day. */
    @Test
    void shareholdersAsPartners() {
        SampleReturns sample = SampleReturns.sCorporation()
                .owner("a", 1)
                .owner("b", 2)
                .shares("a", "2020-01-01", "300")
                .shares("b", "2020-01-01", "100")
                .shares("a", "2025-06-30", "200")
                .shares("b", "2025-06-30", "200")
                .income("4000", "1120-S/1a", "full", "36500");
        Calculation own = sample.calculate();
        Calculation study = as(Kind.PARTNERSHIP, sample);
        for (String owner : List.of("a", "b")) {
            assertThat(study.value(LineKey.parse("1065/K-1/1@" + owner))
                            .orElseThrow()
                            .amount())
                    .isEqualTo(own.value(LineKey.parse("1120-S/K-1/1@" + owner))
                            .orElseThrow()
                            .amount());
        }
        assertThat(Returns.review(study, study.snapshot().heading().period().end())
                        .diagnostics())
                .extracting(each -> each.code())
                .doesNotContain("P-0301", "P-0303");
    }

    @Test
    void aCorporationAsAPartnership() {
        SampleReturns sample = SampleReturns.corporation()
                .owner("a", 1)
                .owner("b", 2)
                .fact("OWNERS/capitalEnd@a", "75")
                .fact("OWNERS/capitalEnd@b", "25")
                .income("4000", "1120/1a", "full", "1000")
                .income("4200", "1120/5", "interest-exempt", "40")
                .expense("6000", "1120/12", "full", "300");
        Calculation study = as(Kind.PARTNERSHIP, sample);
        assertThat(dollars(study, "1065/K/18a")).isEqualTo(40);
        assertThat(study.value(LineKey.parse("1065/K-1/18/A@a"))
                        .orElseThrow()
                        .amount()
                        .dollars())
                .isEqualTo(30);
        // whose pay it was is asked
        assertThat(Returns.review(study, study.snapshot().heading().period().end())
                        .diagnostics())
                .extracting(each -> each.code())
                .contains("P-0104");
    }

    /** Depreciation without what is in the cost of goods has a line of its own on each return. */
    @Test
    void typedDepreciationKeepsItsAmount() {
        SampleReturns sample = SampleReturns.sCorporation()
                .owner("a", 1)
                .shares("a", "2020-01-01", "100")
                .income("4000", "1120-S/1a", "full", "10000")
                .fact("1120-S/14", "700")
                .fact("1125-A/depreciation", "200");
        assertThat(dollars(as(Kind.PARTNERSHIP, sample), "1065/16c")).isEqualTo(700);
        assertThat(dollars(as(Kind.CORPORATION, sample), "1120/20")).isEqualTo(700);
    }

    /** The same return under another year's law keeps every account and answer. */
    @ParameterizedTest
    @CsvSource({"2023, 100", "2025, 100"})
    void theSameKindUnderAnotherLaw(int year, long meals) {
        Calculation study = as(Kind.PARTNERSHIP, partnership(), year);
        assertThat(dollars(study, "1065/K/18c")).isEqualTo(meals);
        assertThat(study.plan().year()).isEqualTo(year);
    }

    /** Each place that accounts can go leads somewhere on the other returns, but for what those have no line for. */
    @ParameterizedTest
    @EnumSource(Kind.class)
    void everyAccountHasAPlaceElsewhere(Kind from) {
        Set<String> nowhere = Set.of(
                "1065/K/21", "1120-S/K/16f", "1125-A/8", "1120/C/4/a", "1120/M-2/3", "1120/M-2/6", "1120/M-2/5b");
        for (Kind to : Kind.values()) {
            for (MapTarget target : kind(from).plan(2025).targets()) {
                boolean known = kind(to).plan(2025).target(target.id()).isPresent()
                        || Correspondence.of(from, to, target.id(), "")
                                .filter(spot ->
                                        kind(to).plan(2025).target(spot.line()).isPresent())
                                .isPresent();
                boolean seldom = target.id().text().startsWith("1120/C/")
                        || nowhere.contains(target.id().text());
                assertThat(known || seldom).as("%s as %s", target.id(), to).isTrue();
            }
        }
    }

    /** A line of the table that no return has would lead nowhere in silence. */
    @ParameterizedTest
    @EnumSource(Kind.class)
    void everyLineOfTheTableStandsOnItsReturn(Kind kind) {
        for (Kind other : Kind.values()) {
            Correspondence.pairs(kind, other)
                    .forEach(pair -> pair.left()
                            .ifPresent(line -> assertThat(kind(kind)
                                                    .plan(2025)
                                                    .target(line)
                                                    .isPresent()
                                            || kind(kind).plan(2025).line(line).isPresent())
                                    .as(line.text())
                                    .isTrue()));
        }
    }
}
