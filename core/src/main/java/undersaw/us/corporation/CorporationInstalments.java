package undersaw.us.corporation;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import undersaw.calc.Calculation;
import undersaw.law.calendar.Installments;
import undersaw.law.calendar.Period;
import undersaw.line.LineId;
import undersaw.money.Money;
import undersaw.returns.Instalment;

/** The instalments of this year, from Form 2220, and of next year (IRC 6655; from memory). */
final class CorporationInstalments {
    private static final List<String> COLUMNS = List.of("a", "b", "c", "d");

    private CorporationInstalments() {}

    static List<Instalment> ofThisYear(Calculation calculation) {
        Installments dates = Installments.of(calculation.snapshot().heading().period());
        List<Instalment> instalments = new ArrayList<>();
        for (int i = 0; i < dates.count(); i++) {
            String column = "/" + COLUMNS.get(i);
            instalments.add(new Instalment(
                    i + 1,
                    dates.dates().get(i),
                    amount(calculation, "2220/10" + column),
                    amount(calculation, "2220/11" + column),
                    amount(calculation, "2220/17" + column),
                    LineId.of("2220/10" + column)));
        }
        return instalments;
    }

    static List<Instalment> ofNextYear(Calculation calculation) {
        Period period = calculation.snapshot().heading().period();
        LocalDate start = period.end().plusDays(1);
        Installments dates =
                Installments.of(new Period(start, start.plusYears(1).minusDays(1)));
        List<Instalment> instalments = new ArrayList<>();
        for (int i = 0; i < dates.count(); i++) {
            Money required = amount(calculation, "est/" + (i + 1));
            instalments.add(new Instalment(
                    i + 1, dates.dates().get(i), required, Money.ZERO, Money.ZERO, LineId.of("est/" + (i + 1))));
        }
        return instalments;
    }

    private static Money amount(Calculation calculation, String line) {
        return calculation.amount(LineId.of(line));
    }
}
