package undersaw.calc;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import undersaw.SampleReturns;
import undersaw.engagement.Change;
import undersaw.engagement.Fact;
import undersaw.engagement.WorksheetRow;
import undersaw.line.LineId;
import undersaw.line.LineSource;
import undersaw.money.Money;

/** Statements: a row an account, in whole dollars, footing to the line (common practice, no source). */
class StatementTest {
    private static final LineId OTHER_DEDUCTIONS = LineId.of("1120/26");

    private static Statement statement(Calculation year) {
        return Statement.of(year, year.plan().line(OTHER_DEDUCTIONS).orElseThrow());
    }

    private static SampleReturns sample() {
        return SampleReturns.corporation()
                .income("4000", "1120/1a", "full", "90000")
                .expense("6400", "1120/26", "full", "100.40")
                .expense("6410", "1120/26", "full", "200.40")
                .expense("6420", "1120/26", "meals-half", "700.80");
    }

    @Test
    void eachAccountIsARowAndTheLargestTakesWhatRoundingLeaves() {
        Statement statement = statement(sample().calculate());
        assertThat(statement.address()).hasToString("1120/26/st");
        assertThat(statement.rows())
                .extracting(Statement.Row::instance, row -> row.amount().dollars(), Statement.Row::source)
                .containsExactly(
                        tuple("6400", 100L, LineSource.BOOKS),
                        tuple("6410", 200L, LineSource.BOOKS),
                        tuple("6420", 351L, LineSource.BOOKS));
    }

    @Test
    void accountsOfOneNameKeepTheirOwnRows() {
        Statement statement = statement(
                sample().named("6400", "Sundry").named("6410", "Sundry").calculate());
        assertThat(statement.rows())
                .extracting(Statement.Row::instance, Statement.Row::caption)
                .contains(tuple("6400", "Sundry"), tuple("6410", "Sundry"));
    }

    @Test
    void whatAnotherFormBringsIsARowWithItsAddress() {
        Statement statement = statement(sample().fact("4562/44", "1200").calculate());
        assertThat(statement.rows())
                .filteredOn(row -> row.source() == LineSource.COMPUTED)
                .extracting(row -> row.amount().dollars())
                .containsExactly(1_200L);
    }

    @Test
    void aTypedLineIsOneRowWithItsReason() {
        Calculation before = sample().calculate();
        Change change = new Change.FactsSet(
                Map.of(OTHER_DEDUCTIONS.alone(), new Fact("5000", "from the client's list", "test")));
        Calculation year = before.after(change.applyTo(before.snapshot()), change.touches());
        assertThat(statement(year).rows())
                .extracting(Statement.Row::instance, Statement.Row::caption, Statement.Row::source)
                .containsExactly(tuple("typed", "from the client's list", LineSource.OVERRIDDEN));
    }

    @Test
    void rowsOfAWorksheetBehindTheLineAreItsStatement() {
        Calculation before = sample().calculate();
        List<WorksheetRow> rows = List.of(
                new WorksheetRow("Bank fees", Money.parse("12.50"), null, ""),
                new WorksheetRow("Postage", Money.parse("30.20"), null, ""));
        Change change = new Change.WorksheetSet(OTHER_DEDUCTIONS.alone(), rows, "test");
        Calculation year = before.after(change.applyTo(before.snapshot()), change.touches());
        assertThat(statement(year).rows())
                .extracting(Statement.Row::instance, Statement.Row::caption)
                .containsExactly(tuple("1", "Bank fees"), tuple("2", "Postage"));
        assertThat(footed(year)).isEqualTo(year.amount(OTHER_DEDUCTIONS));
    }

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14})
    void rowsFootToTheLineWhateverTheCents(long seed) {
        Random random = new Random(seed);
        SampleReturns sample = SampleReturns.corporation().income("4000", "1120/1a", "full", "90000");
        for (int i = 0; i < 60; i++) {
            String amount = random.nextInt(4_000) - 400 + "." + (10 + random.nextInt(90));
            sample.expense(String.valueOf(6000 + i), "1120/26", i % 3 == 0 ? "meals-half" : "full", amount);
        }
        Calculation year = sample.calculate();
        assertThat(footed(year)).isEqualTo(year.amount(OTHER_DEDUCTIONS));
    }

    private static Money footed(Calculation year) {
        return Money.sum(
                statement(year).rows().stream().map(Statement.Row::amount).toList());
    }
}
