package undersaw.calc;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.pcollections.HashTreePMap;
import org.pcollections.HashTreePSet;
import org.pcollections.PMap;
import org.pcollections.PSet;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * What accounts bring to lines: exact totals by line, and each account's share in them.
 *
 * <p>Persistent: putting one account anew costs what that account touches, however many there are.
 *
 * @param totals exact cents by line
 * @param byLine postings by line and account
 * @param byAccount postings by account
 * @param readWith the account that an account is read together with
 * @param readBy the accounts that read an account
 */
record Pools(
        PMap<LineId, Money> totals,
        PMap<LineId, PMap<String, Posting>> byLine,
        PMap<String, List<Posting>> byAccount,
        PMap<String, String> readWith,
        PMap<String, PSet<String>> readBy) {

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
        PMap<LineId, Money> newTotals = totals;
        PMap<LineId, PMap<String, Posting>> newByLine = byLine;
        for (Posting old : byAccount.getOrDefault(account, List.of())) {
            PMap<String, Posting> left = newByLine.get(old.line()).minus(keyOf(old));
            if (left.isEmpty()) {
                newByLine = newByLine.minus(old.line());
                newTotals = newTotals.minus(old.line());
            } else {
                newByLine = newByLine.plus(old.line(), left);
                newTotals = newTotals.plus(old.line(), newTotals.get(old.line()).minus(old.amount()));
            }
        }
        for (Posting posting : postings) {
            LineId line = posting.line();
            newTotals = newTotals.plus(
                    line, newTotals.getOrDefault(line, Money.ZERO).plus(posting.amount()));
            newByLine = newByLine.plus(
                    line, newByLine.getOrDefault(line, HashTreePMap.empty()).plus(keyOf(posting), posting));
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

    Money total(LineId line) {
        return totals.getOrDefault(line, Money.ZERO);
    }

    Map<String, Posting> feeders(LineId line) {
        return byLine.getOrDefault(line, HashTreePMap.empty());
    }

    List<Posting> of(String account) {
        return byAccount.getOrDefault(account, List.of());
    }

    /** An account may reach one line twice for different reasons. */
    private static String keyOf(Posting posting) {
        return posting.account() + "|" + posting.portion() + "|" + posting.why();
    }
}
