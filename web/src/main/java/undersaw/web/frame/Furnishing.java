package undersaw.web.frame;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import undersaw.law.Law;
import undersaw.store.Attachments;
import undersaw.store.AuditTrail;
import undersaw.store.Database;
import undersaw.store.Engagements;
import undersaw.store.Filings;
import undersaw.store.FirmMappings;
import undersaw.store.LawTables;
import undersaw.store.Ledgers;
import undersaw.store.Movements;
import undersaw.store.Notes;
import undersaw.store.People;
import undersaw.store.Preferences;
import undersaw.store.StagedFiles;
import undersaw.store.Standings;
import undersaw.store.TrailSeal;
import undersaw.store.Vault;

/** The database and the clock that everything else is built on. */
@Configuration
class Furnishing {
    @Bean(destroyMethod = "close")
    Database database(@Value("${undersaw.database}") String file) {
        return Database.open(Path.of(file));
    }

    /** The demo has a calendar of its own, so that its season never ends. */
    @Bean
    Clock clock(@Value("${undersaw.today}") String today) {
        Clock now = Clock.system(ZoneId.systemDefault());
        return today.isEmpty()
                ? now
                : Clock.offset(
                        now, Duration.ofDays(ChronoUnit.DAYS.between(LocalDate.now(now), LocalDate.parse(today))));
    }

    @Bean
    AuditTrail auditTrail(Database database, @Value("${undersaw.trail-key}") String key) {
        return key.isEmpty()
                ? new AuditTrail(database)
                : new AuditTrail(database, new TrailSeal(Path.of(key), TrailSeal.head(database.file())));
    }

    @Bean
    Engagements engagements(Database database, AuditTrail trail) {
        return new Engagements(database, trail);
    }

    @Bean
    Movements movements(Database database) {
        return new Movements(database);
    }

    @Bean
    Standings standings(Database database) {
        return new Standings(database);
    }

    /** The tables that the firm has loaded are in force from the start. */
    @Bean
    LawTables lawTables(Database database, AuditTrail trail) {
        LawTables tables = new LawTables(database, trail);
        tables.all().forEach(loaded -> Law.amend(loaded.year(), loaded.name(), loaded.content()));
        return tables;
    }

    @Bean
    Filings filings(Database database, AuditTrail trail) {
        return new Filings(database, trail);
    }

    @Bean
    StagedFiles stagedFiles(Database database) {
        return new StagedFiles(database);
    }

    /** What a killed process left half read is removed before anything new is read. */
    @Bean
    Ledgers ledgers(Database database) {
        Ledgers ledgers = new Ledgers(database);
        ledgers.sweep();
        return ledgers;
    }

    @Bean
    Vault vault(@Value("${undersaw.database}") String file) {
        return Vault.beside(Path.of(file));
    }

    @Bean
    Notes notes(Database database) {
        return new Notes(database);
    }

    @Bean
    Attachments attachments(Database database) {
        return new Attachments(database);
    }

    @Bean
    Preferences preferences(Database database) {
        return new Preferences(database);
    }

    @Bean
    FirmMappings firmMappings(Database database) {
        return new FirmMappings(database);
    }

    @Bean
    People people(Database database) {
        return new People(database);
    }
}
