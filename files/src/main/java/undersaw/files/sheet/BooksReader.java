package undersaw.files.sheet;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import undersaw.files.FileFault;
import undersaw.ledger.LedgerTransaction;

/**
 * Reads a client's books from whatever file they come in: CSV in any shape, XLSX, ODS, the standard audit file (SAF-T),
 * audit-data-standard text (AICPA, headings from memory), rows pasted from a spreadsheet.
 *
 * <p>Rows are read one after another, so that memory does not grow with the file, only with its accounts.
 */
public final class BooksReader {
    private static final String OPENINGS_ONLY =
            "The file holds opening balances and no closing ones. Take them as opening balances; to replace the books, "
                    + "say above the columns which one holds the closing balance.";
    private static final int LOOKED_AT = 300;
    private static final int MOST_SHEETS = 12;

    private BooksReader() {}

    /**
     * A first look at a file.
     *
     * @param plan how it would be read
     * @param rows its first rows
     * @param sheets its sheets; empty where the format has none
     * @param headings its header as one line, by which files of one shape are known again
     * @param assumptions what was taken for granted of columns and sheets, a line each
     * @param readings the ways in which it can be read, by their words; empty where there is one
     * @param fault why it cannot be read at all; empty where it can
     */
    public record Look(
            ColumnPlan plan,
            List<List<String>> rows,
            List<String> sheets,
            String headings,
            List<String> assumptions,
            Map<String, ColumnPlan> readings,
            Optional<FileFault> fault) {
        /** What a column can be said to hold, in the order of choice. */
        public List<ColumnKind> choices() {
            return ColumnGuess.choices();
        }
    }

    /** Looks at the first rows of a sheet, of whatever year, and guesses its columns. */
    public static Look look(SourceFile file, String sheet) {
        return look(file, sheet, null);
    }

    /**
     * Looks at the first rows of a sheet and guesses its columns.
     *
     * @param sheet the sheet; where it has none of this name, the one that looks most like a trial balance
     * @param end the last day of the engagement's year, by which columns headed by dates are told apart
     */
    public static Look look(SourceFile file, String sheet, @Nullable LocalDate end) {
        try {
            RowSource source = JoinedSheets.of(RowSources.of(file));
            if (source.sheets().isEmpty() || source.sheets().contains(sheet)) {
                return seen(source, sheet, end);
            }
            return best(source, end);
        } catch (UnreadableFile unreadable) {
            ColumnPlan none = new ColumnPlan("", 0, List.of(), ColumnPlan.Shape.BALANCES, false, false);
            return new Look(none, List.of(), List.of(), "", List.of(), Map.of(), Optional.of(unreadable.fault()));
        }
    }

    /** The sheet that looks most like books; where several do, which one is a question unless one is of the year. */
    private static Look best(RowSource source, @Nullable LocalDate end) {
        Map<String, Look> looks = new LinkedHashMap<>();
        for (String sheet :
                source.sheets().subList(0, Math.min(MOST_SHEETS, source.sheets().size()))) {
            looks.put(sheet, seen(source, sheet, end));
        }
        SheetChoice choice = SheetChoice.of(looks, end);
        Look look = looks.get(choice.sheet());
        List<String> assumptions = new ArrayList<>(look.assumptions());
        if (looks.size() > 1) {
            assumptions.add(0, choice.words());
        }
        Map<String, ColumnPlan> readings = new LinkedHashMap<>(look.readings());
        ColumnPlan plan = look.plan();
        if (!choice.others().isEmpty()) {
            readings.clear();
            readings.put("Sheet " + choice.sheet(), look.plan().asking(""));
            choice.others()
                    .forEach(other -> readings.put(
                            "Sheet " + other, looks.get(other).plan().asking("")));
            plan = plan.asking("Several sheets look like a trial balance: " + String.join(", ", readings.keySet())
                    + ". Choose the sheet.");
        }
        return new Look(plan, look.rows(), look.sheets(), look.headings(), assumptions, readings, Optional.empty());
    }

    private static Look seen(RowSource source, String sheet, @Nullable LocalDate end) {
        List<List<String>> rows = new ArrayList<>();
        String shown = source.sheets().contains(sheet)
                ? sheet
                : source.sheets().stream().findFirst().orElse("");
        source.read(shown, (number, cells) -> {
            // rows that a spreadsheet leaves out keep their numbers
            while (rows.size() < number - 1 && rows.size() < LOOKED_AT) {
                rows.add(List.of());
            }
            rows.add(cells);
            return rows.size() < LOOKED_AT;
        });
        ColumnGuess.Guess guess = new ColumnGuess(shown, rows, end).guess();
        return new Look(
                guess.plan(),
                rows,
                source.sheets(),
                guess.headings(),
                guess.assumptions(),
                guess.readings(),
                Optional.empty());
    }

    /** Reads the whole file by a plan; transactions are handed on one by one and not held. */
    public static StagedBooks read(
            SourceFile file, ColumnPlan plan, BooksContext context, Consumer<LedgerTransaction> transactions) {
        if (plan.opensOnly()) {
            return read(file, plan.closingTheYearBefore(), context, transactions)
                    .noting(List.of(), List.of(FileFault.whole(file.name(), OPENINGS_ONLY)));
        }
        if (!plan.missing().isEmpty() || !plan.doubled().isEmpty()) {
            return StagedBooks.refused(file.name(), FileFault.whole(file.name(), problem(plan)));
        }
        try {
            RowSource source = JoinedSheets.of(RowSources.of(file));
            BooksContext remembering = context.remembering();
            List<List<String>> above = new ArrayList<>();
            StagedBooks staged;
            if (plan.shape() == ColumnPlan.Shape.TRANSACTIONS) {
                LedgerRows rows = new LedgerRows(file.name(), plan, remembering, transactions);
                source.read(plan.sheet(), rows);
                staged = rows.staged();
                above.addAll(rows.above());
            } else {
                BalanceRows rows = new BalanceRows(file.name(), plan);
                source.read(plan.sheet(), rows);
                staged = new BalanceAccounts(file.name(), plan, remembering, rows).staged();
                above.addAll(rows.above());
            }
            List<String> notes = new ArrayList<>(source.notes());
            notes.addAll(
                    Preamble.warnings(above, context.client(), context.end().getYear()));
            List<FileFault> open =
                    plan.question().isEmpty() ? List.of() : List.of(FileFault.whole(file.name(), plan.question()));
            return staged.noting(notes, open);
        } catch (UnreadableFile unreadable) {
            return StagedBooks.refused(file.name(), unreadable.fault());
        }
    }

    /** Reads a file as it is guessed, for where nobody looks on. */
    public static StagedBooks read(SourceFile file, BooksContext context) {
        Look look = look(file, "", context.end());
        return look.fault()
                .map(fault -> StagedBooks.refused(file.name(), fault))
                .orElseGet(() ->
                        read(file, look.plan(), context, transaction -> {}).noting(look.assumptions(), List.of()));
    }

    private static String problem(ColumnPlan plan) {
        if (!plan.question().isEmpty()) {
            return plan.question();
        }
        if (plan.missing().isEmpty()) {
            return "Two columns are said to hold " + String.join(" and ", plan.doubled()) + ". Leave one of them out.";
        }
        return "No column is known to hold " + String.join(", or ", plan.missing())
                + ". Say above the columns which one does.";
    }
}
