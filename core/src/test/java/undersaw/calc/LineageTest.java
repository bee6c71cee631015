package undersaw.calc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.calc.Lineage.AccountPart;
import undersaw.calc.Lineage.LinePart;
import undersaw.calc.Lineage.MemberPart;
import undersaw.line.LineId;
import undersaw.line.LineKey;
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
    void aTotalGoesDownToTheRowsThatCountTheGreatestFirst() {
        Calculation year = SampleReturns.corporation()
                .fact("8949/description@00001", "40 shares")
                .fact("8949/proceeds@00001", "300")
                .fact("8949/box@00001", "D")
                .fact("8949/proceeds@00002", "900")
                .fact("8949/box@00002", "D")
                .fact("8949/proceeds@00003", "5000")
                .fact("8949/box@00003", "A")
                .calculate();
        LinePart gain = Lineage.of(year, LineId.of("1120/D/8b/h").alone()).orElseThrow().parts().stream()
                .filter(part -> part.line().id().text().equals("8949/gain"))
                .findFirst()
                .orElseThrow();
        assertThat(gain.value()).isNotNull().extracting(LineValue::amount).isEqualTo(Money.ofDollars(1200));
        assertThat(gain.members())
                .extracting(member -> member.key().toString(), MemberPart::words, MemberPart::amount)
                .containsExactly(
                        tuple("8949/gain@00002", "", Money.ofDollars(900)),
                        tuple("8949/gain@00001", "40 shares", Money.ofDollars(300)));
        LinePart proceeds = Lineage.of(year, LineKey.parse("8949/gain@00001")).orElseThrow().parts().stream()
                .filter(part -> part.line().id().text().equals("8949/proceeds"))
                .findFirst()
                .orElseThrow();
        assertThat(proceeds.key()).isEqualTo(LineKey.parse("8949/proceeds@00001"));
        assertThat(proceeds.value()).isNotNull().extracting(LineValue::amount).isEqualTo(Money.ofDollars(300));
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
