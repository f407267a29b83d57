package vantbreeze.app;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;
import vantbreeze.core.plan.Workshop;

/** The application: one process that serves the front end, works out plans and keeps cards. */
@SpringBootApplication
public class Vantbreeze {

    public static void main(String[] arguments) {
        SpringApplication.run(Vantbreeze.class, arguments);
    }

    @Bean
    Workshop workshop() {
        return Workshop.standard();
    }
}
