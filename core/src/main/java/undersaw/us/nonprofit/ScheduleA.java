package undersaw.us.nonprofit;

import static undersaw.form.formula.Formulas.dollars;
import static undersaw.form.formula.Formulas.share;
import static undersaw.form.formula.Formulas.sum;

import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.YearsDrawn;
import undersaw.form.YearsDrawn.Column;
import undersaw.form.YearsDrawn.Layer;
import undersaw.form.formula.Condition;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Term;

/**
 * Schedule A (Form 990): why the organization is no private foundation, and the public support test over five years
 * (2024 form, from memory).
 *
 * <p>Column e is this year, taken from the return; column f adds the four years before.
 */
final class ScheduleA extends Form {
    /** Why it is a public charity: tested under section 170(b)(1)(A)(vi). */
    static final String PUBLICLY_SUPPORTED = "7";
    /** Why it is a public charity: tested under section 509(a)(2). */
    static final String BY_RECEIPTS = "10";

    final Line reason;
    final Line giftsSupport;
    final Line giftsTotal;
    final Line giftsPercent;
    final Line giftsTest;
    final Line giftsFacts;
    final Line receiptsSupport;
    final Line receiptsTotal;
    final Line receiptsPercent;
    final Line receiptsTest;

    private final NonprofitForms all;
    private final Map<String, Line> thisYear = new HashMap<>();

    ScheduleA(NonprofitForms all) {
        super("990-A", "Schedule A");
        this.all = all;
        Supplier<Condition> noCharity = () -> all.heading.exemption.isNotAnyOf("501(c)(3)", "4947(a)(1)");
        part("A", "Schedule A: public charity status", "IRC 170(b)(1)(A), 509(a); Instructions for Schedule A")
                .excusedWhen(noCharity);
        reason = line("I/reason", "Why it is not a private foundation, by line of Part I")
                .oneOf("1", "2", "3", "4", "5", "6", "7", "8", "9", "10", "11", "12")
                .help("1 church, 2 school, 3 hospital, 5 college support, 6 government unit, 7 public support under "
                        + "170(b)(1)(A)(vi), 10 public support under 509(a)(2), 12 supporting organization.");
        part("A-II", "Schedule A, Part II: support under section 170(b)(1)(A)(vi)", "IRC 170(b)(1)(A)(vi)")
                .excusedWhen(noCharity)
                .drawn(() -> drawn("II", List.of("1", "2", "3"), List.of("8", "9", "10")));
        Line gifts = years("II/1", () -> sum(all.revenue.contributions, all.revenue.dues));
        Line taxes = years("II/2", null);
        Line services = years("II/3", null);
        Line given = line("II/4/f", "Lines 1 to 3").is(sum(gifts, taxes, services));
        Line tooMuch = line("II/5/f", "From any one giver, over 2 percent of line 11")
                .cites("26 CFR 1.170A-9(f)(6)")
                .help("What each giver, other than a government or a public charity, gave over five years beyond 2 "
                        + "percent of total support; the excess is not public support.");
        giftsSupport = line("II/6/f", "Public support").is(given.minus(tooMuch));
        Line investment = years("II/8", () -> sum(all.revenue.investmentIncome));
        Line unrelated = years("II/9", null);
        Line other = years("II/10", () -> sum(all.revenue.otherRevenue));
        giftsTotal = line("II/11/f", "Total support").is(sum(given, investment, unrelated, other));
        line("II/12", "Receipts from related activities")
                .is(() -> sum(all.revenue.programRevenue, all.revenue.sales, all.revenue.events));
        Line first = line("II/13", "First five years").as(LineKind.BOX);
        giftsPercent = percent("II/14", "Public support of this year, percent", giftsSupport, giftsTotal);
        line("II/15", "Public support of last year, percent").as(LineKind.PERCENT);
        giftsTest = third("II/16a", "Support test met at 33⅓ percent", giftsSupport, giftsTotal);
        giftsFacts = line("II/17a", "At least 10 percent: facts and circumstances may serve")
                .isYesWhen(() -> times(giftsSupport, 10)
                        .isAtLeast(giftsTotal)
                        .and(times(giftsSupport, 3).isBelow(giftsTotal)))
                .cites("26 CFR 1.170A-9(f)(3)");
        part("A-III", "Schedule A, Part III: support under section 509(a)(2)", "IRC 509(a)(2); 26 CFR 1.509(a)-3")
                .excusedWhen(noCharity)
                .drawn(() -> drawn("III", List.of("1", "2", "3", "4", "5"), List.of("10a", "10b", "11", "12")));
        Line given3 = years("III/1", () -> sum(all.revenue.contributions, all.revenue.dues));
        Line admissions = years("III/2", () -> sum(all.revenue.programRevenue, all.revenue.sales, all.revenue.events));
        Line related = years("III/3", () -> sum(all.revenue.gaming));
        Line taxes3 = years("III/4", null);
        Line services3 = years("III/5", null);
        Line six = line("III/6/f", "Lines 1 to 5").is(sum(given3, admissions, related, taxes3, services3));
        Line disqualified = years("III/7a", null);
        Line large = years("III/7b", null);
        receiptsSupport = line("III/8/f", "Public support").is(six.minus(sum(disqualified, large)));
        Line investment3 = years("III/10a", () -> sum(all.revenue.investmentIncome));
        Line taxable = years("III/10b", null);
        Line ten = line("III/10c/f", "Lines 10a and 10b").is(sum(investment3, taxable));
        Line eleven = years("III/11", null);
        Line twelve = years("III/12", () -> sum(all.revenue.otherRevenue));
        receiptsTotal = line("III/13/f", "Total support").is(sum(six, ten, eleven, twelve));
        receiptsPercent = percent("III/15", "Public support of this year, percent", receiptsSupport, receiptsTotal);
        line("III/16", "Public support of last year, percent").as(LineKind.PERCENT);
        percent("III/17", "Investment income of this year, percent", ten, receiptsTotal);
        receiptsTest = line("III/19a", "Support over 33⅓ percent, investment income not over it")
                .isYesWhen(() -> times(receiptsSupport, 3)
                        .isAbove(receiptsTotal)
                        .and(times(ten, 3).isAtMost(receiptsTotal)));
        first.cites("IRC 170(b)(1)(A)(vi); 26 CFR 1.170A-9(f)(4)(v)");
    }

    /** A line over five years: this year's column, from the return where it has it, and the total. */
    private Line years(String number, @Nullable Supplier<Term> found) {
        String caption = SupportOfEarlierYears.LISTED.get(number);
        Line now = line(number + "/e", caption);
        thisYear.put(number, now);
        if (found != null) {
            now.is(found);
        }
        return line(number + "/f", caption)
                .is(() -> sum(all.support.column(number).total(), now));
    }

    private YearsDrawn drawn(String part, List<String> support, List<String> other) {
        return new YearsDrawn(
                "Support of five years, with the mark at one third",
                List.of(
                        new Layer("lines that can be public support", columns(part, support)),
                        new Layer("other support", columns(part, other))),
                3);
    }

    private List<Column> columns(String part, List<String> numbers) {
        return numbers.stream()
                .map(number -> part + "/" + number)
                .map(number -> new Column(all.support.column(number), thisYear.get(number)))
                .toList();
    }

    private Line percent(String number, String caption, Line part, Line whole) {
        return line(number, caption).isRatio(() -> share(part, whole));
    }

    private Line third(String number, String caption, Line part, Line whole) {
        return line(number, caption)
                .isYesWhen(() -> times(part, 3).isAtLeast(whole).and(whole.isAtLeast(dollars(1))));
    }

    private static Formula times(Line line, int count) {
        return sum(Collections.nCopies(count, line));
    }
}
