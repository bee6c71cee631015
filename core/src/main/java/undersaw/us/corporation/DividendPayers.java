package undersaw.us.corporation;

import java.util.List;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Total;
import undersaw.line.LineId;

/**
 * Dividends by payer: each row names its line of Schedule C, and the list divides among these lines what the accounts
 * hold in one sum (common practice, no source).
 */
final class DividendPayers extends Form {
    /** Lines of Schedule C that a dividend can stand on. */
    static final List<String> LINES = List.of(
            "1", "2", "3", "4", "5", "6", "7", "8", "10", "11", "12", "13", "14", "16a", "16b", "16c", "17", "18", "19",
            "20");

    final Line total;
    private final Line amount;
    private final Line place;

    DividendPayers() {
        super("1120", "Dividends by payer");
        partByNeed("C-payers", "Dividends by payer", "IRC 243 to 246", "dividends payer stock 1099-DIV holding period")
                .list("dividends")
                .ofTheYear();
        row("payer", "Payer").as(LineKind.TEXT);
        row("number", "Taxpayer number of the payer").as(LineKind.TAXPAYER_NUMBER);
        amount = row("amount", "Dividends");
        place = row("line", "Line of Schedule C")
                .oneOf(LINES.toArray(String[]::new))
                .help("1 and 2 domestic under and from 20%, 20 money market and real estate trusts.");
        row("days", "Days held").as(LineKind.COUNT).notTotalled().help("Of the 91 days around the ex-dividend date.");
        total = line("C-payers/total", "Dividends listed").once().is(amount.total());
    }

    /** What is listed for a line of Schedule C. */
    Total onLine(String number) {
        return amount.total().where(place.answered(number));
    }

    private Line row(String column, String caption) {
        return line(LineId.of("1120/C-payers/" + column), caption).column(column);
    }
}
