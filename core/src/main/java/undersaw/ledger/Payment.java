package undersaw.ledger;

import java.time.LocalDate;
import undersaw.money.Money;

/**
 * Tax paid for the year of the return.
 *
 * @param date the day it was paid
 * @param kind how it was paid
 * @param amount positive
 */
public record Payment(LocalDate date, PaymentKind kind, Money amount) {}
