package undersaw.web.payments;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.servlet.ModelAndView;
import undersaw.engagement.Station;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.frame.StationPage;

/** The page of payments, instalments and carryovers behind the return. */
@Controller
class PaymentsPage {
    private final StationPage page;

    PaymentsPage(StationPage page) {
        this.page = page;
    }

    @GetMapping("/e/{id}/return/lists")
    String show(@PathVariable long id, Model model) {
        OpenEngagement open = page.open(id, Station.RETURN, model);
        model.addAttribute("payments", open.snapshot().lists().payments());
        model.addAttribute("carryovers", open.snapshot().lists().carryovers());
        model.addAttribute("paymentKinds", PaymentKind.values());
        model.addAttribute("carryoverKinds", CarryoverKind.values());
        model.addAttribute(
                "paid",
                Money.sum(open.snapshot().lists().payments().stream()
                        .map(Payment::amount)
                        .toList()));
        model.addAttribute("instalments", open.kind().instalments(open.calculation()));
        model.addAttribute("nextYear", open.kind().instalmentsOfNextYear(open.calculation()));
        model.addAttribute("booked", open.kind().bookedTax(open.calculation()).orElse(null));
        model.addAttribute(
                "bank",
                open.calculation().plan().line(LineId.of("bank/routing")).isPresent());
        return "payments/payments";
    }

    /** Back to the page once a change is kept. */
    static ModelAndView again(long id) {
        return new ModelAndView("redirect:/e/" + id + "/return/lists");
    }
}
