package undersaw.us.corporation;

import static undersaw.form.formula.Formulas.NOTHING;
import static undersaw.form.formula.Formulas.dollars;
import static undersaw.form.formula.Formulas.greatest;
import static undersaw.form.formula.Formulas.sum;
import static undersaw.form.formula.Formulas.when;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.Section;
import undersaw.form.formula.Formula;
import undersaw.ledger.Side;

/** Form 1120, Schedule M-2: unappropriated retained earnings (2024 form, from memory). */
final class ScheduleM2 extends Form {
    private static final long ROUNDING_UP_TO = 5;

    final Line opening;
    final Line netIncome;
    final Line cash;
    final Line stock;
    final Line property;
    final Line closing;

    ScheduleM2(CorporationForms all) {
        super("1120", "Schedule M-2");
        part("M-2", "Schedule M-2: retained earnings", "Instructions for Form 1120, Schedule M-2")
                .excusedWhen(() -> all.scheduleK.small.answered("yes"));
        opening = line("M-2/1", "Balance at the beginning of the year")
                .is(() -> all.scheduleL.retainedEarnings.opening());
        netIncome = line("M-2/2", "Net income per books")
                .is(() -> all.scheduleM1.bookIncome)
                .always();
        Line increases = line("M-2/3", "Other increases").withStatement();
        section(Section.EQUITY);
        mappableClosing(increases, Side.CREDIT);
        Line raised = line("M-2/4", "Lines 1 to 3")
                .is(sum(opening, netIncome, increases))
                .always();
        cash = distribution("M-2/5a", "Distributions in cash");
        stock = distribution("M-2/5b", "Distributions in stock");
        property = distribution("M-2/5c", "Distributions in property");
        Line decreases = line("M-2/6", "Other decreases").withStatement();
        mappableClosing(decreases, Side.DEBIT);
        Line lowered = line("M-2/7", "Lines 5 and 6").is(sum(cash, stock, property, decreases));
        closing = line("M-2/8", "Balance at the end of the year")
                .is(raised.minus(lowered))
                .always();

        part("W-M2", "Movements of retained earnings", "Instructions for Form 1120, Schedule M-2")
                .worksheet();
        Line movement = line("W-M2/1", "Movement of the retained earnings accounts themselves")
                .fromBooks();
        Line rise = line("W-M2/2", "Of these, increases").is(movement.notBelowZero());
        Line fall =
                line("W-M2/3", "Of these, decreases").is(NOTHING.minus(movement).notBelowZero());
        Line residue = line("W-M2/4", "Schedule L line 25 less Schedule M-2 before rounding")
                .is(() -> all.scheduleL
                        .retainedEarnings
                        .closing()
                        .minus(sum(opening, netIncome, increases.fromAccounts(), rise)
                                .minus(sum(cash, stock, property, decreases.fromAccounts(), fall))));
        Line rounding = line("W-M2/5", "Rounding placed on Schedule M-2").is(small(residue));
        Line added = line("W-M2/6", "Rounding").is(rounding.notBelowZero());
        Line taken = line("W-M2/7", "Rounding").is(NOTHING.minus(rounding).notBelowZero());
        increases.fromBooksAnd(() -> sum(increases.fromAccounts(), rise, added));
        decreases.fromBooksAnd(() -> sum(decreases.fromAccounts(), fall, taken));
    }

    private Line distribution(String within, String caption) {
        Line line = line(within, caption).fromBooks().cites("IRC 301");
        mappableClosing(line, Side.DEBIT);
        return line;
    }

    private static Formula small(Line residue) {
        return when(greatest(residue, NOTHING.minus(residue)).isAtLeast(dollars(ROUNDING_UP_TO + 1)), NOTHING, residue);
    }
}
