package undersaw.web.owners;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import undersaw.calc.Calculation;
import undersaw.filing.FiledOwner;
import undersaw.line.LineKey;
import undersaw.owners.OwnerRegister;
import undersaw.owners.OwnerStatements;
import undersaw.owners.OwnerStatements.Box;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.frame.Figure;
import undersaw.web.frame.Slice;

/**
 * One owner's statement beside the list of all owners.
 *
 * @param code the statement's code, such as K-1
 * @param owners those of the page of the list
 * @param shown whose statement is shown; null where there is nobody
 * @param rows what it says
 * @param sealedBefore whether the return was sealed, and what it held then stands beside
 */
public record StatementView(
        String code, Slice<Owner> owners, @Nullable FiledOwner shown, List<Row> rows, boolean sealedBefore) {
    private static final int ON_A_PAGE = 40;

    /** An owner in the list; changed since the return was last sealed, or not. */
    public record Owner(String id, String name, boolean changed, boolean here) {}

    /** A box: what it holds now, and what it held when the return was sealed; empty where it is the same. */
    public record Row(String number, String caption, Figure figure, String sealed) {}

    /** What is asked for. */
    record Asked(String owner, String query, int page) {}

    static StatementView of(OpenEngagement open, String code, Asked asked, Optional<Calculation> sealed) {
        Calculation year = open.calculation();
        List<String> all = OwnerStatements.owners(year);
        Slice<String> slice = Slice.of(
                all,
                asked.query(),
                new Slice.Page(asked.page(), ON_A_PAGE),
                owner -> owner + " " + OwnerRegister.name(year, owner));
        String shown = all.contains(asked.owner())
                ? asked.owner()
                : slice.rows().stream().findFirst().orElse("");
        return new StatementView(
                code,
                slice.map(owner -> new Owner(
                        owner,
                        OwnerRegister.name(year, owner),
                        sealed.filter(before -> !said(before, code, owner).equals(said(year, code, owner)))
                                .isPresent(),
                        owner.equals(shown))),
                shown.isEmpty() ? null : FiledOwner.of(year, shown).masked(),
                shown.isEmpty() ? List.of() : rows(year, code, shown, sealed),
                sealed.isPresent());
    }

    private static Map<LineKey, String> said(Calculation year, String code, String owner) {
        return OwnerStatements.of(year, code, owner).stream()
                .collect(Collectors.toMap(Box::key, box -> box.value().plain()));
    }

    private static List<Row> rows(Calculation year, String code, String owner, Optional<Calculation> sealed) {
        Map<LineKey, String> before =
                sealed.map(each -> said(each, code, owner)).orElse(Map.of());
        return OwnerStatements.of(year, code, owner).stream()
                .map(box -> new Row(
                        box.number(),
                        box.caption(),
                        Figure.of(year.plan().line(box.key().line()).orElseThrow(), box.key(), year.value(box.key())),
                        sealed.isEmpty() || box.value().plain().equals(before.get(box.key()))
                                ? ""
                                : before.getOrDefault(box.key(), "nothing")))
                .toList();
    }
}
