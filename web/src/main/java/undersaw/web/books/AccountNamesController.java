package undersaw.web.books;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import undersaw.engagement.Change;
import undersaw.ledger.Account;
import undersaw.ledger.StatementKind;
import undersaw.money.Money;
import undersaw.web.desk.OpenEngagement;
import undersaw.web.desk.Refused;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Signature;
import undersaw.web.learn.Suggester;

/** Accounts added by hand, and accounts that get another name or stand on the other statement. */
@Controller
class AccountNamesController {
    private static final int LONGEST_NUMBER = 40;
    private static final int LONGEST_NAME = 200;

    private final Workspace workspace;
    private final Suggester suggester;
    private final Signature signature;

    AccountNamesController(Workspace workspace, Suggester suggester, Signature signature) {
        this.workspace = workspace;
        this.suggester = suggester;
        this.signature = signature;
    }

    /** A new account without a balance, such as one to accrue to; it is suggested a line as imported ones are. */
    @PostMapping("/e/{id}/books/account/add")
    ModelAndView add(
            @PathVariable long id,
            @RequestParam String number,
            @RequestParam String name,
            @RequestParam StatementKind statement,
            Principal principal) {
        Account account = account(number, name, statement);
        workspace.change(id, signature.name(principal), open -> {
            Account known = open.snapshot().accounts().get(account.number());
            if (known != null) {
                throw new Refused(
                        HttpStatus.CONFLICT,
                        "Account " + account.number() + " is there already: " + known.name() + ".");
            }
            return added(open, account);
        });
        return page(id, account.number());
    }

    private Change added(OpenEngagement open, Account account) {
        List<Change> changes = new ArrayList<>(List.of(new Change.AccountSet(account)));
        suggester
                .best(open.kind(), List.of(account))
                .values()
                .forEach(found -> changes.add(new Change.MappingsSet(Map.of(account.number(), found.unconfirmed()))));
        return new Change.Several(changes);
    }

    private static Account account(String number, String name, StatementKind statement) {
        String id = number.strip();
        String called = name.strip();
        if (id.isEmpty() || id.length() > LONGEST_NUMBER || called.isEmpty() || called.length() > LONGEST_NAME) {
            throw new Refused(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "An account has a number of up to 40 characters and a name of up to 200.");
        }
        return new Account(id, called, statement, Money.ZERO, Money.ZERO);
    }

    /** Another name, or the other statement; what opened an income account would be lost, so that is refused. */
    @PostMapping("/e/{id}/books/account/rename")
    ModelAndView rename(
            @PathVariable long id,
            @RequestParam String number,
            @RequestParam String name,
            @RequestParam StatementKind statement,
            Principal principal) {
        Account wish = account(number, name, statement);
        workspace.change(id, signature.name(principal), open -> {
            Account known = open.snapshot().accounts().get(wish.number());
            if (known == null) {
                throw new Refused(HttpStatus.NOT_FOUND, "There is no account " + wish.number() + ".");
            }
            if (wish.onIncomeStatement() && !known.opening().isZero()) {
                throw new Refused(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        "Account " + known.number() + " opens with "
                                + known.opening().printedWithCents()
                                + ", and accounts of the income statement open with nothing. Clear the opening first.");
            }
            return new Change.AccountSet(
                    new Account(known.number(), wish.name(), wish.statement(), known.opening(), known.closing()));
        });
        return page(id, wish.number());
    }

    private static ModelAndView page(long id, String number) {
        return new ModelAndView(
                "redirect:/e/" + id + "/books/account?number=" + URLEncoder.encode(number, StandardCharsets.UTF_8));
    }
}
