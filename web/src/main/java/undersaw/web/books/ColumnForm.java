package undersaw.web.books;

import java.util.List;
import org.jspecify.annotations.Nullable;
import undersaw.files.sheet.ColumnKind;
import undersaw.files.sheet.ColumnPlan;
import undersaw.files.sheet.ColumnPlan.Shape;
import undersaw.files.sheet.Notation;
import undersaw.files.sheet.Notation.Signs;

/** How a person says that a file is to be read. */
record ColumnForm(
        @Nullable List<String> column,
        @Nullable String header,
        @Nullable String sheet,
        @Nullable String shape,
        @Nullable String decimal,
        @Nullable String credits,
        @Nullable String scale) {

    ColumnPlan plan(ColumnPlan before) {
        return new ColumnPlan(
                before.sheet(),
                header != null && header.strip().matches("\\d{1,3}")
                        ? Integer.parseInt(header.strip())
                        : before.header(),
                column == null
                        ? before.columns()
                        : column.stream().map(ColumnForm::kind).toList(),
                "TRANSACTIONS".equals(shape) ? Shape.TRANSACTIONS : Shape.BALANCES,
                new Notation("comma".equals(decimal), before.notation().dayFirst(), signs(before), scale(before)),
                before.byHand(),
                "");
    }

    private Signs signs(ColumnPlan before) {
        try {
            return credits == null ? before.notation().signs() : Signs.valueOf(credits);
        } catch (IllegalArgumentException unknown) {
            return before.notation().signs();
        }
    }

    private int scale(ColumnPlan before) {
        return scale == null ? before.notation().scale() : "1000".equals(scale) ? 1000 : 1;
    }

    private static ColumnKind kind(String word) {
        try {
            return ColumnKind.valueOf(word);
        } catch (IllegalArgumentException unknown) {
            return ColumnKind.IGNORED;
        }
    }
}
