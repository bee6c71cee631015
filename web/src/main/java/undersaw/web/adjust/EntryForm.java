package undersaw.web.adjust;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import undersaw.engagement.Snapshot;
import undersaw.files.sheet.WrittenDate;
import undersaw.law.calendar.Period;
import undersaw.ledger.Account;
import undersaw.ledger.Entry;
import undersaw.ledger.EntryKind;
import undersaw.ledger.EntryPosting;
import undersaw.ledger.Repeats;
import undersaw.ledger.StatementKind;
import undersaw.money.Money;
import undersaw.web.books.NewAccounts;
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
        @Nullable List<String> credit,
        @Nullable String newNumber,
        @Nullable String newName,
        @Nullable StatementKind newStatement) {

    /** An entry with the account that is new with it, or everything that keeps it from being one. */
    record Read(@Nullable Entry entry, @Nullable Account added, List<String> problems) {}

    Read read(Snapshot books) {
        List<String> problems = new ArrayList<>();
        Account added = added(books, problems);
        Snapshot snapshot =
                added == null ? books : books.withAccounts(books.accounts().plus(added.number(), added));
        Optional<EntryKind> chosen =
                EntryKind.parse(kind == null ? "" : kind).filter(each -> each != EntryKind.BALANCING);
        if (chosen.isEmpty()) {
            problems.add("Say whether the entry is adjusting, reclassifying or tax.");
        }
        LocalDate day = day(snapshot.heading().period(), problems);
        List<EntryPosting> postings = postings(snapshot, problems);
        balance(postings, problems);
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
                        added,
                        List.of())
                : new Read(null, null, problems);
    }

    private static void balance(List<EntryPosting> postings, List<String> problems) {
        Money out = Money.sum(postings.stream().map(EntryPosting::amount).toList());
        if (postings.size() < 2 && problems.isEmpty()) {
            problems.add("An entry has at least one debit and one credit.");
        }
        if (!out.isZero()) {
            problems.add("The entry does not balance: "
                    + (out.isPositive() ? "debits are " : "credits are ")
                    + out.abs().printedWithCents() + " more.");
        }
    }

    /** The account that the entry brings with it; null where it brings none. */
    private @Nullable Account added(Snapshot books, List<String> problems) {
        String wanted = newNumber == null ? "" : newNumber.strip();
        String called = newName == null ? "" : newName.strip();
        if (wanted.isEmpty() && called.isEmpty()) {
            return null;
        }
        String problem = books.accounts().containsKey(wanted)
                ? "Account " + wanted + " is there already: "
                        + books.accounts().get(wanted).name() + "."
                : NewAccounts.problem(wanted, called);
        if (!problem.isEmpty()) {
            problems.add(problem);
            return null;
        }
        return NewAccounts.of(wanted, called, newStatement == null ? StatementKind.BALANCE_SHEET : newStatement);
    }

    private @Nullable LocalDate day(Period year, List<String> problems) {
        Optional<LocalDate> day = WrittenDate.read(date == null ? "" : date);
        if (day.isEmpty()) {
            problems.add("Found \"" + date + "\", expected a date such as 2025-12-31.");
            return null;
        }
        if (day.get().isBefore(year.start()) || day.get().isAfter(year.end())) {
            problems.add("Found " + day.get() + ", and the year runs from " + year.start() + " to " + year.end()
                    + ". Date the entry within it.");
        }
        return day.get();
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
            List<Account> meant = meant(snapshot, name);
            Optional<Money> amount =
                    amount(debited).flatMap(left -> amount(credited).map(left::minus));
            if (!debited.isEmpty() && !credited.isEmpty()) {
                problems.add("Row " + (i + 1) + " has a debit and a credit. Leave one of them, or use two rows.");
            } else if (meant.size() != 1) {
                problems.add("Row " + (i + 1) + ": " + unclear(name, meant));
            } else if (amount.isEmpty()) {
                problems.add("Row " + (i + 1) + ": found \"" + (amount(debited).isEmpty() ? debited : credited)
                        + "\", expected an amount such as 1250.00.");
            } else {
                postings.add(new EntryPosting(meant.get(0).number(), amount.get()));
            }
        }
        return postings;
    }

    /** The accounts that a text may mean: by number, by name, else those whose name begins with it or holds it. */
    private static List<Account> meant(Snapshot snapshot, String text) {
        Account numbered = snapshot.accounts().get(text);
        Account chosen = snapshot.accounts().get(text.split("\\s{2,}", -1)[0]);
        if (numbered != null || chosen != null) {
            return List.of(numbered != null ? numbered : chosen);
        }
        String plain = text.toLowerCase(Locale.ROOT);
        List<Predicate<String>> ways =
                List.of(name -> name.equals(plain), name -> name.startsWith(plain), name -> name.contains(plain));
        for (Predicate<String> way : ways) {
            List<Account> found = snapshot.accounts().values().stream()
                    .filter(account -> way.test(account.name().toLowerCase(Locale.ROOT)))
                    .sorted(Account.byNumber())
                    .toList();
            if (!found.isEmpty() && !plain.isEmpty()) {
                return found;
            }
        }
        return List.of();
    }

    private static String unclear(String name, List<Account> meant) {
        if (meant.isEmpty()) {
            return "there is no account \"" + name + "\". Type its number or name, or add it below the rows.";
        }
        return "\"" + name + "\" may be "
                + meant.stream()
                        .limit(4)
                        .map(account -> account.number() + " " + account.name())
                        .collect(Collectors.joining(", or "))
                + (meant.size() > 4 ? ", or others" : "") + ". Type the number.";
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
