package eventide.server.exchange;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Everything there is, as the database keeps it: clients, washes, photographs, shelves, templates. */
@RestController
class BackupController {
    private static final String BACKUP = "backup to :file";

    private final JdbcClient jdbc;
    private final Clock clock;

    BackupController(JdbcClient jdbc, Clock clock) {
        this.jdbc = jdbc;
        this.clock = clock;
    }

    /** A zip with the database file, taken while others go on working; unpacked into an empty data folder it is the same salon. */
    @GetMapping(path = "/api/backup", produces = "application/zip")
    void backup(HttpServletResponse response) throws IOException {
        Path file = Files.createTempFile("eventide-backup", ".zip");
        try {
            jdbc.sql(BACKUP).param("file", file.toString()).update();
            response.setContentType("application/zip");
            response.setHeader(
                    "Content-Disposition", "attachment; filename=even-tide-backup-" + LocalDate.now(clock) + ".zip");
            response.setContentLengthLong(Files.size(file));
            Files.copy(file, response.getOutputStream());
        } finally {
            Files.deleteIfExists(file);
        }
    }
}
