package undersaw.form.formula;

import java.util.Set;

/**
 * How what stands on a line is found, by its kind: an amount, a ratio, a count or a word. A rule of one kind cannot
 * stand where another is asked for.
 */
public sealed interface Rule permits Formula, Ratio, Count, Quantity, Chosen {
    /** The rule as a sentence part that a preparer can check; compound parts stand in brackets. */
    String words();

    /** All that it depends on. */
    Set<Input> reads();

    /** The rule as a live spreadsheet expression, without the leading equals sign. */
    String cell(Cells cells);

    /** The words, in brackets where they are more than one item. */
    default String bracketed() {
        return words();
    }
}
