package undersaw.form.formula;

import static org.assertj.core.api.Assertions.assertThat;
import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.dollars;
import static undersaw.form.formula.Formulas.greatest;
import static undersaw.form.formula.Formulas.law;
import static undersaw.form.formula.Formulas.least;
import static undersaw.form.formula.Formulas.proportion;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import undersaw.law.Law;
import undersaw.law.LawKey;
import undersaw.law.calendar.Period;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.money.Percent;
import undersaw.money.Unit;
import undersaw.us.corporation.CorporationLaw;
import undersaw.us.forms.BusinessLaw;

class FormulaTest {
    private static final Formula A = new Reference(LineId.of("X/a"));
    private static final Formula B = new Reference(LineId.of("X/b"));

    /** Lines a = 700 and b = 300; a question q answered yes. */
    private static final Figures FIGURES = new Figures() {
        private final Map<String, Money> amounts = Map.of("X/a", Money.ofDollars(700), "X/b", Money.ofDollars(300));

        @Override
        public Money amount(LineId line) {
            return amounts.getOrDefault(line.text(), Money.ZERO);
        }

        @Override
        public Money unreplaced(LineId line) {
            return Money.ofDollars(650);
        }

        @Override
        public String answer(LineId line) {
            return Map.of("X/q", "yes", "X/n", "4", "X/p", "12.5").getOrDefault(line.text(), "");
        }

        @Override
        public LocalDate day(LineId line) {
            return LocalDate.of(2025, 6, 30);
        }

        @Override
        public Unit unit() {
            return Unit.DOLLARS;
        }

        @Override
        public Money posted(LineId line) {
            return Money.parse("12.50");
        }

        @Override
        public Money total(Total total) {
            return Money.parse(total.which().isPresent() ? "40.50" : "98.50");
        }

        @Override
        public long part(Division division) {
            return 7_00;
        }

        @Override
        public Money paid(PaymentKind kind) {
            return Money.parse("100.50");
        }

        @Override
        public Money carried(CarryoverKind kind, YearSpan years) {
            return years.contains(2020, 2025) ? Money.ofDollars(40) : Money.ZERO;
        }

        @Override
        public List<Payment> payments() {
            return List.of();
        }

        @Override
        public Period period() {
            return Period.calendarYear(2025);
        }

        @Override
        public Law law() {
            return Law.of(2025);
        }
    };

    private static final Cells CELLS = new Cells() {
        @Override
        public String of(LineId line) {
            return "[" + line + "]";
        }

        @Override
        public String unreplaced(LineId line) {
            return "[was " + line + "]";
        }

        @Override
        public String posted(LineId line) {
            return "[books " + line + "]";
        }

        @Override
        public String total(Total total) {
            return "[rows " + total.line() + "]";
        }

        @Override
        public String rounded(String expression) {
            return "ROUND(" + expression + ",0)";
        }

        @Override
        public String counted(Counted count) {
            return "4";
        }

        @Override
        public String divided(Division formula) {
            return "7";
        }

        @Override
        public String paid(PaymentKind kind) {
            return "[paid " + kind.word() + "]";
        }

        @Override
        public String carried(CarryoverKind kind, YearSpan years) {
            return "[carried " + kind.word() + "]";
        }

        @Override
        public String worked(Worked formula) {
            return "0";
        }

        @Override
        public String law(LawKey key) {
            return "[" + key.key() + "]";
        }
    };

    private static void check(Formula formula, long dollars, String words, String cell) {
        assertThat(formula.value(FIGURES)).isEqualTo(Money.ofDollars(dollars));
        assertThat(formula.words()).isEqualTo(words);
        assertThat(formula.cell(CELLS)).isEqualTo(cell);
    }

    @Test
    void arithmeticIsWordedAndExportedAsItIsEvaluated() {
        check(sum(A, B), 1000, "line X/a plus line X/b", "([X/a]+[X/b])");
        check(A.minus(B), 400, "line X/a less line X/b", "([X/a]-[X/b])");
        check(A.minus(sum(A, B)), -300, "line X/a less (line X/a plus line X/b)", "([X/a]-([X/a]+[X/b]))");
        check(least(A, B), 300, "the smaller of line X/a and line X/b", "MIN([X/a]+0,[X/b]+0)");
        check(greatest(A, B), 700, "the larger of line X/a and line X/b", "MAX([X/a]+0,[X/b]+0)");
        check(B.minus(A).notBelowZero(), 0, "(line X/b less line X/a), not below zero", "MAX(([X/b]-[X/a]),0)");
        check(
                proportion(A, new LineCount(LineId.of("X/n")), 100),
                28,
                "line X/a times line X/n of 100",
                "ROUND([X/a]*IFERROR(VALUE([X/n]),0)/100,0)");
        check(NOTHING, 0, "0", "0");
    }

    @Test
    void theLawIsNamedNotCopied() {
        check(
                A.times(BusinessLaw.CORPORATE_RATE),
                147,
                "the corporate rate times line X/a",
                "ROUND([X/a]*[corporate-rate]/100,0)");
        check(
                law(CorporationLaw.ESTIMATE_THRESHOLD),
                500,
                "the tax below which no estimates are due",
                "[estimate-threshold]");
        Ratio large = new LawPercent(CorporationLaw.DIVIDENDS_LARGE_HOLDING);
        assertThat(large.value(FIGURES)).isEqualTo(Percent.of("65"));
        assertThat(large.words()).isEqualTo(CorporationLaw.DIVIDENDS_LARGE_HOLDING.words());
        assertThat(large.cell(CELLS)).isEqualTo("[dividends-large-holding]");
        assertThat(new LawPercent(CorporationLaw.DIVIDENDS_UTILITY_SMALL).value(FIGURES))
                .isEqualTo(Percent.of("23.3"));
    }

    @Test
    void conditionsChoose() {
        Formula chosen = when(A.isAtLeast(B), dollars(1), dollars(2));
        check(chosen, 1, "1 if line X/a is at least line X/b, otherwise 2", "IF([X/a]>=[X/b],1,2)");
        check(
                when(A.isBelow(B).and(A.isNotZero()), dollars(1), dollars(2)),
                2,
                "1 if line X/a is below line X/b and line X/a is not 0, otherwise 2",
                "IF(AND([X/a]<[X/b],[X/a]<>0),1,2)");
        check(
                when(new Answered(LineId.of("X/q"), "yes"), A, B),
                700,
                "line X/a if line X/q says yes, otherwise line X/b",
                "IF([X/q]=\"yes\",[X/a],[X/b])");
        check(when(NOTHING.isZero(), A, B), 700, "line X/a if 0 is 0, otherwise line X/b", "IF(0=0,[X/a],[X/b])");
    }

    @Test
    void leavesReadWhatTheyName() {
        check(new Posted(LineId.of("X/a")), 13, "the accounts of line X/a", "[books X/a]");
        check(new Total(LineId.of("X/a"), null), 99, "the rows of line X/a", "[rows X/a]");
        check(new Unreplaced(LineId.of("X/a")), 650, "line X/a before anyone typed over it", "[was X/a]");
        check(new Paid(PaymentKind.ESTIMATED), 101, "payments listed as estimated payment", "[paid estimated]");
        check(
                new Carried(CarryoverKind.NOL, YearSpan.last(5)),
                40,
                "net operating loss carried from the last 5 years",
                "[carried nol]");
        assertThat(new Posted(LineId.of("X/a")).reads()).containsExactly(new Input.OfAccounts(LineId.of("X/a")));
        assertThat(when(A.isAtLeast(B), new Paid(PaymentKind.WITHHELD), NOTHING).reads())
                .containsExactlyInAnyOrder(
                        new Input.OfLine(LineId.of("X/a")),
                        new Input.OfLine(LineId.of("X/b")),
                        new Input.OfPayments(PaymentKind.WITHHELD));
    }

    @Test
    void carryYearsAreCountedFromTheReturn() {
        assertThat(YearSpan.last(5).contains(2020, 2025)).isTrue();
        assertThat(YearSpan.last(5).contains(2019, 2025)).isFalse();
        assertThat(YearSpan.last(5).contains(2025, 2025)).isFalse();
        assertThat(YearSpan.lastBefore(20, 2018).contains(2017, 2025)).isTrue();
        assertThat(YearSpan.lastBefore(20, 2018).contains(2018, 2025)).isFalse();
        assertThat(YearSpan.since(2018).contains(2018, 2025)).isTrue();
    }

    @Test
    void atMostAndAboveAreTheOtherWayRound() {
        check(
                when(A.isAtMost(B), dollars(1), dollars(2)),
                2,
                "1 if line X/b is at least line X/a, otherwise 2",
                "IF([X/b]>=[X/a],1,2)");
        check(
                when(A.isAbove(B), dollars(1), dollars(2)),
                1,
                "1 if line X/b is below line X/a, otherwise 2",
                "IF([X/b]<[X/a],1,2)");
        assertThat(A.isAtMost(A).holds(FIGURES)).isTrue();
        assertThat(A.isAbove(A).holds(FIGURES)).isFalse();
    }

    @Test
    void oneAmountInPercentOfAnother() {
        Ratio percent = Formulas.share(B, A);
        assertThat(percent.value(FIGURES)).isEqualTo(Percent.of("42.86"));
        assertThat(percent.words()).isEqualTo("line X/b in percent of line X/a");
        assertThat(percent.cell(CELLS)).isEqualTo("IF([X/a]>0,ROUND(([X/b])/([X/a])*100,2),0)");
        assertThat(Formulas.share(A, NOTHING).value(FIGURES)).isEqualTo(Percent.of("0"));
        check(
                A.times(percent),
                300,
                "(line X/b in percent of line X/a) percent of line X/a",
                "ROUND([X/a]*IF([X/a]>0,ROUND(([X/b])/([X/a])*100,2),0)/100,0)");
        assertThat(percent.onlyWhen(A.isZero()).value(FIGURES)).isEqualTo(Percent.of("0"));
        assertThat(percent.reads())
                .containsExactlyInAnyOrder(new Input.OfLine(LineId.of("X/a")), new Input.OfLine(LineId.of("X/b")));
    }

    @Test
    void whatRoundingCanHaveLeftIsSmall() {
        assertThat(Formulas.rounding(dollars(3), 3).value(FIGURES)).isEqualTo(Money.ofDollars(3));
        assertThat(Formulas.rounding(dollars(-3), 3).value(FIGURES)).isEqualTo(Money.ofDollars(-3));
        assertThat(Formulas.rounding(dollars(4), 3).value(FIGURES)).isEqualTo(Money.ZERO);
    }

    @Test
    void aQuestionThatSaysNoneOfSomeWords() {
        Condition none = new AnyOf(LineId.of("X/q"), List.of("no", "maybe")).not();
        assertThat(none.holds(FIGURES)).isTrue();
        assertThat(new AnyOf(LineId.of("X/q"), List.of("yes")).not().holds(FIGURES))
                .isFalse();
        assertThat(none.words()).isEqualTo("line X/q says none of no, maybe");
        assertThat(none.cell(CELLS)).isEqualTo("NOT(OR([X/q]=\"no\",[X/q]=\"maybe\"))");
        assertThat(none.not().words()).isEqualTo("line X/q says no or maybe");
    }

    @Test
    void mixedConditionsStandInBrackets() {
        Condition one = new Answered(LineId.of("X/q"), "yes");
        Condition two = A.isZero();
        assertThat(one.or(two.and(B.isZero())).words())
                .isEqualTo("line X/q says yes or (line X/a is 0 and line X/b is 0)");
        assertThat(one.or(two).and(B.isZero()).words())
                .isEqualTo("(line X/q says yes or line X/a is 0) and line X/b is 0");
    }

    @Test
    void countsAndPercentagesOnLinesAreReadAsWhatTheyAre() {
        Count count = new LineCount(LineId.of("X/n"));
        assertThat(count.isAtLeast(4).holds(FIGURES)).isTrue();
        assertThat(count.isBelow(4).holds(FIGURES)).isFalse();
        assertThat(count.isBelow(4).words()).isEqualTo("line X/n is below 4");
        assertThat(count.isAtLeast(4).cell(CELLS)).isEqualTo("IFERROR(VALUE([X/n]),0)>=4");
        assertThat(new LineCount(LineId.of("X/none")).value(FIGURES)).isZero();
        Ratio percent = new LinePercent(LineId.of("X/p"));
        check(A.times(percent), 88, "line X/p percent of line X/a", "ROUND([X/a]*IFERROR(VALUE([X/p]),0)/100,0)");
        assertThat(new LinePercent(LineId.of("X/none")).value(FIGURES)).isEqualTo(Percent.of("0"));
    }

    @Test
    void whatIsNotSoIsSaidPlainly() {
        assertThat(new Answered(LineId.of("X/q"), "yes").not().words()).isEqualTo("line X/q does not say yes");
        assertThat(new HeldOverAYear(LineId.of("X/a"), LineId.of("X/b")).not().words())
                .isEqualTo("line X/b is no more than a year after line X/a");
        assertThat(A.isBelow(B).not().words()).isEqualTo("it is not so that line X/a is below line X/b");
    }

    @Test
    void aTotalOfSomeReadsWhatDecidesWhichCount() {
        Total some = new Total(LineId.of("X/a"), null)
                .where(new Answered(LineId.of("X/q"), "yes"))
                .where(B.isNotZero());
        check(some, 41, "the rows of line X/a where line X/q says yes and line X/b is not 0", "[rows X/a]");
        assertThat(some.reads()).containsExactly(new Input.OfTotal(some));
        assertThat(new Input.OfTotal(some).lines())
                .containsExactlyInAnyOrder(LineId.of("X/a"), LineId.of("X/q"), LineId.of("X/b"));
    }

    @Test
    void aFigureOfTheLawIsReadLikeALine() {
        assertThat(A.times(BusinessLaw.CORPORATE_RATE).reads()).contains(new Input.OfLaw(BusinessLaw.CORPORATE_RATE));
        assertThat(law(CorporationLaw.ESTIMATE_THRESHOLD).reads())
                .containsExactly(new Input.OfLaw(CorporationLaw.ESTIMATE_THRESHOLD));
    }
}
