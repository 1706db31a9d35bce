package eventide.server.washdays;

import eventide.air.Air;
import eventide.chair.ChairEvent;
import eventide.chair.ChairRecord;
import eventide.chair.Used;
import eventide.hair.Hair;
import eventide.log.FollowingDay;
import eventide.log.Rating;
import eventide.routine.Goal;
import eventide.routine.Limits;
import eventide.routine.Routine;
import eventide.routine.Schools;
import eventide.server.api.InTheWayException;
import eventide.server.api.NotFoundException;
import eventide.server.api.StaleException;
import eventide.server.json.Shapes;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Wash days with their steps and scores. */
@Repository
@Transactional(readOnly = true)
public class WashDayRepository {
    private static final String COLUMNS =
            """
            select id, client_id, name, planned_at, started_at, finished_at, hair, goal, air, schools, limits, routine,
                   rating, version, refresh
              from wash_day
            """;
    private static final String OF_CLIENT = COLUMNS
            + """
             where client_id = :client and removed_at is null order by planned_at desc, id desc
            """;
    private static final String OF_IDS =
            COLUMNS + """
             where id in (:ids) and removed_at is null order by id
            """;

    private static final String RUNNING = COLUMNS
            + """
             where started_at is not null and finished_at is null and removed_at is null order by started_at, id
            """;
    /** One taken out of the log is gone until it is brought back. */
    private static final String FIND = COLUMNS + """
             where id = :id and removed_at is null
            """;

    private static final String IS_THERE =
            """
            select id from wash_day where id = :id and removed_at is null
            """;
    private static final String INSERT =
            """
            insert into wash_day (client_id, planned_at, name, hair, goal, air, schools, limits, routine, refresh)
            values (:client, :now, :name, :hair, :goal, :air, :schools, :limits, :routine, :refresh)
            """;
    private static final String LOCK = IS_THERE + """
             for update
            """;
    private static final String LOCK_CLIENT =
            """
            select id from client where id = :id for update
            """;
    private static final String RUN =
            """
            update wash_day
               set started_at = :started, finished_at = :finished, version = version + 1
             where id = :id
               and (started_at is distinct from :started or finished_at is distinct from :finished)
            """;
    private static final String STANDS =
            """
            update wash_day set started_at = :started, finished_at = :finished where id = :id
            """;
    private static final String RATE =
            """
            update wash_day
               set rating = :rating, finished_at = coalesce(finished_at, :now), version = version + 1,
                   definition = :definition, clumping = :clumping, frizz = :frizz, volume = :volume, timely = :timely
             where id = :id
            """;
    private static final String FILL =
            """
            update wash_day
               set definition = :definition, clumping = :clumping, frizz = :frizz, volume = :volume, timely = :timely
             where id = :id
            """;
    private static final String REMOVE =
            """
            update wash_day set removed_at = :at, version = version + 1
             where id = :id and (removed_at is null) = :here
            """;
    private final JdbcClient jdbc;
    private final Shapes shapes;
    private final ChairEventRepository events;
    private final HistoryRepository history;
    private final FollowingDays following;
    private final ScoreRepository scores;

    WashDayRepository(
            JdbcClient jdbc,
            Shapes shapes,
            ChairEventRepository events,
            HistoryRepository history,
            FollowingDays following,
            ScoreRepository scores) {
        this.scores = scores;
        this.following = following;
        this.history = history;
        this.jdbc = jdbc;
        this.shapes = shapes;
        this.events = events;
    }

    public List<WashDay> ofClient(long client) {
        return whole(
                jdbc.sql(OF_CLIENT).param("client", client).query(this::kept).list());
    }

    /** Those of some that are in the log. */
    List<WashDay> ofIds(List<Long> ids) {
        return ids.isEmpty()
                ? List.of()
                : whole(jdbc.sql(OF_IDS).param("ids", ids).query(this::kept).list());
    }

    /** Begun and not over, the one begun first first. */
    public List<WashDay> running() {
        return whole(jdbc.sql(RUNNING).query(this::kept).list());
    }

    /**
     * @throws NotFoundException where there is none
     */
    public WashDay get(long id) {
        return whole(jdbc.sql(FIND).param("id", id).query(this::kept).list()).stream()
                .findFirst()
                .orElseThrow(() -> new NotFoundException("wash day", id));
    }

    /**
     * @throws NotFoundException where there is none
     */
    void expect(long id) {
        jdbc.sql(IS_THERE)
                .param("id", id)
                .query(Long.class)
                .optional()
                .orElseThrow(() -> new NotFoundException("wash day", id));
    }

    @Transactional
    public WashDay add(long client, WashDayDraft draft, Instant now) {
        GeneratedKeyHolder key = new GeneratedKeyHolder();
        jdbc.sql(INSERT)
                .param("client", client)
                .param("now", utc(now))
                .param("name", draft.name())
                .param("hair", shapes.keep(draft.hair()))
                .param("goal", shapes.keep(draft.goal()))
                .param("air", shapes.keep(draft.air()))
                .param("schools", shapes.keep(draft.schools()))
                .param("limits", shapes.keep(draft.limits()))
                .param("routine", shapes.keep(draft.routine()))
                .param("refresh", draft.routine().isRefresh())
                .update(key, "id");
        WashDay added = get(Objects.requireNonNull(key.getKeyAs(Long.class)));
        history.index(added);
        return added;
    }

    /** Adds what happened at the chair; what is known already changes nothing, whatever the order of arrival. */
    @Transactional
    public WashDay add(long id, List<ChairEvent> happened) {
        lock(id);
        return add(get(id), happened);
    }

    /**
     * @param before as it stands, locked
     */
    @Transactional
    WashDay add(WashDay before, List<ChairEvent> happened) {
        events.add(before.id(), happened);
        ChairRecord record = ChairRecord.of(before.routine(), events.ofDay(before.id()));
        jdbc.sql(RUN)
                .param("id", before.id())
                .param("started", utc(record.startedAt()))
                .param("finished", utc(finished(before, record)))
                .update();
        return get(before.id());
    }

    /**
     * A run that is over by its record, or by its scores, stays so: only going back to a step of a finished run, which says so,
     * opens it again.
     */
    private static Instant finished(WashDay before, ChairRecord record) {
        boolean reopened = before.record().finishedAt() != null;
        return record.finishedAt() != null || reopened ? record.finishedAt() : before.finishedAt();
    }

    /** Takes the wash day's row, so that writes that meet wait for each other. */
    @Transactional
    void lock(long id) {
        jdbc.sql(LOCK)
                .param("id", id)
                .query(Long.class)
                .optional()
                .orElseThrow(() -> new NotFoundException("wash day", id));
    }

    /** Takes the client's row: runs of one head that begin at once wait for each other. */
    @Transactional
    void lockClient(long id) {
        jdbc.sql(LOCK_CLIENT).param("id", id).query(Long.class).single();
    }

    /** What was really put on is what the wash day is found by; where nothing was said of it, what was planned. */
    @Transactional
    void used(WashDay day, List<Used> used) {
        if (!used.isEmpty()) {
            history.index(day, used.stream().map(own -> own.product().name()).toList());
        }
    }

    /**
     * Scores over the version that was read; what was scored before is kept.
     *
     * @param asPlanned it was done as planned, though never run at the chair
     * @throws StaleException where it was changed meanwhile
     * @throws InTheWayException where it was not done
     */
    @Transactional
    public WashDay rate(long id, int version, Rating rating, boolean asPlanned, Instant now) {
        lock(id);
        WashDay before = get(id);
        if (before.version() != version) {
            throw new StaleException("wash day", before.version(), before);
        }
        if (before.startedAt() == null && before.finishedAt() == null && !asPlanned) {
            throw new InTheWayException("\"" + before.name()
                    + "\" was not done yet: run it at the chair, or say that it was done as planned.");
        }
        return rate(id, rating, now);
    }

    /** As {@link #rate(long, int, Rating, boolean, Instant)}, whatever stands there: for what is taken in from a file. */
    @Transactional
    public WashDay rate(long id, Rating rating, Instant now) {
        lock(id);
        Rating.ZoneRating overall = rating.overall();
        scores.keepBefore(id, now);
        jdbc.sql(RATE)
                .param("id", id)
                .param("rating", shapes.keep(rating))
                .param("now", utc(now))
                .param("definition", overall.definition())
                .param("clumping", overall.clumping())
                .param("frizz", overall.frizz())
                .param("volume", overall.volume())
                .param("timely", rating.isTimely())
                .update();
        scores.put(id, rating);
        return get(id);
    }

    /** Writes the overall scores of a rating kept before there were columns for them. */
    @Transactional
    void fillScores(WashDay day) {
        Rating.ZoneRating overall = day.rating().overall();
        jdbc.sql(FILL)
                .param("id", day.id())
                .param("definition", overall.definition())
                .param("clumping", overall.clumping())
                .param("frizz", overall.frizz())
                .param("volume", overall.volume())
                .param("timely", day.rating().isTimely())
                .update();
    }

    /** The one replaced last first. */
    public List<ScoreRepository.Corrected> before(long id) {
        return scores.before(id);
    }

    /** Puts back a score that was replaced elsewhere. */
    @Transactional
    public void ratedBefore(long id, ScoreRepository.Corrected corrected) {
        scores.ratedBefore(id, corrected);
    }

    /** What happened at the chair, in the order of its time. */
    public List<ChairEvent> events(long id) {
        return events.ofDay(id);
    }

    /**
     * Out of the log, or back into it where {@code at} is null.
     *
     * @throws NotFoundException where it is not in the log, or was not taken out of it
     */
    @Transactional
    void remove(long id, Instant at) {
        int moved = jdbc.sql(REMOVE)
                .param("id", id)
                .param("at", utc(at))
                .param("here", at != null)
                .update();
        if (moved == 0) {
            throw new NotFoundException("wash day", id);
        }
    }

    /** As it stood elsewhere: begun or over or neither, whatever its record and its scores would make of it. */
    @Transactional
    public void standsAt(long id, Instant started, Instant finished) {
        jdbc.sql(STANDS)
                .param("id", id)
                .param("started", utc(started))
                .param("finished", utc(finished))
                .update();
    }

    public List<FollowingDay> following(long id) {
        return following.ofDay(id);
    }

    @Transactional
    public void follow(long id, FollowingDay day) {
        lock(id);
        following.keep(id, day);
    }

    @Transactional
    void unfollow(long id, int day) {
        following.remove(id, day);
    }

    /** A row as it is kept; what happened at the chair is asked for apart, for all rows at once. */
    private record Kept(long id, Function<List<ChairEvent>, WashDay> with) {}

    private List<WashDay> whole(List<Kept> rows) {
        Map<Long, List<ChairEvent>> happened =
                events.ofDays(rows.stream().map(Kept::id).toList());
        return rows.stream()
                .map(row -> row.with().apply(happened.getOrDefault(row.id(), List.of())))
                .toList();
    }

    private Kept kept(ResultSet row, int n) throws SQLException {
        WashDay bare = washDay(row);
        return new Kept(bare.id(), happened -> bare.withRecord(ChairRecord.of(bare.routine(), happened)));
    }

    private WashDay washDay(ResultSet row) throws SQLException {
        long id = row.getLong("id");
        Rating rating = shapes.kept(row.getString("rating"), Rating.class);
        Routine routine = shapes.kept(row.getString("routine"), Routine.class);
        return new WashDay(
                id,
                row.getLong("client_id"),
                row.getString("name"),
                instant(row, "planned_at"),
                instant(row, "started_at"),
                instant(row, "finished_at"),
                shapes.kept(row.getString("hair"), Hair.class),
                shapes.kept(row.getString("goal"), Goal.class),
                shapes.kept(row.getString("air"), Air.class),
                shapes.kept(row.getString("schools"), Schools.class),
                shapes.kept(row.getString("limits"), Limits.class),
                routine,
                null,
                rating,
                RatingSummary.of(rating),
                row.getInt("version"),
                row.getBoolean("refresh"));
    }

    private static Instant instant(ResultSet row, String column) throws SQLException {
        OffsetDateTime at = row.getObject(column, OffsetDateTime.class);
        return at == null ? null : at.toInstant();
    }

    private static OffsetDateTime utc(Instant instant) {
        return instant == null ? null : instant.atOffset(ZoneOffset.UTC);
    }
}
