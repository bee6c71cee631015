package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.law;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import undersaw.engagement.HeadingField;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;

/** Form 1120, Schedule K: other information, and Schedule G (2024 form, from memory; captions are ours). */
final class ScheduleK extends Form {
    private final Line entitiesHold;
    private final Line individualsHold;
    private final Line holdsCorporation;
    private final Line holdsPartnership;
    final Line interestTest;
    final Line inGroup;
    final Line exemptInterest;
    final Line lossesAvailable;
    final Line small;

    ScheduleK(CorporationForms all) {
        super("1120", "Schedule K");
        part("K", "Schedule K: questions", "Instructions for Form 1120, Schedule K");
        line("K/1", "Accounting method")
                .fromHeading(HeadingField.METHOD, LineKind.TEXT)
                .cites("IRC 446, 448");
        line("K/2a", "Business activity code").fromHeading(HeadingField.ACTIVITY_CODE, LineKind.TEXT);
        line("K/2b", "Business activity").fromHeading(HeadingField.ACTIVITY, LineKind.TEXT);
        line("K/2c", "Product or service").fromHeading(HeadingField.PRODUCT, LineKind.TEXT);
        ask("3", "Was the corporation a subsidiary in an affiliated or parent-subsidiary group?");
        text("3/name", "Name of the parent");
        text("3/ein", "Number of the parent");
        entitiesHold = ask(
                "4a",
                "Did a corporation, partnership, trust or exempt body hold 20% directly, or 50% in all, of the votes?");
        individualsHold = ask("4b", "Did an individual or estate hold 20% directly, or 50% in all, of the votes?")
                .alone("in a small corporation somebody nearly always does: look at Owners");
        holdsCorporation = ask("5a", "Did the corporation hold 20% directly, or 50% in all, of another corporation?");
        holdsPartnership =
                ask("5b", "Did the corporation hold 20% directly, or 50% in all, of a partnership or trust?");
        ask("6", "Were dividends paid above current and accumulated earnings and profits?")
                .cites("IRC 301, 316");
        ask("7", "Did one foreign person hold 25% or more of votes or value?")
                .alone("a Form 5472 left out costs 25,000 (IRC 6038A(d))")
                .cites("IRC 6038A");
        line("K/7a", "Percentage held").as(LineKind.PERCENT);
        text("7b", "Country of the foreign owner");
        line("K/7c", "Number of Forms 5472").as(LineKind.COUNT);
        box("8", "Publicly offered debt with original issue discount was issued");
        exemptInterest = line("K/9", "Tax-exempt interest").fromBooks().cites("IRC 103");
        line("K/10", "Number of shareholders at year end, if 100 or fewer").as(LineKind.COUNT);
        box("11", "The carryback of this year's loss is given up").cites("IRC 172(b)(3)");
        lossesAvailable = line("K/12", "Loss carryover from earlier years").is(() -> all.lossDeduction.available);
        small = line("K/13", "Are total receipts and year-end assets both below the limit?")
                .isYesWhen(() -> all.page1
                        .totalReceipts()
                        .isBelow(law(CorporationLaw.SCHEDULES_EXCUSED))
                        .and(all.scheduleL.totalAssets.closing().isBelow(law(CorporationLaw.SCHEDULES_EXCUSED))));
        line("K/13/dist", "Distributions of the year, where Schedule M-2 is not given")
                .is(() -> when(small.answered("yes"), sum(all.scheduleM2.cash, all.scheduleM2.property), NOTHING));
        interestTest = remainingQuestions();
        inGroup = sinceTheMinimumTax();
        holders();
        holdings();
    }

    /** Questions 14 to 31; the answer is the one on business interest. */
    private Line remainingQuestions() {
        ask("14", "Is Schedule UTP required?");
        Line payments = ask("15a", "Were payments made that require Forms 1099?")
                .alone("information returns left out are penalized (IRC 6721)")
                .cites("IRC 6041");
        ask("15b", "If so, were they or will they be filed?").after(payments);
        ask("16", "Did ownership change by 80% or more during the year?").cites("IRC 382");
        ask("17", "Was more than 65% of the assets disposed of?");
        ask("18", "Were assets above 1 million received in a section 351 transfer?")
                .cites("Reg. 1.351-3");
        ask("19", "Were payments made that require Forms 1042 and 1042-S?")
                .alone("tax not withheld is owed by the payer (IRC 1461)");
        ask("20", "Does the corporation operate on a cooperative basis?");
        ask("21", "Was interest or royalty barred by section 267A?").cites("IRC 267A");
        line("K/21/amount", "Amount barred by section 267A");
        ask("22", "Were receipts 500 million or more in one of the three earlier years?")
                .cites("IRC 59A");
        ask("23", "Is a real property or farming election under section 163(j) in force?");
        Line onInterest =
                ask("24", "Does one of the tests for Form 8990 apply?").cites("IRC 163(j)");
        ask("25", "Does the corporation certify as a qualified opportunity fund?")
                .cites("IRC 1400Z-2");
        line("K/25/amount", "Amount from Form 8996");
        ask("26", "Was substantially all property of a foreign corporation acquired since December 2017?");
        line("K/26a", "Ownership by vote").as(LineKind.PERCENT);
        line("K/26b", "Ownership by value").as(LineKind.PERCENT);
        ask("27", "Were digital assets received, sold or otherwise disposed of?")
                .alone("the answer is signed under penalties of perjury for itself");
        return onInterest;
    }

    private Line sinceTheMinimumTax() {
        Line membership =
                ask("28", "Is the corporation a member of a controlled group?").cites("IRC 1563");
        Line applicable = ask("29a", "Was it an applicable corporation for the minimum tax in an earlier year?")
                .since(2023);
        ask("29b", "Is it one this year because it was one before?").since(2023).after(applicable);
        ask("29c", "Does it meet the safe harbour from the minimum tax?")
                .since(2023)
                .alone("a no calls for Form 4626 (IRC 59(k))");
        ask("30a", "Is Form 7208 required as a covered corporation?")
                .since(2023)
                .cites("IRC 4501");
        ask("30b", "Is Form 7208 required under the foreign corporation rules?").since(2023);
        ask("30c", "Is Form 7208 required under the surrogate rules?").since(2023);
        ask("31", "Is it consolidated with large receipts and partnership basis adjustments?")
                .since(2024);
        return membership;
    }

    /** Schedule G: who holds the votes. */
    private void holders() {
        partByNeed(
                        "G-I",
                        "Schedule G, Part I: entities that hold the votes",
                        "Instructions for Schedule G (Form 1120), Part I",
                        "owners shareholders votes stock corporation partnership trust")
                .list("holders-entities")
                .neededWhen(() -> entitiesHold.answered("yes"));
        row("G/I/1/a", "name", "Entity").as(LineKind.TEXT);
        row("G/I/1/b", "number", "Taxpayer number").as(LineKind.TAXPAYER_NUMBER);
        row("G/I/1/c", "kind", "Type of entity").oneOf("corporation", "partnership", "trust", "exempt", "disregarded");
        row("G/I/1/d", "country", "Country of organization").as(LineKind.TEXT);
        row("G/I/1/e", "percent", "Percent of the votes").as(LineKind.PERCENT);
        partByNeed(
                        "G-II",
                        "Schedule G, Part II: individuals and estates that hold the votes",
                        "Instructions for Schedule G (Form 1120), Part II",
                        "owners shareholders votes stock individuals estates")
                .list("holders")
                .neededWhen(() -> individualsHold.answered("yes"));
        row("G/II/1/a", "name", "Individual or estate").as(LineKind.TEXT);
        row("G/II/1/b", "number", "Taxpayer number").as(LineKind.TAXPAYER_NUMBER);
        row("G/II/1/c", "country", "Country of citizenship").as(LineKind.TEXT);
        row("G/II/1/d", "percent", "Percent of the votes").as(LineKind.PERCENT);
    }

    /** Questions 5a and 5b: what the corporation holds. */
    private void holdings() {
        partByNeed(
                        "K-5a",
                        "Question 5a: corporations held",
                        "Instructions for Form 1120, Schedule K, question 5",
                        "subsidiary stock owned corporation")
                .list("holdings")
                .neededWhen(() -> holdsCorporation.answered("yes"));
        row("K/5a/i", "name", "Corporation held").as(LineKind.TEXT);
        row("K/5a/ii", "number", "Taxpayer number").as(LineKind.TAXPAYER_NUMBER);
        row("K/5a/iii", "country", "Country of incorporation").as(LineKind.TEXT);
        row("K/5a/iv", "percent", "Percent of its votes").as(LineKind.PERCENT);
        partByNeed(
                        "K-5b",
                        "Question 5b: partnerships and trusts held",
                        "Instructions for Form 1120, Schedule K, question 5",
                        "partnership interest trust owned")
                .list("holdings-partnerships")
                .neededWhen(() -> holdsPartnership.answered("yes"));
        row("K/5b/i", "name", "Partnership or trust held").as(LineKind.TEXT);
        row("K/5b/ii", "number", "Taxpayer number").as(LineKind.TAXPAYER_NUMBER);
        row("K/5b/iii", "country", "Country of organization").as(LineKind.TEXT);
        row("K/5b/iv", "percent", "Highest percent of profit, loss or capital").as(LineKind.PERCENT);
    }

    private Line row(String within, String column, String caption) {
        return line(within, caption).column(column);
    }

    private Line ask(String number, String question) {
        return line("K/" + number, question).as(LineKind.YES_NO);
    }

    private Line box(String number, String caption) {
        return line("K/" + number, caption).as(LineKind.BOX);
    }

    private void text(String number, String caption) {
        line("K/" + number, caption).as(LineKind.TEXT);
    }
}
