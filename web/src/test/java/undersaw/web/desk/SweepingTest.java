package undersaw.web.desk;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.HexFormat;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Isolated;
import undersaw.store.Vault;
import undersaw.web.FreshClient;
import undersaw.web.Office;
import undersaw.web.Visitor;

/** What was refused or discarded leaves the vault; what something refers to, and what has just come, stays. */
@Isolated
@ExtendWith(Office.class)
class SweepingTest {
    private static boolean holds(Vault vault, String text) {
        try {
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8));
            return Files.exists(vault.path(HexFormat.of().formatHex(digest)));
        } catch (NoSuchAlgorithmException impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    @Test
    void onlyWhatSomethingRefersToStays(Office.Running office) {
        Vault vault = office.bean(Vault.class);
        Sweeping sweeping = office.bean(Sweeping.class);
        Visitor tern = Visitor.as(office, "tern");
        FreshClient client = FreshClient.begin(office, "Sweep " + System.nanoTime());
        String waiting = "account,name,closing\n1010,Cash " + System.nanoTime() + ",5\n3010,Stock,-5\n";
        tern.upload(client.at("books/import"), "waiting.csv", waiting);
        String loose = "nothing refers to this " + System.nanoTime();
        vault.keep(new ByteArrayInputStream(loose.getBytes(StandardCharsets.UTF_8)));

        sweeping.sweep(Instant.now().minusSeconds(600));
        assertThat(holds(vault, loose)).as("what has just come").isTrue();

        assertThat(sweeping.sweep(Instant.now().plusSeconds(5))).isPositive();
        assertThat(holds(vault, loose)).isFalse();
        assertThat(holds(vault, waiting)).isTrue();

        tern.post(client.at("books/staged/discard"));
        sweeping.sweep(Instant.now().plusSeconds(5));
        assertThat(holds(vault, waiting)).isFalse();
    }
}
