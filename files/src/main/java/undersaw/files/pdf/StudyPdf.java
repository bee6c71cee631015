package undersaw.files.pdf;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.thymeleaf.context.Context;
import undersaw.calc.Calculation;
import undersaw.money.Money;
import undersaw.study.EntityComparison;
import undersaw.study.Kind;
import undersaw.study.Tax;

/** The comparison of kinds of entity on one page, for the client. */
public final class StudyPdf {
    private static final int WIDE = 100;

    private StudyPdf() {}

    /**
     * A kind of entity.
     *
     * @param words what it is, and whether the client is one
     * @param total all its taxes
     * @param percent of the dearest kind's, for its bar
     */
    public record Bar(String words, String total, long percent) {}

    /** A row of amounts, one for each kind. */
    public record Row(String caption, List<String> amounts) {}

    /** The page as PDF bytes. */
    public static byte[] write(Calculation year) {
        Context context = new Context(Locale.US);
        context.setVariable("heading", year.snapshot().heading());
        context.setVariable("bars", bars(year));
        context.setVariable("rows", rows(year));
        context.setVariable("assumed", assumed(year));
        return PrintedPage.write("undersaw/files/pdf/study", context);
    }

    private static List<Bar> bars(Calculation year) {
        long dearest = 1;
        for (Kind kind : Kind.values()) {
            dearest = Math.max(dearest, year.amount(Tax.ALL.line(kind)).cents());
        }
        Optional<Kind> present = Kind.of(year.snapshot().heading().form());
        List<Bar> bars = new ArrayList<>();
        for (Kind kind : Kind.values()) {
            Money total = year.amount(Tax.ALL.line(kind));
            bars.add(new Bar(
                    kind.words() + (present.filter(kind::equals).isPresent() ? ", as it is" : ""),
                    total.printed(),
                    Math.max(0, WIDE * total.cents() / dearest)));
        }
        return bars;
    }

    private static List<Row> rows(Calculation year) {
        return Stream.of(Tax.values())
                .map(tax -> new Row(
                        tax.words(),
                        Stream.of(Kind.values())
                                .map(kind -> year.amount(tax.line(kind)).printed())
                                .toList()))
                .toList();
    }

    private static List<Row> assumed(Calculation year) {
        return EntityComparison.assumed(year).stream()
                .flatMap(line -> year.value(line.id()).stream()
                        .map(value -> new Row(
                                line.caption(),
                                List.of(
                                        line.kind().isNumber()
                                                ? value.amount().printed()
                                                : value.value().plain()))))
                .toList();
    }
}
