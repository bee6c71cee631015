package undersaw.us.depreciation;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.SampleReturns;
import undersaw.check.Diagnostic;
import undersaw.line.LineId;
import undersaw.registry.Returns;

/** Each check speaks of the fault that it is for, and none of a sound register. */
final class DepreciationChecksTest {
    private static SampleReturns sound() {
        return SampleReturns.corporation()
                .with(SampleReturns.heading(2025))
                .income("4000", "1120/1a", "", "900000")
                .fact("ASSETS/description@press", "Press")
                .fact("ASSETS/propertyClass@press", "7")
                .fact("ASSETS/cost@press", "80000")
                .fact("ASSETS/acquired@press", "2025-02-02")
                .fact("ASSETS/placedInService@press", "2025-03-01")
                .fact("ASSETS/propertyClass@old", "5")
                .fact("ASSETS/cost@old", "10000")
                .fact("ASSETS/placedInService@old", "2022-05-01")
                .fact("ASSETS/convention@old", "HY")
                .fact("ASSETS/bonus@old", "none")
                .fact("ASSETS/priorRegular@old", "7120");
    }

    private static List<String> codes(SampleReturns returns) {
        return Returns.review(returns.calculate(), LocalDate.of(2026, 3, 1)).diagnostics().stream()
                .map(Diagnostic::code)
                .filter(code -> code.startsWith("A-"))
                .distinct()
                .toList();
    }

    @Test
    void aSoundRegisterIsSilent() {
        assertThat(codes(sound())).isEmpty();
    }

    /** One fact typed otherwise; several are parted by semicolons. */
    @ParameterizedTest
    @CsvSource({
        "A-0101, placedInService@old=",
        "A-0102, land@press=90000",
        "A-0103, cost@desk=500;description@desk=Desk",
        "A-0104, propertyClass@press=39",
        "A-0105, propertyClass@press=other",
        "A-0106, placedInService@press=2026-03-01",
        "A-0111, acquired@press=2025-04-01",
        "A-0112, propertyClass@saw=7;cost@saw=9;acquired@saw=2025-03-03;placedInService@saw=2025-03-03;method@saw=SL",
        "A-0113, convention@old=",
        "A-0116, convention@press=MQ",
        "A-0117, businessUse@press=120",
        "A-0121, propertyClass@press=15;section179@press=500",
        "A-0121, businessUse@press=50;section179@press=500",
        "A-0122, section179@press=80001",
        "A-0127, section179@old=500",
        "A-0130, propertyClass@press=39;bonus@press=40",
        "A-0131, acquired@press=",
        "A-0131, acquired@press=2025-01-10",
        "A-0132, propertyClass@saw=7;cost@saw=9;placedInService@saw=2025-03-03;bonus@saw=none",
        "A-0133, bonus@press=40",
        "A-0134, propertyClass@press=39-qpp",
        "A-0138, propertyClass@press=5-auto",
        "A-0141, priorRegular@old=5000",
        "A-0142, priorRegular@old=9000",
        "A-0143, bonus@old=;priorBonus@old=4000;priorRegular@old=0",
        "A-0144, propertyClass@press=5-listed",
        "A-0146, propertyClass@old=5-listed;businessUse@old=40",
        "A-0147, propertyClass@old=5-listed;businessUse@old=40;/4562/26/c@old@2024=90;/4562/26/c@old-2023=90;"
                + "/4562/26/c@old@2022=90",
        "A-0148, proceeds@old=500",
        "A-0149, disposed@old=2024-12-31",
        "A-0149, disposed@old=2021-01-01",
        "A-0151, disposed@old=2025-05-05;proceeds@old=1;businessUse@old=60",
        "A-0153, propertyClass@old=39;land@old=2000;disposed@old=2025-05-05;proceeds@old=9000",
        "A-0154, disposed@old=2025-05-05;proceeds@old=1;disposition@old=related",
        "A-0156, disposed@old=2025-05-05;disposition@old=casualty",
        "A-0157, disposed@old=2025-05-05;disposition@old=exchanged",
        "A-0158, disposed@old=2025-05-05;disposition@old=installment",
        "A-0159, disposed@old=2025-05-05;disposition@old=distributed",
        "A-0179, propertyClass@press=MACRS 7",
        "A-0179, method@press=XX",
        "A-0179, convention@old=ZZ",
        "A-0180, disposed@old=2025-05-05;disposition@old=lost"
    })
    void eachFaultIsFound(String code, String facts) {
        SampleReturns returns = sound();
        for (String fact : facts.split(";")) {
            String[] parts = fact.split("=", -1);
            String key = parts[0].startsWith("/") ? parts[0].substring(1) : "ASSETS/" + parts[0];
            returns = parts[1].isEmpty() ? returns.without(key) : returns.fact(key, parts[1]);
        }
        assertThat(codes(returns)).contains(code);
    }

    /** Several intangibles of one purchase, and a business sold as a whole (IRC 197(f)(1), 1060; from memory). */
    @Test
    void intangiblesOfOnePurchase() {
        SampleReturns returns = sound();
        for (String name : List.of("list", "name")) {
            returns.fact("ASSETS/propertyClass@" + name, "197")
                    .fact("ASSETS/cost@" + name, "18000")
                    .fact("ASSETS/placedInService@" + name, "2024-01-01")
                    .fact("ASSETS/priorRegular@" + name, "1200");
        }
        returns.fact("ASSETS/disposed@list", "2025-06-30").fact("ASSETS/proceeds@list", "1");
        assertThat(codes(returns)).containsExactly("A-0155");
        returns.fact("ASSETS/disposed@name", "2025-06-30").fact("ASSETS/proceeds@name", "90000");
        assertThat(codes(returns)).containsExactly("A-0170");
    }

    /** The limit of automobiles of 2026 is marked unsure in the table. */
    @Test
    void unsureLawIsSaid() {
        SampleReturns returns = sound().with(SampleReturns.heading(2026))
                .fact("ASSETS/propertyClass@press", "5-auto")
                .fact("ASSETS/placedInService@press", "2026-03-01");
        assertThat(codes(returns)).contains("A-0160");
    }

    /** More than twenty assets of one day. */
    @Test
    void aListBoughtInOneDay() {
        SampleReturns returns = sound();
        for (int at = 0; at < 21; at++) {
            returns.fact("ASSETS/cost@row" + at, "1").fact("ASSETS/placedInService@row" + at, "2025-07-07");
        }
        assertThat(codes(returns)).contains("A-0110");
    }

    /** An S corporation whose shareholders took the section 179 of what it sells. */
    @Test
    void whatOwnersElectedTheyReport() {
        SampleReturns returns = SampleReturns.sCorporation()
                .fact("ASSETS/propertyClass@old", "5")
                .fact("ASSETS/cost@old", "10000")
                .fact("ASSETS/placedInService@old", "2022-05-01")
                .fact("ASSETS/convention@old", "HY")
                .fact("ASSETS/bonus@old", "none")
                .fact("ASSETS/prior179@old", "10000")
                .fact("ASSETS/disposed@old", "2025-05-05")
                .fact("ASSETS/proceeds@old", "3000");
        assertThat(codes(returns)).containsExactly("A-0150");
        assertThat(returns.calculate().amount(LineId.of("4797/17")).isZero()).isTrue();
    }
}
