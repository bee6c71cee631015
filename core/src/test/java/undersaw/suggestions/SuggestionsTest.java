package undersaw.suggestions;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.ledger.Account;
import undersaw.ledger.StatementKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.registry.Returns;

class SuggestionsTest {
    private static final Suggestions SUGGESTIONS = Returns.all().get(0).suggestions();

    private static Account account(String number, String name, boolean income, long closing) {
        return new Account(
                number,
                name,
                income ? StatementKind.INCOME_STATEMENT : StatementKind.BALANCE_SHEET,
                Money.ZERO,
                Money.ofDollars(closing));
    }

    /** Names as small firms write them (common practice, no source). */
    @ParameterizedTest
    @CsvSource({
        "Checking Account - First Harbor,false,1120/L/1,''",
        "ACCUM. DEPRECIATION: accumulated depreciation,false,1120/L/10b,''",
        "Allowance for Doubtful Accounts,false,1120/L/2b,''",
        "Meals (client),true,1120/26,meals-half",
        "Municipal bond interest,true,1120/5,interest-exempt",
        "Interest income,true,1120/5,full",
        "Fines & Penalties,true,1120/26,fines-none",
        "Federal income tax expense,true,1120/M-1/2,federal-tax",
        "Officers' salaries,true,1120/12,full",
        "Sales returns and allowances,true,1120/1b,full",
        "Property taxes,true,1120/17,full"
    })
    void theLongestPhraseOfANameDecides(String name, boolean income, String line, String treatment) {
        Suggestion suggestion =
                SUGGESTIONS.suggest(account("X", name, income, 0)).orElseThrow();
        assertThat(suggestion.line().text()).isEqualTo(line);
        assertThat(suggestion.treatment()).isEqualTo(treatment);
        assertThat(suggestion.confidence()).isGreaterThan(20);
        assertThat(suggestion.reason()).startsWith("named like \"");
    }

    @ParameterizedTest
    @CsvSource({
        "1015,false,5,1120/L/1",
        "1560,false,-5,1120/L/10b",
        "4044,true,-5,1120/1a",
        "4044,true,5,1120/1b",
        "8050,true,-5,1120/10",
        "6999,true,5,1120/26"
    })
    void aNumberHelpsOnlyWhereTheNameSaysNothing(String number, boolean income, long closing, String line) {
        Suggestion suggestion =
                SUGGESTIONS.suggest(account(number, "Zzyzx", income, closing)).orElseThrow();
        assertThat(suggestion.line().text()).isEqualTo(line);
        assertThat(suggestion.sure()).isFalse();
        assertThat(suggestion.reason()).contains(number);
    }

    @Test
    void anUnknownNameWithoutANumberGetsAGuessThatIsSaidToBeOne() {
        Suggestion guess = SUGGESTIONS.suggest(account("A-7", "Zzyzx", true, 5)).orElseThrow();
        assertThat(guess.confidence()).isLessThan(20);
        assertThat(guess.reason()).contains("its name says nothing");
    }

    /** The published list of account names and lines, copied in. */
    @Test
    void everyListedNameSuggestsItsOwnLine() throws IOException {
        List<String> rows;
        try (InputStream list = SuggestionsTest.class.getResourceAsStream("published-1120.csv")) {
            rows = new String(list.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .toList();
        }
        assertThat(rows).hasSizeGreaterThan(200);
        List<String> wrong = new ArrayList<>();
        for (String row : rows.subList(1, rows.size())) {
            String[] field = row.split(",", -1);
            boolean income = List.of("income", "cost", "expense").contains(field[1]);
            boolean supported = Returns.all().get(0).treatment(field[3]).isPresent();
            boolean right = SUGGESTIONS
                    .suggest(account("X", field[0], income, 0))
                    .filter(each -> each.line().text().equals(field[2])
                            && each.treatment().equals(field[3]))
                    .isPresent();
            if (supported && !right) {
                wrong.add(row);
            }
        }
        assertThat(wrong).isEmpty();
    }

    /** What people of the firm confirm is believed before the list. */
    @Test
    void learnsFromWhatTheFirmConfirms() {
        List<KnownName> names = new ArrayList<>(SUGGESTIONS.names());
        LineId repairs = LineId.of("1120/14");
        names.add(new KnownName("Zzyzx upkeep", "", StatementKind.INCOME_STATEMENT, repairs, "full", 3));
        names.add(new KnownName("Truck fuel", "", StatementKind.INCOME_STATEMENT, repairs, "full", 2));
        Suggestions learned = SUGGESTIONS.knowing(names);
        Suggestion unheard =
                learned.suggest(account("6650", "Zzyzx upkeep costs", true, 5)).orElseThrow();
        assertThat(unheard.line()).as(unheard.toString()).isEqualTo(repairs);
        assertThat(unheard.reason())
                .isEqualTo("named like \"Zzyzx upkeep\", which you mapped to 1120/14 in 3 engagements");
        assertThat(SUGGESTIONS
                        .suggest(account("6651", "Truck fuel", true, 5))
                        .orElseThrow()
                        .line()
                        .text())
                .isEqualTo("1120/26");
        assertThat(learned.suggest(account("6651", "Truck fuel", true, 5))
                        .orElseThrow()
                        .line())
                .isEqualTo(repairs);
    }

    @Test
    void givesTheNextLikeliestPlacesToo() {
        Suggestion rent =
                SUGGESTIONS.suggest(account("X", "Building rent", true, 0)).orElseThrow();
        assertThat(rent.others()).isNotEmpty();
        assertThat(rent.others()).noneMatch(other -> other.confidence() > rent.confidence());
    }

    @Test
    void theSideAndTheFirstDigitTellIncomeFromExpense() {
        assertThat(SUGGESTIONS
                        .suggest(account("4400", "Rent, upper floor", true, -5))
                        .orElseThrow()
                        .line()
                        .text())
                .isEqualTo("1120/6");
        assertThat(SUGGESTIONS
                        .suggest(account("6400", "Rent, upper floor", true, 5))
                        .orElseThrow()
                        .line()
                        .text())
                .isEqualTo("1120/16");
    }
}
