package undersaw.web.books;

import java.util.List;
import org.jspecify.annotations.Nullable;
import undersaw.files.sheet.ColumnKind;
import undersaw.files.sheet.ColumnPlan;
import undersaw.files.sheet.ColumnPlan.Shape;

/** How a person says that a file is to be read. */
record ColumnForm(
        @Nullable List<String> column,
        @Nullable String header,
        @Nullable String sheet,
        @Nullable String shape,
        @Nullable String decimal,
        @Nullable String credits) {

    ColumnPlan plan(ColumnPlan before) {
        return new ColumnPlan(
                before.sheet(),
                header != null && header.strip().matches("\\d{1,2}")
                        ? Integer.parseInt(header.strip())
                        : before.header(),
                column == null
                        ? before.columns()
                        : column.stream().map(ColumnForm::kind).toList(),
                "TRANSACTIONS".equals(shape) ? Shape.TRANSACTIONS : Shape.BALANCES,
                "comma".equals(decimal),
                "positive".equals(credits));
    }

    private static ColumnKind kind(String word) {
        try {
            return ColumnKind.valueOf(word);
        } catch (IllegalArgumentException unknown) {
            return ColumnKind.IGNORED;
        }
    }
}
