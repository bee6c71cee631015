package undersaw.us.partnership;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.check.Diagnostic;
import undersaw.engagement.PriorYear;
import undersaw.engagement.Snapshot;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.registry.Returns;

/** Each check of a partnership speaks when its condition holds, and is silent on a sound return. */
class PartnershipChecksTest {
    private static final LocalDate IN_TIME = LocalDate.of(2026, 3, 1);

    private static SampleReturns sound() {
        SampleReturns sample = SampleReturns.partnership()
                .partner("amy", 1, "general", "50")
                .partner("bo", 2, "general", "50")
                .income("4000", "1065/1a", "full", "400000")
                .expense("6000", "1065/10@amy", "guaranteed-payment", "90000");
        List.of("2a", "3a", "3b", "5", "6", "7", "8", "9", "10a", "10b", "10c", "10d", "12", "14", "16a", "19", "20")
                .forEach(question -> sample.fact("1065/B/" + question, "no"));
        List.of("21", "22", "23", "24", "25", "27", "28", "29", "30")
                .forEach(question -> sample.fact("1065/B/" + question, "no"));
        sample.fact("1065/199A/sstb@main", "no");
        return sample.fact("1065/B/2b", "yes").fact("1065/B/31", "yes").fact("1065/K-2/exception", "yes");
    }

    private static List<String> codes(SampleReturns sample, LocalDate today) {
        return Returns.review(sample.calculate(), today).diagnostics().stream()
                .map(Diagnostic::code)
                .toList();
    }

    @Test
    void aSoundReturnIsSilent() {
        assertThat(codes(sound(), IN_TIME))
                .filteredOn(code -> code.startsWith("P-"))
                .isEmpty();
    }

    private static Arguments says(String code, UnaryOperator<SampleReturns> fault) {
        return Arguments.of(code, fault);
    }

    static List<Arguments> faults() {
        return List.of(
                says("P-0101", s -> s.balance("1999", "1065/L/13", "0", "7")),
                says("P-0102", s -> s.balance("1999", "1065/L/13", "7", "0")),
                says("P-0103", s -> s.expense("6010", "1065/9@bo", "officer-compensation", "900")),
                says("P-0104", s -> s.expense("6010", "1065/10", "guaranteed-payment", "900")),
                says("P-0106", s -> s.income("4090", "1065/99", "full", "5")),
                says("P-0107", s -> s.fact("1065/1a", "400001")),
                says("P-0109", s -> s.income("4050", "1065/7", "full", "5").named("4050", "Bank interest")),
                says(
                        "P-0111",
                        s -> s.fact("1125-A/7", "0")
                                .expense("5000", "1125-A/2", "full", "9")
                                .balance("1300", "1065/L/3", "0", "9")),
                says("P-0112", s -> s.fact("1125-A/7", "5").expense("5000", "1125-A/2", "full", "9")),
                says("P-0113", s -> s.expense("6030", "1065/21", "meals-full", "90")),
                says("P-0114", s -> s.expense("6040", "1065/15", "full", "90").without("1065/B/24")),
                says("P-0115", s -> s.expense("6030", "1065/21", "gifts-25", "90")),
                says("P-0201", s -> s.fact("1065/B/16a", "yes")),
                says("P-0202", s -> s.without("1065/B/30")),
                says("P-0203", s -> s.fact("1065/B/5", "yes")),
                says("P-0204", s -> s.fact("OWNERS/kind@bo", "trust")),
                says("P-0204", s -> s.fact("1065/K-1/s-holders@bo", "99")),
                says("P-0205", s -> s.fact("1065/B/16a", "yes").fact("1065/B/16b", "no")),
                says("P-0206", s -> s.fact("OWNERS/role@bo", "limited")),
                says("P-0207", s -> s.fact("1065/B/31", "no")),
                says("P-0208", s -> s.fact("1065/B/2b", "no")),
                says("P-0208", s -> s.fact("OWNERS/kind@bo", "corporation")),
                says("P-0209", s -> s.fact("1065/B/4", "yes")),
                says("P-0211", s -> s.without("1065/K-2/exception")),
                says("P-0301", s -> s.fact("OWNERS/lossEnd@bo", "49")),
                says("P-0301", s -> s.changed("amy", "2025-03-31", "40").changed("amy", "2025-06-30", "50")),
                says("P-0302", s -> allocated(s, "1065/1a", "amy", "", "5")),
                says("P-0302", s -> allocated(s, "1065/K/19a", "amy", "100", "")),
                says("P-0302", s -> allocated(s, "1065/K/1", "nobody", "100", "")),
                says("P-0302", s -> allocated(s, "1065/K/1", "amy", "99", "")),
                says("P-0302", s -> allocated(s, "1065/K/1", "amy", "100", "5")),
                says("P-0302", s -> allocated(s, "1065/K/1", "amy", "", "5")),
                says("P-0308", s -> s.fact("1065/706/method", "interim")),
                says("P-0402", s -> s.fact("OWNERS/role@amy", "limited").fact("1065/K-1/active@amy", "no")),
                says(
                        "P-0404",
                        s -> s.expense("6200", "1065/K/13e/R@bo", "owner-retirement", "700")
                                .paidOut("3900", "1065/L/21@bo", "owner-draw", "700")),
                says(
                        "P-0504",
                        s -> s.without("1065/K-1/4a@amy").fact("1065/SE/5", "0").fact("1065/K/14a", "0")),
                says("P-0612", s -> s.balance("3990", "1065/L/21", "0", "-50")),
                says("P-0303", s -> s.fact("OWNERS/profitBegin@bo", "40").fact("OWNERS/profitBegin@amy", "60")),
                says("P-0304", s -> s.paidOut("3900", "1065/L/21", "owner-draw", "10")),
                says("P-0306", s -> s.fact("OWNERS/kind@bo", "estate").fact("1065/K/12", "50")),
                says("P-0307", s -> s.changed("amy", "2025-06-30", "40").changed("bo", "2025-06-30", "60")),
                says("P-0309", s -> s.partner("amy", 1, "general", "100").partner("bo", 2, "general", "0")),
                says("P-0310", s -> s.fact("1065/K-1/1@bo", "1")),
                says("P-0311", s -> s.fact("OWNERS/tin@bo", "000-00-0001")),
                says("P-0312", s -> s.without("OWNERS/role@bo")),
                says("P-0401", s -> s.fact("OWNERS/role@bo", "member")),
                says(
                        "P-0403",
                        s -> s.fact("OWNERS/role@bo", "member")
                                .fact("OWNERS/role@amy", "member")
                                .balance("2000", "1065/L/15", "0", "-70")),
                says("P-0405", s -> s.paidOut("3900", "1065/L/21@bo", "owner-draw", "900000")),
                says("P-0406", s -> s.paidOut("3900", "1065/L/21@bo", "owner-draw", "900000")),
                says("P-0407", s -> s.fact("1065/K-1/K/recourse/end@amy", "900")),
                says("P-0501", s -> s.fact("1065/K/6b", "8")),
                says("P-0502", s -> s.expense("6300", "1065/K/13b", "charitable-noncash", "501")),
                says("P-0503", s -> s.fact("1065/K/10", "7")),
                says("P-0505", s -> s.income("4400", "1065/6", "disposal-books", "700")),
                says("P-0601", s -> s.balance("1999", "1065/L/13", "0", "7")),
                says("P-0602", s -> s.fact("1065/ANI/1", "7")),
                says("P-0604", s -> s.balance("1400", "1065/L/6", "0", "-7")),
                says("P-0611", s -> s.fact("1065/K-1/L/beginning@amy", "7")),
                says("P-0613", s -> s.balance("1400", "1065/L/11", "0", "10000000")),
                says("P-0702", s -> s.income("4500", "8825/2a", "rental-real-estate", "70")),
                says("P-0801", s -> s.without("1065/199A/sstb@main")),
                says("P-0802", s -> s.expense("6002", "1065/9", "full", "900")),
                says("P-0803", s -> s.fact("8825/activity@mill", "mill")),
                says("P-0703", s -> s.expense("6500", "8825/9@mill", "rental-real-estate", "70")));
    }

    private static SampleReturns allocated(
            SampleReturns sample, String line, String owner, String percent, String amount) {
        sample.fact("ALLOCATIONS/line@1", line).fact("ALLOCATIONS/owner@1", owner);
        if (!percent.isEmpty()) {
            sample.fact("ALLOCATIONS/percent@1", percent);
        }
        return amount.isEmpty() ? sample : sample.fact("ALLOCATIONS/amount@1", amount);
    }

    /** A special allocation that uses up its line, of one property too, is no fault. */
    @Test
    void aWholeSpecialAllocationIsSilent() {
        SampleReturns whole = allocated(sound(), "1065/K/1", "amy", "100", "");
        SampleReturns property = allocated(
                sound().income("4500", "8825/2a@mill", "rental-real-estate", "70")
                        .fact("ALLOCATIONS/instance@1", "mill"),
                "8825/17",
                "bo",
                "",
                "70");
        assertThat(codes(whole, IN_TIME)).contains("P-0305").doesNotContain("P-0302", "P-0310");
        assertThat(codes(property, IN_TIME)).contains("P-0305").doesNotContain("P-0302", "P-0310");
    }

    private static List<String> codesAfter(SampleReturns sample, Map<String, Long> lastYear) {
        Map<LineId, Money> lines = new HashMap<>();
        lastYear.forEach((line, amount) -> lines.put(LineId.of(line), Money.ofDollars(amount)));
        Snapshot before = sample.calculate().snapshot();
        Calculation year = Returns.calculate(before.withPrior(new PriorYear(LocalDate.of(2024, 12, 31), lines)));
        return Returns.review(year, IN_TIME).diagnostics().stream()
                .map(Diagnostic::code)
                .toList();
    }

    /** What last year ended with is what this one begins with. */
    @Test
    void capitalBeginsAsLastYearEnded() {
        SampleReturns sample = sound().fact("1065/K-1/L/beginning@amy", "700");
        assertThat(codesAfter(sample, Map.of("1065/M-2/9", 700L))).doesNotContain("P-0408");
        assertThat(codesAfter(sample, Map.of("1065/M-2/9", 701L))).contains("P-0408");
    }

    /** Ordinary income that moved by more than half and 25,000 is asked about (house rule, no source). */
    @Test
    void incomeThatMovedMuchIsAskedAbout() {
        assertThat(codesAfter(sound(), Map.of("1065/23", 310_000L))).doesNotContain("P-0110");
        assertThat(codesAfter(sound(), Map.of("1065/23", 100_000L))).contains("P-0110");
    }

    /** Rev. Proc. 84-35 (from memory): not where partners share items otherwise than in one proportion. */
    @Test
    void reliefFromTheLatePenaltyIsSaid() {
        LocalDate late = LocalDate.of(2026, 5, 17);
        assertThat(codes(sound(), late)).contains("P-0902");
        assertThat(codes(allocated(sound(), "1065/K/1", "amy", "100", ""), late))
                .doesNotContain("P-0902");
        assertThat(codes(sound().fact("OWNERS/kind@bo", "corporation"), late)).doesNotContain("P-0902");
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("faults")
    void eachFaultIsFound(String code, UnaryOperator<SampleReturns> fault) {
        assertThat(codes(sound(), IN_TIME)).doesNotContain(code);
        assertThat(codes(fault.apply(sound()), IN_TIME)).contains(code);
    }

    /** After the due date an amended return is no way (IRC 6031(b), from memory). */
    @Test
    void aLateAmendmentIsStopped() {
        SampleReturns amended = sound().fact("1065/hdr/G5", "yes").fact("1065/B/31", "no");
        assertThat(codes(amended, IN_TIME)).doesNotContain("P-0210");
        assertThat(codes(amended, LocalDate.of(2026, 5, 17))).contains("P-0210");
    }

    /** IRC 6698; the rate of Rev. Proc. 2024-40 (from memory): three partners, two months and a day. */
    @Test
    void aLateReturnSaysWhatItCosts() {
        SampleReturns three = sound().partner("amy", 1, "general", "30").partner("cy", 3, "general", "20");
        assertThat(Returns.review(three.calculate(), LocalDate.of(2026, 5, 17)).diagnostics())
                .filteredOn(each -> each.code().equals("P-0901"))
                .extracting(Diagnostic::message)
                .singleElement()
                .asString()
                .contains("2,295");
    }
}
