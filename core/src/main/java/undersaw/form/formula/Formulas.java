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

    public static Formula law(LawKey key) {
        return new LawAmount(key);
    }

    public static Formula when(Condition condition, Term then, Term otherwise) {
        return new Choice(condition, then.asFormula(), otherwise.asFormula());
    }

    static Set<Input> readsOf(List<Formula> parts) {
        Set<Input> reads = new HashSet<>();
        parts.forEach(part -> reads.addAll(part.reads()));
        return reads;
    }
}
