package undersaw.files.sheet;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import undersaw.files.sheet.AmountColumns.Reading;
import undersaw.files.sheet.ColumnPlan.Shape;
import undersaw.files.sheet.Notation.Signs;

/**
 * Guesses how a file is to be read from its first rows: the header by its words, columns without a heading by what
 * stands in them.
 */
final class ColumnGuess {
    static final Pattern NUMBER =
            Pattern.compile("\\(?[A-Za-z]{0,3}\\d[\\d.\\-/,:]{1,15}[A-Za-z]?\\)?|\\d{3,}\\s?[A-Za-z]?");
    static final Pattern NUMBER_THEN_NAME = Pattern.compile("\\(?\\d[\\d.,\\-]{1,15}\\)?\\s*[-–—:·.]?\\s+\\D.*");
    static final Pattern NAME_THEN_NUMBER = Pattern.compile("\\D.*[-–—:·(#]\\s*\\d[\\d.\\-]{2,15}\\)?");
    private static final Pattern THOUSANDS = Pattern.compile(
            "(?i).*(\\bin|\\()\\s*(\\$|usd|us\\$|dollars)?\\s*(thousands|000'?s?|\\$000'?s?|000 omitted)\\b.*"
                    + "|.*\\(\\s*\\$?\\s*000('?s)?( omitted)?\\s*\\).*|.*\\$\\s?000s?\\b.*");

    private final List<List<String>> rows;
    private final int width;
    private final String sheet;
    private final @Nullable LocalDate end;
    private final List<String> assumptions = new ArrayList<>();

    ColumnGuess(String sheet, List<List<String>> rows, @Nullable LocalDate end) {
        this.sheet = sheet;
        this.rows = rows;
        this.end = end;
        width = rows.stream().mapToInt(List::size).max().orElse(0);
    }

    /**
     * What was guessed.
     *
     * @param plan the likeliest reading; it asks where there are several
     * @param assumptions what was taken for granted, a line each
     * @param readings all readings that are possible, with their words; empty where there is one
     * @param headings the header as one line, by which a client's files are known again
     */
    record Guess(ColumnPlan plan, List<String> assumptions, Map<String, ColumnPlan> readings, String headings) {}

    Guess guess() {
        HeadingRows heads = HeadingRows.of(rows, width);
        List<List<String>> body = rows.subList(Math.min(heads.header(), rows.size()), rows.size());
        boolean comma = new PointOrComma(body, width).isComma(assumptions);
        Sample sample = new Sample(body, comma);
        List<ColumnKind> kinds = new ArrayList<>(Collections.nCopies(width, ColumnKind.IGNORED));
        Map<Integer, @Nullable AmountHeading> amounts = new LinkedHashMap<>();
        for (int column = 0; column < width; column++) {
            int at = column;
            heads.words(column)
                    .filter(kind -> kind.mayRepeat() || !kinds.contains(kind))
                    .ifPresent(kind -> kinds.set(at, kind));
            heads.amount(column)
                    .filter(heading -> sample.cells(at).isEmpty() || sample.isAmounts(at) || heads.header() > 0)
                    .ifPresent(heading -> amounts.put(at, heading));
        }
        new TextColumns(sample, heads, kinds, amounts).place(assumptions);
        boolean dated = kinds.contains(ColumnKind.DATE);
        AmountColumns found = new AmountColumns(amounts, sample, end, dated);
        assumptions.addAll(found.assumptions());
        int scale = scale(heads);
        boolean dayFirst = dated && DayOrder.isDayFirst(sample.cells(kinds.indexOf(ColumnKind.DATE)), assumptions);
        Notation plain = new Notation(comma, dayFirst, Signs.DEBITS_POSITIVE, scale);
        Map<String, ColumnPlan> all = new LinkedHashMap<>();
        for (Reading reading : found.readings()) {
            all.put(reading.words(), plan(heads, kinds, reading.kinds(), told(plain, reading.kinds())));
        }
        Notation notation = told(plain, found.kinds());
        if (isBelowZero(sample, found.kinds())) {
            notation = notation.signed(Signs.CREDITS_BELOW_ZERO);
            assumptions.add("Credits carry a minus in their own column; it was taken for the side.");
        }
        ColumnPlan plan = plan(heads, kinds, found.kinds(), notation);
        String question = all.isEmpty()
                ? ""
                : "The file can be read in " + all.size() + " ways, and which one is meant cannot be told: "
                        + String.join("; or: ", all.keySet()) + ". Choose one.";
        return new Guess(plan.asking(question), List.copyOf(assumptions), all, headings(heads));
    }

    private static boolean isBelowZero(Sample sample, Map<Integer, ColumnKind> kinds) {
        return kinds.entrySet().stream()
                .filter(each -> each.getValue() == ColumnKind.CREDIT)
                .map(each -> sample.cents(each.getKey()))
                .anyMatch(cents -> cents.stream().allMatch(each -> each == null || each <= 0)
                        && cents.stream().anyMatch(each -> each != null && each < 0));
    }

    /** One column of amounts tells its signs by its rows. */
    private static Notation told(Notation notation, Map<Integer, ColumnKind> kinds) {
        boolean one = kinds.containsValue(ColumnKind.AMOUNT) || kinds.containsValue(ColumnKind.MOVEMENT);
        return one ? notation.signed(Signs.FROM_ROWS) : notation;
    }

    private ColumnPlan plan(
            HeadingRows heads, List<ColumnKind> kinds, Map<Integer, ColumnKind> amounts, Notation notation) {
        List<ColumnKind> all = new ArrayList<>(kinds);
        amounts.forEach(all::set);
        boolean dated = kinds.contains(ColumnKind.DATE) && !amounts.containsValue(ColumnKind.OPENING);
        Shape shape = dated ? Shape.TRANSACTIONS : Shape.BALANCES;
        boolean plain = dated || all.contains(ColumnKind.SIDE);
        Notation signed =
                plain && notation.signs() == Signs.FROM_ROWS ? notation.signed(Signs.DEBITS_POSITIVE) : notation;
        return new ColumnPlan(sheet, heads.header(), all, shape, signed, ByHand.NOTHING, "");
    }

    private int scale(HeadingRows heads) {
        for (int i = 0; i < Math.min(rows.size(), Math.max(heads.header(), 6)); i++) {
            for (String cell : rows.get(i)) {
                if (THOUSANDS.matcher(cell).matches()) {
                    assumptions.add("\"" + cell.strip() + "\": amounts were taken times 1,000.");
                    return 1000;
                }
            }
        }
        return 1;
    }

    /** The header's cells as one line, by which a client's files are known again. */
    private String headings(HeadingRows heads) {
        return heads.header() == 0
                ? ""
                : String.join("|", rows.get(heads.header() - 1)).strip();
    }

    /** Kinds in the order in which a person chooses them. */
    static List<ColumnKind> choices() {
        return Arrays.asList(ColumnKind.values());
    }
}
