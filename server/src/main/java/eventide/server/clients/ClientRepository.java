package eventide.server.clients;

import eventide.hair.Hair;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Schools;
import eventide.server.api.NotFoundException;
import eventide.server.api.StaleException;
import eventide.server.json.Shapes;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Clients, and every reading ever taken of them. */
@Repository
public class ClientRepository {
    private static final String LIST =
            """
            select id, name, hair, goal, schools, limits, notes, version, changed_at
              from client order by name, id
            """;
    private static final String FIND =
            """
            select id, name, hair, goal, schools, limits, notes, version, changed_at
              from client where id = :id
            """;
    private static final String INSERT =
            """
            insert into client (name, hair, goal, schools, limits, notes, changed_at)
            values (:name, :hair, :goal, :schools, :limits, :notes, :now)
            """;
    private static final String UPDATE =
            """
            update client
               set name = :name, hair = :hair, goal = :goal, schools = :schools, limits = :limits, notes = :notes,
                   changed_at = :now, version = version + 1
             where id = :id and version = :version
            """;
    private static final String INSERT_READING =
            """
            insert into reading (client_id, taken_at, hair) values (:client, :now, :hair)
            """;
    private static final String READINGS =
            """
            select id, taken_at, hair from reading where client_id = :client order by taken_at desc, id desc
            """;

    private final JdbcClient jdbc;
    private final Shapes shapes;

    ClientRepository(JdbcClient jdbc, Shapes shapes) {
        this.jdbc = jdbc;
        this.shapes = shapes;
    }

    public List<Client> list() {
        return jdbc.sql(LIST).query(this::client).list();
    }

    public Optional<Client> find(long id) {
        return jdbc.sql(FIND).param("id", id).query(this::client).optional();
    }

    /**
     * @throws NotFoundException where there is none
     */
    public Client get(long id) {
        return find(id).orElseThrow(() -> new NotFoundException("client", id));
    }

    @Transactional
    public Client add(ClientDraft draft, Instant now) {
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        fill(jdbc.sql(INSERT), draft, now).update(key, "id");
        long id = Objects.requireNonNull(key.getKeyAs(Long.class));
        if (draft.hair() != null) {
            keepReading(id, draft.hair(), now);
        }
        return get(id);
    }

    /** Saves over the version that was read; a reading that changed is kept beside the earlier ones. */
    @Transactional
    public Client save(long id, int version, ClientDraft draft, Instant now) {
        Client before = get(id);
        int changed = fill(jdbc.sql(UPDATE), draft, now)
                .param("id", id)
                .param("version", version)
                .update();
        if (changed == 0) {
            throw new StaleException("client", before.version(), before);
        }
        if (draft.hair() != null && !draft.hair().equals(before.hair())) {
            keepReading(id, draft.hair(), now);
        }
        return get(id);
    }

    public List<ReadingTaken> readings(long id) {
        get(id);
        return jdbc.sql(READINGS)
                .param("client", id)
                .query((row, n) -> new ReadingTaken(
                        row.getLong("id"), instant(row, "taken_at"), shapes.read(row.getString("hair"), Hair.class)))
                .list();
    }

    private void keepReading(long client, Hair hair, Instant now) {
        jdbc.sql(INSERT_READING)
                .param("client", client)
                .param("now", utc(now))
                .param("hair", shapes.write(hair))
                .update();
    }

    private JdbcClient.StatementSpec fill(JdbcClient.StatementSpec sql, ClientDraft draft, Instant now) {
        return sql.param("name", draft.name())
                .param("hair", shapes.write(draft.hair()))
                .param("goal", shapes.write(draft.goal()))
                .param("schools", shapes.write(draft.schools()))
                .param("limits", shapes.write(draft.limits()))
                .param("notes", draft.notes())
                .param("now", utc(now));
    }

    private Client client(ResultSet row, int n) throws SQLException {
        return new Client(
                row.getLong("id"),
                row.getString("name"),
                shapes.read(row.getString("hair"), Hair.class),
                shapes.read(row.getString("goal"), Goal.class),
                shapes.read(row.getString("schools"), Schools.class),
                shapes.read(row.getString("limits"), Limits.class),
                row.getString("notes"),
                row.getInt("version"),
                instant(row, "changed_at"));
    }

    private static Instant instant(ResultSet row, String column) throws SQLException {
        return row.getObject(column, OffsetDateTime.class).toInstant();
    }

    private static OffsetDateTime utc(Instant instant) {
        return instant.atOffset(ZoneOffset.UTC);
    }
}
