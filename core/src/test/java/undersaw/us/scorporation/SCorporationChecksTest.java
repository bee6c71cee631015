package undersaw.us.scorporation;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import undersaw.SampleReturns;
import undersaw.check.Diagnostic;
import undersaw.registry.Returns;

/** Each check of an S corporation speaks when its condition holds, and is silent on a sound return. */
class SCorporationChecksTest {
    private static final LocalDate IN_TIME = LocalDate.of(2026, 3, 1);

    private static SampleReturns sound() {
        SampleReturns sample = SampleReturns.sCorporation()
                .owner("amy", 1)
                .owner("bo", 2)
                .shares("amy", "2024-06-01", "50")
                .shares("bo", "2024-06-01", "50")
                .income("4000", "1120-S/1a", "full", "400000")
                .expense("6000", "1120-S/7", "officer-compensation", "90000")
                .fact("7203/1@amy", "5000")
                .fact("7203/1@bo", "5000");
        List.of("3", "4a", "4b", "5a", "5b", "6", "9", "10", "12", "13", "14a", "15", "16")
                .forEach(question -> sample.fact("1120-S/B/" + question, "no"));
        sample.fact("1120-S/199A/sstb@main", "no").fact("1120-S/199A/w2-wages@main", "90000");
        return sample.fact("1120-S/B/8", "0").fact("1120-S/K-2/exception", "yes");
    }

    private static List<String> codes(SampleReturns sample, LocalDate today) {
        return Returns.review(sample.calculate(), today).diagnostics().stream()
                .map(Diagnostic::code)
                .toList();
    }

    @Test
    void aSoundReturnIsSilent() {
        assertThat(codes(sound(), IN_TIME))
                .filteredOn(code -> code.startsWith("S-"))
                .isEmpty();
    }

    private static Arguments says(String code, UnaryOperator<SampleReturns> fault) {
        return Arguments.of(code, fault);
    }

    static List<Arguments> faults() {
        return List.of(
                says("S-0101", s -> s.balance("1999", "1120-S/L/14", "0", "7")),
                says("S-0102", s -> s.balance("1999", "1120-S/L/14", "7", "0")),
                says("S-0103", s -> s.expense("6010", "1120-S/7", "owner-health-insurance", "900")),
                says(
                        "S-0104",
                        s -> s.treated("6000", "fines")
                                .paidOut("3900", "1120-S/L/24@amy", "shareholder-distribution", "10")),
                says("S-0105", s -> s.expense("6020", "1120-S/20", "guaranteed-payment", "900")),
                says("S-0106", s -> s.income("4090", "1120-S/99", "full", "5")),
                says("S-0107", s -> s.fact("1120-S/1a", "400001")),
                says("S-0108", s -> s.income("4001", "1120-S/1a", "full", "200000")),
                says("S-0109", s -> s.income("4050", "1120-S/5", "full", "5").named("4050", "Bank interest")),
                says(
                        "S-0111",
                        s -> s.fact("1125-A/7", "0")
                                .expense("5000", "1125-A/2", "full", "9")
                                .balance("1300", "1120-S/L/3", "0", "9")),
                says("S-0112", s -> s.fact("1125-A/7", "5").expense("5000", "1125-A/2", "full", "9")),
                says("S-0203", s -> s.fact("1120-S/B/11", "yes")),
                says(
                        "S-0404",
                        s -> s.fact("7203/21@amy", "20")
                                .balance("2300", "1120-S/L/19@amy", "shareholder-loan", "-900000", "-100000")),
                says("S-0507", s -> s.fact("1120-S/B/8", "100").income("4600", "1120-S/K/9", "section-1231", "70")),
                says("S-0513", s -> s.fact("1120-S/K/9", "7")),
                says("S-0605", s -> s.balance("1700", "1120-S/L/7", "0", "10001")),
                says("S-0113", s -> s.expense("6030", "1120-S/20", "meals-full", "90")),
                says("S-0115", s -> s.expense("6030", "1120-S/20", "gifts-25", "90")),
                says("S-0201", s -> s.fact("1120-S/B/14a", "yes")),
                says("S-0202", s -> s.fact("OWNERS/kind@bo", "trust")),
                says("S-0205", s -> s.fact("1120-S/B/14a", "yes").fact("1120-S/B/14b", "no")),
                says("S-0213", s -> s.fact("1120-S/hdr/A", "2025-02-01")),
                says("S-0301", s -> s.shares("amy", "2024-12-01", "0").shares("bo", "2024-12-01", "0")),
                says(
                        "S-0303",
                        s -> s.shares("amy", "2024-12-01", "0")
                                .shares("bo", "2024-12-01", "0")
                                .shares("bo", "2025-03-01", "10")),
                says("S-0304", s -> s.paidOut("3900", "1120-S/L/24", "shareholder-distribution", "10")),
                says("S-0305", s -> s.fact("OWNERS/kind@bo", "partnership")),
                says("S-0306", s -> s.fact("1120-S/K-1/1@bo", "1")),
                says("S-0307", s -> s.shares("bo", "2025-06-30", "0").shares("amy", "2025-06-30", "100")),
                says("S-0308", s -> s.shares("bo", "2025-06-30", "30").shares("amy", "2025-07-20", "70")),
                says("S-0308", s -> s.owner("cy", 3).shares("cy", "2025-06-30", "26")),
                says("S-0314", s -> s.fact("1120-S/1377/method", "interim")),
                says("S-0801", s -> s.without("1120-S/199A/sstb@main")),
                says("S-0802", s -> s.without("1120-S/199A/w2-wages@main")),
                says("S-0803", s -> s.fact("8825/activity@mill", "mill")),
                says("S-0309", s -> s.shares("bo", "2025-01-01", "50")),
                says("S-0310", s -> s.fact("OWNERS/kind@bo", "estate").fact("1120-S/K/11", "50")),
                says("S-0311", s -> s.fact("OWNERS/tin@bo", "000-00-0001")),
                says("S-0402", s -> s.paidOut("3900", "1120-S/L/24@amy", "shareholder-distribution", "900000")),
                says("S-0403", s -> s.expense("6050", "1120-S/20", "full", "900000")),
                says("S-0501", s -> s.paidOut("3900", "1120-S/L/24@amy", "shareholder-distribution", "10")),
                says(
                        "S-0504",
                        s -> s.fact("1120-S/M-2/1/c", "50")
                                .paidOut("3900", "1120-S/L/24@amy", "shareholder-distribution", "900000")),
                says("S-0505", s -> s.paidOut("3900", "1120-S/L/24@amy", "shareholder-distribution", "900000")),
                says(
                        "S-0506",
                        s -> s.fact("1120-S/M-2/1/c", "50")
                                .income("4200", "1120-S/K/4", "portfolio-interest", "900000")),
                says("S-0508", s -> s.fact("1120-S/M-2/1/c", "50")),
                says("S-0510", s -> s.income("4400", "1120-S/4", "disposal-books", "700")),
                says(
                        "S-0511",
                        s -> s.income("4300", "1120-S/K/5a", "portfolio-dividends", "7")
                                .fact("1120-S/K/5b", "8")),
                says("S-0512", s -> s.expense("6300", "1120-S/K/12b", "charitable-noncash", "501")),
                says("S-0601", s -> s.balance("1999", "1120-S/L/14", "0", "7")),
                says("S-0602", s -> s.fact("1120-S/K/18", "7")),
                says("S-0604", s -> s.balance("1400", "1120-S/L/6", "0", "-7")),
                says("S-0613", s -> s.balance("1400", "1120-S/L/12", "0", "10000000")),
                says("S-0701", s -> s.fact("8825/1d@mill", "40").fact("8825/1c@mill", "100")),
                says("S-0702", s -> s.income("4500", "8825/2a", "rental-real-estate", "70")),
                says("S-0703", s -> s.expense("6500", "8825/9@mill", "rental-real-estate", "70")),
                says("S-0704", s -> s.fact("8825/1b@mill", "7")),
                says("S-0705", s -> s.income("4500", "8825/2a@mill", "rental-real-estate", "70")));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("faults")
    void eachFaultIsFound(String code, UnaryOperator<SampleReturns> fault) {
        assertThat(codes(sound(), IN_TIME)).doesNotContain(code);
        assertThat(codes(fault.apply(sound()), IN_TIME)).contains(code);
    }

    /** IRC 6699; the rate of Rev. Proc. 2024-40 (from memory): two owners, two months and a day. */
    @Test
    void aLateReturnSaysWhatItCosts() {
        assertThat(Returns.review(sound().calculate(), LocalDate.of(2026, 5, 17))
                        .diagnostics())
                .filteredOn(each -> each.code().equals("S-0901"))
                .extracting(Diagnostic::message)
                .singleElement()
                .asString()
                .contains("1,530");
    }
}
