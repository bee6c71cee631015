package undersaw.us.nonprofit;

import static undersaw.form.formula.Formulas.law;
import static undersaw.form.formula.Formulas.sum;

import java.util.List;
import java.util.stream.Stream;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;

/**
 * Schedule G (Form 990), Part III: gaming; column a is bingo, b pull tabs and instant bingo, c other gaming, d all of
 * them (2024 form, from memory).
 */
final class Gaming extends Form {
    private static final List<String> KINDS = List.of("a", "b", "c");

    final Line revenue;
    final Line expenses;

    Gaming(NonprofitForms all) {
        super("990-G", "Gaming");
        partByNeed(
                        "G-III",
                        "Schedule G, Part III: gaming; a bingo, b pull tabs, c other, d all",
                        "IRC 513(f); Instructions for Schedule G (Form 990), Part III",
                        "bingo raffle lottery pull tabs games of chance")
                .neededWhen(() -> all.revenue.gaming.isAbove(law(NonprofitLaw.EVENTS_SCHEDULE)));
        revenue = acrossKinds("1", "Gross revenue");
        List<Line> direct = List.of(
                acrossKinds("2", "Cash prizes"),
                acrossKinds("3", "Noncash prizes"),
                acrossKinds("4", "Rent and facility"),
                acrossKinds("5", "Other direct expenses"));
        for (String kind : KINDS) {
            line("III/6/" + kind, "Volunteer labor, percent of the work").as(LineKind.PERCENT);
        }
        expenses = line("III/7/d", "Direct expenses of gaming").is(sum(direct));
        line("III/8/d", "Net income of gaming").is(revenue.minus(expenses));
        howItIsRun(all);
    }

    private Line acrossKinds(String number, String caption) {
        List<Line> kinds = KINDS.stream()
                .map(kind -> line("III/" + number + "/" + kind, caption))
                .toList();
        return line("III/" + number + "/d", caption).is(sum(kinds));
    }

    private void howItIsRun(NonprofitForms all) {
        partByNeed(
                        "G-9",
                        "Schedule G, lines 9 to 17: how gaming is run",
                        "Instructions for Schedule G (Form 990), Part III",
                        "gaming license bingo")
                .neededWhen(() -> all.revenue.gaming.isAbove(law(NonprofitLaw.EVENTS_SCHEDULE)));
        words("9", "States in which gaming is conducted");
        asked("9a", "Licensed to conduct gaming in each of them");
        words("9b", "If not, why");
        asked("10a", "A gaming license revoked, suspended or ended in the year");
        words("10b", "If so, why");
        asked("11", "Gaming with people who are not members");
        asked("12", "Grantor, beneficiary or trustee of a trust, or partner with others, to run charitable gaming");
        line("III/13a", "Percent of gaming in the organization's own facility").as(LineKind.PERCENT);
        line("III/13b", "Percent of gaming in an outside facility").as(LineKind.PERCENT);
        words("14", "Who keeps the books of the gaming");
        words("14/address", "Address of who keeps them");
        Line contract = asked("15a", "A contract under which a third party receives gaming revenue");
        line("III/15b", "Gaming revenue the organization received under it");
        line("III/15b/kept", "Gaming revenue the third party kept");
        words("15c", "Name and address of the third party");
        words("16", "Gaming manager");
        line("III/16/pay", "Pay of the gaming manager");
        words("16/services", "Services of the gaming manager");
        line("III/16/as", "The gaming manager is")
                .as(LineKind.TEXT)
                .oneOf("director or officer", "employee", "independent contractor");
        asked("17a", "State law requires distributions from gaming proceeds to keep the license");
        line("III/17b", "Distributions required by state law and made in the year");
        contract.help("A third party that only sells supplies at a fixed price is not one that shares revenue.");
    }

    private Line asked(String number, String question) {
        return line("III/" + number, question).as(LineKind.YES_NO);
    }

    private void words(String number, String caption) {
        line("III/" + number, caption).as(LineKind.TEXT);
    }

    /** The numbers of its questions. */
    static Stream<String> questions() {
        return Stream.of("9a", "10a", "11", "12", "15a", "17a");
    }
}
