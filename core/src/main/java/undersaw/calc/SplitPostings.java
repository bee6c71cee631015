package undersaw.calc;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import undersaw.line.LineKey;
import undersaw.money.Money;

/** What an account brings as a whole, or part by part where it is split between lines. */
final class SplitPostings {
    private SplitPostings() {}

    private record Way(LineKey place, String why) {}

    static List<Posting> of(Plan plan, AccountPosition position) {
        if (!position.mapping().isSplit()) {
            return plan.postingRule().post(position);
        }
        // two parts may reach one line by the same way, such as net income: there they are one
        Map<Way, Posting> postings = new LinkedHashMap<>();
        for (AccountPosition part : position.parts()) {
            for (Posting posting : plan.postingRule().post(part)) {
                String why = posting.why().isEmpty() ? "part of the account" : posting.why();
                postings.merge(
                        new Way(posting.place(), why),
                        fixed(posting, posting.amount(), why),
                        (one, other) -> fixed(one, one.amount().plus(other.amount()), why));
            }
        }
        return List.copyOf(postings.values());
    }

    private static Posting fixed(Posting posting, Money amount, String why) {
        return new Posting(posting.account(), posting.place(), amount, Portion.FIXED, posting.treatment(), why);
    }
}
