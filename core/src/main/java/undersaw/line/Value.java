package undersaw.line;

import undersaw.money.Money;

/** What stands on a line: an amount, or words such as an answer, a date or a name. */
public sealed interface Value {
    /** The value as files write it: a plain decimal, {@code yes}, {@code no}, an ISO date or the text itself. */
    String plain();

    /** An amount; on a return in whole dollars. */
    record Amount(Money money) implements Value {
        @Override
        public String plain() {
            return money.toString();
        }
    }

    /** Words: an answer, a date, a code or a name. */
    record Words(String text) implements Value {
        @Override
        public String plain() {
            return text;
        }
    }

    /** The amount, or nothing for words. */
    default Money amount() {
        return this instanceof Amount amount ? amount.money() : Money.ZERO;
    }

    static Value of(Money money) {
        return new Amount(money);
    }

    static Value of(String text) {
        return new Words(text);
    }
}
