package undersaw.web.lists;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.form.RowList;
import undersaw.web.frame.Figure;

class ListViewTest {
    private static final ListView.Look ALL = new ListView.Look(null, null, true);
    private static final ListView.Look USUAL = new ListView.Look(null, null, null);

    private static ListView view(Calculation year, String name, ListView.Look look) {
        RowList list = year.plan().list(name).orElseThrow();
        return ListView.of(year, list, ListView.home(7, list), look);
    }

    private static SampleReturns two() {
        return SampleReturns.corporation()
                .fact("ASSETS/description@saw", "Band saw")
                .fact("ASSETS/cost@saw", "10.25")
                .fact("ASSETS/description@press", "Press")
                .fact("ASSETS/cost@press", "20.50")
                .fact("OWNERS/name@a", "A. Wren")
                .fact("OWNERS/tin@a", "000-12-9876")
                .fact("OWNERS/capitalEnd@a", "33.333333");
    }

    private static String total(ListView view, String caption) {
        for (int i = 0; i < view.columns().size(); i++) {
            if (view.columns().get(i).caption().equals(caption)) {
                return view.totals().get(i).text();
            }
        }
        return "no such column";
    }

    @Test
    void totalsKeepCentsAndPercentages() {
        Calculation year = two().calculate();
        assertThat(total(view(year, "assets", USUAL), "Cost")).isEqualTo("30.75");
        assertThat(total(view(year, "owners", USUAL), "Capital % at end")).isEqualTo("33.333333%");
        assertThat(total(view(year, "owners", USUAL), "Name")).isEmpty();
    }

    @Test
    void fewerColumnsUnlessAllAreAskedFor() {
        Calculation year = two().calculate();
        ListView usual = view(year, "assets", USUAL);
        ListView all = view(year, "assets", ALL);
        assertThat(usual.hidden()).isPositive();
        assertThat(all.hidden()).isZero();
        assertThat(all.columns()).hasSize(usual.columns().size() + usual.hidden());
    }

    @Test
    void rowsAreFoundByAnyOfTheirWords() {
        ListView found = view(two().calculate(), "assets", new ListView.Look("band", 1, false));
        assertThat(found.rows().rows()).extracting(ListView.Row::name).containsExactly("saw");
        assertThat(found.rows().total()).isEqualTo(1);
    }

    @Test
    void aTaxpayerNumberShowsItsLastFourDigits() {
        ListView owners = view(two().calculate(), "owners", USUAL);
        assertThat(owners.rows().rows().get(0).cells())
                .extracting(Figure::text)
                .contains("••-•••9876")
                .noneMatch(text -> text.contains("000-12"));
        assertThat(owners.rows().rows().get(0).cells())
                .extracting(Figure::plain)
                .noneMatch(text -> text.contains("9876"));
    }

    @Test
    void aRegisterIsAtHomeAtItsStation() {
        Calculation year = two().calculate();
        assertThat(view(year, "assets", USUAL).home()).isEqualTo("/e/7/assets");
        assertThat(view(year, "sales", USUAL).home()).isEqualTo("/e/7/return?sheet=8949");
    }

    @Test
    void sharesAreDrawnOneAfterAnother() {
        Calculation year = two().fact("OWNERS/capitalEnd@b", "50").calculate();
        assertThat(ShareBar.of(year)).extracting(ShareBar.Piece::at).containsExactly(0, 266);
        assertThat(ShareBar.of(year)).extracting(ShareBar.Piece::width).containsExactly(266, 400);
    }

    @Test
    void stripsAreAsLongAsTheirCost() {
        Calculation year = two().fact("ASSETS/priorBook@press", "10.25").calculate();
        RowList assets = year.plan().list("assets").orElseThrow();
        assertThat(AssetStrips.of(year, assets))
                .extracting(AssetStrips.Strip::whole)
                .containsExactly(360, 180);
        assertThat(AssetStrips.of(year, assets))
                .extracting(AssetStrips.Strip::before)
                .containsExactly(180, 0);
    }
}
