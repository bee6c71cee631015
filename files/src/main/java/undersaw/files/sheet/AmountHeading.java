package undersaw.files.sheet;

import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * What stands over a column of amounts: on which side they stand and of which moment they are.
 *
 * @param side debit, credit or neither
 * @param when of which moment
 * @param date the day, month or year that is named
 * @param words the heading as it stands in the file
 */
record AmountHeading(Column side, When when, @Nullable HeadingDate date, String words) {
    /** On which side of an account the amounts stand. */
    enum Column {
        ONE,
        DEBIT,
        CREDIT
    }

    /** Of which moment amounts are. */
    enum When {
        CLOSING,
        OPENING,
        /** What went through the account in the year. */
        TURNOVER,
        /** What the balance changed by. */
        CHANGE,
        UNADJUSTED,
        /** A copy of the balance under the statement it goes to. */
        STATEMENT,
        /** Nothing but a date. */
        DATED,
        TOTAL,
        PLAIN,
        /** Adjustments, comparisons, plans. */
        NOTHING
    }

    private static final Pattern NOTHING =
            words("change|changes|variance|var|difference|diff|percent|pct|budget|budgeted|plan|planned|forecast|ratio"
                    + "|adjustments?|adjusting|adjustment entries|ajes?|reclass|reclasses|reclassifications?"
                    + "|eliminations?|tax adjustments?|adj (dr|cr|debits?|credits?|entries)"
                    + "|(dr|cr|debits?|credits?) adj|adj");
    private static final Pattern CHANGE = words("net change|net activity|net movement|change in balance");
    private static final Pattern UNADJUSTED =
            words("unadjusted|unadj|preliminary|prelim|before adj(ustments?)?|pre adj(ustments?)?");
    private static final Pattern ADJUSTED = words(
            "adjusted|adj (trial )?(bal|balance|tb)|after adj(ustments?)?|post adj(ustments?)?|as adjusted|final");
    private static final Pattern STATEMENT =
            words("income statement|profit and loss|profit loss|p l|balance sheet|inc stmt|bal sheet");
    private static final Pattern OPENING = words("opening|beginning|begin|beg|start|starting|prior|previous|last year"
            + "|py|brought forward|forward|b f|bf|b fwd|fwd|open|year ago");
    private static final Pattern TURNOVER =
            words("activity|movements?|turnover|transactions?|postings?|period|ytd (dr|cr|debits?|credits?)");
    private static final Pattern CLOSING =
            words("closing|ending|end|year end|this year|current year|current|cy|ytd|year to date|close|ended");
    private static final Pattern DEBIT = words("debits?|dr|drs|db");
    private static final Pattern CREDIT = words("credits?|cr|crs");
    private static final Pattern TOTAL = words("totals?|ytd total|total ytd|year total");
    private static final Set<String> PLAIN = Set.of(
            "balance balances bal bals amount amounts amt amts net value saldo usd us dollars in at of as the year fy"
                    .split(" "));
    private static final Set<String> FILLING = Set.of(
            "per",
            "tb",
            "trial",
            "account",
            "gl",
            "and",
            "for",
            "on",
            "to",
            "thru",
            "through",
            "books",
            "book",
            "actual",
            "s",
            "thousands",
            "column",
            "a");

    private static Pattern words(String alternatives) {
        return Pattern.compile("\\b(" + alternatives + ")\\b");
    }

    /**
     * What a heading says; absent where it is none of amounts.
     *
     * @param group the heading above it that spans several columns; may be empty
     * @param own the column's own heading
     */
    static Optional<AmountHeading> read(String group, String own) {
        if (own.isBlank() && group.isBlank()) {
            return Optional.empty();
        }
        String whole = (group + " " + own).strip();
        Optional<HeadingDate> date = HeadingDate.read(own).or(() -> HeadingDate.read(group));
        String rest = plain(group) + " " + plain(own);
        rest = rest.strip();
        if (date.isPresent()) {
            rest = (HeadingDate.read(group).map(HeadingDate::rest).orElse(plain(group)) + " "
                            + HeadingDate.read(own).map(HeadingDate::rest).orElse(plain(own)))
                    .strip();
        }
        if (date.isEmpty() && !speaksOfAmounts(plain(own), plain(group))) {
            return Optional.empty();
        }
        if (date.isPresent() && !isKnown(rest)) {
            return Optional.empty();
        }
        Column side = DEBIT.matcher(rest).find()
                ? CREDIT.matcher(rest).find() ? Column.ONE : Column.DEBIT
                : CREDIT.matcher(rest).find() ? Column.CREDIT : Column.ONE;
        return Optional.of(new AmountHeading(side, when(rest, whole, date.isPresent()), date.orElse(null), whole));
    }

    /** What it is called in sentences. */
    String called() {
        return "\"" + words + "\"";
    }

    private static When when(String rest, String whole, boolean dated) {
        if (whole.contains("%")) {
            return When.NOTHING;
        }
        if (CHANGE.matcher(rest).find()) {
            return When.CHANGE;
        }
        if (UNADJUSTED.matcher(rest).find()) {
            return When.UNADJUSTED;
        }
        if (ADJUSTED.matcher(rest).find()) {
            return When.CLOSING;
        }
        if (NOTHING.matcher(rest).find()) {
            return When.NOTHING;
        }
        if (OPENING.matcher(rest).find()) {
            return When.OPENING;
        }
        if (STATEMENT.matcher(rest).find()) {
            return When.STATEMENT;
        }
        if (TURNOVER.matcher(rest).find()) {
            return When.TURNOVER;
        }
        if (dated) {
            return When.DATED;
        }
        if (CLOSING.matcher(rest).find()) {
            return When.CLOSING;
        }
        return TOTAL.matcher(rest).find() ? When.TOTAL : When.PLAIN;
    }

    private static boolean speaksOfAmounts(String own, String group) {
        String all = own.isEmpty() ? group : own;
        return !all.isEmpty() && isKnown(all) && (own.isEmpty() || hasAmountWord(own) || hasAmountWord(group));
    }

    private static boolean hasAmountWord(String text) {
        for (String word : text.split(" ")) {
            if (PLAIN.contains(word)
                    && !Set.of("in", "at", "of", "as", "the", "year", "us").contains(word)) {
                return true;
            }
        }
        for (Pattern pattern :
                new Pattern[] {DEBIT, CREDIT, OPENING, CLOSING, TOTAL, CHANGE, ADJUSTED, UNADJUSTED, NOTHING}) {
            if (pattern.matcher(text).find()) {
                return true;
            }
        }
        return false;
    }

    /** Whether all words are ones that stand over amounts. */
    private static boolean isKnown(String text) {
        String left = text;
        for (Pattern pattern : new Pattern[] {
            CHANGE, UNADJUSTED, ADJUSTED, NOTHING, OPENING, STATEMENT, TURNOVER, CLOSING, DEBIT, CREDIT, TOTAL
        }) {
            left = pattern.matcher(left).replaceAll(" ");
        }
        for (String word : left.strip().split("[ %]+")) {
            if (!word.isEmpty() && !PLAIN.contains(word) && !FILLING.contains(word)) {
                return false;
            }
        }
        return true;
    }

    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[^a-z%]+", " ").strip();
    }
}
