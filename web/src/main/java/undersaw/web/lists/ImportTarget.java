package undersaw.web.lists;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import undersaw.engagement.Change;
import undersaw.engagement.Station;
import undersaw.files.sheet.ListReader;
import undersaw.files.sheet.PaymentReader;
import undersaw.form.RowList;
import undersaw.ledger.Payment;
import undersaw.web.desk.OpenEngagement;

/**
 * What rows of a file become: rows of a list, or payments.
 *
 * @param list the columns they have
 * @param payments whether they are payments
 */
record ImportTarget(RowList list, boolean payments) {
    /** The target of a name; absent where the return has no such list. */
    static Optional<ImportTarget> of(OpenEngagement open, String name) {
        return name.equals(PaymentReader.LIST.name())
                ? Optional.of(new ImportTarget(PaymentReader.LIST, true))
                : open.calculation().plan().list(name).map(list -> new ImportTarget(list, false));
    }

    Station station() {
        return payments ? Station.RETURN : list.station();
    }

    String title() {
        return list.part().title();
    }

    /** The page that shows it. */
    String home(long engagement) {
        return payments ? "/e/" + engagement + "/return/lists" : ListView.home(engagement, list);
    }

    /** How many rows there are. */
    int count(OpenEngagement open) {
        return payments
                ? open.snapshot().lists().payments().size()
                : open.calculation().rowsOf(list).size();
    }

    /** What keeps the rows from being kept, in sentences. */
    List<String> problems(OpenEngagement open, ListReader.Read read, String file, boolean anew) {
        List<String> problems = new ArrayList<>(read.problems());
        if (payments) {
            problems.addAll(PaymentReader.problems(read, file, open.heading().period()));
        } else {
            ListRows.tooMany(open.calculation(), list, read.rows(), anew).ifPresent(problems::add);
        }
        if (read.rows().isEmpty() && problems.isEmpty()) {
            problems.add("No rows were found.");
        }
        return problems;
    }

    /** The change that keeps them. */
    Change kept(OpenEngagement open, ListReader.Read read, boolean anew, String by) {
        if (!payments) {
            return ListRows.kept(new ListRows.Target(open.calculation(), list), read.rows(), anew, by);
        }
        List<Payment> all =
                new ArrayList<>(anew ? List.of() : open.snapshot().lists().payments());
        all.addAll(PaymentReader.payments(read));
        all.sort(Comparator.comparing(Payment::date));
        return new Change.PaymentsSet(all);
    }
}
