package undersaw.ledger;

import undersaw.money.Money;

/**
 * One account's part of an entry.
 *
 * @param account the account's number
 * @param amount debit positive, credit negative
 */
public record EntryPosting(String account, Money amount) {}
