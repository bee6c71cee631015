package undersaw.us.depreciation;

import static undersaw.check.Severity.NOTE;
import static undersaw.check.Severity.QUERY;
import static undersaw.check.Severity.STOP;
import static undersaw.us.depreciation.EntryCheck.each;
import static undersaw.us.depreciation.EntryCheck.known;

import java.util.List;
import undersaw.check.Check;
import undersaw.check.Check.Found;
import undersaw.check.Examination;
import undersaw.check.Place;
import undersaw.check.Severity;
import undersaw.line.LineId;
import undersaw.us.depreciation.AssetBook.Entry;
import undersaw.us.depreciation.EntryCheck.Known;

/** Checks of what was given up. */
final class SaleChecks {
    private static final LineId DISPOSED = LineId.of("ASSETS/disposed");
    private static final LineId PROCEEDS = LineId.of("ASSETS/proceeds");
    private static final LineId KIND = LineId.of("ASSETS/disposition");

    private SaleChecks() {}

    static List<Check> all() {
        return List.of(
                each(
                        "A-0148",
                        STOP,
                        DISPOSED,
                        asset -> asset.text(DISPOSED).isEmpty()
                                        && !asset.amount(PROCEEDS).isZero()
                                ? asset.words()
                                        + " has proceeds but no disposal date. Enter the day, or take the proceeds off."
                                : ""),
                known("A-0149", STOP, DISPOSED, SaleChecks::outside),
                known(
                        "A-0151",
                        QUERY,
                        DISPOSED,
                        asset -> asset.isGone() && asset.facts().use().now() < Use.WHOLE
                                ? asset.words() + " was used "
                                        + Use.written(asset.facts().use().now())
                                        + " percent for business. The gain is split, and a personal loss is not "
                                        + "deductible: check the split."
                                : ""),
                known("A-0153", QUERY, TaxColumns.PRICE_OF_LAND, SaleChecks::landByCost),
                known("A-0155", QUERY, DISPOSED, SaleChecks::intangibleLoss),
                kind(
                        "A-0154",
                        QUERY,
                        new Way(
                                "related",
                                "Loss on it is not allowed, and gain is ordinary. Confirm the relationship.",
                                List.of())),
                kind(
                        "A-0156",
                        STOP,
                        new Way(
                                "casualty",
                                "Complete Form 4684, section B, and enter its result on 4797 lines 3 or 14.",
                                List.of("4797/3", "4797/14"))),
                kind(
                        "A-0157",
                        STOP,
                        new Way(
                                "exchanged",
                                "Complete Form 8824, and enter its result on 4797 lines 5 or 16.",
                                List.of("4797/5", "4797/16"))),
                kind(
                        "A-0158",
                        STOP,
                        new Way(
                                "installment",
                                "What is recaptured is taxed this year. Complete Form 6252; enter 4797 lines 4 or 15.",
                                List.of("4797/4", "4797/15"))),
                each("A-0159", QUERY, PROCEEDS, SaleChecks::toOrFromOwners),
                new Check("A-0170", QUERY, SaleChecks::business),
                each(
                        "A-0180",
                        STOP,
                        KIND,
                        asset -> asset.text(KIND).isEmpty()
                                        || Sale.Kind.of(asset.text(KIND)).isPresent()
                                ? ""
                                : "\"" + asset.text(KIND) + "\" of " + asset.words()
                                        + " is no way to give property up. Enter one of "
                                        + String.join(
                                                ", ",
                                                List.of(Sale.Kind.values()).stream()
                                                        .map(Sale.Kind::word)
                                                        .toList())
                                        + "."));
    }

    /** The note that owners find the gain themselves, where a return passed section 179 out. */
    static Check passedOut() {
        return known(
                "A-0150",
                NOTE,
                DISPOSED,
                asset -> asset.isGone() && asset.facts().prior().section179() > 0
                        ? asset.words()
                                + " took section 179 that owners deducted: report its sale to them on their "
                                + "schedules, not on Form 4797."
                        : "");
    }

    /** A way of giving property up that calls for more than the register knows, until one of some lines is filled. */
    private static Check kind(String code, Severity severity, Way way) {
        return new Check(
                code,
                severity,
                look -> way.done(look)
                        ? List.of()
                        : AssetBook.of(look.calculation()).stream()
                                .flatMap(book -> book.entries().stream())
                                .filter(entry -> entry.text(KIND).equals(way.word()))
                                .map(entry -> Found.at(
                                        new Place.OnLine(KIND.in(entry.name())),
                                        entry.words() + " was " + word(way.word()) + ". " + way.what()))
                                .toList());
    }

    private record Way(String word, String what, List<String> lines) {
        boolean done(Examination look) {
            return lines.stream().anyMatch(look::has);
        }
    }

    private static String toOrFromOwners(Entry asset) {
        String kind = asset.text(KIND);
        return kind.equals("distributed") || kind.equals("contributed")
                ? asset.words() + " was " + kind
                        + ". Enter the fair value as proceeds where that counts as a sale, or confirm that no "
                        + "gain arises."
                : "";
    }

    private static String word(String kind) {
        return switch (kind) {
            case "related" -> "sold to a related person";
            case "casualty" -> "lost in a casualty";
            case "installment" -> "sold in installments";
            default -> kind;
        };
    }

    private static String outside(Known asset) {
        if (asset.facts().disposed() == null) {
            return "";
        }
        boolean early = asset.facts().disposed().isBefore(asset.facts().placed());
        return early || !asset.isGone()
                ? asset.words() + " was given up on " + asset.facts().disposed()
                        + ", outside this year or before it was placed in service. Correct the date."
                : "";
    }

    private static String landByCost(Known asset) {
        boolean both = asset.facts().land() > 0 && asset.facts().depreciable() > 0;
        boolean sold = asset.isGone() && asset.entry().amount(PROCEEDS).isPositive();
        return both && sold && asset.entry().text(TaxColumns.PRICE_OF_LAND).isEmpty()
                ? "The proceeds of " + asset.words() + " are split by cost. Enter the part for the land."
                : "";
    }

    private static String intangibleLoss(Known asset) {
        boolean loss = asset.facts().type().code().equals("197")
                && asset.isGone()
                && asset.entry().amount(LineId.of("4797/W/gain")).isNegative();
        boolean others = asset.entry().book().entries().stream()
                .filter(other -> !other.name().equals(asset.entry().name()))
                .anyMatch(other -> other.text(TaxColumns.CLASS).equals("197")
                        && other.text(DISPOSED).isEmpty()
                        && other.text(FactChecks.PLACED).equals(asset.entry().text(FactChecks.PLACED)));
        return loss && others
                ? "The loss on " + asset.words()
                        + " moves into the bases of the intangibles of the same purchase that are "
                        + "kept. Add it to their cost and take it off here."
                : "";
    }

    private static List<Found> business(Examination look) {
        List<Entry> sold = AssetBook.of(look.calculation()).stream()
                .flatMap(book -> book.entries().stream())
                .filter(entry -> entry.amount(PROCEEDS).isPositive()
                        && !entry.text(DISPOSED).isEmpty())
                .toList();
        return sold.stream()
                .filter(entry -> entry.text(TaxColumns.CLASS).equals("197"))
                .filter(entry -> sold.stream()
                                .filter(other -> other.text(DISPOSED).equals(entry.text(DISPOSED)))
                                .count()
                        > 1)
                .limit(1)
                .map(entry -> Found.at(
                        new Place.OnLine(PROCEEDS.in(entry.name())),
                        "A business seems to have been sold on " + entry.text(DISPOSED)
                                + ". Allocate the price on Form 8594 before the register."))
                .toList();
    }
}
