package undersaw.web.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.http.HttpResponse;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Isolated;
import org.springframework.security.crypto.password.PasswordEncoder;
import undersaw.store.AuditTrail;
import undersaw.store.People;
import undersaw.web.Office;
import undersaw.web.Visitor;

/** Sign-in: a brake on guesses, and sessions that end with what they rested on. */
@Isolated
@ExtendWith(Office.class)
class SignInTest {
    private static void person(Office.Running office, String login, String role, String password, boolean active) {
        String encoded = office.bean(PasswordEncoder.class).encode(password);
        office.bean(People.class).put(new People.Person(login, "Wren Tully", role, encoded, active));
    }

    @Test
    void aSessionEndsWhenTheRoleThePasswordOrThePersonGoes(Office.Running office) {
        person(office, "wren", "administrator", "tarred-rope-9", true);
        Visitor wren = Visitor.as(office, "wren", "tarred-rope-9");
        assertThat(wren.get("/firm").statusCode()).isEqualTo(200);
        person(office, "wren", "preparer", "tarred-rope-9", true);
        HttpResponse<String> after = wren.get("/firm");
        assertThat(after.statusCode()).isEqualTo(302);
        assertThat(after.headers().firstValue("Location").orElse("")).endsWith("/sign-in?ended");
        Visitor again = Visitor.as(office, "wren", "tarred-rope-9");
        assertThat(again.get("/firm").statusCode()).isEqualTo(403);
        person(office, "wren", "preparer", "tarred-rope-9", false);
        assertThat(again.get("/").statusCode()).isEqualTo(302);
    }

    @Test
    void anAdministratorShutsAPersonOutAndNeverThemselves(Office.Running office) {
        person(office, "wrenna", "preparer", "tarred-rope-9", true);
        Visitor orrin = Visitor.as(office, "orrin");
        orrin.post("/firm/people/active", "login", "wrenna", "active", "false");
        assertThat(office.bean(People.class).find("wrenna").orElseThrow().active())
                .isFalse();
        orrin.post("/firm/people/active", "login", "orrin", "active", "false");
        assertThat(office.bean(People.class).find("orrin").orElseThrow().active())
                .isTrue();
    }

    @Test
    void aPasswordThatIsNoneIsRefusedInWords(Office.Running office) {
        Visitor orrin = Visitor.as(office, "orrin");
        for (String password :
                new String[] {"short", "aaaaaaaaaaaa", "x".repeat(40) + "ä".repeat(20), "wrennb-wrennb-1"}) {
            orrin.post("/firm/people", "login", "wrennb", "name", "W", "role", "preparer", "password", password);
            assertThat(office.bean(People.class).find("wrennb")).as(password).isEmpty();
        }
    }

    @Test
    void afterFiveWrongTriesEvenTheRightPasswordWaitsAndTheTrailSaysSo(Office.Running office) {
        person(office, "wrennc", "preparer", "tarred-rope-9", true);
        for (int i = 0; i < 5; i++) {
            assertThat(Visitor.tries(office, "wrennc", "wrong " + i)).endsWith("/sign-in?error");
        }
        assertThat(Visitor.tries(office, "wrennc", "tarred-rope-9")).endsWith("/sign-in?held");
        assertThat(office.bean(AuditTrail.class).latest())
                .anyMatch(line ->
                        line.person().equals("wrennc") && line.what().equals("Sign-in refused, and held for a while"));
        // another person is not held
        assertThat(Visitor.tries(office, "tern", "harbor-demo")).doesNotContain("held");
    }
}
