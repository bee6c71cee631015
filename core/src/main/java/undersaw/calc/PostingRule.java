package undersaw.calc;

import java.util.List;

/** How one kind of return turns an account into amounts on lines. */
@FunctionalInterface
public interface PostingRule {
    /** Everything that the account brings, in no particular order; a line may come more than once. */
    List<Posting> post(AccountPosition position);
}
