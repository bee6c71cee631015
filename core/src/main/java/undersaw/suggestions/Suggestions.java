package undersaw.suggestions;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import undersaw.form.MapTarget;
import undersaw.ledger.Account;
import undersaw.ledger.Side;
import undersaw.ledger.StatementKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.suggestions.KnownName.Place;
import undersaw.suggestions.NameModel.Candidate;
import undersaw.table.Table;
import undersaw.table.TableRow;

/**
 * Where accounts usually go: by the known names they are like, by the longest known phrase in them, by the side on
 * which they stand, by their neighbours and, last, by their numbers.
 *
 * <p>It begins with a return's own lists and learns from what the firm confirms; nothing leaves the machine.
 */
public final class Suggestions {
    private static final List<String> COLUMNS = List.of("name", "type", "line", "treatment");
    private static final double PHRASE = 0.25;
    private static final double NUMBER = 0.13;
    private static final double NEIGHBOUR = 0.05;
    private static final double WRONG_SIDE = 0.25;
    private static final double WORDS = 0.7;
    private static final double WRONG_TYPE = 0.3;
    private static final double LEAST = 0.12;
    private static final double SAME_NAME = 0.9;
    private static final double SAME_NAME_OURS = 1.2;
    private static final int SHOWN = 3;
    private static final int GUESS = 12;
    private static final Pattern NUMBERED = Pattern.compile("(?:\\d{1,3}[-.])?(\\d)\\d{2,4}(?:[-.]\\d{1,4})?");
    private static final Map<Character, String> TYPES =
            Map.of('1', "asset", '2', "liability", '3', "equity", '4', "income", '5', "cost", '6', "expense");

    private final List<KnownName> names;
    private final NumberRule byNumber;
    private final NameModel model;
    private final PhraseRule phrases;
    private final WordVotes votes;
    private final Map<LineId, Side> sides;
    private final Map<Place, Set<String>> types = new HashMap<>();
    private final Map<String, List<KnownName>> bySameWords = new HashMap<>();

    /** The weakest ground: the first digits of an account's number. */
    @FunctionalInterface
    public interface NumberRule {
        /** A suggestion for an account whose name says nothing. */
        Optional<Suggestion> suggest(Account account);
    }

    private Suggestions(List<KnownName> names, NumberRule byNumber, Map<LineId, Side> sides) {
        this.names = List.copyOf(names);
        this.byNumber = byNumber;
        this.sides = sides;
        model = new NameModel(names);
        phrases = new PhraseRule(names);
        votes = new WordVotes(names);
        names.forEach(name ->
                types.computeIfAbsent(name.place(), unused -> new HashSet<>()).add(name.type()));
        names.forEach(name -> bySameWords
                .computeIfAbsent(String.join(" ", NameFeatures.words(name.name())), unused -> new ArrayList<>())
                .add(name));
    }

    /** Reads the lists of a return; columns {@code name,type,line,treatment}. */
    public static Suggestions read(List<String> paths, NumberRule byNumber, List<MapTarget> targets) {
        List<KnownName> names = new ArrayList<>();
        paths.forEach(path -> names.addAll(names(path)));
        Map<LineId, Side> sides = new HashMap<>();
        targets.forEach(target -> sides.put(target.id(), target.side()));
        return new Suggestions(names, byNumber, sides);
    }

    /** The names of one list. */
    public static List<KnownName> names(String path) {
        List<KnownName> names = new ArrayList<>();
        for (TableRow row : Table.read(path, COLUMNS)) {
            names.add(new KnownName(
                    row.text("name"),
                    row.text("type"),
                    statement(row),
                    LineId.of(row.text("line")),
                    row.text("treatment"),
                    0));
        }
        return names;
    }

    /** The names that are known. */
    public List<KnownName> names() {
        return names;
    }

    /** The same with other names, such as those that the firm has confirmed besides. */
    public Suggestions knowing(List<KnownName> other) {
        return new Suggestions(other, byNumber, sides);
    }

    /** The best place for an account, if anything speaks for one. */
    public Optional<Suggestion> suggest(Account account) {
        return suggest(account, List.of());
    }

    /** The best place for an account among its neighbours, those next to it in the order of numbers. */
    public Optional<Suggestion> suggest(Account account, List<Account> neighbours) {
        Map<Place, Candidate> found = new HashMap<>();
        model.candidates(account.name(), account.statement()).forEach(each -> found.put(each.place(), each));
        votes.of(account.name(), account.statement()).forEach((place, share) -> raise(found, place, WORDS * share));
        phrases.find(account).ifPresent(name -> add(found, name.place(), PHRASE * covered(account, name), name));
        Optional<Suggestion> numbered = byNumber.suggest(account);
        numbered.ifPresent(each -> raise(found, new Place(each.line(), each.treatment()), NUMBER));
        for (Account neighbour : neighbours) {
            phrases.find(neighbour).ifPresent(name -> raise(found, name.place(), NEIGHBOUR));
        }
        same(account).ifPresent(name -> add(found, name.place(), name.isOurs() ? SAME_NAME_OURS : SAME_NAME, name));
        List<Candidate> ranked = new ArrayList<>(found.values().stream()
                .map(each -> onItsSide(account, each))
                .sorted(Comparator.comparingDouble(Candidate::score)
                        .reversed()
                        .thenComparing(each -> each.place().line())
                        .thenComparing(each -> each.place().treatment()))
                .limit(SHOWN + 1L)
                .toList());
        if (ranked.isEmpty() || ranked.get(0).score() < LEAST) {
            return numbered.or(() -> usual(account));
        }
        return Optional.of(suggestion(ranked));
    }

    /** The share of a name that a phrase accounts for; words never seen before count half. */
    private double covered(Account account, KnownName phrase) {
        List<String> within = NameFeatures.words(phrase.name());
        double all = 0;
        double covered = 0;
        for (String word : NameFeatures.words(account.name())) {
            double weight = votes.knows(account.statement(), word)
                    ? votes.rarity(account.statement(), word)
                    : votes.rarity(account.statement(), word) / 4;
            all += weight;
            covered += within.contains(word) ? weight : 0;
        }
        return all == 0 ? 0 : covered / all;
    }

    /** The known name of the very same words; the firm's own before the list's. */
    private Optional<KnownName> same(Account account) {
        String words = String.join(" ", NameFeatures.words(account.name()));
        return bySameWords.getOrDefault(words, List.of()).stream()
                .filter(name -> name.statement() == account.statement())
                .reduce((one, other) -> other.engagements() > one.engagements() ? other : one);
    }

    private static void add(Map<Place, Candidate> found, Place place, double more, KnownName name) {
        Candidate before = found.get(place);
        found.put(place, new Candidate(place, (before == null ? 0 : before.score()) + more, name));
    }

    private static void raise(Map<Place, Candidate> found, Place place, double more) {
        Candidate before = found.get(place);
        if (before != null) {
            found.put(place, new Candidate(place, before.score() + more, before.nearest()));
        }
    }

    /** A debit among lines of credits, or the other way about, is less likely. */
    private Candidate onItsSide(Account account, Candidate each) {
        boolean wrong = isOnTheWrongSide(account, each.place());
        double score = each.score() * (wrong ? WRONG_SIDE : 1) * (isOfType(account, each.place()) ? 1 : WRONG_TYPE);
        return new Candidate(each.place(), score, each.nearest());
    }

    private boolean isOnTheWrongSide(Account account, Place place) {
        Side side = sides.get(place.line());
        return side != null
                && !account.closing().isZero()
                && side.natural(account.closing()).isNegative();
    }

    /** Where most accounts of its kind go, for a name that says nothing: a guess, and said to be one. */
    private Optional<Suggestion> usual(Account account) {
        String type = type(account);
        Map<Place, Long> counts = names.stream()
                .filter(name -> name.statement() == account.statement())
                .filter(name -> type.isEmpty() || name.type().equals(type))
                .filter(name -> !isOnTheWrongSide(account, name.place()))
                .collect(Collectors.groupingBy(KnownName::place, Collectors.counting()));
        return counts.entrySet().stream()
                .max(Map.Entry.<Place, Long>comparingByValue()
                        .thenComparing(each -> each.getKey().line()))
                .map(each -> new Suggestion(
                        each.getKey().line(),
                        each.getKey().treatment(),
                        GUESS,
                        "its name says nothing; most accounts of its kind go there"));
    }

    /** Most charts of accounts begin assets with 1 and so on (common practice, no source). */
    private static String type(Account account) {
        Matcher number = NUMBERED.matcher(account.number());
        return number.matches()
                        && account.onIncomeStatement() == number.group(1).charAt(0) > '3'
                ? TYPES.getOrDefault(number.group(1).charAt(0), "")
                : "";
    }

    private boolean isOfType(Account account, Place place) {
        String type = type(account);
        Set<String> known = types.getOrDefault(place, Set.of());
        return type.isEmpty() || known.contains("") || known.contains(type);
    }

    /** A balance on the side on which such accounts normally stand. */
    Money usualSide(KnownName name) {
        return sides.getOrDefault(name.line(), Side.DEBIT).natural(Money.ofDollars(1));
    }

    private Suggestion suggestion(List<Candidate> ranked) {
        double first = ranked.get(0).score();
        double second = ranked.size() > 1 ? ranked.get(1).score() : 0;
        List<Suggestion> others = new ArrayList<>();
        for (Candidate each : ranked.subList(1, Math.min(ranked.size(), SHOWN))) {
            others.add(new Suggestion(
                    each.place().line(),
                    each.place().treatment(),
                    confidence(each.score(), first),
                    reason(each.nearest())));
        }
        Candidate best = ranked.get(0);
        return new Suggestion(
                best.place().line(),
                best.place().treatment(),
                confidence(first, second),
                reason(best.nearest()),
                others);
    }

    /** Fitted on names left out of the lists, so that what is said to be sure is right at least as often. */
    private static int confidence(double score, double next) {
        double evidence = 1.2 * score + 6.2 * (score - next) - 4.9;
        return (int) Math.round(99 / (1 + Math.exp(-evidence)));
    }

    private static String reason(KnownName nearest) {
        if (!nearest.isOurs()) {
            return "named like \"" + nearest.name() + "\"";
        }
        String count = nearest.engagements() == 1 ? "one engagement" : nearest.engagements() + " engagements";
        return "named like \"" + nearest.name() + "\", which you mapped to " + nearest.line() + " in " + count;
    }

    private static StatementKind statement(TableRow row) {
        return switch (row.text("type")) {
            case "asset", "liability", "equity" -> StatementKind.BALANCE_SHEET;
            case "income", "cost", "expense" -> StatementKind.INCOME_STATEMENT;
            default -> throw row.fault("type", "asset, liability, equity, income, cost or expense");
        };
    }
}
