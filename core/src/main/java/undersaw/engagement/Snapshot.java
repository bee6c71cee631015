package undersaw.engagement;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntPredicate;
import java.util.stream.Collectors;
import org.pcollections.HashTreePMap;
import org.pcollections.PMap;
import undersaw.ledger.Account;
import undersaw.ledger.BooksSource;
import undersaw.ledger.Carryover;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.Entry;
import undersaw.ledger.Mapping;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.line.NaturalOrder;
import undersaw.money.Money;

/**
 * One revision of an engagement: everything that its return is computed from.
 *
 * <p>The large collections are persistent, so a revision that changes one account shares the rest with the one before.
 *
 * @param heading client, period and the like
 * @param accounts the trial balance by account number
 * @param mappings where accounts go, by account number
 * @param facts what people typed
 * @param setAsides answered queries by diagnostic
 * @param lists entries, payments and carryovers
 * @param prior last year's figures
 * @param worksheets rows behind lines
 * @param carried what came from last year's engagement, by place
 * @param source where the trial balance came from
 */
public record Snapshot(
        Heading heading,
        PMap<String, Account> accounts,
        PMap<String, Mapping> mappings,
        PMap<LineKey, Fact> facts,
        PMap<String, SetAside> setAsides,
        Lists lists,
        PriorYear prior,
        PMap<LineKey, List<WorksheetRow>> worksheets,
        PMap<String, Carried> carried,
        BooksSource source) {

    /**
     * The shorter lists of an engagement.
     *
     * @param entries journal entries
     * @param payments tax paid
     * @param carryovers amounts left by earlier years
     */
    public record Lists(List<Entry> entries, List<Payment> payments, List<Carryover> carryovers) {
        /** Keeps its own copies. */
        public Lists {
            entries = List.copyOf(entries);
            payments = List.copyOf(payments);
            carryovers = List.copyOf(carryovers);
        }

        /** Exact sum of the payments of a kind. */
        public Money paid(PaymentKind kind) {
            return Money.sum(payments.stream()
                    .filter(payment -> payment.kind() == kind)
                    .map(Payment::amount)
                    .toList());
        }

        /** The first number after a letter that no entry has. */
        public String nextEntryNumber(String letter) {
            Set<String> taken = entries.stream().map(Entry::number).collect(Collectors.toSet());
            int next = 1;
            while (taken.contains(letter + next)) {
                next++;
            }
            return letter + next;
        }

        /** Exact sum of the carryovers of a kind whose year of origin counts. */
        public Money carried(CarryoverKind kind, IntPredicate years) {
            return Money.sum(carryovers.stream()
                    .filter(each -> each.kind() == kind && years.test(each.year()))
                    .map(Carryover::amount)
                    .toList());
        }

        public Lists withEntries(List<Entry> newEntries) {
            return new Lists(newEntries, payments, carryovers);
        }

        public Lists withPayments(List<Payment> newPayments) {
            return new Lists(entries, newPayments, carryovers);
        }

        public Lists withCarryovers(List<Carryover> newCarryovers) {
            return new Lists(entries, payments, newCarryovers);
        }
    }

    /** An engagement with nothing but its heading. */
    public static Snapshot empty(Heading heading) {
        return new Snapshot(
                heading,
                HashTreePMap.empty(),
                HashTreePMap.empty(),
                HashTreePMap.empty(),
                HashTreePMap.empty(),
                new Lists(List.of(), List.of(), List.of()),
                PriorYear.none(),
                HashTreePMap.empty(),
                HashTreePMap.empty(),
                BooksSource.NONE);
    }

    public Optional<Fact> fact(LineKey key) {
        return Optional.ofNullable(facts.get(key));
    }

    public Optional<Mapping> mapping(String account) {
        return Optional.ofNullable(mappings.get(account));
    }

    /** The instances for which a repeating line holds anything, in order. */
    public List<String> instances(Set<LineId> lines) {
        return facts.keySet().stream()
                .filter(key -> lines.contains(key.line()))
                .map(LineKey::instance)
                .distinct()
                .sorted(NaturalOrder.COUNTED)
                .toList();
    }

    public Snapshot withHeading(Heading newHeading) {
        return new Snapshot(
                newHeading, accounts, mappings, facts, setAsides, lists, prior, worksheets, carried, source);
    }

    public Snapshot withAccounts(Map<String, Account> newAccounts) {
        return withAccounts(HashTreePMap.from(newAccounts));
    }

    /** Shares the accounts that stay the same. */
    public Snapshot withAccounts(PMap<String, Account> newAccounts) {
        return new Snapshot(
                heading, newAccounts, mappings, facts, setAsides, lists, prior, worksheets, carried, source);
    }

    public Snapshot withMappings(PMap<String, Mapping> newMappings) {
        return new Snapshot(
                heading, accounts, newMappings, facts, setAsides, lists, prior, worksheets, carried, source);
    }

    public Snapshot withFacts(PMap<LineKey, Fact> newFacts) {
        return new Snapshot(
                heading, accounts, mappings, newFacts, setAsides, lists, prior, worksheets, carried, source);
    }

    public Snapshot withSetAsides(PMap<String, SetAside> newSetAsides) {
        return new Snapshot(
                heading, accounts, mappings, facts, newSetAsides, lists, prior, worksheets, carried, source);
    }

    public Snapshot withLists(Lists newLists) {
        return new Snapshot(
                heading, accounts, mappings, facts, setAsides, newLists, prior, worksheets, carried, source);
    }

    public Snapshot withPrior(PriorYear newPrior) {
        return new Snapshot(
                heading, accounts, mappings, facts, setAsides, lists, newPrior, worksheets, carried, source);
    }

    public Snapshot withWorksheets(PMap<LineKey, List<WorksheetRow>> newWorksheets) {
        return new Snapshot(
                heading, accounts, mappings, facts, setAsides, lists, prior, newWorksheets, carried, source);
    }

    public Snapshot withCarried(PMap<String, Carried> newCarried) {
        return new Snapshot(
                heading, accounts, mappings, facts, setAsides, lists, prior, worksheets, newCarried, source);
    }

    public Snapshot withSource(BooksSource newSource) {
        return new Snapshot(
                heading, accounts, mappings, facts, setAsides, lists, prior, worksheets, carried, newSource);
    }
}
