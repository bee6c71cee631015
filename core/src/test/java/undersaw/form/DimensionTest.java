package undersaw.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.function.BiConsumer;
import org.junit.jupiter.api.Test;
import undersaw.calc.Plan;
import undersaw.form.formula.Reference;
import undersaw.line.Dimension;
import undersaw.line.LineId;

/** What a line may read, and from where. */
class DimensionTest {
    /** Boats in one part, docks in another, and lines that stand once. */
    private static final class Harbour extends Form {
        final Line length;
        final Line name;
        final Line fee;
        final Line depth;
        final Line once;
        final Line sum;

        Harbour(BiConsumer<Harbour, Line> rule) {
            super("H", "Harbour");
            part("boats", "Boats", "none").list("boats");
            name = line("name", "Name").as(LineKind.TEXT);
            length = line("length", "Length");
            fee = line("fee", "Fee");
            part("docks", "Docks", "none").per(Dimension.rows("docks"));
            depth = line("depth", "Depth");
            part("sums", "Sums", "none");
            once = line("once", "Once");
            sum = line("sum", "Sum");
            rule.accept(this, sum);
        }
    }

    private static Plan plan(BiConsumer<Harbour, Line> rule) {
        return new Plan(2025, List.of(new Harbour(rule)), position -> List.of());
    }

    @Test
    void aLineStandsOnceAMemberOfItsPartsDimension() {
        Harbour harbour = new Harbour((all, sum) -> {});
        assertThat(harbour.length.scope()).contains(Dimension.rows("boats"));
        assertThat(harbour.depth.scope()).contains(Dimension.rows("docks"));
        assertThat(harbour.sum.scope()).isEmpty();
        assertThat(plan((all, sum) -> {}).lists()).extracting(RowList::name).containsExactly("boats");
    }

    @Test
    void aMemberReadsItsOwnLinesAndThoseThatStandOnce() {
        Plan plan = plan((all, sum) -> all.fee.is(all.length.plus(all.once)));
        assertThat(plan.uses(LineId.of("H/once"))).extracting(Line::caption).containsExactly("Fee");
    }

    @Test
    void fromOutsideAMemberIsRefusedWithBothPlaces() {
        assertThatThrownBy(() -> plan((all, sum) -> sum.is(all.length)))
                .hasMessage("line H/sum Sum reads line H/length Length, which stands once in each of the boats; "
                        + "from outside it is read through a total");
        assertThatThrownBy(() -> plan((all, sum) -> all.fee.is(all.depth)))
                .hasMessageContaining("line H/fee Fee reads line H/depth Depth");
        assertThatThrownBy(() -> plan((all, sum) -> sum.is(all.length.total().where(all.depth.isNotZero()))))
                .hasMessageContaining("the total of the rows of line H/length where line H/depth is not 0 reads")
                .hasMessageContaining("each of the docks");
    }

    @Test
    void onlyAmountsThatRepeatAreSummed() {
        assertThatThrownBy(() -> plan((all, sum) -> sum.is(all.once.total())))
                .hasMessage("line H/sum Sum sums line H/once, which is no line of amounts that repeats");
        assertThatThrownBy(() -> plan((all, sum) -> sum.is(all.name.total())))
                .hasMessageContaining("H/name, which is no line of amounts");
    }

    @Test
    void whatIsSummedCannotReadItsSum() {
        assertThatThrownBy(() -> plan((all, sum) -> {
                    sum.is(all.fee.total());
                    all.fee.is(sum);
                }))
                .hasMessageContaining("circle");
        assertThatThrownBy(() -> plan((all, sum) -> {
                    sum.is(all.length.total().where(new Reference(all.once.id()).isNotZero()));
                    all.once.is(all.length
                            .total()
                            .where(new Reference(all.once.id()).isNotZero())
                            .plus(all.once));
                }))
                .hasMessageContaining("H/once");
    }

    @Test
    void aTotalShowsAmongTheUsesOfWhatItReads() {
        Plan plan = plan((all, sum) -> sum.is(all.fee.total().where(all.length.isAbove(all.once))));
        for (String read : List.of("H/fee", "H/length", "H/once")) {
            assertThat(plan.uses(LineId.of(read))).extracting(Line::caption).containsExactly("Sum");
            assertThat(plan.behind(LineId.of("H/sum"))).contains(LineId.of(read));
        }
    }
}
