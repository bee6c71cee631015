package undersaw.files.sheet;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;
import undersaw.files.sheet.AmountHeading.When;

/** Finds, by what stands in columns, which ones hold account numbers, names, both, or amounts without a heading. */
final class TextColumns {
    private static final Predicate<String> JOINED =
            cell -> ColumnGuess.NUMBER_THEN_NAME.matcher(cell).matches()
                    || ColumnGuess.NAME_THEN_NUMBER.matcher(cell).matches();

    private final Sample sample;
    private final HeadingRows heads;
    private final List<ColumnKind> kinds;
    private final Map<Integer, @Nullable AmountHeading> amounts;

    TextColumns(
            Sample sample, HeadingRows heads, List<ColumnKind> kinds, Map<Integer, @Nullable AmountHeading> amounts) {
        this.sample = sample;
        this.heads = heads;
        this.kinds = kinds;
        this.amounts = amounts;
    }

    void place(List<String> assumptions) {
        headed(assumptions);
        for (int column = 0; column < kinds.size(); column++) {
            if (kinds.get(column) == ColumnKind.IGNORED && !amounts.containsKey(column) && !sample.isCounter(column)) {
                unheaded(column);
            }
        }
        if (!kinds.contains(ColumnKind.NAME) && kinds.contains(ColumnKind.MEMO) && !kinds.contains(ColumnKind.DATE)) {
            kinds.set(kinds.indexOf(ColumnKind.MEMO), ColumnKind.NAME);
        }
        dropWhereNamed();
    }

    /** A column called account may hold numbers, names or both, or count rows. */
    private void headed(List<String> assumptions) {
        int accounts = kinds.indexOf(ColumnKind.NUMBER);
        boolean named = kinds.contains(ColumnKind.NAME);
        if (accounts >= 0 && sample.isCounter(accounts)) {
            kinds.set(accounts, ColumnKind.IGNORED);
            assumptions.add("\"" + heads.text(accounts) + "\" counts the rows; it was not taken for account numbers.");
        } else if (accounts >= 0 && !named && isJoined(accounts)) {
            kinds.set(accounts, ColumnKind.NUMBER_AND_NAME);
        } else if (accounts >= 0 && !named && sample.mostly(accounts, cell -> !isNumber(cell))) {
            kinds.set(accounts, ColumnKind.NAME);
        }
        int names = kinds.indexOf(ColumnKind.NAME);
        if (names >= 0 && !kinds.contains(ColumnKind.NUMBER) && isJoined(names)) {
            kinds.set(names, ColumnKind.NUMBER_AND_NAME);
        }
    }

    private static boolean isNumber(String cell) {
        return ColumnGuess.NUMBER.matcher(cell).matches();
    }

    private boolean isJoined(int column) {
        return sample.mostly(column, cell -> JOINED.test(cell) || RowWords.isSubtotal(cell))
                && sample.cells(column).stream().anyMatch(JOINED);
    }

    private void unheaded(int column) {
        boolean both = kinds.contains(ColumnKind.NUMBER_AND_NAME);
        boolean named = both || kinds.contains(ColumnKind.NAME);
        boolean numbered = both || kinds.contains(ColumnKind.NUMBER);
        if (!numbered && isJoined(column)) {
            kinds.set(column, ColumnKind.NUMBER_AND_NAME);
        } else if (!numbered && isNumbers(column)) {
            kinds.set(column, ColumnKind.NUMBER);
        } else if (!named && sample.mostly(column, cell -> cell.chars().anyMatch(Character::isLetter))) {
            // beside numbers, or first on its own; a memo of transactions stays a memo
            boolean ledger = kinds.contains(ColumnKind.MEMO) && kinds.contains(ColumnKind.DATE);
            kinds.set(column, ledger ? ColumnKind.IGNORED : ColumnKind.NAME);
        } else if (sample.isAmounts(column) && (heads.text(column).isEmpty() || amounts.isEmpty())) {
            amounts.put(column, null);
        }
    }

    private boolean isNumbers(int column) {
        return sample.mostly(column, cell -> isNumber(cell) && !cell.matches("\\(?-?[\\d,]+\\.\\d{2}\\)?"))
                && sample.isDistinct(column)
                && amounts.keySet().stream().allMatch(each -> each > column);
    }

    /** Stray amounts without a heading do not count beside columns that have one. */
    private void dropWhereNamed() {
        boolean closes = amounts.values().stream()
                .filter(Objects::nonNull)
                .map(AmountHeading::when)
                .anyMatch(when -> when != When.OPENING && when != When.NOTHING && when != When.CHANGE);
        if (closes) {
            amounts.values().removeIf(Objects::isNull);
        }
    }
}
