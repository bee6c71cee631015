package undersaw.web.books;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import undersaw.books.Openings;
import undersaw.books.Openings.Difference;
import undersaw.books.RegisterTies;
import undersaw.books.WorkingBalance;
import undersaw.calc.Calculation;
import undersaw.check.TieOut;
import undersaw.engagement.Change;
import undersaw.files.sheet.StagedBooks;
import undersaw.ledger.BooksSource;
import undersaw.web.desk.OpenEngagement;

/** Books on their way in held against what is known already: how last year closed, and the register of assets. */
final class HeldAgainst {
    private static final int NAMED = 3;

    private HeldAgainst() {}

    /** A sentence a comparison; none where nothing is known. */
    static List<String> of(OpenEngagement open, StagedBooks books, Optional<OpenEngagement> lastYear) {
        Change replaced = new Change.BooksReplaced(books.accounts(), BooksSource.NONE);
        Calculation year = open.calculation().after(replaced.applyTo(open.snapshot()), replaced.touches());
        List<String> held = new ArrayList<>();
        lastYear.ifPresent(last -> {
            held.add(openings(Openings.differences(year, last.calculation(), open.kind())));
            held.add("Net income is "
                    + WorkingBalance.netIncome(year).printedWithCents() + "; last year it was "
                    + WorkingBalance.netIncome(last.calculation()).printedWithCents() + ".");
        });
        RegisterTies.of(year).stream().map(TieOut::message).forEach(held::add);
        return held;
    }

    private static String openings(List<Difference> differences) {
        if (differences.isEmpty()) {
            return "Every account opens as last year closed.";
        }
        int more = differences.size() - NAMED;
        return (differences.size() == 1 ? "1 account opens" : differences.size() + " accounts open")
                + " otherwise than last year closed: "
                + differences.stream()
                        .limit(NAMED)
                        .map(each -> each.number() + " " + each.name() + " with "
                                + each.opening().printedWithCents() + " for "
                                + each.lastYear().printedWithCents())
                        .collect(Collectors.joining(", "))
                + (more > 0 ? ", and " + more + " more" : "") + ".";
    }
}
