package undersaw.web.docket;

import undersaw.web.frame.Fields;

/** What a person types to begin an engagement; text as typed. */
public record NewEngagementForm(
        String name, String number, String numberAgain, String form, String year, String start, String end) {
    /** Fields that a request leaves out are empty. */
    public NewEngagementForm {
        name = Fields.given(name);
        number = Fields.given(number);
        numberAgain = Fields.given(numberAgain);
        form = Fields.given(form);
        year = Fields.given(year);
        start = Fields.given(start);
        end = Fields.given(end);
    }

    static NewEngagementForm blank() {
        return new NewEngagementForm("", "", "", "1120", "2025", "", "");
    }
}
