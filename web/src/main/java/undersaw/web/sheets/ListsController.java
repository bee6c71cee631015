package undersaw.web.sheets;

import java.security.Principal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import undersaw.engagement.Change;
import undersaw.engagement.Station;
import undersaw.ledger.Carryover;
import undersaw.ledger.CarryoverKind;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Answers;
import undersaw.web.frame.Signature;
import undersaw.web.frame.StationPage;
import undersaw.web.frame.TypedArithmetic;

/** The lists behind the return: payments of tax, and what earlier years left. */
@Controller
class ListsController {
    private final Workspace workspace;
    private final StationPage page;
    private final Signature signature;

    ListsController(Workspace workspace, StationPage page, Signature signature) {
        this.workspace = workspace;
        this.page = page;
        this.signature = signature;
    }

    @GetMapping("/e/{id}/return/lists")
    String lists(@PathVariable long id, Model model) {
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
        return "sheets/lists";
    }

    @PostMapping("/e/{id}/return/carryovers")
    ModelAndView carry(
            @PathVariable long id,
            @RequestParam String year,
            @RequestParam String kind,
            @RequestParam String amount,
            Principal principal,
            Answers answers) {
        Optional<Money> money = amount(amount);
        Optional<CarryoverKind> carried = CarryoverKind.parse(kind);
        if (money.isEmpty() || carried.isEmpty() || !year.strip().matches("\\d{4}")) {
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Expected a year of four digits and a positive amount such as 16500.");
        }
        workspace.change(id, signature.name(principal), open -> {
            List<Carryover> carryovers = new ArrayList<>(open.snapshot().lists().carryovers());
            carryovers.add(new Carryover(carried.get(), Integer.parseInt(year.strip()), money.get()));
            return new Change.CarryoversSet(carryovers);
        });
        return back(id);
    }

    @PostMapping("/e/{id}/return/carryovers/remove")
    ModelAndView removeCarryover(@PathVariable long id, @RequestParam int place, Principal principal) {
        workspace.change(id, signature.name(principal), open -> {
            List<Carryover> carryovers = new ArrayList<>(open.snapshot().lists().carryovers());
            if (place < 0 || place >= carryovers.size()) {
                return null;
            }
            carryovers.remove(place);
            return new Change.CarryoversSet(carryovers);
        });
        return back(id);
    }

    private static Optional<Money> amount(String typed) {
        return TypedArithmetic.read(typed)
                .filter(Money::isPlain)
                .map(Money::parse)
                .filter(Money::isPositive);
    }

    private static ModelAndView back(long id) {
        return new ModelAndView("redirect:/e/" + id + "/return/lists");
    }
}
