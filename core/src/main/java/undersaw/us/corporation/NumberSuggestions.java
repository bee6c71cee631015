package undersaw.us.corporation;

import java.util.List;
import java.util.Optional;
import undersaw.ledger.Account;
import undersaw.line.LineId;
import undersaw.suggestions.Suggestion;

/** Where an account usually goes by its number alone: the weakest ground (common practice, no source). */
final class NumberSuggestions {
    private record Range(int from, int to, String line) {}

    private static final List<Range> BALANCE_SHEET = List.of(
            new Range(10, 10, "1120/L/1"),
            new Range(11, 12, "1120/L/2a"),
            new Range(13, 14, "1120/L/6"),
            new Range(15, 16, "1120/L/10a"),
            new Range(17, 17, "1120/L/13a"),
            new Range(18, 19, "1120/L/14"),
            new Range(20, 20, "1120/L/16"),
            new Range(21, 23, "1120/L/18"),
            new Range(24, 27, "1120/L/20"),
            new Range(28, 29, "1120/L/21"),
            new Range(30, 30, "1120/L/22b"),
            new Range(31, 31, "1120/L/23"),
            new Range(32, 39, "1120/L/25"));

    private static final List<Range> INCOME_STATEMENT = List.of(
            new Range(40, 48, "1120/1a"),
            new Range(49, 49, "1120/10"),
            new Range(50, 59, "1125-A/2"),
            new Range(60, 79, "1120/26"),
            new Range(80, 99, "1120/26"));

    /** How often a number alone is right, in percent (common practice, no source). */
    private static final int BY_NUMBER_ALONE = 25;

    private NumberSuggestions() {}

    static Optional<Suggestion> suggest(Account account) {
        String digits = account.number().replaceAll("\\D", "");
        if (digits.length() < 4 || digits.length() > 5) {
            return Optional.empty();
        }
        int head = Integer.parseInt(digits.substring(0, 2));
        List<Range> ranges = account.onIncomeStatement() ? INCOME_STATEMENT : BALANCE_SHEET;
        return ranges.stream()
                .filter(range -> head >= range.from() && head <= range.to())
                .findFirst()
                .map(range -> new Suggestion(
                        LineId.of(line(range.line(), account)),
                        account.onIncomeStatement() ? "full" : "",
                        BY_NUMBER_ALONE,
                        "only by its number, " + account.number()));
    }

    /** The other line of a pair for a balance on the unusual side. */
    private static String line(String usual, Account account) {
        boolean credit = account.closing().isNegative();
        return switch (usual) {
            case "1120/L/10a" -> credit ? "1120/L/10b" : usual;
            case "1120/1a" -> credit ? usual : "1120/1b";
            case "1120/26" -> credit ? "1120/10" : usual;
            default -> usual;
        };
    }
}
