package undersaw.calc;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import undersaw.form.Line;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Division;
import undersaw.form.formula.Input;
import undersaw.form.formula.Rule;
import undersaw.form.formula.Total;
import undersaw.line.Dimension;
import undersaw.line.LineId;

/**
 * Puts lines, and the totals that they read, in the order in which they are found.
 *
 * <p>A line that repeats sees lines of its own member and lines that stand once; into another dimension, and from
 * outside into its own, leads only a total. All else is refused with both places.
 */
final class Steps {
    private final Map<LineId, Line> lines;
    private final List<Step> order = new ArrayList<>();
    private final Set<LineId> done = new HashSet<>();
    private final Deque<LineId> path = new ArrayDeque<>();
    /** Totals and divisions that are being placed, or are. */
    private final Set<Object> begun = new HashSet<>();

    private final Set<Object> placed = new HashSet<>();

    private Steps(Map<LineId, Line> lines) {
        this.lines = lines;
    }

    /**
     * The steps in their order.
     *
     * @throws IllegalStateException on a reference to nothing, a circle, or a reader that cannot see what it reads
     */
    static List<Step> of(Map<LineId, Line> lines) {
        Steps steps = new Steps(lines);
        lines.values().forEach(steps::place);
        return List.copyOf(steps.order);
    }

    /** One thing to be found, in its turn. */
    sealed interface Step {
        /** Position in the order of evaluation. */
        int place();

        /** What it depends on. */
        Set<Input> reads();

        /** As what others read it. */
        Input found();

        /** What it is found for, member by member; null where it is found once. */
        @Nullable
        Dimension scope();
    }

    /**
     * A total over members.
     *
     * @param total the line that is summed, and which members count
     * @param scope the members
     * @param place position in the order of evaluation
     * @param reads what the members' parts depend on
     */
    record Sum(Total total, Dimension scope, int place, Set<Input> reads) implements Step {
        @Override
        public Input found() {
            return new Input.OfTotal(total);
        }
    }

    /**
     * An amount divided among members.
     *
     * @param division how
     * @param place position in the order of evaluation
     * @param reads what the parts depend on
     */
    record Share(Division division, int place, Set<Input> reads) implements Step {
        @Override
        public Dimension scope() {
            return division.members();
        }

        @Override
        public Input found() {
            return new Input.OfDivision(division);
        }
    }

    /**
     * A line with its place in the order.
     *
     * @param line the definition
     * @param place position in the order of evaluation
     * @param rule its rule, or nothing for typed lines
     * @param reads what the rule or the condition depends on
     * @param gate the condition without which the rule's line stays empty; nothing where it is always found
     * @param scope what the line repeats for; null where it stands once
     */
    record Node(
            Line line,
            int place,
            Optional<Rule> rule,
            Set<Input> reads,
            Optional<Condition> gate,
            @Nullable Dimension scope)
            implements Step {
        @Override
        public Input found() {
            return new Input.OfLine(line.id());
        }
    }

    /**
     * Who reads.
     *
     * @param name in a message
     * @param scope what it repeats for; null where it stands once
     */
    private record Reader(String name, @Nullable Dimension scope) {
        boolean sees(Dimension members) {
            return scope != null && scope.leadsThrough(members);
        }

        String standing() {
            return scope == null ? "the return" : "each of the " + scope.name();
        }

        IllegalStateException fault(String what) {
            return new IllegalStateException(name + " " + what);
        }
    }

    private void place(Line line) {
        if (done.contains(line.id())) {
            return;
        }
        if (path.contains(line.id())) {
            throw new IllegalStateException("lines read each other in a circle: " + path + " and again " + line.id());
        }
        path.addLast(line.id());
        Optional<Rule> rule = line.rule();
        Set<Input> reads = new HashSet<>();
        rule.ifPresent(found -> reads.addAll(found.reads()));
        line.gate().ifPresent(gate -> reads.addAll(gate.reads()));
        line.yesWhen().ifPresent(condition -> reads.addAll(condition.reads()));
        if (line.headingField().isPresent()) {
            reads.add(new Input.OfHeading());
        }
        @Nullable Dimension scope = line.scope().orElse(null);
        placeAll(reads, new Reader("line " + line, scope));
        path.removeLast();
        done.add(line.id());
        order.add(new Node(line, order.size(), rule, Set.copyOf(reads), line.gate(), scope));
    }

    /** Puts all that is read before its reader, and refuses what the reader cannot see. */
    private void placeAll(Set<Input> reads, Reader reader) {
        for (Input input : reads) {
            if (input instanceof Input.OfLine read) {
                place(seen(read.line(), reader));
            } else if (input instanceof Input.OfTotal read && !placed.contains(read.total())) {
                place(read.total(), reader);
            } else if (input instanceof Input.OfDivision read) {
                place(read.division(), reader);
            } else if (input instanceof Input.OfAccounts read) {
                seen(read.line(), reader);
            }
        }
    }

    private Line seen(LineId id, Reader reader) {
        Line line = lines.get(id);
        if (line == null) {
            throw reader.fault("refers to " + id + ", which is not there");
        }
        if (line.scope().filter(scope -> !reader.sees(scope)).isPresent()) {
            throw reader.fault("reads line " + line + ", which stands once in each of the "
                    + line.scope().get().name() + "; from outside it is read through a total");
        }
        return line;
    }

    /** A division sees all members of every dimension that it names. */
    private void place(Division division, Reader reader) {
        if (!reader.sees(division.members())) {
            throw reader.fault("takes a part of what is divided among the "
                    + division.members().name() + ", and stands once in " + reader.standing());
        }
        if (placed.contains(division)) {
            return;
        }
        if (!begun.add(division)) {
            throw reader.fault("is part of what it divides: " + division.words());
        }
        Reader itself = new Reader(division.words(), null);
        for (Input input : division.reads()) {
            if (input instanceof Input.OfLine read && lines.containsKey(read.line())) {
                place(lines.get(read.line()));
            } else {
                placeAll(Set.of(input), itself);
            }
        }
        placed.add(division);
        order.add(new Share(division, order.size(), Set.copyOf(division.reads())));
    }

    private void place(Total total, Reader reader) {
        if (!begun.add(total)) {
            throw reader.fault("is part of what it sums: " + total.words());
        }
        Dimension scope = Optional.ofNullable(lines.get(total.line()))
                .filter(line -> line.kind().isNumber())
                .flatMap(Line::scope)
                .orElseThrow(
                        () -> reader.fault("sums line " + total.line() + ", which is no line of amounts that repeats"));
        Set<Input> reads = Set.copyOf(total.readsOfMembers());
        placeAll(reads, new Reader("the total of " + total.words(), scope));
        placed.add(total);
        order.add(new Sum(total, scope, order.size(), reads));
    }
}
