package undersaw.calc;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import undersaw.line.LineId;

/** What an account brings as a whole, or part by part where it is split between lines. */
final class SplitPostings {
    private SplitPostings() {}

    private record Way(LineId line, String why) {}

    static List<Posting> of(Plan plan, AccountPosition position) {
        if (!position.mapping().isSplit()) {
            return plan.postingRule().post(position);
        }
        // two parts may reach one line by the same way, such as net income: there they are one
        Map<Way, Posting> postings = new LinkedHashMap<>();
        for (AccountPosition part : position.parts()) {
            for (Posting posting : plan.postingRule().post(part)) {
                String why = posting.why().isEmpty() ? "part of the account" : posting.why();
                Posting fixed = new Posting(posting.account(), posting.line(), posting.amount(), Portion.FIXED, why);
                postings.merge(
                        new Way(posting.line(), why),
                        fixed,
                        (one, other) -> new Posting(
                                one.account(), one.line(), one.amount().plus(other.amount()), Portion.FIXED, why));
            }
        }
        return List.copyOf(postings.values());
    }
}
