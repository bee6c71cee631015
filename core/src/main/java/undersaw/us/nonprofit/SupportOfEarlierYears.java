package undersaw.us.nonprofit;

import java.util.LinkedHashMap;
import java.util.Map;
import undersaw.form.Form;
import undersaw.form.Line;

/** What Schedule A asks of the four years before: one row a year, one column a line of its Parts II and III. */
final class SupportOfEarlierYears extends Form {
    /** The lines of Schedule A that are listed by year, with their captions. */
    static final Map<String, String> LISTED = listed();

    private final Map<String, Line> columns = new LinkedHashMap<>();

    SupportOfEarlierYears() {
        super("990-A", "Support of earlier years");
        part("A-years", "Schedule A: support of the four years before", "26 CFR 1.170A-9(f)(4); 1.509(a)-3")
                .worksheet()
                .list("support", "year")
                .byLine();
        LISTED.forEach((number, caption) -> columns.put(
                number,
                line("years/" + number, number + " " + caption).column(number).stays()));
    }

    /** The total of a line over the years listed. */
    Line column(String number) {
        return columns.get(number);
    }

    private static Map<String, String> listed() {
        Map<String, String> lines = new LinkedHashMap<>();
        lines.put("II/1", "Gifts, grants, contributions, membership fees");
        lines.put("II/2", "Tax revenues levied for the organization");
        lines.put("II/3", "Services or facilities furnished by government");
        lines.put("II/8", "Interest, dividends, rents, royalties");
        lines.put("II/9", "Net income from unrelated business");
        lines.put("II/10", "Other income");
        lines.put("III/1", "Gifts, grants, contributions, membership fees");
        lines.put("III/2", "Admissions, merchandise, services, facilities");
        lines.put("III/3", "Receipts from activities that are not unrelated business");
        lines.put("III/4", "Tax revenues levied for the organization");
        lines.put("III/5", "Services or facilities furnished by government");
        lines.put("III/7a", "From disqualified persons");
        lines.put("III/7b", "From others, over the greater of 5,000 or 1 percent");
        lines.put("III/10a", "Interest, dividends, rents, royalties");
        lines.put("III/10b", "Unrelated business taxable income after tax");
        lines.put("III/11", "Net income from other unrelated business");
        lines.put("III/12", "Other income");
        return lines;
    }
}
