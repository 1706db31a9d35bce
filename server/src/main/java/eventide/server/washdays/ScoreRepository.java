package eventide.server.washdays;

import eventide.hair.Zone;
import eventide.log.Rating;
import eventide.server.json.Shapes;
import eventide.shape.Shape;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** Scores zone by zone in rows, and those that a later score replaced. */
@Repository
@Transactional(readOnly = true)
public class ScoreRepository {
    private static final String KEEP_BEFORE =
            """
            insert into rating_before (wash_day_id, rating, replaced_at)
            select id, rating, :now from wash_day where id = :id and rating is not null
            """;
    private static final String PUT_BEFORE =
            """
            insert into rating_before (wash_day_id, rating, replaced_at) values (:id, :rating, :at)
            """;
    private static final String BEFORE =
            """
            select rating, replaced_at from rating_before where wash_day_id = :id order by id desc
            """;
    private static final String SCORED =
            """
            select planned_at, rating from wash_day where client_id = :client and removed_at is null and not refresh
             order by planned_at desc, id desc
            """;
    private static final String CLEAR = """
            delete from wash_score where wash_day_id = :id
            """;
    private static final String INSERT =
            """
            insert into wash_score (wash_day_id, zone, score, points) values (:id, :zone, :score, :points)
            """;

    private static final String ALL_BEFORE =
            """
            select wash_day_id, rating from rating_before where wash_day_id in (:ids) order by wash_day_id, id
            """;

    private final JdbcClient jdbc;
    private final Shapes shapes;

    ScoreRepository(JdbcClient jdbc, Shapes shapes) {
        this.jdbc = jdbc;
        this.shapes = shapes;
    }

    /** A score as it was before it was given anew. */
    public record Corrected(Rating rating, Instant replacedAt) {
        public Corrected {
            Shape.check(Corrected.class, rating, replacedAt);
        }
    }

    /** Keeps what stands, about to be replaced. */
    @Transactional
    void keepBefore(long washDay, Instant now) {
        jdbc.sql(KEEP_BEFORE).param("id", washDay).param("now", utc(now)).update();
    }

    /** In place of what stood. */
    @Transactional
    void put(long washDay, Rating rating) {
        jdbc.sql(CLEAR).param("id", washDay).update();
        for (Map.Entry<Zone, Rating.ZoneRating> entry : rating.byZone().entrySet()) {
            Rating.ZoneRating zone = entry.getValue();
            put(washDay, entry.getKey(), "definition", zone.definition());
            put(washDay, entry.getKey(), "clumping", zone.clumping());
            put(washDay, entry.getKey(), "frizz", zone.frizz());
            put(washDay, entry.getKey(), "volume", zone.volume());
        }
    }

    /** A wash of a client: when it was, and how it came out, null where nobody scored it. */
    record Scored(Instant plannedAt, RatingSummary summary) {}

    List<Scored> ofClient(long client) {
        return jdbc.sql(SCORED)
                .param("client", client)
                .query((row, n) -> new Scored(
                        row.getObject("planned_at", OffsetDateTime.class).toInstant(),
                        RatingSummary.of(shapes.kept(row.getString("rating"), Rating.class))))
                .list();
    }

    /** The one replaced last first. */
    List<Corrected> before(long washDay) {
        return jdbc.sql(BEFORE)
                .param("id", washDay)
                .query((row, n) -> new Corrected(
                        shapes.kept(row.getString("rating"), Rating.class),
                        row.getObject("replaced_at", OffsetDateTime.class).toInstant()))
                .list();
    }

    /** Puts back a score that was replaced elsewhere. */
    @Transactional
    void ratedBefore(long washDay, Corrected corrected) {
        jdbc.sql(PUT_BEFORE)
                .param("id", washDay)
                .param("rating", shapes.keep(corrected.rating()))
                .param("at", utc(corrected.replacedAt()))
                .update();
    }

    /** Of some washes the scores that were replaced, those given first first; a wash without any is absent. */
    Map<Long, List<Rating>> before(List<Long> washDays) {
        Map<Long, List<Rating>> before = new HashMap<>();
        if (!washDays.isEmpty()) {
            jdbc.sql(ALL_BEFORE).param("ids", washDays).query(row -> {
                before.computeIfAbsent(row.getLong("wash_day_id"), any -> new ArrayList<>())
                        .add(shapes.kept(row.getString("rating"), Rating.class));
            });
        }
        return before;
    }

    private void put(long washDay, Zone zone, String score, double points) {
        jdbc.sql(INSERT)
                .param("id", washDay)
                .param("zone", zone.name())
                .param("score", score)
                .param("points", points)
                .update();
    }

    private static OffsetDateTime utc(Instant instant) {
        return instant.atOffset(ZoneOffset.UTC);
    }
}
