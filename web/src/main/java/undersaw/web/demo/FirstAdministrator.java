package undersaw.web.demo;

import java.security.SecureRandom;
import java.util.HexFormat;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import undersaw.store.People;
import undersaw.store.People.Person;

/** The first person of a new practice, whose password is shown once. */
@Component
@ConditionalOnExpression("'${undersaw.demo}'.isEmpty()")
class FirstAdministrator implements ApplicationRunner {
    private final People people;
    private final PasswordEncoder passwords;

    FirstAdministrator(People people, PasswordEncoder passwords) {
        this.people = people;
        this.passwords = passwords;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        if (people.all().isEmpty()) {
            byte[] random = new byte[9];
            new SecureRandom().nextBytes(random);
            String password = HexFormat.of().formatHex(random);
            people.put(new Person("admin", "Administrator", "administrator", passwords.encode(password), true));
            System.out.println("First start. Sign in as admin with the password " + password
                    + "; it is not shown again. Add people under Firm.");
        }
    }
}
