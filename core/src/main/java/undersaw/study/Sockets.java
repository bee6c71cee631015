package undersaw.study;

import java.util.function.Function;
import java.util.function.Supplier;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Division;
import undersaw.form.formula.Term;
import undersaw.line.LineId;

/**
 * What a comparison takes from the return whose books it compares.
 *
 * @param kind which kind of entity the return is
 * @param income business income as the return has it, owners' pay deducted
 * @param pay what was deducted for owners' work in all
 * @param paidTo what was paid to each owner; each owner's share of the whole where the return does not tell
 * @param other income of other kinds at ordinary rates, less what goes with it
 * @param preferred qualified dividends and long-term gains
 * @param gifts contributions to charity
 * @param exempt exempt income less what is never deducted
 * @param distributions paid to owners
 * @param entityTax what an S corporation owes itself
 * @param dividends what it pays out of earnings of other years
 * @param active whether an owner works in the business, where nobody says
 * @param byShare how a line is divided among the owners
 */
public record Sockets(
        Kind kind,
        Supplier<? extends Term> income,
        Supplier<? extends Term> pay,
        Supplier<? extends Term> paidTo,
        Supplier<? extends Term> other,
        Supplier<? extends Term> preferred,
        Supplier<? extends Term> gifts,
        Supplier<? extends Term> exempt,
        Supplier<? extends Term> distributions,
        Supplier<? extends Term> entityTax,
        Supplier<? extends Term> dividends,
        Supplier<Condition> active,
        Function<LineId, Division> byShare) {}
