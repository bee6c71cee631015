package undersaw.bench;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.pcollections.HashTreePMap;
import undersaw.engagement.Snapshot;
import undersaw.ledger.Account;
import undersaw.ledger.Mapping;
import undersaw.ledger.StatementKind;
import undersaw.line.LineId;
import undersaw.money.Money;

/** Books of any size made from small ones: each account split into many, the sums unchanged. */
final class LargeBooks {
    private LargeBooks() {}

    static Snapshot of(Snapshot small, int accounts) {
        List<Account> seeds = List.copyOf(small.accounts().values());
        Map<String, Account> large = new HashMap<>();
        Map<String, Mapping> mappings = new HashMap<>();
        for (int i = 0; i < accounts; i++) {
            Account seed = seeds.get(i % seeds.size());
            boolean first = i < seeds.size();
            String number = seed.number() + "-" + i / seeds.size();
            // later parts hold a small amount that the first one gives up
            long parts = (accounts - 1 - i % seeds.size()) / seeds.size();
            long closing = first ? seed.closing().cents() - parts * 101 : 101;
            Money opening = first ? seed.opening() : Money.ZERO;
            large.put(
                    number,
                    new Account(number, seed.name() + " " + i, seed.statement(), opening, Money.ofCents(closing)));
            mappings.put(number, small.mappings().get(seed.number()));
        }
        return small.withAccounts(large).withMappings(HashTreePMap.from(mappings));
    }

    /** An expense account that feeds a line with many others. */
    static Account anExpense(Snapshot books) {
        return books.accounts().values().stream()
                .filter(account -> account.statement() == StatementKind.INCOME_STATEMENT)
                .filter(account -> books.mappings().get(account.number()).line().equals(LineId.of("1120/14")))
                .findFirst()
                .orElseThrow();
    }
}
