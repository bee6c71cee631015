package undersaw.us.partnership;

import static undersaw.form.formula.Formulas.law;
import static undersaw.form.formula.Formulas.sum;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Formula;
import undersaw.us.passthrough.PassthroughLaw;

/** Form 1065, Schedule B: other information (2024 form, from memory; captions are ours; numbers after 28 unsure). */
final class ScheduleB extends Form {
    final Line small;
    final Line interestTest;
    private final Line receipts;

    ScheduleB(PartnershipForms all) {
        super("1065", "Schedule B");
        part("B", "Schedule B: questions", "Instructions for Form 1065, Schedule B");
        line("B/1a", "General partnership").as(LineKind.BOX);
        line("B/1b", "Limited partnership").as(LineKind.BOX);
        line("B/1c", "Limited liability company").as(LineKind.BOX);
        line("B/1d", "Limited liability partnership").as(LineKind.BOX);
        line("B/1e", "Foreign partnership").as(LineKind.BOX);
        line("B/1f", "Other kind").as(LineKind.TEXT);
        ask("2a", "Did an entity own 50% or more of profit, loss or capital at the end of the year?");
        ask("2b", "Did an individual or estate own 50% or more?").alone("look at Owners: B-1 is due where one does");
        ask("3a", "Did the partnership own 20% directly, or 50% in all, of a corporation?");
        ask("3b", "Did it own 20% directly, or 50% in all, of a partnership, or of a trust?");
        small = line("B/4", "Are receipts and year-end assets below the limits, and Schedules K-1 in time?")
                .isYesWhen(() -> receipts()
                        .isBelow(law(PassthroughLaw.SMALL_RECEIPTS))
                        .and(all.scheduleL.totalAssets.closing().isBelow(law(PassthroughLaw.SMALL_ASSETS))));
        ask("5", "Is it a publicly traded partnership?").cites("IRC 7704");
        ask("6", "Was debt cancelled, forgiven or reduced?").cites("IRC 108");
        ask("7", "Was or will a Form 8918 be filed?").cites("IRC 6111");
        ask("8", "Did it have an interest in, or signature over, a foreign account?")
                .alone("FinCEN Form 114 left out is penalized");
        ask("9", "Did it receive from, make or transfer to a foreign trust?");
        ask("10a", "Is a section 754 election in force, or made now?").cites("IRC 754");
        ask("10b", "Was an optional adjustment of section 743(b) made?").cites("IRC 743(b)");
        ask("10c", "Was an optional adjustment of section 734(b) made?").cites("IRC 734(b)");
        ask("10d", "Was an adjustment mandatory for a substantial built-in loss?")
                .cites("IRC 743(d)");
        line("B/11", "Like-kind property was distributed or contributed on").as(LineKind.BOX);
        ask("12", "Was an undivided interest in property distributed?");
        count("13", "Forms 8858");
        ask("14", "Were there foreign partners?").alone("Forms 8804 and 8805 are due for them");
        count("14/forms", "Forms 8805");
        count("15", "Forms 8865");
        Line payments = ask("16a", "Were payments made that require Forms 1099?")
                .alone("information returns left out are penalized (IRC 6721)")
                .cites("IRC 6041");
        ask("16b", "If so, were they or will they be filed?").after(payments);
        count("17", "Forms 5471");
        count("18", "Partners that are foreign governments");
        ask("19", "Were payments made that require Forms 1042 and 1042-S?")
                .alone("tax not withheld is owed by the payer (IRC 1461)");
        ask("20", "Is it a specified domestic entity that owes Form 8938?");
        ask("21", "Is it a section 721(c) partnership?").cites("IRC 721(c)");
        ask("22", "Was interest or royalty barred by section 267A?").cites("IRC 267A");
        ask("23", "Is a real property or farming election under section 163(j) in force?");
        interestTest = ask("24", "Does one of the tests for Form 8990 apply?").cites("IRC 163(j)");
        ask("25", "Does it certify as a qualified opportunity fund?").cites("IRC 1400Z-2");
        count("26", "Foreign partners that transferred interests");
        ask("27", "Were there transfers between partner and partnership to disclose?")
                .cites("IRC 707(a)(2)(B)");
        ask("28", "Did a foreign corporation take over its assets?").cites("IRC 7874");
        ask("29", "Is Form 7208 required?").cites("IRC 4501");
        ask("30", "Were digital assets received, sold or otherwise disposed of?")
                .alone("the answer is signed under penalties of perjury for itself");
        ask("31", "Does the partnership elect out of the central audit regime?")
                .alone("it depends on who the partners are")
                .cites("IRC 6221(b)");
        representative();
        part("W-B", "Receipts for question 4", "Instructions for Form 1065, Schedule B, question 4")
                .worksheet();
        receipts = line("W-B/1", "Receipts of the year").is(() -> receipts(all));
    }

    private void representative() {
        part("PR", "Partnership representative", "IRC 6223");
        line("PR/name", "Name").as(LineKind.TEXT);
        line("PR/tin", "Taxpayer number").as(LineKind.TAXPAYER_NUMBER);
        line("PR/address", "Address in the United States").as(LineKind.TEXT);
        line("PR/phone", "Telephone in the United States").as(LineKind.TEXT);
        line("PR/individual", "Designated individual, where the representative is an entity")
                .as(LineKind.TEXT);
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

    private static Formula receipts(PartnershipForms all) {
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
