package undersaw.calc;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import undersaw.calc.Steps.Node;
import undersaw.calc.Steps.Step;
import undersaw.calc.Steps.Sum;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.MapTarget;
import undersaw.form.Part;
import undersaw.form.RowList;
import undersaw.form.formula.Input;
import undersaw.form.formula.Rule;
import undersaw.form.formula.Total;
import undersaw.law.LawKey;
import undersaw.ledger.Mapping;
import undersaw.line.Dimension;
import undersaw.line.LineId;

/**
 * The order in which a return's lines are evaluated, and who reads whom.
 *
 * <p>Built once for a kind of return and a year; building it fails on a line defined twice, a reference to nothing and
 * a circle, and names the places.
 */
public final class Plan {
    private final int year;
    private final List<Form> forms;
    private final PostingRule postingRule;
    private final Map<LineId, Node> nodes = new HashMap<>();
    private final List<Step> order;
    private final Map<Input, List<Step>> readers = new HashMap<>();
    private final Map<Dimension, List<Step>> stepsOf = new HashMap<>();
    private final Map<LineId, MapTarget> targets = new HashMap<>();
    private final Set<LineId> ofAnyYear = new HashSet<>();
    private final List<Part> parts;
    private final Map<Part, List<Line>> linesOf = new IdentityHashMap<>();
    private final List<RowList> lists;
    private final List<Dimension> dimensions;
    private final List<Dimension> pairs;

    /**
     * Puts the lines that stand in the year in order.
     *
     * @throws IllegalStateException when the forms contradict themselves
     */
    public Plan(int year, List<Form> forms, PostingRule postingRule) {
        this.year = year;
        this.forms = List.copyOf(forms);
        this.postingRule = postingRule;
        forms.forEach(Form::close);
        order = Steps.of(collect());
        for (Step step : order) {
            if (step instanceof Node node) {
                nodes.put(node.line().id(), node);
            }
            if (step.scope() != null
                    && !(step instanceof Node node && node.line().isTyped())) {
                stepsOf.computeIfAbsent(step.scope(), unused -> new ArrayList<>())
                        .add(step);
            }
            step.reads()
                    .forEach(input -> readers.computeIfAbsent(input, unused -> new ArrayList<>())
                            .add(step));
        }
        parts = forms.stream().flatMap(form -> form.parts().stream()).toList();
        forms.forEach(form -> form.parts().forEach(part -> linesOf.put(part, standing(form.linesOf(part)))));
        forms.forEach(form -> form.targets().forEach(target -> targets.put(target.id(), target)));
        forms.forEach(form -> form.lines().forEach(line -> ofAnyYear.add(line.id())));
        lists = collectLists();
        dimensions = order.stream()
                .map(Step::scope)
                .filter(Objects::nonNull)
                .flatMap(scope -> Stream.concat(scope.path().stream(), Stream.of(scope)))
                .distinct()
                .toList();
        pairs = dimensions.stream().filter(Dimension::everyPair).toList();
    }

    private Map<LineId, Line> collect() {
        Map<LineId, Line> lines = new LinkedHashMap<>();
        for (Form form : forms) {
            for (Line line : form.lines()) {
                if (line.stands(year) && lines.putIfAbsent(line.id(), line) != null) {
                    throw new IllegalStateException("line " + line.id() + " is defined by two forms");
                }
            }
        }
        return lines;
    }

    public int year() {
        return year;
    }

    public List<Form> forms() {
        return forms;
    }

    /** The parts of all forms that hold at least one line this year. */
    public List<Part> parts() {
        return parts;
    }

    /** The figures of the law that any line reads, in the order of their names. */
    public List<LawKey> law() {
        return order.stream()
                .flatMap(node -> node.reads().stream())
                .filter(Input.OfLaw.class::isInstance)
                .map(input -> ((Input.OfLaw) input).key())
                .distinct()
                .sorted(Comparator.comparing(LawKey::key))
                .toList();
    }

    /** Whether any line reads payments of tax or amounts left by earlier years. */
    public boolean readsLists() {
        return readers.keySet().stream()
                .anyMatch(input -> input instanceof Input.OfPayments || input instanceof Input.OfCarryovers);
    }

    /** Whether a copy for the public leaves anything out. */
    public boolean hasPublicCopy() {
        return nodes.values().stream().anyMatch(node -> node.line().isConfidential());
    }

    /** The lists of rows that a person fills in, in the order of the forms. */
    public List<RowList> lists() {
        return lists;
    }

    private List<RowList> collectLists() {
        return parts().stream()
                .filter(part -> !part.listName().isEmpty())
                .map(part -> new RowList(
                        part, linesOf(part).stream().filter(Line::isRepeating).toList()))
                .toList();
    }

    /** The list of that name. */
    public Optional<RowList> list(String name) {
        return lists.stream().filter(list -> list.name().equals(name)).findFirst();
    }

    /** The definitions of a part that stand this year, in the order of the form. */
    public List<Line> linesOf(Part part) {
        return linesOf.getOrDefault(part, List.of());
    }

    private List<Line> standing(List<Line> lines) {
        return lines.stream().filter(line -> line.stands(year)).toList();
    }

    public Optional<Line> line(LineId id) {
        return Optional.ofNullable(nodes.get(id)).map(Node::line);
    }

    /** Whether the return has such a line in this year or another. */
    public boolean knows(LineId id) {
        return ofAnyYear.contains(id);
    }

    /** Whether every part of a mapping goes to a place that there is. */
    public boolean isTarget(Mapping mapping) {
        return target(mapping.line()).isPresent()
                && mapping.splits().stream()
                        .allMatch(split -> target(split.line()).isPresent());
    }

    public Optional<MapTarget> target(LineId id) {
        return Optional.ofNullable(targets.get(id));
    }

    /** Every place that accounts can go, in the order of the forms. */
    public List<MapTarget> targets() {
        return forms.stream().flatMap(form -> form.targets().stream()).toList();
    }

    /** The lines whose rules read this line. */
    public List<Line> uses(LineId line) {
        Input read = new Input.OfLine(line);
        return readersOf(read).stream()
                .flatMap(step ->
                        step instanceof Sum sum ? readersOf(new Input.OfTotal(sum.total())).stream() : Stream.of(step))
                .filter(Node.class::isInstance)
                .map(step -> ((Node) step).line())
                .distinct()
                .filter(reader -> !reader.part().isDecidedBy(reader))
                .filter(reader -> reader.rule().isEmpty() || reads(reader.rule().get(), line))
                .toList();
    }

    private static boolean reads(Rule rule, LineId line) {
        return rule.reads().stream().anyMatch(input -> input.lines().contains(line));
    }

    /** The line and all that it is made of, however far back. */
    public Set<LineId> behind(LineId line) {
        Set<LineId> behind = new HashSet<>();
        Deque<LineId> open = new ArrayDeque<>(List.of(line));
        while (!open.isEmpty()) {
            LineId next = open.pop();
            if (has(next) && behind.add(next)) {
                node(next).reads().forEach(input -> open.addAll(input.lines()));
            }
        }
        return behind;
    }

    /** Every total over members of which some only count, in the order of evaluation. */
    public List<Total> totalsOfSome() {
        return order.stream()
                .filter(Sum.class::isInstance)
                .map(step -> ((Sum) step).total())
                .filter(total -> total.which().isPresent())
                .toList();
    }

    /** Position of a line in the order of evaluation. */
    public int place(Line line) {
        return nodes.get(line.id()).place();
    }

    /** How many lines stand this year. */
    public int size() {
        return nodes.size();
    }

    PostingRule postingRule() {
        return postingRule;
    }

    List<Step> order() {
        return order;
    }

    /** All that lines repeat for. */
    List<Dimension> dimensions() {
        return dimensions;
    }

    /** The paths of which every pair is a member. */
    List<Dimension> pairs() {
        return pairs;
    }

    Node node(LineId id) {
        return nodes.get(id);
    }

    boolean has(LineId id) {
        return nodes.containsKey(id);
    }

    List<Step> readersOf(Input input) {
        return readers.getOrDefault(input, List.of());
    }

    /** All that is found once a member. */
    List<Step> stepsOver(Dimension members) {
        return stepsOf.getOrDefault(members, List.of());
    }
}
