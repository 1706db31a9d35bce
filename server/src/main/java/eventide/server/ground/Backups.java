package eventide.server.ground;

import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.SQLException;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/** Copies the salon at every start and on every day in use, while others go on working. */
@Component
@ConditionalOnProperty(name = "eventide.backups", havingValue = "true")
class Backups {
    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
    private static final String BACKUP = "backup to :file";
    private static final String NUMBER = "select writes from ground";
    private static final String PART = "being-written.zip";
    private static final String PROVING = "being-proved";

    private final JdbcClient jdbc;
    private final Ground ground;
    private final Gate gate;
    private final Clock clock;
    private final ScheduledExecutorService hourly = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread thread = new Thread(work, "backups");
        thread.setDaemon(true);
        return thread;
    });
    private long copied = -1;

    Backups(JdbcClient jdbc, Ground ground, Gate gate, Clock clock) {
        this.gate = gate;
        this.jdbc = jdbc;
        this.ground = ground;
        this.clock = clock;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        hourly.execute(this::attempt);
        hourly.scheduleWithFixedDelay(this::ofToday, 1, 1, TimeUnit.HOURS);
    }

    private void ofToday() {
        List<Backup> taken = Backup.in(ground.folder());
        boolean today = !taken.isEmpty() && taken.get(0).at().toLocalDate().equals(now().toLocalDate());
        if (!today && number() != copied) {
            attempt();
        }
    }

    private void attempt() {
        try {
            take();
        } catch (IOException | SQLException | RuntimeException failed) {
            LOG.warn("no backup could be made; the next is tried in an hour", failed);
        }
    }

    /**
     * One copy, proved by opening it and reading all of it, then given its name: under its name it is whole.
     *
     * @throws NoRoomException where the disk has no room for it
     */
    synchronized Backup take() throws IOException, SQLException {
        DataFolder folder = ground.folder();
        ground.room().check();
        Files.createDirectories(folder.backups());
        Path part = folder.backups().resolve(PART);
        Path proving = folder.backups().resolve(PROVING);
        Files.deleteIfExists(part);
        Copies.clear(proving);
        try {
            long least = number();
            copy(part);
            prove(folder, part, proving, least);
            Copies.toDisk(part);
            LocalDateTime at = now();
            Path file = Backup.fileFor(folder, at);
            Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            copied = least;
            thin(folder);
            return new Backup(file, at);
        } finally {
            Files.deleteIfExists(part);
            Copies.clear(proving);
        }
    }

    private void copy(Path part) {
        gate.enter();
        try {
            jdbc.sql(BACKUP).param("file", part.toString()).update();
        } finally {
            gate.leave();
        }
    }

    private static void prove(DataFolder folder, Path zip, Path proving, long least) throws IOException, SQLException {
        Files.createDirectories(proving);
        Path copy = proving.resolve(folder.database().getFileName());
        Copies.unpack(zip, copy);
        try (Salon salon = Salon.open(folder, copy)) {
            salon.readAll(true);
            if (salon.number() < least) {
                throw new SQLException("the copy knows of " + salon.number() + " writes only, of " + least);
            }
        }
    }

    private static void thin(DataFolder folder) throws IOException {
        List<Backup> all = Backup.in(folder);
        Set<LocalDateTime> spare = Keeping.spare(all.stream().map(Backup::at).toList());
        for (Backup backup : all) {
            if (spare.contains(backup.at())) {
                Files.deleteIfExists(backup.file());
            }
        }
    }

    private long number() {
        try {
            return jdbc.sql(NUMBER).query(Long.class).single();
        } catch (DataAccessException closed) {
            return -1;
        }
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneId.systemDefault()).truncatedTo(ChronoUnit.SECONDS);
    }

    @PreDestroy
    void end() throws InterruptedException {
        hourly.shutdown();
        hourly.awaitTermination(30, TimeUnit.SECONDS);
    }
}
