package undersaw.assets;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.books.RegisterTies;
import undersaw.calc.Calculation;
import undersaw.check.TieOut;
import undersaw.engagement.Carried;
import undersaw.engagement.Change;
import undersaw.engagement.Snapshot;
import undersaw.engagement.Station;
import undersaw.line.LineKey;
import undersaw.money.Money;
import undersaw.registry.Returns;
import undersaw.rollforward.RollForward;

/** The register against the books, and its way into the next year (common practice, no source). */
class AssetRegisterTest {
    private static SampleReturns books(int year) {
        return SampleReturns.corporation()
                .with(SampleReturns.heading(year))
                .balance("1500", "1120/L/10a", "1000", "1000")
                .balance("1590", "1120/L/10b", "-300", "-400")
                .balance("3900", "1120/L/25", "-700", "-600")
                .fact("ASSETS/description@lathe", "Lathe")
                .fact("ASSETS/account@lathe", "1500")
                .fact("ASSETS/cost@lathe", "1000")
                .fact("ASSETS/priorBook@lathe", "300")
                .fact("ASSETS/book@lathe", "100");
    }

    private static List<String> codes(Snapshot snapshot) {
        return Returns.review(Returns.calculate(snapshot), LocalDate.of(2026, 3, 1)).diagnostics().stream()
                .map(each -> each.code())
                .filter(List.of("G-0105", "G-0106", "G-0107")::contains)
                .toList();
    }

    @Test
    void costAndDepreciationAgreeWithTheBooks() {
        Calculation year = books(2025).calculate();
        assertThat(RegisterTies.of(year)).hasSize(2).allMatch(TieOut::agrees);
        assertThat(codes(year.snapshot())).isEmpty();
        assertThat(RegisterTies.byAccount(year)).singleElement().satisfies(row -> {
            assertThat(row.number()).isEqualTo("1500");
            assertThat(row.difference()).isEqualTo(Money.ZERO);
        });
    }

    @Test
    void anAssetSoldLeavesCostAndDepreciation() {
        Calculation year =
                books(2025).fact("ASSETS/disposed@lathe", "2025-06-30").calculate();
        assertThat(year.amount(AssetRegister.COST)).isEqualTo(Money.ZERO);
        assertThat(year.amount(AssetRegister.ACCUMULATED)).isEqualTo(Money.ZERO);
        assertThat(RegisterTies.of(year)).noneMatch(TieOut::agrees);
        assertThat(codes(year.snapshot())).containsExactly("G-0106", "G-0106");
    }

    @Test
    void propertyWithoutARegisterIsWorthKnowing() {
        Calculation year = SampleReturns.corporation()
                .balance("1500", "1120/L/10a", "10", "10")
                .calculate();
        assertThat(RegisterTies.of(year)).isEmpty();
        assertThat(codes(year.snapshot())).containsExactly("G-0105");
    }

    @Test
    void sharesThatDoNotComeToAHundredAreAsked() {
        SampleReturns sample = books(2025).fact("OWNERS/name@a", "A").fact("OWNERS/capitalEnd@a", "60");
        assertThat(codes(sample.snapshot())).containsExactly("G-0107");
        sample.fact("OWNERS/name@b", "B").fact("OWNERS/capitalEnd@b", "40.000");
        assertThat(codes(sample.snapshot())).isEmpty();
    }

    @Test
    void theNextYearBeginsWithWhatThisOneEnded() {
        Calculation year = books(2024)
                .fact("ASSETS/description@van", "Van")
                .fact("ASSETS/cost@van", "50")
                .fact("ASSETS/disposed@van", "2024-05-05")
                .fact("OWNERS/name@a", "A")
                .fact("OWNERS/capitalBegin@a", "40")
                .fact("OWNERS/capitalEnd@a", "100")
                .fact("8949/description@00001", "Shares")
                .fact("8949/proceeds@00001", "77")
                .calculate();
        Snapshot empty = Snapshot.empty(RollForward.next(year.snapshot().heading()));
        Snapshot next =
                RollForward.from(year, Returns.of(year.snapshot())).begin(empty).applyTo(empty);

        assertThat(fact(next, "ASSETS/priorBook@lathe")).isEqualTo("400");
        assertThat(fact(next, "ASSETS/cost@lathe")).isEqualTo("1000");
        assertThat(fact(next, "ASSETS/book@lathe")).isEmpty();
        assertThat(fact(next, "ASSETS/cost@van")).isEmpty();
        assertThat(fact(next, "OWNERS/capitalBegin@a")).isEqualTo("100");
        assertThat(fact(next, "8949/description@00001")).isEmpty();
        assertThat(RollForward.open(next)).containsEntry(Station.ASSETS, 1).containsEntry(Station.OWNERS, 1);
    }

    @Test
    void confirmingARowConfirmsItsCells() {
        Calculation year = books(2024).calculate();
        Snapshot empty = Snapshot.empty(RollForward.next(year.snapshot().heading()));
        Snapshot next =
                RollForward.from(year, Returns.of(year.snapshot())).begin(empty).applyTo(empty);
        String place = "assets/assets/lathe";
        Change confirmed = RollForward.confirm(
                Returns.calculate(next),
                java.util.Map.of(place, new Carried(next.carried().get(place).value(), "R. Tern")),
                "R. Tern");
        Snapshot after = confirmed.applyTo(next);
        assertThat(RollForward.open(after)).doesNotContainKey(Station.ASSETS);
        assertThat(after.facts().get(LineKey.parse("ASSETS/cost@lathe")).waits())
                .isFalse();
    }

    private static String fact(Snapshot snapshot, String key) {
        var fact = snapshot.facts().get(LineKey.parse(key));
        return fact == null ? "" : fact.value();
    }
}
