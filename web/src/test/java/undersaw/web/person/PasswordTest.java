package undersaw.web.person;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.parallel.Isolated;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.context.support.GenericApplicationContext;
import org.springframework.security.crypto.password.PasswordEncoder;
import undersaw.store.AuditTrail;
import undersaw.store.People;
import undersaw.web.Office;
import undersaw.web.Visitor;

/** Passwords: what they must be, how a person changes one's own, and the way back to a lost one. */
@Isolated
@ExtendWith(Office.class)
class PasswordTest {
    private static final String FIRST = "seven gulls at dawn";
    private static final String SECOND = "nine herons at dusk";

    private static void hire(Office.Running office, String login) {
        office.bean(People.class)
                .put(new People.Person(
                        login,
                        "N. Newcomer",
                        "preparer",
                        office.bean(PasswordEncoder.class).encode(FIRST),
                        true));
    }

    @ParameterizedTest
    @CsvSource({
        "aaaaaaaaaaaa,5 different",
        "short one,at least 10",
        "wren is my name,sign-in name",
        "Password123!,tried first",
        "qwertyuiop12,tried first"
    })
    void whatIsTriedFirstIsRefused(String password, String why) {
        assertThat(PasswordRule.problem("wren", password)).contains(why);
    }

    @Test
    void severalWordsServe() {
        assertThat(PasswordRule.problem("wren", FIRST)).isEmpty();
    }

    @Test
    void aPersonChangesOnesOwnAndEverySessionEnds(Office.Running office) {
        hire(office, "newcomer");
        Visitor here = Visitor.as(office, "newcomer", FIRST);
        Visitor there = Visitor.as(office, "newcomer", FIRST);
        assertThat(there.get("/").statusCode()).isEqualTo(200);
        here.postFrom("/password", "/password", "current", "not it at all", "password", SECOND, "again", SECOND);
        assertThat(here.get("/password").body()).contains("The present password is another one");
        here.postFrom("/password", "/password", "current", FIRST, "password", SECOND, "again", "another one");
        assertThat(here.get("/password").body()).contains("The two new passwords differ");

        here.postFrom("/password", "/password", "current", FIRST, "password", SECOND, "again", SECOND);

        assertThat(there.get("/").headers().firstValue("Location").orElse("")).contains("/sign-in");
        assertThat(Visitor.tries(office, "newcomer", FIRST)).contains("error");
        assertThat(Visitor.tries(office, "newcomer", SECOND)).doesNotContain("error");
    }

    @Test
    void aLostOneIsRenewedByACommand(Office.Running office) {
        hire(office, "forgetful");
        ForgottenPassword command = new ForgottenPassword(
                "forgetful",
                office.bean(People.class),
                office.bean(PasswordEncoder.class),
                office.bean(PasswordController.Trail.class),
                new GenericApplicationContext());
        String said = command.renew();
        String password = said.replaceAll(".*password ([0-9a-f]{18});.*", "$1");
        assertThat(Visitor.tries(office, "forgetful", FIRST)).contains("error");
        assertThat(Visitor.tries(office, "forgetful", password)).doesNotContain("error");
        assertThat(office.bean(AuditTrail.class).latest())
                .anyMatch(line -> line.after().contains("given a new password by a command on the server"));
    }
}
