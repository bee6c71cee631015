package undersaw.us.corporation;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.SampleReturns;
import undersaw.check.Diagnostic;
import undersaw.ledger.Treatment;
import undersaw.line.LineId;
import undersaw.registry.Returns;
import undersaw.returns.ReturnKind;

/** A treatment serves accounts of a side or of certain lines; common practice, no source. */
class TreatmentPlacesTest {
    private static final ReturnKind KIND = Returns.find("1120").orElseThrow();

    private static Optional<String> refusal(ReturnKind kind, String treatment, String line) {
        Treatment known = kind.treatment(treatment).orElseThrow();
        return kind.plan(2025).target(LineId.of(line)).orElseThrow().refusal(known);
    }

    @ParameterizedTest
    @CsvSource({
        "meals-half,1120/1a,is for accounts of expense",
        "fines-none,1120/5,is for accounts of expense",
        "depreciation-books,1120/10,is for accounts of expense",
        "interest-exempt,1120/26,is for accounts of income",
        "charitable,1120/26,goes with 1120/19",
        "federal-tax,1120/17,goes with 1120/M-1/2",
        "capital-books,1120/1a,goes with 1120/8 or 1120/9",
    })
    void whatCannotServeALineSaysWhy(String treatment, String line, String why) {
        assertThat(refusal(KIND, treatment, line))
                .hasValueSatisfying(
                        words -> assertThat(words).contains(treatment).contains(why));
    }

    @ParameterizedTest
    @CsvSource({
        "full,1120/1a",
        "meals-half,1120/26",
        "interest-exempt,1120/5",
        "charitable,1120/19",
        "equity-method,1120/10",
        "depreciation-books,1125-A/5",
        "disposal-books,1120/9",
        "federal-tax,1120/M-1/2",
        "amortization-books,1120/26",
    })
    void whatServesItIsTaken(String treatment, String line) {
        assertThat(refusal(KIND, treatment, line)).isEmpty();
    }

    @Test
    void functionsServeExpensesOfANonprofitOnly() {
        ReturnKind nonprofit = Returns.find("990-EZ").orElseThrow();
        assertThat(refusal(nonprofit, "program", "990-EZ/1")).isPresent();
        assertThat(refusal(nonprofit, "program", "990-EZ/12")).isEmpty();
        assertThat(refusal(nonprofit, "in-kind", "990-EZ/1")).isEmpty();
    }

    /** Every published name goes where its treatment can serve. */
    @Test
    void noListedNameIsOutOfPlace() {
        for (ReturnKind kind : List.of(KIND, Returns.find("990-EZ").orElseThrow())) {
            assertThat(kind.suggestions().names().stream()
                            .filter(name -> kind.plan(2025).target(name.line()).isPresent())
                            .filter(name -> kind.treatment(name.treatment()).isPresent())
                            .filter(name -> refusal(
                                            kind, name.treatment(), name.line().text())
                                    .isPresent())
                            .map(name -> name.name() + " " + name.line() + " " + name.treatment())
                            .toList())
                    .isEmpty();
        }
    }

    @Test
    void whatStandsAlreadyIsFound() {
        List<String> codes = codes(SampleReturns.corporation().income("4000", "1120/1a", "meals-half", "1000"));
        assertThat(codes).contains("C-0413");
        assertThat(codes(SampleReturns.corporation().income("4000", "1120/1a", "full", "1000")))
                .doesNotContain("C-0413");
    }

    private static List<String> codes(SampleReturns sample) {
        return Returns.review(Returns.calculate(sample.snapshot()), LocalDate.of(2026, 3, 9)).diagnostics().stream()
                .map(Diagnostic::code)
                .toList();
    }
}
