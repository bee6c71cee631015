package undersaw.us.nonprofit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import undersaw.calc.AccountPosition;
import undersaw.calc.Portion;
import undersaw.calc.Posting;
import undersaw.calc.PostingRule;
import undersaw.form.MapTarget;
import undersaw.ledger.Side;
import undersaw.ledger.Treatment.Reach;
import undersaw.line.LineId;
import undersaw.money.Money;

/**
 * What an account brings to a small nonprofit's return.
 *
 * <p>An account of revenue or expense reaches the books' change in net assets whole, its line by its treatment, what
 * it serves by the same, and the walk from the books to line 18 by what is left out. A balance-sheet account reaches
 * both columns of Part II.
 */
final class NonprofitPostings implements PostingRule {
    private static final LineId OTHER_CHANGES = line("20");
    private static final LineId NET_ASSETS = line("27");
    private static final LineId CLOSING = line("W-NA/2");
    private static final LineId RESTRICTED_OPENING = line("W-NA/3");
    private static final LineId RESTRICTED_CLOSING = line("W-NA/4");
    private static final LineId BOOK_CHANGE = line("W-BK/1");
    private static final LineId SERVICES_SPENT = line("W-BK/2");
    private static final LineId SERVICES_GIVEN = line("W-BK/3");
    private static final LineId UNREALIZED = line("W-BK/4");
    private static final LineId PLEDGES = line("W-BK/5");
    private static final LineId UNASSIGNED = line("W-FN/4");
    private static final int FIRST_EXPENSE = 10;
    private static final int LAST_EXPENSE = 16;
    private static final Map<String, LineId> FUNCTIONS = Map.of(
            TreatmentsNonprofit.PROGRAM, line("W-FN/1"),
            TreatmentsNonprofit.MANAGEMENT, line("W-FN/2"),
            TreatmentsNonprofit.FUNDRAISING, line("W-FN/3"));

    private final Map<LineId, MapTarget> targets = new HashMap<>();

    NonprofitPostings(List<MapTarget> all) {
        all.forEach(target -> targets.put(target.id(), target));
    }

    private static LineId line(String within) {
        return LineId.of(NonprofitReturn.CODE + "/" + within);
    }

    @Override
    public List<Posting> post(AccountPosition position) {
        Posts posts = new Posts(position, new ArrayList<>());
        MapTarget target = targets.get(position.mapping().line());
        if (target != null && position.account().onIncomeStatement()) {
            postActivity(position, target, posts);
        } else if (target != null) {
            postBalance(position, target, posts);
        }
        return posts.all();
    }

    private static void postBalance(AccountPosition position, MapTarget target, Posts posts) {
        Money opening = target.side().natural(position.opening());
        Money closing = target.side().natural(position.adjusted());
        if (target.opening() != null) {
            posts.to(target.opening(), opening, Portion.OPENING, "");
        }
        posts.to(target.closing(), closing, Portion.CLOSING, "");
        if (target.id().equals(NET_ASSETS) && position.mapping().treatment().equals(TreatmentsNonprofit.RESTRICTED)) {
            posts.to(RESTRICTED_OPENING, opening, Portion.OPENING, "");
            posts.to(RESTRICTED_CLOSING, closing, Portion.CLOSING, "");
        }
    }

    private static void postActivity(AccountPosition position, MapTarget target, Posts posts) {
        Money credit = position.adjusted().negated();
        String treatment = position.mapping().treatment();
        posts.to(BOOK_CHANGE, credit, Portion.CLOSING, "");
        posts.to(CLOSING, credit, Portion.CLOSING, "the year's income");
        Reach reach = TreatmentsNonprofit.find(treatment).orElseThrow().reach();
        if (reach == Reach.WHOLE) {
            Money amount = target.side().natural(position.adjusted().plus(position.taxEntries()));
            Portion portion = position.taxEntries().isZero() ? Portion.CLOSING : Portion.FIXED;
            posts.to(target.closing(), amount, portion, "");
            if (target.id().equals(OTHER_CHANGES)) {
                // what goes to line 20 is no part of the year's excess
                posts.to(UNREALIZED, credit, Portion.CLOSING, "shown on line 20");
            }
            if (isExpense(target.id())) {
                posts.to(FUNCTIONS.getOrDefault(treatment, UNASSIGNED), amount, portion, "");
            }
        } else {
            leaveOut(position, target, credit, posts);
        }
    }

    private static void leaveOut(AccountPosition position, MapTarget target, Money credit, Posts posts) {
        boolean revenue = target.side() == Side.CREDIT;
        switch (position.mapping().treatment()) {
            case TreatmentsNonprofit.UNREALIZED -> {
                posts.to(OTHER_CHANGES, credit, Portion.CLOSING, "not realized");
                posts.to(UNREALIZED, credit, Portion.CLOSING, "");
            }
            case TreatmentsNonprofit.PLEDGE -> posts.to(PLEDGES, credit, Portion.CLOSING, "");
            default ->
                posts.to(
                        revenue ? SERVICES_GIVEN : SERVICES_SPENT,
                        revenue ? credit : credit.negated(),
                        Portion.CLOSING,
                        "");
        }
    }

    private static boolean isExpense(LineId line) {
        String number = line.within();
        return number.matches("\\d\\d")
                && Integer.parseInt(number) >= FIRST_EXPENSE
                && Integer.parseInt(number) <= LAST_EXPENSE;
    }

    /** What one account brings, put together. */
    private record Posts(AccountPosition position, List<Posting> all) {
        void to(LineId line, Money amount, Portion portion, String why) {
            all.add(new Posting(position.account().number(), line.alone(), amount, portion, "", why));
        }
    }
}
