package undersaw.web.payments;

import java.security.Principal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import undersaw.engagement.Change;
import undersaw.files.sheet.WrittenDate;
import undersaw.ledger.Entry;
import undersaw.ledger.Payment;
import undersaw.ledger.PaymentKind;
import undersaw.money.Money;
import undersaw.returns.BookedTax;
import undersaw.web.desk.Refused;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Answers;
import undersaw.web.frame.Signature;
import undersaw.web.frame.TypedArithmetic;

/** Payments of the year's tax as they are typed; and the books' tax expense brought to the return. */
@Controller
class PaymentsController {
    private static final int YEARS_AROUND = 3;

    private final Workspace workspace;
    private final Signature signature;

    PaymentsController(Workspace workspace, Signature signature) {
        this.workspace = workspace;
        this.signature = signature;
    }

    @PostMapping("/e/{id}/return/payments")
    ModelAndView pay(
            @PathVariable long id,
            @RequestParam String date,
            @RequestParam String kind,
            @RequestParam String amount,
            Principal principal,
            Answers answers) {
        Optional<Money> money = TypedArithmetic.positive(amount);
        Optional<PaymentKind> paid = PaymentKind.parse(kind);
        Optional<LocalDate> day = WrittenDate.read(date);
        if (day.isEmpty()) {
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT, "Found \"" + date + "\", expected a date such as 2025-04-15.");
        }
        int end = workspace.open(id).heading().period().end().getYear();
        if (Math.abs(day.get().getYear() - end) > YEARS_AROUND) {
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Found " + day.get() + ", and this engagement's year ends in " + end + ". Correct the date.");
        }
        if (money.isEmpty() || paid.isEmpty()) {
            return answers.refuse(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "Found \"" + amount + "\", expected a positive amount such as 16500.");
        }
        return add(id, List.of(new Payment(day.get(), paid.get(), money.get())), principal);
    }

    private ModelAndView add(long id, List<Payment> more, Principal principal) {
        workspace.change(id, signature.name(principal), open -> {
            List<Payment> payments = new ArrayList<>(open.snapshot().lists().payments());
            payments.addAll(more);
            payments.sort(Comparator.comparing(Payment::date));
            return new Change.PaymentsSet(payments);
        });
        return PaymentsPage.again(id);
    }

    @PostMapping("/e/{id}/return/payments/remove")
    ModelAndView remove(
            @PathVariable long id,
            @RequestParam int place,
            @RequestParam String was,
            Principal principal,
            Answers answers) {
        RowRemoval<Payment> removal = new RowRemoval<>(place, was);
        workspace.change(
                id,
                signature.name(principal),
                open -> removal.from(open.snapshot().lists().payments())
                        .map(Change.PaymentsSet::new)
                        .orElse(null));
        return removal.answer(id, answers);
    }

    /** The adjusting entry that brings the books' federal tax to the return's. */
    @PostMapping("/e/{id}/return/payments/book")
    ModelAndView book(@PathVariable long id, Principal principal) {
        workspace.change(id, signature.name(principal), now -> {
            Optional<BookedTax> booked = now.kind()
                    .bookedTax(now.calculation())
                    .filter(each -> !each.missing().isZero());
            if (booked.isEmpty()) {
                throw new Refused(
                        HttpStatus.CONFLICT,
                        "There is nothing to book: the books agree, or have no account for federal tax on either "
                                + "side.");
            }
            List<Entry> entries = new ArrayList<>(now.snapshot().lists().entries());
            String number = now.snapshot().lists().nextEntryNumber("T");
            entries.add(booked.get().entry(number, now.snapshot()));
            return new Change.EntriesSet(entries);
        });
        return PaymentsPage.again(id);
    }
}
