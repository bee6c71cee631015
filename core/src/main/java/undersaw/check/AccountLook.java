package undersaw.check;

import java.util.List;
import java.util.Optional;
import undersaw.calc.Calculation;
import undersaw.calc.Posting;
import undersaw.check.Check.Found;
import undersaw.check.Diagnostic.Answer;
import undersaw.engagement.Fact;
import undersaw.form.MapTarget;
import undersaw.law.Law;
import undersaw.ledger.Account;
import undersaw.ledger.Mapping;
import undersaw.line.LineId;
import undersaw.money.Money;

/** One account of a computed return laid out for the rules that look at it by itself. */
public final class AccountLook {
    private final Calculation year;
    private final Account account;

    AccountLook(Calculation year, Account account) {
        this.year = year;
        this.account = account;
    }

    public Account account() {
        return account;
    }

    /** The account's name as messages write it. */
    public String quoted() {
        return "\"" + account.name() + "\"";
    }

    public Optional<Mapping> mapping() {
        return year.snapshot().mapping(account.number());
    }

    /** Whether the account, or its rest, is under the treatment. */
    public boolean isTreated(String treatment) {
        return mapping().filter(each -> each.treatment().equals(treatment)).isPresent();
    }

    /** The place that the account, or its rest, is mapped to; nothing where there is none. */
    public Optional<MapTarget> target() {
        return year.target(account.number());
    }

    /** A place that accounts can go to. */
    public Optional<MapTarget> target(LineId line) {
        return year.plan().target(line);
    }

    /** Whether every part of its mapping goes to a place that there is. */
    public boolean isMapped() {
        return mapping().filter(year.plan()::isTarget).isPresent();
    }

    /** Closing balance after adjusting and reclassifying entries, debit positive. */
    public Money adjusted() {
        return year.adjusted(account);
    }

    /** Whether it has no balance at the start nor at the end of the year. */
    public boolean isEmpty() {
        return account.opening().isZero() && account.closing().isZero();
    }

    /** What was typed for this account at a treatment's address. */
    public Optional<Fact> fact(LineId address) {
        return year.snapshot().fact(address.in(account.number()));
    }

    /** What it brings to a line. */
    public List<Posting> postings(LineId line) {
        return year.postingsOf(account.number()).stream()
                .filter(posting -> posting.line().equals(line))
                .toList();
    }

    /** Whether the books hold the account that it is read together with; true where there is none to be. */
    public boolean holdsPartner() {
        String partner = mapping().map(Mapping::partner).orElse("");
        return partner.isEmpty() || year.snapshot().accounts().containsKey(partner);
    }

    public Law law() {
        return year.law();
    }

    /** A finding that sends to this account. */
    public List<Found> found(String message) {
        return found(message, Answer.GO_THERE);
    }

    /** A finding that sends to this account and can be answered on the spot. */
    public List<Found> found(String message, Answer answer) {
        return List.of(new Found(new Place.OnAccount(account.number()), message, answer));
    }
}
