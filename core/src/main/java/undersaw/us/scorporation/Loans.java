package undersaw.us.scorporation;

import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.formula.Divided;
import undersaw.form.formula.Rounded;
import undersaw.money.Unit;
import undersaw.owners.ByAmounts;
import undersaw.owners.OwnerRegister;

/** What each shareholder lent the corporation, from the accounts that name them: item I of Schedule K-1. */
final class Loans extends Form {
    final Line opening;
    final Line closing;
    final Line unnamed;
    final Line repaid;
    final Line begin;
    final Line end;

    Loans() {
        super("1120-S", "Loans from shareholders");
        part("LOAN", "Loans from shareholders", "IRC 1366(d)(1)(B)")
                .worksheet()
                .in(Unit.CENTS)
                .per(OwnerRegister.ROWS)
                .membersAcross();
        unnamed = line("LOAN/unnamed", "Lent by nobody by name").fromBooks().once();
        opening = line("LOAN/opening", "Lent at the beginning of the year").fromBooks();
        closing = line("LOAN/closing", "Lent at the end of the year").fromBooks();
        repaid = line("LOAN/repaid", "Paid back in the year")
                .is(opening.minus(closing).notBelowZero());
        part(
                        "K-1-loans",
                        "K-1 loans: what each shareholder lent",
                        "Instructions for Schedule K-1 (Form 1120-S), item I")
                .per(OwnerRegister.ROWS)
                .membersAcross();
        begin = line("K-1/I/begin", "Loans from the shareholder, beginning of year")
                .is(new Rounded(opening.asFormula()));
        end = line("K-1/I/end", "Loans from the shareholder, end of year").is(new Rounded(closing.asFormula()));
    }

    /** Box 16E. */
    Divided box(Line repaidInAll) {
        return new Divided(new ByAmounts(repaidInAll.id(), repaid.id()));
    }
}
