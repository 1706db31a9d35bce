package eventide.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/** The server. Listens on loopback only. */
@SpringBootApplication
public class EvenTide {
    public static void main(String[] args) {
        SpringApplication.run(EvenTide.class, args);
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
