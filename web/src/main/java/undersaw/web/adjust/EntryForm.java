package undersaw.web.adjust;

import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import undersaw.engagement.Snapshot;
import undersaw.ledger.Entry;
import undersaw.ledger.EntryKind;
import undersaw.ledger.EntryPosting;
import undersaw.ledger.Repeats;
import undersaw.money.Money;
import undersaw.web.frame.TypedArithmetic;

/** An entry as a person types it; rows left blank are none. */
public record EntryForm(
        @Nullable String was,
        @Nullable String number,
        @Nullable String kind,
        @Nullable String date,
        @Nullable String memo,
        @Nullable String repeats,
        @Nullable List<String> account,
        @Nullable List<String> debit,
        @Nullable List<String> credit) {

    /** An entry, or everything that keeps it from being one. */
    record Read(@Nullable Entry entry, List<String> problems) {}

    Read read(Snapshot snapshot) {
        List<String> problems = new ArrayList<>();
        Optional<EntryKind> chosen =
                EntryKind.parse(kind == null ? "" : kind).filter(each -> each != EntryKind.BALANCING);
        if (chosen.isEmpty()) {
            problems.add("Say whether the entry is adjusting, reclassifying or tax.");
        }
        LocalDate day = day(problems);
        List<EntryPosting> postings = postings(snapshot, problems);
        Money out = Money.sum(postings.stream().map(EntryPosting::amount).toList());
        if (postings.size() < 2 && problems.isEmpty()) {
            problems.add("An entry has at least one debit and one credit.");
        }
        if (!out.isZero()) {
            problems.add("The entry does not balance: "
                    + (out.isPositive() ? "debits are " : "credits are ")
                    + out.abs().printedWithCents() + " more.");
        }
        String id = number == null || number.isBlank() ? nextNumber(snapshot) : number.strip();
        boolean taken = snapshot.lists().entries().stream()
                .anyMatch(each -> each.number().equals(id) && !each.number().equals(was));
        if (taken) {
            problems.add(
                    "Entry " + id + " is there already. Choose another number, such as " + nextNumber(snapshot) + ".");
        }
        return problems.isEmpty()
                ? new Read(
                        new Entry(
                                id,
                                chosen.orElseThrow(),
                                day,
                                memo == null ? "" : memo.strip(),
                                postings,
                                Repeats.parse(repeats == null ? "" : repeats).orElse(Repeats.ONCE)),
                        List.of())
                : new Read(null, problems);
    }

    private @Nullable LocalDate day(List<String> problems) {
        try {
            return LocalDate.parse(date == null ? "" : date.strip());
        } catch (DateTimeParseException notADate) {
            problems.add("Found \"" + date + "\", expected a date such as 2025-12-31.");
            return null;
        }
    }

    private List<EntryPosting> postings(Snapshot snapshot, List<String> problems) {
        List<EntryPosting> postings = new ArrayList<>();
        int rows = account == null ? 0 : account.size();
        for (int i = 0; i < rows; i++) {
            String name = account.get(i).strip();
            String debited = at(debit, i);
            String credited = at(credit, i);
            if (name.isEmpty() && debited.isEmpty() && credited.isEmpty()) {
                continue;
            }
            String wanted = name.split("\\s{2,}", -1)[0];
            String id = snapshot.accounts().containsKey(name) ? name : wanted;
            Optional<Money> amount =
                    amount(debited).flatMap(left -> amount(credited).map(left::minus));
            if (!snapshot.accounts().containsKey(id)) {
                problems.add(
                        "Row " + (i + 1) + ": there is no account \"" + name + "\". Type its number and choose it.");
            } else if (amount.isEmpty()) {
                problems.add("Row " + (i + 1) + ": found \"" + (amount(debited).isEmpty() ? debited : credited)
                        + "\", expected an amount such as 1250.00.");
            } else {
                postings.add(new EntryPosting(id, amount.get()));
            }
        }
        return postings;
    }

    private static String at(@Nullable List<String> list, int place) {
        return list == null || place >= list.size() ? "" : list.get(place).strip();
    }

    private static Optional<Money> amount(String text) {
        return text.isEmpty()
                ? Optional.of(Money.ZERO)
                : TypedArithmetic.read(text).filter(Money::isPlain).map(Money::parse);
    }

    /** The first number that no entry has. */
    static String nextNumber(Snapshot snapshot) {
        return snapshot.lists().nextEntryNumber("");
    }
}
