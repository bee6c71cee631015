package undersaw.web.demo;

import java.nio.file.Path;
import java.time.Clock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import undersaw.engagement.Heading;
import undersaw.engagement.Snapshot;
import undersaw.engagement.WholeSnapshot;
import undersaw.files.folder.EngagementFolder;
import undersaw.files.folder.ReadFolder;
import undersaw.store.Engagements;
import undersaw.store.Filings;
import undersaw.store.People;
import undersaw.store.People.Person;
import undersaw.web.desk.Dispatcher;
import undersaw.web.desk.Workspace;
import undersaw.web.file.Sealing;

/**
 * The invented practice Pell & Orrin with its invented clients.
 *
 * <p>Last year's returns of the cannery, the theatre and the boatworks are sealed and sent as any other; this year's
 * have mistakes to find. Other clients have sent their books in odd files, which wait in their folders to be imported.
 */
@Component
@ConditionalOnExpression("!'${undersaw.demo}'.isEmpty()")
class DemoOffice implements ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(DemoOffice.class);
    private static final String PREPARER = "R. Tern";

    private final Workspace workspace;
    private final People people;
    private final PasswordEncoder passwords;
    private final Filing filing;
    private final Path folder;

    DemoOffice(
            Workspace workspace,
            People people,
            PasswordEncoder passwords,
            Filing filing,
            @Value("${undersaw.demo}") String folder) {
        this.workspace = workspace;
        this.people = people;
        this.passwords = passwords;
        this.filing = filing;
        this.folder = Path.of(folder);
    }

    /** What it takes to file last year's return. */
    @Component
    record Filing(Engagements engagements, Sealing sealing, Filings filings, Dispatcher dispatcher, Clock clock) {}

    @Override
    public void run(ApplicationArguments arguments) {
        if (!people.all().isEmpty()) {
            return;
        }
        String password = passwords.encode("harbor-demo");
        people.put(new Person("tern", PREPARER, "preparer", password, true));
        people.put(new Person("quill", "M. Quill", "reviewer", password, true));
        people.put(new Person("orrin", "S. Orrin", "administrator", password, true));
        long lastYear = bring("gannet-row-cannery-2024");
        file(lastYear);
        bring("gannet-row-cannery-2025");
        bring("saltbox-net-works-2025");
        bring("otter-point-marine-supply-2025");
        file(bring("marrow-bay-players-2024"));
        bring("marrow-bay-players-2025");
        bring("low-tide-kayaks-2025");
        bring("slackwater-terminal-2025");
        bring("bilge-and-sons-plumbing-2025");
        file(bring("slipway-nine-boatworks-2024"));
        bring("slipway-nine-boatworks-2025");
        bring("two-ovens-bakehouse-2025");
        file(bring("two-ovens-bakehouse-2024"));
    }

    private long bring(String name) {
        ReadFolder read = EngagementFolder.read(folder.resolve(name));
        if (read.engagement().isEmpty()) {
            throw new IllegalStateException("the demo folder " + name + " has faults: " + read.faults());
        }
        Snapshot snapshot = read.engagement().get();
        Heading heading = begun(snapshot.heading());
        boolean blank = snapshot.accounts().isEmpty() && snapshot.facts().isEmpty();
        return blank
                ? workspace.begin(heading, PREPARER)
                : workspace.begin(heading, PREPARER, fresh -> WholeSnapshot.put(snapshot));
    }

    /** This year begins with the client as last year left it; its number is mistyped afterwards. */
    private Heading begun(Heading heading) {
        return filing.engagements().named().stream()
                .filter(each -> each.client().equals(heading.client().name()))
                .findFirst()
                .map(each -> workspace.open(each.id()).heading().client())
                .map(client -> new Heading(heading.form(), client, heading.period(), heading.method(), heading.flags()))
                .orElse(heading);
    }

    private void file(long id) {
        Sealing.Sealed sealed = filing.sealing().seal(workspace.open(id), PREPARER);
        if (sealed.filing().isEmpty()) {
            LOG.warn("last year's demo return was not sealed: {}", sealed.problem());
            return;
        }
        sealed.filing()
                .flatMap(filing.filings()::find)
                .ifPresent(each -> filing.dispatcher().send(each, PREPARER));
    }
}
