package undersaw.us.passthrough;

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
import undersaw.ledger.Treatment;
import undersaw.ledger.Treatment.Reach;
import undersaw.line.LineId;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.us.forms.TaxAmount;
import undersaw.us.forms.TreatmentTable;
import undersaw.us.passthrough.Places.OwnerLine;

/**
 * What an account brings to the return of a partnership or an S corporation.
 *
 * <p>An income-statement account reaches book net income and equity whole, its line by its treatment, and Schedule M-1
 * by the difference; what is never deducted reaches Schedule K too. Accounts of a line that repeats reach the member
 * that they name.
 */
public final class PassthroughPostings implements PostingRule {
    /** The member that takes accounts of a line that repeats while nobody has said whose they are. */
    public static final String UNNAMED = "unnamed";

    private static final String COST_OF_SALES = "1125-A/8";

    private final TreatmentTable treatments;
    private final Map<LineId, MapTarget> targets = new HashMap<>();
    private final Places places;

    /** The rule of a return with these places to map to. */
    public PassthroughPostings(TreatmentTable treatments, List<MapTarget> all, Places places) {
        this.treatments = treatments;
        this.places = places;
        all.forEach(target -> targets.put(target.id(), target));
    }

    @Override
    public List<Posting> post(AccountPosition position) {
        MapTarget target = targets.get(position.mapping().line());
        if (target == null) {
            return List.of();
        }
        Account account = new Account(position, target, treatment(position), new ArrayList<>());
        if (position.account().onIncomeStatement()) {
            account.postIncome();
        } else {
            account.postBalance();
        }
        return account.postings();
    }

    private Treatment treatment(AccountPosition position) {
        return treatments.in(position.lawYear(), position.mapping().treatment());
    }

    /** One account while its postings are collected. */
    private final class Account {
        private final AccountPosition position;
        private final MapTarget target;
        private final Treatment treatment;
        private final List<Posting> postings;

        Account(AccountPosition position, MapTarget target, Treatment treatment, List<Posting> postings) {
            this.position = position;
            this.target = target;
            this.treatment = treatment;
            this.postings = postings;
        }

        List<Posting> postings() {
            return postings;
        }

        void postBalance() {
            Money opening = position.opening();
            Money closing = position.adjusted();
            if (target.opening() != null) {
                add(target.opening(), new TaxAmount(target.side().natural(opening), Portion.OPENING, ""));
            }
            add(target.closing(), new TaxAmount(target.side().natural(closing), Portion.CLOSING, ""));
            if (target.id().equals(places.inventories())) {
                add(LineId.of("1125-A/1"), new TaxAmount(opening, Portion.OPENING, ""));
                add(LineId.of("1125-A/7"), new TaxAmount(closing, Portion.CLOSING, ""));
            }
            List<OwnerLine> ofLine = places.ofLines().getOrDefault(target.id(), List.of());
            places.ofOwners().getOrDefault(treatment.id(), ofLine).forEach(this::postOwner);
        }

        void postIncome() {
            Money book = position.adjusted();
            add(places.bookIncome(), new TaxAmount(book.negated(), Portion.CLOSING, ""));
            add(
                    places.retained().column("d"),
                    new TaxAmount(book.negated(), Portion.CLOSING, "net income of the year"));
            switch (treatment.id()) {
                case "depreciation-books" -> add(places.depreciation(), new TaxAmount(book, Portion.CLOSING, ""));
                case "amortization-books" -> add(places.amortization(), new TaxAmount(book, Portion.CLOSING, ""));
                case "federal-tax" -> add(places.federalTax(), new TaxAmount(book, Portion.CLOSING, ""));
                case "inventory-change" -> {
                    // inventories on Schedule L do its work
                }
                case "disposal-books" -> postDifference(new TaxAmount(Money.ZERO, Portion.FIXED, ""));
                default -> postReached();
            }
        }

        private void postReached() {
            TaxAmount reached = isOutside()
                    ? new TaxAmount(target.side().natural(position.adjusted()), Portion.CLOSING, "")
                    : TaxAmount.of(position, treatment, target.side());
            Money withTax = reached.amount().plus(target.side().natural(position.taxEntries()));
            Portion portion = position.taxEntries().isZero() ? reached.portion() : Portion.FIXED;
            TaxAmount amount = new TaxAmount(withTax, portion, reached.why());
            if (target.id().text().equals(COST_OF_SALES)) {
                add(places.perpetual(), amount);
            } else {
                add(target.closing(), amount);
            }
            LineId exempt = places.exempt().get(treatment.id());
            if (exempt != null && !isOutside()) {
                add(exempt, new TaxAmount(position.adjusted().negated(), Portion.CLOSING, treatment.caption()));
            }
            LineId also = places.also().get(treatment.id());
            if (also != null) {
                add(also, amount);
            }
            places.ofOwners().getOrDefault(treatment.id(), List.of()).forEach(this::postOwner);
            postDifference(isOutside() ? amount.of(Money.ZERO) : amount);
        }

        /** Tax effect on income less book effect on income, where they differ. */
        private void postDifference(TaxAmount reached) {
            boolean income = isIncome();
            Money book = target.side().natural(position.adjusted());
            Money effect = target.side() == Side.CREDIT ? reached.amount().minus(book) : book.minus(reached.amount());
            if (effect.isZero()) {
                return;
            }
            LineId line = treatments.differenceLine(treatment, income, effect);
            Portion portion = portion(reached);
            boolean adds = ScheduleM1.adds(line);
            add(line, TaxAmount.difference(adds ? effect : effect.negated(), portion, treatment));
            if (treatment.permanent() && !income) {
                add(places.nondeductible(), TaxAmount.difference(effect, portion, treatment));
                LineId exempt = places.ofExempt().get(treatment.id());
                if (exempt != null) {
                    add(exempt, TaxAmount.difference(effect, portion, treatment));
                }
            }
        }

        /** Whether the line is no part of the owners' income, so that what reaches it is on the books only. */
        private boolean isOutside() {
            return places.exempt().containsValue(target.id());
        }

        /** A loss on property is an expense of the books, though its line is one of income. */
        private boolean isIncome() {
            boolean loss = treatment.id().equals("disposal-books")
                    && target.side().natural(position.adjusted()).isNegative();
            return target.side() == Side.CREDIT && !loss;
        }

        private Portion portion(TaxAmount reached) {
            boolean whole = treatment.reach() == Reach.NONE || treatment.reach() == Reach.ELSEWHERE;
            if (!position.taxEntries().isZero()) {
                return Portion.FIXED;
            }
            if (whole || isOutside()) {
                return Portion.CLOSING;
            }
            return treatment.reach() == Reach.HALF ? Portion.REST_OF_HALF : Portion.FIXED;
        }

        private void postOwner(OwnerLine line) {
            String owner = position.mapping().instance();
            LineKey place =
                    owner.isEmpty() ? line.unnamed().alone() : line.line().in(owner);
            Money opening = position.opening();
            Money closing = position.adjusted();
            TaxAmount taken = switch (line.taken()) {
                case OPENING -> new TaxAmount(line.side().natural(opening), Portion.OPENING, "");
                case CLOSING -> new TaxAmount(line.side().natural(closing), Portion.CLOSING, "");
                case MOVEMENT ->
                    new TaxAmount(
                            line.side().natural(closing.minus(opening)),
                            opening.isZero() ? Portion.CLOSING : Portion.FIXED,
                            opening.isZero() ? "" : "closing less opening");
            };
            add(place, taken);
        }

        private void add(LineId line, TaxAmount amount) {
            boolean ofMember = line.equals(target.closing()) && target.members();
            String named = position.mapping().instance();
            add(ofMember ? line.in(named.isEmpty() ? UNNAMED : named) : line.alone(), amount);
        }

        private void add(LineKey place, TaxAmount part) {
            postings.add(new Posting(
                    position.account().number(), place, part.amount(), part.portion(), part.treatment(), part.why()));
        }
    }
}
