package undersaw.us.nonprofit;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;

/** Form 990-EZ, Part V: other information, questions 33 to 46 (2024 form, from memory). */
final class OtherInformation extends Form {
    OtherInformation(NonprofitForms all) {
        super(NonprofitReturn.CODE, "Other information");
        part("V", "Part V: other information", "Instructions for Form 990-EZ, Part V");
        asked("33", "A significant activity not reported before");
        asked("34", "Significant changes to organizing or governing documents");
        Line unrelated = asked("35a", "Unrelated business gross income of 1,000 or more")
                .alone("a Form 990-T left out is penalized (IRC 6651)")
                .cites("IRC 512, 6012(a)(2)");
        asked("35b", "If so, was Form 990-T filed").after(unrelated);
        asked("35c", "Subject to the notice or proxy tax on lobbying").cites("IRC 6033(e)");
        asked("36", "Liquidation, dissolution, or significant disposition of net assets");
        line("37a", "Political expenditures").cites("IRC 527(e)");
        asked("37b", "Was Form 1120-POL filed").cites("IRC 527(f)");
        asked("38a", "Loans to or from officers, directors, trustees or key employees");
        line("38b", "If so, the amount involved");
        line("39a", "501(c)(7): initiation fees and capital contributions on line 9");
        line("39b", "501(c)(7): receipts from public use of club facilities");
        line("40a/4911", "501(c)(3): tax on lobbying").cites("IRC 4911");
        line("40a/4912", "501(c)(3): tax on disqualifying lobbying").cites("IRC 4912");
        line("40a/4955", "501(c)(3): tax on political expenditures").cites("IRC 4955");
        asked("40b", "An excess benefit transaction, this year or not reported before")
                .cites("IRC 4958");
        line("40c", "Tax imposed on managers or disqualified persons");
        line("40d", "Of that, paid back by the organization");
        asked("40e", "Party to a prohibited tax shelter transaction").cites("IRC 4965");
        line("41", "States with which a copy is filed").as(LineKind.TEXT);
        line("42a", "The books are in care of").as(LineKind.TEXT);
        line("42a/phone", "Telephone of who keeps the books").as(LineKind.TEXT);
        asked("42b", "An interest in a foreign financial account")
                .alone("a foreign account not reported is penalized (31 USC 5321)")
                .cites("31 CFR 1010.350");
        line("42b/country", "Country of the account").as(LineKind.TEXT);
        asked("42c", "An office outside the United States");
        line("42c/country", "Country of the office").as(LineKind.TEXT);
        line("43", "4947(a)(1) trust: tax-exempt interest").cites("IRC 103");
        asked("44a", "Donor advised funds kept in the year").cites("IRC 4966");
        asked("44b", "A hospital facility operated in the year").cites("IRC 501(r)");
        Line tanning = asked("44c", "Payments for indoor tanning services").cites("IRC 5000B");
        asked("44d", "If so, was Form 720 filed").after(tanning);
        asked("45a", "A controlled entity").cites("IRC 512(b)(13)");
        asked("45b", "Payments from or a transaction with a controlled entity").cites("IRC 512(b)(13)");
        asked("46", "Political campaign activities").cites("IRC 501(c)(3); Schedule C");
    }

    private Line asked(String number, String question) {
        return line(number, question).as(LineKind.YES_NO);
    }
}
