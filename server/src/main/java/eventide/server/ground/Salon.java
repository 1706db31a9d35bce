package eventide.server.ground;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.sql.Types;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.h2.api.ErrorCode;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;

/** A salon's database opened by itself, to be looked at: at the start, and when a backup is proved. */
final class Salon implements AutoCloseable {
    private static final Pattern MIGRATION = Pattern.compile("V(\\d+)__.*");

    private static final String TABLES =
            """
            select table_name from information_schema.tables
             where table_schema = 'PUBLIC' and table_type = 'BASE TABLE' order by table_name
            """;
    private static final String VERSION =
            """
            select max(cast("version" as int)) from "flyway_schema_history" where "version" is not null
            """;

    private final Connection connection;

    private Salon(Connection connection) {
        this.connection = connection;
    }

    static Salon open(DataFolder folder, Path database) throws SQLException {
        DurableFile.register();
        return new Salon(
                DriverManager.getConnection(folder.url(database) + ";IFEXISTS=TRUE;WRITE_DELAY=0", "eventide", ""));
    }

    /** 0 in a file from before writes were counted. */
    long number() throws SQLException {
        return tables().contains("GROUND") ? number("select writes from ground") : 0;
    }

    /** Whether steps were taken in it that this version does not know. */
    boolean isNewer() throws SQLException {
        return tables().contains("flyway_schema_history") && number(VERSION) > lastMigration();
    }

    private static int lastMigration() {
        try {
            int last = 0;
            for (Resource file :
                    new PathMatchingResourcePatternResolver().getResources("classpath:db/migration/V*.sql")) {
                Matcher name = MIGRATION.matcher(String.valueOf(file.getFilename()));
                last = name.matches() ? Math.max(last, Integer.parseInt(name.group(1))) : last;
            }
            return last;
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
    }

    /**
     * Reads every row, so that a damaged page is met now and not on a Saturday.
     *
     * @param pictures photographs too, which are most of a file
     */
    void readAll(boolean pictures) throws SQLException {
        for (String table : tables()) {
            try (Statement statement = connection.createStatement();
                    ResultSet rows = statement.executeQuery("select * from \"" + table + "\"")) {
                int columns = rows.getMetaData().getColumnCount();
                while (rows.next()) {
                    for (int i = 1; i <= columns; i++) {
                        read(rows, i, pictures);
                    }
                }
            }
        }
    }

    private static void read(ResultSet rows, int column, boolean pictures) throws SQLException {
        if (rows.getMetaData().getColumnType(column) != Types.BLOB) {
            rows.getString(column);
        } else if (pictures) {
            try (InputStream picture = rows.getBinaryStream(column)) {
                if (picture != null) {
                    picture.transferTo(OutputStream.nullOutputStream());
                }
            } catch (IOException damaged) {
                throw new SQLException("a picture cannot be read", damaged);
            }
        }
    }

    private List<String> tables() throws SQLException {
        List<String> names = new ArrayList<>();
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery(TABLES)) {
            while (rows.next()) {
                names.add(rows.getString(1));
            }
        }
        return names;
    }

    private long number(String query) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet row = statement.executeQuery(query)) {
            return row.next() ? row.getLong(1) : 0;
        }
    }

    /** Whether H2 says that the file is in a format it does not read. */
    static boolean isOtherFormat(Throwable thrown) {
        for (Throwable at = thrown; at != null; at = at.getCause()) {
            boolean says = at instanceof SQLException sql && sql.getErrorCode() == ErrorCode.FILE_VERSION_ERROR_1
                    || String.valueOf(at.getMessage()).contains("write format");
            if (says) {
                return true;
            }
        }
        return false;
    }

    @Override
    public void close() throws SQLException {
        connection.close();
    }
}
