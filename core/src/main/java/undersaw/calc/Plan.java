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
import java.util.Optional;
import java.util.Set;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.MapTarget;
import undersaw.form.Part;
import undersaw.form.RowList;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Input;
import undersaw.law.LawKey;
import undersaw.ledger.Mapping;
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
    private final List<Node> order = new ArrayList<>();
    private final Map<Input, List<Node>> readers = new HashMap<>();
    private final Map<LineId, MapTarget> targets = new HashMap<>();
    private final Set<LineId> ofAnyYear = new HashSet<>();
    private final List<Part> parts;
    private final Map<Part, List<Line>> linesOf = new IdentityHashMap<>();
    private final List<RowList> lists;

    /**
     * A line with its place in the order.
     *
     * @param line the definition
     * @param place position in the order of evaluation
     * @param formula its rule, or nothing for typed lines
     * @param reads what the rule or the condition depends on
     * @param gate the condition without which the rule's line stays empty; nothing where it is always found
     */
    record Node(Line line, int place, Optional<Formula> formula, Set<Input> reads, Optional<Condition> gate) {}

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
        Map<LineId, Line> lines = collect();
        Set<LineId> done = new HashSet<>();
        for (Line line : lines.values()) {
            place(line, lines, done, new ArrayDeque<>());
        }
        for (Node node : order) {
            node.reads()
                    .forEach(input -> readers.computeIfAbsent(input, unused -> new ArrayList<>())
                            .add(node));
        }
        parts = forms.stream().flatMap(form -> form.parts().stream()).toList();
        forms.forEach(form -> form.parts().forEach(part -> linesOf.put(part, standing(form.linesOf(part)))));
        forms.forEach(form -> form.targets().forEach(target -> targets.put(target.id(), target)));
        forms.forEach(form -> form.lines().forEach(line -> ofAnyYear.add(line.id())));
        lists = collectLists();
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

    private void place(Line line, Map<LineId, Line> lines, Set<LineId> done, Deque<LineId> path) {
        if (done.contains(line.id())) {
            return;
        }
        if (path.contains(line.id())) {
            throw new IllegalStateException("lines read each other in a circle: " + path + " and again " + line.id());
        }
        path.addLast(line.id());
        Optional<Formula> formula = line.formula();
        Set<Input> reads = new HashSet<>();
        formula.ifPresent(rule -> reads.addAll(rule.reads()));
        line.yesWhen().ifPresent(condition -> reads.addAll(condition.reads()));
        if (line.headingField().isPresent()) {
            reads.add(new Input.OfHeading());
        }
        for (Input input : reads) {
            if (input instanceof Input.OfLine read) {
                Line other = lines.get(read.line());
                if (other == null) {
                    throw new IllegalStateException(
                            "line " + line + " refers to " + read.line() + ", which is not there");
                }
                place(other, lines, done, path);
            }
        }
        path.removeLast();
        done.add(line.id());
        Optional<Condition> gate = line.gate();
        Node node = new Node(line, order.size(), formula, Set.copyOf(reads), gate);
        order.add(node);
        nodes.put(line.id(), node);
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
        return order.stream().anyMatch(node -> node.line().isConfidential());
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
                .map(Node::line)
                .filter(reader -> !reader.part().isDecidedBy(reader))
                .filter(reader ->
                        reader.rule().isEmpty() || reader.rule().get().reads().contains(read))
                .toList();
    }

    /** The line and all that it is made of, however far back. */
    public Set<LineId> behind(LineId line) {
        Set<LineId> behind = new HashSet<>();
        Deque<LineId> open = new ArrayDeque<>(List.of(line));
        while (!open.isEmpty()) {
            LineId next = open.pop();
            if (has(next) && behind.add(next)) {
                for (Input input : node(next).reads()) {
                    if (input instanceof Input.OfLine read) {
                        open.add(read.line());
                    }
                }
            }
        }
        return behind;
    }

    /** Position of a line in the order of evaluation. */
    public int place(Line line) {
        return nodes.get(line.id()).place();
    }

    /** How many lines stand this year. */
    public int size() {
        return order.size();
    }

    PostingRule postingRule() {
        return postingRule;
    }

    List<Node> order() {
        return order;
    }

    Node node(LineId id) {
        return nodes.get(id);
    }

    boolean has(LineId id) {
        return nodes.containsKey(id);
    }

    List<Node> readersOf(Input input) {
        return readers.getOrDefault(input, List.of());
    }
}
