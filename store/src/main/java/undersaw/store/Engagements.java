package undersaw.store;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.LongConsumer;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import undersaw.calc.Movement;
import undersaw.engagement.Change;
import undersaw.engagement.ChangeWords;
import undersaw.engagement.Client;
import undersaw.engagement.Heading;
import undersaw.engagement.Heading.Flag;
import undersaw.engagement.Snapshot;
import undersaw.ledger.BooksSource;
import undersaw.store.AuditTrail.Origin;
import undersaw.store.Standings.OnDay;

/** Engagements: listed, opened, begun and changed one revision at a time. */
public final class Engagements {
    private final Database database;
    private final Clients clients;
    private final SnapshotRows rows;
    private final AuditTrail trail;
    private final Movements movements;
    private final Revisions revisions;
    private final Standings standings;

    /** Engagements of the firm, with every change noted in its trail. */
    public Engagements(Database database, AuditTrail trail) {
        this.database = database;
        this.trail = trail;
        clients = new Clients(database);
        rows = new SnapshotRows(database);
        movements = new Movements(database);
        revisions = new Revisions(database);
        standings = new Standings(database);
    }

    /**
     * An engagement as kept.
     *
     * @param id its number in the database
     * @param revision how often it was changed
     * @param snapshot its content, last year not yet linked
     * @param studyOf the engagement that it is a study of; nothing where it is one proper
     */
    public record Kept(long id, long revision, Snapshot snapshot, Optional<Long> studyOf) {
        /** The same in another revision. */
        public Kept with(long newRevision, Snapshot newSnapshot) {
            return new Kept(id, newRevision, newSnapshot, studyOf);
        }
    }

    /**
     * A study of an engagement.
     *
     * @param id its number in the database
     * @param name what it is called
     * @param form the form's code
     */
    public record Study(long id, String name, String form) {}

    /**
     * A revision that a person made.
     *
     * @param revision its number
     * @param person who made it
     * @param what what it did, in words
     */
    public record Made(long revision, String person, String what) {}

    private record Row(
            long id,
            long client,
            String form,
            String start,
            String until,
            @Nullable String method,
            String flags,
            long revision,
            String sourceFile,
            long sourceLedger,
            @Nullable Long studyOf) {}

    /** The numbers of all engagements. */
    public List<Long> ids() {
        return database.read()
                .sql("select id from engagement where study_of is null order by id")
                .query(Long.class)
                .list();
    }

    /**
     * An engagement by name.
     *
     * @param id its number in the database
     * @param client the client's name
     * @param form the form's code
     * @param start first day of its period
     */
    public record Named(long id, String client, String form, String start) {
        /** The year that the law goes by. */
        public int lawYear() {
            return LocalDate.parse(start).getYear();
        }
    }

    /** Every engagement by name. */
    public List<Named> named() {
        return database.read().sql("""
                        select engagement.id, client.name as client, form, start from engagement
                        join client on client.id = engagement.client where study_of is null
                        order by client.name, start desc""").query(Named.class).list();
    }

    /** The engagement, whole. */
    public Optional<Kept> open(long id) {
        return database.read()
                .sql("""
                        select id, client, form, start, until, method, flags, revision, source_file, source_ledger,
                          study_of
                        from engagement where id = ?""")
                .param(id)
                .query(Row.class)
                .optional()
                .map(row -> new Kept(
                        row.id(),
                        row.revision(),
                        rows.read(row.id(), heading(row))
                                .withSource(new BooksSource(row.sourceFile(), row.sourceLedger())),
                        Optional.ofNullable(row.studyOf())));
    }

    private Heading heading(Row row) {
        return HeadingRow.of(
                row.form(),
                clients.find(row.client()),
                new HeadingRow.Dates(row.start(), row.until()),
                new HeadingRow.Marks(row.method(), row.flags()));
    }

    /** The engagement of the same client and form whose period ended the day before; nothing where there is none. */
    public Optional<Long> before(long id) {
        return database.read().sql("""
                        select earlier.id from engagement this
                        join engagement earlier on earlier.client = this.client and earlier.form = this.form
                        where this.id = ? and earlier.until = date(this.start, '-1 day')
                        and this.study_of is null and earlier.study_of is null""").param(id).query(Long.class).optional();
    }

    /** The engagement of the same client and form whose period begins the day after; nothing where there is none. */
    public Optional<Long> following(long id) {
        return database.read().sql("""
                        select later.id from engagement this
                        join engagement later on later.client = this.client and later.form = this.form
                        where this.id = ? and this.until = date(later.start, '-1 day')
                        and this.study_of is null and later.study_of is null""").param(id).query(Long.class).optional();
    }

    /** The other engagements of the same client. */
    public List<Long> ofSameClient(long id) {
        return database.read().sql("""
                        select other.id from engagement this join engagement other on other.client = this.client
                        where this.id = ? and other.id <> this.id order by other.id""").param(id).query(Long.class).list();
    }

    /** The engagement of a client for a form whose period overlaps; nothing where there is none. */
    public Optional<Long> overlapping(String number, String form, LocalDate start, LocalDate end) {
        return database.read()
                .sql("""
                        select engagement.id from engagement join client on client.id = engagement.client
                        where client.number = :number and form = :form and start <= :end and until >= :start
                        and study_of is null
                        order by start limit 1""")
                .param("number", number)
                .param("form", form)
                .param("start", start.toString())
                .param("end", end.toString())
                .query(Long.class)
                .optional();
    }

    /** The studies of an engagement, the oldest first. */
    public List<Study> studies(long id) {
        return database.read()
                .sql("select id, study_name as name, form from engagement where study_of = ? order by id")
                .param(id)
                .query(Study.class)
                .list();
    }

    /** Takes a study away with all that is in it; its lines stay in the trail. */
    public void removeStudy(long id) {
        database.inTransaction(() -> database.write()
                .sql("delete from engagement where id = ? and study_of is not null")
                .param(id)
                .update());
    }

    /** A client's facts by taxpayer number. */
    public Optional<Client> client(String number) {
        return clients.byNumber(number).map(clients::find);
    }

    /**
     * Begins an engagement; a known client's facts are taken from the client.
     *
     * @throws org.springframework.dao.DuplicateKeyException when it exists already
     */
    public long begin(Heading heading, String person, Instant at) {
        return begin(heading, fresh -> null, person, at);
    }

    /**
     * Begins an engagement with a first change, or neither.
     *
     * @param first made out of the engagement as it begins; null where there is none
     * @throws org.springframework.dao.DuplicateKeyException when it exists already
     */
    public long begin(Heading heading, Function<Kept, @Nullable Change> first, String person, Instant at) {
        return begin(new Entered(heading, null, ""), first, person, at);
    }

    /**
     * Begins a study of an engagement with a first change, or neither.
     *
     * @param of the engagement that is studied
     * @param name what the study is called
     */
    public long beginStudy(Heading heading, Study of, Function<Kept, @Nullable Change> first, By by) {
        return begin(new Entered(heading, of.id(), of.name()), first, by.person(), by.at());
    }

    /** What is entered of an engagement. */
    private record Entered(Heading heading, @Nullable Long studyOf, String name) {}

    private long begin(Entered entered, Function<Kept, @Nullable Change> first, String person, Instant at) {
        return database.inTransaction(() -> {
            long id = enter(entered, person, at);
            Kept fresh = open(id).orElseThrow();
            Change change = first.apply(fresh);
            if (change != null) {
                record(fresh, change, person, at);
            }
            return id;
        });
    }

    private long enter(Entered entered, String person, Instant at) {
        Heading heading = entered.heading();
        long next = database.read()
                .sql("select coalesce(max(id), 0) + 1 from engagement")
                .query(Long.class)
                .single();
        revisions.begin(next, 1);
        long client =
                clients.byNumber(heading.client().number().digits()).orElseGet(() -> clients.add(heading.client()));
        database.write()
                .sql("""
                        insert into engagement (id, client, form, start, until, method, flags, study_of, study_name)
                        values (:id, :client, :form, :start, :until, :method, :flags, :of, :name)""")
                .param("of", entered.studyOf())
                .param("name", entered.name())
                .param("id", next)
                .param("client", client)
                .param("form", heading.form())
                .param("start", heading.period().start().toString())
                .param("until", heading.period().end().toString())
                .param("method", method(heading))
                .param("flags", flags(heading))
                .update();
        revisions.began();
        trail.addRevision(
                new Origin(next, 1, person, at),
                new ChangeWords(
                        entered.studyOf() == null ? "Engagement begun" : "Study begun: " + entered.name(),
                        "",
                        heading.client().name() + ", " + heading.form() + ", "
                                + heading.period().start() + " to "
                                + heading.period().end()));
        return next;
    }

    /** Keeps a change whose figures nobody has computed. */
    public Optional<Long> record(Kept before, Change change, String person, Instant at) {
        return record(new Step(before, change, List.of(), Optional.empty()), person, at);
    }

    /**
     * One change with what it moves.
     *
     * @param before the engagement as it stood
     * @param change what is changed
     * @param moved the figures of the return that move by it
     * @param standing how the engagement stands by it; nothing where nobody has looked
     */
    public record Step(Kept before, Change change, List<Movement> moved, Optional<OnDay> standing) {}

    /**
     * Keeps a change as the next revision, with its line in the trail, or nothing at all.
     *
     * @return the new revision; nothing when somebody else was faster
     */
    public Optional<Long> record(Step step, String person, Instant at) {
        Kept before = step.before();
        Change change = step.change();
        return next(before, revision -> {
            write(before.id(), change);
            movements.add(before.id(), revision, step.moved());
            ChangeWords words = ChangeWords.of(change, before.snapshot());
            revisions.made(before.id(), new Made(revision, person, words.what()));
            trail.addRevision(new Origin(before.id(), revision, person, at), words);
            step.standing().ifPresent(each -> standings.keep(before.id(), revision, each));
        });
    }

    /** Writes the next revision, or nothing at all where somebody else was faster. */
    private Optional<Long> next(Kept before, LongConsumer work) {
        return database.inTransaction(() -> {
            int moved = database.write()
                    .sql("update engagement set revision = revision + 1 where id = ? and revision = ?")
                    .param(before.id())
                    .param(before.revision())
                    .update();
            if (moved == 0) {
                return Optional.empty();
            }
            long revision = before.revision() + 1;
            revisions.begin(before.id(), revision);
            work.accept(revision);
            return Optional.of(revision);
        });
    }

    /** Who does something, and when. */
    public record By(String person, Instant at) {}

    /** The change that undo takes back: the last one that still stands. */
    public Optional<Made> lastMade(long id, long revision) {
        return revisions.lastMade(id, revision);
    }

    /** The change that redo makes again: the last one that was taken back, as long as nothing came after. */
    public Optional<Made> lastTakenBack(long id, long revision) {
        return revisions.lastTakenBack(id, revision);
    }

    /**
     * Takes a change back as the next revision, or makes it again.
     *
     * @param before the engagement as it stands
     * @param made the change, or the revision that took it back
     * @param by who does, and when
     * @param moved the figures that move, found from the snapshot as it stands afterwards
     * @return the new revision; nothing when somebody else was faster
     */
    public Optional<Long> takeBack(Kept before, Made made, By by, Function<Snapshot, List<Movement>> moved) {
        return next(before, revision -> {
            revisions.reverse(before.id(), made.revision());
            movements.add(
                    before.id(),
                    revision,
                    moved.apply(open(before.id()).orElseThrow().snapshot()));
            Optional<ChangeWords> words = trail.words(before.id(), made.revision());
            boolean again = revisions
                    .lastTakenBack(before.id(), before.revision())
                    .filter(made::equals)
                    .isPresent();
            if (again) {
                revisions.madeAgain(before.id(), new Made(revision, by.person(), made.what()), made.revision());
            } else {
                revisions.tookBack(before.id(), new Made(revision, made.person(), made.what()), made.revision());
            }
            trail.addRevision(
                    new Origin(before.id(), revision, by.person(), by.at()),
                    new ChangeWords(
                            (again ? "Made again: " : "Taken back: ") + made.what(),
                            words.map(ChangeWords::after).orElse(""),
                            words.map(ChangeWords::before).orElse("")));
        });
    }

    private void write(long id, Change change) {
        if (change instanceof Change.Several several) {
            several.changes().forEach(each -> write(id, each));
        } else if (change instanceof Change.HeadingSet set) {
            writeHeading(id, set.heading());
        } else {
            rows.write(id, change);
        }
    }

    private void writeHeading(long id, Heading heading) {
        long client = database.write()
                .sql("select client from engagement where id = ?")
                .param(id)
                .query(Long.class)
                .single();
        boolean study = database.write()
                .sql("select count(*) from engagement where id = ? and study_of is not null")
                .param(id)
                .query(Boolean.class)
                .single();
        if (!study) {
            // a study leaves the facts of the client as they are
            clients.update(client, heading.client());
        }
        database.write()
                .sql("""
                        update engagement set start = :start, until = :until, method = :method, flags = :flags
                        where id = :id""")
                .param("start", heading.period().start().toString())
                .param("until", heading.period().end().toString())
                .param("method", method(heading))
                .param("flags", flags(heading))
                .param("id", id)
                .update();
    }

    private static @Nullable String method(Heading heading) {
        return heading.method() == null ? null : heading.method().word();
    }

    private static String flags(Heading heading) {
        return heading.flags().stream().map(Flag::name).sorted().collect(Collectors.joining(" "));
    }
}
