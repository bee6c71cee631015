package undersaw.ledger;

import undersaw.money.Money;

/**
 * An amount that an earlier year left unused.
 *
 * @param kind what it is
 * @param year the calendar year in which its tax year of origin began
 * @param amount positive, unused at the start of this year
 */
public record Carryover(CarryoverKind kind, int year, Money amount) {}
