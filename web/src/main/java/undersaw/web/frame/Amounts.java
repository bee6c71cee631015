package undersaw.web.frame;

import org.springframework.stereotype.Component;
import undersaw.money.Money;

/** Amounts in whole dollars as every page prints them: nothing is an en dash. */
@Component("amounts")
public class Amounts {
    /** The amount in words for a cell. */
    public String of(Money amount) {
        return Figure.text(amount);
    }
}
