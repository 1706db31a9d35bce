package eventide.server.learning;

import eventide.learning.TrialPlan;
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
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Trials as they were agreed. */
@Repository
@Transactional(readOnly = true)
public class TrialRepository {
    private static final String OF_CLIENT =
            """
            select id, client_id, body, version from trial
             where client_id = :client and removed_at is null order by started_at desc, id desc
            """;
    private static final String ALL =
            """
            select id, client_id, body, version from trial where removed_at is null
            """;
    private static final String FIND =
            """
            select id, client_id, body, version from trial where id = :id and removed_at is null
            """;
    private static final String INSERT =
            """
            insert into trial (client_id, body, started_at) values (:client, :body, :started)
            """;
    private static final String SAVE =
            """
            update trial set body = :body, version = version + 1
             where id = :id and version = :version and removed_at is null
            """;
    private static final String REMOVE =
            """
            update trial set removed_at = :at, version = version + 1 where id = :id and (removed_at is null) = :here
            """;

    private final JdbcClient jdbc;
    private final Shapes shapes;

    TrialRepository(JdbcClient jdbc, Shapes shapes) {
        this.jdbc = jdbc;
        this.shapes = shapes;
    }

    /** A trial as kept. */
    public record Kept(long id, long clientId, TrialPlan plan, int version) {}

    /** The one begun last first. */
    public List<Kept> ofClient(long client) {
        return jdbc.sql(OF_CLIENT).param("client", client).query(this::kept).list();
    }

    /** Wash days that a trial leaves out because weather or a slip spoilt them. */
    Set<Long> spoilt() {
        return jdbc.sql(ALL).query(this::kept).list().stream()
                .flatMap(kept -> kept.plan().leftOutOrNone().stream())
                .map(TrialPlan.LeftOut::washDay)
                .collect(Collectors.toSet());
    }

    /**
     * @throws NotFoundException where there is none
     */
    Kept get(long id) {
        return jdbc.sql(FIND)
                .param("id", id)
                .query(this::kept)
                .optional()
                .orElseThrow(() -> new NotFoundException("trial", id));
    }

    @Transactional
    public Kept add(long client, TrialPlan plan) {
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        jdbc.sql(INSERT)
                .param("client", client)
                .param("body", shapes.keep(plan))
                .param("started", utc(plan.startedAt()))
                .update(key, "id");
        return get(Objects.requireNonNull(key.getKeyAs(Long.class)));
    }

    /**
     * @throws StaleException where it was changed meanwhile
     */
    @Transactional
    Kept save(long id, int version, TrialPlan plan) {
        Kept before = get(id);
        int saved = jdbc.sql(SAVE)
                .param("id", id)
                .param("version", version)
                .param("body", shapes.keep(plan))
                .update();
        if (saved == 0) {
            throw new StaleException("trial", before.version(), before);
        }
        return get(id);
    }

    /**
     * @param at null puts it back
     */
    @Transactional
    void remove(long id, Instant at) {
        int moved = jdbc.sql(REMOVE)
                .param("id", id)
                .param("at", at == null ? null : utc(at))
                .param("here", at != null)
                .update();
        if (moved == 0) {
            throw new NotFoundException("trial", id);
        }
    }

    private Kept kept(ResultSet row, int n) throws SQLException {
        return new Kept(
                row.getLong("id"),
                row.getLong("client_id"),
                shapes.kept(row.getString("body"), TrialPlan.class),
                row.getInt("version"));
    }

    private static OffsetDateTime utc(Instant instant) {
        return instant.atOffset(ZoneOffset.UTC);
    }
}
