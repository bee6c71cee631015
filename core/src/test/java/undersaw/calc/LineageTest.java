package undersaw.calc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.calc.Lineage.AccountPart;
import undersaw.calc.Lineage.LinePart;
import undersaw.line.LineId;
import undersaw.line.LineSource;
import undersaw.money.Money;

class LineageTest {
    private static final Calculation RETURN = SampleReturns.corporation()
            .income("4000", "1120/1a", "full", "300000")
            .expense("7060", "1120/26", "meals-half", "1000.50")
            .expense("7000", "1120/26", "full", "2000")
            .fact("1120/14", "77")
            .fact("1120/27", "1234")
            .calculate();

    private static Lineage of(String line) {
        return Lineage.of(RETURN, LineId.of(line).alone()).orElseThrow();
    }

    @Test
    void goesDownToTheAccountsWithTheirReasons() {
        assertThat(of("1120/26").accounts())
                .extracting(part -> part.account().number(), AccountPart::amount, AccountPart::why)
                .containsExactly(
                        tuple("7000", Money.ofDollars(2000), ""),
                        tuple("7060", Money.parse("500.25"), "half of 1000.50"));
    }

    @Test
    void goesUpToWhatTheFigureFeeds() {
        assertThat(of("1120/1a").uses())
                .extracting(part -> part.line().id().text())
                .contains("1120/1c");
        assertThat(of("1120/30").uses())
                .extracting(part -> part.line().id().text())
                .containsExactly("1120/J/1a");
    }

    @Test
    void saysTheRuleInWordsAndNamesTheLaw() {
        Lineage tax = of("1120/J/1a");
        assertThat(tax.formula()).isEqualTo("the corporate rate times (line 30, not below zero)");
        assertThat(tax.line().citation()).isEqualTo("IRC 11(b)");
        assertThat(tax.law()).singleElement().satisfies(law -> {
            assertThat(law.text()).isEqualTo("21");
            assertThat(law.citation()).isEqualTo("IRC 11(b)");
        });
        assertThat(of("1120/2").formula()).isEqualTo("1125-A line 8");
        assertThat(of("1120/K/13").formula()).startsWith("yes when");
    }

    @Test
    void partsComeInTheOrderOfTheForm() {
        assertThat(of("1120/11").parts())
                .extracting(LinePart::line)
                .extracting(line -> line.id().text())
                .containsSubsequence("1120/5", "1120/6", "1120/7", "1120/10")
                .contains("1120/3");
    }

    @Test
    void tellsTypedFromComputedAndKeepsWhatWasReplaced() {
        assertThat(RETURN.value(LineId.of("1120/14")).orElseThrow().source()).isEqualTo(LineSource.TYPED);
        LineValue overridden = RETURN.value(LineId.of("1120/27")).orElseThrow();
        assertThat(overridden.source()).isEqualTo(LineSource.OVERRIDDEN);
        assertThat(overridden.amount()).isEqualTo(Money.ofDollars(1234));
        assertThat(overridden.unreplaced()).isEqualTo(Money.ofDollars(2577));
        assertThat(RETURN.value(LineId.of("1120/1a")).orElseThrow().source()).isEqualTo(LineSource.BOOKS);
    }

    @Test
    void everyLineOfTheReturnHasALineage() {
        RETURN.printed()
                .forEach(value -> assertThat(Lineage.of(RETURN, value.key()))
                        .as("%s", value.key())
                        .isPresent());
        assertThat(Lineage.of(RETURN, LineId.of("1120/none").alone())).isEmpty();
    }

    @Test
    void aLineWithNoInputStaysEmptyAndTotalsPrintNothingAsZero() {
        assertThat(RETURN.value(LineId.of("1120/7"))).isEmpty();
        assertThat(RETURN.value(LineId.of("1120/J/5a"))).isEmpty();
        assertThat(RETURN.value(LineId.of("1120/33"))).isPresent();
    }
}
