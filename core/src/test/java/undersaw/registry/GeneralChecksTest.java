package undersaw.registry;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.books.BookTieOuts;
import undersaw.books.RetainedRoll;
import undersaw.calc.Calculation;
import undersaw.check.TieOut;
import undersaw.engagement.Carried;
import undersaw.engagement.Snapshot;
import undersaw.ledger.Entry;
import undersaw.ledger.EntryKind;
import undersaw.ledger.EntryPosting;
import undersaw.money.Money;

class GeneralChecksTest {
    private static final Snapshot BOOKS = SampleReturns.corporation()
            .income("4000", "1120/1a", "full", "90")
            .expense("6000", "1120/16", "full", "30")
            .balance("3900", "1120/L/25", "-30", "-30")
            .balance("3950", "1120/M-2/5a", "0", "10")
            .balance("1500", "1120/L/10a", "30", "20")
            .fact("ASSETS/account@press", "1500")
            .fact("ASSETS/cost@press", "20.40")
            .snapshot();

    private static List<String> codes(Snapshot snapshot) {
        return Returns.review(Returns.calculate(snapshot), LocalDate.of(2026, 3, 1)).diagnostics().stream()
                .map(each -> each.code())
                .filter(code -> code.startsWith("G-"))
                .toList();
    }

    @Test
    void soundBooksRaiseNothing() {
        assertThat(codes(BOOKS)).isEmpty();
    }

    @Test
    void figuresFromLastYearAreAskedForUntilConfirmed() {
        Snapshot open = BOOKS.withCarried(BOOKS.carried().plus("map/6000", new Carried("x", "")));
        assertThat(codes(open)).containsExactly("G-0102");
        assertThat(codes(BOOKS.withCarried(BOOKS.carried().plus("map/6000", new Carried("x", "R. Tern")))))
                .isEmpty();
    }

    @Test
    void anEntryOnAnUnknownAccountIsAStop() {
        Entry stray = new Entry(
                "1",
                EntryKind.ADJUSTING,
                LocalDate.of(2025, 12, 31),
                "",
                List.of(new EntryPosting("6000", Money.ofCents(5)), new EntryPosting("9", Money.ofCents(-5))));
        assertThat(codes(BOOKS.withLists(BOOKS.lists().withEntries(List.of(stray)))))
                .containsExactly("G-0104");
    }

    @Test
    void aPartnerThatIsNotThereIsAStop() {
        Snapshot lost = BOOKS.withMappings(
                BOOKS.mappings().plus("6000", BOOKS.mappings().get("6000").withPartner("2999")));
        assertThat(codes(lost)).containsExactly("G-0104");
    }

    @Test
    void theBooksTieOutsAgreeWithTheReturn() {
        Calculation year = Returns.calculate(BOOKS);
        List<TieOut> ties =
                BookTieOuts.of(year, Optional.empty(), Returns.find("1120").orElseThrow());
        assertThat(ties).hasSize(7).allMatch(TieOut::agrees);
        Snapshot out = BOOKS.withAccounts(BOOKS.accounts().minus("1500"));
        assertThat(BookTieOuts.of(
                        Returns.calculate(out),
                        Optional.of(year),
                        Returns.find("1120").orElseThrow()))
                .filteredOn(tie -> !tie.agrees())
                .extracting(TieOut::code)
                .contains("TB-1", "TB-2", "TB-6");
    }

    @Test
    void retainedEarningsRollFromOneEndToTheOther() {
        RetainedRoll roll =
                RetainedRoll.of(Returns.calculate(BOOKS), Returns.find("1120").orElseThrow());
        assertThat(roll.opening()).isEqualTo(Money.parse("30"));
        assertThat(roll.netIncome()).isEqualTo(Money.parse("60"));
        assertThat(roll.distributions()).isEqualTo(Money.parse("10"));
        assertThat(roll.other()).isEqualTo(Money.ZERO);
        assertThat(roll.closing()).isEqualTo(Money.parse("80")).isEqualTo(roll.onReturn());
    }
}
