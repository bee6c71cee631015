package undersaw.form.formula;

import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;
import undersaw.law.Law;
import undersaw.law.calendar.Period;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.money.Unit;

/** The figures that a formula may ask for while it is evaluated. */
public interface Figures {
    /** The line's amount; nothing where the line is empty. */
    Money amount(LineId line);

    /** What the line would hold had nobody typed over it. */
    Money unreplaced(LineId line);

    /** The answer or words on a line; empty where there are none. */
    String answer(LineId line);

    /** The day on a line; null where it is empty or holds words. */
    @Nullable
    LocalDate day(LineId line);

    /** In what amounts of the line that is being found are given. */
    Unit unit();

    /** Exact cents that accounts bring to the line. */
    Money posted(LineId line);

    /** A line summed over its members, to the cent. */
    Money total(Total total);

    /** The part of the member that is being looked at: cents, or millionths of what is no amount. */
    long part(Division division);

    Money paid(PaymentKind kind);

    /** Carryovers of a kind from years of origin within the span. */
    Money carried(CarryoverKind kind, YearSpan years);

    /** Payments of tax for the year, in the order in which they are listed. */
    List<Payment> payments();

    /** The period of the return. */
    Period period();

    Law law();
}
