package undersaw.us.forms;

import undersaw.form.Form;
import undersaw.form.LineKind;
import undersaw.line.LineId;

/** The account that a refund goes to or an amount owed comes from. */
public final class BankDetails extends Form {
    /** The account of a return. */
    public BankDetails() {
        super("bank", "Bank");
        partByNeed(
                "bank",
                "Bank",
                "Instructions for Form 1120, Electronic Deposit Requirement",
                "direct deposit refund withdrawal account");
        line(LineId.of("bank/routing"), "Routing number").as(LineKind.TEXT);
        line(LineId.of("bank/account"), "Account number").as(LineKind.TEXT);
        line(LineId.of("bank/type"), "Checking or savings").as(LineKind.TEXT).oneOf("checking", "savings");
        line(LineId.of("bank/use"), "Refund or withdrawal").as(LineKind.TEXT).oneOf("refund", "withdrawal");
        line(LineId.of("bank/date"), "Date of withdrawal").as(LineKind.DATE);
        line(LineId.of("bank/other"), "The amount owed is paid another way").as(LineKind.YES_NO);
    }
}
