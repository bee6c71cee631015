package undersaw.files.sheet;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import undersaw.ledger.Account;
import undersaw.ledger.StatementKind;

/**
 * Tells for each account of a file on which statement it stands: by what a person said, its type column, what it was
 * before, the heading it stands under, and by its number and name together, where the numbers of the file itself show
 * where the income statement begins (most charts keep the balance sheet first; common practice, no source).
 */
final class StatementReading {
    private static final double HARD = 3;
    private static final double OPENS = 2;
    private static final double BLANK = 1;
    private static final double NAMED = 1;
    private static final double LIKE_NAMED = 0.7;
    private static final double USUAL = 0.3;
    private static final String USUAL_START = "4";
    private static final double PLAIN = 0.85;

    private final List<Candidate> candidates;
    private final BooksContext context;
    private final ByHand byHand;
    private final boolean openings;
    private final boolean comparative;
    private final Optional<String> boundary;
    private final int segment;
    private final Map<Candidate, Told> told = new HashMap<>();

    /**
     * An account to be placed.
     *
     * @param key what it goes by
     * @param number its number; empty where it has none
     * @param name its name
     * @param type what the type column says; may be empty
     * @param section the section it stands in
     * @param opening whether the file gives it an opening balance, and whether that is not zero
     */
    record Candidate(
            String key, String number, String name, String type, Optional<AccountNature> section, Opening opening) {}

    /** What the file says of an account's opening balance. */
    enum Opening {
        BLANK,
        ZERO,
        AMOUNT
    }

    /**
     * Where an account stands.
     *
     * @param statement the statement
     * @param nature what kind of account it is, as far as it is known
     * @param why how it was told, in words
     * @param sure whether nothing speaks against it
     */
    record Told(StatementKind statement, Optional<AccountNature> nature, String why, boolean sure) {}

    StatementReading(List<Candidate> candidates, BooksContext context, ByHand byHand, boolean openings) {
        this.candidates = candidates;
        this.context = context;
        this.byHand = byHand;
        segment = segment(candidates);
        comparative = openings && hasComparatives();
        this.openings = openings && !comparative;
        boundary = boundary();
    }

    /** Whether the opening column holds last year's figures of the income statement too. */
    boolean isComparative() {
        return comparative;
    }

    private boolean hasComparatives() {
        int income = 0;
        int filled = 0;
        for (Candidate each : candidates) {
            boolean onIncome = nature(each)
                    .filter(nature -> nature.statement() == StatementKind.INCOME_STATEMENT)
                    .isPresent();
            income += onIncome ? 1 : 0;
            filled += onIncome && each.opening() == Opening.AMOUNT ? 1 : 0;
        }
        return filled > 0 && filled * 2 > income;
    }

    private static Optional<AccountNature> nature(Candidate each) {
        return AccountNature.ofType(each.type())
                .or(each::section)
                .map(nature -> nature.with(AccountNature.ofName(each.name())))
                .or(() -> AccountNature.ofName(each.name()));
    }

    /** The part of the numbers, parted by dashes or points, that differs most; the first where none does. */
    private static int segment(List<Candidate> candidates) {
        List<Set<String>> seen = new ArrayList<>();
        for (Candidate each : candidates) {
            String[] parts = each.number().split("[-./ ]");
            for (int i = 0; i < parts.length; i++) {
                if (seen.size() <= i) {
                    seen.add(new HashSet<>());
                }
                seen.get(i).add(parts[i]);
            }
        }
        int best = 0;
        for (int i = 1; i < seen.size(); i++) {
            boolean wider = seen.get(i).stream().anyMatch(part -> part.length() >= 3);
            if (wider
                    && seen.get(i).size() > seen.get(best).size()
                    && seen.get(best).size() * 3 < candidates.size()) {
                best = i;
            }
        }
        return best;
    }

    private String main(String number) {
        String[] parts = number.split("[-./ ]");
        String part = segment < parts.length ? parts[segment] : parts[0];
        return part.replaceAll("\\D", "");
    }

    private boolean isNumbered(Candidate each) {
        return main(each.number()).length() >= 3;
    }

    /** The number at which the income statement begins, where the file's numbers are in that order. */
    private Optional<String> boundary() {
        Map<Candidate, Double> evidence = new HashMap<>();
        Set<Integer> lengths = new HashSet<>();
        TreeSet<String> starts = new TreeSet<>();
        for (Candidate each : candidates) {
            if (isNumbered(each)) {
                evidence.put(each, evidence(each));
                lengths.add(main(each.number()).length());
                starts.add(main(each.number()).substring(0, 2));
            }
        }
        if (evidence.isEmpty()) {
            return Optional.empty();
        }
        starts.add(USUAL_START);
        starts.add("99999");
        String best = USUAL_START;
        double most = score(USUAL_START, evidence) + USUAL;
        for (String start : starts) {
            double score = score(start, evidence);
            if (score > most) {
                most = score;
                best = start;
            }
        }
        double all = evidence.values().stream().mapToDouble(Math::abs).sum();
        return all == 0 || most >= all * (2 * PLAIN - 1) ? Optional.of(best) : Optional.empty();
    }

    private double score(String start, Map<Candidate, Double> evidence) {
        double score = 0;
        for (Map.Entry<Candidate, Double> each : evidence.entrySet()) {
            boolean income = main(each.getKey().number()).compareTo(start) >= 0;
            score += income ? -each.getValue() : each.getValue();
        }
        return score;
    }

    /** What speaks for the balance sheet, above zero, or for the income statement. */
    private double evidence(Candidate each) {
        Optional<StatementKind> hard = hard(each);
        if (hard.isPresent()) {
            return hard.get() == StatementKind.BALANCE_SHEET ? HARD : -HARD;
        }
        double sum = 0;
        if (openings) {
            sum += each.opening() == Opening.AMOUNT ? OPENS : each.opening() == Opening.BLANK ? -BLANK : 0;
        }
        Optional<StatementKind> named = named(each);
        if (named.isPresent()) {
            double weight = AccountNature.ofName(each.name()).isPresent() ? NAMED : LIKE_NAMED;
            sum += named.get() == StatementKind.BALANCE_SHEET ? weight : -weight;
        }
        return sum;
    }

    private Optional<StatementKind> hard(Candidate each) {
        return AccountNature.ofType(each.type())
                .map(AccountNature::statement)
                .or(() -> Optional.ofNullable(context.before().get(each.key())).map(Account::statement))
                .or(() -> each.section().map(AccountNature::statement));
    }

    private Optional<StatementKind> named(Candidate each) {
        return AccountNature.ofName(each.name())
                .map(AccountNature::statement)
                .or(() -> context.byName().apply(each.name()));
    }

    Told told(Candidate each) {
        return told.computeIfAbsent(each, this::tell);
    }

    private Told tell(Candidate each) {
        Optional<AccountNature> nature = nature(each);
        StatementKind said = byHand.statements().get(each.key());
        if (said != null) {
            return told(said, nature, "as you said", true);
        }
        Optional<StatementKind> hard = hard(each);
        if (hard.isPresent()) {
            String why = AccountNature.ofType(each.type()).isPresent()
                    ? "by the type column"
                    : context.before().containsKey(each.key()) ? "as before" : "by the heading above it";
            return told(hard.get(), nature, why, true);
        }
        if (openings && each.opening() == Opening.AMOUNT) {
            boolean doubted = named(each)
                    .filter(kind -> kind == StatementKind.INCOME_STATEMENT)
                    .isPresent();
            return told(StatementKind.BALANCE_SHEET, nature, "it has an opening balance", !doubted);
        }
        Optional<StatementKind> named = named(each);
        if (boundary.isPresent() && isNumbered(each)) {
            StatementKind kind = main(each.number()).compareTo(boundary.get()) < 0
                    ? StatementKind.BALANCE_SHEET
                    : StatementKind.INCOME_STATEMENT;
            boolean agrees = named.isEmpty() || named.get() == kind;
            return told(kind, nature, "by its number among the others", agrees);
        }
        if (named.isPresent()) {
            boolean doubted = openings && each.opening() == Opening.BLANK && named.get() == StatementKind.BALANCE_SHEET
                    || isNumbered(each) && named.get() != usual(each);
            return told(named.get(), nature, "by its name", !doubted);
        }
        if (isNumbered(each)) {
            return told(usual(each), nature, "by its number", false);
        }
        StatementKind last = openings && each.opening() != Opening.BLANK
                ? StatementKind.BALANCE_SHEET
                : StatementKind.INCOME_STATEMENT;
        return told(last, nature, "nothing tells its statement", false);
    }

    private StatementKind usual(Candidate each) {
        return main(each.number()).compareTo(USUAL_START) < 0
                ? StatementKind.BALANCE_SHEET
                : StatementKind.INCOME_STATEMENT;
    }

    private static Told told(StatementKind kind, Optional<AccountNature> nature, String why, boolean sure) {
        return new Told(kind, nature.filter(each -> each.statement() == kind), why, sure);
    }

    /** The nature that an account most likely has, for its sign: by name, else by its statement and number. */
    Optional<AccountNature> natureForSign(Candidate each) {
        Told told = told(each);
        if (told.nature().isPresent()) {
            return told.nature();
        }
        char first = isNumbered(each) ? main(each.number()).charAt(0) : '0';
        if (told.statement() == StatementKind.INCOME_STATEMENT) {
            return Optional.of(first == '4' ? AccountNature.INCOME : AccountNature.EXPENSE);
        }
        return switch (first) {
            case '1' -> Optional.of(AccountNature.ASSET);
            case '2' -> Optional.of(AccountNature.LIABILITY);
            case '3' -> Optional.of(AccountNature.EQUITY);
            default -> Optional.empty();
        };
    }
}
