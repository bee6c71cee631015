package undersaw.engagement;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.pcollections.PMap;
import undersaw.ledger.Account;
import undersaw.ledger.BooksSource;
import undersaw.ledger.Carryover;
import undersaw.ledger.Entry;
import undersaw.ledger.Mapping;
import undersaw.ledger.Payment;
import undersaw.line.LineKey;
import undersaw.money.Money;

/**
 * One change of an engagement: what makes a revision out of the one before.
 *
 * <p>The same value is applied to the snapshot in memory and written to the database, so the two cannot drift apart.
 */
public sealed interface Change {
    /** The snapshot after the change. */
    Snapshot applyTo(Snapshot before);

    /** What the change touches. */
    Set<Touch> touches();

    /** New client facts, period or flags. */
    record HeadingSet(Heading heading) implements Change {
        @Override
        public Snapshot applyTo(Snapshot before) {
            return before.withHeading(heading);
        }

        @Override
        public Set<Touch> touches() {
            // the period chooses the law, and the law can move every line
            return Set.of(new Touch.OfEverything());
        }
    }

    /** Several changes that stand or fall together, in their order. */
    record Several(List<Change> changes) implements Change {
        /** Keeps its own copy. */
        public Several {
            changes = List.copyOf(changes);
        }

        @Override
        public Snapshot applyTo(Snapshot before) {
            Snapshot snapshot = before;
            for (Change change : changes) {
                snapshot = change.applyTo(snapshot);
            }
            return snapshot;
        }

        @Override
        public Set<Touch> touches() {
            return changes.stream()
                    .flatMap(change -> change.touches().stream())
                    .collect(Collectors.toUnmodifiableSet());
        }
    }

    /** A whole trial balance in place of the one before; mappings of accounts that stay are kept. */
    record BooksReplaced(List<Account> accounts, BooksSource source) implements Change {
        /** Keeps its own copy. */
        public BooksReplaced {
            accounts = List.copyOf(accounts);
        }

        @Override
        public Snapshot applyTo(Snapshot before) {
            return before.withAccounts(accounts.stream().collect(Collectors.toMap(Account::number, each -> each)))
                    .withSource(source);
        }

        @Override
        public Set<Touch> touches() {
            return Set.of(new Touch.OfEverything());
        }
    }

    /** One account, new, or with other balances or another name. */
    record AccountSet(Account account) implements Change {
        @Override
        public Snapshot applyTo(Snapshot before) {
            return before.withAccounts(before.accounts().plus(account.number(), account));
        }

        @Override
        public Set<Touch> touches() {
            return Set.of(new Touch.OfAccount(account.number()));
        }
    }

    /** An account that the books have no more. */
    record AccountRemoved(String number) implements Change {
        @Override
        public Snapshot applyTo(Snapshot before) {
            return before.withAccounts(before.accounts().minus(number));
        }

        @Override
        public Set<Touch> touches() {
            return Set.of(new Touch.OfAccount(number));
        }
    }

    /** Mappings of one or many accounts; a null mapping takes it away. */
    record MappingsSet(Map<String, @Nullable Mapping> byAccount) implements Change {
        @Override
        public Snapshot applyTo(Snapshot before) {
            PMap<String, Mapping> mappings = before.mappings();
            for (Map.Entry<String, @Nullable Mapping> each : byAccount.entrySet()) {
                Mapping mapping = each.getValue();
                mappings = mapping == null ? mappings.minus(each.getKey()) : mappings.plus(each.getKey(), mapping);
            }
            return before.withMappings(mappings);
        }

        @Override
        public Set<Touch> touches() {
            return byAccount.keySet().stream().map(Touch.OfAccount::new).collect(Collectors.toUnmodifiableSet());
        }
    }

    /** Typed figures or answers; a null fact takes it away. */
    record FactsSet(Map<LineKey, @Nullable Fact> byKey) implements Change {
        @Override
        public Snapshot applyTo(Snapshot before) {
            PMap<LineKey, Fact> facts = before.facts();
            for (Map.Entry<LineKey, @Nullable Fact> each : byKey.entrySet()) {
                Fact fact = each.getValue();
                facts = fact == null ? facts.minus(each.getKey()) : facts.plus(each.getKey(), fact);
            }
            return before.withFacts(facts);
        }

        @Override
        public Set<Touch> touches() {
            return byKey.keySet().stream().map(Touch.OfFact::new).collect(Collectors.toUnmodifiableSet());
        }
    }

    /** Last year's figures where last year itself is not kept here, as they came with a folder. */
    record PriorSet(PriorYear prior) implements Change {
        @Override
        public Snapshot applyTo(Snapshot before) {
            return before.withPrior(prior);
        }

        @Override
        public Set<Touch> touches() {
            return Set.of(new Touch.OfEverything());
        }
    }

    /** Another list of payments. */
    record PaymentsSet(List<Payment> payments) implements Change {
        @Override
        public Snapshot applyTo(Snapshot before) {
            return before.withLists(before.lists().withPayments(payments));
        }

        @Override
        public Set<Touch> touches() {
            return Set.of(new Touch.OfLists());
        }
    }

    /** Another list of carryovers. */
    record CarryoversSet(List<Carryover> carryovers) implements Change {
        @Override
        public Snapshot applyTo(Snapshot before) {
            return before.withLists(before.lists().withCarryovers(carryovers));
        }

        @Override
        public Set<Touch> touches() {
            return Set.of(new Touch.OfLists());
        }
    }

    /** Another list of entries. */
    record EntriesSet(List<Entry> entries) implements Change {
        @Override
        public Snapshot applyTo(Snapshot before) {
            return before.withLists(before.lists().withEntries(entries));
        }

        @Override
        public Set<Touch> touches() {
            return Set.of(new Touch.OfEverything());
        }
    }

    /** Other rows behind a line; without rows the worksheet is taken away. Their sum is the line's typed figure. */
    record WorksheetSet(LineKey key, List<WorksheetRow> rows, String by) implements Change {
        /** Keeps its own copy. */
        public WorksheetSet {
            rows = List.copyOf(rows);
        }

        private FactsSet sum() {
            Money total = Money.sum(rows.stream().map(WorksheetRow::amount).toList());
            String reason = "worksheet of " + rows.size() + (rows.size() == 1 ? " row" : " rows");
            Map<LineKey, @Nullable Fact> facts = new TreeMap<>();
            facts.put(key, rows.isEmpty() ? null : new Fact(total.toString(), reason, by));
            return new FactsSet(facts);
        }

        @Override
        public Snapshot applyTo(Snapshot before) {
            Snapshot summed = sum().applyTo(before);
            return summed.withWorksheets(
                    rows.isEmpty()
                            ? before.worksheets().minus(key)
                            : before.worksheets().plus(key, rows));
        }

        /** The part of this change that is a typed figure. */
        public FactsSet asFact() {
            return sum();
        }

        @Override
        public Set<Touch> touches() {
            return Set.of(new Touch.OfFact(key));
        }
    }

    /** Marks of figures that came from last year; a null mark takes it away. */
    record CarriedSet(Map<String, @Nullable Carried> byPlace) implements Change {
        @Override
        public Snapshot applyTo(Snapshot before) {
            PMap<String, Carried> carried = before.carried();
            for (Map.Entry<String, @Nullable Carried> each : byPlace.entrySet()) {
                Carried mark = each.getValue();
                carried = mark == null ? carried.minus(each.getKey()) : carried.plus(each.getKey(), mark);
            }
            return before.withCarried(carried);
        }

        @Override
        public Set<Touch> touches() {
            return Set.of();
        }
    }

    /** A query answered with a reason, or opened again where the answer is null. */
    record QuerySetAside(String diagnostic, @Nullable SetAside answer) implements Change {
        @Override
        public Snapshot applyTo(Snapshot before) {
            return before.withSetAsides(
                    answer == null
                            ? before.setAsides().minus(diagnostic)
                            : before.setAsides().plus(diagnostic, answer));
        }

        @Override
        public Set<Touch> touches() {
            return Set.of();
        }
    }
}
