package undersaw.rollforward;

import java.util.ArrayList;
import java.util.List;
import undersaw.calc.Calculation;
import undersaw.engagement.Change;
import undersaw.engagement.Snapshot;
import undersaw.engagement.Station;
import undersaw.ledger.Entry;
import undersaw.ledger.EntryPosting;
import undersaw.ledger.Repeats;

/** Entries that come again each year, and those that turn round. */
final class EntryGifts {
    private EntryGifts() {}

    static List<Gift> of(Calculation year) {
        List<Gift> gifts = new ArrayList<>();
        for (Entry entry : year.snapshot().lists().entries()) {
            if (entry.repeats() != Repeats.ONCE) {
                Entry next = next(entry, year);
                gifts.add(new Gift(
                        "entry/" + next.number(),
                        words(next),
                        "Entry " + next.number() + ", " + next.memo(),
                        Station.ADJUST,
                        snapshot -> new Change.EntriesSet(with(snapshot, next))));
            }
        }
        return gifts;
    }

    private static Entry next(Entry entry, Calculation year) {
        if (entry.repeats() == Repeats.RECURRING) {
            return new Entry(
                    entry.number(),
                    entry.kind(),
                    entry.date().plusYears(1),
                    entry.memo(),
                    entry.postings(),
                    Repeats.RECURRING);
        }
        return new Entry(
                entry.number() + "-R",
                entry.kind(),
                year.snapshot().heading().period().end().plusDays(1),
                "Reversal of " + entry.number() + ": " + entry.memo(),
                entry.postings().stream()
                        .map(posting -> new EntryPosting(
                                posting.account(), posting.amount().negated()))
                        .toList());
    }

    private static List<Entry> with(Snapshot snapshot, Entry next) {
        List<Entry> entries = new ArrayList<>(snapshot.lists().entries());
        entries.removeIf(each -> each.number().equals(next.number()));
        entries.add(next);
        return entries;
    }

    private static String words(Entry entry) {
        return entry.kind().word() + " " + entry.date() + " "
                + entry.postings().stream()
                        .map(posting -> posting.account() + " " + posting.amount())
                        .toList();
    }
}
