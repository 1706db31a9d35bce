package eventide.server.washdays;

import eventide.log.FollowingDay;
import eventide.log.Wear;
import eventide.routine.Routine;
import eventide.server.json.Shapes;
import java.time.Clock;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The washes of a head with how they wore, as its diary goes by them. */
@Repository
@Transactional(readOnly = true)
public class WornWashes {
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
    private final Clock clock;

    WornWashes(JdbcClient jdbc, Shapes shapes, WashDayRepository washDays, Clock clock) {
        this.jdbc = jdbc;
        this.shapes = shapes;
        this.washDays = washDays;
        this.clock = clock;
    }

    /** A wash that was begun, with its days. */
    public record Worn(WashDay day, Wear wear, List<FollowingDay> following) {}

    /** Those begun, the oldest first. */
    public List<Worn> ofClient(long client) {
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
}
