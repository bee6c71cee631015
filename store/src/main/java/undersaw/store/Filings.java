package undersaw.store;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import undersaw.engagement.ChangeWords;
import undersaw.filing.DispatchState;
import undersaw.filing.Fault;
import undersaw.store.AuditTrail.Origin;

/** Sealed filings and how far each has come. */
public final class Filings {
    private final Database database;
    private final AuditTrail trail;

    public Filings(Database database, AuditTrail trail) {
        this.database = database;
        this.trail = trail;
    }

    /**
     * What is frozen when a return is sealed.
     *
     * @param engagement the engagement
     * @param revision the revision that was sealed
     * @param submission the id under which it will be sent, whatever happens
     * @param digest SHA-256 of the filing
     * @param xml the filing as it will be sent
     * @param pdf the readable return
     * @param pages the readable return before it was marked, from which the accepted copy is printed
     * @param folder the engagement folder, zipped: every input
     */
    @SuppressWarnings("ArrayRecordComponent")
    public record Content(
            long engagement,
            long revision,
            String submission,
            String digest,
            byte[] xml,
            byte[] pdf,
            String pages,
            byte[] folder) {}

    /**
     * A sealed filing without its documents.
     *
     * @param id its number in the database
     * @param engagement the engagement
     * @param submission its id with the authority
     * @param revision the revision that was sealed
     * @param digest SHA-256 of the filing
     * @param sealedBy who sealed it
     * @param sealedAt when
     * @param state how far it has come, as a word
     * @param changedAt when it came there
     * @param confirmation the authority's confirmation number
     * @param trouble what went wrong on the way
     */
    public record Kept(
            long id,
            long engagement,
            String submission,
            long revision,
            String digest,
            String sealedBy,
            String sealedAt,
            String state,
            String changedAt,
            String confirmation,
            String trouble) {
        public DispatchState dispatchState() {
            return DispatchState.parse(state);
        }
    }

    /** Freezes a filing that amends an accepted one; refused while another is sealed or under way. */
    public Optional<Long> sealAmended(Content content, String person, Instant at) {
        return seal(content, person, at, List.of("sealed", "sending", "received"));
    }

    /** Freezes a filing; refused while another of the engagement is sealed, under way or accepted. */
    public Optional<Long> seal(Content content, String person, Instant at) {
        return seal(content, person, at, List.of("sealed", "sending", "received", "accepted"));
    }

    private Optional<Long> seal(Content content, String person, Instant at, List<String> blocking) {
        return database.inTransaction(() -> {
            boolean standing = database.write()
                            .sql("""
                            select count(*) from filing
                            where engagement = :engagement and state in (:blocking)""")
                            .param("engagement", content.engagement())
                            .param("blocking", blocking)
                            .query(Long.class)
                            .single()
                    > 0;
            if (standing) {
                return Optional.empty();
            }
            long id = database.write()
                    .sql("""
                            insert into filing (engagement, submission, revision, digest, sealed_by, sealed_at, xml,
                              pdf, pages, folder, state, changed_at)
                            values (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, 'sealed', ?) returning id""")
                    .params(
                            content.engagement(),
                            content.submission(),
                            content.revision(),
                            content.digest(),
                            person,
                            at.toString(),
                            content.xml(),
                            content.pdf(),
                            content.pages(),
                            content.folder(),
                            at.toString())
                    .query(Long.class)
                    .single();
            trail.add(
                    new Origin(content.engagement(), content.revision(), person, at),
                    new ChangeWords("Return sealed", "", "digest " + content.digest()));
            return Optional.of(id);
        });
    }

    /**
     * Moves a filing on, if it still stands where it is thought to stand.
     *
     * @return whether it moved
     */
    public boolean move(Kept from, Step step, String person, Instant at) {
        return database.inTransaction(() -> {
            int moved = database.write()
                    .sql("""
                            update filing set state = ?, changed_at = ?, confirmation = ?, trouble = ?
                            where id = ? and state = ?""")
                    .params(
                            step.to().word(),
                            at.toString(),
                            step.confirmation(),
                            step.trouble(),
                            from.id(),
                            from.state())
                    .update();
            if (moved == 1 && !step.to().word().equals(from.state())) {
                keepFaults(from.id(), step.faults());
                trail.add(
                        new Origin(from.engagement(), from.revision(), person, at),
                        new ChangeWords("Filing " + from.submission(), from.state(), words(step)));
            }
            return moved == 1;
        });
    }

    /**
     * Where a filing goes next.
     *
     * @param to the state
     * @param confirmation confirmation number; empty until accepted
     * @param trouble what went wrong on the way; empty where nothing did
     * @param faults why it was rejected
     */
    public record Step(DispatchState to, String confirmation, String trouble, List<Fault> faults) {
        /** A step with nothing to say. */
        public static Step to(DispatchState to) {
            return new Step(to, "", "", List.of());
        }

        /** A step, or none, with a trouble on the way. */
        public static Step trouble(DispatchState to, String trouble) {
            return new Step(to, "", trouble, List.of());
        }
    }

    private static String words(Step step) {
        return step.to().word() + (step.confirmation().isEmpty() ? "" : ", confirmation " + step.confirmation());
    }

    private void keepFaults(long filing, List<Fault> faults) {
        for (int i = 0; i < faults.size(); i++) {
            database.write()
                    .sql("insert into filing_fault (filing, place, code, line, message) values (?, ?, ?, ?, ?)")
                    .params(
                            filing,
                            i,
                            faults.get(i).code(),
                            faults.get(i).line(),
                            faults.get(i).message())
                    .update();
        }
    }

    /** The filings of an engagement, newest first. */
    public List<Kept> of(long engagement) {
        return database.read()
                .sql(SELECT + " where engagement = ? order by id desc")
                .param(engagement)
                .query(Kept.class)
                .list();
    }

    /** The filings that wait for an answer. */
    public List<Kept> underWay() {
        return database.read()
                .sql(SELECT + " where state in ('sending', 'received') order by id")
                .query(Kept.class)
                .list();
    }

    public Optional<Kept> find(long id) {
        return database.read()
                .sql(SELECT + " where id = ?")
                .param(id)
                .query(Kept.class)
                .optional();
    }

    /** Why a filing was rejected. */
    public List<Fault> faults(long filing) {
        return database.read()
                .sql("select code, line, message from filing_fault where filing = ? order by place")
                .param(filing)
                .query(Fault.class)
                .list();
    }

    /** One of the filing's documents. */
    public byte[] document(long filing, Document document) {
        return database.read()
                .sql("select " + document.column + " from filing where id = ?")
                .param(filing)
                .query((result, row) -> result.getBytes(1))
                .single();
    }

    /** The pages that were sealed, to be marked. */
    public String pages(long filing) {
        return database.read()
                .sql("select pages from filing where id = ?")
                .param(filing)
                .query(String.class)
                .single();
    }

    /** Accepted filings whose marked copy is still to be made, as after a crash between the two. */
    public List<Kept> withoutCopy() {
        return database.read()
                .sql(SELECT + " where state = 'accepted' and accepted_pdf is null and pages <> '' order by id")
                .query(Kept.class)
                .list();
    }

    /** Puts the accepted copy beside what was sealed, once. */
    public void keepAcceptedCopy(long filing, byte[] pdf) {
        database.inTransaction(() -> database.write()
                .sql("update filing set accepted_pdf = ? where id = ? and accepted_pdf is null")
                .params(pdf, filing)
                .update());
    }

    /** Keeps an answer that was not believed, as it came. */
    public void keepUnbelieved(Kept filing, String why, byte[] body, Instant at) {
        database.inTransaction(() -> {
            database.write()
                    .sql("insert into filing_answer (filing, came_at, why, body) values (?, ?, ?, ?)")
                    .params(filing.id(), at.toString(), why, body)
                    .update();
            trail.add(
                    new Origin(filing.engagement(), filing.revision(), "The authority", at),
                    new ChangeWords("Answer not believed", filing.submission(), why));
            return null;
        });
    }

    /** Why answers were not believed, the newest last. */
    public List<String> unbelieved(long filing) {
        return database.read()
                .sql("select why from filing_answer where filing = ? order by id")
                .param(filing)
                .query(String.class)
                .list();
    }

    /** The documents of a filing. */
    public enum Document {
        XML("xml"),
        /** The accepted copy, or what was sealed while there is none. */
        PDF("coalesce(accepted_pdf, pdf)"),
        /** What was sealed, byte for byte. */
        SEALED_PDF("pdf"),
        FOLDER("folder");

        private final String column;

        Document(String column) {
            this.column = column;
        }
    }

    private static final String SELECT = """
            select id, engagement, submission, revision, digest, sealed_by, sealed_at, state, changed_at, confirmation,
              trouble from filing""";
}
