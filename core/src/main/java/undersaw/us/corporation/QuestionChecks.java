package undersaw.us.corporation;

import static undersaw.check.Check.Found.onLine;
import static undersaw.check.Check.when;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.ArrayList;
import java.util.List;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.us.forms.BusinessLaw;

/** Checks of the questions on Schedule K and of what an answer calls for. */
final class QuestionChecks {
    private static final String DIGITAL_ASSETS = "1120/K/27";

    /** Questions whose yes calls for a form that cannot be prepared here yet. */
    private QuestionChecks() {}

    static List<Check> all() {
        return List.of(
                new Check("C-0109", QUERY, look -> unanswered(look, false)),
                new Check("C-0117", STOP, look -> unanswered(look, true)),
                when(
                        "C-0216",
                        STOP,
                        look -> look.says("1120/K/24", "yes")
                                && look.amount("448c/average").isZero()
                                && look.amount("1120/18").isPositive(),
                        look -> new Found(
                                Place.line("448c/y1"),
                                "Interest may be limited. Type the receipts of the three years before; until then "
                                        + "Form 8990 limits it.",
                                Answer.TYPE)),
                when(
                        "C-0606",
                        QUERY,
                        look -> look.says("1120/K/15a", "yes") && look.says("1120/K/15b", "no"),
                        look -> onLine("1120/K/15b", "Forms 1099 are due. File them.")),
                new Check("C-0701", STOP, QuestionChecks::missingForms),
                when(
                        "C-0702",
                        STOP,
                        look -> look.says("1120/K/4a", "yes") && none(look, "1120/G/I/1/a")
                                || look.says("1120/K/4b", "yes") && none(look, "1120/G/II/1/a"),
                        look -> onLine(
                                look.says("1120/K/4b", "yes") ? "1120/G/II/1/a" : "1120/G/I/1/a",
                                "Name who holds the votes on Schedule G.")),
                when(
                        "C-0703",
                        STOP,
                        look -> look.says("1120/K/5a", "yes") && none(look, "1120/K/5a/i")
                                || look.says("1120/K/5b", "yes") && none(look, "1120/K/5b/i"),
                        look -> onLine(
                                look.says("1120/K/5a", "yes") ? "1120/K/5a/i" : "1120/K/5b/i",
                                "Name what the corporation owns.")),
                when(
                        "C-0704",
                        STOP,
                        look -> look.says("1120/K/3", "yes")
                                        && (!look.has("1120/K/3/name") || !look.has("1120/K/3/ein"))
                                || look.says("1120/K/21", "yes") && !look.has("1120/K/21/amount"),
                        look -> onLine(
                                look.says("1120/K/3", "yes") ? "1120/K/3/name" : "1120/K/21/amount",
                                "Complete the question with name, number or amount.")),
                when(
                        "C-0801",
                        QUERY,
                        look -> look.has("1120/K/10")
                                && holders(look) >= 1
                                && holders(look) <= 4
                                && look.says("1120/K/4a", "no")
                                && look.says("1120/K/4b", "no"),
                        look -> new Found(
                                Place.line("1120/K/4b"),
                                "With " + holders(look) + " shareholders one holds at least 25%. Check question 4.",
                                Answer.YES_OR_NO)),
                when(
                        "C-0806",
                        QUERY,
                        QuestionChecks::bondsAndInterestApart,
                        look -> onLine(
                                "1120/K/9",
                                bonds(look)
                                        ? "Exempt securities of "
                                                + look.amount("1120/L/5/d").printed()
                                                + " are held, no exempt interest is shown. Check the interest accounts."
                                        : "Exempt interest of "
                                                + look.amount("1120/K/9").printed()
                                                + " is shown and no exempt securities are held. Check both.")),
                when(
                        "C-0807",
                        QUERY,
                        look -> look.says("1120/K/24", "no")
                                && aboveReceipts(look)
                                && look.amount("1120/18").isPositive(),
                        look -> onLine("1120/K/24", "Receipts are above the limit: interest needs Form 8990.")),
                when(
                        "C-0810",
                        QUERY,
                        QuestionChecks::paidOutTooMuch,
                        look -> onLine("1120/K/6", "More was distributed than earned. Check question 6.")));
    }

    private static boolean none(Examination look, String line) {
        return look.calculation().instances(LineId.of(line)).isEmpty();
    }

    private static List<Found> unanswered(Examination look, boolean digital) {
        List<Found> found = new ArrayList<>();
        for (Line line : questions(look)) {
            boolean isDigital = line.id().text().equals(DIGITAL_ASSETS);
            if (isDigital == digital && look.calculation().value(line.id()).isEmpty() && isAsked(look, line)) {
                String number = line.id().within().substring("K/".length());
                found.add(new Found(
                        Place.line(line.id()),
                        "Question " + number + " has no answer: " + line.caption(),
                        Answer.YES_OR_NO));
            }
        }
        return found;
    }

    private static List<Line> questions(Examination look) {
        return look.calculation().plan().parts().stream()
                .filter(part -> part.code().equals("K"))
                .flatMap(part -> look.calculation().plan().linesOf(part).stream())
                .filter(line -> line.kind() == LineKind.YES_NO)
                .toList();
    }

    /** Some questions follow from the answer to another. */
    private static boolean isAsked(Examination look, Line line) {
        return switch (line.id().within()) {
            case "K/15b" -> look.says("1120/K/15a", "yes");
            case "K/29b" -> look.says("1120/K/29a", "yes");
            case "K/29c" -> look.says("1120/K/29a", "no") || look.says("1120/K/29b", "no");
            default -> true;
        };
    }

    private static List<Found> missingForms(Examination look) {
        List<Found> found = new ArrayList<>();
        for (FormsElsewhere.Call call : FormsElsewhere.CALLS) {
            if (look.says(call.asked().text(), call.answer())
                    && !look.says(call.box().text(), "yes")) {
                String number = call.question().replace("K/", "").replace("hdr/", "item ");
                found.add(new Found(
                        Place.line(call.box()),
                        "Question " + number + " calls for " + call.title()
                                + ". Prepare it elsewhere and say that it goes with the return, or change the answer.",
                        Answer.YES_OR_NO));
            }
        }
        if (look.says("1120/K/28", "yes") && none(look, "1120/O/row/name")) {
            found.add(onLine("1120/O/row/name", "Question 28 calls for Schedule O. List the members of the group."));
        }
        return found;
    }

    private static int holders(Examination look) {
        String count = look.calculation().answer(LineId.of("1120/K/10"));
        return count.matches("\\d{1,9}") ? Integer.parseInt(count) : 0;
    }

    private static boolean bonds(Examination look) {
        return look.amount("1120/L/5/b").isPositive()
                || look.amount("1120/L/5/d").isPositive();
    }

    private static boolean bondsAndInterestApart(Examination look) {
        return bonds(look) != look.amount("1120/K/9").isPositive();
    }

    /** Average receipts above the small business limit. */
    static boolean aboveReceipts(Examination look) {
        return look.amount("448c/average").compareTo(look.law().amount(BusinessLaw.SMALL_BUSINESS_RECEIPTS)) > 0;
    }

    private static boolean paidOutTooMuch(Examination look) {
        Money paid = look.amount("1120/M-2/5a").plus(look.amount("1120/M-2/5b")).plus(look.amount("1120/M-2/5c"));
        Money earned = look.amount("1120/M-2/1").plus(look.amount("1120/M-2/2")).notBelowZero();
        return look.says("1120/K/6", "no") && paid.compareTo(earned) > 0;
    }
}
