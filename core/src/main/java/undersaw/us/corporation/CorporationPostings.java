package undersaw.us.corporation;

import java.util.ArrayList;
import java.util.List;
import undersaw.calc.AccountPosition;
import undersaw.calc.Portion;
import undersaw.calc.Posting;
import undersaw.calc.PostingRule;
import undersaw.form.MapTarget;
import undersaw.ledger.Side;
import undersaw.ledger.Treatment;
import undersaw.ledger.Treatment.Reach;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.us.forms.TaxAmount;
import undersaw.us.forms.TreatmentTable;

/**
 * What an account brings to a corporation's return.
 *
 * <p>An income-statement account reaches book net income and retained earnings whole, its tax line by its treatment,
 * and Schedule M-1 by the difference. A balance-sheet account reaches both columns of Schedule L.
 */
final class CorporationPostings implements PostingRule {
    private static final LineId BOOK_INCOME = LineId.of("1120/M-1/1");
    private static final LineId RETAINED_OPENING = LineId.of("1120/L/25/b");
    private static final LineId RETAINED_CLOSING = LineId.of("1120/L/25/d");
    private static final LineId RETAINED = LineId.of("1120/L/25");
    private static final LineId MOVEMENT = LineId.of("1120/W-M2/1");
    private static final LineId INVENTORIES = LineId.of("1120/L/3");
    private static final LineId OPENING_INVENTORY = LineId.of("1125-A/1");
    private static final LineId CLOSING_INVENTORY = LineId.of("1125-A/7");
    private static final LineId PERPETUAL = LineId.of("1125-A/W-COGS/1");
    private static final LineId EXEMPT_INTEREST = LineId.of("1120/K/9");
    private static final LineId FEDERAL_TAX = LineId.of("1120/M-1/2");

    private final TreatmentTable treatments;
    private final CorporationTargets targets;
    private final M3Rows.Finder m3 = new M3Rows.Finder();

    CorporationPostings(TreatmentTable treatments, CorporationTargets targets) {
        this.treatments = treatments;
        this.targets = targets;
    }

    @Override
    public List<Posting> post(AccountPosition position) {
        MapTarget target = targets.find(position.mapping().line());
        if (target == null) {
            return List.of();
        }
        List<Posting> postings = new ArrayList<>();
        if (position.account().onIncomeStatement()) {
            postIncome(position, target, postings);
        } else {
            postBalance(position, target, postings);
        }
        return postings;
    }

    private void postBalance(AccountPosition position, MapTarget target, List<Posting> postings) {
        Money opening = position.opening();
        Money closing = position.adjusted();
        if (target.id().text().startsWith("1120/M-2/")) {
            postRetained(position, target, postings);
            return;
        }
        if (target.opening() != null) {
            add(
                    postings,
                    position,
                    target.opening(),
                    new TaxAmount(target.side().natural(opening), Portion.OPENING, ""));
        }
        add(postings, position, target.closing(), new TaxAmount(target.side().natural(closing), Portion.CLOSING, ""));
        if (target.id().equals(INVENTORIES) && !position.mapping().treatment().equals("inventory-reserve")) {
            add(postings, position, OPENING_INVENTORY, new TaxAmount(opening, Portion.OPENING, ""));
            add(postings, position, CLOSING_INVENTORY, new TaxAmount(closing, Portion.CLOSING, ""));
        }
        if (target.id().equals(RETAINED)) {
            add(
                    postings,
                    position,
                    MOVEMENT,
                    new TaxAmount(opening.minus(closing), Portion.FIXED, "closing less opening"));
        }
    }

    /** An account of a line of Schedule M-2 is a part of retained earnings. */
    private static void postRetained(AccountPosition position, MapTarget target, List<Posting> postings) {
        Money opening = position.opening();
        Money closing = position.adjusted();
        add(
                postings,
                position,
                target.closing(),
                new TaxAmount(target.side().natural(closing.minus(opening)), Portion.FIXED, ""));
        add(postings, position, RETAINED_OPENING, new TaxAmount(opening.negated(), Portion.OPENING, target.caption()));
        add(postings, position, RETAINED_CLOSING, new TaxAmount(closing.negated(), Portion.CLOSING, target.caption()));
    }

    private void postIncome(AccountPosition position, MapTarget target, List<Posting> postings) {
        Money book = position.adjusted();
        add(postings, position, BOOK_INCOME, new TaxAmount(book.negated(), Portion.CLOSING, ""));
        add(
                postings,
                position,
                RETAINED_CLOSING,
                new TaxAmount(book.negated(), Portion.CLOSING, "net income of the year"));
        Treatment treatment = treatment(position);
        if (target.id().equals(FEDERAL_TAX)) {
            add(postings, position, FEDERAL_TAX, new TaxAmount(book, Portion.CLOSING, ""));
            postM3(position, target, book.negated(), postings);
            return;
        }
        if (treatment.id().equals("inventory-change")) {
            postM3(position, target, Money.ZERO, postings);
        }
        if (treatment.reach() == Reach.ELSEWHERE || targets.isFoundElsewhere(target.id())) {
            TaxAmount whole = new TaxAmount(targets.pool(treatment, target.id(), book), Portion.CLOSING, "");
            targets.poolOf(treatment, target.id()).ifPresent(pool -> add(postings, position, pool, whole));
            return;
        }
        TaxAmount reached = TaxAmount.of(position, treatment, target.side());
        Money withTax = reached.amount().plus(target.side().natural(position.taxEntries()));
        Portion portion = position.taxEntries().isZero() ? reached.portion() : Portion.FIXED;
        add(postings, position, target.closing(), new TaxAmount(withTax, portion, reached.why()));
        if (treatment.id().equals("cost-of-sales-perpetual")) {
            add(postings, position, PERPETUAL, new TaxAmount(book, Portion.CLOSING, ""));
        }
        postDifference(position, target, withTax, postings);
        postM3(position, target, withTax.minus(target.side().natural(book)), postings);
    }

    private Treatment treatment(AccountPosition position) {
        return treatments.in(position.lawYear(), position.mapping().treatment());
    }

    /** The account's part of Schedule M-3: the book amount, and what the return shows more or less of it. */
    private void postM3(AccountPosition position, MapTarget target, Money difference, List<Posting> postings) {
        Treatment treatment = treatment(position);
        boolean income = target.side() == Side.CREDIT;
        String row = m3.row(treatment.id(), target.id(), income, !difference.isZero());
        // Part II counts income up, Part III expense up
        boolean turned = row.startsWith("II/") != income;
        Money book = target.side().natural(position.adjusted());
        add(
                postings,
                position,
                M3Rows.line(row, "a"),
                new TaxAmount(turned ? book.negated() : book, Portion.FIXED, ""));
        if (row.equals("II/28")) {
            add(
                    postings,
                    position,
                    M3Rows.line(row, "d"),
                    new TaxAmount(turned ? book.negated() : book, Portion.FIXED, ""));
        } else if (!difference.isZero()) {
            add(
                    postings,
                    position,
                    M3Rows.line(row, treatment.permanent() ? "c" : "b"),
                    TaxAmount.difference(turned ? difference.negated() : difference, Portion.FIXED, treatment));
        }
    }

    /** Tax effect on income less book effect on income, where they differ. */
    private void postDifference(AccountPosition position, MapTarget target, Money reached, List<Posting> postings) {
        Treatment treatment = treatment(position);
        boolean income = target.side() == Side.CREDIT;
        Money book = target.side().natural(position.adjusted());
        Money difference = income ? reached.minus(book) : book.minus(reached);
        if (difference.isZero()) {
            return;
        }
        LineId line = treatments.differenceLine(treatment, income, difference);
        boolean adds = line.text().startsWith("1120/M-1/4") || line.text().startsWith("1120/M-1/5");
        Portion portion = switch (treatment.reach()) {
            case NONE -> Portion.CLOSING;
            case HALF -> Portion.REST_OF_HALF;
            default -> Portion.FIXED;
        };
        Portion exact = position.taxEntries().isZero() ? portion : Portion.FIXED;
        add(postings, position, line, TaxAmount.difference(adds ? difference : difference.negated(), exact, treatment));
        if (treatment.id().equals("interest-exempt")) {
            add(postings, position, EXEMPT_INTEREST, TaxAmount.difference(difference.negated(), exact, treatment));
        }
    }

    private static void add(List<Posting> postings, AccountPosition position, LineId line, TaxAmount part) {
        postings.add(new Posting(
                position.account().number(),
                line.alone(),
                part.amount(),
                part.portion(),
                part.treatment(),
                part.why()));
    }
}
