package undersaw.web;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.scheduling.annotation.EnableScheduling;

/** The web application. */
@SpringBootApplication
@EnableScheduling
public class Undersaw {
    /** Starts it; properties choose the database file, the authority's address and the demo. */
    public static void main(String[] args) {
        SpringApplication.run(Undersaw.class, args);
    }
}
