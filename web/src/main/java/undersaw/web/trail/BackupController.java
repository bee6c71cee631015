package undersaw.web.trail;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.security.Principal;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import undersaw.engagement.ChangeWords;
import undersaw.store.AuditTrail;
import undersaw.store.Backup;
import undersaw.store.Database;
import undersaw.store.Vault;
import undersaw.web.frame.Signature;

/** A backup on demand: database and attached files as one zip. */
@Controller
class BackupController {
    private final Database database;
    private final Vault vault;
    private final Trail trail;

    BackupController(Database database, Vault vault, AuditTrail lines, Signature signature, Clock clock) {
        this.database = database;
        this.vault = vault;
        trail = new Trail(lines, signature, clock);
    }

    /** Where it is written down that a backup was taken, by whom and when. */
    private record Trail(AuditTrail lines, Signature signature, Clock clock) {
        void taken(Principal principal) {
            lines.note(
                    new AuditTrail.Origin(null, 0, signature.name(principal), clock.instant()),
                    new ChangeWords("Backup taken", "", ""));
        }
    }

    @PostMapping("/firm/backup")
    void take(Principal principal, HttpServletResponse response) throws IOException {
        trail.taken(principal);
        response.setContentType(MediaType.APPLICATION_OCTET_STREAM_VALUE);
        response.setHeader(
                "Content-Disposition", "attachment; filename=undersaw-" + LocalDate.now(trail.clock()) + ".zip");
        Backup.write(database, vault, response.getOutputStream());
    }
}
