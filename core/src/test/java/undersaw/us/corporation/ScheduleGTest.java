package undersaw.us.corporation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.calc.Calculation;
import undersaw.engagement.Change;
import undersaw.line.LineId;
import undersaw.registry.Returns;

/** Holders of 20 percent or more on Schedule G (Instructions for Form 1120, Schedule K question 4; from memory). */
class ScheduleGTest {
    private static SampleReturns owner(SampleReturns sample, String row, String kind, String percent) {
        return sample.fact("OWNERS/name@" + row, "Owner " + row)
                .fact("OWNERS/kind@" + row, kind)
                .fact("OWNERS/tin@" + row, "000-12-440" + row)
                .fact("OWNERS/capitalEnd@" + row, percent);
    }

    private static SampleReturns register() {
        SampleReturns sample = SampleReturns.corporation();
        owner(sample, "1", "individual", "40");
        owner(sample, "2", "trust", "20").fact("OWNERS/country@2", "NO");
        owner(sample, "3", "estate", "20.5");
        return owner(sample, "4", "individual", "19.5");
    }

    private static Calculation taken(Calculation year) {
        Change change = Returns.of(year.snapshot()).fromRegisters(year).orElseThrow();
        return year.after(change.applyTo(year.snapshot()), change.touches());
    }

    @Test
    void individualsAndEstatesStandInPartTwoAndEntitiesInPartOne() {
        Calculation year = taken(register().calculate());
        assertThat(year.rowValues(LineId.of("1120/G/II/1/a")))
                .extracting(row -> row.key().instance(), row -> row.value().plain())
                .containsExactly(tuple("1", "Owner 1"), tuple("3", "Owner 3"));
        assertThat(year.rowValues(LineId.of("1120/G/I/1/a")))
                .extracting(row -> row.value().plain())
                .containsExactly("Owner 2");
        assertThat(year.rowValues(LineId.of("1120/G/I/1/c")))
                .extracting(row -> row.value().plain())
                .containsExactly("trust");
    }

    @Test
    void numberCountryAndShareComeAlong() {
        Calculation year = taken(register().calculate());
        assertThat(year.answer(LineId.of("1120/G/I/1/d"))).isEmpty();
        assertThat(said(year, "1120/G/I/1/d", "2")).isEqualTo("NO");
        assertThat(said(year, "1120/G/I/1/e", "2")).isEqualTo("20");
        assertThat(said(year, "1120/G/II/1/b", "1")).isEqualTo("000-12-4401");
    }

    @Test
    void noCitizenshipIsMadeUpAndItIsAskedFor() {
        Calculation year = taken(register().calculate());
        assertThat(year.value(LineId.of("1120/G/II/1/c").in("1"))).isEmpty();
        assertThat(Returns.review(year, LocalDate.of(2026, 3, 1)).diagnostics())
                .filteredOn(each -> each.code().equals("C-0519"))
                .extracting(each -> each.place().word())
                .containsExactly("1120/G/II/1/c@1", "1120/G/II/1/c@3");
    }

    private static String said(Calculation year, String line, String row) {
        return year.value(LineId.of(line).in(row)).orElseThrow().value().plain();
    }

    @Test
    void aHolderWhoStandsThereAlreadyIsNotTakenTwice() {
        Calculation year = taken(register()
                .fact("1120/G/II/1/a@00001", "Owner 1")
                .fact("1120/G/II/1/d@00001", "40")
                .calculate());
        assertThat(year.rowValues(LineId.of("1120/G/II/1/a")))
                .extracting(row -> row.value().plain())
                .containsExactly("Owner 1", "Owner 3");
        assertThat(Returns.of(year.snapshot()).fromRegisters(year)).isEmpty();
    }

    @Test
    void withoutLargeHoldersThereIsNothingToTake() {
        Calculation year =
                owner(SampleReturns.corporation(), "1", "individual", "19.99").calculate();
        assertThat(Returns.of(year.snapshot()).fromRegisters(year)).isEmpty();
    }
}
