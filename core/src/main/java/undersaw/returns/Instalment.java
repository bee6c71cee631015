package undersaw.returns;

import java.time.LocalDate;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * A part of the year's estimated tax with its due date.
 *
 * @param number from 1
 * @param due the day it is due
 * @param required what is required
 * @param paid what was paid for it; zero for next year
 * @param missing what of it was not paid by then
 * @param line where it stands on the return
 */
public record Instalment(int number, LocalDate due, Money required, Money paid, Money missing, LineId line) {}
