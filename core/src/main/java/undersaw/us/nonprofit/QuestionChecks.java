package undersaw.us.nonprofit;

import static undersaw.check.Check.when;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.returns.OpenQuestion;

/** The questions of Parts V and VI: answered, and what a yes requires (Instructions for Form 990-EZ, from memory). */
final class QuestionChecks {
    /** What a yes requires, by question, where it is another form or schedule. */
    private static final Map<String, String> REQUIRES = Map.ofEntries(
            Map.entry("35c", "Schedule C, Part III, is due."),
            Map.entry("36", "Schedule N is due."),
            Map.entry("40b", "Schedule L, Part I, is due."),
            Map.entry("40e", "Form 8886-T is due."),
            Map.entry("44a", "Donor advised funds call for the full Form 990."),
            Map.entry("44b", "A hospital calls for the full Form 990."),
            Map.entry("45b", "The full Form 990 may be due instead."),
            Map.entry("46", "Schedule C, Part I, is due; a charity loses its exemption by it."),
            Map.entry("47", "Schedule C, Part II, is due."),
            Map.entry("48", "Schedule E is due."));

    /** Questions whose yes is explained in Schedule O. */
    private static final List<String> EXPLAINED = List.of("33", "34");

    private QuestionChecks() {}

    static List<Check> all() {
        return List.of(
                new Check("N-0420", STOP, QuestionChecks::unanswered),
                new Check("N-0421", QUERY, QuestionChecks::required),
                new Check("N-0422", STOP, QuestionChecks::unexplained),
                when(
                        "N-0423",
                        STOP,
                        look -> yes(look, "35a") && !yes(look, "35b"),
                        look -> at(
                                "35b",
                                "Unrelated receipts of 1,000 or more call for Form 990-T. File it, and answer 35b; or "
                                        + "explain in Schedule O why not.")),
                when(
                        "N-0424",
                        STOP,
                        look -> yes(look, "38a") && look.amount("990-EZ/38b").isZero(),
                        look -> at("38b", "Enter the amount of the loans to or from officers, and attach Schedule L.")),
                when(
                        "N-0425",
                        STOP,
                        look -> yes(look, "42b") && !look.has("990-EZ/42b/country"),
                        look -> at(
                                "42b/country", "Name the country of the foreign account; FinCEN Form 114 may be due.")),
                when(
                        "N-0426",
                        STOP,
                        look -> yes(look, "42c") && !look.has("990-EZ/42c/country"),
                        look -> at("42c/country", "Name the country of the office abroad.")),
                when(
                        "N-0427",
                        STOP,
                        look -> !look.amount("990-EZ/37a").isZero() && isCharity(look),
                        look -> at(
                                "37a", "A charity may not spend on political campaigns. Take it off, or get advice.")),
                when("N-0428", STOP, look -> !look.has("990-EZ/42a"), look -> at("42a", "Say who keeps the books.")),
                when(
                        "N-0429",
                        STOP,
                        look -> isCharity(look) && look.says("990-EZ/52", "no"),
                        look -> at("52", "Every charity gives Schedule A. Fill it in, and answer 52 with yes.")),
                when(
                        "N-0430",
                        STOP,
                        look -> yes(look, "44c") && look.says("990-EZ/44d", "no"),
                        look -> at(
                                "44d",
                                "Indoor tanning is taxed; Form 720 is due. File it, or explain in Schedule O.")));
    }

    static boolean isCharity(Examination look) {
        return look.says("990-EZ/hdr/J", "501(c)(3)") || look.says("990-EZ/hdr/J", "4947(a)(1)");
    }

    private static boolean yes(Examination look, String question) {
        return look.says("990-EZ/" + question, "yes");
    }

    private static Found at(String line, String message) {
        return Found.onLine("990-EZ/" + line, message);
    }

    private static List<Line> questions(Examination look) {
        return look.calculation().plan().parts().stream()
                .filter(part -> part.code().equals("V") || part.code().equals("VI") && isCharity(look))
                .flatMap(part -> look.calculation().plan().linesOf(part).stream())
                .filter(line -> line.kind() == LineKind.YES_NO)
                .toList();
    }

    private static List<Found> unanswered(Examination look) {
        List<Found> found = new ArrayList<>();
        for (Line line : questions(look)) {
            String number = line.id().within();
            boolean asked = OpenQuestion.isAsked(look.calculation(), line);
            if (asked && !look.has(line.id().text())) {
                found.add(new Found(
                        Place.line(line.id()),
                        "Answer question " + number + ": " + line.caption() + ".",
                        Answer.YES_OR_NO));
            }
        }
        return found;
    }

    private static List<Found> required(Examination look) {
        List<Found> found = new ArrayList<>();
        new TreeMap<>(REQUIRES).forEach((number, words) -> {
            if (yes(look, number)) {
                found.add(at(number, "Question " + number + " says yes. " + words + " It is not prepared here."));
            }
        });
        return found;
    }

    private static List<Found> unexplained(Examination look) {
        return EXPLAINED.stream()
                .filter(number -> yes(look, number) && !NetAssetChecks.isExplained(look, number))
                .map(number ->
                        at(number, "Question " + number + " says yes. Describe it in Schedule O, line " + number + "."))
                .toList();
    }
}
