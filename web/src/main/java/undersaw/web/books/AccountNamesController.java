package undersaw.web.books;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.Principal;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import undersaw.engagement.Change;
import undersaw.ledger.Account;
import undersaw.ledger.StatementKind;
import undersaw.web.desk.Refused;
import undersaw.web.desk.Workspace;
import undersaw.web.frame.Signature;

/** Accounts added by hand, and accounts that get another name or stand on the other statement. */
@Controller
class AccountNamesController {
    private final Workspace workspace;
    private final NewAccounts accounts;
    private final Signature signature;

    AccountNamesController(Workspace workspace, NewAccounts accounts, Signature signature) {
        this.workspace = workspace;
        this.accounts = accounts;
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
            return new Change.Several(accounts.adding(open, account));
        });
        return page(id, account.number());
    }

    private static Account account(String number, String name, StatementKind statement) {
        String problem = NewAccounts.problem(number, name);
        if (!problem.isEmpty()) {
            throw new Refused(HttpStatus.UNPROCESSABLE_CONTENT, problem);
        }
        return NewAccounts.of(number, name, statement);
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
