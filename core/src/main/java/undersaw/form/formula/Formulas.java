package undersaw.form.formula;

import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import undersaw.law.LawKey;
import undersaw.money.Money;

/** The ways to begin a formula. */
public final class Formulas {
    /** An amount of zero. */
    public static final Formula NOTHING = new Constant(Money.ZERO);

    private Formulas() {}

    public static Formula sum(Term... parts) {
        return sum(Arrays.asList(parts));
    }

    public static Formula sum(List<? extends Term> parts) {
        return new Sum(parts.stream().map(Term::asFormula).toList());
    }

    public static Formula least(Term... parts) {
        return new Least(Arrays.stream(parts).map(Term::asFormula).toList());
    }

    public static Formula greatest(Term... parts) {
        return new Greatest(Arrays.stream(parts).map(Term::asFormula).toList());
    }

    public static Formula dollars(long amount) {
        return new Constant(Money.ofDollars(amount));
    }

    /** One amount in percent of another. */
    public static Ratio share(Term part, Term whole) {
        return new Quotient(part.asFormula(), whole.asFormula());
    }

    public static Formula law(LawKey key) {
        return new LawAmount(key);
    }

    public static Formula when(Condition condition, Term then, Term otherwise) {
        return new Choice(condition, then.asFormula(), otherwise.asFormula());
    }

    /** A difference that rounding can have left; nothing where it is more than so many dollars. */
    public static Formula rounding(Term difference, long upTo) {
        return when(greatest(difference, NOTHING.minus(difference)).isAtLeast(dollars(upTo + 1)), NOTHING, difference);
    }

    /** A fixed fraction of an amount. */
    public static Formula fraction(long numerator, long denominator, Term base) {
        return new Fraction(numerator, denominator, base.asFormula());
    }

    /** So many parts of an amount, of a fixed whole. */
    public static Formula proportion(Term base, Count part, long whole) {
        return new Proportion(base.asFormula(), part, whole);
    }

    static Set<Input> readsOf(List<? extends Rule> parts) {
        Set<Input> reads = new HashSet<>();
        parts.forEach(part -> reads.addAll(part.reads()));
        return reads;
    }
}
