package undersaw.us.corporation;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.line.LineId;

/** Totals of forms that are prepared elsewhere and typed here: Forms 4562 and 4797, receipts and bank. */
final class AttachedTotals extends Form {
    final Line depreciation;
    final Line depreciationInCost;
    final Line depreciationElsewhere;
    final Line amortization;
    final Line amortizationInCost;
    final Line amortizationOnPage1;
    final Line ordinaryGain;

    AttachedTotals() {
        super("attached", "Attached totals");
        partByNeed(
                "4562",
                "Form 4562: depreciation and amortization",
                "IRC 167, 168, 179, 197",
                "depreciation amortization section 179 bonus equipment");
        line(LineId.of("4562/12"), "Section 179 deduction").cites("IRC 179");
        depreciation = line(LineId.of("4562/22"), "Total depreciation, section 179 included");
        depreciationInCost = line(LineId.of("4562/22/cogs"), "Of line 22, in cost of goods sold");
        depreciationElsewhere = line(LineId.of("4562/22/other"), "Of line 22, claimed elsewhere");
        amortization = line(LineId.of("4562/44"), "Total amortization");
        amortizationInCost = line(LineId.of("4562/44/cogs"), "Of line 44, in cost of goods sold");
        amortizationOnPage1 =
                line(LineId.of("4562/44/page1"), "Amortization").is(amortization.minus(amortizationInCost));
        partByNeed(
                "4797",
                "Form 4797: sales of business property",
                "IRC 1231, 1245, 1250",
                "sale of business property equipment rental recapture");
        ordinaryGain = line(LineId.of("4797/17"), "Ordinary gain or loss, Part II");
        partByNeed("448c", "Earlier receipts", "IRC 448(c)", "small business gross receipts test");
        line(LineId.of("448c/y1"), "Gross receipts of last year");
        line(LineId.of("448c/y2"), "Gross receipts of the year before");
        line(LineId.of("448c/y3"), "Gross receipts two years before");
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
