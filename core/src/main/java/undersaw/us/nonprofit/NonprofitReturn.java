package undersaw.us.nonprofit;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import undersaw.calc.Calculation;
import undersaw.calc.Plan;
import undersaw.check.AccountCheck;
import undersaw.check.Check;
import undersaw.check.Examination;
import undersaw.check.TieOut;
import undersaw.engagement.Station;
import undersaw.form.Form;
import undersaw.form.MapTarget;
import undersaw.law.Law;
import undersaw.law.calendar.DueDate;
import undersaw.law.calendar.Period;
import undersaw.ledger.Carryover;
import undersaw.ledger.Treatment;
import undersaw.line.LineId;
import undersaw.returns.BookLines;
import undersaw.returns.ReturnKind;
import undersaw.suggestions.Suggestions;

/** The return of a small exempt organization, Form 990-EZ with Schedules A, B, G and O (2024 forms, from memory). */
public final class NonprofitReturn implements ReturnKind {
    /** The form's code. */
    public static final String CODE = "990-EZ";

    private static final List<String> NAMES = List.of("undersaw/us/nonprofit/names.csv");

    private static final BookLines BOOK_LINES = new BookLines(
            line("W-BK/1"),
            line("18"),
            "excess or deficit, line 18",
            line("27"),
            null,
            List.of(
                    new BookLines.Step(line("W-BK/2"), true, true),
                    new BookLines.Step(line("W-BK/3"), false, true),
                    new BookLines.Step(line("W-BK/4"), false, true),
                    new BookLines.Step(line("W-BK/5"), false, false)));

    private final NonprofitForms forms = new NonprofitForms();
    private final List<MapTarget> targets =
            forms.all().stream().map(Form::targets).flatMap(List::stream).toList();
    private final Suggestions suggestions = Suggestions.read(NAMES, account -> Optional.empty(), targets);
    private final List<Check> checks = NonprofitChecks.all();
    private final List<AccountCheck> accountChecks = NonprofitChecks.ofAccounts();
    private final Map<Integer, Plan> plans = new ConcurrentHashMap<>();

    private static LineId line(String within) {
        return LineId.of(CODE + "/" + within);
    }

    @Override
    public String code() {
        return CODE;
    }

    @Override
    public String title() {
        return "Short return of an exempt organization";
    }

    @Override
    public List<Station> stations() {
        return List.of(Station.BOOKS, Station.MAP, Station.ADJUST, Station.RETURN, Station.CHECK, Station.FILE);
    }

    @Override
    public Plan plan(int year) {
        return plans.computeIfAbsent(
                year, each -> new Plan(Law.of(each).year(), forms.all(), new NonprofitPostings(targets)));
    }

    @Override
    public YearRange years() {
        return new YearRange(2024, 2025);
    }

    @Override
    public DueDate due(Period period) {
        return DueDate.ofExemptOrganization(period);
    }

    @Override
    public List<Treatment> treatments() {
        return TreatmentsNonprofit.all();
    }

    @Override
    public Optional<Treatment> treatment(String id) {
        return TreatmentsNonprofit.find(id);
    }

    @Override
    public Suggestions suggestions() {
        return suggestions;
    }

    @Override
    public List<Check> checks() {
        return checks;
    }

    @Override
    public List<AccountCheck> accountChecks() {
        return accountChecks;
    }

    @Override
    public List<TieOut> tieOuts(Examination examination) {
        return NonprofitTieOuts.of(examination);
    }

    @Override
    public BookLines bookLines() {
        return BOOK_LINES;
    }

    @Override
    public List<Carryover> carriedForward(Calculation calculation) {
        return List.of();
    }

    @Override
    public boolean isAmended(Calculation calculation) {
        return calculation.answer(line("hdr/B/amended")).equals("yes");
    }

    @Override
    public Optional<LineId> amendedBox() {
        return Optional.of(line("hdr/B/amended"));
    }

    @Override
    public List<Vital> vitals(Calculation calculation) {
        return List.of(
                new Vital("Revenue", line("9")),
                new Vital("Excess or deficit", line("18")),
                new Vital("Net assets", line("21")));
    }
}
