package eventide.server.washdays;

import eventide.air.Air;
import eventide.hair.Hair;
import eventide.hair.Zone;
import eventide.log.Rating;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.server.api.NotFoundException;
import eventide.server.json.Shapes;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Wash days with their steps and scores. */
@Repository
public class WashDayRepository {
    private static final String COLUMNS =
            """
            select id, client_id, name, planned_at, started_at, finished_at, hair, goal, air, schools, limits, routine,
                   run_revision, rating, version
              from wash_day
            """;
    private static final String OF_CLIENT =
            COLUMNS + """
             where client_id = :client order by planned_at desc, id desc
            """;
    private static final String ALL = COLUMNS + """
             order by planned_at desc, id desc
            """;
    private static final String FIND = COLUMNS + """
             where id = :id
            """;
    private static final String INSERT =
            """
            insert into wash_day (client_id, planned_at, name, hair, goal, air, schools, limits, routine)
            values (:client, :now, :name, :hair, :goal, :air, :schools, :limits, :routine)
            """;
    private static final String STEPS =
            """
            select step_index, started_at, ended_at, skipped from wash_step where wash_day_id = :id order by step_index
            """;
    private static final String CLEAR_STEPS =
            """
            delete from wash_step where wash_day_id = :id
            """;
    private static final String INSERT_STEP =
            """
            insert into wash_step (wash_day_id, step_index, started_at, ended_at, skipped)
            values (:id, :index, :started, :ended, :skipped)
            """;
    private static final String RUN =
            """
            update wash_day
               set started_at = :started, finished_at = :finished, run_revision = :revision, version = version + 1
             where id = :id and run_revision <= :revision
            """;
    private static final String RATE =
            """
            update wash_day set rating = :rating, finished_at = coalesce(finished_at, :now), version = version + 1
             where id = :id
            """;
    private static final String CLEAR_SCORES =
            """
            delete from wash_score where wash_day_id = :id
            """;
    private static final String INSERT_SCORE =
            """
            insert into wash_score (wash_day_id, zone, score, points) values (:id, :zone, :score, :points)
            """;

    private final JdbcClient jdbc;
    private final Shapes shapes;

    WashDayRepository(JdbcClient jdbc, Shapes shapes) {
        this.jdbc = jdbc;
        this.shapes = shapes;
    }

    public List<WashDay> ofClient(long client) {
        return jdbc.sql(OF_CLIENT).param("client", client).query(this::washDay).list();
    }

    public List<WashDay> all() {
        return jdbc.sql(ALL).query(this::washDay).list();
    }

    /**
     * @throws NotFoundException where there is none
     */
    public WashDay get(long id) {
        return jdbc.sql(FIND)
                .param("id", id)
                .query(this::washDay)
                .optional()
                .orElseThrow(() -> new NotFoundException("wash day", id));
    }

    public WashDay add(long client, WashDayDraft draft, Instant now) {
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        jdbc.sql(INSERT)
                .param("client", client)
                .param("now", utc(now))
                .param("name", draft.name())
                .param("hair", shapes.write(draft.hair()))
                .param("goal", shapes.write(draft.goal()))
                .param("air", shapes.write(draft.air()))
                .param("schools", shapes.write(draft.schools()))
                .param("limits", shapes.write(draft.limits()))
                .param("routine", shapes.write(draft.routine()))
                .update(key, "id");
        return get(Objects.requireNonNull(key.getKeyAs(Long.class)));
    }

    /**
     * The chair's record replaces what was known of it; the same record twice leaves the same rows, and one older than
     * that kept is not taken.
     */
    @Transactional
    public WashDay run(long id, Run run, Instant now) {
        get(id);
        Instant first = run.steps().stream()
                .map(StepDone::startedAt)
                .min(Instant::compareTo)
                .orElse(null);
        Instant last = run.steps().stream()
                .map(StepDone::endedAt)
                .filter(Objects::nonNull)
                .max(Instant::compareTo)
                .orElse(now);
        // Taking the wash day's row first makes deliveries that meet wait for each other.
        int taken = jdbc.sql(RUN)
                .param("id", id)
                .param("started", utc(first))
                .param("finished", Boolean.TRUE.equals(run.finished()) ? utc(last) : null)
                .param("revision", run.revision() == null ? 0 : run.revision())
                .update();
        if (taken == 0) {
            return get(id);
        }
        jdbc.sql(CLEAR_STEPS).param("id", id).update();
        for (StepDone step : run.steps()) {
            jdbc.sql(INSERT_STEP)
                    .param("id", id)
                    .param("index", step.index())
                    .param("started", utc(step.startedAt()))
                    .param("ended", utc(step.endedAt()))
                    .param("skipped", Boolean.TRUE.equals(step.skipped()))
                    .update();
        }
        return get(id);
    }

    @Transactional
    public WashDay rate(long id, Rating rating, Instant now) {
        get(id);
        jdbc.sql(RATE)
                .param("id", id)
                .param("rating", shapes.write(rating))
                .param("now", utc(now))
                .update();
        jdbc.sql(CLEAR_SCORES).param("id", id).update();
        for (Map.Entry<Zone, Rating.ZoneRating> entry : rating.byZone().entrySet()) {
            Rating.ZoneRating zone = entry.getValue();
            score(id, entry.getKey(), "definition", zone.definition());
            score(id, entry.getKey(), "clumping", zone.clumping());
            score(id, entry.getKey(), "frizz", zone.frizz());
            score(id, entry.getKey(), "volume", zone.volume());
        }
        return get(id);
    }

    private void score(long id, Zone zone, String score, double points) {
        jdbc.sql(INSERT_SCORE)
                .param("id", id)
                .param("zone", zone.name())
                .param("score", score)
                .param("points", points)
                .update();
    }

    private WashDay washDay(ResultSet row, int n) throws SQLException {
        long id = row.getLong("id");
        Rating rating = shapes.read(row.getString("rating"), Rating.class);
        return new WashDay(
                id,
                row.getLong("client_id"),
                row.getString("name"),
                instant(row, "planned_at"),
                instant(row, "started_at"),
                instant(row, "finished_at"),
                shapes.read(row.getString("hair"), Hair.class),
                shapes.read(row.getString("goal"), Goal.class),
                shapes.read(row.getString("air"), Air.class),
                shapes.read(row.getString("schools"), Schools.class),
                shapes.read(row.getString("limits"), Limits.class),
                shapes.read(row.getString("routine"), Routine.class),
                jdbc.sql(STEPS).param("id", id).query(WashDayRepository::step).list(),
                row.getInt("run_revision"),
                rating,
                RatingSummary.of(rating),
                row.getInt("version"));
    }

    private static StepDone step(ResultSet row, int n) throws SQLException {
        return new StepDone(
                row.getInt("step_index"),
                instant(row, "started_at"),
                instant(row, "ended_at"),
                row.getBoolean("skipped"));
    }

    private static Instant instant(ResultSet row, String column) throws SQLException {
        OffsetDateTime at = row.getObject(column, OffsetDateTime.class);
        return at == null ? null : at.toInstant();
    }

    private static OffsetDateTime utc(Instant instant) {
        return instant == null ? null : instant.atOffset(ZoneOffset.UTC);
    }
}
