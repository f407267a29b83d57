package vantbreeze.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The application: one process that serves the front end, works out plans and keeps cards. */
@SpringBootApplication
public class Vantbreeze {

    public static void main(String[] arguments) {
        SpringApplication.run(Vantbreeze.class, arguments);
    }
}
