package undersaw.web.person;

import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.context.ApplicationContext;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import undersaw.store.People;

/** The way back for a password that is lost, for whoever can run a command on the server. */
@Component
@ConditionalOnExpression("!'${undersaw.forgotten}'.isEmpty()")
class ForgottenPassword implements ApplicationRunner {
    private final String login;
    private final People people;
    private final PasswordEncoder passwords;
    private final PasswordController.Trail trail;
    private final ApplicationContext context;

    ForgottenPassword(
            @Value("${undersaw.forgotten}") String login,
            People people,
            PasswordEncoder passwords,
            PasswordController.Trail trail,
            ApplicationContext context) {
        this.login = login;
        this.people = people;
        this.passwords = passwords;
        this.trail = trail;
        this.context = context;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        System.out.println(renew());
        System.exit(SpringApplication.exit(context));
    }

    /** Gives the person a new password and lets them in again. */
    String renew() {
        Optional<People.Person> person = people.find(login);
        if (person.isEmpty()) {
            return "Nobody signs in as " + login + ".";
        }
        byte[] random = new byte[9];
        new SecureRandom().nextBytes(random);
        String password = HexFormat.of().formatHex(random);
        People.Person known = person.get();
        people.put(new People.Person(known.login(), known.name(), known.role(), passwords.encode(password), true));
        trail.changed(login, "the server", "given a new password by a command on the server");
        return "Sign in as " + login + " with the password " + password
                + "; it is not shown again. Change it under your name.";
    }
}
