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
    private static final String RATED =
            """
            select id, client_id, version from wash_day where rating is not null and removed_at is null order by id
            """;

    private final JdbcClient jdbc;
    private final WashDayRepository washDays;
    private final ScoreRepository scores;

    RatedWashes(JdbcClient jdbc, WashDayRepository washDays, ScoreRepository scores) {
        this.jdbc = jdbc;
        this.washDays = washDays;
        this.scores = scores;
    }

    /** A wash that was scored, by what changes when it does. */
    public record Rated(long id, long clientId, int version) {}

    /** A wash with the first scores given when they should be; none where all were given too early. */
    public record Honest(WashDay day, Rating rating) {}

    public List<Rated> all() {
        return jdbc.sql(RATED)
                .query((row, n) -> new Rated(row.getLong("id"), row.getLong("client_id"), row.getInt("version")))
                .list();
    }

    /** Some of them: a mind changed later does not count. */
    public List<Honest> honest(List<Long> ids) {
        Map<Long, List<Rating>> before = scores.before(ids);
        return washDays.ofIds(ids).stream()
                .map(day -> new Honest(day, first(before.getOrDefault(day.id(), List.of()), day.rating())))
                .toList();
    }

    /** The oldest first. */
    public List<Honest> ofClient(long client) {
        return honest(all().stream()
                .filter(rated -> rated.clientId() == client)
                .map(Rated::id)
                .toList());
    }

    private static Rating first(List<Rating> before, Rating now) {
        return Stream.concat(before.stream(), Stream.ofNullable(now))
                .filter(Rating::isTimely)
                .findFirst()
                .orElse(null);
    }
}
