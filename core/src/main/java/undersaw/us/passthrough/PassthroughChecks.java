package undersaw.us.passthrough;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import undersaw.check.AccountCheck;
import undersaw.check.BooksChecks;
import undersaw.check.Check;
import undersaw.check.ClientChecks;
import undersaw.us.forms.TreatmentTable;

/**
 * Every check of a pass-through return: those that partnerships and S corporations share, and its own. Codes and
 * conditions from the rulebook, from memory.
 *
 * @param at where the return has what is checked
 * @param must questions without whose answer nothing is filed
 * @param own checks that this return alone has
 * @param ownOfAccounts the same of single accounts
 */
public record PassthroughChecks(ReturnLines at, Set<String> must, List<Check> own, List<AccountCheck> ownOfAccounts) {
    /** Checks of the books that have a number of their own on these returns. */
    private static final Map<String, String> OF_BOOKS = Map.of("0404", "0101", "0404/opening", "0102", "0402", "0106");

    /** The checks of figures, one group after another. */
    List<Check> all(TreatmentTable treatments) {
        return Stream.of(
                        new ClientChecks("B").all(),
                        books(treatments).all(),
                        new AmountChecks(at).all(),
                        new QuestionChecks(at, must).all(),
                        own,
                        List.of(new LateCheck(at).check()),
                        new QualifiedChecks(at).all(),
                        new BalanceChecks(at).all(),
                        new RentalChecks(at.letter()).all())
                .flatMap(List::stream)
                .toList();
    }

    /** The checks of single accounts. */
    List<AccountCheck> ofAccounts(TreatmentTable treatments) {
        return Stream.of(books(treatments).ofAccounts(), ownOfAccounts, new AccountChecks(at, treatments).all())
                .flatMap(List::stream)
                .toList();
    }

    private BooksChecks books(TreatmentTable treatments) {
        return new BooksChecks(
                number -> OF_BOOKS.containsKey(number) ? at.check(OF_BOOKS.get(number)) : "B-" + number,
                plan -> plan.forms().get(0),
                treatments::find);
    }
}
