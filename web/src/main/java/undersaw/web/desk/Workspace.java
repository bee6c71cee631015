package undersaw.web.desk;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import undersaw.calc.Calculation;
import undersaw.calc.LineValue;
import undersaw.calc.Movement;
import undersaw.check.Diagnostic;
import undersaw.check.Review;
import undersaw.engagement.Change;
import undersaw.engagement.Heading;
import undersaw.engagement.PriorYear;
import undersaw.engagement.Snapshot;
import undersaw.engagement.WholeSnapshot;
import undersaw.line.LineId;
import undersaw.line.Value;
import undersaw.money.Money;
import undersaw.registry.Returns;
import undersaw.returns.KeptFigures;
import undersaw.store.Engagements;
import undersaw.store.Engagements.Kept;
import undersaw.store.Engagements.Made;
import undersaw.store.Engagements.Step;
import undersaw.store.Movements;
import undersaw.store.Standings;
import undersaw.store.Standings.OnDay;

/**
 * The engagements that are being worked on, each computed once a revision.
 *
 * <p>A change is written to the database first, then applied to what is in memory, one at a time for each engagement.
 */
@Component
public class Workspace {
    /** Accounts and typed figures of the engagements that are held in memory together; the rest is computed again. */
    private static final long MOST_HELD = 200_000;

    private static final int WEIGHT_OF_FORMS = 500;

    private final Engagements engagements;
    private final Movements movements;
    private final Rejections rejections;
    private final Clock clock;
    private final Standpoint standpoint;
    private final Standings standings;
    private final Cache<Long, OpenEngagement> open = Caffeine.newBuilder()
            .maximumWeight(MOST_HELD)
            .weigher((Long id, OpenEngagement each) -> weight(each.snapshot()))
            .build();
    private final Map<Long, Object> locks = new ConcurrentHashMap<>();

    Workspace(Archive archive, Rejections rejections, Standpoint standpoint, Clock clock) {
        engagements = archive.engagements();
        movements = archive.movements();
        standings = archive.standings();
        this.rejections = rejections;
        this.standpoint = standpoint;
        this.clock = clock;
    }

    /** What is kept of engagements. */
    @Component
    record Archive(Engagements engagements, Movements movements, Standings standings) {}

    /**
     * What a change taken back, or made again, did.
     *
     * @param outcome the engagement before and after
     * @param what the change, in words
     * @param person who had made it
     */
    public record Undone(Outcome outcome, String what, String person) {}

    /**
     * What a change did.
     *
     * @param before the engagement as it stood
     * @param after the engagement as it stands
     */
    public record Outcome(OpenEngagement before, OpenEngagement after) {}

    /**
     * The engagement, computed.
     *
     * @throws NoSuchEngagement when there is none of that number
     */
    public OpenEngagement open(long id) {
        synchronized (lock(id)) {
            OpenEngagement known = open.getIfPresent(id);
            Optional<OpenEngagement> prior = lastYear(id);
            long priorRevision = prior.map(OpenEngagement::revision).orElse(0L);
            if (known != null && known.priorRevision() == priorRevision) {
                return reviewed(known);
            }
            Kept kept = engagements.open(id).orElseThrow(() -> new NoSuchEngagement(id));
            Snapshot linked = linked(kept.snapshot(), prior);
            Calculation calculation = Returns.calculate(linked);
            OpenEngagement fresh = opened(kept.with(kept.revision(), linked), priorRevision, calculation);
            open.put(id, fresh);
            if (movements.baseline(id).isEmpty()) {
                movements.keep(
                        id,
                        new Movements.Baseline(
                                fresh.revision(), KeptFigures.of(calculation).byKey()));
            }
            return fresh;
        }
    }

    private static int weight(Snapshot snapshot) {
        return WEIGHT_OF_FORMS + snapshot.accounts().size() + snapshot.facts().size();
    }

    /** Looks at the engagement again and keeps how it stands, where what is kept is old. */
    public OpenEngagement stand(long id) {
        OpenEngagement now = open(id);
        if (!standings.isFresh(id, now.day())) {
            standings.keep(id, now.revision(), new OnDay(standpoint.of(now), now.day()));
        }
        return now;
    }

    /** The snapshot with last year's figures, where last year is an engagement of its own. */
    private static Snapshot linked(Snapshot snapshot, Optional<OpenEngagement> prior) {
        return prior.map(each -> snapshot.withPrior(asPriorYear(each))).orElse(snapshot);
    }

    private OpenEngagement opened(Kept kept, long priorRevision, Calculation calculation) {
        LocalDate day = today();
        Review review = Returns.review(calculation, day).and(rejections.of(kept.id(), calculation));
        return new OpenEngagement(kept, priorRevision, calculation, review, day);
    }

    /** The authority may have answered since, or another day begun. */
    private OpenEngagement reviewed(OpenEngagement known) {
        List<Diagnostic> rejected = rejections.of(known.id(), known.calculation());
        if (known.day().equals(today())
                && known.review().diagnostics().containsAll(rejected)
                && known.review().diagnostics().stream()
                                .filter(Rejections::isRejection)
                                .count()
                        == rejected.size()) {
            return known;
        }
        OpenEngagement again = opened(known.kept(), known.priorRevision(), known.calculation());
        open.put(known.id(), again);
        return again;
    }

    /** Last year's engagement of the same client and form; nothing where there is none. */
    public Optional<OpenEngagement> lastYear(long id) {
        return engagements.before(id).map(this::open);
    }

    /** Next year's engagement of the same client and form; nothing where there is none. */
    public Optional<Long> nextYear(long id) {
        return engagements.following(id);
    }

    private static PriorYear asPriorYear(OpenEngagement prior) {
        Map<LineId, Money> lines = prior.calculation().printed().stream()
                .filter(value -> value.key().instance().isEmpty() && value.value() instanceof Value.Amount)
                .collect(Collectors.toMap(value -> value.key().line(), LineValue::amount));
        int unconfirmed = (int) prior.snapshot().mappings().values().stream()
                .filter(mapping -> !mapping.confirmed())
                .count();
        return new PriorYear(prior.heading().period().end(), lines, unconfirmed);
    }

    /**
     * Makes a change out of the engagement as it stands, keeps it and computes what depends on it.
     *
     * @param change gives null where nothing is to be changed; asked again when somebody else was faster
     */
    public Outcome change(long id, String person, Function<OpenEngagement, @Nullable Change> change) {
        synchronized (lock(id)) {
            Outcome outcome = tryChange(id, person, change);
            if (outcome == null) {
                open.invalidate(id);
                outcome = tryChange(id, person, change);
            }
            if (outcome == null) {
                throw new IllegalStateException("engagement " + id + " is being changed from outside");
            }
            return outcome;
        }
    }

    private @Nullable Outcome tryChange(long id, String person, Function<OpenEngagement, @Nullable Change> make) {
        OpenEngagement before = open(id);
        Change change = make.apply(before);
        if (change == null) {
            return new Outcome(before, before);
        }
        Snapshot next = change.applyTo(before.snapshot());
        if (before.isStudy() && !next.heading().client().equals(before.heading().client())) {
            throw new Refused(
                    HttpStatus.CONFLICT,
                    "A study has the client's facts as they are. Change them in the engagement itself.");
        }
        boolean otherYear =
                next.heading().period().lawYear() != before.calculation().plan().year();
        Calculation calculation =
                otherYear ? Returns.calculate(next) : before.calculation().after(next, change.touches());
        LocalDate day = today();
        Review review = Returns.review(calculation, day, before.review()).and(rejections.of(id, calculation));
        OpenEngagement after = new OpenEngagement(
                before.kept().with(before.revision() + 1, next), before.priorRevision(), calculation, review, day);
        Step step = new Step(
                before.kept(),
                change,
                Movement.ofLines(before.calculation(), calculation),
                Optional.of(new OnDay(standpoint.of(after), day)));
        if (engagements.record(step, person, clock.instant()).isEmpty()) {
            return null;
        }
        open.put(id, after);
        if (change instanceof Change.HeadingSet) {
            engagements.ofSameClient(id).forEach(open::invalidate);
        }
        return new Outcome(before, after);
    }

    /**
     * Takes back the last change that still stands.
     *
     * @param others whether a change of somebody else may be taken back
     * @throws Refused where it is somebody else's and that was not asked for
     */
    public Optional<Undone> undo(long id, String person, boolean others) {
        synchronized (lock(id)) {
            Optional<Made> last = engagements.lastMade(id, open(id).revision());
            if (last.isPresent() && !others && !last.get().person().equals(person)) {
                throw new Refused(
                        HttpStatus.PRECONDITION_REQUIRED,
                        "The last change here is " + last.get().person() + "'s: "
                                + last.get().what() + ".");
            }
            return last.map(made -> takeBack(id, made, person));
        }
    }

    /** Makes the change again that was taken back last, as long as nothing else was changed since. */
    public Optional<Undone> redo(long id, String person) {
        synchronized (lock(id)) {
            return engagements.lastTakenBack(id, open(id).revision()).map(made -> takeBack(id, made, person));
        }
    }

    private Undone takeBack(long id, Made made, String person) {
        OpenEngagement before = open(id);
        Optional<OpenEngagement> prior = lastYear(id);
        AtomicReference<Calculation> taken = new AtomicReference<>();
        Optional<Long> revision =
                engagements.takeBack(before.kept(), made, new Engagements.By(person, clock.instant()), next -> {
                    taken.set(Returns.calculate(linked(next, prior)));
                    return Movement.ofLines(before.calculation(), taken.get());
                });
        open.invalidate(id);
        if (revision.isEmpty()) {
            throw new IllegalStateException("engagement " + id + " is being changed from outside");
        }
        engagements.ofSameClient(id).forEach(open::invalidate);
        Kept kept = before.kept().with(revision.get(), taken.get().snapshot());
        open.put(id, opened(kept, before.priorRevision(), taken.get()));
        return new Undone(new Outcome(before, stand(id)), made.what(), made.person());
    }

    /** Begins a new engagement. */
    public long begin(Heading heading, String person) {
        return begin(heading, person, fresh -> null);
    }

    /** Begins a new engagement with a first change made out of it, or neither. */
    public long begin(Heading heading, String person, Function<Snapshot, @Nullable Change> first) {
        long id = engagements.begin(heading, fresh -> first.apply(fresh.snapshot()), person, clock.instant());
        stand(id);
        return id;
    }

    /** Begins a study of an engagement, as it stands now, with what makes it another. */
    public long study(long id, String name, Snapshot other, String person) {
        long begun = engagements.beginStudy(
                other.heading(),
                new Engagements.Study(id, name, other.heading().form()),
                fresh -> WholeSnapshot.put(other),
                new Engagements.By(person, clock.instant()));
        open(begun);
        return begun;
    }

    /** The studies of an engagement, the oldest first. */
    public List<Engagements.Study> studies(long id) {
        return engagements.studies(id);
    }

    /** Takes a study away. */
    public void removeStudy(long id) {
        synchronized (lock(id)) {
            engagements.removeStudy(id);
            open.invalidate(id);
        }
    }

    /** Forgets what was computed, so that everything is computed anew under the law as it now stands. */
    public void forget() {
        open.invalidateAll();
    }

    public LocalDate today() {
        return LocalDate.now(clock);
    }

    private Object lock(long id) {
        return locks.computeIfAbsent(id, unused -> new Object());
    }
}
