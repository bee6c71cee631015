package undersaw.us.corporation;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.check.Diagnostic;
import undersaw.check.Severity;
import undersaw.form.MapTarget;
import undersaw.ledger.Side;
import undersaw.ledger.StatementKind;
import undersaw.ledger.Treatment;
import undersaw.ledger.Treatment.Reach;
import undersaw.line.LineId;
import undersaw.registry.Returns;
import undersaw.returns.ReturnKind;

/** What the books have and the return lacks is asked for, whatever line and treatment an account has. */
class AskedForTest {
    private static final ReturnKind CORPORATION = Returns.find("1120").orElseThrow();
    private static final LineId TAXABLE = LineId.of("1120/28");
    private static final List<Reach> BY_LAW = List.of(Reach.WHOLE, Reach.HALF, Reach.NONE);
    private static final Calculation BASE = returns().calculate();
    private static final Set<String> BEFORE = found(BASE);

    private static SampleReturns returns() {
        return SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "400000")
                .balance("1001", "1120/L/1", "1000", "1000")
                .balance("3000", "1120/L/22b", "-1000", "-1000");
    }

    /** Every treatment whose tax side is not told by the account alone, on every line that it can have. */
    static Stream<Arguments> keptElsewhere() {
        List<MapTarget> targets = BASE.plan().targets();
        return CORPORATION.treatments().stream()
                .filter(treatment -> !BY_LAW.contains(treatment.reach()))
                .flatMap(treatment -> targets.stream()
                        .filter(target -> target.statement() == StatementKind.INCOME_STATEMENT)
                        .filter(target -> target.refusal(treatment).isEmpty())
                        .map(target -> Arguments.of(treatment, target)));
    }

    @ParameterizedTest
    @MethodSource("keptElsewhere")
    void aTreatmentWhoseTaxSideIsKeptElsewhereAsksForIt(Treatment treatment, MapTarget target) {
        Calculation year = with(target, treatment.id());
        boolean reaches = !year.amount(TAXABLE).equals(BASE.amount(TAXABLE)) && treatment.reach() == Reach.ELSEWHERE;
        Set<String> asked = found(year);
        asked.removeAll(BEFORE);
        assertThat(reaches || !asked.isEmpty())
                .as("%s on %s brings nothing to line 28 and nothing asks for it", treatment.id(), target.id())
                .isTrue();
    }

    /** Every line of income or deduction: what an account brings there reaches line 28, or something asks. */
    static Stream<MapTarget> results() {
        return BASE.plan().targets().stream().filter(target -> target.statement() == StatementKind.INCOME_STATEMENT);
    }

    @ParameterizedTest
    @MethodSource("results")
    void aLineTakesItsAccountOrAsks(MapTarget target) {
        Calculation year = with(target, "full");
        Set<String> asked = found(year);
        asked.removeAll(BEFORE);
        boolean reaches = !year.amount(TAXABLE).equals(BASE.amount(TAXABLE));
        assertThat(reaches || !asked.isEmpty()).as("%s", target.id()).isTrue();
        // closing inventory among the results is a mistake that has questions of its own
        assertThat(target.id().text().equals("1125-A/7")
                        || asked.stream().noneMatch(finding -> finding.startsWith("C-0503")))
                .isTrue();
    }

    /** The kinds of account of whom another place of the return has to know. */
    @ParameterizedTest
    @CsvSource({
        "1120/M-1/2,federal-tax,C-0629",
        "1120/20,depreciation-books,C-0212",
        "1120/26,amortization-books,C-0233",
        "1120/9,disposal-books,C-0313",
        "1120/8,capital-books,C-0312",
        "1120/26,start-up-195,C-0234",
        "1120/26,organizational,C-0234",
        "1120/C/1/a,full,C-0207",
        "1120/M-2/5a,,C-0631"
    })
    void eachKindHasAQuestionOfItsOwn(String line, @Nullable String treatment, String code) {
        MapTarget target = BASE.plan().target(LineId.of(line)).orElseThrow();
        assertThat(found(with(target, treatment == null ? "" : treatment)))
                .anyMatch(finding -> finding.startsWith(code + "."));
    }

    @Test
    void aDateOfBeginningAnswersItself() {
        MapTarget target = BASE.plan().target(LineId.of("1120/26")).orElseThrow();
        SampleReturns begun = put(target, "start-up-195").fact("TREAT/start-up-195/begun", "2025-07-01");
        assertThat(found(begun.calculate())).noneMatch(finding -> finding.startsWith("C-0234"));
    }

    private static Calculation with(MapTarget target, String treatment) {
        return put(target, treatment).calculate();
    }

    private static SampleReturns put(MapTarget target, String treatment) {
        String line = target.id().text();
        if (target.statement() == StatementKind.BALANCE_SHEET) {
            return returns().balance("9999", line, "0", target.side() == Side.CREDIT ? "-12345" : "12345");
        }
        return target.side() == Side.CREDIT
                ? returns().income("9999", line, treatment, "12345")
                : returns().expense("9999", line, treatment, "12345");
    }

    /** Stops and queries, those that only differ by an amount told apart by their place. */
    private static Set<String> found(Calculation year) {
        List<Diagnostic> all = Returns.review(year, LocalDate.of(2026, 3, 1)).diagnostics();
        // an answer is kept by the finding's key, so two findings of one key would answer each other
        assertThat(all).extracting(Diagnostic::key).doesNotHaveDuplicates();
        return all.stream()
                .filter(finding -> finding.severity() != Severity.NOTE)
                .map(Diagnostic::key)
                .collect(Collectors.toCollection(HashSet::new));
    }
}
