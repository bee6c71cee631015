package undersaw.us.depreciation;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import undersaw.check.Examination;
import undersaw.check.TieOut;
import undersaw.form.Line;
import undersaw.line.LineId;
import undersaw.money.Money;

/** Depreciation of the register against the forms that it feeds. */
public final class DepreciationTies {
    private DepreciationTies() {}

    /**
     * The tie-outs of a return; none where nothing in its register is found for tax.
     *
     * @param separate whether section 179 stands outside of line 22
     */
    public static List<TieOut> of(Examination look, boolean separate) {
        return AssetBook.of(look.calculation())
                .filter(book ->
                        book.entries().stream().anyMatch(entry -> entry.type().isPresent()))
                .map(book -> new Ties(look, book).all(separate))
                .orElse(List.of());
    }

    private record Ties(Examination look, AssetBook book) {
        List<TieOut> all(boolean separate) {
            DepreciationLines lines = book.lines();
            List<TieOut> ties = new ArrayList<>();
            Money amortized = sum(PropertyClass::isAmortized, lines.regular);
            Money depreciated = total(lines.special).plus(total(lines.regular)).minus(amortized);
            Money deducted = separate ? Money.ZERO : look.amount("4562/12");
            ties.add(tie("T-A-01", "Depreciation of all assets", depreciated.plus(deducted), "4562/22"));
            ties.add(tie("T-A-01", "Amortization of all assets", amortized.minus(total(lines.atOnce)), "4562/44"));
            ties.add(tie("T-A-04", "Section 179 of all assets", total(lines.counted), "4562/8"));
            ties.add(new TieOut(
                    "T-A-05",
                    "Section 179 of the year and carried in",
                    look.amount("4562/9").plus(look.amount("4562/10")),
                    "deducted and carried on",
                    look.amount("4562/12").plus(look.amount("4562/13")),
                    LineId.of("4562/13")));
            ties.add(accumulated());
            ties.add(gains());
            ties.add(new TieOut(
                    "T-A-15",
                    "Form 4797 line 30 less line 31",
                    look.amount("4797/30").minus(look.amount("4797/31")),
                    "line 32",
                    look.amount("4797/32"),
                    LineId.of("4797/32")));
            return ties;
        }

        /** What earlier years, this year and what was taken back come to. */
        private TieOut accumulated() {
            DepreciationLines lines = book.lines();
            Money prior = column(TaxColumns.PRIOR_179)
                    .plus(column(TaxColumns.PRIOR_BONUS))
                    .plus(column(TaxColumns.PRIOR_REGULAR));
            Money year = total(lines.total).minus(total(lines.recapture)).minus(total(lines.listedRecapture));
            return new TieOut(
                    "T-A-06",
                    "Depreciation before and of this year",
                    prior.plus(year),
                    "depreciation to date",
                    total(lines.accumulated),
                    lines.accumulated.id(),
                    Money.ofDollars(book.names().size()));
        }

        private TieOut gains() {
            return new TieOut(
                    "T-A-07",
                    "Gain of what was given up",
                    column(LineId.of("4797/W/gain")),
                    "ordinary and section 1231",
                    column(LineId.of("4797/W/ordinary")).plus(column(LineId.of("4797/W/1231"))),
                    LineId.of("4797/W/gain"));
        }

        private TieOut tie(String code, String caption, Money left, String line) {
            return new TieOut(code, caption, left, "line " + line, look.amount(line), LineId.of(line));
        }

        private Money sum(Function<PropertyClass, Boolean> which, Line line) {
            return Money.sum(book.entries().stream()
                    .filter(entry -> entry.type().filter(which::apply).isPresent())
                    .map(entry -> entry.amount(line.id()))
                    .toList());
        }

        private Money total(Line line) {
            return column(line.id());
        }

        private Money column(LineId line) {
            return look.calculation().rowTotal(line);
        }
    }
}
