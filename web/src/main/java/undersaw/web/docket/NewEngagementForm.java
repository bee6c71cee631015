package undersaw.web.docket;

/** What a person types to begin an engagement; text as typed. */
public record NewEngagementForm(
        String name, String number, String numberAgain, String form, String year, String start, String end) {
    static NewEngagementForm blank() {
        return new NewEngagementForm("", "", "", "1120", "2025", "", "");
    }
}
