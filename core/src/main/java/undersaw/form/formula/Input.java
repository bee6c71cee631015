package undersaw.form.formula;

import java.util.HashSet;
import java.util.Set;
import undersaw.law.LawKey;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;

/** One thing that a formula reads; a change of it calls for evaluating the formula again. */
public sealed interface Input {
    /** The lines that are read, directly or member by member. */
    default Set<LineId> lines() {
        return Set.of();
    }

    /** Another line of the return. */
    record OfLine(LineId line) implements Input {
        @Override
        public Set<LineId> lines() {
            return Set.of(line);
        }
    }

    /** A line summed over its members. */
    record OfTotal(Total total) implements Input {
        @Override
        public Set<LineId> lines() {
            Set<LineId> lines = new HashSet<>();
            total.readsOfMembers().forEach(input -> lines.addAll(input.lines()));
            return lines;
        }
    }

    /** A member's part of what is divided. */
    record OfDivision(Division division) implements Input {
        @Override
        public Set<LineId> lines() {
            Set<LineId> lines = new HashSet<>();
            division.reads().forEach(input -> lines.addAll(input.lines()));
            return lines;
        }
    }

    /** What accounts bring to a line. */
    record OfAccounts(LineId line) implements Input {}

    /** Payments of one kind. */
    record OfPayments(PaymentKind kind) implements Input {}

    /** Carryovers of one kind. */
    record OfCarryovers(CarryoverKind kind) implements Input {}

    /** A figure that the law fixes. */
    record OfLaw(LawKey key) implements Input {}

    /** The client's and the engagement's own facts. */
    record OfHeading() implements Input {}
}
