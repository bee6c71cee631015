package undersaw.web.file;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import undersaw.files.folder.EngagementFolder;
import undersaw.files.pdf.PrintMark;
import undersaw.files.pdf.ReturnPdf;
import undersaw.files.xml.FilingXml;
import undersaw.filing.FilingContent;
import undersaw.store.Filings;
import undersaw.web.desk.OpenEngagement;

/** Freezes a return: its inputs, its filing, its readable form and their digest. */
@Component
public class Sealing {
    private final Filings filings;
    private final Clock clock;
    private final String firm;

    Sealing(Filings filings, Clock clock, @Value("${undersaw.firm}") String firm) {
        this.filings = filings;
        this.clock = clock;
        this.firm = firm;
    }

    /**
     * A sealed filing, or why there is none.
     *
     * @param filing its number
     * @param problem what stands in the way; empty where nothing does
     */
    public record Sealed(Optional<Long> filing, String problem) {
        static Sealed refused(String problem) {
            return new Sealed(Optional.empty(), problem);
        }
    }

    /** What would be sent. */
    public FilingContent content(OpenEngagement open, String preparer) {
        return FilingContent.of(open.calculation(), preparer, firm);
    }

    /** Seals the return as it stands, where nothing stops it. */
    public Sealed seal(OpenEngagement open, String person) {
        if (open.isStudy()) {
            return Sealed.refused("A study is never sealed. Seal the engagement that it studies.");
        }
        if (!open.review().isFileable()) {
            return Sealed.refused("There are stops. Mend them at Check; then seal.");
        }
        FilingContent content = content(open, person);
        String submission = UUID.randomUUID().toString();
        byte[] xml = FilingXml.write(content, submission);
        List<String> faults = FilingXml.validate(xml);
        if (!faults.isEmpty()) {
            return Sealed.refused("The filing breaks the published format: " + String.join(" ", faults));
        }
        String pages = ReturnPdf.pages(content, open.calculation().plan());
        Filings.Content sealed = new Filings.Content(
                open.id(),
                open.revision(),
                submission,
                FilingXml.digest(xml),
                xml,
                ReturnPdf.print(pages, PrintMark.draft()),
                pages,
                EngagementFolder.writeZip(open.snapshot()));
        Optional<Long> filing = open.kind().isAmended(open.calculation())
                ? filings.sealAmended(sealed, person, clock.instant())
                : filings.seal(sealed, person, clock.instant());
        return filing.isPresent()
                ? new Sealed(filing, "")
                : Sealed.refused("A filing of this engagement is sealed, under way or accepted already.");
    }
}
