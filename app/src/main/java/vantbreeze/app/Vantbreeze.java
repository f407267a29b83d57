package vantbreeze.app;

import java.util.Arrays;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import vantbreeze.app.house.Opening;
import vantbreeze.app.safekeeping.Command;

/** The application: one process that serves the front end, works out plans and keeps cards. */
@SpringBootApplication
public class Vantbreeze {

    /**
     * Starts the house or, with {@code backup}, {@code restore} or {@code passcode} as the first word, does that alone.
     */
    public static void main(String[] arguments) {
        if (arguments.length > 0 && !arguments[0].startsWith("-")) {
            System.exit(Command.run(arguments[0], Arrays.asList(arguments).subList(1, arguments.length)));
        }
        SpringApplication house = new SpringApplication(Vantbreeze.class);
        house.addListeners(new Opening());
        try {
            house.run(arguments);
        } catch (RuntimeException said) {
            // why was said by then
            System.exit(1);
        }
    }
}
