package eventide.server;

import eventide.server.ground.CannotStart;
import eventide.server.ground.DataFolder;
import eventide.server.ground.Restore;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneId;
import java.util.Map;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.context.ApplicationContext;
import org.springframework.context.annotation.Bean;
import org.springframework.core.env.SimpleCommandLinePropertySource;
import org.springframework.core.env.StandardEnvironment;

/** The server. Listens on loopback only. With {@code restore} as its first word it puts a backup back instead. */
@SpringBootApplication
public class EvenTide {
    private static final String RESTORE = "restore";

    public static void main(String[] args) {
        DataFolder folder = new DataFolder(dataOf(args));
        try {
            if (args.length > 0 && RESTORE.equals(args[0])) {
                new Restore(folder, Clock.systemDefaultZone(), System.out)
                        .run(args.length > 1 && !args[1].startsWith("--") ? args[1] : null);
            } else {
                folder.make();
                run(folder, args);
            }
        } catch (CannotStart refused) {
            end(refused);
        }
    }

    private static void run(DataFolder folder, String... args) {
        SpringApplication app = new SpringApplication(EvenTide.class);
        // What goes wrong is said in plain lines here; the rest of it goes to a file beside the data.
        app.setDefaultProperties(Map.of(
                "logging.file.name",
                folder.path().resolve("eventide.log").toString(),
                "logging.threshold.console",
                "OFF"));
        try {
            ApplicationContext running = app.run(args);
            System.out.println("Even Tide: http://localhost:"
                    + running.getEnvironment().getProperty("local.server.port") + "   data in " + folder.path());
        } catch (RuntimeException failed) {
            CannotStart told = CannotStart.within(failed);
            LoggerFactory.getLogger(EvenTide.class).error("not started", failed);
            throw told != null ? told : told(failed, folder);
        }
    }

    private static CannotStart told(RuntimeException failed, DataFolder folder) {
        for (Throwable at = failed; at != null; at = at.getCause()) {
            if (at instanceof PortInUseException taken) {
                return new CannotStart(
                        "Port " + taken.getPort() + " is taken by another program.",
                        folder.path(),
                        "End that one, or choose another with PORT, then start again.",
                        failed);
            }
        }
        return new CannotStart(
                "Even Tide could not start.",
                folder.path(),
                "The reason stands at the end of eventide.log in that folder; the data were left as they are.",
                failed);
    }

    private static void end(CannotStart refused) {
        System.err.println(refused.lines());
        System.exit(CannotStart.EXIT_CODE);
    }

    /** As Spring will find it: from the command line, the environment, or the usual place. */
    private static Path dataOf(String... args) {
        StandardEnvironment environment = new StandardEnvironment();
        environment.getPropertySources().addFirst(new SimpleCommandLinePropertySource(args));
        return Path.of(environment.getProperty("eventide.data", "data"));
    }

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    /** Where the salon stands: its days begin and its hours are told by this. The machine's own where nothing is said. */
    @Bean
    ZoneId zone(@Value("${eventide.zone:}") String zone) {
        return zone.isBlank() ? ZoneId.systemDefault() : ZoneId.of(zone);
    }
}
