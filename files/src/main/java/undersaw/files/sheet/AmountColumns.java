package undersaw.files.sheet;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import org.jspecify.annotations.Nullable;
import undersaw.files.sheet.AmountHeading.Column;
import undersaw.files.sheet.AmountHeading.When;

/**
 * Says which columns of amounts are balances, openings and movements; where headings and figures allow several
 * readings, all of them, and a person chooses (common practice, no source).
 */
final class AmountColumns {
    private final Sample sample;
    private final @Nullable LocalDate end;
    private final boolean ledger;
    private final Map<Integer, AmountHeading> headings = new LinkedHashMap<>();
    private final List<String> assumptions = new ArrayList<>();
    private final List<Reading> readings = new ArrayList<>();
    private Map<Integer, ColumnKind> kinds = new TreeMap<>();

    /**
     * Looks at columns of amounts.
     *
     * @param found their headings, by column; null where a column has none that says anything
     * @param end the last day of the engagement's year; null where it is not known
     * @param ledger whether rows are dated, so that they are transactions
     */
    AmountColumns(Map<Integer, @Nullable AmountHeading> found, Sample sample, @Nullable LocalDate end, boolean ledger) {
        this.sample = sample;
        this.ledger = ledger;
        List<Integer> nameless = new ArrayList<>();
        found.forEach((at, heading) -> {
            if (heading == null) {
                nameless.add(at);
            } else {
                headings.put(at, heading);
            }
        });
        this.end = end != null ? end : latest();
        if (headings.values().stream().allMatch(each -> each.when() == When.NOTHING || each.when() == When.CHANGE)
                || headings.size() < 2 && nameless.size() == 1 && closesNothing()) {
            nameless(nameless);
        }
        if (kinds.isEmpty()) {
            named();
        }
    }

    /** One way to read the columns, in words. */
    record Reading(String words, Map<Integer, ColumnKind> kinds) {}

    Map<Integer, ColumnKind> kinds() {
        return kinds;
    }

    List<String> assumptions() {
        return assumptions;
    }

    /** Several where a person must choose; empty otherwise. */
    List<Reading> readings() {
        return readings;
    }

    private boolean closesNothing() {
        return headings.values().stream().allMatch(each -> each.when() == When.OPENING);
    }

    private @Nullable LocalDate latest() {
        return headings.values().stream()
                .map(AmountHeading::date)
                .filter(date -> date != null && date.year() > 0)
                .map(date -> date.end(0))
                .max(Comparator.naturalOrder())
                .orElse(null);
    }

    private String called(int column) {
        return headings.get(column).called();
    }

    private void read(String words, Map<Integer, ColumnKind> one) {
        readings.add(new Reading(words, new TreeMap<>(one)));
    }

    private void settle() {
        if (!readings.isEmpty()) {
            kinds = readings.get(0).kinds();
        }
        if (readings.size() == 1) {
            readings.clear();
        }
    }

    /** Columns without a heading: one is the balance; of more, what their figures show. */
    private void nameless(List<Integer> found) {
        if (found.size() == 1) {
            kinds.put(found.get(0), ColumnKind.AMOUNT);
            if (closesNothing()) {
                headings.keySet().forEach(at -> kinds.put(at, ColumnKind.OPENING));
            }
        } else if (found.size() == 2 && !sample.bothFilled(found.get(0), found.get(1))) {
            kinds.put(found.get(0), ColumnKind.DEBIT);
            kinds.put(found.get(1), ColumnKind.CREDIT);
            assumptions.add("The two columns of amounts have no heading: the left one was taken for debits.");
        } else if (found.size() == 3 && sample.isSum(found.get(2), found.subList(0, 2), List.of(1, -1))) {
            kinds.put(found.get(0), ColumnKind.DEBIT);
            kinds.put(found.get(1), ColumnKind.CREDIT);
            assumptions.add("The third column of amounts is the first less the second and was left out.");
        } else if (found.size() >= 2) {
            for (int at : List.of(found.get(0), found.get(found.size() - 1))) {
                Map<Integer, ColumnKind> one = new TreeMap<>(Map.of(at, ColumnKind.AMOUNT));
                read("Column " + CellText.letters(at) + " is the closing balance, the others are left out", one);
            }
            Map<Integer, ColumnKind> openings = new TreeMap<>(
                    Map.of(found.get(0), ColumnKind.OPENING, found.get(found.size() - 1), ColumnKind.AMOUNT));
            read(
                    "Column " + CellText.letters(found.get(0)) + " is the opening balance and column "
                            + CellText.letters(found.get(found.size() - 1)) + " the closing one",
                    openings);
            settle();
        }
    }

    private void named() {
        if (ledger) {
            ledger();
            return;
        }
        MonthColumns months = new MonthColumns(headings, sample, end);
        if (months.isFound()) {
            readings.addAll(months.readings());
            assumptions.addAll(months.assumptions());
            settle();
            return;
        }
        opening();
        closing();
        settle();
    }

    private List<Integer> of(When when, Column side) {
        return headings.entrySet().stream()
                .filter(each -> when(each.getValue()) == when && each.getValue().side() == side)
                .map(Map.Entry::getKey)
                .toList();
    }

    /** A date places a column in time: the year's end, the end before, or neither. */
    private When when(AmountHeading heading) {
        HeadingDate date = heading.date();
        if (date == null || date.year() == 0 && date.month() == 0 || end == null) {
            return heading.when() == When.DATED ? When.CLOSING : heading.when();
        }
        if (heading.when() != When.DATED && heading.when() != When.PLAIN && heading.when() != When.CLOSING) {
            return heading.when();
        }
        if (date.month() == 0) {
            return date.year() == end.getYear()
                    ? When.CLOSING
                    : date.year() == end.getYear() - 1 ? When.OPENING : When.NOTHING;
        }
        LocalDate day = date.end(end.getYear());
        if (day.equals(end) || day.getYear() == end.getYear() && day.getMonth() == end.getMonth()) {
            return When.CLOSING;
        }
        LocalDate before = end.minusYears(1);
        boolean opens = !day.isBefore(before.minusDays(5)) && !day.isAfter(before.plusDays(5));
        return opens ? When.OPENING : When.NOTHING;
    }

    /** Transactions: debit and credit, or one amount; a balance that runs along is no amount. */
    private void ledger() {
        List<Integer> debits = allOf(Column.DEBIT);
        List<Integer> credits = allOf(Column.CREDIT);
        List<Integer> ones = allOf(Column.ONE);
        if (!debits.isEmpty() && !credits.isEmpty()) {
            kinds.put(debits.get(0), ColumnKind.DEBIT);
            kinds.put(credits.get(0), ColumnKind.CREDIT);
            ones.forEach(at -> assumptions.add("The balance that runs along under " + called(at) + " was left out."));
            return;
        }
        if (ones.size() > 1) {
            List<Integer> plain = ones.stream()
                    .filter(at ->
                            headings.get(at).words().toLowerCase(Locale.ROOT).contains("am"))
                    .toList();
            kinds.put(plain.isEmpty() ? ones.get(0) : plain.get(0), ColumnKind.AMOUNT);
        } else {
            ones.forEach(at -> kinds.put(at, ColumnKind.AMOUNT));
        }
        debits.forEach(at -> kinds.put(at, ColumnKind.DEBIT));
        credits.forEach(at -> kinds.put(at, ColumnKind.CREDIT));
    }

    private List<Integer> allOf(Column side) {
        return headings.entrySet().stream()
                .filter(each ->
                        each.getValue().side() == side && each.getValue().when() != When.NOTHING)
                .map(Map.Entry::getKey)
                .toList();
    }

    private void opening() {
        List<Integer> ones = of(When.OPENING, Column.ONE);
        List<Integer> debits = of(When.OPENING, Column.DEBIT);
        List<Integer> credits = of(When.OPENING, Column.CREDIT);
        if (debits.size() == 1 && credits.size() == 1) {
            kinds.put(debits.get(0), ColumnKind.OPENING_DEBIT);
            kinds.put(credits.get(0), ColumnKind.OPENING_CREDIT);
        } else if (!ones.isEmpty()) {
            kinds.put(ones.get(0), ColumnKind.OPENING);
        }
        boolean dated = kinds.keySet().stream().anyMatch(at -> headings.get(at).date() != null);
        if (dated) {
            int first = kinds.keySet().iterator().next();
            assumptions.add(called(first) + " was taken for the balance at the beginning of the year.");
        }
    }

    private void closing() {
        if (pair(When.CLOSING, "closing balances") || one(When.CLOSING)) {
            saySkipped();
            return;
        }
        if (pair(When.PLAIN, "")) {
            plainPair();
            return;
        }
        if (of(When.PLAIN, Column.ONE).size() + of(When.TOTAL, Column.ONE).size() > 0) {
            plainOnes();
            return;
        }
        if (pair(When.TURNOVER, "")) {
            turnover();
            return;
        }
        if (pair(When.UNADJUSTED, "balances before adjustment") || one(When.UNADJUSTED)) {
            assumptions.add("Only balances before adjustment are there; they were taken.");
            return;
        }
        changes();
    }

    private void changes() {
        List<Integer> changes = new ArrayList<>(of(When.CHANGE, Column.ONE));
        changes.addAll(of(When.TURNOVER, Column.ONE));
        boolean opens = kinds.containsValue(ColumnKind.OPENING) || kinds.containsValue(ColumnKind.OPENING_DEBIT);
        if (changes.isEmpty() && otherYears()) {
            return;
        }
        if (!changes.isEmpty() && opens) {
            kinds.put(changes.get(0), ColumnKind.MOVEMENT);
            assumptions.add("The closing balance is the opening one plus " + called(changes.get(0)) + ".");
        } else if (!changes.isEmpty()) {
            kinds.put(changes.get(0), ColumnKind.AMOUNT);
            assumptions.add(called(changes.get(0)) + " was taken for the closing balance.");
        }
    }

    /** No column is of the engagement's year: which one closes it, a person must say. */
    private boolean otherYears() {
        List<Integer> dated = headings.entrySet().stream()
                .filter(each ->
                        each.getValue().date() != null && each.getValue().side() == Column.ONE)
                .map(Map.Entry::getKey)
                .toList();
        for (int at : dated) {
            read(
                    called(at) + " is the closing balance, although it is of another year",
                    new TreeMap<>(Map.of(at, ColumnKind.AMOUNT)));
        }
        if (dated.size() == 1) {
            read(
                    called(dated.get(0)) + " is the opening balance, and the file does not close the year",
                    new TreeMap<>(Map.of(dated.get(0), ColumnKind.OPENING)));
        }
        return !dated.isEmpty();
    }

    private boolean pair(When when, String what) {
        List<Integer> debits = of(when, Column.DEBIT);
        List<Integer> credits = of(when, Column.CREDIT);
        if (debits.isEmpty() || credits.isEmpty()) {
            return false;
        }
        if (debits.size() > 1 && debits.size() == credits.size()) {
            for (int i = debits.size() - 1; i >= 0; i--) {
                Map<Integer, ColumnKind> one = new TreeMap<>(kinds);
                one.put(debits.get(i), ColumnKind.DEBIT);
                one.put(credits.get(i), ColumnKind.CREDIT);
                read(
                        "Columns " + CellText.letters(debits.get(i)) + " and " + CellText.letters(credits.get(i)) + ", "
                                + called(debits.get(i)) + " and " + called(credits.get(i))
                                + ", are the closing balances",
                        one);
            }
            return true;
        }
        kinds.put(debits.get(0), ColumnKind.DEBIT);
        kinds.put(credits.get(0), ColumnKind.CREDIT);
        if (!what.isEmpty() && headings.size() > 2) {
            assumptions.add(
                    called(debits.get(0)) + " and " + called(credits.get(0)) + " were taken for the " + what + ".");
        }
        return true;
    }

    private boolean one(When when) {
        List<Integer> found = of(when, Column.ONE);
        if (found.isEmpty()) {
            return false;
        }
        List<Integer> exact = found.stream()
                .filter(at -> headings.get(at).date() == null
                        || end != null
                                && headings.get(at).date().end(end.getYear()).equals(end))
                .toList();
        if (found.size() > 1 && exact.size() != 1 && !same(found)) {
            for (int i = found.size() - 1; i >= 0; i--) {
                Map<Integer, ColumnKind> one = new TreeMap<>(kinds);
                one.put(found.get(i), ColumnKind.AMOUNT);
                read(called(found.get(i)) + " is the closing balance", one);
            }
            return true;
        }
        int at = exact.size() == 1 ? exact.get(0) : found.get(0);
        kinds.put(at, ColumnKind.AMOUNT);
        if (headings.size() > 1) {
            assumptions.add(called(at) + " was taken for the closing balance.");
        }
        return true;
    }

    private boolean same(List<Integer> columns) {
        return columns.stream().map(sample::cents).distinct().count() == 1;
    }

    /** What is there besides is named, so that nobody wonders where it went. */
    private void saySkipped() {
        headings.forEach((at, heading) -> {
            When when = when(heading);
            if (!kinds.containsKey(at)
                    && readings.isEmpty()
                    && (when == When.NOTHING || when == When.UNADJUSTED || when == When.STATEMENT)) {
                assumptions.add(called(at) + " was left out.");
            }
        });
    }

    /** Debit and credit without more words, and whether accounts have both. */
    private record Pair(int debit, int credit, boolean both) {}

    /** Debit and credit by themselves, or beside one more column. */
    private void plainPair() {
        if (!readings.isEmpty()) {
            return;
        }
        int debit = of(When.PLAIN, Column.DEBIT).get(0);
        int credit = of(When.PLAIN, Column.CREDIT).get(0);
        List<Integer> balances = new ArrayList<>(of(When.PLAIN, Column.ONE));
        balances.addAll(of(When.TOTAL, Column.ONE));
        boolean both = sample.bothFilled(debit, credit);
        List<Integer> opens = kinds.entrySet().stream()
                .filter(each -> each.getValue() == ColumnKind.OPENING)
                .map(Map.Entry::getKey)
                .toList();
        if (!balances.isEmpty()) {
            beside(balances.get(0), new Pair(debit, credit, both), opens);
        } else if (!opens.isEmpty() || kinds.containsValue(ColumnKind.OPENING_DEBIT)) {
            afterAnOpening(new Pair(debit, credit, both), opens);
        } else if (both) {
            Map<Integer, ColumnKind> closing = new TreeMap<>(kinds);
            assumptions.add("Accounts have a debit and a credit: the balance is the difference of the two.");
            read("Debit and credit are of the closing balance", closing);
        }
    }

    private void beside(int balance, Pair pair, List<Integer> opens) {
        int debit = pair.debit();
        int credit = pair.credit();
        List<Integer> parts = new ArrayList<>(List.of(debit, credit));
        List<Integer> signs = new ArrayList<>(List.of(1, -1));
        if (sample.isSum(balance, parts, signs)) {
            assumptions.add(called(balance) + " is debit less credit; it was left out.");
            return;
        }
        if (sample.isRunning(balance, debit, credit)) {
            assumptions.add(called(balance) + " runs along from row to row; it was left out.");
            return;
        }
        opens.stream().limit(1).forEach(parts::add);
        opens.stream().limit(1).forEach(at -> signs.add(1));
        kinds.remove(debit);
        kinds.remove(credit);
        Map<Integer, ColumnKind> closes = new TreeMap<>(kinds);
        closes.put(balance, ColumnKind.AMOUNT);
        if (pair.both() || !opens.isEmpty() && sample.isSum(balance, parts, signs)) {
            assumptions.add(called(balance) + " was taken for the closing balance; debit and credit are the year's.");
            read(called(balance) + " closes", closes);
            return;
        }
        Map<Integer, ColumnKind> sides = new TreeMap<>(kinds);
        sides.put(debit, ColumnKind.DEBIT);
        sides.put(credit, ColumnKind.CREDIT);
        read(called(balance) + " is the closing balance; debit and credit are left out", closes);
        read("Debit and credit are the closing balances; " + called(balance) + " is left out", sides);
    }

    private void afterAnOpening(Pair pair, List<Integer> opens) {
        int debit = pair.debit();
        int credit = pair.credit();
        Map<Integer, ColumnKind> closing = new TreeMap<>(kinds);
        Map<Integer, ColumnKind> turned = new TreeMap<>(kinds);
        turned.put(debit, ColumnKind.TURNOVER_DEBIT);
        turned.put(credit, ColumnKind.TURNOVER_CREDIT);
        boolean comparison =
                opens.stream().anyMatch(at -> headings.get(at).date() != null || isComparison(headings.get(at)));
        boolean unmoved = !opens.isEmpty() && sample.filledAlone(opens.get(0), debit, credit);
        String added = "Debit and credit are the year's movements: the closing balance is the opening one plus debit "
                + "less credit";
        if (pair.both() || unmoved && !comparison) {
            assumptions.add(added + ".");
            read(added, turned);
        } else if (comparison || !opens.isEmpty() && sample.standsUnchanged(opens.get(0), debit, credit)) {
            read("Debit and credit are the closing balances", closing);
        } else {
            read("Debit and credit are the closing balances", closing);
            read(added, turned);
        }
    }

    private static boolean isComparison(AmountHeading heading) {
        return ColumnKind.plain(heading.words()).matches(".*\\b(prior|previous|last|py)\\b.*");
    }

    private void turnover() {
        int debit = of(When.TURNOVER, Column.DEBIT).get(0);
        int credit = of(When.TURNOVER, Column.CREDIT).get(0);
        kinds.put(debit, ColumnKind.TURNOVER_DEBIT);
        kinds.put(credit, ColumnKind.TURNOVER_CREDIT);
        boolean opens = kinds.containsValue(ColumnKind.OPENING) || kinds.containsValue(ColumnKind.OPENING_DEBIT);
        assumptions.add(
                opens
                        ? "The closing balance is the opening one plus the year's debits less its credits."
                        : "The year's debits less its credits were taken for the balance; nothing opens.");
    }

    /** One column without a date, or several of which a person must choose. */
    private void plainOnes() {
        List<Integer> ones = new ArrayList<>(of(When.PLAIN, Column.ONE));
        if (ones.isEmpty()) {
            ones.addAll(of(When.TOTAL, Column.ONE));
        }
        if (ones.size() == 1 || same(ones)) {
            kinds.put(ones.get(0), ColumnKind.AMOUNT);
            return;
        }
        for (int i = ones.size() - 1; i >= 0; i--) {
            Map<Integer, ColumnKind> one = new TreeMap<>(kinds);
            one.put(ones.get(i), ColumnKind.AMOUNT);
            read(
                    "Column " + CellText.letters(ones.get(i)) + ", " + called(ones.get(i)) + ", is the closing balance",
                    one);
        }
    }
}
