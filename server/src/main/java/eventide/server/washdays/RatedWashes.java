package eventide.server.washdays;

import eventide.log.Rating;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

/** The washes of all heads that were scored, as they are learned from. */
@Repository
@Transactional(readOnly = true)
public class RatedWashes {
    /** As many as a large salon does in some years: older ones tell little of hair as it is now. */
    private static final int MOST = 5000;

    private static final String LATEST =
            """
            select w.id, w.client_id, w.version, c.version client_version
              from wash_day w join client c on c.id = w.client_id
             where w.rating is not null and w.removed_at is null and not w.refresh
             order by w.planned_at desc, w.id desc limit :most
            """;
    private static final String OF_CLIENT =
            """
            select id from wash_day where client_id = :client and rating is not null and removed_at is null and not refresh
             order by planned_at, id
            """;

    private final JdbcClient jdbc;
    private final WashDayRepository washDays;
    private final ScoreRepository scores;

    RatedWashes(JdbcClient jdbc, WashDayRepository washDays, ScoreRepository scores) {
        this.jdbc = jdbc;
        this.washDays = washDays;
        this.scores = scores;
    }

    /** A wash that was scored, by what changes when it, or its head's reading, does. */
    public record Rated(long id, long clientId, int version, int clientVersion) {}

    /** A wash with the first scores given when they should be; none where all were given too early. */
    public record Honest(WashDay day, Rating rating) {}

    /** The latest first. */
    public List<Rated> latest() {
        return jdbc.sql(LATEST)
                .param("most", MOST)
                .query((row, n) -> new Rated(
                        row.getLong("id"),
                        row.getLong("client_id"),
                        row.getInt("version"),
                        row.getInt("client_version")))
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
    public List<Honest> ofClient(long client) {
        return honest(
                jdbc.sql(OF_CLIENT).param("client", client).query(Long.class).list());
    }

    private static Rating first(List<Rating> before, Rating now) {
        return Stream.concat(before.stream(), Stream.ofNullable(now))
                .filter(Rating::isTimely)
                .findFirst()
                .orElse(null);
    }
}
