package eventide.server.ground;

import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Makes what was deleted gone from the file too: a database keeps the bytes of deleted rows until it needs their place, so
 * the file is written anew with what still stands, as when it is closed, and opened again.
 */
@Component
public class Erasure {
    private static final Logger LOG = LoggerFactory.getLogger(Erasure.class);
    private static final String WRITE_ANEW = "shutdown compact";
    /** For those who read and write just now to end, ms [OURS]. */
    private static final long MOST_WAIT_MILLIS = 10_000;

    private final DataSource database;
    private final Ground ground;
    private final Gate gate;

    Erasure(DataSource database, Ground ground, Gate gate) {
        this.database = database;
        this.ground = ground;
        this.gate = gate;
    }

    /**
     * Outside any transaction, once the deleting is on the disk.
     *
     * @return whether the file was written anew; where others did not let go of it, it is when the app is next ended
     */
    public boolean fromTheFile() {
        return gate.alone(MOST_WAIT_MILLIS, this::writeAnew);
    }

    private void writeAnew() {
        try (Connection connection = database.getConnection();
                Statement statement = connection.createStatement()) {
            statement.execute(WRITE_ANEW);
        } catch (SQLException closing) {
            // The connection went with the database it closed; the next opens it again.
            LOG.debug("written anew", closing);
        }
        if (database instanceof HikariDataSource pool && pool.getHikariPoolMXBean() != null) {
            pool.getHikariPoolMXBean().softEvictConnections();
        }
    }

    /** Names of the copies taken so far, the latest first: they still hold what was erased since. */
    public List<String> olderBackups() {
        return Backup.in(ground.folder()).stream().map(Backup::name).toList();
    }
}
