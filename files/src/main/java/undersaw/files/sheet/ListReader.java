package undersaw.files.sheet;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.RowList;
import undersaw.money.Money;

/**
 * Reads the rows of a list from a spreadsheet, a CSV file or rows pasted from either.
 *
 * <p>Columns go by the headings of the trade, by a person's word, or by the order of the list. Titles above, totals
 * below and lines of the page are left out and named, and so is every column that is not taken. Amounts, dates,
 * percentages and fractions are read as people write them.
 */
public final class ListReader {
    private static final int LOOKED_AT = 300;
    private static final int MOST_LISTED = 40;
    private static final Pattern FRACTION = Pattern.compile("(?:(\\d{1,2}) )?(\\d{1,4})/(\\d{1,4})");
    private static final WrittenAmount AMOUNTS = new WrittenAmount(false);

    private final String file;
    private final ListPlan plan;
    private final ListHeadings headings;
    private final Map<Integer, Line> lines = new LinkedHashMap<>();
    private final List<Row> rows = new ArrayList<>();
    private final List<String> problems = new ArrayList<>();
    private final List<String> notes = new ArrayList<>();
    private final List<String> leftOut = new ArrayList<>();
    private final Map<Line, Money> totals = new LinkedHashMap<>();
    private final Map<Integer, String> untaken = new LinkedHashMap<>();
    private List<String> header = List.of();
    private boolean twoDigitYears;

    private ListReader(String file, RowList list, ListPlan plan) {
        this.file = file;
        this.plan = plan;
        headings = new ListHeadings(list);
        for (int i = 0; i < plan.columns().size(); i++) {
            int at = i;
            headings.typed(plan.columns().get(i)).ifPresent(line -> lines.put(at, line));
        }
    }

    /**
     * One row as it can be kept.
     *
     * @param name the name that the file gives it; empty where it gives none
     * @param cells plain text by line
     */
    public record Row(String name, Map<Line, String> cells) {}

    /**
     * What a file holds.
     *
     * @param rows the rows that could be read
     * @param problems a sentence for each cell that could not
     * @param notTaken columns with something in them that were not taken, by heading, with the reason
     * @param leftOut rows that are none of the list, such as totals
     * @param notes what was taken for granted
     */
    public record Read(
            List<Row> rows, List<String> problems, List<String> notTaken, List<String> leftOut, List<String> notes) {
        /** Rows that did not come from a file. */
        public Read(List<Row> rows, List<String> problems) {
            this(rows, problems, List.of(), List.of(), List.of());
        }

        /** The same with what was taken for granted before its rows were read. */
        public Read noting(List<String> first) {
            List<String> all = new ArrayList<>(first);
            all.addAll(notes);
            return new Read(rows, problems, notTaken, leftOut, all);
        }
    }

    /**
     * A first look at a file.
     *
     * @param plan how it would be read
     * @param rows its first rows
     * @param headings its header as one line, by which files of one shape are known again
     * @param choices the columns that there are to choose from
     * @param notes what was taken for granted of its columns
     * @param problem why it cannot be read at all; empty where it can
     */
    public record Look(
            ListPlan plan,
            List<List<String>> rows,
            String headings,
            List<String> choices,
            List<String> notes,
            Optional<String> problem) {}

    /** Looks at the first rows of the first sheet that holds any of the list's headings. */
    public static Look look(SourceFile file, RowList list) {
        List<String> choices = new ListHeadings(list).choices();
        try {
            RowSource source = RowSources.of(file);
            List<String> sheets = source.sheets().isEmpty() ? List.of("") : source.sheets();
            Look best = null;
            long most = -1;
            for (String sheet : sheets) {
                Look look = seen(source, sheet, list, choices);
                long known = look.plan().header() == 0
                        ? 0
                        : look.plan().columns().stream()
                                .filter(column -> !column.isEmpty())
                                .count();
                if (best == null || known > most) {
                    best = look;
                    most = known;
                }
            }
            return best;
        } catch (UnreadableFile unreadable) {
            ListPlan none = new ListPlan("", 0, List.of(), false, false);
            return new Look(
                    none,
                    List.of(),
                    "",
                    choices,
                    List.of(),
                    Optional.of(unreadable.fault().toString()));
        }
    }

    private static Look seen(RowSource source, String sheet, RowList list, List<String> choices) {
        List<List<String>> rows = new ArrayList<>();
        source.read(sheet, (number, cells) -> {
            while (rows.size() < number - 1 && rows.size() < LOOKED_AT) {
                rows.add(List.of());
            }
            rows.add(cells);
            return rows.size() < LOOKED_AT;
        });
        ListGuess guess = new ListGuess(list, rows);
        ListPlan plan = guess.plan(sheet);
        String headings = plan.header() == 0 ? "" : String.join("|", rows.get(plan.header() - 1));
        return new Look(plan, rows, headings, choices, guess.notes(), Optional.empty());
    }

    /** Reads a file as it is guessed; what keeps it from being read at all is a problem like any other. */
    public static Read read(SourceFile file, RowList list) {
        Look look = look(file, list);
        return look.problem().isPresent()
                ? new Read(List.of(), List.of(look.problem().get()))
                : read(file, list, look.plan()).noting(look.notes());
    }

    /** Reads a file by a plan. */
    public static Read read(SourceFile file, RowList list, ListPlan plan) {
        ListReader reader = new ListReader(file.name(), list, plan);
        try {
            RowSources.of(file).read(plan.sheet(), reader::row);
        } catch (UnreadableFile unreadable) {
            reader.problems.add(unreadable.fault().toString());
        }
        return reader.done();
    }

    private Read done() {
        List<String> notTaken = new ArrayList<>();
        untaken.forEach((at, heading) -> {
            Optional<String> column = headings.column(heading);
            String why = column.filter(headings::isComputed).isPresent()
                    ? ", which is computed here"
                    : column.filter(plan.columns()::contains).isPresent()
                            ? ", since another column holds the same"
                            : "";
            notTaken.add(
                    (heading.isEmpty() ? "column " + CellText.letters(at) + ", without a heading" : heading) + why);
        });
        fractions();
        if (twoDigitYears) {
            notes.add("Years of two digits were taken for " + WrittenDate.WINDOW + ".");
        }
        if (lines.isEmpty() && !untaken.isEmpty()) {
            problems.add(file + ": none of its columns is known. Say above each column what it holds.");
        }
        return new Read(
                List.copyOf(rows),
                List.copyOf(problems),
                List.copyOf(notTaken),
                List.copyOf(leftOut),
                List.copyOf(notes));
    }

    private boolean row(long number, List<String> cells) {
        if (number == plan.header()) {
            header = List.copyOf(cells);
        } else if (number > plan.header() && cells.stream().anyMatch(cell -> !cell.isBlank())) {
            body(number, cells);
        }
        return true;
    }

    private void body(long number, List<String> cells) {
        boolean rules = cells.stream().allMatch(cell -> cell.isBlank() || RowWords.isRule(cell));
        if (rules || cells.equals(header)) {
            return;
        }
        if (RowWords.isPageLine(cells) || isTotal(cells)) {
            if (leftOut.size() < MOST_LISTED) {
                leftOut.add(
                        "Row " + number + ": " + String.join(" ", cells).strip().replaceAll("\\s+", " "));
            }
            return;
        }
        for (int i = 0; i < cells.size(); i++) {
            boolean taken = i < plan.columns().size() && !plan.columns().get(i).isEmpty();
            if (!taken && !cells.get(i).isBlank()) {
                untaken.putIfAbsent(i, i < header.size() ? header.get(i).strip() : "");
            }
        }
        read(number, cells);
    }

    /** A row called total, or one without words whose amounts are all that stand above them. */
    private boolean isTotal(List<String> cells) {
        String first = cells.stream()
                .filter(cell -> !cell.isBlank())
                .findFirst()
                .orElse("")
                .strip();
        boolean words =
                RowWords.isSubtotal(first) && first.toLowerCase(Locale.ROOT).matches("\\W*(sub|grand )?.?total.*");
        if (words) {
            return true;
        }
        int amounts = 0;
        for (Map.Entry<Integer, Line> each : lines.entrySet()) {
            String text = text(cells, each.getKey());
            if (!text.isEmpty() && each.getValue().kind() != LineKind.AMOUNT) {
                return false;
            }
            if (!text.isEmpty()) {
                Optional<Money> amount = new WrittenAmount(plan.decimalComma()).read(text);
                if (amount.isEmpty() || !amount.get().equals(totals.get(each.getValue()))) {
                    return false;
                }
                amounts++;
            }
        }
        return rows.size() > 1 && amounts > 0;
    }

    private static String text(List<String> cells, int at) {
        String text = at < cells.size() ? cells.get(at).strip() : "";
        return RowWords.isRule(text) ? "" : text;
    }

    private void read(long number, List<String> cells) {
        Map<Line, String> row = new LinkedHashMap<>();
        String name = "";
        for (int i = 0; i < plan.columns().size(); i++) {
            if (plan.columns().get(i).equals(ListPlan.ROW_NAME)) {
                name = text(cells, i).replaceAll("[@\\s]+", "-");
            }
        }
        for (Map.Entry<Integer, Line> each : lines.entrySet()) {
            String text = text(cells, each.getKey());
            Line line = each.getValue();
            if (text.isEmpty() || text.matches("(?i)n/?a|none|-") && line.kind() != LineKind.TEXT) {
                continue;
            }
            Optional<String> value = asWritten(line, text);
            twoDigitYears |= line.kind().isDate() && value.isPresent() && WrittenDate.hasTwoDigitYear(text);
            value.ifPresentOrElse(kept -> row.put(line, kept), () -> problem(number, each.getKey(), line, text));
        }
        if (!row.isEmpty()) {
            rows.add(new Row(name, row));
            row.forEach((line, value) -> {
                if (line.kind() == LineKind.AMOUNT) {
                    totals.merge(line, Money.parse(value), Money::plus);
                }
            });
        }
    }

    private void problem(long number, int column, Line line, String text) {
        String heading = column < header.size() ? header.get(column).strip() : "";
        boolean other = !heading.isEmpty() && !heading.equalsIgnoreCase(line.caption());
        problems.add("%s row %d, %s%s: found \"%s\", expected %s."
                .formatted(
                        file,
                        number,
                        line.caption(),
                        other ? " (column \"" + heading + "\")" : "",
                        text.length() > 60 ? text.substring(0, 60) + "…" : text,
                        line.expected()));
    }

    private Optional<String> asWritten(Line line, String text) {
        if (line.kind() == LineKind.AMOUNT) {
            return new WrittenAmount(plan.decimalComma())
                    .read(text)
                    .map(Money::toString)
                    .flatMap(line::read);
        }
        return plan.dayFirst() && line.kind().isDate()
                ? WrittenDate.read(text, true).map(Object::toString).or(() -> cell(line, text))
                : cell(line, text).or(() -> headings.meant(line, text));
    }

    /** Percentages of which none is above one, and which together are one, were meant as parts of one. */
    private void fractions() {
        for (Line line : lines.values()) {
            if (line.kind() != LineKind.PERCENT) {
                continue;
            }
            List<BigDecimal> shares = rows.stream()
                    .filter(row -> row.cells().containsKey(line))
                    .map(row -> new BigDecimal(row.cells().get(line)))
                    .toList();
            BigDecimal sum = shares.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
            boolean ofOne = shares.size() > 1
                    && shares.stream().allMatch(share -> share.compareTo(BigDecimal.ONE) <= 0)
                    && sum.compareTo(new BigDecimal("0.99")) > 0
                    && sum.compareTo(new BigDecimal("1.01")) < 0;
            if (ofOne) {
                rows.replaceAll(row -> times100(row, line));
                notes.add(line.caption() + ": 0.25 was taken for 25 percent, since the column adds up to one.");
            }
        }
    }

    private static Row times100(Row row, Line line) {
        Map<Line, String> cells = new LinkedHashMap<>(row.cells());
        cells.computeIfPresent(line, (unused, share) -> percent(new BigDecimal(share).movePointRight(2)));
        return new Row(row.name(), cells);
    }

    private static String percent(BigDecimal share) {
        BigDecimal bare = share.setScale(6, RoundingMode.HALF_UP).stripTrailingZeros();
        return (bare.scale() < 0 ? bare.setScale(0) : bare).toPlainString();
    }

    /** The cell as the line keeps it; nothing where it does not fit. */
    public static Optional<String> cell(Line line, String text) {
        return switch (line.kind()) {
            case AMOUNT -> AMOUNTS.read(text).map(Money::toString).flatMap(line::read);
            case DATE -> WrittenDate.read(text).map(Object::toString);
            case DATE_OR_WORD ->
                WrittenDate.read(text)
                        .map(Object::toString)
                        .or(() -> line.read(text.strip().toLowerCase(Locale.ROOT)));
            case PERCENT -> share(text).flatMap(line::read);
            case COUNT, NUMBER, SHARES -> line.read(text.replace(",", "").replaceAll("\\.0+$", ""));
            case YES_NO, BOX -> line.read(yesOrNo(text));
            case TEXT -> choice(line, text);
            case TAXPAYER_NUMBER -> line.read(text.replaceAll("\\s", ""));
        };
    }

    private static String yesOrNo(String text) {
        String plain = text.strip().toLowerCase(Locale.ROOT);
        return switch (plain) {
            case "y", "x", "true", "1", "ja" -> "yes";
            case "n", "false", "0" -> "no";
            default -> plain;
        };
    }

    /** What offices write around a word of a choice: short-term, section 1245, 7 yr, MACRS 5, real 39. */
    private static final String FILLERS =
            "[- ]?term$|^section |^sec\\.? |^§ ?|^macrs ?|^real |^m(?=\\d)|[- ]?(yr|year)s?\\.?( property)?$";

    /** A word of the line's choice in any case, or one that begins like a single one of them. */
    private static Optional<String> choice(Line line, String text) {
        if (line.choices().isEmpty()) {
            return line.read(text);
        }
        String plain =
                text.strip().toLowerCase(Locale.ROOT).replaceAll(FILLERS, "").replaceAll(" ?1/2$", ".5");
        List<String> like = line.choices().stream()
                .filter(each -> each.equalsIgnoreCase(plain) || each.equalsIgnoreCase(text.strip()))
                .toList();
        if (like.isEmpty()) {
            like = line.choices().stream()
                    .filter(each -> plain.length() > 0
                                    && each.toLowerCase(Locale.ROOT).startsWith(plain)
                            || plain.equals(each.toLowerCase(Locale.ROOT).charAt(0) + "t"))
                    .toList();
        }
        return like.size() == 1 ? Optional.of(like.get(0)) : Optional.empty();
    }

    /** A percentage with or without its sign, or a fraction such as 1/3 or 33 1/3. */
    private static Optional<String> share(String text) {
        String plain = text.replace("%", "").replaceAll("(?i)percent|pct", "").strip();
        Matcher fraction = FRACTION.matcher(plain);
        if (!fraction.matches()) {
            return Optional.of(plain.replace(" ", ""));
        }
        BigDecimal under = new BigDecimal(fraction.group(3));
        if (under.signum() == 0) {
            return Optional.empty();
        }
        boolean mixed = fraction.group(1) != null;
        BigDecimal part = new BigDecimal(fraction.group(2)).divide(under, 10, RoundingMode.HALF_UP);
        BigDecimal whole = mixed ? new BigDecimal(fraction.group(1)).add(part) : part.movePointRight(2);
        return Optional.of(percent(whole));
    }
}
