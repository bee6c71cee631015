package undersaw.ledger;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;
import undersaw.money.Money;

/**
 * One line of the client's own general ledger.
 *
 * @param account the account's number
 * @param date the day it is dated; null for a balance brought forward
 * @param reference the client's reference, such as a voucher number; empty where there is none
 * @param memo the client's words
 * @param amount debit positive
 */
public record LedgerTransaction(
        String account, @Nullable LocalDate date, String reference, String memo, Money amount) {}
