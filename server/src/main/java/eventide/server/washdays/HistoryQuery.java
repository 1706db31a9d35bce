package eventide.server.washdays;

import eventide.hair.Hair;
import eventide.log.FollowingDay;
import eventide.log.Rating;
import eventide.log.Wear;
import eventide.routine.Routine;
import eventide.server.clients.Client;
import eventide.server.json.Shapes;
import java.time.Clock;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/**
 * What the rest of the house asks of past washes: where each client's stand, how they wore, how they were scored. Each question is a few
 * statements, however many washes there are.
 */
@Repository
@Transactional(readOnly = true)
public class HistoryQuery {
    /** As many as a large salon does in some years: older ones tell little of hair as it is now. */
    private static final int MOST = 5000;

    private static final String LATEST =
            """
            select w.id, w.client_id, w.version, c.version client_version, w.care from (
                select id, client_id, version, planned_at, rated,
                       sum(case when started_at is null then 0 else version + 1 end)
                           over (partition by client_id order by planned_at, id) care
                  from (select id, client_id, version, planned_at, started_at, rating is not null rated
                          from wash_day where removed_at is null and not refresh
                         order by planned_at desc, id desc limit :most)) w
              join client c on c.id = w.client_id
             where w.rated order by w.planned_at desc, w.id desc
            """;
    private static final String RATED_OF_CLIENT =
            """
            select id from wash_day where client_id = :client and rating is not null and removed_at is null and not refresh
             order by planned_at, id
            """;
    private static final String STANDINGS =
            """
            select client_id, count(case when not refresh then finished_at end) done,
                   max(case when not refresh then started_at end) last,
                   max(case when finished_at is null then id end) open_id,
                   max(case when not refresh and finished_at is not null and (definition is null or not timely)
                            then id end) to_log
              from wash_day where removed_at is null group by client_id order by client_id
            """;
    private static final String FOLLOWING =
            """
            select f.wash_day_id, f.body from wash_following f join wash_day w on w.id = f.wash_day_id
             where w.client_id = :client and w.removed_at is null order by f.wash_day_id, f.day_no
            """;
    private static final String STAMPS =
            """
            select w.client_id, count(*) washes, sum(w.version) versions, max(w.id) latest,
                   (select count(*) from wash_following f join wash_day d on d.id = f.wash_day_id
                     where d.client_id = w.client_id) following
              from wash_day w where w.removed_at is null group by w.client_id order by w.client_id
            """;
    private static final String PLANNED =
            """
            select routine from wash_day
             where client_id = :client and started_at is null and removed_at is null and not refresh
               and planned_at > coalesce(
                   (select max(w.planned_at) from wash_day w
                     where w.client_id = :client and w.started_at is not null and w.removed_at is null),
                   timestamp '1970-01-01 00:00:00+00:00')
             order by planned_at desc, id desc limit 1
            """;

    private final JdbcClient jdbc;
    private final Shapes shapes;
    private final WashDayRepository washDays;
    private final ScoreRepository scores;
    private final CareHistory care;
    private final Clock clock;

    HistoryQuery(
            JdbcClient jdbc,
            Shapes shapes,
            WashDayRepository washDays,
            ScoreRepository scores,
            CareHistory care,
            Clock clock) {
        this.care = care;
        this.jdbc = jdbc;
        this.shapes = shapes;
        this.washDays = washDays;
        this.scores = scores;
        this.clock = clock;
    }

    /**
     * What a day's list says of one client's washes.
     *
     * @param open a wash day begun or planned and not finished, null for none
     * @param toLog one that is over and not scored, or was scored before its time, null for none
     */
    public record Standing(long client, int done, Instant last, Long open, Long toLog) {}

    /** Of every client with a wash day. */
    public List<Standing> standings() {
        return jdbc.sql(STANDINGS)
                .query((row, n) -> new Standing(
                        row.getLong("client_id"),
                        row.getInt("done"),
                        row.getObject("last", OffsetDateTime.class) == null
                                ? null
                                : row.getObject("last", OffsetDateTime.class).toInstant(),
                        row.getObject("open_id", Long.class),
                        row.getObject("to_log", Long.class)))
                .list();
    }

    /** The clients who are at the chair: begun and not over. */
    public Set<Long> atTheChair() {
        return washDays.running().stream().map(WashDay::clientId).collect(Collectors.toSet());
    }

    /** A wash that was begun, with its days. */
    public record Worn(WashDay day, Wear wear, List<FollowingDay> following) {}

    /** Those begun, the oldest first. */
    public List<Worn> wornBy(long client) {
        Map<Long, List<FollowingDay>> following = new HashMap<>();
        jdbc.sql(FOLLOWING).param("client", client).query(row -> {
            following
                    .computeIfAbsent(row.getLong("wash_day_id"), any -> new ArrayList<>())
                    .add(shapes.kept(row.getString("body"), FollowingDay.class));
        });
        List<Worn> worn = new ArrayList<>();
        for (WashDay day : washDays.ofClient(client)) {
            if (day.startedAt() != null && !day.routine().isRefresh()) {
                List<FollowingDay> own = following.getOrDefault(day.id(), List.of());
                worn.add(0, new Worn(day, Wear.of(day.rating(), own), own));
            }
        }
        return worn;
    }

    /** What is planned for a head and not begun yet; none where its last wash came later. */
    public Optional<Routine> planned(long client) {
        return jdbc.sql(PLANNED)
                .param("client", client)
                .query((row, number) -> shapes.kept(row.getString("routine"), Routine.class))
                .optional();
    }

    /** Of a wash, what was really done up to now. */
    public Routine done(WashDay day) {
        return day.washed(clock.instant()).routine();
    }

    /** By client, what changes whenever one of its washes or days does. */
    public Map<Long, List<Long>> stamps() {
        Map<Long, List<Long>> stamps = new HashMap<>();
        jdbc.sql(STAMPS).query(row -> {
            stamps.put(
                    row.getLong("client_id"),
                    List.of(
                            row.getLong("washes"),
                            row.getLong("versions"),
                            row.getLong("latest"),
                            row.getLong("following")));
        });
        return stamps;
    }

    /** The head as it is now, with what its washes have shown since it was read; null where it was not read yet. */
    public Hair hairToday(Client client) {
        return care.today(client);
    }

    /** By wash, the hair as it was when it was begun: what was given before counts. */
    public Map<Long, Hair> hairAt(List<WashDay> days) {
        Map<Long, CareHistory.Log> heads = new HashMap<>();
        Map<Long, Hair> hair = new HashMap<>();
        for (WashDay day : days) {
            hair.put(day.id(), heads.computeIfAbsent(day.clientId(), care::of).at(day));
        }
        return hair;
    }

    /**
     * A wash that was scored, by what changes when it, or its head's reading, does.
     *
     * @param care changes with the washes before it: what hair was given then bears on it
     */
    public record Rated(long id, long clientId, int version, int clientVersion, long care) {}

    /** A wash with the first scores given when they should be; none where all were given too early. */
    public record Honest(WashDay day, Rating rating) {}

    /** The latest first. */
    public List<Rated> rated() {
        return jdbc.sql(LATEST)
                .param("most", MOST)
                .query((row, n) -> new Rated(
                        row.getLong("id"),
                        row.getLong("client_id"),
                        row.getInt("version"),
                        row.getInt("client_version"),
                        row.getLong("care")))
                .list();
    }

    /** Some of them: a mind changed later does not count. */
    public List<Honest> honest(List<Long> ids) {
        Map<Long, List<Rating>> before = scores.before(ids);
        return washDays.ofIds(ids).stream()
                .map(day -> new Honest(day, first(before.getOrDefault(day.id(), List.of()), day.rating())))
                .toList();
    }

    /** All of one head. */
    public List<Honest> ratedOf(long client) {
        return honest(jdbc.sql(RATED_OF_CLIENT)
                .param("client", client)
                .query(Long.class)
                .list());
    }

    private static Rating first(List<Rating> before, Rating now) {
        return Stream.concat(before.stream(), Stream.ofNullable(now))
                .filter(Rating::isTimely)
                .findFirst()
                .orElse(null);
    }
}
