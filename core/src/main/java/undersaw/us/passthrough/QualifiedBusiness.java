package undersaw.us.passthrough;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.Function;
import java.util.function.Supplier;
import undersaw.form.Form;
import undersaw.form.Line;
import undersaw.form.LineKind;
import undersaw.form.formula.Divided;
import undersaw.form.formula.Formula;
import undersaw.form.formula.Gathered;
import undersaw.form.formula.Remainder;
import undersaw.form.formula.Term;
import undersaw.line.Dimension;
import undersaw.line.LineId;
import undersaw.owners.ByItem;
import undersaw.owners.OwnerRegister;
import undersaw.owners.Weighed;
import undersaw.us.forms.Form8825;

/**
 * What owners need for their deduction for qualified business income, activity by activity, and each owner's part of it
 * (IRC 199A; Reg. 1.199A-6(b); from memory). The deduction itself is the owner's.
 */
public final class QualifiedBusiness extends Form {
    /** The trades or businesses; the main one is there without being typed. */
    public static final Dimension ACTIVITIES = Dimension.rows("activities", "main");

    /** The activities of each owner. */
    public static final Dimension OF_OWNERS = Dimension.pairs(OwnerRegister.ROWS, ACTIVITIES);

    private final Map<String, Item> items = new LinkedHashMap<>();

    /** An amount of the statement, and the box of Schedule K-1 by whose rule owners take part in it. */
    private record Item(Line line, String box) {}

    /**
     * What it takes from the return.
     *
     * @param form the return's form
     * @param statement the box and code of Schedule K-1, such as {@code 20/Z}
     * @param ordinary ordinary business income
     * @param section179 the deduction under section 179
     * @param wages deducted as such
     * @param boxes of Schedule K-1 by whose rules amounts are divided
     * @param weighed the rule of a box
     * @param rounding the line that names who takes odd dollars
     */
    public record Sockets(
            String form,
            String statement,
            Supplier<Line> ordinary,
            Supplier<Line> section179,
            Supplier<Formula> wages,
            Boxes boxes,
            Function<String, Weighed> weighed,
            LineId rounding) {}

    /** The boxes of Schedule K-1 that hold what the statement tells again. */
    public record Boxes(String ordinary, String rental, String gain1231, String section179, String gifts) {}

    /** The statement of a return. */
    public QualifiedBusiness(Sockets in) {
        super(in.form(), "Section 199A");
        part("199A", "Section 199A: qualified business income by activity", "IRC 199A; Reg. 1.199A-6(b)")
                .list(ACTIVITIES, "activity")
                .membersAcross()
                .help("What owners need for their deduction for qualified business income. Another activity than the "
                        + "main one is a column of its own; what is typed there leaves the main one.");
        line("199A/name", "Name of the trade or business").as(LineKind.TEXT);
        line("199A/ein", "Its number, where it has one of its own").as(LineKind.TAXPAYER_NUMBER);
        line("199A/sstb", "Specified service trade or business")
                .as(LineKind.YES_NO)
                .cites("IRC 199A(d)(2)");
        line("199A/aggregated", "Aggregated with").as(LineKind.TEXT).cites("Reg. 1.199A-4");
        line("199A/ptp", "Publicly traded partnership").as(LineKind.YES_NO);
        Line outside = line("199A/outside", "Ordinary income that is no business income of the return's own trade")
                .once()
                .help("Foreign source income, or interest that is not of the business, within ordinary income.");
        Line own = line("199A/own", "Ordinary income of all activities")
                .is(() -> in.ordinary().get().minus(outside))
                .once();
        Line ofOther = line("199A/ordinary", "Of ordinary income, what is another activity's than the main one's");
        item(
                "qbi-ordinary",
                "Ordinary income in qualified business income",
                in.boxes().ordinary(),
                line -> line.is(new Divided(new Remainder(ACTIVITIES, own.id(), ofOther.id()))));
        item(
                "qbi-rental",
                "Rental income in qualified business income",
                in.boxes().rental(),
                line -> line.is(new Divided(
                        new Gathered(ACTIVITIES, Form8825.PROPERTIES, LineId.of("8825/17"), Form8825.ACTIVITY))));
        typed("qbi-1231", "Section 1231 gain or loss in it", in.boxes().gain1231());
        typed("qbi-other-income", "Other income in it", in.boxes().ordinary());
        Line other179 = line("199A/section179", "Of section 179, what is another activity's than the main one's");
        item(
                "qbi-section179",
                "Section 179 deduction in it",
                in.boxes().section179(),
                line -> line.is(() -> new Divided(
                        new Remainder(ACTIVITIES, in.section179().get().id(), other179.id()))));
        typed("qbi-charitable", "Contributions in it", in.boxes().gifts());
        typed("qbi-other-deduction", "Other deductions in it", in.boxes().ordinary());
        typed("w2-wages", "W-2 wages", in.boxes().ordinary()).cites("IRC 199A(b)(4); Rev. Proc. 2019-11");
        typed("ubia", "Unadjusted basis of qualified property", in.boxes().ordinary())
                .cites("IRC 199A(b)(6)");
        typed("reit-dividends", "Section 199A dividends", in.boxes().ordinary());
        typed("ptp-income", "Income of publicly traded partnerships", in.boxes().ordinary());
        line("199A/w2-proposed", "Wages deducted on this return")
                .is(in.wages()::get)
                .once()
                .help("W-2 wages are the lesser of boxes 1 and 5 of the forms filed; this is what the return deducts.");
        ofOwners(in);
    }

    private Line typed(String name, String caption, String box) {
        return item(name, caption, box, line -> line);
    }

    private Line item(String name, String caption, String box, Function<Line, Line> described) {
        Line line = described.apply(line("199A/" + name, caption));
        items.put(name, new Item(line, box));
        return line;
    }

    private void ofOwners(Sockets in) {
        part("K-1-199A", "K-1 section 199A: each owner's part, by activity", "Reg. 1.199A-6(b)(3)")
                .per(OF_OWNERS)
                .membersAcross()
                .help("Each owner's part, by the shares that divide the item it belongs to.");
        items.forEach((name, item) -> {
            Supplier<Term> part = () -> new Divided(
                    new ByItem(OF_OWNERS, item.line().id(), in.weighed().apply(item.box()), in.rounding()));
            line("K-1/" + in.statement() + "/" + name, item.line().caption())
                    .is(part)
                    .cites("IRC 199A; Reg. 1.199A-6(b)(3)");
        });
    }
}
