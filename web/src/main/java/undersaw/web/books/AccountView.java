package undersaw.web.books;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import undersaw.calc.Calculation;
import undersaw.calc.Posting;
import undersaw.engagement.Fact;
import undersaw.ledger.Account;
import undersaw.ledger.LedgerTransaction;
import undersaw.ledger.Mapping;
import undersaw.ledger.Treatment;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.frame.Figure;

/**
 * One account with everything that is known of it.
 *
 * @param account the account
 * @param balances opening, books, entries, adjusted, tax entries and tax basis
 * @param line the line of its rest; empty where it has none
 * @param treatment the treatment of its rest
 * @param rest what is left after the splits
 * @param splits its parts that go elsewhere
 * @param partner the account it is read together with; empty where there is none
 * @param others accounts that it could be read together with
 * @param typings tax amounts that its treatment asks for
 * @param postings what it brings to the return
 * @param entries entries that touch it
 * @param transactions the transactions shown
 * @param transactionCount how many there are
 */
public record AccountView(
        Account account,
        List<Named> balances,
        String line,
        String treatment,
        String rest,
        List<SplitRow> splits,
        String partner,
        List<Choice> others,
        List<Typing> typings,
        List<Brought> postings,
        List<Named> entries,
        List<TransactionRow> transactions,
        long transactionCount) {
    /** An amount with its name. */
    public record Named(String caption, String amount) {}

    /** A part that goes elsewhere, with what it comes to. */
    public record SplitRow(String line, String treatment, String measure, String amount) {}

    /** An account that can be chosen. */
    public record Choice(String number, String name) {}

    /** A tax amount asked for by a treatment. */
    public record Typing(String key, String caption, String value) {}

    /** What the account brings to a line. */
    public record Brought(String line, String caption, String amount, String why) {}

    /** A transaction with the balance after it. */
    public record TransactionRow(String date, String reference, String memo, String debit, String credit) {}

    /** What the client's ledger holds of an account: the transactions shown, and how many there are in all. */
    record OfLedger(List<LedgerTransaction> shown, long count) {}

    static AccountView of(OpenEngagement open, Account account, OfLedger ledger) {
        Calculation calculation = open.calculation();
        Optional<Mapping> mapping = open.snapshot().mapping(account.number());
        Money adjusted = calculation.adjusted(account);
        List<SplitRow> splits = new ArrayList<>();
        Money rest = adjusted;
        for (var split : mapping.map(Mapping::splits).orElse(List.of())) {
            Money part = split.of(adjusted);
            rest = rest.minus(part);
            splits.add(new SplitRow(split.place().toString(), split.treatment(), split.words(), Figure.balance(part)));
        }
        return new AccountView(
                account,
                balances(calculation, account),
                mapping.map(each -> each.place().toString()).orElse(""),
                mapping.map(Mapping::treatment).orElse(""),
                Figure.balance(rest),
                splits,
                mapping.map(Mapping::partner).orElse(""),
                others(open, account),
                typings(open, account, mapping),
                calculation.postingsOf(account.number()).stream()
                        .map(posting -> brought(calculation, posting))
                        .toList(),
                entries(open, account),
                ledger.shown().stream().map(AccountView::row).toList(),
                ledger.count());
    }

    private static List<Named> balances(Calculation calculation, Account account) {
        Money adjusted = calculation.adjusted(account);
        Money tax = calculation.taxEntries(account);
        List<Named> named = new ArrayList<>();
        if (!account.onIncomeStatement()) {
            named.add(new Named("Opening", Figure.balance(calculation.opening(account))));
        }
        named.add(new Named("Client's books", Figure.balance(account.closing())));
        named.add(new Named("Entries", Figure.balance(adjusted.minus(account.closing()))));
        named.add(new Named("Adjusted", Figure.balance(adjusted)));
        named.add(new Named("Tax entries", Figure.balance(tax)));
        named.add(new Named("Tax basis", Figure.balance(adjusted.plus(tax))));
        return named;
    }

    /** An expense is read with a balance-sheet account, a contra account with its asset. */
    private static List<Choice> others(OpenEngagement open, Account account) {
        return open.snapshot().accounts().values().stream()
                .filter(each -> !each.onIncomeStatement() && !each.number().equals(account.number()))
                .sorted(Account.byNumber())
                .map(each -> new Choice(each.number(), each.name()))
                .toList();
    }

    private static List<Typing> typings(OpenEngagement open, Account account, Optional<Mapping> mapping) {
        Optional<Treatment> treatment = mapping.flatMap(each -> open.kind().treatment(each.treatment()))
                .filter(each -> account.onIncomeStatement());
        if (treatment.isEmpty()) {
            return List.of();
        }
        String address = "TREAT/" + treatment.get().id();
        return switch (treatment.get().reach()) {
            case TYPED, HALF, NONE -> List.of(typing(open, address, account, "Amount on the return"));
            case BEGIN_END ->
                List.of(
                        typing(open, address + "/begin", account, "Not yet deducted or taxed at the start"),
                        typing(open, address + "/end", account, "Not yet deducted or taxed at the end"));
            case AHEAD ->
                List.of(
                        typing(open, address + "/begin", account, "Deducted ahead at the start"),
                        typing(open, address + "/end", account, "Deducted ahead at the end"));
            default -> List.of();
        };
    }

    private static Typing typing(OpenEngagement open, String address, Account account, String caption) {
        LineKey key = LineId.of(address).in(account.number());
        return new Typing(
                key.toString(),
                caption,
                open.snapshot().fact(key).map(Fact::value).orElse(""));
    }

    private static Brought brought(Calculation calculation, Posting posting) {
        return new Brought(
                posting.line().text(),
                calculation
                        .plan()
                        .line(posting.line())
                        .map(line -> line.caption())
                        .orElse(""),
                Figure.balance(posting.amount()),
                posting.why());
    }

    private static List<Named> entries(OpenEngagement open, Account account) {
        List<Named> named = new ArrayList<>();
        open.snapshot()
                .lists()
                .entries()
                .forEach(entry -> entry.postings().stream()
                        .filter(posting -> posting.account().equals(account.number()))
                        .forEach(posting -> named.add(new Named(
                                entry.number() + ", " + entry.kind().word() + ", " + entry.memo(),
                                Figure.balance(posting.amount())))));
        return named;
    }

    private static TransactionRow row(LedgerTransaction each) {
        return new TransactionRow(
                each.date() == null ? "brought forward" : each.date().toString(),
                each.reference(),
                each.memo(),
                each.amount().isNegative() ? "" : each.amount().printedWithCents(),
                each.amount().isNegative() ? each.amount().negated().printedWithCents() : "");
    }
}
