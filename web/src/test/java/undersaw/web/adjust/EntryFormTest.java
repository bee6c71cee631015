package undersaw.web.adjust;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import undersaw.SampleReturns;
import undersaw.engagement.Snapshot;
import undersaw.ledger.Entry;
import undersaw.ledger.EntryKind;
import undersaw.ledger.Repeats;
import undersaw.ledger.StatementKind;
import undersaw.money.Money;
import undersaw.web.books.NewAccounts;

class EntryFormTest {
    private static final Snapshot BOOKS = SampleReturns.corporation()
            .expense("6000", "1120/16", "full", "30")
            .balance("2500", "1120/L/20", "0", "-50")
            .snapshot();

    private static EntryForm form(
            @Nullable String date, List<String> accounts, List<String> debits, List<String> credits) {
        return new EntryForm(
                "", "", "adjusting", date, " memo ", "reversing", accounts, debits, credits, null, null, null);
    }

    private static String problems(EntryForm form) {
        EntryForm.Read read = form.read(BOOKS);
        assertThat(read.entry()).isNull();
        return String.join(" ", read.problems());
    }

    @Test
    void aBalancedEntryIsRead() {
        Entry entry = form(
                        "2025-12-31",
                        List.of("6000  Rent", "2500", ""),
                        List.of("10*3", "", ""),
                        List.of("", "30.00", ""))
                .read(BOOKS)
                .entry();
        assertThat(entry).isNotNull();
        assertThat(entry.number()).isEqualTo("1");
        assertThat(entry.kind()).isEqualTo(EntryKind.ADJUSTING);
        assertThat(entry.memo()).isEqualTo("memo");
        assertThat(entry.repeats()).isEqualTo(Repeats.REVERSING);
        assertThat(entry.outBy()).isEqualTo(Money.ZERO);
        assertThat(entry.postings()).hasSize(2);
    }

    @Test
    void anEntryThatDoesNotBalanceIsRefusedWithTheAmount() {
        assertThat(problems(form("2025-12-31", List.of("6000", "2500"), List.of("30", ""), List.of("", "29.99"))))
                .contains("debits are 0.01 more");
    }

    @Test
    void eachRowSaysWhatIsWrongWithIt() {
        assertThat(problems(form("2025-12-31", List.of("9999", "2500"), List.of("30", ""), List.of("", "x"))))
                .contains("Row 1: there is no account \"9999\"")
                .contains("Row 2: found \"x\"");
        assertThat(problems(form("31.02.2025", List.of("6000", "2500"), List.of("30", ""), List.of("", "30"))))
                .contains("expected a date");
        assertThat(problems(form("2025-12-31", List.of(), List.of(), List.of())))
                .contains("at least one debit");
    }

    @Test
    void nobodyTypesABalancingEntry() {
        EntryForm form = new EntryForm(
                "",
                "",
                "balancing",
                "2025-12-31",
                "",
                "",
                List.of("6000", "2500"),
                List.of("1", ""),
                List.of("", "1"),
                null,
                null,
                null);
        assertThat(problems(form)).contains("adjusting, reclassifying or tax");
    }

    @Test
    void aNumberIsTakenOnce() {
        Entry first = form("2025-12-31", List.of("6000", "2500"), List.of("1", ""), List.of("", "1"))
                .read(BOOKS)
                .entry();
        assertThat(first).isNotNull();
        Snapshot with = BOOKS.withLists(BOOKS.lists().withEntries(List.of(first)));
        EntryForm same = new EntryForm(
                "",
                "1",
                "tax",
                "2025-12-31",
                "",
                "",
                List.of("6000", "2500"),
                List.of("1", ""),
                List.of("", "1"),
                null,
                null,
                null);
        assertThat(same.read(with).problems()).singleElement().asString().contains("Entry 1 is there already");
        EntryForm edited = new EntryForm(
                "1",
                "1",
                "tax",
                "2025-12-31",
                "",
                "",
                List.of("6000", "2500"),
                List.of("1", ""),
                List.of("", "1"),
                null,
                null,
                null);
        assertThat(edited.read(with).entry()).isNotNull();
        assertThat(EntryForm.nextNumber(with)).isEqualTo("2");
    }

    @Test
    void aRowHasOneSide() {
        assertThat(problems(form("2025-12-31", List.of("6000", "2500"), List.of("1", ""), List.of("1", "1"))))
                .contains("Row 1 has a debit and a credit");
    }

    @Test
    void anEntryCanBringItsAccount() {
        EntryForm.Read read = new EntryForm(
                        "",
                        "",
                        "adjusting",
                        "2025-12-31",
                        "",
                        "",
                        List.of("6000", "accrued power"),
                        List.of("1", ""),
                        List.of("", "1"),
                        "2480",
                        "Accrued power",
                        StatementKind.BALANCE_SHEET)
                .read(BOOKS);
        assertThat(read.problems()).isEmpty();
        assertThat(read.added()).isEqualTo(NewAccounts.of("2480", "Accrued power", StatementKind.BALANCE_SHEET));
        assertThat(read.entry().postings().get(1).account()).isEqualTo("2480");
    }

    @Test
    void aNewAccountWhoseNumberIsTakenIsRefused() {
        EntryForm form = new EntryForm(
                "",
                "",
                "adjusting",
                "2025-12-31",
                "",
                "",
                List.of("6000", "2500"),
                List.of("1", ""),
                List.of("", "1"),
                "6000",
                "Again",
                null);
        assertThat(problems(form)).contains("Account 6000 is there already");
    }
}
