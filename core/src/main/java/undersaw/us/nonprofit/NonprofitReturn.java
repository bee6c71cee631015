package undersaw.us.nonprofit;

import java.util.List;
import java.util.Optional;
import undersaw.calc.Calculation;
import undersaw.check.Examination;
import undersaw.check.TieOut;
import undersaw.engagement.Station;
import undersaw.form.Form;
import undersaw.form.MapTarget;
import undersaw.law.calendar.DueDate;
import undersaw.law.calendar.Period;
import undersaw.ledger.Treatment;
import undersaw.line.LineId;
import undersaw.returns.BookLines;
import undersaw.returns.PlannedReturn;
import undersaw.suggestions.Suggestions;

/** The return of a small exempt organization, Form 990-EZ with Schedules A, B, G and O (2024 forms, from memory). */
public final class NonprofitReturn extends PlannedReturn {
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

    /** Puts forms, treatments, suggestions and checks together. */
    public NonprofitReturn() {
        super(definition());
    }

    private static Definition definition() {
        List<Form> forms = new NonprofitForms().all();
        List<MapTarget> targets = targets(forms);
        return new Definition(
                CODE,
                "Short return of an exempt organization",
                forms,
                new NonprofitPostings(targets),
                Suggestions.read(NAMES, account -> Optional.empty(), targets),
                NonprofitChecks.all(),
                NonprofitChecks.ofAccounts());
    }

    private static LineId line(String within) {
        return LineId.of(CODE + "/" + within);
    }

    @Override
    public List<Station> stations() {
        return List.of(Station.BOOKS, Station.MAP, Station.ADJUST, Station.RETURN, Station.CHECK, Station.FILE);
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
    public List<TieOut> tieOuts(Examination examination) {
        return NonprofitTieOuts.of(examination);
    }

    @Override
    public BookLines bookLines() {
        return BOOK_LINES;
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
