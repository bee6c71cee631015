package undersaw.web.docket;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import undersaw.engagement.Client;
import undersaw.engagement.TaxpayerNumber;
import undersaw.law.calendar.Period;
import undersaw.store.Engagements;

class NewEngagementTest {
    private final Engagements engagements = mock(Engagements.class);
    private final NewEngagement checks = new NewEngagement(engagements);

    private static NewEngagementForm form(String name, String number, String again, String year) {
        return new NewEngagementForm(name, number, again, "1120", year, "", "");
    }

    @ParameterizedTest
    @CsvSource({
        "X,00-123456,00-123456,2025,number",
        "X,00-12345678,00-12345678,2025,number",
        "X,abc,abc,2025,number",
        "X,001234567,001234568,2025,numberAgain",
        "'',001234567,001234567,2025,name",
        "X,001234567,001234567,25,year",
        "X,001234567,001234567,2023,year",
        "X,001234567,001234567,2031,year"
    })
    void namesTheFieldThatIsWrong(String name, String number, String again, String year, String field) {
        when(engagements.client(any())).thenReturn(Optional.empty());
        NewEngagement.Checked checked = checks.check(form(name, number, again, year));
        assertThat(checked.problems()).containsKey(field);
        assertThat(checked.heading()).isNull();
    }

    @Test
    void takesTheSameNumberInBothSpellings() {
        when(engagements.client(any())).thenReturn(Optional.empty());
        when(engagements.overlapping(any(), any(), any(), any())).thenReturn(Optional.empty());
        NewEngagement.Checked checked = checks.check(form("Test, Inc.", "00-1234567", "001234567", "2025"));
        assertThat(checked.problems()).isEmpty();
        assertThat(checked.heading()).isNotNull();
        assertThat(checked.heading().period()).isEqualTo(Period.calendarYear(2025));
    }

    @Test
    void refusesASecondForTheSamePeriodAndAnotherNameForTheSameNumber() {
        Client known = Client.named("Known, Inc.", new TaxpayerNumber("001234567"));
        when(engagements.client("001234567")).thenReturn(Optional.of(known));
        when(engagements.overlapping("001234567", "1120", LocalDate.of(2025, 1, 1), LocalDate.of(2025, 12, 31)))
                .thenReturn(Optional.of(7L));
        assertThat(checks.check(form("", "001234567", "001234567", "2025")).problems())
                .containsKey("year");
        assertThat(checks.check(form("Other, Inc.", "001234567", "001234567", "2025"))
                        .problems()
                        .get("number"))
                .contains("belongs to Known, Inc.");
    }

    @Test
    void refusesDatesThatMakeNoYear() {
        when(engagements.client(any())).thenReturn(Optional.empty());
        NewEngagementForm form =
                new NewEngagementForm("X", "001234567", "001234567", "1120", "2025", "2025-05-01", "2026-06-30");
        assertThat(checks.check(form).problems()).containsKey("end");
        NewEngagementForm typo =
                new NewEngagementForm("X", "001234567", "001234567", "1120", "2025", "1 May", "2025-12-31");
        assertThat(checks.check(typo).problems()).containsKey("start");
    }
}
