package undersaw.calc;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import org.pcollections.HashTreePMap;
import org.pcollections.HashTreePSet;
import org.pcollections.PMap;
import org.pcollections.PSet;
import org.pcollections.PSortedMap;
import org.pcollections.TreePMap;
import undersaw.line.LineKey;
import undersaw.line.NaturalOrder;
import undersaw.money.Money;

/**
 * What accounts bring to lines: exact totals by place, and each account's share in them.
 *
 * <p>Persistent: putting one account anew costs what that account touches, however many there are.
 *
 * @param totals exact cents by place
 * @param byLine postings by place and account
 * @param byAccount postings by account
 * @param readWith the account that an account is read together with
 * @param readBy the accounts that read an account
 */
record Pools(
        PMap<LineKey, Money> totals,
        PMap<LineKey, PSortedMap<Feed, Posting>> byLine,
        PMap<String, List<Posting>> byAccount,
        PMap<String, String> readWith,
        PMap<String, PSet<String>> readBy) {

    private static final PSortedMap<Feed, Posting> NOTHING = TreePMap.empty();

    static Pools empty() {
        return new Pools(
                HashTreePMap.empty(),
                HashTreePMap.empty(),
                HashTreePMap.empty(),
                HashTreePMap.empty(),
                HashTreePMap.empty());
    }

    /** The account's postings replaced; an empty list takes the account out. */
    Pools with(String account, List<Posting> postings) {
        PMap<LineKey, Money> newTotals = totals;
        PMap<LineKey, PSortedMap<Feed, Posting>> newByLine = byLine;
        for (Posting old : byAccount.getOrDefault(account, List.of())) {
            PSortedMap<Feed, Posting> left = newByLine.get(old.place()).minus(Feed.of(old));
            if (left.isEmpty()) {
                newByLine = newByLine.minus(old.place());
                newTotals = newTotals.minus(old.place());
            } else {
                newByLine = newByLine.plus(old.place(), left);
                newTotals =
                        newTotals.plus(old.place(), newTotals.get(old.place()).minus(old.amount()));
            }
        }
        for (Posting posting : postings) {
            LineKey place = posting.place();
            newTotals = newTotals.plus(
                    place, newTotals.getOrDefault(place, Money.ZERO).plus(posting.amount()));
            newByLine =
                    newByLine.plus(place, newByLine.getOrDefault(place, NOTHING).plus(Feed.of(posting), posting));
        }
        PMap<String, List<Posting>> newByAccount =
                postings.isEmpty() ? byAccount.minus(account) : byAccount.plus(account, List.copyOf(postings));
        return new Pools(newTotals, newByLine, newByAccount, readWith, readBy);
    }

    /** The account's partner replaced; an empty number takes it away. */
    Pools pairing(String account, String partner) {
        String old = readWith.getOrDefault(account, "");
        if (old.equals(partner)) {
            return this;
        }
        PMap<String, PSet<String>> readers = readBy;
        if (!old.isEmpty()) {
            readers = readers.plus(old, readers.get(old).minus(account));
        }
        if (!partner.isEmpty()) {
            readers = readers.plus(
                    partner, readers.getOrDefault(partner, HashTreePSet.empty()).plus(account));
        }
        PMap<String, String> pairs = partner.isEmpty() ? readWith.minus(account) : readWith.plus(account, partner);
        return new Pools(totals, byLine, byAccount, pairs, readers);
    }

    /** The accounts whose postings read another account's balances. */
    Set<String> readersOf(String account) {
        return readBy.getOrDefault(account, HashTreePSet.empty());
    }

    Money total(LineKey place) {
        return totals.getOrDefault(place, Money.ZERO);
    }

    /** What accounts bring to the place, in the order of their numbers. */
    Collection<Posting> feeders(LineKey place) {
        return byLine.getOrDefault(place, NOTHING).values();
    }

    List<Posting> of(String account) {
        return byAccount.getOrDefault(account, List.of());
    }

    /** What tells postings to one place apart: an account may reach it twice for different reasons. */
    record Feed(String account, String why, Portion portion) implements Comparable<Feed> {
        static Feed of(Posting posting) {
            return new Feed(posting.account(), posting.why(), posting.portion());
        }

        @Override
        public int compareTo(Feed other) {
            int byAccount = NaturalOrder.COUNTED.compare(account, other.account);
            if (byAccount != 0) {
                return byAccount;
            }
            int byReason = why.compareTo(other.why);
            return byReason != 0 ? byReason : portion.compareTo(other.portion);
        }
    }
}
