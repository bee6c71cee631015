package undersaw.files.sheet;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/** Text as it is printed, its columns parted by nothing but blanks: it is cut where all rows with amounts are blank. */
final class PrintedRows implements RowSource {
    private static final int LOOKED_AT = 400;
    private static final int NARROWEST = 2;
    private static final int WIDEST = 2_000;
    private static final Pattern AMOUNT =
            Pattern.compile(".*\\d[\\d,]*\\.\\d{2}\\)?-?( ?(cr|dr)\\.?)?\\s*", Pattern.CASE_INSENSITIVE);

    private final SourceFile file;
    private final Charset charset;
    private final List<Integer> cuts;

    private PrintedRows(SourceFile file, Charset charset, List<Integer> cuts) {
        this.file = file;
        this.charset = charset;
        this.cuts = cuts;
    }

    /** Whether the head of a file is printed text rather than separated values. */
    static boolean isPrinted(String head) {
        if (head.indexOf('\t') >= 0 || head.indexOf('|') >= 0 || head.indexOf(';') >= 0 || head.indexOf('"') >= 0) {
            return false;
        }
        List<String> lines = head.lines().filter(line -> !line.isBlank()).toList();
        long spaced = lines.stream().filter(line -> line.strip().contains("  ")).count();
        long amounts =
                lines.stream().filter(line -> AMOUNT.matcher(line).matches()).count();
        return amounts > 1 && spaced * 10 >= lines.size() * 5L;
    }

    static PrintedRows of(SourceFile file, Charset charset) {
        List<String> lines = new ArrayList<>();
        try (BufferedReader reader = new BufferedReader(new InputStreamReader(file.open(), charset))) {
            for (String line = reader.readLine(); line != null && lines.size() < LOOKED_AT; line = reader.readLine()) {
                if (AMOUNT.matcher(line).matches() && line.length() <= WIDEST) {
                    lines.add(line);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return new PrintedRows(file, charset, cuts(lines));
    }

    private static List<Integer> cuts(List<String> lines) {
        int width = lines.stream().mapToInt(String::length).max().orElse(0);
        List<Integer> cuts = new ArrayList<>();
        int blankFrom = -1;
        boolean begun = false;
        for (int at = 0; at < width; at++) {
            int here = at;
            boolean blank = lines.stream().allMatch(line -> here >= line.length() || line.charAt(here) == ' ');
            if (blank && begun && blankFrom < 0) {
                blankFrom = at;
            } else if (!blank) {
                if (blankFrom >= 0 && at - blankFrom >= NARROWEST) {
                    cuts.add((blankFrom + at) / 2);
                }
                blankFrom = -1;
                begun = true;
            }
        }
        return cuts;
    }

    @Override
    public void read(String sheet, Visitor visitor) {
        try (BufferedReader reader = new BufferedReader(new InputStreamReader(file.open(), charset))) {
            long number = 0;
            for (String line = reader.readLine(); line != null; line = reader.readLine()) {
                number++;
                if (!visitor.row(number, cut(line.replace("\f", "")))) {
                    return;
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private List<String> cut(String line) {
        List<String> cells = new ArrayList<>();
        int from = 0;
        for (int cut : cuts) {
            cells.add(part(line, from, cut));
            from = cut;
        }
        cells.add(part(line, from, line.length()));
        return cells;
    }

    private static String part(String line, int from, int to) {
        return from >= line.length()
                ? ""
                : line.substring(from, Math.min(to, line.length())).stripTrailing();
    }

    @Override
    public List<String> sheets() {
        return List.of();
    }

    @Override
    public List<String> notes() {
        return List.of("Read as printed text in " + (cuts.size() + 1) + " columns.");
    }
}
