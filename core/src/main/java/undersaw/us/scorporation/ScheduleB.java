package undersaw.us.scorporation;

import static undersaw.form.formula.Formulas.law;
import static undersaw.form.formula.Formulas.sum;

import undersaw.engagement.HeadingField;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Formula;
import undersaw.us.passthrough.PassthroughLaw;

/** Form 1120-S, Schedule B: other information (2024 form, from memory; captions are ours). */
final class ScheduleB extends Form {
    final Line unrealized;
    final Line small;
    final Line interestTest;
    private final Line receipts;

    ScheduleB(SCorporationForms all) {
        super("1120-S", "Schedule B");
        part("B", "Schedule B: questions", "Instructions for Form 1120-S, Schedule B");
        line("B/1", "Accounting method")
                .fromHeading(HeadingField.METHOD, LineKind.TEXT)
                .cites("IRC 446, 448");
        line("B/2a", "Business activity").fromHeading(HeadingField.ACTIVITY, LineKind.TEXT);
        line("B/2b", "Product or service").fromHeading(HeadingField.PRODUCT, LineKind.TEXT);
        ask("3", "Was a shareholder a disregarded entity, a trust, an estate or a nominee?")
                .alone("look at Owners: a trust, an estate or a nominee changes the answer");
        ask("4a", "Did the corporation own 20% directly, or 50% in all, of another corporation?");
        ask("4b", "Did it own 20% directly, or 50% in all, of a partnership, or of a trust?");
        ask("5a", "Was restricted stock outstanding at the end of the year?");
        count("5a/i", "Shares of restricted stock");
        count("5a/ii", "Other shares");
        ask("5b", "Were options, warrants or the like outstanding at the end of the year?");
        count("5b/i", "Shares outstanding");
        count("5b/ii", "Shares outstanding if all were exercised");
        ask("6", "Was or will a Form 8918 be filed?").cites("IRC 6111");
        line("B/7", "Publicly offered debt with original issue discount was issued")
                .as(LineKind.BOX);
        unrealized = line("B/8", "Net unrealized built-in gain, less recognized built-in gains of earlier years")
                .cites("IRC 1374(c)(2), (d)(1)");
        ask("9", "Is a real property or farming election under section 163(j) in force?")
                .cites("IRC 163(j)(7)");
        interestTest = ask("10", "Does one of the tests for Form 8990 apply?").cites("IRC 163(j)");
        small = line("B/11", "Are receipts and year-end assets both below the limit?")
                .isYesWhen(() -> receipts()
                        .isBelow(law(PassthroughLaw.SMALL_S))
                        .and(all.scheduleL.totalAssets.closing().isBelow(law(PassthroughLaw.SMALL_S))));
        Line cancelled = ask("12", "Was debt to others than shareholders cancelled, forgiven or reduced?")
                .cites("IRC 108");
        line("B/12/amount", "Principal cancelled").ofTheYear();
        ask("13", "Was an election of a subsidiary ended or revoked?").cites("IRC 1361(b)(3)");
        Line payments = ask("14a", "Were payments made that require Forms 1099?")
                .alone("information returns left out are penalized (IRC 6721)")
                .cites("IRC 6041");
        ask("14b", "If so, were they or will they be filed?").after(payments);
        ask("15", "Does the corporation certify as a qualified opportunity fund?")
                .cites("IRC 1400Z-2");
        line("B/15/amount", "Amount from Form 8996");
        ask("16", "Were digital assets received, sold or otherwise disposed of?")
                .alone("the answer is signed under penalties of perjury for itself");
        cancelled.help("Type the principal on the line below.");
        part("W-B", "Receipts for question 11", "Instructions for Form 1120-S, Schedule B, question 11")
                .worksheet();
        receipts = line("W-B/1", "Receipts of the year").is(() -> receipts(all));
    }

    private Line receipts() {
        return receipts;
    }

    private Line ask(String number, String question) {
        return line("B/" + number, question).as(LineKind.YES_NO);
    }

    private void count(String number, String caption) {
        line("B/" + number, caption).as(LineKind.COUNT);
    }

    /** Receipts as question 11 counts them: gains only, losses not taken off. */
    private static Formula receipts(SCorporationForms all) {
        ScheduleK k = all.scheduleK;
        return sum(
                all.page1.receipts(),
                k.otherRental.gross(),
                k.interest,
                k.dividends,
                k.royalties,
                k.shortTerm.notBelowZero(),
                k.longTerm.notBelowZero(),
                k.business1231.notBelowZero(),
                k.otherIncome.notBelowZero(),
                all.form8825.grossInAll,
                all.form8825.businessGain.notBelowZero(),
                all.form8825.fromOthers.notBelowZero());
    }
}
