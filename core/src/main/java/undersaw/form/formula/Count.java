package undersaw.form.formula;

/** How a whole number is found that is no amount: instalments, months, days. */
public sealed interface Count extends Rule permits Counted, LineCount {
    long value(Figures figures);

    default Condition isAtLeast(long number) {
        return new CountAtLeast(this, number);
    }

    default Condition isBelow(long number) {
        return isAtLeast(number).not();
    }
}
