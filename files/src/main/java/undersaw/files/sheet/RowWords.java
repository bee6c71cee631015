package undersaw.files.sheet;

import java.util.List;
import java.util.regex.Pattern;

/** What rows of a file say that are no accounts: subtotals, rules, page lines. */
final class RowWords {
    private static final Pattern SUBTOTAL = Pattern.compile("(?i)\\W*(sub-?\\s?totals?|totals?|grand totals?|difference"
            + "|out of balance|net (income|loss|profit|surplus|deficit|earnings|ordinary income|operating income"
            + "|other income)|gross (profit|margin)|operating (income|profit|loss)|income from operations"
            + "|net \\(?loss\\)?( income)?|net income \\(loss\\)|change in net assets|total\\W.*)"
            + "(?![a-z]).*");
    private static final Pattern TRAILING_TOTAL = Pattern.compile("(?i).*\\b(total|totals)\\W*");
    private static final Pattern NET_INCOME = Pattern.compile(
            "(?i)\\W*(total )?net (income|loss|profit|surplus|deficit|earnings|\\(?loss\\)?|income \\(loss\\)).*");
    private static final Pattern RULE = Pattern.compile("[-=_*.~–—─═]{2,}");
    private static final Pattern PAGE = Pattern.compile("(?i)(page\\s*\\d*(\\s*(of|/)\\s*\\d+)?"
            + "|\\d+\\s*/\\s*\\d+|(printed|run|report|prepared|generated|created)( date| on| at| by)?\\b.*"
            + "|.*\\b(accrual|cash) basis\\b.*|unaudited.*|see accompanying.*|end of report.*|continued.*)");

    private RowWords() {}

    /** Dashes or equals signs that are drawn under a column. */
    static boolean isRule(String cell) {
        return RULE.matcher(cell.strip()).matches();
    }

    static boolean isSubtotal(String words) {
        return SUBTOTAL.matcher(words).matches()
                || TRAILING_TOTAL.matcher(words).matches();
    }

    /** Whether any cell that holds words speaks of a sum. */
    static boolean isSubtotal(List<String> cells) {
        return cells.stream().anyMatch(cell -> isSubtotal(cell.strip()));
    }

    static boolean isNetIncome(List<String> cells) {
        return cells.stream().anyMatch(cell -> NET_INCOME.matcher(cell.strip()).matches());
    }

    /** Page numbers, the time of printing and the like. */
    static boolean isPageLine(List<String> cells) {
        String whole = String.join(" ", cells).strip().replaceAll("\\s+", " ");
        return PAGE.matcher(whole).matches();
    }
}
