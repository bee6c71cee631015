package undersaw.web.payments;

import java.security.Principal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import undersaw.engagement.Change;
import undersaw.ledger.Carryover;
import undersaw.ledger.CarryoverKind;
import undersaw.money.Money;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Answers;
import undersaw.web.frame.Signature;
import undersaw.web.frame.TypedArithmetic;

/** What earlier years left, by kind and year of origin. */
@Controller
class CarryoversController {
    private final Workspace workspace;
    private final Signature signature;

    CarryoversController(Workspace workspace, Signature signature) {
        this.workspace = workspace;
        this.signature = signature;
    }

    @PostMapping("/e/{id}/return/carryovers")
    ModelAndView carry(
            @PathVariable long id,
            @RequestParam String year,
            @RequestParam String kind,
            @RequestParam String amount,
            Principal principal,
            Answers answers) {
        Optional<Money> money = TypedArithmetic.positive(amount);
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
        return PaymentsPage.again(id);
    }

    @PostMapping("/e/{id}/return/carryovers/remove")
    ModelAndView remove(
            @PathVariable long id,
            @RequestParam int place,
            @RequestParam String was,
            Principal principal,
            Answers answers) {
        RowRemoval<Carryover> removal = new RowRemoval<>(place, was);
        workspace.change(
                id,
                signature.name(principal),
                open -> removal.from(open.snapshot().lists().carryovers())
                        .map(Change.CarryoversSet::new)
                        .orElse(null));
        return removal.answer(id, answers);
    }
}
