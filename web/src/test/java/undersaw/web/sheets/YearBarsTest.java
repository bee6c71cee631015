package undersaw.web.sheets;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.form.Part;

class YearBarsTest {
    private static YearBars bars(SampleReturns sample) {
        Calculation year = sample.calculate();
        Part part = year.plan().parts().stream()
                .filter(each -> each.code().equals("A-II"))
                .findFirst()
                .orElseThrow();
        return YearBars.of(year, part.drawn().orElseThrow());
    }

    @Test
    void aBarAYearWithThisOneLast() {
        YearBars bars = bars(SampleReturns.nonprofit()
                .income("4010", "990-EZ/1", "full", "3000")
                .fact("990-A/years/II/1@2022", "1000")
                .fact("990-A/years/II/8@2022", "500")
                .fact("990-A/years/II/1@2021", "600"));
        assertThat(bars.bars()).extracting(YearBars.Bar::year).containsExactly("2021", "2022", "2025");
        YearBars.Bar tallest = bars.bars().get(2);
        assertThat(tallest.pieces().get(0).height()).isEqualTo(150);
        YearBars.Bar middle = bars.bars().get(1);
        assertThat(middle.total()).isEqualTo("1,500");
        assertThat(middle.pieces()).extracting(YearBars.Piece::height).containsExactly(50, 25);
        // the mark stands at a third of the bar's own height, measured from its foot
        assertThat(middle.markY()).isEqualTo(170 - 75 / 3);
        assertThat(middle.top()).isEqualTo(170 - 75);
    }

    @Test
    void withoutFiguresTheBarsAreFlat() {
        assertThat(bars(SampleReturns.nonprofit()).bars()).singleElement().satisfies(bar -> {
            assertThat(bar.total()).isEqualTo("–");
            assertThat(bar.top()).isEqualTo(170);
        });
    }
}
