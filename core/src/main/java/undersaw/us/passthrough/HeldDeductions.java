package undersaw.us.passthrough;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import undersaw.form.Line;
import undersaw.us.forms.Form1125A;
import undersaw.us.forms.Form4562;
import undersaw.us.forms.Form8990;
import undersaw.us.passthrough.OwnersItems.OtherRental;

/**
 * The deductions of a pass-through return, held against its books for Schedule M-1.
 *
 * @param returns and allowances, taken off receipts
 * @param page1 the deductions of page 1
 * @param interest that of them which Form 8990 limits
 * @param others that of them which takes amortization
 * @param limit what the limit changes
 * @param written what is amortized
 * @param cost of goods sold
 */
public record HeldDeductions(
        Line returns, Deductions page1, Line interest, Line others, Form8990 limit, Form4562 written, Form1125A cost) {
    /** Together with those of Schedule K. */
    public List<Held> with(OwnersItems items, OtherRental rental) {
        List<Held> held = new ArrayList<>();
        held.add(Held.byBooks(returns));
        page1.ofBooks().forEach(line -> held.add(Held.byBooks(line)));
        held.add(new Held(interest, interest.fromAccounts().plus(limit.change)));
        held.add(new Held(others, others.fromAccounts().plus(written.amortizationOnPage1)));
        Stream.of(cost.purchases, cost.labor, cost.section263A, cost.otherCosts)
                .forEach(line -> held.add(new Held(line, line.unreplaced())));
        items.deductionsOfBooks().forEach(line -> held.add(Held.byBooks(line)));
        held.add(new Held(rental.costs(), rental.costs().fromAccounts().plus(rental.depreciation())));
        return held;
    }
}
